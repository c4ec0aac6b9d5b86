package lehrgang.documents.handout.odt;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.wording.Span;
import lehrgang.documents.figure.FigureFile;
import lehrgang.documents.file.XmlText;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.handout.order.Part.Numbering;
import lehrgang.documents.handout.order.Part.Rank;
import lehrgang.documents.handout.order.Part.Tone;
import lehrgang.documents.typeset.ChainRows;
import lehrgang.documents.typeset.FormulaSetter;
import lehrgang.documents.typeset.FormulaSetter.Weight;
import lehrgang.documents.typeset.Setting;

/// What stands in a text document, paragraph by paragraph.
final class OdtBody {
  private static final double SIZE = 11.5;
  private static final double WIDTH = 450;
  private static final double FIGURE_WIDTH = 14.5;
  private static final double POINTS_TO_CM = 2.54 / 72;
  private static final FormulaSetter SETTER = new FormulaSetter(6);

  private final Manuscript manuscript;
  private final WorkingRoom room;
  private final StringBuilder body = new StringBuilder();
  private final Map<String, byte[]> pictures = new LinkedHashMap<>();
  private final OdtFormulas formulas;
  private final OdtTables tables = new OdtTables();
  private OdtInline inline;

  OdtBody(Manuscript manuscript, WorkingRoom room) {
    this.manuscript = manuscript;
    this.room = room;
    this.formulas = new OdtFormulas(manuscript.wording().speech());
    this.inline = new OdtInline(manuscript.chapters().getFirst(), formulas);
    write();
  }

  String content() {
    return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<office:document-content "
        + OdtStyles.NAMESPACES
        + "><office:automatic-styles>"
        + tables.styles()
        + "</office:automatic-styles><office:body><office:text>"
        + body
        + "</office:text></office:body></office:document-content>\n";
  }

  /// Formulas and pictures, by the names of their files.
  Map<String, byte[]> objects() {
    Map<String, byte[]> files = new LinkedHashMap<>();
    formulas
        .files()
        .forEach((file, content) -> files.put(file, content.getBytes(StandardCharsets.UTF_8)));
    files.putAll(pictures);
    return files;
  }

  private void write() {
    String line = OdtInline.text(manuscript.head().line());
    String name = manuscript.head().name();
    if (!line.isEmpty() || !name.isEmpty()) {
      String rule = OdtInline.styled("Blank", "\u00a0".repeat(60));
      paragraph(
          "Head", line + (name.isEmpty() ? "" : "<text:tab/>" + OdtInline.text(name + " ") + rule));
    }
    for (Manuscript.Chapter chapter : manuscript.chapters()) {
      inline = new OdtInline(chapter, formulas);
      heading("Sheet_20_title", 1, OdtInline.text(chapter.title()));
      chapter.onPaper().forEach(this::part);
    }
    for (Manuscript.Printed printed : manuscript.printed()) {
      paragraph("Lead", OdtInline.text(printed.title()));
      body.append(tables.table(printed.table()));
    }
  }

  private void paragraph(String style, String content) {
    body.append("<text:p text:style-name=\"%s\">%s</text:p>".formatted(style, content));
  }

  private void heading(String style, int level, String content) {
    body.append(
        "<text:h text:style-name=\"%s\" text:outline-level=\"%d\">%s</text:h>"
            .formatted(style, level, content));
  }

  private void part(Part part) {
    switch (part) {
      case Part.Heading(_, var number, var title, var points) ->
          heading(
              "Step",
              2,
              OdtInline.text(number + "\u2002" + title)
                  + (points.isEmpty()
                      ? ""
                      : OdtInline.styled("Points", OdtInline.text("\u2002" + points))));
      case Part.Sentence(var tone, var spans) -> sentence(tone, spans);
      case Part.Items(var numbered, var items) -> {
        for (int i = 0; i < items.size(); i++) {
          String mark = numbered == Numbering.NUMBERED ? (i + 1) + ".\u2002" : "–\u2002";
          paragraph("Standard", OdtInline.text(mark) + inline.of(items.get(i)));
        }
      }
      case Part.Working working -> working(working);
      case Part.Tables(var some) -> some.forEach(this::table);
      case Part.Picture(var figure) -> picture(figure);
      case Part.Listing _, Part.Behind _ -> {
        // On paper a list is a table, and nothing is folded away.
      }
      case Part.Illustrated shown ->
          frame(
              shown.picture().kind().ending(),
              shown.picture().kind().type(),
              shown.picture().content(),
              shown.width(WIDTH) * POINTS_TO_CM,
              shown.height(WIDTH) * POINTS_TO_CM,
              shown.alternative());
      case Part.Room(var squares) -> room(squares);
    }
  }

