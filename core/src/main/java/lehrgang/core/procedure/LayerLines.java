package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.LineWriter.datum;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.derivation.Role;
import lehrgang.core.distribution.ChiSquaredUpperTail;
import lehrgang.core.distribution.SecondOpinion;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.wording.Phrase;

/// The numbers of one two-way question asked in each layer of a third variable, and of all layers
/// thrown together.
///
/// The first index of a line is its layer; for all of them together a + stands there, and the
/// family
/// ends in `.all`.
final class LayerLines {
  /// The name of the index that runs over the layers.
  static final String INDEX = "k";

  /// Stands for all layers together where an index names the layer.
  static final String ALL = "+";

  private final LayeredTable table;
  private final int rows;
  private final int columns;

  /// The layers that compare anything, as their index.
  private final List<String> comparing;

  private final Lines lines = new Lines();

  private LayerLines(LayeredTable table) {
    this.table = table;
    this.rows = table.first().rows().size();
    this.columns = table.first().columns().size();
    this.comparing = table.comparing().stream().map(k -> Integer.toString(k + 1)).toList();
  }

  static Lines of(LayeredTable table, Rational level, ChiSquaredDecision decision) {
    LayerLines all = new LayerLines(table);
    all.counts();
    all.lines.add(LineWriter.level(level));
    all.new Part(ALL).add();
    all.comparing.forEach(k -> all.new Part(k).add());
    if (table.isTwoByTwo()) {
      new CommonOddsLines(all).add();
    } else {
      all.sumOfLayers();
    }
    ChiSquaredDecision.addCritical(all.lines);
    ChiSquaredDecision.addTail(all.lines, "p", Symbol.of("p"), "X2");
    if (table.isTwoByTwo()) {
      ChiSquaredDecision.addTail(all.lines, "p.cc", Symbol.of("p").lowered("corr"), "X2.cc");
    }
    decision.addDecision(all.lines);
    if (table.isTwoByTwo()) {
      CommonOddsLines.addInterval(all.lines);
    }
    return all.lines;
  }

  void add(Line line) {
    lines.add(line);
  }

  Evaluation exact() {
    return lines.evaluate(new Reading.Exact());
  }

  List<String> comparing() {
    return comparing;
  }

  /// Adds a line of a layer.
  void inLayer(String family, Symbol symbol, String k, Expr formula, Kind kind) {
    LineId id = LineId.general(family, k);
    add(new Line(id, symbol.at(id.index()), inWords(k), formula, kind));
  }

  private Phrase inWords(String k) {
    return k.equals(ALL)
        ? Phrase.of("place.pooled")
        : Phrase.label(table.layers().get(Integer.parseInt(k) - 1));
  }

  private void counts() {
    for (int k = 1; k <= table.layers().size(); k++) {
      int layer = k;
      TwoWayTable counted = table.tables().get(k - 1);
      String index = Integer.toString(k);
      cells((i, j) -> inCell("O", index, i, j, datum(counted.count(i - 1, j - 1)), Role.OBSERVED));
      margins("", index);
      Expr size =
          LineWriter.along(
              "i", LineId.general("R", index, "i"), rows, i -> LineId.of("R", layer, i));
      LineId id = LineId.of("n", k);
      Symbol symbol = Symbol.of("n").at(id.index());
      add(new Line(id, symbol, inWords(index), size, Kind.COUNT).as(Role.GRAND_TOTAL));
    }
    cells((i, j) -> inCell("O.all", ALL, i, j, everyLayer(i, j), Role.OBSERVED));
    margins(".all", ALL);
    add(
        single(
                "n",
                Symbol.of("n"),
                LineWriter.along(
                    INDEX,
                    LineId.general("n", INDEX),
                    table.layers().size(),
                    k -> LineId.of("n", k)),
                Kind.COUNT)
            .as(Role.GRAND_TOTAL));
    add(single("r", Symbol.of("r"), datum(rows), Kind.DEGREES_OF_FREEDOM));
    add(single("c", Symbol.of("c"), datum(columns), Kind.DEGREES_OF_FREEDOM));
    add(
        single(
            "df.each",
            Symbol.of("df").lowered("each"),
            product(line("r").minus(number(1)), line("c").minus(number(1))),
            Kind.DEGREES_OF_FREEDOM));
  }

