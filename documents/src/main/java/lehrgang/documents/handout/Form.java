package lehrgang.documents.handout;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.handout.html.HtmlHandout;
import lehrgang.documents.handout.markdown.MarkdownHandout;
import lehrgang.documents.handout.odt.OdtHandout;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Sheet;
import lehrgang.documents.handout.pdf.PdfHandout;
import lehrgang.documents.handout.qti.QtiPackage;
import lehrgang.documents.handout.tex.TexHandout;
import lehrgang.documents.handout.working.WorkingSheet;

/// The forms in which solutions are handed out.
public enum Form {
  /// Pages to be printed, or read on a screen.
  PDF("pdf", ".pdf", (order, _) -> Sheet.alone(PdfHandout.of(order))),
  /// One file for a browser, on a phone or at a desk.
  WEB_PAGE("html", ".html", (order, _) -> Sheet.alone(utf8(HtmlHandout.of(order)))),
  /// One file for a browser that students fill in and that says what is right; for them alone.
  WORKING_SHEET(
      "working-sheet",
      ".html",
      (order, _) -> Sheet.alone(utf8(WorkingSheet.of(order, WorkingSheet.Judge.AT_ONCE)))),
  /// Questions for a learning platform, packed as QTI 3.0; for students alone.
  QTI("qti", ".zip", (order, _) -> QtiPackage.of(order)),
  /// A document for LaTeX.
  TEX("tex", ".tex", TexHandout::of),
  /// A document for a word processor, to be edited on.
  TEXT_DOCUMENT("odt", ".odt", (order, _) -> OdtHandout.of(order)),
  /// Plain text with marks, and figures beside it.
  MARKDOWN("md", ".md", MarkdownHandout::of);

  /// Forms that are read as they are.
  public static final List<Form> TO_READ = List.of(PDF, WEB_PAGE);

  /// Forms that students answer in.
  public static final List<Form> TO_ANSWER = List.of(WORKING_SHEET, QTI);

  /// Forms that stand for the sheet of each audience.
  public static final List<Form> FOR_ALL =
      Arrays.stream(values()).filter(form -> !form.isForStudents()).toList();

  /// Forms that another program goes on with.
  public static final List<Form> TO_WORK_ON = List.of(TEX, TEXT_DOCUMENT, MARKDOWN);

  private final String key;
  private final String ending;
  private final BiFunction<Order, String, Sheet> maker;

  Form(String key, String ending, BiFunction<Order, String, Sheet> maker) {
    this.key = key;
    this.ending = ending;
    this.maker = maker;
  }

  private static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  /// As it stands in options.
  public String key() {
    return key;
  }

  /// How the names of its files end, such as `.pdf`.
  public String ending() {
    return ending;
  }

  /// What is ordered, in this form; the same order gives the same bytes.
  ///
  /// @param name of the file, with or without its ending; files beside it are called after it and
  ///     after the form, so that another form in the same folder has others
  public Sheet make(Order order, String name) {
    return maker.apply(order, name.replaceFirst("\\.[^.]*$", "") + "-" + key);
  }

  /// Writes what is ordered to a file, and what stands beside it into the same folder.
  ///
  /// @throws FileProblem if one of them cannot be written
  public void write(Order order, Path path) throws FileProblem {
    write(make(order, path.getFileName().toString()), path);
  }

  /// Writes a sheet that was made, and what stands beside it.
  ///
  /// @throws FileProblem if one of the files cannot be written
  public static void write(Sheet sheet, Path path) throws FileProblem {
    WholeFile.write(path, sheet.content());
    for (Map.Entry<String, byte[]> beside : sheet.beside().entrySet()) {
      WholeFile.write(path.resolveSibling(beside.getKey()), beside.getValue());
    }
  }

  /// Whether it is what students answer in, and nothing that other audiences could be given.
  public boolean isForStudents() {
    return TO_ANSWER.contains(this);
  }

  /// Whether it is text that can be copied into another program.
  public boolean isText() {
    return this == WEB_PAGE || this == TEX || this == MARKDOWN;
  }

  /// The form that a key stands for; empty for an unknown one.
  public static Optional<Form> ofKey(String key) {
    return Arrays.stream(values()).filter(form -> form.key.equals(key)).findFirst();
  }

  /// The form of a file, by the ending of its name; empty for another one.
  public static Optional<Form> ofFile(String name) {
    return Arrays.stream(values()).filter(form -> name.endsWith(form.ending)).findFirst();
  }

  /// The keys of all forms.
  public static List<String> keys() {
    return Arrays.stream(values()).map(Form::key).toList();
  }
}
