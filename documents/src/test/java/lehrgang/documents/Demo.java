package lehrgang.documents;

import lehrgang.core.data.TableEntry;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.solution.Solution;
import lehrgang.documents.solutionfile.SolutionFile;

/// The demo's solution, worked out.
public final class Demo {
  private Demo() {}

  public static Solution solution() {
    return SolutionFile.demo().solution();
  }

  public static Page page(Audience audience) {
    return page(solution(), audience);
  }

  public static Page page(TableEntry table) {
    return page(solution().withTable(table), Audience.FULL);
  }

  public static Page page(Solution solution, Audience audience) {
    return switch (Procedure.deriveAtOnce(solution)) {
      case Procedure.Derived(var derivation) -> Page.of(solution, derivation, audience);
      case Procedure.Refused(var problems) -> throw new AssertionError(problems.toString());
    };
  }
}
