package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.PaperSize;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.desktop.Turn;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.handout.HandOutView;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.paper.PdfPages;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// Handing out in the window: choices at one side, the pages at the other.
class HandOutViewTest extends WithTheDemo {
  @BeforeEach
  void handOut() {
    driver.press("hand-out");
    driver.await(this::isPainted);
  }

  private HandOutView view() {
    return driver.window().faces().handing();
  }

  private boolean isPainted() {
    return view().paintedPages() > 0 && counts().contains("page");
  }

  private String counts() {
    return ((Label) view().lookup("#handout-counts")).getText();
  }

  private SheetChoices chosen() {
    return driver.solution().sheet();
  }

  private void choose(String id, String value) {
    Node segments = driver.find(id);
    ToggleButton button =
        Turn.call(
            () ->
                segments.lookupAll(".toggle-button").stream()
                    .map(ToggleButton.class::cast)
                    .filter(each -> each.getUserData().equals(value))
                    .findFirst()
                    .orElseThrow());
    Turn.run(button::fire);
  }

  @Test
  void theButtonLeadsToThePagesAndTheArrowBack() {
    assertThat(Turn.call(view()::isVisible)).isTrue();
    assertThat(Turn.call(this::counts)).contains("pages · ", " blanks");
    driver.press("handout-back");
    assertThat(Turn.call(view()::isVisible)).isFalse();
    driver.shortcut(KeyCode.CONTROL, KeyCode.P);
    assertThat(Turn.call(view()::isVisible)).isTrue();
    driver.type(KeyCode.ESCAPE);
    assertThat(Turn.call(view()::isVisible)).isFalse();
  }

  @Test
  void choicesAreKeptInTheSolutionAndUndone() {
    choose("handout-paper", "letter");
    choose("handout-room", "none");
    CheckBox hints = (CheckBox) driver.find("handout-with-hints");
    Turn.run(hints::fire);
    driver.fill("handout-course", "Statistics 1");
    assertThat(chosen().paper()).isEqualTo(PaperSize.LETTER);
    assertThat(chosen().room()).isEqualTo(WorkingRoom.NONE);
    assertThat(chosen().has(With.HINTS)).isTrue();
    assertThat(chosen().course()).isEqualTo("Statistics 1");
    for (int i = 0; i < 4; i++) {
      Turn.run(driver.desk().solution()::undo);
    }
    assertThat(chosen()).isEqualTo(SheetChoices.usual());
    assertThat(Turn.call(hints::isSelected)).isFalse();
  }

  /// Printing waits for the pages of what was chosen a moment before, and asks once however often
  /// the key is struck meanwhile.
  @Test
  void whatIsPrintedIsWhatIsChosenNow() {
    List<byte[]> printed = new ArrayList<>();
    HandOutView other = Turn.call(() -> new HandOutView(driver.desk()));
    Turn.run(
        () ->
            other.addEventHandler(
                Request.Asked.TYPE, asked -> printed.add(((Request.Print) asked.request()).pdf())));
    Turn.run(
        () -> {
          other.setInSight(true);
          other.print();
          other.print();
        });
    driver.await(() -> !printed.isEmpty());
    Turn.run(
        () -> {
          driver
              .desk()
              .solution()
              .edit("paper", now -> now.withSheet(now.sheet().on(PaperSize.LETTER)));
          other.print();
        });
    driver.await(() -> printed.size() > 1);
    assertThat(printed.stream().map(HandOutViewTest::widthOf)).containsExactly(595L, 612L);
  }

  private static long widthOf(byte[] pdf) {
    try (PdfPages pages = PdfPages.of(pdf)) {
      return Math.round(pages.width(0));
    }
  }

  @Test
  void thePointsOfTheSheetAreSaidAsTheyAreMarked() {
    assertThat(Turn.call(this::counts)).endsWith("31 blanks · 32 points");
    driver.edit(
        now ->
            now.withMarking(
                now.marking()
                    .withPoints(List.of("df"), Optional.of(new BigDecimal("2.5")))
                    .withByHand("conclusion", Optional.of(BigDecimal.TWO))));
    driver.await(() -> counts().endsWith("35.5 points"));
    driver.press("handout-with-points");
    driver.await(() -> counts().endsWith("31 blanks"));
  }

  @Test
  void thePagesFollowWhatIsChosen() {
    String with = Turn.call(this::counts);
    choose("handout-room", "none");
    driver.await(() -> !counts().equals(with));
    choose("handout-for", "full");
    driver.await(() -> !counts().contains("blank"));
    assertThat(Turn.call(() -> view().order().orElseThrow().audience())).isEqualTo(Audience.FULL);
  }

  /// What students answer in is for students, whomever the sheet was for before.
  @ParameterizedTest
  @EnumSource(Form.class)
  void everyFormIsChosenAndSaysHowItIsSaved(Form form) {
    choose("handout-for", "key");
    choose(
        Form.TO_READ.contains(form)
            ? "handout-as"
            : form.isForStudents() ? "handout-as-answer" : "handout-as-more",
        form.key());
    driver.await(() -> chosen().last().form().equals(form.key()));
    assertThat(chosen().last().audience()).isEqualTo(form.isForStudents() ? "student" : "key");
    assertThat(Turn.call(() -> ((Button) view().lookup("#handout-save")).getText()))
        .startsWith("Save as")
        .isEqualTo(Words.of("handout.save." + form.key()));
    assertThat(Words.of("file." + form.key())).isNotBlank();
  }

