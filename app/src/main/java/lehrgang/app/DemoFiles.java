package lehrgang.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.desktop.window.DemoPictures;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.report.DerivationJson;
import lehrgang.documents.report.DerivationText;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;

/// The demo course as files: every solution in every form, its text and data, the marks of a class,
/// and pictures of the main views.
final class DemoFiles {
  private DemoFiles() {}

  /// Writes all of it into a folder, which is made if it is not there.
  ///
  /// @throws Complaint if the folder cannot be written to
  /// @throws Failure if one of the files cannot be written
  static void write(Path folder) {
    try {
      Files.createDirectories(folder);
      DemoCourse.names().parallelStream().forEach(name -> writeSolution(folder, name));
      MarkCommand.write(
          SolutionFile.demo().solution(),
          DemoCourse.answers(folder),
          folder.resolve("group-17-marks.csv"));
      DemoPictures.write(folder);
    } catch (IOException | UncheckedIOException e) {
      throw new Complaint(Phrase.of("demo.not-written").with("folder", folder.toString()));
    }
  }

  private static void writeSolution(Path folder, String name) {
    Solution solution = DemoCourse.open(name).solution();
    Derivation derivation = Deriving.derive(solution, new PrintWriter(System.err, true));
    Solved solved = new Solved(solution, derivation);
    try {
      for (Audience audience : Audience.values()) {
        for (Form form : Form.FOR_ALL) {
          form.write(
              Order.of(solved, audience),
              folder.resolve(name + "-" + audience.key() + form.ending()));
        }
      }
      Order sheet = Order.of(solved, Audience.STUDENT);
      Form.WORKING_SHEET.write(sheet, folder.resolve(name + "-working-sheet.html"));
      Form.QTI.write(sheet, folder.resolve(name + "-questions.zip"));
      Files.writeString(
          folder.resolve(name + ".txt"), DerivationText.of(solved.page(Audience.FULL)));
      Files.writeString(
          folder.resolve(name + ".json"), DerivationJson.of(solution, derivation, List.of()));
    } catch (FileProblem e) {
      throw new Failure(e);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
