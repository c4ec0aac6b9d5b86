package lehrgang.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import lehrgang.core.cases.Origin;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableEntry.Form;
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
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.report.DerivationJson;
import lehrgang.documents.report.DerivationText;
import lehrgang.documents.solutionfile.FileProblem;
import lehrgang.documents.table.TableImport;
import picocli.CommandLine.ArgGroup;
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
      description =
          "independence, goodness-of-fit, one-proportion, two-proportions, matched-pairs,"
              + " fisher, simulation or layers.")
  private String procedure;

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
  private String data;

  @ArgGroup(exclusive = false)
  private RecordOptions records;

  @Option(
      names = "--successes",
      paramLabel = "X",
      description = "one-proportion: the number of successes.")
  private String successes;

  @Option(
      names = "--trials",
      paramLabel = "N",
      description = "one-proportion: the number of trials.")
  private String trials;

  @Option(
      names = "--claimed",
      paramLabel = "P",
      description = "one-proportion: the share that H0 claims, such as 0.25, 25%% or 1/4.")
  private String claimed;

  @Option(
      names = "--first",
      paramLabel = "X/N",
      description = "two-proportions: successes and trials of the first group.")
  private String first;

  @Option(
      names = "--second",
      paramLabel = "X/N",
      description = "two-proportions: successes and trials of the second group.")
  private String second;

  @Option(
      names = "--difference",
      paramLabel = "D",
      description = "two-proportions: the difference that H0 states. Default: 0.")
  private String difference;

  @Option(
      names = "--alternative",
      paramLabel = "SIDE",
      defaultValue = "two-sided",
      description =
          "For proportions and fisher: two-sided, less or greater. Default: ${DEFAULT-VALUE}.")
  private String alternative;

  @Option(
      names = "--estimated",
      paramLabel = "M",
      description = "goodness-of-fit: parameters of the shares estimated from the data.")
  private String estimated;

  @Option(
      names = "--rescale",
      description = "goodness-of-fit: rescale stated shares that do not add up.")
  private boolean rescale;

  @Option(
      names = "--decides",
      paramLabel = "WHICH",
      defaultValue = "plain",
      description = "matched-pairs: plain, corrected or exact. Default: ${DEFAULT-VALUE}.")
  private String decides;

  @Option(
      names = "--repetitions",
      paramLabel = "B",
      description = "simulation: how many tables are drawn. Default: 9999.")
  private String repetitions;

  @Option(
      names = "--seed",
      paramLabel = "S",
      description = "simulation: the same seed draws the same tables. Default: 1.")
  private String seed;

  @Option(
      names = "--continuity",
      description = "two-proportions, layers: let the statistic with continuity correction decide.")
  private boolean continuity;

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
              .formatted(procedure, choice(Procedure.all().stream().map(Procedure::id).toList())));
    }
    Choices choices = choices();
    Optional<Origin> origin =
        Optional.ofNullable(records).map(given -> given.count(file(), Procedure.of(procedure)));
    TableImport.Recognised table =
        origin
            .map(
                counted ->
                    new TableImport.Recognised(
                        counted.tally().table(), List.of(), Optional.empty()))
            .orElseGet(this::table);
    Solution solution =
        new Solution(
            new Question(title(), "", ""),
            Locale.ENGLISH,
            table.table(),
            procedure,
            choices,
            Map.of(),
            Map.of(),
            origin);
    if (yates && form() == Form.LAYERS) {
      throw new Complaint("--yates is for one table; for layers use --continuity.");
    }
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

  private Form form() {
    return Procedure.of(procedure).forms().getFirst();
  }

  private String title() {
    if (form() == Form.SHARES) {
      return "Shares";
    }
    return file().equals(STANDARD_INPUT)
        ? "Standard input"
        : Path.of(file()).getFileName().toString();
  }

  private String file() {
    if (data == null) {
      throw new Complaint(
          "%s needs a file with its table; - reads standard input.".formatted(procedure));
    }
    return data;
  }

  private Choices choices() {
    oneOf("--story", story, "independence", "homogeneity");
    oneOf("--route", route, "margins", "share");
    oneOf("--conditions", conditions, "every-5", "fifth-5");
    oneOf("--alternative", alternative, "two-sided", "less", "greater");
    oneOf("--decides", decides, "plain", "corrected", "exact");
    Decimals shown = Decimals.usual();
    if (decimals != null) {
      shown = shown.withAll(places("--decimals", decimals));
    }
    Map<String, String> numbers = new LinkedHashMap<>();
    put(numbers, "claimed", claimed);
    put(numbers, "difference", difference);
    put(numbers, "estimated", estimated);
    put(numbers, "repetitions", repetitions);
    put(numbers, "seed", seed);
    return new Choices(
        alpha,
        numbers,
        Map.of(
            "story", story,
            "route", route,
            "conditions", conditions,
            "correction", yates ? "yates" : continuity ? "half" : "plain",
            "alternative", alternative,
            "shares", rescale ? "rescaled" : "as-stated",
            "decides", decides,
            "continuity", continuity ? "corrected" : "plain"),
        shown,
        Optional.ofNullable(onTheWay).map(k -> places("--round-on-the-way", k)));
  }

  private static void put(Map<String, String> numbers, String field, String typed) {
    if (typed != null) {
      numbers.put(field, typed);
    }
  }

  /// As "a, b or c".
  private static String choice(List<String> known) {
    return String.join(", ", known.subList(0, known.size() - 1)) + " or " + known.getLast();
  }

  private static void oneOf(String option, String value, String... known) {
    if (!List.of(known).contains(value)) {
      throw new Complaint("%s is “%s”; use %s.".formatted(option, value, choice(List.of(known))));
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
    if (form() == Form.TWO_WAY && Procedure.of(procedure).forms().contains(Form.FREQUENCIES)) {
      return recognised(TableImport.readAs(Form.TWO_WAY, text()));
    }
    return switch (form()) {
      case TWO_WAY -> recognised(TableImport.read(text()));
      case FREQUENCIES -> recognised(TableImport.readFrequencies(text()));
      case SHARES -> new TableImport.Recognised(shares(), List.of(), Optional.empty());
      case LAYERS -> recognised(TableImport.readLayers(text()));
    };
  }

  private TableEntry shares() {
    if (data != null) {
      throw new Complaint(
          "%s takes its numbers as options and no file; leave out %s.".formatted(procedure, data));
    }
    boolean two = Procedure.of(procedure).groups() == 2;
    List<List<String>> groups =
        two
            ? List.of(share("--first", first), share("--second", second))
            : List.of(
                List.of(given("--successes", successes, "X"), given("--trials", trials, "N")));
    if (!two) {
      given("--claimed", claimed, "P");
    }
    return new TableEntry(
        Form.SHARES,
        "group",
        "success",
        two ? List.of("first group", "second group") : List.of("sample"),
        List.of(TableEntry.SUCCESSES, TableEntry.TRIALS),
        groups);
  }

  private String given(String option, String value, String form) {
    if (value == null) {
      throw new Complaint("%s needs %s %s.".formatted(procedure, option, form));
    }
    return value;
  }

  private List<String> share(String option, String typed) {
    List<String> parts = List.of(given(option, typed, "X/N").split("/", -1));
    if (parts.size() != 2) {
      throw new Complaint(
          "%s is “%s”; write successes and trials as X/N, such as 121/140."
              .formatted(option, typed));
    }
    return parts.stream().map(String::strip).toList();
  }

  private static TableImport.Recognised recognised(TableImport.Result result) {
    return switch (result) {
      case TableImport.Recognised recognised -> recognised;
      case TableImport.Unreadable(var problem) ->
          throw new Complaint(Wording.english().text(problem.sentence()));
    };
  }

  private String text() {
    try {
      if (file().toLowerCase(Locale.ROOT).matches(".*[.](xlsx|ods)")) {
        return CaseSource.open(Path.of(data)).text();
      }
      return file().equals(STANDARD_INPUT)
          ? new String(System.in.readAllBytes(), StandardCharsets.UTF_8)
          : Files.readString(Path.of(data));
    } catch (FileProblem e) {
      throw new Complaint(e.getMessage());
    } catch (NoSuchFileException e) {
      throw new Complaint("There is no file " + data + ": check the name and the folder.");
    } catch (MalformedInputException e) {
      throw new Complaint(data + " is not text in UTF-8: save it as CSV in UTF-8 and try again.");
    } catch (IOException e) {
      throw new Complaint(data + " cannot be read: check that it is a file you may read.");
    }
  }

  private static Derivation derive(Solution solution, List<Phrase> notes) {
    return switch (Procedure.deriveAtOnce(solution)) {
      case Procedure.Derived(var derivation) -> derivation.withNotes(notes);
      case Procedure.Refused(var problems) ->
          throw new Complaint(Wording.english().text(problems.getFirst().sentence()));
    };
  }
}