  private Expr everyLayer(int i, int j) {
    return LineWriter.along(
        INDEX,
        LineId.general("O", INDEX, text(i), text(j)),
        table.layers().size(),
        k -> LineId.of("O", k, i, j));
  }

  private void margins(String ending, String k) {
    for (int i = 1; i <= rows; i++) {
      String row = text(i);
      Expr sum =
          LineWriter.along(
              "j",
              LineId.general("O" + ending, k, row, "j"),
              columns,
              j -> LineId.general("O" + ending, k, row, text(j)));
      margin("R", ending, k, i, table.first().rows(), sum, Role.ROW_TOTAL);
    }
    for (int j = 1; j <= columns; j++) {
      String column = text(j);
      Expr sum =
          LineWriter.along(
              "i",
              LineId.general("O" + ending, k, "i", column),
              rows,
              i -> LineId.general("O" + ending, k, text(i), column));
      margin("C", ending, k, j, table.first().columns(), sum, Role.COLUMN_TOTAL);
    }
  }

  private void margin(
      String letter,
      String ending,
      String k,
      int position,
      List<String> labels,
      Expr sum,
      Role role) {
    LineId id = LineId.general(letter + ending, k, text(position));
    Phrase place = within(Phrase.of("place.margin").with("label", labels.get(position - 1)), k);
    add(new Line(id, Symbol.of(letter).at(id.index()), place, sum, Kind.COUNT).as(role));
  }

  private Phrase within(Phrase place, String k) {
    return Phrase.of("place.in-layer").with("place", place).with("layer", inWords(k));
  }

  /// @param family its first letter is its symbol
  private void inCell(String family, String k, int i, int j, Expr formula, Role role) {
    LineId id = LineId.general(family, k, text(i), text(j));
    Phrase place =
        Phrase.of("place.cell")
            .with("row", table.first().rows().get(i - 1))
            .with("column", table.first().columns().get(j - 1));
    Kind kind = role == Role.OBSERVED ? Kind.COUNT : Kind.EXPECTED;
    Symbol symbol = Symbol.of(family.substring(0, 1)).at(id.index());
    add(new Line(id, symbol, within(place, k), formula, kind).as(role));
  }

  private interface EachCell {
    void at(int i, int j);
  }

  private void cells(EachCell each) {
    for (int i = 1; i <= rows; i++) {
      for (int j = 1; j <= columns; j++) {
        each.at(i, j);
      }
    }
  }

  private static String text(int position) {
    return Integer.toString(position);
  }

  /// The question asked of one table: that of a layer, or of all layers together.
  private final class Part {
    private final String k;
    private final String cells;
    private final String ending;
    private final Expr size;

    Part(String k) {
      boolean pooled = k.equals(ALL);
      this.k = k;
      this.cells = pooled ? ".all" : "";
      this.ending = pooled ? ".all" : ".layer";
      this.size = pooled ? line("n") : ref(LineId.general("n", k));
    }

    void add() {
      expected();
      inLayer("X2" + ending, Symbol.of("χ").raised("2"), k, statistic(), Kind.STATISTIC);
      tail();
      if (table.isTwoByTwo()) {
        shares();
      } else {
        strength();
      }
    }

    private Expr of(String letter, String... place) {
      return ref(LineId.general(letter + cells, join(place)));
    }

    private String[] join(String... place) {
      String[] whole = new String[place.length + 1];
      whole[0] = k;
      System.arraycopy(place, 0, whole, 1, place.length);
      return whole;
    }

