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
@Command(name = "derive", resourceBundle = "lehrgang.app.messages", mixinStandardHelpOptions = true)
final class DeriveCommand implements Callable<Integer> {
  @Parameters(
      index = "0",
      paramLabel = "PROCEDURE",
      descriptionKey = "help.derive.procedure",
      completionCandidates = ProcedureNames.class)
  private String name;

  @Parameters(
      index = "1",
      arity = "0..1",
      paramLabel = "DATA.csv",
      descriptionKey = "help.derive.data")
  private String file;

  @Mixin private GivenTable data;

  @Mixin private StoryOptions story;

  @Option(
      names = "--round-on-the-way",
      paramLabel = "K",
      descriptionKey = "help.derive.round-on-the-way")
  private Integer onTheWay;

  @Option(names = "--decimals", paramLabel = "K", descriptionKey = "help.derive.decimals")
  private Integer decimals;

  @Option(names = "--json", descriptionKey = "help.derive.json")
  private boolean json;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    Procedure procedure =
        Procedures.find(name)
            .orElseThrow(
                () ->
                    new Complaint(
                        Phrase.of("derive.no-procedure")
                            .with("name", name)
                            .with("choice", Phrase.listed(ProcedureNames.all(), "list.or"))));
    ProcedureFlags flags =
        ProcedureFlags.of(spec.commandLine().getParseResult(), procedure, Procedures.all());
    GivenTable.Table table = data.read(procedure, Optional.ofNullable(file));
    Solution solution =
        new Solution(
            new Question(GivenTable.title(Optional.ofNullable(file)), "", "")
                .withStory(story.of(table.recognised().table())),
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
          Phrase.of("derive.decimals")
              .with("option", option)
              .with("number", number)
              .with("most", Decimals.MOST));
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