  private void sentence(Tone tone, List<Span> spans) {
    String style =
        switch (tone) {
          case PLAIN -> "Standard";
          case TASK -> "Task";
          case CHECKED -> "Checked";
          case WARNING -> "Warned";
          case NOTE, SOURCE -> "Aside";
          case LEAD -> "Lead";
          case REPORT -> "Report";
          case VERDICT -> "Verdict";
        };
    String mark = tone == Tone.CHECKED ? "✓\u2002" : tone == Tone.WARNING ? "!\u2002" : "";
    paragraph(style, OdtInline.text(mark) + inline.of(spans));
  }

  private void table(Part.Table table) {
    if (!table.title().isEmpty()) {
      paragraph("Lead", inline.of(table.title()));
    }
    body.append(tables.table(table));
  }

  private void working(Part.Working working) {
    if (!working.named().isEmpty()) {
      paragraph("Lead", OdtInline.text(working.named()));
    }
    working.hint().ifPresent(this::chain);
    if (working.rank() == Rank.ASKED) {
      paragraph("Standard", inline.of(working.chain().box()));
    } else {
      chain(working.chain());
    }
  }

  private record Term(List<Box> boxes, double width) {}

  /// A chain that is too wide for a line is broken as it is on paper, each row an object.
  private void chain(Chain chain) {
    List<List<Term>> parts = new ArrayList<>();
    parts.add(List.of(new Term(List.of(chain.left()), SETTER.set(chain.left(), SIZE).width())));
    for (Chain.Link link : chain.links()) {
      List<Setting> settings = SETTER.set(link, SIZE, Weight.STEP);
      List<Term> terms = new ArrayList<>();
      for (int i = 0; i < settings.size(); i++) {
        List<Box> boxes = new ArrayList<>();
        if (i == 0) {
          boxes.add(Box.operator(link.sign()));
        }
        boxes.add(link.terms().get(i));
        terms.add(new Term(boxes, settings.get(i).width()));
      }
      parts.add(terms);
    }
    for (ChainRows.Row<Term> row : ChainRows.of(parts, Term::width, WIDTH)) {
      List<Box> boxes = row.parts().stream().flatMap(term -> term.boxes().stream()).toList();
      paragraph("Standard", formulas.object(new Box.Row(boxes)));
    }
  }

  private void picture(FigureSpec figure) {
    double height = FIGURE_WIDTH * FigureFile.heightToWidth(figure);
    frame(FigureFile.svg(figure), FIGURE_WIDTH, height, FigureFile.alternative(figure));
  }

  private void frame(String svg, double width, double height, String alternative) {
    byte[] content = svg.getBytes(StandardCharsets.UTF_8);
    frame("svg", "image/svg+xml", content, width, height, alternative);
  }

  /// A picture in a frame.
  ///
  /// @param width  in centimetres
  /// @param height in centimetres
  private void frame(
      String ending, String type, byte[] content, double width, double height, String alternative) {
    String file = "Pictures/%d.%s".formatted(pictures.size() + 1, ending);
    pictures.put(file, content);
    paragraph(
        "Standard",
        String.format(
            Locale.ROOT,
            "<draw:frame draw:style-name=\"Picture\" draw:name=\"Picture %d\""
                + " text:anchor-type=\"as-char\" svg:width=\"%.2fcm\""
                + " svg:height=\"%.2fcm\"><draw:image xlink:href=\"%s\" xlink:type=\"simple\""
                + " xlink:show=\"embed\" xlink:actuate=\"onLoad\""
                + " draw:mime-type=\"%s\"/><svg:desc>%s</svg:desc></draw:frame>",
            pictures.size(),
            width,
            height,
            file,
            type,
            XmlText.escaped(alternative)));
  }

  private void room(int squares) {
    boolean grid = room == WorkingRoom.GRID;
    frame(OdtRoom.svg(grid, squares), OdtRoom.WIDTH / 10.0, squares * 0.5, "");
  }
}
