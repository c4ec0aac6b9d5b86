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
import lehrgang.core.page.Audience;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.CourseStyle;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.PaperSize;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.solution.Solution;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.solutionfile.StyleFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/// `lehrgang hand-out FILE…`: solutions as a file for a class. What is not chosen is as the first
/// solution has it.
@Command(
    name = "hand-out",
    description =
        "Writes a solution, or several as a problem set, as a sheet, a worksheet or a key.",
    mixinStandardHelpOptions = true)
final class HandOutCommand implements Callable<Integer> {
  @Parameters(
      paramLabel = "FILE",
      arity = "1..*",
      description = "A .lehrgang file; several make a problem set.")
  private List<Path> files;

  @Option(
      names = "--for",
      paramLabel = "AUDIENCE",
      defaultValue = "full",
      description = "full, student or key. Default: ${DEFAULT-VALUE}.")
  private String audience;

  @Option(
      names = "--as",
      paramLabel = "FORM",
      description =
          "pdf, html (one self-contained file), tex, odt or md (figures beside it). Default: by the"
              + " ending of OUT, else html.")
  private String form;

  @Option(names = "--paper", paramLabel = "SIZE", description = "a4 or letter.")
  private String paper;

  @Option(
      names = "--head",
      paramLabel = "TEXT",
      description = "What stands at the head, such as the course and the sheet.")
  private String head;

  @Option(
      names = "--room",
      paramLabel = "PATTERN",
      description = "What is drawn in the room for working: lines, grid or none.")
  private String room;

  @Option(
      names = "--with",
      paramLabel = "THINGS",
      split = ",",
      description =
          "What stands on the sheet besides: name, table, points, hints and curve, with commas"
              + " between them; nothing for none of them.")
  private List<String> with;

  @Option(
      names = "--style",
      paramLabel = "STYLE",
      description = "A .lehrgang-style file: the course's words, order, symbols and choices.")
  private Path style;

  @Option(
      names = {"-o", "--output"},
      paramLabel = "OUT",
      required = true,
      description = "The file to write.")
  private Path out;

  @Override
  public Integer call() {
    Audience whom =
        Audience.ofKey(audience)
            .orElseThrow(
                () -> new Complaint("--for is “" + audience + "”; use full, student or key."));
    Form wanted = form();
    List<Solution> solutions = new ArrayList<>();
    UnaryOperator<Solution> styled = styling();
    files.forEach(file -> solutions.add(styled.apply(load(file))));
    SheetChoices choices = choices(solutions.getFirst().sheet());
    List<Solved> solved = new ArrayList<>();
    solutions.forEach(solution -> solved.add(solved(solution)));
    write(new Order(solved, whom, choices), wanted, out);
    return 0;
  }

  private UnaryOperator<Solution> styling() {
    if (style == null) {
      return UnaryOperator.identity();
    }
    try {
      CourseStyle course = StyleFile.load(style).style();
      return solution -> course.on(solution, Procedures::isSettledByCourse);
    } catch (FileProblem e) {
      throw new Complaint(e.getMessage());
    }
  }

  private Form form() {
    return Optional.ofNullable(form)
        .map(
            key ->
                Form.ofKey(key)
                    .orElseThrow(
                        () ->
                            new Complaint(
                                "--as is “%s”; use %s."
                                    .formatted(key, Complaint.list(Form.keys(), "or")))))
        .orElseGet(() -> Form.ofFile(out.toString()).orElse(Form.WEB_PAGE));
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
                      () -> new Complaint("--paper is “" + paper + "”; use a4 or letter.")));
    }
    if (room != null) {
      choices =
          choices.withRoom(
              WorkingRoom.ofKey(room)
                  .orElseThrow(
                      () -> new Complaint("--room is “" + room + "”; use lines, grid or none.")));
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
                        new Complaint(
                            "--with has “%s”; use %s."
                                .formatted(
                                    name.strip(),
                                    Complaint.list(
                                        Arrays.stream(With.values()).map(With::key).toList(),
                                        "or")))));
      }
    }
    return things;
  }

  private static Solution load(Path file) {
    try {
      return SolutionFile.load(file).solution();
    } catch (FileProblem e) {
      throw new Complaint(e.getMessage());
    }
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
      throw new Failure(e.getMessage());
    }
  }
}
