package lehrgang.app;

import java.io.PrintWriter;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.simulation.Draws;
import lehrgang.core.simulation.Simulator;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.core.work.Progress;

/// Works solutions out for commands, however long it takes.
final class Deriving {
  /// Progress is worth a line each time another tenth is done.
  private static final int PARTS = 10;

  /// So many counts are drawn in a moment.
  private static final long SHORT = 5_000_000;

  private Deriving() {}

  /// @param out what is told how far long work is
  /// @throws Complaint if something is wrong with the data or the choices
  static Derivation derive(Solution solution, PrintWriter out) {
    return switch (Procedures.work(solution)) {
      case Procedure.Settled settled -> derivation(settled);
      case Procedure.Waiting waiting -> derivation(waiting.then().apply(draws(waiting, out)));
    };
  }

  private static Derivation derivation(Procedure.Settled settled) {
    return switch (settled) {
      case Procedure.Derived(var derivation) -> derivation;
      case Procedure.Refused(var problems) -> throw Complaint.about(problems.getFirst());
    };
  }

  private static Draws draws(Procedure.Waiting waiting, PrintWriter out) {
    boolean slow = waiting.experiment().size() > SHORT;
    return Simulator.run(waiting.experiment(), slow ? tenths(out) : Progress.NONE);
  }

  private static Progress tenths(PrintWriter out) {
    int[] told = {0};
    return Progress.counting(
        100,
        percent -> {
          int done = percent / PARTS * PARTS;
          if (done > told[0]) {
            told[0] = done;
            out.println(Messages.text(Phrase.of("derive.drawing").with("part", done)));
            out.flush();
          }
        });
  }
}
