package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.AccessibleAttribute;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.number.Kind;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.kit.FxTurn;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.handout.order.Worth;
import lehrgang.documents.marks.ClassFigure;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// The answers of a class in the window.
class CheckViewTest {
  private static final Path GROUP = Path.of("../demo/group-17.csv");

  @TempDir private Path folder;

  private WindowDriver driver;

  @BeforeEach
  void open() {
    driver = WindowDriver.open(DemoCourse.open("route-and-season"), folder);
  }

  @AfterEach
  void close() {
    driver.close();
  }

  private void drop(Path file) {
    FxTurn.run(() -> driver.window().faces().files().open(file));
  }

  @SuppressWarnings("unchecked")
  private ListView<SheetMarks> students() {
    return (ListView<SheetMarks>) driver.find("check-students");
  }

  private List<String> names() {
    ListView<SheetMarks> list = students();
    return FxTurn.call(() -> list.getItems().stream().map(SheetMarks::student).toList());
  }

  private String chosen() {
    return ((Label) driver.find("check-student-title")).getText();
  }

  private void choose(String student) {
    ListView<SheetMarks> list = students();
    FxTurn.run(
        () ->
            list.getSelectionModel()
                .select(
                    list.getItems().stream()
                        .filter(sheet -> sheet.student().equals(student))
                        .findFirst()
                        .orElseThrow()));
  }

  private SheetMarks marks(String student) {
    return FxTurn.call(
        () -> driver.desk().checking().now().orElseThrow().marks().sheet(student).orElseThrow());
  }

  @Test
  void droppedAnswersShowWhoLostWhichStepByWhichSlip() {
    drop(GROUP);
    assertThat(driver.isShown("62 students")).isTrue();
    assertThat(driver.isShown("answers from group-17.csv")).isTrue();
    assertThat(driver.isShown("20.2 of 23")).isTrue();
    assertThat(names()).hasSize(62);
    choose("17-226");
    assertThat(chosen()).isEqualTo("Student 17-226");
    assertThat(driver.isShown("One slip, carried through: 22 of 23.")).isTrue();
    assertThat(driver.isShown("You took 1 off the number of cells.")).isTrue();
    assertThat(driver.isShown("crit, p, H₀: right from the student’s own numbers")).isTrue();
    assertThat(driver.isShown("Expected count: all 9 right")).isTrue();
    driver.pressLabelled("Expected count: all 9 right");
    assertThat(driver.isShown("Gorge path, Autumn")).isTrue();
  }

  @Test
  void aSlipShowsWhoMadeItAndAgainEveryone() {
    drop(GROUP);
    driver.press("slip-df-cells-less-one");
    assertThat(names()).hasSize(6).contains("17-226");
    driver.press("slip-decision-turned-round");
    assertThat(names()).hasSize(3);
    driver.press("slip-decision-turned-round");
    assertThat(names()).hasSize(62);
  }

  /// What was decided by hand does not take the way back to everyone with it.
  @Test
  void theFilterIsThatOfTheChipThatIsPressed() {
    drop(GROUP);
    driver.press("slip-df-cells-less-one");
    choose("17-230");
    MenuButton ruling = (MenuButton) driver.find("ruling-df");
    FxTurn.run(() -> ruling.getItems().getFirst().fire());
    assertThat(names()).hasSize(5).doesNotContain("17-230");
    ToggleButton chip = (ToggleButton) driver.find("slip-df-cells-less-one");
    assertThat(chip.isSelected()).isTrue();
    driver.press("slip-df-cells-less-one");
    assertThat(names()).hasSize(62);
  }

