package lehrgang.desktop.window;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.compose.Composer;
import lehrgang.core.compose.Order;
import lehrgang.core.compose.Proposal;
import lehrgang.core.marking.Marker;
import lehrgang.core.page.Audience;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.FxTurn;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.handout.pdf.PdfHandout;
import lehrgang.documents.personal.ClassList;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;

/// One piece of each kind of work that computes, over and over beside the window.
final class OtherWork {
  private final List<BackgroundWork> all = new ArrayList<>();

  private OtherWork() {}

  /// Begins all of it.
  static OtherWork begin() {
    OtherWork work = new OtherWork();
    Solution solution = SolutionFile.demo().solution();
    Proposal model = Proposal.of(solution).orElseThrow();
    Solved solved = new Solved(solution, model.derivation());
    ClassList students =
        new ClassList("class", IntStream.range(0, 60).mapToObj(k -> "s" + k).toList());
    Solution simulated = DemoCourse.open("orchid-meadows").solution();
    FxTurn.run(
        () -> {
          work.repeat(_ -> Procedures.workAtOnce(simulated));
          work.repeat(
              _ ->
                  Composer.like(model)
                      .compose(new Order(3, 3, 0, 500, List.of()), System.nanoTime()));
          work.repeat(progress -> PersonalClass.draw(model, students, System.nanoTime(), progress));
          work.repeat(
              _ -> Marker.of(solution, model.derivation(), solved.blanks().lines()).hashCode());
          work.repeat(
              _ -> PdfHandout.of(lehrgang.documents.handout.order.Order.of(solved, Audience.FULL)));
        });
    return work;
  }

  private <T> void repeat(BackgroundWork.Job<T> job) {
    BackgroundWork work = new BackgroundWork(Demand.PROCESSOR);
    all.add(work);
    again(work, job);
  }

  private static <T> void again(BackgroundWork work, BackgroundWork.Job<T> job) {
    work.begin(job, BackgroundWork.Outcome.of(_ -> again(work, job), System.err::println));
  }

  /// How many kinds there are.
  int kinds() {
    return all.size();
  }

  void stop() {
    FxTurn.run(() -> all.forEach(BackgroundWork::stop));
  }
}
