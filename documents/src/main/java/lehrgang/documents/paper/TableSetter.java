package lehrgang.documents.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;

/// Sets a table in rows that stand below each other, its columns as wide as what stands in them.
/// One that is too wide is set smaller, and then in parts below one another, each with the first
/// column.
public final class TableSetter {
  private static final double PADDING = 5.5;
  private static final double SPARE = 3.2;
  private static final double LONGEST_SIDE = 118;
  private static final double LONGEST_HEAD = 62;
  private static final double SMALLEST = 0.68;
  private static final double HAIR = 0.6;
  private static final double ROOM_HEIGHT = 17;
  private static final double ROOM_GAP = 3;

  /// A table to be set.
  ///
  /// @param head  rows of heads
  /// @param foot  rows of totals; may be empty
  /// @param total whether the last column is one of totals, set off by a rule
  /// @param caption above it; may be empty
  public record Table(
      Optional<Sentence> caption,
      List<List<Cell>> head,
      List<List<Cell>> body,
      List<List<Cell>> foot,
      boolean total) {}

  /// A table in slabs.
  public record SetTable(Slab head, List<Slab> rows, Optional<Slab> foot) {
    public double width() {
      double widest = head.width();
      for (Slab row : rows) {
        widest = Math.max(widest, row.width());
      }
      return widest;
    }

    public double height() {
      return head.height()
          + rows.stream().mapToDouble(Slab::height).sum()
          + foot.map(Slab::height).orElse(0.0);
    }

    /// All of it in one slab.
    public Slab whole() {
      List<Slab> all = new ArrayList<>();
      all.add(head);
      all.addAll(rows);
      foot.ifPresent(all::add);
      return Slab.stacked(all);
    }
  }

  private final Element parent;
  private final double available;

  /// @param parent    the element of which the tables are parts
  /// @param available how wide they may be
  public TableSetter(Element parent, double available) {
    this.parent = parent;
    this.available = available;
  }

  /// A table in as many parts as it needs.
  public List<SetTable> set(Table table) {
    double[] widths = widths(table, 1);
    double needed = sum(widths);
    if (needed <= available) {
      return List.of(part(table, widths, 1));
    }
    double scale = Math.max(SMALLEST, available / needed * 0.99);
    Table smaller = scaled(table, scale);
    double[] small = widths(smaller, scale);
    if (sum(small) <= available) {
      return List.of(part(smaller, small, scale));
    }
    List<SetTable> parts = new ArrayList<>();
    int from = 1;
    while (from < small.length) {
      double used = small[0];
      int to = from;
      while (to < small.length && (to == from || used + small[to] <= available)) {
        used += small[to++];
      }
      Table columns = columns(smaller, from, to);
      parts.add(part(columns, widths(columns, scale), scale));
      from = to;
    }
    return parts;
  }

  private static double sum(double[] widths) {
    double sum = 0;
    for (double width : widths) {
      sum += width;
    }
    return sum;
  }

  private static Table scaled(Table table, double scale) {
    return new Table(
        table.caption(),
        sized(table.head(), scale),
        sized(table.body(), scale),
        sized(table.foot(), scale),
        table.total());
  }

  private static List<List<Cell>> sized(List<List<Cell>> rows, double scale) {
    return rows.stream()
        .map(row -> row.stream().map(cell -> cell.sized(cell.size() * scale)).toList())
        .toList();
  }

  private static Table columns(Table table, int from, int to) {
    boolean last = to == table.head().getFirst().size();
    return new Table(
        from == 1 ? table.caption() : Optional.empty(),
        columns(table.head(), from, to),
        columns(table.body(), from, to),
        columns(table.foot(), from, to),
        table.total() && last);
  }

  private static List<List<Cell>> columns(List<List<Cell>> rows, int from, int to) {
    return rows.stream()
        .map(
            row -> {
              List<Cell> some = new ArrayList<>(List.of(row.getFirst()));
              some.addAll(row.subList(from, Math.min(to, row.size())));
              return some;
            })
        .toList();
  }

  private static double[] widths(Table table, double scale) {
    int columns = table.head().getFirst().size();
    double[] widths = new double[columns];
    for (List<List<Cell>> rows : List.of(table.head(), table.body(), table.foot())) {
      for (List<Cell> row : rows) {
        for (int column = 0; column < row.size(); column++) {
          widths[column] = Math.max(widths[column], width(row.get(column), column, scale));
        }
      }
    }
    return widths;
  }

  private static double width(Cell cell, int column, double scale) {
    if (cell.room().isPresent()) {
      return cell.asked() * scale + 2 * ROOM_GAP;
    }
    double natural = Fitting.width(cell.text(), cell.typeface(), cell.size());
    boolean isText = cell.type() != Element.Type.CELL;
    double longest = (column == 0 ? LONGEST_SIDE : LONGEST_HEAD) * scale;
    double most =
        isText ? Math.min(natural, Math.max(longest, longestWord(cell, longest))) : natural;
    return most + 2 * PADDING * scale - (column == 0 ? PADDING * scale : 0);
  }

