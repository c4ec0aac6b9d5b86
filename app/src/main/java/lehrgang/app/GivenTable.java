package lehrgang.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lehrgang.core.cases.Origin;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.table.TableImport;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Option;

/// The data of a derivation as they are given on the command line: a file with a table or with
/// records, standard input, or the numbers of shares.
final class GivenTable {
  private static final String STANDARD_INPUT = "-";

  @ArgGroup(exclusive = false)
  private RecordOptions records;

  @Option(names = "--successes", paramLabel = "X", descriptionKey = "help.derive.successes")
  private String successes;

  @Option(names = "--trials", paramLabel = "N", descriptionKey = "help.derive.trials")
  private String trials;

  @Option(names = "--first", paramLabel = "X/N", descriptionKey = "help.derive.first")
  private String first;

  @Option(names = "--second", paramLabel = "X/N", descriptionKey = "help.derive.second")
  private String second;

  /// A table with what was done to it, and where it was counted from.
  record Table(TableImport.Recognised recognised, Optional<Origin> origin) {}

  /// @param file of the table or the records; `-` for standard input
  /// @throws Complaint if there is no table, or what is given does not belong to the procedure
  Table read(Procedure procedure, Optional<String> file) {
    refuseOthers(procedure);
    if (records != null) {
      RecordOptions.Counted counted = records.count(file(procedure, file), procedure);
      return new Table(
          new TableImport.Recognised(
              counted.origin().tally().table(), counted.notes(), Optional.empty()),
          Optional.of(counted.origin()));
    }
    return new Table(table(procedure, file), Optional.empty());
  }

  private void refuseOthers(Procedure procedure) {
    boolean shares = form(procedure) == TableForm.SHARES;
    boolean one = shares && procedure.groups() == 1;
    boolean two = shares && procedure.groups() == 2;
    refuse("--successes", successes, one, procedure);
    refuse("--trials", trials, one, procedure);
    refuse("--first", first, two && records == null, procedure);
    refuse("--second", second, two && records == null, procedure);
  }

  private static void refuse(String flag, String value, boolean belongs, Procedure procedure) {
    if (value != null && !belongs) {
      ProcedureFlags.refuse(flag, procedure);
    }
  }

  private static TableForm form(Procedure procedure) {
    return procedure.forms().getFirst();
  }

  /// What the solution is called.
  static String title(Optional<String> file) {
    return file.map(
            name ->
                name.equals(STANDARD_INPUT)
                    ? Messages.text("data.standard-input")
                    : Path.of(name).getFileName().toString())
        .orElse(Messages.text("data.shares"));
  }

  private static String file(Procedure procedure, Optional<String> file) {
    return file.orElseThrow(
        () -> new Complaint(Phrase.of("data.needs-file").with("procedure", procedure.id())));
  }

  private TableImport.Recognised table(Procedure procedure, Optional<String> file) {
    return switch (form(procedure)) {
      case TWO_WAY ->
          procedure.forms().contains(TableForm.FREQUENCIES)
              ? recognised(TableImport.readAs(TableForm.TWO_WAY, text(file(procedure, file))))
              : recognised(TableImport.read(text(file(procedure, file))));
      case FREQUENCIES -> recognised(TableImport.readFrequencies(text(file(procedure, file))));
      case SHARES ->
          new TableImport.Recognised(shares(procedure, file), List.of(), Optional.empty());
      case LAYERS -> recognised(TableImport.readLayers(text(file(procedure, file))));
    };
  }

  private TableEntry shares(Procedure procedure, Optional<String> file) {
    file.ifPresent(
        name -> {
          throw new Complaint(
              Phrase.of("data.no-file").with("procedure", procedure.id()).with("file", name));
        });
    boolean two = procedure.groups() == 2;
    List<List<String>> groups =
        two
            ? List.of(share("--first", first, procedure), share("--second", second, procedure))
            : List.of(
                List.of(
                    given("--successes", successes, "X", procedure),
                    given("--trials", trials, "N", procedure)));
    return new TableEntry(
        TableForm.SHARES,
        Messages.text("data.group"),
        Messages.text("data.success"),
        two
            ? List.of(Messages.text("data.first-group"), Messages.text("data.second-group"))
            : List.of(Messages.text("data.sample")),
        List.of(TableEntry.SUCCESSES, TableEntry.TRIALS),
        groups);
  }

  private static String given(String option, String value, String form, Procedure procedure) {
    if (value == null) {
      throw new Complaint(
          Phrase.of("data.needs")
              .with("procedure", procedure.id())
              .with("option", option)
              .with("form", form));
    }
    return value;
  }

  private static List<String> share(String option, String typed, Procedure procedure) {
    List<String> parts = List.of(given(option, typed, "X/N", procedure).split("/", -1));
    if (parts.size() != 2) {
      throw new Complaint(Phrase.of("data.share").with("option", option).with("value", typed));
    }
    return parts.stream().map(String::strip).toList();
  }

  private static TableImport.Recognised recognised(TableImport.Result result) {
    return switch (result) {
      case TableImport.Recognised recognised -> recognised;
      case TableImport.Unreadable(var problem) -> throw Complaint.about(problem);
    };
  }

  private static String text(String name) {
    if (name.equals(STANDARD_INPUT)) {
      return Input.standard();
    }
    return name.toLowerCase(Locale.ROOT).matches(".*[.](xlsx|ods)")
        ? Input.workbook(Path.of(name))
        : Input.file(Path.of(name));
  }
}
