package lehrgang.app;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lehrgang.core.page.Audience;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.CourseStyle;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.PaperSize;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.handout.working.WorkingSheet;
import lehrgang.documents.solutionfile.StyleFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/// `lehrgang hand-out FILE…`: solutions as a file for a class. What is not chosen is as the first
/// solution has it.
@Command(
    name = "hand-out",
    resourceBundle = "lehrgang.app.messages",
    mixinStandardHelpOptions = true)
final class HandOutCommand implements Callable<Integer> {
  @Parameters(paramLabel = "FILE", arity = "1..*", descriptionKey = "help.hand-out.file")
  private List<Path> files;

  @Option(names = "--for", paramLabel = "AUDIENCE", descriptionKey = "help.hand-out.for")
  private String audience;

  @Option(names = "--as", paramLabel = "FORM", descriptionKey = "help.hand-out.as")
  private String form;

  @Option(names = "--judge", paramLabel = "WHEN", descriptionKey = "help.hand-out.judge")
  private String judge;

  @Option(names = "--paper", paramLabel = "SIZE", descriptionKey = "help.hand-out.paper")
  private String paper;

  @Option(names = "--head", paramLabel = "TEXT", descriptionKey = "help.hand-out.head")
  private String head;

  @Option(names = "--room", paramLabel = "PATTERN", descriptionKey = "help.hand-out.room")
  private String room;

  @Option(
      names = "--with",
      paramLabel = "THINGS",
      split = ",",
      descriptionKey = "help.hand-out.with")
  private List<String> with;

  @Option(names = "--style", paramLabel = "STYLE", descriptionKey = "help.hand-out.style")
  private Path style;

  @Option(
      names = {"-o", "--output"},
      paramLabel = "OUT",
      required = true,
      descriptionKey = "help.hand-out.output")
  private Path out;

  @Override
  public Integer call() {
    Form wanted = form();
    Audience whom = audience(wanted);
    refuseIdle(wanted, whom);
    List<Path> read = new ArrayList<>(files);
    Optional.ofNullable(style).ifPresent(read::add);
    OutputPlace.check(out, read);
    List<Solution> solutions = new ArrayList<>();
    UnaryOperator<Solution> styled = styling();
    files.forEach(file -> solutions.add(styled.apply(load(file))));
    SheetChoices choices = choices(solutions.getFirst().sheet());
    List<Solved> solved = new ArrayList<>();
    solutions.forEach(solution -> solved.add(solved(solution)));
    Order order = new Order(solved, whom, choices);
    if (wanted == Form.WORKING_SHEET) {
      write(order, judged(), out);
    } else {
      write(order, wanted, out);
    }
    return 0;
  }

  private WorkingSheet.Judge judged() {
    return judge == null
        ? WorkingSheet.Judge.AT_ONCE
        : WorkingSheet.Judge.ofKey(judge)
            .orElseThrow(
                () ->
                    wrong(
                        "--judge",
                        judge,
                        Arrays.stream(WorkingSheet.Judge.values()).map(WorkingSheet.Judge::key)));
  }

  private static void write(Order order, WorkingSheet.Judge judge, Path out) {
    try {
      WholeFile.write(out, WorkingSheet.of(order, judge));
    } catch (FileProblem e) {
      throw new Failure(e);
    }
  }

  private UnaryOperator<Solution> styling() {
    if (style == null) {
      return UnaryOperator.identity();
    }
    try {
      CourseStyle course = StyleFile.load(style).style();
      return solution -> course.on(solution, Procedures::isSettledByCourse);
    } catch (FileProblem e) {
      throw Complaint.about(e);
    }
  }

  private Form form() {
    Optional<Form> ofName = Form.ofFile(out.toString());
    if (form == null) {
      return ofName.orElseGet(this::formOfUnknownName);
    }
    Form asked = Form.ofKey(form).orElseThrow(() -> wrong("--as", form, Form.keys().stream()));
    if (ofName.filter(other -> !other.ending().equals(asked.ending())).isPresent()) {
      throw new Complaint(
          Phrase.of("hand-out.contradicts")
              .with("file", out.toString())
              .with("form", form)
              .with("ending", asked.ending()));
    }
    return asked;
  }

