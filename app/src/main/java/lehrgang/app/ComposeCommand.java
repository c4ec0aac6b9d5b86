package lehrgang.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import lehrgang.core.compose.Composer;
import lehrgang.core.compose.Offer;
import lehrgang.core.compose.Order;
import lehrgang.core.compose.Proposal;
import lehrgang.core.data.TableEntry;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.report.ProposalsReport;
import lehrgang.documents.solutionfile.SolutionFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `lehrgang compose PROCEDURE`: tables that show what is wished.
@Command(
    name = "compose",
    resourceBundle = "lehrgang.app.messages",
    mixinStandardHelpOptions = true)
final class ComposeCommand implements Callable<Integer> {
  @Parameters(
      index = "0",
      paramLabel = "PROCEDURE",
      descriptionKey = "help.compose.procedure",
      completionCandidates = ComposedNames.class)
  private String name;

  @Mixin private WishOptions wished;

  @Option(names = "--like", paramLabel = "FILE", descriptionKey = "help.compose.like")
  private Path like;

  @Option(
      names = "--seed",
      paramLabel = "N",
      defaultValue = "1",
      descriptionKey = "help.compose.seed")
  private long seed;

  @Option(names = "--json", descriptionKey = "help.compose.json")
  private boolean json;

  @Option(
      names = {"-o", "--output"},
      paramLabel = "FILE",
      descriptionKey = "help.compose.output")
  private Path out;

  @Option(names = "--take", paramLabel = "K", descriptionKey = "help.compose.take")
  private Integer take;

  @Spec private CommandSpec spec;

  /// The procedures whose tables are composed.
  static List<Procedure> procedures() {
    return Procedures.all().stream().filter(one -> Offer.of(one.id()).isPresent()).toList();
  }

  @Override
  public Integer call() {
    Offer offer =
        Offer.of(name)
            .orElseThrow(
                () ->
                    new Complaint(
                        Phrase.of("compose.no-procedure")
                            .with("name", name)
                            .with("choice", Phrase.listed(Offer.procedures(), "list.or"))));
    if (take != null && out == null) {
      throw new Complaint(Phrase.of("compose.take-where"));
    }
    if (out != null) {
      OutputPlace.check(out, like == null ? List.of() : List.of(like));
    }
    Procedure procedure = Procedures.of(name);
    ProcedureFlags flags =
        ProcedureFlags.of(spec.commandLine().getParseResult(), procedure, procedures());
    WishOptions.Size size = wished.size(offer, procedure);
    Proposal model =
        Proposal.of(model(procedure, flags, size))
            .orElseThrow(() -> new Complaint(Phrase.of("compose.no-model")));
    Order order =
        new Order(
            size.rows(), size.columns(), size.layers(), wished.n(name), wished.wishes(offer, name));
    Composer.Composition composed = Composer.like(model).compose(order, seed);
    if (composed.proposals().isEmpty()) {
      throw Complaint.ofSolution(composed.obstacle().orElseThrow());
    }
    tell(composed.proposals());
    return 0;
  }

  private Solution model(Procedure procedure, ProcedureFlags flags, WishOptions.Size size) {
    if (like != null) {
      Solution solution = load();
      if (!solution.procedure().equals(procedure.id())) {
        throw new Complaint(
            Phrase.of("compose.other-procedure")
                .with("file", like.toString())
                .with("found", solution.procedure())
                .with("procedure", procedure.id()));
      }
      return solution;
    }
    TableEntry table =
        wished.labelled(Offer.plain(procedure, size.rows(), size.columns(), size.layers()));
    return new Solution(
        new Question("", "", ""),
        Locale.ENGLISH,
        table,
        procedure.id(),
        flags.choices(table, Optional.empty(), Optional.empty()),
        procedure.usualStudentViews(),
        Map.of());
  }

  private Solution load() {
    return SolutionInput.load(like, spec.commandLine().getErr()).solution();
  }

  private void tell(List<Proposal> proposals) {
    List<Page> pages =
        proposals.stream()
            .map(found -> Page.of(found.solution(), found.derivation(), Audience.FULL))
            .toList();
    if (out != null) {
      int taken = take == null ? 1 : take;
      if (taken < 1 || taken > proposals.size()) {
        throw new Complaint(
            Phrase.of("compose.take").with("number", taken).with("most", proposals.size()));
      }
      save(proposals.get(taken - 1).solution());
    }
    Output.print(
        json ? ProposalsReport.json(name, proposals) : ProposalsReport.text(proposals, pages),
        spec.commandLine().getOut());
  }

  private void save(Solution solution) {
    try {
      SolutionFile.fresh(solution).save(out);
    } catch (FileProblem e) {
      throw new Failure(e);
    }
  }
}