  /// What leaves the view is a figure of everyone, drawn as others are.
  @Test
  void howTheClassFaredGoesOutAsAFigure() throws Exception {
    drop(GROUP);
    assertThat(driver.find("check-summary").isDisabled()).isFalse();
    Checked checked = FxTurn.call(() -> driver.desk().checking().now().orElseThrow());
    FigureSpec.Fared fared = (FigureSpec.Fared) ClassFigure.of(checked.marks(), checked.page());
    assertThat(fared.bars()).hasSize(7);
    assertThat(fared.bars())
        .allSatisfy(
            bar ->
                assertThat(bar.counts().stream().mapToInt(Integer::intValue).sum())
                    .isIn(62, 9 * 62));
    Path file = folder.resolve("class.pdf");
    FxTurn.run(() -> driver.window().faces().files().parts().saveFigure(file, fared));
    assertThat(Files.readAllBytes(file)).startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
  }

  private boolean saysInTrying(String words) {
    return FxTurn.call(
        () ->
            driver.window().faces().lookupAll("#try-said .label").stream()
                .anyMatch(label -> ((Label) label).getText().contains(words)));
  }

  /// The instructor fills in the worksheet as a student would, wrong turns included.
  @Test
  void theSheetItselfIsTried() {
    drop(GROUP);
    driver.press("check-try");
    assertThat(driver.isShown("0 of 32 right")).isTrue();
    type("try-1", "30");
    assertThat(driver.isShown("1 of 32 right")).isTrue();
    assertThat(driver.find("try-1").getStyleClass()).contains("mark-right");
    type("try-2", "53.33");
    assertThat(driver.find("try-2").getStyleClass()).contains("mark-lost");
    assertThat(saysInTrying("53.33: the same for every cell.")).isTrue();
    type("try-11", "1.67");
    assertThat(driver.find("try-11").getStyleClass()).contains("mark-follows");
    driver.press("try-hint");
    assertThat(saysInTrying("The formula:")).isTrue();
    driver.press("try-hint");
    assertThat(saysInTrying("with the numbers put in")).isTrue();
    driver.press("try-reject");
    assertThat(driver.isShown("2 of 32 right")).isTrue();
    driver.press("try-again");
    assertThat(driver.isShown("0 of 32 right")).isTrue();
    assertThat(((TextField) driver.find("try-1")).getText()).isEmpty();
    driver.press("try-done");
    assertThat(names()).hasSize(62);
  }

  /// Whoever tries a sheet and takes an edit of the table back has the sheet of the older table.
  @Test
  void theSheetThatIsTriedFollowsTheSolution() {
    driver.edit(solution -> solution.withTable(solution.table().withoutRow(1)));
    FxTurn.settle();
    driver.press("check");
    driver.press("check-try");
    int fewer = FxTurn.call(() -> driver.desk().checking().asked().size());
    assertThat(driver.isShown("0 of %d right".formatted(fewer))).isTrue();
    type("try-1", "55");
    driver.press("try-reject");
    FxTurn.run(() -> driver.desk().solution().undo());
    driver.await(() -> driver.desk().checking().asked().size() == 32);
    assertThat(fewer).isLessThan(32);
    assertThat(((Label) driver.find("try-counts")).getText()).isEqualTo("2 of 32 right");
    assertThat(((TextField) driver.find("try-2")).getText()).isEqualTo("55");
    assertThat(((ToggleButton) driver.find("try-reject")).isSelected()).isTrue();
    type("try-30", "4");
    FxTurn.run(() -> driver.desk().solution().redo());
    driver.await(() -> driver.desk().checking().asked().size() == fewer);
    assertThat(driver.isThere("try-30")).isFalse();
    type("try-2", "53.33");
    driver.press("try-done");
    assertThat(driver.isShown("No answers yet")).isTrue();
  }

