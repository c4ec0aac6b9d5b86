package lehrgang.app;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.regex.Pattern;
import lehrgang.core.compose.Proposal;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.Form;
import lehrgang.documents.personal.ClassList;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.personal.PersonalFolder;
import lehrgang.documents.solutionfile.SolutionFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `lehrgang vary FILE --class LIST.csv`: other counts for each student of a class.
@Command(name = "vary", resourceBundle = "lehrgang.app.messages", mixinStandardHelpOptions = true)
final class VaryCommand implements Callable<Integer> {
  private static final int WORTH_TELLING = 50;

  @Parameters(paramLabel = "FILE", descriptionKey = "help.vary.file")
  private Path file;

  @Option(
      names = "--class",
      paramLabel = "LIST",
      required = true,
      descriptionKey = "help.vary.class")
  private Path list;

  @Option(names = "--seed", paramLabel = "N", required = true, descriptionKey = "help.vary.seed")
  private long seed;

  @Option(names = "--as", paramLabel = "FORMS", split = ",", descriptionKey = "help.vary.as")
  private List<String> forms = List.of();

  @Option(
      names = {"-o", "--output"},
      paramLabel = "FOLDER",
      required = true,
      descriptionKey = "help.vary.output")
  private Path folder;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    PrintWriter err = spec.commandLine().getErr();
    List<Form> wanted = wanted();
    try {
      new PersonalFolder(folder).checkEmpty();
      SolutionFile model = SolutionInput.load(file, err);
      Proposal found = new Proposal(model.solution(), Deriving.derive(model.solution(), err));
      ClassList students = ClassList.read(list);
      warn(found, err);
      PersonalClass drawn =
          PersonalClass.draw(found, students, seed, telling("vary.drawn", students, err));
      write(model, drawn, wanted, students, err);
      return 0;
    } catch (FileProblem e) {
      throw Complaint.about(e);
    }
  }

  private void write(
      SolutionFile model,
      PersonalClass drawn,
      List<Form> wanted,
      ClassList students,
      PrintWriter err) {
    try {
      new PersonalFolder(folder)
          .write(model, drawn, wanted, telling("vary.written", students, err));
    } catch (FileProblem e) {
      throw new Failure(e);
    }
  }

  private List<Form> wanted() {
    List<Form> wanted = new ArrayList<>();
    for (String key : forms) {
      wanted.add(
          Form.ofKey(key.strip())
              .orElseThrow(
                  () ->
                      new Complaint(
                          Phrase.of("wrong-value")
                              .with("option", "--as")
                              .with("value", key)
                              .with("choice", Phrase.listed(Form.keys(), "list.or")))));
    }
    return wanted;
  }

  /// A number in the question that is that of the model stays, whatever is drawn.
  private static void warn(Proposal model, PrintWriter err) {
    LineId n = LineId.of("n");
    model
        .derivation()
        .find(n)
        .flatMap(_ -> model.derivation().exact().find(n))
        .map(Value::asDouble)
        .map(Math::round)
        .filter(
            number ->
                Pattern.compile("(?<![\\d.,])" + number + "(?![\\d.,]\\d)\\b")
                    .matcher(model.solution().question().text())
                    .find())
        .ifPresent(
            number ->
                err.println(
                    Messages.text(Phrase.of("vary.fixed").with("n", number).with("gap", "{n}"))));
  }

  private static Progress telling(String key, ClassList students, PrintWriter err) {
    int all = students.students().size();
    return Progress.counting(
        all,
        done -> {
          if (done % WORTH_TELLING == 0) {
            err.println(Messages.text(Phrase.of(key).with("done", done).with("all", all)));
          }
        });
  }
}
