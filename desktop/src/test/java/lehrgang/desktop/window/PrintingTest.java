package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.stage.Window;
import lehrgang.desktop.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;

/// A sheet on its way to a printer, with commands that write down what they are asked for.
@DisabledOnOs(OS.WINDOWS)
class PrintingTest extends WithTheDemo {
  private static final byte[] SHEET = "%PDF-1.7 trail".getBytes(StandardCharsets.UTF_8);

  private String command(String name, String... lines) throws IOException {
    Path file = Files.writeString(folder.resolve(name), "#!/bin/sh\n" + String.join("\n", lines));
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwx------"));
    return file.toString();
  }

  private UnixPrinters twoPrinters(String... lp) throws IOException {
    return new UnixPrinters(
        command(
            "lpstat",
            "case $1 in",
            "-e) printf 'Gate\\nHut\\nVisitor-centre\\n' ;;",
            "-d) echo 'system default destination: Hut' ;;",
            "esac"),
        command("lp", lp));
  }

  private void print(UnixPrinters printers) {
    Turn.run(
        () ->
            Printing.by(
                printers, SHEET, driver.window().scene(), driver.window().desk().notices()));
  }

  private static Parent asking() {
    return Window.getWindows().stream()
        .map(window -> window.getScene().getRoot())
        .filter(root -> root.lookup("#print-go") != null)
        .findFirst()
        .orElse(null);
  }

  private void press(String id, int times) {
    driver.await(() -> asking() != null);
    for (int k = 0; k < times; k++) {
      Turn.run(() -> ((Button) asking().lookup("#" + id)).fire());
    }
  }

  private void awaitSaid(String sentence) {
    driver.await(() -> driver.window().desk().notices().now().sentence().equals(sentence));
  }

  @Test
  void theUsualPrinterComesFirst() throws IOException {
    assertThat(twoPrinters("exit 0").names()).containsExactly("Hut", "Gate", "Visitor-centre");
  }

  @Test
  void theSheetGoesToTheChosenPrinterAsOftenAsIsAsked() throws IOException {
    print(
        twoPrinters(
            "echo \"$1 $2 $3 $4\" >" + folder.resolve("asked"),
            "cp \"$5\" " + folder.resolve("printed")));
    press("print-copies-more", 3);
    press("print-copies-fewer", 1);
    press("print-go", 1);
    awaitSaid("The sheet was sent to the printer Hut.");
    assertThat(folder.resolve("asked")).hasContent("-d Hut -n 3");
    assertThat(folder.resolve("printed")).hasBinaryContent(SHEET);
  }

  @Test
  void nothingIsPrintedWhereThatIsTheAnswer() throws IOException {
    print(twoPrinters("touch " + folder.resolve("asked")));
    press("print-not", 1);
    driver.await(() -> asking() == null);
    assertThat(folder.resolve("asked")).doesNotExist();
  }

  @Test
  void aPrinterThatDoesNotTakeItIsNamed() throws IOException {
    print(twoPrinters("echo 'lp: The printer is not responding.' >&2", "exit 1"));
    press("print-go", 1);
    awaitSaid(
        "The printer Hut did not accept the sheet: check that it is switched on, or save the sheet"
            + " as PDF and print that.");
  }

  @Test
  void withoutAPrinterOrAnyPrintingItIsSaidWhatToDo() throws IOException {
    String sentence = "This computer has no printer: save the sheet as PDF and print it elsewhere.";
    print(new UnixPrinters(command("lpstat", "exit 0"), "lp"));
    awaitSaid(sentence);
    Turn.run(() -> driver.window().desk().notices().clear());
    print(new UnixPrinters(folder.resolve("nothing").toString(), "lp"));
    awaitSaid(sentence);
  }
}