  /// Without a class, and with the numbers that stand in sentences and workings.
  @Test
  void everyBlankOfASheetCanBeTried() {
    for (String demo : List.of("deer-gate", "bunk-rooms", "register-map-by-season")) {
      FxTurn.run(() -> driver.desk().solution().begin(DemoCourse.open(demo)));
      driver.press("check");
      driver.press("check-try");
      int asked = driver.desk().checking().asked().size();
      assertThat(driver.isShown("0 of %d right".formatted(asked))).as(demo).isTrue();
      long fields =
          FxTurn.call(
              () ->
                  driver.window().faces().lookupAll(".try-field").stream()
                      .filter(node -> node.getId() != null && node.getId().startsWith("try-"))
                      .count());
      boolean decides = FxTurn.call(() -> driver.window().faces().lookup("#try-reject") != null);
      assertThat(fields + (decides ? 1 : 0)).as(demo).isEqualTo(asked);
      driver.type(KeyCode.ESCAPE);
    }
  }

  private void type(String field, String text) {
    TextField typed = (TextField) driver.find(field);
    FxTurn.run(() -> typed.setText(text));
  }

  /// What no program can judge is worth something for everyone and gets each student's own points.
  @Test
  void aStepIsMarkedByHand() {
    drop(GROUP);
    choose("17-226");
    assertThat(driver.find("got-conclusion").isDisabled()).isTrue();
    type("worth-conclusion", "2");
    type("got-conclusion", "1,5");
    assertThat(marks("17-226").credit()).isEqualByComparingTo("23.5");
    assertThat(marks("17-226").of()).isEqualByComparingTo("25");
    choose("17-204");
    assertThat(((TextField) driver.find("got-conclusion")).getText()).isEmpty();
    assertThat(marks("17-204").credit()).isEqualByComparingTo("23");
    choose("17-226");
    assertThat(((TextField) driver.find("got-conclusion")).getText()).isEqualTo("1.5");
    choose("17-204");
    type("got-conclusion", "2");
    assertThat(marks("17-204").credit()).isEqualByComparingTo("25");
    type("got-conclusion", "many");
    assertThat(marks("17-204").credit()).isEqualByComparingTo("23");
    FxTurn.run(() -> driver.desk().solution().undo());
    assertThat(marks("17-204").credit()).isEqualByComparingTo("23");
    assertThat(marks("17-226").credit()).isEqualByComparingTo("23.5");
  }

  private void typeAnswer(String line, String text) {
    List<LineId> asked = FxTurn.call(() -> driver.desk().checking().asked());
    type("type-" + asked.indexOf(LineId.parse(line).orElseThrow()), text);
  }

  /// Without a file: a student's answers are typed, judged as they are, and the next one follows.
  @Test
  void answersOnPaperAreTyped() throws Exception {
    driver.press("check");
    driver.press("check-type");
    FxTurn.settle();
    assertThat(driver.find("type-student").isFocused()).isTrue();
    typeAnswer("df", "8");
    assertThat(FxTurn.call(() -> driver.desk().checking().now())).isEmpty();
    type("type-student", "Alder");
    typeAnswer("crit", "15,507");
    assertThat(marks("Alder").mark(LineId.of("df")).orElseThrow().slips())
        .containsExactly("df-cells-less-one");
    assertThat(marks("Alder").mark(LineId.of("crit")).orElseThrow().verdict().key())
        .isEqualTo("follow-through");
    assertThat(driver.isShown("1 student")).isTrue();
    type("type-student", "Alder A.");
    driver.press("type-next");
    type("type-student", "Birch");
    typeAnswer("df", "4");
    driver.press("type-done");
    assertThat(names()).containsExactlyInAnyOrder("Alder A.", "Birch");
    assertThat(chosen()).isIn("Student Alder A.", "Student Birch");
    // They are kept with the solution.
    String kept = SolutionFile.fresh(driver.solution()).text();
    assertThat(SolutionFile.parse(kept, "kept").solution().marking().typed())
        .containsOnlyKeys("Alder A.", "Birch");
    FxTurn.run(driver.desk().solution()::undo);
    assertThat(names()).containsExactly("Alder A.");
  }

