package lehrgang.desktop;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Recipe;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseFormat;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Kind;
import lehrgang.documents.cases.WorkbookSheet;
import lehrgang.documents.solutionfile.FileProblem;

/// A file that arrives: how it is written and what it was taken for, both open to change, its first
/// lines, and what is to be counted.
final class RecordsView extends ScrollPane {
  private static final double WIDEST = 1000;
  private static final int LINES = 14;
  private static final int MOST_LINES_OFFERED = 200;
  private static final List<Character> SEPARATORS = List.of(',', ';', '\t', '|');

  /// What becomes of the file.
  interface Use {
    /// Its records are to be counted.
    void count(CaseSource file, Recipe recipe, Consumer<String> failed);

    /// It is a table already.
    void table(CaseSource file, Kind kind, Consumer<String> failed);

    void leave();
  }

  private final Use use;
  private final VBox desk = new VBox();
  private CaseSource file;
  private CaseTable sample;
  private Kind kind = Kind.RECORDS;
  private Recipe.Form form = Recipe.Form.TWO;
  private String layers = "";
  private String rows = "";
  private String columns = "";

  RecordsView(Use use) {
    this.use = use;
    setId("records-view");
    setVisible(false);
    getStyleClass().add("start-view");
    setFitToWidth(true);
    setFitToHeight(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    desk.getStyleClass().addAll("start-desk", "records");
    desk.setAlignment(Pos.TOP_CENTER);
    setContent(desk);
  }

  /// Shows a file. Where there is only one way to count its columns, that is proposed.
  ///
  /// @throws FileProblem if it cannot be read
  void show(CaseSource arrived) throws FileProblem {
    sample = arrived.sample();
    file = arrived;
    kind = Kind.of(sample);
    List<String> names = sample.columns();
    form = names.size() == 1 ? Recipe.Form.ONE : Recipe.Form.TWO;
    rows = names.size() <= 2 ? names.getFirst() : "";
    columns = names.size() == 2 ? names.getLast() : "";
    layers = "";
    set("");
  }

  /// Goes back without taking the file.
  void leave() {
    use.leave();
  }

  /// Reads the file in another way, if it can be read so.
  private void reread(CaseSource changed) {
    String problem = "";
    try {
      sample = changed.sample();
      file = changed;
    } catch (FileProblem e) {
      problem = e.getMessage();
    }
    set(problem);
  }

  private void set(String problem) {
    VBox sheet = new VBox(heading(), format(), preview());
    sheet.getStyleClass().add("records-sheet");
    sheet.setMaxWidth(WIDEST);
    if (kind == Kind.RECORDS) {
      sheet.getChildren().add(question());
    }
    Label message = BlockViews.label(problem, "records-problem");
    message.setId("records-problem");
    message.setManaged(!problem.isEmpty());
    message.setVisible(!problem.isEmpty());
    sheet.getChildren().addAll(message, buttons(message));
    desk.getChildren().setAll(sheet);
  }

  private Node heading() {
    Label name = new Label(file.name());
    name.getStyleClass().add("records-name");
    Segments taken =
        new Segments(
            Words.of("records.kind"),
            Arrays.stream(Kind.values())
                .map(
                    value ->
                        new Segments.Segment(
                            value.key(),
                            Words.of("records.kind." + value.key()),
                            Words.of("records.kind." + value.key() + ".hint")))
                .toList(),
            kind.key(),
            chosen -> {
              kind =
                  Arrays.stream(Kind.values())
                      .filter(value -> value.key().equals(chosen))
                      .findFirst()
                      .orElseThrow();
              set("");
            });
    HBox line = new HBox(new Label(Words.of("records.taken-for")), taken);
    line.getStyleClass().add("records-line");
    return new VBox(name, line);
  }

  private Node format() {
    FlowPane line =
        switch (file) {
          case CaseFile text -> format(text);
          case WorkbookSheet sheet -> format(sheet);
        };
    line.getStyleClass().add("records-format");
    return line;
  }

  private FlowPane format(CaseFile text) {
    CaseFormat now = text.format();
    return new FlowPane(
        new Picker<String>(
                Words.of("records.encoding"),
                name -> name,
                name -> reread(text.withFormat(now.withCharset(CaseFormat.ENCODINGS.get(name)))))
            .named("encoding")
            .show(CaseFormat.ENCODINGS.keySet().stream().sorted().toList(), now.charset().name()),
        new Picker<Character>(
                Words.of("records.separator"),
                RecordsView::separatorInWords,
                separator -> reread(text.withFormat(now.withSeparator(separator))))
            .named("separator")
            .show(SEPARATORS, now.separator()),
        new Picker<CaseFormat.Quotes>(
                Words.of("records.quotes"),
                quotes -> Words.of("records.quotes." + quotes.key()),
                quotes -> reread(text.withFormat(now.withQuotes(quotes))))
            .named("quotes")
            .show(List.of(CaseFormat.Quotes.values()), now.quotes()),
        new Picker<DecimalSign>(
                Words.of("records.decimals"),
                sign -> Words.of("records.decimals." + sign.key()),
                sign -> reread(text.withFormat(now.withSign(sign))))
            .named("decimal-sign")
            .show(List.of(DecimalSign.values()), now.sign()),
        head(now.head(), head -> text.withFormat(now.withHead(head))));
  }

  private FlowPane format(WorkbookSheet sheet) {
    WorkbookSheet.Area area = sheet.area();
    int last = Math.min(sheet.lines(), Math.max(MOST_LINES_OFFERED, area.firstLine()));
    return new FlowPane(
        new Picker<String>(
                Words.of("records.sheet"), name -> name, name -> reread(sheet.withSheet(name)))
            .named("sheet")
            .show(sheet.sheets(), sheet.sheet()),
        new Picker<Integer>(
                Words.of("records.from-line"),
                line -> Integer.toString(line),
                line -> reread(sheet.withArea(area.fromLine(line))))
            .named("first-line")
            .show(IntStream.rangeClosed(1, last).boxed().toList(), area.firstLine()),
        bound(
            "last-line",
            "records.to-line",
            IntStream.rangeClosed(area.firstLine(), sheet.lines()),
            line -> Integer.toString(line),
            area.lastLine(),
            line -> sheet.withArea(area.toLine(line))),
        bound(
            "first-column",
            "records.from-column",
            IntStream.rangeClosed(1, sheet.heads().size()),
            column -> column(sheet, column),
            area.firstColumn(),
            column -> sheet.withArea(area.fromColumn(column))),
        bound(
            "last-column",
            "records.to-column",
            IntStream.rangeClosed(area.firstColumn().orElse(1), sheet.heads().size()),
            column -> column(sheet, column),
            area.lastColumn(),
            column -> sheet.withArea(area.toColumn(column))),
        head(sheet.head(), sheet::withHead));
  }

  private static String column(WorkbookSheet sheet, int column) {
    String head = sheet.heads().get(column - 1);
    return head.isBlank() ? Integer.toString(column) : column + " · " + head;
  }

  /// A side of the range that may be left to where the data end.
  private Node bound(
      String id,
      String name,
      IntStream places,
      IntFunction<String> inWords,
      Optional<Integer> now,
      Function<Optional<Integer>, WorkbookSheet> with) {
    List<Optional<Integer>> entries = new ArrayList<>(List.of(Optional.empty()));
    places.limit(MOST_LINES_OFFERED).mapToObj(Optional::of).forEach(entries::add);
    now.map(Optional::of).filter(entry -> !entries.contains(entry)).ifPresent(entries::add);
    return new Picker<Optional<Integer>>(
            Words.of(name),
            entry -> entry.map(inWords::apply).orElse(Words.of("records.where-data-end")),
            entry -> reread(with.apply(entry)))
        .named(id)
        .show(entries, now);
  }

  private Node head(CaseFormat.Head now, Function<CaseFormat.Head, CaseSource> with) {
    return new Picker<CaseFormat.Head>(
            Words.of("records.head"),
            head -> Words.of("records.head." + (head == CaseFormat.Head.NAMES)),
            head -> reread(with.apply(head)))
        .named("head")
        .show(List.of(CaseFormat.Head.values()), now);
  }

  private static String separatorInWords(char separator) {
    return Words.of(
        "records.separator."
            + switch (separator) {
              case ',' -> "comma";
              case ';' -> "semicolon";
              case '\t' -> "tab";
              default -> "bar";
            });
  }

  private Node preview() {
    GridPane table = new GridPane();
    table.getStyleClass().addAll("grid", "records-preview");
    for (int j = 0; j < sample.columns().size(); j++) {
      boolean number = isNumeric(j);
      add(table, sample.columns().get(j), j, 0, number, "records-head");
      for (int i = 0; i < Math.min(LINES, sample.size()); i++) {
        add(table, sample.field(i, j), j, i + 1, number, "records-field");
      }
    }
    ScrollPane wide = new ScrollPane(table);
    wide.setVbarPolicy(ScrollBarPolicy.NEVER);
    wide.getStyleClass().add("sideways");
    wide.setMinHeight(Region.USE_PREF_SIZE);
    String lines =
        sample.size() > LINES ? Words.of("records.first", LINES) : Words.of("records.all");
    return new VBox(BlockViews.label(lines, "records-note"), wide);
  }

  private static void add(
      GridPane table, String text, int column, int row, boolean number, String style) {
    Label label = new Label(text.isBlank() ? "–" : text);
    label.getStyleClass().add(style);
    label.setMaxWidth(180);
    if (text.isBlank()) {
      label.getStyleClass().add("missing");
    }
    label.setAlignment(number ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
    GridPane.setHalignment(label, number ? HPos.RIGHT : HPos.LEFT);
    table.add(label, column, row);
  }

  private boolean isNumeric(int column) {
    List<String> filled =
        IntStream.range(0, sample.size())
            .mapToObj(i -> sample.field(i, column))
            .filter(text -> !text.isBlank())
            .toList();
    long numbers = filled.stream().filter(text -> file.sign().read(text).isPresent()).count();
    return !filled.isEmpty() && numbers * 2 > filled.size();
  }

  /// What is counted.
  private Node question() {
    List<String> names = sample.columns();
    Segments forms =
        new Segments(
            Words.of("records.count"),
            Arrays.stream(Recipe.Form.values())
                .map(
                    value ->
                        new Segments.Segment(
                            value.key(),
                            Words.of("records.count." + value.key()),
                            Words.of("records.count." + value.key() + ".hint")))
                .toList(),
            form.key(),
            chosen -> {
              form = Recipe.Form.ofKey(chosen).orElseThrow();
              set("");
            });
    Picker<String> first =
        new Picker<String>(
                Words.of("records.rows." + form.key()), name -> name, name -> rows = name)
            .named("count-rows")
            .show(names, rows);
    Picker<String> second =
        new Picker<String>(
                Words.of("records.columns." + form.key()), name -> name, name -> columns = name)
            .named("count-columns")
            .show(names, columns);
    FlowPane choice = new FlowPane(forms, first);
    if (form != Recipe.Form.ONE) {
      choice.getChildren().add(second);
    }
    if (form == Recipe.Form.LAYERS) {
      choice
          .getChildren()
          .add(
              new Picker<String>(Words.of("records.layers"), name -> name, name -> layers = name)
                  .named("count-layers")
                  .show(names, layers));
    }
    choice.getStyleClass().add("records-format");
    Label head = new Label(Words.of("records.count"));
    head.getStyleClass().add("start-head");
    return new VBox(head, choice);
  }

  private Node buttons(Label message) {
    Button go = new Button(Words.of(kind == Kind.RECORDS ? "records.go" : "records.take"));
    go.setId("records-go");
    go.getStyleClass().add("primary");
    go.setDefaultButton(true);
    go.setOnAction(_ -> go(message));
    Button leave = new Button(Words.of("records.leave"));
    leave.getStyleClass().add("quiet");
    leave.setOnAction(_ -> use.leave());
    HBox line = new HBox(go, leave);
    line.getStyleClass().add("records-buttons");
    return line;
  }

  private void go(Label message) {
    Consumer<String> failed =
        problem -> {
          message.setText(problem);
          message.setManaged(true);
          message.setVisible(true);
        };
    if (kind != Kind.RECORDS) {
      use.table(file, kind, failed);
      return;
    }
    Recipe recipe =
        new Recipe(
            List.of(),
            new Recipe.Count(
                form,
                rows,
                form == Recipe.Form.ONE ? "" : columns,
                form == Recipe.Form.LAYERS ? layers : ""));
    use.count(file, recipe, failed);
  }
}
