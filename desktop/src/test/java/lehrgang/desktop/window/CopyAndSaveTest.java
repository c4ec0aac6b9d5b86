package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import lehrgang.core.data.TableEntry;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.desktop.Turn;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.page.FigureView;
import lehrgang.desktop.page.TableMenu;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.table.TableExport.Digits;
import org.junit.jupiter.api.Test;

/// What leaves the page and comes back: numbers, workings, figures, tables and files.
class CopyAndSaveTest extends WithTheDemo {
  private TableEntry table() {
    return driver.solution().table();
  }

  @Test
  void savingAndOpeningAgainGivesTheSameSolution() throws Exception {
    driver.retype("count-1-1", KeyCode.DIGIT4, KeyCode.DIGIT4);
    driver.choose("option-sampling", "homogeneity");
    Path file = folder.resolve("register.lehrgang");
    Turn.run(() -> driver.files().save(file));
    assertThat(driver.isShown("Saved as register.lehrgang")).isTrue();
    assertThat(driver.desk().solution().unsaved().get()).isFalse();
    WindowDriver again =
        WindowDriver.open(SolutionFile.demo(), Optional.of(file), folder.resolve("user"));
    assertThat(again.solution()).isEqualTo(driver.solution());
    assertThat(again.isShown("483 entries")).isTrue();
    again.close();
    driver.retype("count-1-1", KeyCode.DIGIT4, KeyCode.DIGIT5);
    driver.shortcut(KeyCode.CONTROL, KeyCode.S);
    assertThat(Files.readString(file)).contains("[45, 55, 24]");
    assertThat(Files.readString(folder.resolve("register.lehrgang~"))).contains("[44, 55, 24]");
  }

  @Test
  void aNumberAndItsWorkingAreCopiedForAnotherProgram() {
    driver.click(driver.number("E[2,3]"));
    driver.press("copy-number");
    for (Map.Entry<String, String> wanted :
        Map.of(
                "Number as shown",
                "46.67",
                "Number with all digits",
                "46.666666666666667",
                "Working as text",
                "E₂₃ = R₂·C₃/n",
                "Working as TeX",
                "\\frac{160\\cdot 140}{480}",
                "Working as MathML",
                "<math xmlns=")
            .entrySet()) {
      Turn.run(
          () ->
              Window.getWindows().stream()
                  .filter(ContextMenu.class::isInstance)
                  .flatMap(menu -> ((ContextMenu) menu).getItems().stream())
                  .filter(item -> item.getText().equals(wanted.getKey()))
                  .findFirst()
                  .orElseThrow()
                  .fire());
      assertThat(Turn.call(() -> Clipboard.getSystemClipboard().getString()))
          .contains(wanted.getValue());
    }
  }

  @Test
  void aFigureIsCopiedAsAPictureAndAsVectors() {
    Node figure = driver.window().scene().getRoot().lookup(".figure");
    Turn.run(() -> ((Button) figure.lookup(".figure-copy")).fire());
    assertThat(Turn.call(() -> Clipboard.getSystemClipboard().getString())).contains("<svg");
    assertThat(driver.isShown("as a picture and as SVG")).isTrue();
  }

  @Test
  void aTableIsCopiedAndSavedFromItsStep() throws Exception {
    Path csv = folder.resolve("expected.csv");
    Turn.run(
        () -> {
          TableMenu menu =
              driver.window().faces().write().page().lookupAll(".table-menu").stream()
                  .map(TableMenu.class::cast)
                  .filter(step -> step.menus().size() == 2)
                  .findFirst()
                  .orElseThrow();
          Menu expected = menu.menus().getLast();
          assertThat(expected.getText()).isEqualTo("Expected, E");
          expected.getItems().get(1).fire();
        });
    Clipboard clipboard = Turn.call(Clipboard::getSystemClipboard);
    assertThat(Turn.call(clipboard::getString)).contains("Gorge path\t40\t73.333333333333333");
    assertThat(Turn.call(clipboard::getHtml)).contains("<td>73.333333333333333</td>");
    assertThat(driver.isShown("The table was copied to the clipboard.")).isTrue();
    Grid grid =
        Turn.call(
            () ->
                driver.desk().worked().now().page().orElseThrow().steps().stream()
                    .flatMap(step -> step.blocks().stream())
                    .filter(PageBlock.DataTable.class::isInstance)
                    .map(block -> ((PageBlock.DataTable) block).layers().getFirst())
                    .findFirst()
                    .orElseThrow());
    Turn.run(() -> driver.files().parts().saveTable(csv, grid, Digits.SHOWN));
    assertThat(Files.readString(csv)).contains("Lake loop,41,55,24,120");
  }

  @Test
  void aFigureIsSavedByItselfAndTheWindowSaysSo() throws Exception {
    FigureView figure = Turn.call(() -> (FigureView) driver.window().faces().lookup(".figure"));
    List<FigureSpec> asked = new ArrayList<>();
    Turn.run(
        () -> {
          figure.addEventFilter(
              Request.Asked.TYPE,
              event -> {
                asked.add(((Request.SaveFigure) event.request()).figure());
                event.consume();
              });
          ((Button) figure.lookup(".figure-save")).fire();
        });
    assertThat(asked).hasSize(1);
    Path picture = folder.resolve("figure.svg");
    Turn.run(() -> driver.files().parts().saveFigure(picture, asked.getFirst()));
    assertThat(Files.readString(picture)).contains(asked.getFirst().alternative());
    assertThat(driver.isShown("Written to figure.svg")).isTrue();
    Turn.run(
        () -> driver.files().parts().saveFigure(folder.resolve("figure.bmp"), asked.getFirst()));
    assertThat(driver.isShown("figure.bmp ends in neither .svg nor .pdf")).isTrue();
  }

  @Test
  void aDamagedFileIsRefusedWithASentenceAndTheWorkStays() throws Exception {
    Path broken = Files.writeString(folder.resolve("broken.lehrgang"), "{\"format\": ");
    Turn.run(() -> driver.files().open(broken));
    assertThat(driver.isShown("broken.lehrgang is damaged in line 1")).isTrue();
    assertThat(driver.verdict()).startsWith("Reject H₀");
    Path csv = Files.writeString(folder.resolve("t.csv"), "x,a,b\nr,5,6\ns,7,9\n");
    Turn.run(() -> driver.files().open(csv));
    Turn.run(() -> ((Button) driver.window().scene().getRoot().lookup("#records-go")).fire());
    assertThat(table().rows()).containsExactly("r", "s");
  }
}