  /// A name without an ending says nothing; one with another ending says something else.
  private Form formOfUnknownName() {
    String name = out.getFileName() == null ? "" : out.getFileName().toString();
    if (name.lastIndexOf('.') > 0) {
      throw new Complaint(
          Phrase.of("hand-out.unknown-ending")
              .with("file", out.toString())
              .with("choice", Phrase.listed(Form.keys(), "list.or")));
    }
    return Form.WEB_PAGE;
  }

  private Audience audience(Form wanted) {
    if (audience == null) {
      return wanted.isForStudents() ? Audience.STUDENT : Audience.FULL;
    }
    Audience whom =
        Audience.ofKey(audience)
            .orElseThrow(
                () ->
                    wrong("--for", audience, Arrays.stream(Audience.values()).map(Audience::key)));
    if (wanted.isForStudents() && whom != Audience.STUDENT) {
      throw idle("--for " + audience, wanted.key());
    }
    return whom;
  }

  /// Refuses options that would change nothing.
  private void refuseIdle(Form wanted, Audience whom) {
    // What is no value at all is said first.
    choices(SheetChoices.usual());
    boolean pages = List.of(Form.PDF, Form.TEX, Form.TEXT_DOCUMENT).contains(wanted);
    if (judge != null && wanted != Form.WORKING_SHEET) {
      throw idle("--judge", wanted.key());
    }
    if (paper != null && !pages) {
      throw idle("--paper", wanted.key());
    }
    if (room != null && (wanted.isForStudents() || whom != Audience.STUDENT)) {
      throw idle("--room", wanted.isForStudents() ? wanted.key() : whom.key());
    }
    if (with != null) {
      things().stream()
          .filter(thing -> !Order.canHave(thing, whom))
          .findFirst()
          .ifPresent(
              thing -> {
                throw idle("--with " + thing.key(), whom.key());
              });
    }
  }

  private static Complaint idle(String option, String where) {
    return new Complaint(Phrase.of("hand-out.idle").with("option", option).with("where", where));
  }

  private SheetChoices choices(SheetChoices own) {
    SheetChoices choices = own;
    if (head != null) {
      choices = choices.withHead(head, "", "");
    }
    if (paper != null) {
      choices =
          choices.on(
              PaperSize.ofKey(paper)
                  .orElseThrow(
                      () ->
                          wrong(
                              "--paper",
                              paper,
                              Arrays.stream(PaperSize.values()).map(PaperSize::key))));
    }
    if (room != null) {
      choices =
          choices.withRoom(
              WorkingRoom.ofKey(room)
                  .orElseThrow(
                      () ->
                          wrong(
                              "--room",
                              room,
                              Arrays.stream(WorkingRoom.values()).map(WorkingRoom::key))));
    }
    return with == null ? choices : choices.withOnly(things());
  }

  private Set<With> things() {
    Set<With> things = EnumSet.noneOf(With.class);
    for (String name : with) {
      if (!name.isBlank()) {
        things.add(
            With.ofKey(name.strip())
                .orElseThrow(
                    () ->
                        wrong(
                            "--with", name.strip(), Arrays.stream(With.values()).map(With::key))));
      }
    }
    return things;
  }

  private static Complaint wrong(String option, String value, Stream<String> choice) {
    return new Complaint(
        Phrase.of("wrong-value")
            .with("option", option)
            .with("value", value)
            .with("choice", Phrase.listed(choice.toList(), "list.or")));
  }

  private static Solution load(Path file) {
    return SolutionInput.load(file, new PrintWriter(System.err, true)).solution();
  }

  private static Solved solved(Solution solution) {
    return new Solved(solution, Deriving.derive(solution, new PrintWriter(System.err, true)));
  }

  static void write(Solution solution, Audience audience, Form form, Path out) {
    write(Order.of(solved(solution), audience), form, out);
  }

  private static void write(Order order, Form form, Path out) {
    try {
      form.write(order, out);
    } catch (FileProblem e) {
      throw new Failure(e);
    }
  }
}
