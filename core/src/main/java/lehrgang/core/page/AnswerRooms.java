package lehrgang.core.page;

import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.number.Format;
import lehrgang.core.number.Kind;

/// How much room answers need: as much as any number of their sort does, so that the room tells
/// nothing of the answer.
final class AnswerRooms {
  private static final int WHOLE_DIGITS = 3;

  private final Derivation derivation;
  private final Format format;
  private int digitsOfTotal;

  AnswerRooms(Derivation derivation, Format format) {
    this.derivation = derivation;
    this.format = format;
  }

  /// How many figures and signs a number of a sort has at most.
  int charactersOf(Kind kind) {
    int decimals = format.decimalsOf(kind) == 0 ? 0 : format.decimalsOf(kind) + 1;
    return switch (kind) {
      case COUNT -> digitsOfTotal();
      case EXPECTED -> digitsOfTotal() + decimals;
      case DEGREES_OF_FREEDOM, CONDITION, DECISION -> WHOLE_DIGITS;
      case P_VALUE, PROBABILITY, SHARE, CLAIM, LEVEL, STANDARD_ERROR, EFFECT -> 1 + decimals;
      case CONTRIBUTION, CRITICAL, RESIDUAL -> WHOLE_DIGITS - 1 + decimals;
      case STATISTIC, MEASURE -> WHOLE_DIGITS + decimals;
    };
  }

  /// As many as the largest count has.
  private synchronized int digitsOfTotal() {
    if (digitsOfTotal == 0) {
      Evaluation exact = derivation.exact();
      digitsOfTotal =
          derivation.lines().values().stream()
              .filter(line -> line.kind() == Kind.COUNT)
              .flatMap(line -> exact.find(line.id()).stream())
              .mapToInt(count -> count.magnitude().rounded(0).toPlainString().length())
              .max()
              .orElse(WHOLE_DIGITS);
    }
    return digitsOfTotal;
  }
}