  /// Points, digits, rounding, and part of the points for what is not quite right.
  @Test
  void theRulesOfMarkingAreSetInTheWindow() {
    drop(GROUP);
    driver.press("check-rules");
    type("points-df", "3");
    assertThat(marks("17-226").of()).isEqualByComparingTo("25");
    assertThat(marks("17-226").credit()).isEqualByComparingTo("22");
    Node part = driver.find("part-df-cells-less-one");
    FxTurn.run(() -> ((ButtonBase) part.lookupAll(".toggle-button").toArray()[2]).fire());
    assertThat(marks("17-226").credit()).isEqualByComparingTo("23.5");
    for (int k = 0; k < 3; k++) {
      driver.press("asked-statistic-more");
    }
    assertThat(FxTurn.call(() -> driver.solution().marking().digits()))
        .containsEntry(Kind.STATISTIC, 5);
    driver.press("rules-usual");
    assertThat(FxTurn.call(() -> driver.solution().marking().ofCourse()))
        .isEqualTo(MarkingRules.usual());
    assertThat(marks("17-226").credit()).isEqualByComparingTo("22");
    driver.press("rules-done");
    assertThat(chosen()).startsWith("Student");
  }

  /// The file of the class has no differences, the sheet asks for them: both can be given points.
  @Test
  void theRulesAreAlsoForWhatOnlyTheSheetAsks() {
    drop(GROUP);
    driver.press("check-rules");
    type("points-D", "0");
    assertThat(marks("17-226").of()).isEqualByComparingTo("23");
    Derivation derivation =
        FxTurn.call(() -> driver.desk().worked().now().result().orElseThrow().derivation());
    assertThat(Worth.of(new Solved(driver.solution(), derivation)).total())
        .isEqualByComparingTo("23");
  }

  private void views(Map<String, StudentView> changed) {
    driver.edit(now -> now.withStudentViews(changed));
  }

  /// A sheet that gives everything asks for nothing: it is said what to do, and what is asked again
  /// has its fields again.
  @Test
  void aSheetThatAsksForNothingSaysSoWhereAnswersAreTyped() {
    Solution asking = driver.solution();
    Map<String, StudentView> given =
        asking.students().keySet().stream()
            .collect(Collectors.toMap(step -> step, _ -> StudentView.GIVEN));
    views(given);
    driver.press("check");
    driver.press("check-type");
    String nothing = "The worksheet asks for nothing: on the rail, set a step to blank first.";
    assertThat(driver.isShown(nothing)).isTrue();
    driver.press("type-done");
    views(asking.students());
    driver.press("check-type");
    assertThat(driver.isShown(nothing)).isFalse();
    assertThat(driver.isShown("Degrees of freedom")).isTrue();
  }

  /// Beside a class from a file, who is typed anew counts as typed.
  @Test
  void whoIsTypedReplacesWhoWasRead() {
    drop(GROUP);
    FxTurn.run(
        () ->
            driver
                .desk()
                .checking()
                .type(Optional.empty(), "17-226", Map.of(LineId.of("df"), "4")));
    assertThat(names()).hasSize(62);
    assertThat(marks("17-226").credit()).isEqualByComparingTo("1");
    assertThat(driver.isShown("answers from group-17.csv")).isTrue();
  }

  /// Answers are to one solution: the next one that is opened begins without any.
  @Test
  void anotherSolutionHasNoAnswersYet() {
    drop(GROUP);
    FxTurn.run(() -> driver.desk().solution().begin(DemoCourse.open("deer-gate")));
    driver.press("check");
    assertThat(driver.isShown("No answers yet")).isTrue();
    assertThat(FxTurn.call(() -> driver.desk().checking().now())).isEmpty();
    driver.press("check-type");
    type("type-student", "Alder");
    FxTurn.run(() -> driver.desk().solution().begin(DemoCourse.open("nest-boxes")));
    assertThat(FxTurn.call(() -> driver.desk().checking().now())).isEmpty();
  }

