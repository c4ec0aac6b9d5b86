package lehrgang.app;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import lehrgang.core.number.Decimals;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.documents.report.DerivationJson;
import lehrgang.documents.report.DerivationText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `lehrgang derive PROCEDURE DATA.csv`: a derivation as text or JSON.
@Command(
    name = "derive",
    description = "Works a solution out and prints it as text, or as JSON.",
    mixinStandardHelpOptions = true)
final class DeriveCommand implements Callable<Integer> {
  @Parameters(
      index = "0",
      paramLabel = "PROCEDURE",
      description = "One of ${COMPLETION-CANDIDATES}.",
      completionCandidates = ProcedureNames.class)
  private String name;

  @Parameters(
      index = "1",
      arity = "0..1",
      paramLabel = "DATA.csv",
      description =
          "For independence, matched-pairs, fisher and simulation a labelled table: a free corner"
              + " cell and the column labels, then a label and its counts a row. For"
              + " goodness-of-fit and simulation lines of category, observed and perhaps share. For"
              + " layers the layer in the first column and the row in the second, or a line with"
              + " the layer's name above each table. Totals are recognised and left out. - reads"
              + " standard input.")
  private String file;

  @Mixin private GivenTable data;

  @Option(
      names = "--round-on-the-way",
      paramLabel = "K",
      description = "Round every line to K decimals before it is used again, as on paper.")
  private Integer onTheWay;

  @Option(
      names = "--decimals",
      paramLabel = "K",
      description = "Show every number that is not a count with K decimals.")
  private Integer decimals;

  @Option(names = "--json", description = "Print one JSON document.")
  private boolean json;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    Procedure procedure =
        Procedures.find(name)
            .orElseThrow(
                () ->
                    new Complaint(
                        "There is no procedure “%s”; use %s."
                            .formatted(name, Complaint.list(ProcedureNames.all(), "or"))));
    ProcedureFlags flags = ProcedureFlags.of(spec.commandLine().getParseResult(), procedure);
    GivenTable.Table table = data.read(procedure, Optional.ofNullable(file));
    Solution solution =
        new Solution(
            new Question(GivenTable.title(Optional.ofNullable(file)), "", ""),
            Locale.ENGLISH,
            table.recognised().table(),
            procedure.id(),
            flags.choices(
                table.recognised().table(),
                places("--decimals", decimals),
                places("--round-on-the-way", onTheWay)),
            Map.of(),
            Map.of());
    if (table.origin().isPresent()) {
      solution = solution.withOrigin(table.origin().get());
    }
    print(solution, table.recognised().notes());
    return 0;
  }

  private static Optional<Integer> places(String option, Integer number) {
    if (number != null && (number < 0 || number > Decimals.MOST)) {
      throw new Complaint(
          "%s is %d; use a number of decimals from 0 to %d."
              .formatted(option, number, Decimals.MOST));
    }
    return Optional.ofNullable(number);
  }

  private void print(Solution solution, List<Phrase> notes) {
    var derivation = Deriving.derive(solution, spec.commandLine().getErr());
    if (json) {
      Output.print(DerivationJson.of(solution, derivation, notes), spec.commandLine().getOut());
      return;
    }
    Page page = Page.of(solution, derivation, Audience.FULL);
    Output.print(DerivationText.of(page), spec.commandLine().getOut());
    Wording wording = Wording.english();
    notes.forEach(note -> spec.commandLine().getErr().println(wording.text(note)));
  }
}