  @Test
  void whatIsSavedIsWhatIsShownInTheFormThatWasChosen() throws Exception {
    Order order = Turn.call(() -> view().order().orElseThrow());
    Path pdf = folder.resolve("sheet.pdf");
    Path page = folder.resolve("sheet.html");
    Turn.run(() -> driver.files().handOut(pdf, order, Form.PDF));
    Turn.run(() -> driver.files().handOut(page, order, Form.WEB_PAGE));
    driver.await(() -> Files.exists(page) && driver.notice().contains("sheet.html"));
    assertThat(Files.readAllBytes(pdf)).startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
    assertThat(Files.readString(page)).contains("Find the others");
    Turn.run(() -> driver.files().handOut(folder.resolve("no/such.pdf"), order, Form.PDF));
    driver.await(() -> driver.notice().contains("could not be written"));
  }

  @Test
  void aFormThatIsTextCanBeCopied() {
    assertThat(Turn.call(() -> view().lookup("#handout-copy").isVisible())).isFalse();
    choose("handout-as-more", "md");
    driver.press("handout-copy");
    assertThat(Turn.call(() -> Clipboard.getSystemClipboard().getString()))
        .startsWith("Name")
        .contains("# Does route choice depend on the season?", "\\frac{160\\cdot 220}{480}");
    choose("handout-as", "pdf");
    assertThat(Turn.call(() -> view().lookup("#handout-copy").isVisible())).isFalse();
  }

  @Test
  void dataThatCannotBeWorkedOutHaveNoPages() {
    driver.edit(now -> now.withTable(now.table().withCell(0, 0, "4.5")));
    assertThat(driver.isShown("once the solution can be worked out")).isTrue();
    assertThat(Turn.call(() -> view().order())).isEmpty();
    Turn.run(driver.desk().solution()::undo);
    driver.await(this::isPainted);
  }

  /// For whom and as what a solution went out last is kept in it, and undone.
  @Test
  void forWhomAndInWhichFormIsRemembered() throws Exception {
    choose("handout-for", "key");
    choose("handout-as", "html");
    assertThat(driver.solution().sheet().last())
        .isEqualTo(new SheetChoices.HandedOut("key", "html"));
    Path file = folder.resolve("kept.lehrgang");
    Turn.run(() -> driver.files().save(file));
    Turn.run(() -> driver.desk().solution().begin(DemoCourse.open("bunk-rooms")));
    assertThat(Turn.call(() -> view().order().orElseThrow().audience()))
        .isEqualTo(Audience.STUDENT);
    Turn.run(() -> driver.files().open(file));
    assertThat(Turn.call(() -> view().order().orElseThrow().audience())).isEqualTo(Audience.KEY);
  }

  /// A long set is written beside the interface, and stopped the file is not there.
  @Test
  void aLongSetIsWrittenBesideTheInterfaceAndCanBeStopped() {
    Order one = Turn.call(() -> view().order().orElseThrow());
    Order set =
        new Order(
            Collections.nCopies(60, one.solutions().getFirst()), one.audience(), one.choices());
    Path stopped = folder.resolve("stopped.pdf");
    Turn.run(() -> driver.files().handOut(stopped, set, Form.PDF));
    assertThat(driver.isShown("Writing stopped.pdf with 60 solutions")).isTrue();
    driver.pressLabelled("Stop");
    driver.await(() -> Files.notExists(stopped));
    Path written = folder.resolve("written.pdf");
    Turn.run(() -> driver.files().handOut(written, set, Form.PDF));
    driver.await(() -> Files.exists(written));
    assertThat(stopped).doesNotExist();
  }

  @Test
  void aSolutionThatCannotBeReadJoinsNoSet() throws Exception {
    Path broken = Files.writeString(folder.resolve("broken.lehrgang"), "{}");
    assertThat(Turn.call(() -> driver.files().solved(broken))).isEmpty();
    assertThat(driver.isShown("broken.lehrgang")).isTrue();
    Path fine = folder.resolve("fine.lehrgang");
    DemoCourse.open("bunk-rooms").save(fine);
    assertThat(Turn.call(() -> driver.files().solved(fine)))
        .hasValueSatisfying(solved -> assertThat(solved.title()).isNotBlank());
  }

  @Test
  void everyChoiceCanBeReachedByKeyAndIsSpoken() {
    List<String> spoken =
        Turn.call(
            () ->
                view().lookupAll("*").stream()
                    .filter(Node::isFocusTraversable)
                    .map(Node::getAccessibleText)
                    .filter(Objects::nonNull)
                    .toList());
    assertThat(spoken).contains("For: students", "Paper: A4", "Room for working: grid");
    assertThat(spoken).anyMatch(text -> text.startsWith("Page 1 of "));
  }
}