  /// The demo brings a class along: Check shows it at once.
  @Test
  void theDemoHasItsClassAtHand() {
    MainWindow demo =
        FxTurn.call(
            () ->
                MainWindow.show(
                    new Stage(),
                    SolutionFile.demo(),
                    Optional.empty(),
                    folder.resolve("demo"),
                    MainWindow.First.DEMO));
    FxTurn.settle();
    assertThat(FxTurn.call(() -> demo.faces().isAtStart())).isFalse();
    FxTurn.run(() -> ((ButtonBase) demo.scene().getRoot().lookup("#check")).fire());
    FxTurn.settle();
    assertThat(FxTurn.call(() -> demo.desk().checking().now().orElseThrow().marks().sheets()))
        .hasSize(62);
    FxTurn.run(() -> demo.scene().getWindow().hide());
  }

  @Test
  void feedbackGoesToOneOrToEveryone() throws Exception {
    drop(GROUP);
    choose("17-226");
    CheckActions actions = driver.window().faces().files().checks();
    Path one = folder.resolve("one.pdf");
    FxTurn.run(() -> actions.feedback(one, List.of(marksNow("17-226"))));
    assertThat(Files.readAllBytes(one)).startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
    Path all = folder.resolve("all.html");
    FxTurn.run(
        () -> actions.feedback(all, driver.desk().checking().now().orElseThrow().marks().sheets()));
    assertThat(Files.readString(all)).contains("17-204", "17-226", "17-297");
    Path each = Files.createDirectory(folder.resolve("each"));
    FxTurn.run(() -> actions.feedbackEach(each, List.of(marksNow("17-204"), marksNow("17-226"))));
    driver.await(() -> Files.exists(each.resolve("everyone.html")));
    assertThat(each.resolve("17-226.pdf")).exists();
  }

  private SheetMarks marksNow(String student) {
    return driver.desk().checking().now().orElseThrow().marks().sheet(student).orElseThrow();
  }

  @Test
  void theClassIsSortedByCreditAndByName() {
    drop(GROUP);
    driver.press("check-sort-credit");
    List<String> byCredit = names();
    assertThat(marks(byCredit.getFirst()).credit()).isLessThan(marks(byCredit.getLast()).credit());
    driver.press("check-sort-student");
    assertThat(names()).isSorted();
  }

  /// A decision of the instructor's changes the credit at once, is undone like anything else, and
  /// is saved with the solution.
  @Test
  void anAnswerIsDecidedByHand() throws Exception {
    drop(GROUP);
    choose("17-226");
    assertThat(marks("17-226").credit()).isEqualByComparingTo("22");
    MenuButton ruling = (MenuButton) driver.find("ruling-df");
    FxTurn.run(() -> ruling.getItems().get(1).fire());
    assertThat(marks("17-226").credit()).isEqualByComparingTo("22.5");
    Path file = folder.resolve("marked.lehrgang");
    FxTurn.run(() -> driver.window().faces().files().save(file));
    assertThat(SolutionFile.load(file).solution().marking().ruling("17-226", "df"))
        .hasValueSatisfying(
            decided -> assertThat(decided.points()).contains(new BigDecimal("0.5")));
    FxTurn.run(driver.desk().solution()::undo);
    assertThat(marks("17-226").credit()).isEqualByComparingTo("22");
    assertThat(driver.solution().marking().rulings()).isEmpty();
    driver.retype("check-remark", KeyCode.O, KeyCode.K);
    assertThat(driver.solution().marking().remarks()).containsEntry("17-226", "ok");
    choose("17-230");
    driver.retype("check-remark", KeyCode.N, KeyCode.O);
    assertThat(driver.solution().marking().remarks())
        .containsEntry("17-226", "ok")
        .containsEntry("17-230", "no");
  }

