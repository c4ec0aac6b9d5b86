package lehrgang.documents.handout.working;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import lehrgang.core.Extent;
import lehrgang.core.ReferenceCases;
import lehrgang.core.Sampled;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.handout.working.WorkingSheet.Judge;
import lehrgang.documents.look.WebFont;
import lehrgang.documents.solutionfile.DemoCourse;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/// The sheet as a student fills it in.
@Sampled
class WorkingSheetTest {
  private static final Solution ROUTES = DemoCourse.open("route-and-season").solution();

  @TempDir private Path folder;

  private Browser browser;

  @AfterEach
  void close() {
    if (browser != null) {
      browser.close();
    }
  }

  private static Solved solved(Solution solution) {
    Derivation derivation = ReferenceCases.derive(solution);
    return new Solved(solution, derivation);
  }

  private static String sheet(Solution solution, Judge judge) {
    return WorkingSheet.of(Order.of(solved(solution), Audience.STUDENT), judge);
  }

  private void open(Browser with, String sheet) throws Exception {
    browser = with;
    Path file = Files.writeString(folder.resolve("sheet.html"), sheet);
    browser.driver().get(file.toUri().toString());
    awaitTheScript();
  }

  /// The page unpacks its script by itself, however long the browser takes.
  private void awaitTheScript() throws InterruptedException {
    for (int k = 0; k < 100 && !isJudging(); k++) {
      Thread.sleep(50);
    }
    assertThat(isJudging()).isTrue();
  }

  private boolean isJudging() {
    return (boolean) browser.driver().executeScript("return 'LehrgangSheet' in window");
  }

  private WebElement field(String line) {
    return browser
        .driver()
        .findElements(By.cssSelector("[data-line]"))
        .get(
            ((Number)
                    browser
                        .driver()
                        .executeScript(
                            "const d = LehrgangPage.sheets[0];"
                                + " const k = d.lines.findIndex(l => l.id === arguments[0]); return"
                                + " [...document.querySelectorAll('[data-line]')].findIndex(f =>"
                                + " Number(f.dataset.line) === k);",
                            line))
                .intValue());
  }

  private WebElement go(String line) {
    WebElement field = field(line);
    browser.driver().executeScript("arguments[0].scrollIntoView({block: 'center'})", field);
    field.click();
    return field;
  }

  /// Types an answer; a browser on a busy machine may lose a key, and then it is typed again.
  private void write(String line, String answer) {
    for (int attempt = 0; attempt < 3; attempt++) {
      WebElement field = go(line);
      field.clear();
      field.sendKeys(answer, Keys.ENTER);
      if (answer.equals(field(line).getDomProperty("value"))) {
        return;
      }
    }
  }

  /// Whether a field comes to look so, however long the browser takes.
  private boolean looks(String line, String look) throws InterruptedException {
    for (int k = 0; k < 50 && !field(line).getDomAttribute("class").contains(look); k++) {
      Thread.sleep(100);
    }
    return field(line).getDomAttribute("class").contains(look);
  }

  private String count() {
    return browser.driver().findElement(By.id("ws-count")).getText();
  }

  private List<String> said() {
    return browser.driver().findElements(By.cssSelector(".say")).stream()
        .map(WebElement::getText)
        .toList();
  }

  private void press(String id) {
    browser.driver().findElement(By.id("ws-" + id)).click();
  }

  private static List<Map.Entry<String, String>> expected() {
    return List.of(
        Map.entry("E[1,1]", "30"),
        Map.entry("E[1,2]", "55"),
        Map.entry("E[1,3]", "35"),
        Map.entry("E[2,1]", "40"),
        Map.entry("E[2,3]", "46,67"),
        Map.entry("E[3,1]", "50"),
        Map.entry("E[3,2]", "91.67"),
        Map.entry("E[3,3]", "58.33"));
  }

