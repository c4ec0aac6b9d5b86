package lehrgang.desktop.desk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Answer;
import lehrgang.core.marking.AnswerReader;
import lehrgang.core.marking.AtOnce;
import lehrgang.core.marking.Judgement;
import lehrgang.core.marking.Mark;
import lehrgang.core.marking.Marker;
import lehrgang.core.marking.SlipTexts;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;

/// Judges single numbers that a class calls out, before any other is written.
public final class Guesses {
  private final OpenSolution solution;
  private final WorkedOut worked;

  public Guesses(OpenSolution solution, WorkedOut worked) {
    this.solution = solution;
    this.worked = worked;
  }

  /// What became of a guess.
  ///
  /// @param words what is said of it, in the words of the course
  public record Judged(Judgement verdict, String words) {}

  /// Judges a number; empty while the solution is not worked out.
  public Optional<Judged> judge(LineId line, String said) {
    return Optional.of(worked.now())
        .filter(Sight::isCurrent)
        .flatMap(Sight::result)
        .map(result -> judged(result.derivation(), line, said));
  }

  private Judged judged(Derivation derivation, LineId line, String said) {
    Solution now = solution.now();
    Wording wording = Wording.in(now.language(), now.ownWords());
    Answer answer =
        new AnswerReader(wording, now.format().style()).read(said, derivation.line(line).kind());
    Mark mark =
        Marker.of(now, derivation, List.of(line)).mark("", Map.of(line, answer)).marks().getFirst();
    return new Judged(mark.verdict(), AtOnce.of(mark, wording, new SlipTexts(now, derivation)));
  }
}