  @Test
  void keysGoFromStudentToStudentAndBackToThePage() {
    drop(GROUP);
    String first = chosen();
    driver.shortcut(KeyCode.ALT, KeyCode.DOWN);
    String second = chosen();
    assertThat(second).isNotEqualTo(first);
    driver.shortcut(KeyCode.ALT, KeyCode.UP);
    assertThat(chosen()).isEqualTo(first);
    driver.type(KeyCode.ESCAPE);
    assertThat(driver.isShown("62 students")).isFalse();
    driver.press("check");
    assertThat(driver.isShown("62 students")).isTrue();
  }

  /// What a screen reader says of a student: what was lost, and how.
  @Test
  void aRowIsReadOut() {
    drop(GROUP);
    driver.press("slip-df-cells-less-one");
    ListView<SheetMarks> list = students();
    List<String> said =
        FxTurn.call(
            () ->
                list.lookupAll(".marks-row").stream()
                    .map(row -> (String) row.queryAccessibleAttribute(AccessibleAttribute.TEXT))
                    .toList());
    assertThat(said)
        .contains(
            "17-226, credit 22 / 23. Degrees of freedom, wrote 8, slip, number of cells less one");
  }

  @Test
  void answersArePastedAndMarksWritten() throws Exception {
    driver.press("check");
    assertThat(driver.isShown("No answers yet")).isTrue();
    driver.putOnClipboard("student\tX2\tdf\tshoe\nAda\t14.10\t4\t38\nBo\t14.10\t9\t44\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(driver.isShown("2 students")).isTrue();
    assertThat(driver.isShown("no such line: shoe")).isTrue();
    Path marks = folder.resolve("marks.csv");
    FxTurn.run(
        () ->
            driver
                .window()
                .faces()
                .files()
                .checks()
                .save(marks, driver.desk().checking().now().orElseThrow().marks()));
    assertThat(marks)
        .hasContent(
            "student,credit,of,X2,X2 verdict,X2 slip,df,df verdict,df slip\n"
                + "Ada,2,2,14.10,right,,4,right,\nBo,1,2,14.10,right,,9,slip,df-cells\n");
    assertThat(driver.isShown("Marks of 2 students were written to marks.csv")).isTrue();
  }

  /// The empty table asks for what the worksheet asks for.
  @Test
  void anEmptyTableComesBackFilledIn() throws Exception {
    Path table = folder.resolve("answers.csv");
    FxTurn.run(() -> driver.window().faces().files().checks().template(table));
    String head = Files.readString(table);
    assertThat(head).startsWith("student;E[").contains(";X2;df;").endsWith(";decision\n");
    Files.writeString(table, head + "Ada" + ";".repeat(head.split(";").length - 1) + "\n");
    drop(table);
    assertThat(driver.isShown("1 student")).isTrue();
    assertThat(marks("Ada").credit()).isZero();
  }

  @Test
  void whatIsWrongWithAnswersIsSaidAndTheClassStays() throws Exception {
    drop(GROUP);
    Path twice = Files.writeString(folder.resolve("twice.csv"), "student;df\na;4\na;4\n");
    drop(twice);
    assertThat(driver.isShown("twice.csv has the student “a” twice, in line 2 and in line 3"))
        .isTrue();
    assertThat(driver.isShown("62 students")).isTrue();
    Path table = Files.writeString(folder.resolve("t.csv"), "route,sunny\nLake,4\nGorge,3\n");
    drop(table);
    assertThat(driver.isShown("62 students")).isFalse();
  }

  /// Answers that lie together are seen, and named as a slip of this class; students who wrote them
  /// are told so, and it can be undone.
  @Test
  void aClusterIsNamedAsASlipOfOnesOwn() {
    drop(GROUP);
    driver.press("step-K[1,1]");
    assertThat(((Label) driver.find("check-step-title")).getText())
        .isEqualTo("Contribution · Lake loop, Spring");
    assertThat(driver.isShown("1.037 to 1.04")).isTrue();
    driver.pressLabelled("Name it");
    driver.fill("name-slip", "You doubled the root.");
    driver.type(KeyCode.ENTER);
    assertThat(driver.solution().marking().own())
        .singleElement()
        .satisfies(slip -> assertThat(slip.sentence()).isEqualTo("You doubled the root."));
    assertThat(driver.isShown("You doubled the root.")).isTrue();
    choose("17-228");
    assertThat(driver.isShown("Student 17-228")).isTrue();
    assertThat(marks("17-228").mark(LineId.of("K", 1, 1)).orElseThrow().slips())
        .containsExactly("own-1");
    FxTurn.run(driver.desk().solution()::undo);
    assertThat(marks("17-228").mark(LineId.of("K", 1, 1)).orElseThrow().slips()).isEmpty();
  }

  /// The first solution of the course has a class to try it with; others have none.
  @Test
  void theDemoHasAClassToLookAt() {
    driver.press("check");
    driver.press("check-example");
    assertThat(driver.isShown("answers from group-17.csv")).isTrue();
  }

  /// A changed count changes what is right.
  @Test
  void theClassIsMarkedAnewWhenTheSolutionChanges() {
    drop(GROUP);
    driver.type(KeyCode.ESCAPE);
    driver.retype("count-1-1", KeyCode.DIGIT4, KeyCode.DIGIT5);
    driver.press("check");
    assertThat(marks("17-204").credit()).isLessThan(marks("17-204").of());
  }

  /// A large table takes a while to be marked by: one can go on meanwhile, and what counts in the
  /// end is the solution as it has become.
  @Test
  void aClassIsMarkedByALargeTableBesideTheWindow() {
    drop(GROUP);
    Desk desk = driver.desk();
    String said =
        FxTurn.call(
            () -> {
              desk.solution().edit("", solution -> solution.withTable(square(12)));
              return desk.notices().now().sentence();
            });
    assertThat(said).isEqualTo("Marking: 0 of 62");
    assertThat(driver.find("check-save").isDisabled())
        .as("marks of what was there before")
        .isTrue();
    driver.edit(solution -> solution.withTable(square(11)));
    driver.await(() -> driver.desk().notices().now().sentence().isEmpty());
    Checked checked = FxTurn.call(() -> driver.desk().checking().now().orElseThrow());
    assertThat(checked.page().shown(LineId.of("df")).text()).isEqualTo("100");
    assertThat(checked.marks().sheets()).hasSize(62);
    assertThat(marks("17-204").credit()).isLessThan(marks("17-204").of());
    assertThat(driver.find("check-save").isDisabled()).isFalse();
  }

  /// Who stops it sees the marks from before, does not hand them back, and can begin again.
  @Test
  void markingThatWasStoppedIsBegunAgain() {
    drop(GROUP);
    Desk desk = driver.desk();
    FxTurn.run(
        () -> {
          desk.solution().edit("", solution -> solution.withTable(square(12)));
          desk.notices().now().offers().getFirst().action().run();
        });
    assertThat(driver.isShown("Stopped; the marks shown are those from before.")).isTrue();
    assertThat(driver.isShown("20.2 of 23")).isTrue();
    assertThat(driver.find("check-save").isDisabled()).isTrue();
    driver.pressLabelled("Mark again");
    driver.await(() -> desk.notices().now().sentence().isEmpty());
    assertThat(driver.isShown("20.2 of 23")).isFalse();
    assertThat(driver.find("check-save").isDisabled()).isFalse();
  }

  private static TableEntry square(int size) {
    List<String> labels = IntStream.rangeClosed(1, size).mapToObj(i -> "gate " + i).toList();
    List<List<String>> cells =
        IntStream.range(0, size)
            .mapToObj(
                i ->
                    IntStream.range(0, size)
                        .mapToObj(j -> Integer.toString(20 + i * j % 37))
                        .toList())
            .toList();
    return new TableEntry("gate", "gate passed next", labels, labels, cells);
  }
}