  /// Right answers, a slip that is carried on, a rounded number, nonsense; then it is mended.
  @Test
  void aStudentFillsItInOnAPhone() throws Exception {
    open(Browser.onPhone(), sheet(ROUTES, Judge.AT_ONCE));
    assertThat(count()).startsWith("0 of ");
    expected().forEach(answer -> write(answer.getKey(), answer.getValue()));
    assertThat(count()).startsWith("8 of ");
    write("df", "8");
    assertThat(looks("df", "is-wrong")).isTrue();
    assertThat(field("df").getDomAttribute("aria-invalid")).isEqualTo("true");
    assertThat(said()).anyMatch(text -> text.contains("?"));
    write("crit", "15.507");
    assertThat(looks("crit", "follows")).isTrue();
    assertThat(said()).anyMatch(text -> text.startsWith("Right from your own earlier numbers"));
    write("X2", "fourteen");
    assertThat(looks("X2", "is-unreadable")).isTrue();
    write("X2", "14.09");
    assertThat(said()).contains("Right if earlier results are rounded.");
    write("df", "4");
    assertThat(looks("df", "is-right")).isTrue();
    assertThat(looks("crit", "is-wrong")).isTrue();
    write("crit", "9.488");
    assertThat(count()).startsWith("11 of ");
  }

  /// A slip in one cell is named with its place; the hints go from the formula to the numbers, and
  /// never to the value.
  @Test
  void hintsLeadToTheNumberAndNeverGiveIt() throws Exception {
    open(Browser.onPhone(), sheet(ROUTES, Judge.AT_ONCE));
    write("E[2,3]", "53.3");
    assertThat(said()).anyMatch(text -> text.startsWith("Gorge path, Autumn."));
    go("E[2,3]");
    press("hint");
    assertThat(said()).anyMatch(text -> text.contains("The formula:") && !text.contains("160"));
    press("hint");
    assertThat(said())
        .anyMatch(text -> text.contains("160") && text.contains("140") && text.contains("480"))
        .noneMatch(text -> text.contains("46.67"));
    write("E[2,3]", "46.67");
    assertThat(said()).isEmpty();
    go("K[2,3]");
    press("hint");
    press("hint");
    assertThat(said()).anyMatch(text -> text.contains("58") && text.contains("46.67"));
  }

  @Test
  void atTheEndNothingIsJudgedBeforeItIsAskedFor() throws Exception {
    open(Browser.onPhone(), sheet(ROUTES, Judge.AT_THE_END));
    write("df", "8");
    assertThat(field("df").getDomAttribute("class")).isEqualTo("field");
    assertThat(count()).startsWith("1 of ").endsWith("filled in");
    assertThat(said()).isEmpty();
    press("check");
    assertThat(looks("df", "is-wrong")).isTrue();
    write("df", "4");
    assertThat(field("df").getDomAttribute("class")).isEqualTo("field");
    press("check");
    assertThat(count()).startsWith("1 of ").endsWith("right");
  }

  /// What was written is there when the sheet is opened again, is saved as a table that can be
  /// marked, and can be taken out.
  @Test
  void answersAreKeptAndSaved() throws Exception {
    open(Browser.onDesk(), sheet(ROUTES, Judge.AT_ONCE));
    browser.driver().findElement(By.id("ws-student")).sendKeys("Alder, \"A\"");
    write("E[1,1]", "30");
    write("p", "0,0070");
    browser.driver().navigate().refresh();
    awaitTheScript();
    assertThat(field("E[1,1]").getDomProperty("value")).isEqualTo("30");
    String table = (String) browser.driver().executeScript("return LehrgangSheet.table(0)");
    assertThat(table.lines()).hasSize(2);
    assertThat(table)
        .startsWith("student,\"E[1,1]\",\"E[1,2]\"")
        .contains("\n\"Alder, \"\"A\"\"\",30,", "\"0,0070\"");
    press("again");
    browser.driver().switchTo().alert().accept();
    assertThat(field("E[1,1]").getDomProperty("value")).isEmpty();
  }

  static Stream<Solution> solutions() {
    return Stream.concat(
        Extent.of("one of each", 4, ReferenceCases.oneOfEach()).stream(),
        Demo.some().stream().map(name -> DemoCourse.open(name).solution()));
  }

  /// Every blank of the sheet has one field with a name, and nothing is asked that is not there.
  @ParameterizedTest
  @MethodSource("solutions")
  void everyBlankHasAField(Solution solution) {
    Solved solved = solved(solution);
    Document sheet = Jsoup.parse(sheet(solution, Judge.AT_ONCE));
    assertThat(sheet.select("input[data-line]")).hasSize(solved.blanks().count());
    assertThat(sheet.select("input[data-line]"))
        .allSatisfy(field -> assertThat(field.attr("aria-label")).isNotBlank());
    assertThat(sheet.select("script[src], link, img[src^=http]")).isEmpty();
  }

