package lehrgang.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.number.Decimals;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.documents.report.DerivationJson;
import lehrgang.documents.report.DerivationText;
import lehrgang.documents.table.TableImport;
import picocli.CommandLine.Command;
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
  private static final String STANDARD_INPUT = "-";

  @Parameters(
      index = "0",
      paramLabel = "PROCEDURE",
      description = "independence: the chi-squared test on a two-way table.")
  private String procedure;

  @Parameters(
      index = "1",
      paramLabel = "DATA.csv",
      description =
          "A labelled table: a free corner cell and the column labels, then a label and its counts"
              + " a row. Totals are recognised and left out. - reads standard input.")
  private String data;

  @Option(
      names = "--alpha",
      paramLabel = "LEVEL",
      defaultValue = "0.05",
      description = "The significance level, such as 0.05 or 5%%. Default: ${DEFAULT-VALUE}.")
  private String alpha;

  @Option(
      names = "--story",
      paramLabel = "STORY",
      defaultValue = "independence",
      description = "independence or homogeneity. Default: ${DEFAULT-VALUE}.")
  private String story;

  @Option(
      names = "--route",
      paramLabel = "ROUTE",
      defaultValue = "margins",
      description = "The way to expected counts: margins or share. Default: ${DEFAULT-VALUE}.")
  private String route;

  @Option(
      names = "--conditions",
      paramLabel = "RULE",
      defaultValue = "every-5",
      description =
          "When the curve is fair: every-5, or fifth-5 (at most a fifth of the expected counts"
              + " below 5, none below 1). Default: ${DEFAULT-VALUE}.")
  private String conditions;

  @Option(
      names = "--yates",
      description = "For a 2 x 2 table: let the statistic with Yates' correction decide.")
  private boolean yates;

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
    if (Procedure.all().stream().noneMatch(known -> known.id().equals(procedure))) {
      throw new Complaint(
          "There is no procedure “%s”; use %s."
              .formatted(
                  procedure,
                  String.join(" or ", Procedure.all().stream().map(Procedure::id).toList())));
    }
    Choices choices = choices();
    TableImport.Recognised table = table();
    Solution solution =
        new Solution(
            new Question(title(), "", ""),
            Locale.ENGLISH,
            table.table(),
            procedure,
            choices,
            Map.of(),
            Map.of());
    if (yates && !(table.table().rows().size() == 2 && table.table().columns().size() == 2)) {
      throw new Complaint("--yates is for a 2 × 2 table; leave it out for this one.");
    }
    Derivation derivation = derive(solution, table.notes());
    Page page = Page.of(solution, derivation, Audience.FULL);
    PrintWriter out = spec.commandLine().getOut();
    out.print(json ? DerivationJson.of(page) : DerivationText.of(page));
    out.flush();
    Wording wording = Wording.english();
    if (!json) {
      table.notes().forEach(note -> spec.commandLine().getErr().println(wording.text(note)));
    }
    return 0;
  }

  private String title() {
    return data.equals(STANDARD_INPUT) ? "Standard input" : Path.of(data).getFileName().toString();
  }

  private Choices choices() {
    oneOf("--story", story, "independence", "homogeneity");
    oneOf("--route", route, "margins", "share");
    oneOf("--conditions", conditions, "every-5", "fifth-5");
    Decimals shown = Decimals.usual();
    if (decimals != null) {
      shown = shown.withAll(places("--decimals", decimals));
    }
    return new Choices(
        alpha,
        Map.of(),
        Map.of(
            "story", story,
            "route", route,
            "conditions", conditions,
            "correction", yates ? "yates" : "plain"),
        shown,
        Optional.ofNullable(onTheWay).map(k -> places("--round-on-the-way", k)));
  }

  private static void oneOf(String option, String value, String one, String other) {
    if (!value.equals(one) && !value.equals(other)) {
      throw new Complaint("%s is “%s”; use %s or %s.".formatted(option, value, one, other));
    }
  }

  private static int places(String option, int number) {
    if (number < 0 || number > Decimals.MOST) {
      throw new Complaint(
          "%s is %d; use a number of decimals from 0 to %d."
              .formatted(option, number, Decimals.MOST));
    }
    return number;
  }

  private TableImport.Recognised table() {
    return switch (TableImport.read(text())) {
      case TableImport.Recognised recognised -> recognised;
      case TableImport.Unreadable(var problem) ->
          throw new Complaint(Wording.english().text(problem.sentence()));
    };
  }

  private String text() {
    try {
      return data.equals(STANDARD_INPUT)
          ? new String(System.in.readAllBytes(), StandardCharsets.UTF_8)
          : Files.readString(Path.of(data));
    } catch (NoSuchFileException e) {
      throw new Complaint("There is no file " + data + ": check the name and the folder.");
    } catch (MalformedInputException e) {
      throw new Complaint(data + " is not text in UTF-8: save it as CSV in UTF-8 and try again.");
    } catch (IOException e) {
      throw new Complaint(data + " cannot be read: check that it is a file you may read.");
    }
  }

  private static Derivation derive(Solution solution, List<Phrase> notes) {
    return switch (Procedure.of(solution.procedure()).derive(solution)) {
      case Procedure.Derived(var derivation) -> derivation.withNotes(notes);
      case Procedure.Refused(var problems) ->
          throw new Complaint(Wording.english().text(problems.getFirst().sentence()));
    };
  }
}
