package lehrgang.core.page;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.distribution.PrintedNormalTable;
import lehrgang.core.distribution.PrintedTable;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.page.PageBlock.Use;
import lehrgang.core.wording.Phrase;

/// Sets excerpts from printed tables: the entry that is picked, and what it tells about p. Where
/// the row is to be found, the table is printed far enough to look for it.
final class ExcerptSetter {
  private static final int MOST_DF = 100_000;
  private static final LineId ALPHA = LineId.of("alpha");

  private final Numerals numerals;

  ExcerptSetter(Numerals numerals) {
    this.numerals = numerals;
  }

  private Evaluation values() {
    return numerals.values();
  }

  Optional<PageBlock> chiSquared(Block.TableExcerpt excerpt) {
    OptionalInt df = values().whole(excerpt.df(), MOST_DF);
    List<String> areas = PrintedTable.AREAS.stream().map(numerals::printed).toList();
    if (numerals.mask().hides(excerpt.df()) || numerals.mask().hides(excerpt.answer())) {
      return Optional.of(whole(excerpt, areas));
    }
    if (df.isEmpty() || df.getAsInt() == 0) {
      return Optional.empty();
    }
    PrintedTable table = PrintedTable.around(df.getAsInt());
    List<PageBlock.Row> rows =
        table.rows().stream()
            .map(row -> row(row, row.df() == table.df() ? Use.OWN : Use.NEIGHBOUR))
            .toList();
    PageBlock.Excerpt bare =
        new PageBlock.Excerpt(
            corner(), areas, rows, Optional.empty(), List.of(), Optional.empty(), "");
    return Optional.of(
        excerpt.emphasis() == Block.Emphasis.BRACKET
            ? bracketed(excerpt, table, bare)
            : picked(excerpt, bare));
  }

  private String corner() {
    return numerals.text(Phrase.of("verdict.df"));
  }

  private PageBlock whole(Block.TableExcerpt excerpt, List<String> areas) {
    return new PageBlock.Excerpt(
        corner(),
        areas,
        PrintedTable.reaching(excerpt.reach()).stream()
            .map(row -> row(row, Use.NEIGHBOUR))
            .toList(),
        Optional.empty(),
        List.of(),
        Optional.empty(),
        "");
  }

  private PageBlock.Row row(PrintedTable.Row row, Use use) {
    return new PageBlock.Row(
        Integer.toString(row.df()), row.entries().stream().map(numerals::printed).toList(), use);
  }

  private boolean isKnown(LineId id) {
    return values().find(id).isPresent();
  }

  private PageBlock.Excerpt picked(Block.TableExcerpt excerpt, PageBlock.Excerpt bare) {
    if (!isKnown(excerpt.answer())) {
      return bare;
    }
    Optional<Integer> column = values().find(excerpt.alpha()).flatMap(PrintedTable::columnOf);
    String key = column.isPresent() ? "critical.table" : "critical.table.not-printed";
    Phrase sentence = Phrase.of(key).with("df", excerpt.df()).with("alpha", excerpt.alpha());
    return saying(sentence, bare, column, List.of());
  }

  private PageBlock.Excerpt bracketed(
      Block.TableExcerpt excerpt, PrintedTable table, PageBlock.Excerpt bare) {
    Optional<Value> statistic = values().find(excerpt.statistic());
    if (!isKnown(excerpt.answer()) || statistic.isEmpty()) {
      return bare;
    }
    PrintedTable.Bracket bracket = table.bracket(statistic.get());
    return saying(
        bracketSentence(table, bracket, statistic.get()),
        bare,
        Optional.empty(),
        Stream.of(bracket.above(), bracket.below()).flatMap(Optional::stream).toList());
  }

  private PageBlock.Excerpt saying(
      Phrase sentence, PageBlock.Excerpt bare, Optional<Integer> picked, List<Integer> brackets) {
    return new PageBlock.Excerpt(
        bare.corner(),
        bare.areas(),
        bare.rows(),
        picked,
        brackets,
        Optional.of(numerals.template(sentence)),
        numerals.text(sentence));
  }

  /// The statistic with as many decimals as its neighbours in the table need to be told from it.
  private Phrase bracketSentence(
      PrintedTable table, PrintedTable.Bracket bracket, Value statistic) {
    List<String> entries = table.ownRow().entries().stream().map(numerals::printed).toList();
    List<String> areas = PrintedTable.AREAS.stream().map(numerals::printed).toList();
    String plain = numerals.format().show(Kind.STATISTIC, statistic).text();
    String fine = numerals.format().style().fixed(statistic, PrintedTable.DECIMALS).text();
    Optional<Integer> low = bracket.above();
    Optional<Integer> high = bracket.below();
    boolean close =
        Stream.of(low, high)
            .flatMap(Optional::stream)
            .anyMatch(i -> closeTo(table.ownRow().entries().get(i), statistic));
    Phrase phrase =
        low.isPresent() && entries.get(low.get()).equals(fine)
            ? Phrase.of("p.bracket.equal")
            : Phrase.of(
                low.isEmpty()
                    ? "p.bracket.before"
                    : high.isEmpty() ? "p.bracket.beyond" : "p.bracket.between");
    phrase = phrase.with("statistic", close ? fine : plain);
    if (low.isPresent()) {
      phrase = phrase.with("low", entries.get(low.get())).with("larger", areas.get(low.get()));
    }
    if (high.isPresent()) {
      phrase = phrase.with("high", entries.get(high.get())).with("smaller", areas.get(high.get()));
    }
    return phrase;
  }