  /// What the page runs.
  private static String unpacked(String sheet) throws IOException {
    Element packed = Jsoup.parse(sheet).getElementById("ws-packed");
    byte[] bytes = Base64.getDecoder().decode(packed.data());
    try (InputStream in = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  /// Short enough to be sent about, fonts included.
  @ParameterizedTest
  @MethodSource("solutions")
  void theFileIsSmall(Solution solution) {
    String sheet = sheet(solution, Judge.AT_ONCE);
    boolean usual = sheet.split("@font-face", -1).length == 1 + WebFont.values().length;
    assertThat(sheet.getBytes(StandardCharsets.UTF_8).length).isLessThan(usual ? 155_000 : 300_000);
    assertThat(usual)
        .as("letters: " + sheet.replaceAll("[\\x00-\\x7f]", ""))
        .isEqualTo(!sheet.contains("é"));
  }

  /// A page in other letters brings them along.
  @Test
  void otherLettersComeWithTheirFonts() {
    String usual = sheet(ROUTES, Judge.AT_ONCE);
    String other =
        sheet(ROUTES.withTable(ROUTES.table().withRowLabel(0, "Cesta k útulně")), Judge.AT_ONCE);
    assertThat(usual.split("@font-face", -1)).hasSize(1 + WebFont.values().length);
    assertThat(other.split("@font-face", -1)).hasSize(1 + 2 * WebFont.values().length);
  }

  /// Where no script may run, the page says that it judges nothing, and is a sheet all the same.
  @Test
  void withoutScriptsTheSheetSaysSo() throws Exception {
    open(Browser.onDesk(), sheet(ROUTES, Judge.AT_ONCE));
    assertThat(browser.driver().findElements(By.id("ws-unjudged"))).isEmpty();
    Path file =
        Files.writeString(
            folder.resolve("old.html"),
            sheet(ROUTES, Judge.AT_ONCE).replace("new DecompressionStream", "new Unheard"));
    browser.driver().get(file.toUri().toString());
    WebElement said = browser.driver().findElement(By.id("ws-unjudged"));
    for (int k = 0; k < 50 && !said.isDisplayed(); k++) {
      Thread.sleep(100);
    }
    assertThat(said.getText()).startsWith("Answers are not checked here");
    assertThat(browser.driver().findElements(By.cssSelector("input[data-line]"))).isNotEmpty();
  }

  /// The page holds no answer: no number of a hidden line stands in it that other numbers do not
  /// bring along.
  @ParameterizedTest
  @MethodSource("solutions")
  void noAnswerStandsInTheFile(Solution solution) throws IOException {
    Solved solved = solved(solution);
    Page key = solved.page(Audience.FULL);
    String sheet = sheet(solution, Judge.AT_ONCE);
    String shown = Jsoup.parse(sheet).body().text();
    String data =
        unpacked(sheet)
            .lines()
            .filter(one -> one.startsWith("const LehrgangPage"))
            .findFirst()
            .orElseThrow();
    for (LineId line : solved.blanks().lines()) {
      String answer = key.shown(line).text().replace("−", "-");
      if (answer.matches("-?[0-9]+[.][0-9]{2,}") && !shown.contains(answer)) {
        assertThat(data).as(line.toString()).doesNotContain(answer);
      }
    }
  }

  /// Labels that look like markup do nothing.
  @Test
  void labelsAreInert() throws Exception {
    String evil = "</script><script>document.title='gone'</script>";
    TableEntry table = ROUTES.table().withRowLabel(0, evil);
    open(Browser.onDesk(), sheet(ROUTES.withTable(table), Judge.AT_ONCE));
    assertThat(browser.driver().getTitle()).isEqualTo("Does route choice depend on the season?");
    write("E[1,1]", "30");
    assertThat(count()).startsWith("1 of ");
  }

  @Test
  void severalSolutionsAreOneSheet() throws Exception {
    Solved first = solved(ROUTES);
    Solved second = solved(DemoCourse.open("deer-gate").solution());
    open(
        Browser.onDesk(),
        WorkingSheet.of(
            new Order(List.of(first, second), Audience.STUDENT, ROUTES.sheet()), Judge.AT_ONCE));
    int all = first.blanks().count() + second.blanks().count() + 2;
    assertThat(count()).isEqualTo("0 of " + all + " right");
    WebElement z =
        browser.driver().findElement(By.cssSelector("[data-sheet='1'][aria-label='Statistic']"));
    browser.driver().executeScript("arguments[0].scrollIntoView({block: 'center'})", z);
    z.sendKeys("-2.42", Keys.ENTER);
    assertThat(count()).isEqualTo("1 of " + all + " right");
  }
}