  private static double longestWord(Cell cell, double longest) {
    double widest = 0;
    for (String word : cell.text().split(" ")) {
      widest = Math.max(widest, Fitting.width(word, cell.typeface(), cell.size()));
    }
    return Math.min(widest, longest * 1.6);
  }

  private SetTable part(Table table, double[] widths, double scale) {
    double padding = PADDING * scale;
    Element element = parent.part(Element.Type.TABLE);
    List<Slab> head = new ArrayList<>();
    table
        .caption()
        .filter(caption -> !caption.isEmpty())
        .ifPresent(
            caption ->
                head.addAll(
                    caption.lines(Math.max(sum(widths), 120), element.part(Element.Type.CAPTION))));
    for (List<Cell> row : table.head()) {
      head.add(row(row, widths, element, table.total(), false, padding));
    }
    List<Slab> body =
        table.body().stream()
            .map(row -> row(row, widths, element, table.total(), false, padding))
            .toList();
    List<Slab> foot = new ArrayList<>();
    for (int i = 0; i < table.foot().size(); i++) {
      foot.add(row(table.foot().get(i), widths, element, table.total(), i == 0, padding));
    }
    return new SetTable(
        Slab.stacked(head),
        body,
        foot.isEmpty() ? Optional.empty() : Optional.of(Slab.stacked(foot)));
  }

  private static Slab row(
      List<Cell> cells,
      double[] widths,
      Element table,
      boolean total,
      boolean ruled,
      double padding) {
    Element row = table.part(Element.Type.ROW);
    List<List<Slab>> lines = new ArrayList<>();
    double height = 0;
    for (int column = 0; column < cells.size(); column++) {
      Cell cell = cells.get(column);
      double inner = widths[column] - padding - (column == 0 ? 0 : padding) + 0.5;
      Element element = row.part(cell.type());
      List<Slab> set =
          new Sentence(cell.size())
              .add(cell.text(), cell.typeface(), cell.colour())
              .lines(Math.max(inner, 4), element);
      lines.add(set);
      double tall =
          cell.room().isPresent()
              ? ROOM_HEIGHT + ROOM_GAP
              : set.stream().mapToDouble(Slab::height).sum() + SPARE;
      height = Math.max(height, tall);
    }
    List<Piece> pieces = new ArrayList<>();
    double x = 0;
    for (int column = 0; column < cells.size(); column++) {
      Cell cell = cells.get(column);
      ornament(cell, x, widths[column], height).ifPresent(pieces::add);
      List<Slab> set = lines.get(column);
      double textHeight = set.stream().mapToDouble(Slab::height).sum();
      double y =
          cell.type() == Element.Type.COLUMN_HEAD
              ? height - textHeight - SPARE / 2
              : (height - textHeight) / 2;
      for (Slab line : set) {
        double left =
            cell.align() == Cell.Align.LEFT
                ? x + (column == 0 ? 0 : padding)
                : x + widths[column] - padding - line.width();
        double top = y;
        line.pieces().forEach(piece -> pieces.add(piece.moved(left, top)));
        y += line.height();
      }
      x += widths[column];
    }
    List<Paint> rules = new ArrayList<>();
    if (ruled) {
      rules.add(Paint.Stroke.line(0, 0, x, 0, HAIR, Palette.INK.light()));
    }
    if (total && cells.getFirst().type() != Element.Type.COLUMN_HEAD) {
      double at = x - widths[widths.length - 1];
      rules.add(Paint.Stroke.line(at, 0, at, height, HAIR, Palette.INK.light()));
    }
    if (!rules.isEmpty()) {
      pieces.add(Piece.ornament(rules));
    }
    return new Slab(x, height, pieces);
  }

  private static Optional<Piece> ornament(Cell cell, double x, double width, double height) {
    List<Paint> paints = new ArrayList<>();
    cell.ground().ifPresent(colour -> paints.add(Paint.Fill.box(x, 0, width, height, colour)));
    if (cell.edge() == Cell.Edge.FRAMED) {
      paints.add(
          new Paint.Frame(
              x + 1, 0.5, width - 2, height - 1, 1.5, 1.2, Palette.SELECTED_EDGE.light()));
    }
    cell.room()
        .ifPresent(
            corner -> {
              double top = (height - ROOM_HEIGHT) / 2;
              paints.add(
                  new Paint.Frame(
                      x + ROOM_GAP,
                      top,
                      width - 2 * ROOM_GAP,
                      ROOM_HEIGHT,
                      1.5,
                      0.5,
                      Palette.FAINT.light()));
              if (!corner.isEmpty()) {
                paints.add(
                    new Paint.Text(
                        x + ROOM_GAP + 2,
                        top + 5.6,
                        corner,
                        Typeface.SANS,
                        5,
                        Palette.FAINT.light()));
              }
            });
    return paints.isEmpty() ? Optional.empty() : Optional.of(Piece.ornament(paints));
  }
}