    private void expected() {
      LayerLines.this.cells(
          (i, j) ->
              inCell(
                  "E" + cells,
                  k,
                  i,
                  j,
                  product(of("R", text(i)), of("C", text(j))).over(size),
                  Role.EXPECTED));
      LayerLines.this.cells(
          (i, j) ->
              inCell(
                  "D" + cells,
                  k,
                  i,
                  j,
                  of("O", text(i), text(j)).minus(of("E", text(i), text(j))),
                  Role.OTHER));
    }

    private Expr statistic() {
      List<List<String>> members =
          IntStream.rangeClosed(1, rows)
              .boxed()
              .flatMap(
                  i -> IntStream.rangeClosed(1, columns).mapToObj(j -> List.of(text(i), text(j))))
              .toList();
      return Expr.total(
          "ij",
          List.of("i", "j"),
          members,
          cell -> {
            Expr expected = of("E", cell.get(0), cell.get(1));
            return of("O", cell.get(0), cell.get(1)).minus(expected).squared().over(expected);
          });
    }

    private void tail() {
      LineId id = LineId.general("p" + ending, k);
      List<Expr> arguments = List.of(ref(LineId.general("X2" + ending, k)), line("df.each"));
      lines.add(
          new Line(
                  id,
                  Symbol.of("p").at(id.index()),
                  inWords(k),
                  new Expr.Named(ChiSquaredUpperTail.INSTANCE, arguments),
                  Kind.P_VALUE)
              .checkedBy(
                  Phrase.of("route.library"),
                  new Expr.Named(new SecondOpinion(ChiSquaredUpperTail.INSTANCE), arguments)));
    }

    /// The shares of the first row in both columns, their difference and the odds ratio.
    private void shares() {
      share("1");
      share("2");
      Expr first = ref(LineId.general("p1" + ending, k));
      Expr second = ref(LineId.general("p2" + ending, k));
      inLayer("diff" + ending, Symbol.of("d"), k, first.minus(second), Kind.SHARE);
      if (count(1, 2) > 0 && count(2, 1) > 0) {
        Expr ratio =
            product(of("O", "1", "1"), of("O", "2", "2"))
                .over(product(of("O", "1", "2"), of("O", "2", "1")));
        inLayer("OR" + ending, Symbol.of("OR"), k, ratio, Kind.EFFECT);
      }
    }

    private long count(int i, int j) {
      return k.equals(ALL)
          ? table.tables().stream().mapToLong(layer -> layer.count(i - 1, j - 1)).sum()
          : table.tables().get(Integer.parseInt(k) - 1).count(i - 1, j - 1);
    }

    private void share(String column) {
      LineId id = LineId.general("p" + column + ending, k);
      lines.add(
          new Line(
              id,
              Symbol.of("p").at(List.of(k, column)),
              inWords(k),
              of("O", "1", column).over(of("C", column)),
              Kind.SHARE));
    }

    /// Cramér's (1946) V.
    private void strength() {
      Expr statistic = ref(LineId.general("X2" + ending, k));
      Expr largest = product(size, number(Math.min(rows, columns) - 1));
      inLayer("V" + ending, Symbol.of("V"), k, statistic.over(largest).root(), Kind.EFFECT);
    }
  }

  /// If the variables are unrelated in every layer, the layers' statistics add up to one that
  /// follows the curve with the sum of their degrees of freedom.
  private void sumOfLayers() {
    ExpectedConditions.addLines(lines, lines.ofFamilies("E").stream().map(Expr::ref).toList());
    add(
        single(
            "X2",
            Symbol.of("χ").raised("2"),
            over(k -> ref(LineId.general("X2.layer", k))),
            Kind.STATISTIC));
    add(single("layers", Symbol.of("m"), datum(comparing.size()), Kind.DEGREES_OF_FREEDOM));
    add(
        single(
            "df",
            Symbol.of("df"),
            product(line("layers"), line("df.each")),
            Kind.DEGREES_OF_FREEDOM));
  }

  /// Σ over the layers that compare anything.
  ///
  /// @param term the term of a layer, given as its index
  Expr over(Function<String, Expr> term) {
    return Expr.total(INDEX, INDEX, comparing, term);
  }
}
