package lehrgang.core.procedure.parts;

import java.util.Arrays;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;

/// Where the alternative hypothesis lies.
public enum Alternative {
  TWO_SIDED("two-sided"),
  LESS("less"),
  GREATER("greater");

  /// The choice between them.
  public static final ProcedureOption.OneOf OPTION =
      new ProcedureOption.OneOf(
          "alternative", "hypotheses", "alternative", "two-sided", "less", "greater");

  private final String key;

  Alternative(String key) {
    this.key = key;
  }

  /// Its name in files and in the keys of sentences.
  public String key() {
    return key;
  }

  /// The one that is chosen.
  public static Alternative of(Choices choices) {
    String chosen = choices.option(OPTION);
    return Arrays.stream(values())
        .filter(side -> side.key.equals(chosen))
        .findFirst()
        .orElseThrow();
  }
}