  private boolean closeTo(BigDecimal entry, Value statistic) {
    int decimals = numerals.format().decimals().of(Kind.STATISTIC);
    return Value.exactly(entry).rounded(decimals).compareTo(statistic.rounded(decimals)) == 0;
  }

  /// The rows of a table of right-tail areas around a point of the normal curve.
  Optional<PageBlock> normal(Block.NormalExcerpt excerpt) {
    List<String> heads =
        PrintedNormalTable.SECOND_DECIMALS.stream().map(numerals::printed).toList();
    Optional<Value> point = values().find(excerpt.point());
    boolean hidden = point.isEmpty() || !isKnown(excerpt.answer()) || !isKnown(ALPHA);
    if (hidden) {
      boolean missing = point.isEmpty() && !numerals.mask().hides(excerpt.point());
      return missing ? Optional.empty() : Optional.of(wholeNormal(heads));
    }
    return excerpt.emphasis() == Block.Emphasis.CRITICAL_VALUE
        ? Optional.of(criticalPoint(excerpt, point.get(), heads))
        : Optional.of(areaBeyond(excerpt, point.get(), heads));
  }

  private PageBlock around(
      PrintedNormalTable table, List<String> heads, Optional<Integer> column, Phrase sentence) {
    return new PageBlock.Excerpt(
        "z",
        heads,
        table.rows().stream()
            .map(row -> row(row, row.start().equals(table.own()) ? Use.OWN : Use.NEIGHBOUR))
            .toList(),
        column,
        List.of(),
        Optional.of(numerals.template(sentence)),
        numerals.text(sentence));
  }

  /// The area in the tail, read off where the point's first two decimals meet.
  private PageBlock areaBeyond(Block.NormalExcerpt excerpt, Value point, List<String> heads) {
    PrintedNormalTable table = PrintedNormalTable.around(point);
    if (!table.reaches()) {
      Phrase beyond = Phrase.of("p.normal.table.beyond." + side(excerpt, point));
      return around(table, heads, Optional.empty(), beyond);
    }
    BigDecimal area = table.area();
    BigDecimal read =
        switch (side(excerpt, point)) {
          case "both" -> area.multiply(BigDecimal.TWO);
          case "near" -> BigDecimal.ONE.subtract(area);
          default -> area;
        };
    Phrase sentence =
        Phrase.of("p.normal.table." + side(excerpt, point))
            .with("row", numerals.printed(table.own()))
            .with("column", heads.get(table.column()))
            .with("area", numerals.printed(area))
            .with("read", numerals.printed(read))
            .with("p", excerpt.answer());
    return around(table, heads, Optional.of(table.column()), sentence);
  }

  /// Which area counts: `both` tails, the tail on the `far` side of the point, or all on the `near`
  /// side.
  private static String side(Block.NormalExcerpt excerpt, Value point) {
    return switch (excerpt.alternative()) {
      case "less" -> point.signum() > 0 ? "near" : "far";
      case "greater" -> point.signum() < 0 ? "near" : "far";
      default -> "both";
    };
  }

  /// The point with the wanted area, which lies between two entries or is one.
  private PageBlock criticalPoint(Block.NormalExcerpt excerpt, Value point, List<String> heads) {
    PrintedNormalTable table = PrintedNormalTable.around(point);
    Value level = values().of(ALPHA);
    Value area = excerpt.alternative().equals("two-sided") ? level.over(Value.of(2)) : level;
    Optional<PrintedNormalTable.Lookup> found = PrintedNormalTable.of(area, point);
    if (found.isEmpty()) {
      return around(table, heads, Optional.empty(), Phrase.of("critical.normal.table.beyond"));
    }
    PrintedNormalTable.Lookup lookup = found.get();
    String key =
        lookup.next().isEmpty()
            ? "critical.normal.table.entry"
            : lookup.next().filter(next -> isMidway(lookup.area(), next, area)).isPresent()
                ? "critical.normal.table.midway"
                : "critical.normal.table.between";
    Phrase sentence =
        Phrase.of(key)
            .with("wanted", numerals.format().style().shortest(area.decimal()))
            .with("area", numerals.printed(lookup.area()))
            .with("point", numerals.printed(lookup.point()))
            .with("next", numerals.printed(lookup.next().orElse(lookup.area())))
            .with("nextPoint", numerals.printed(lookup.nextPoint()))
            .with("crit", excerpt.answer());
    return around(
        PrintedNormalTable.around(Value.exactly(lookup.point())),
        heads,
        Optional.of(lookup.point().movePointRight(2).intValueExact() % heads.size()),
        sentence);
  }

  private static boolean isMidway(BigDecimal one, BigDecimal other, Value area) {
    return Value.exactly(one.add(other)).compareTo(area.times(Value.of(2))) == 0;
  }

  private PageBlock wholeNormal(List<String> heads) {
    return new PageBlock.Excerpt(
        "z",
        heads,
        IntStream.range(0, PrintedNormalTable.ROWS)
            .mapToObj(PrintedNormalTable::row)
            .map(row -> row(row, Use.NEIGHBOUR))
            .toList(),
        Optional.empty(),
        List.of(),
        Optional.empty(),
        "");
  }

  private PageBlock.Row row(PrintedNormalTable.Row row, Use use) {
    return new PageBlock.Row(
        numerals.printed(row.start()), row.areas().stream().map(numerals::printed).toList(), use);
  }
}
