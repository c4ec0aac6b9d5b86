package lehrgang.core.page;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.derivation.Block;
import lehrgang.core.distribution.PrintedNormalTable;
import lehrgang.core.distribution.PrintedTable;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// Sets excerpts from printed tables: the entry that is picked, and what it tells about p.
final class ExcerptSetter {
  private final Typesetter typesetter;
  private final Mask mask;

  ExcerptSetter(Typesetter typesetter, Mask mask) {
    this.typesetter = typesetter;
    this.mask = mask;
  }

  PageBlock chiSquared(Block.TableExcerpt excerpt) {
    boolean forBracket = excerpt.emphasis() == Block.Emphasis.BRACKET;
    LineId answer = forBracket ? LineId.of("p") : LineId.of("crit");
    Value df = typesetter.values().of(excerpt.df());
    PrintedTable table = PrintedTable.around(df.intValueExact());
    Value statistic = typesetter.values().of(excerpt.statistic());
    PrintedTable.Bracket bracket = table.bracket(statistic);
    Optional<Integer> picked = PrintedTable.columnOf(typesetter.values().of(excerpt.alpha()));
    List<PageBlock.Row> rows =
        table.rows().stream()
            .map(
                row ->
                    new PageBlock.Row(
                        Integer.toString(row.df()),
                        row.entries().stream().map(typesetter::printed).toList(),
                        row.df() == table.df() && !mask.hides(excerpt.df())
                            ? PageBlock.Use.OWN
                            : PageBlock.Use.NEIGHBOUR))
            .toList();
    List<String> areas = PrintedTable.AREAS.stream().map(typesetter::printed).toList();
    boolean hidden = mask.hides(answer) || mask.hides(excerpt.statistic()) && forBracket;
    List<Integer> brackets =
        hidden || !forBracket
            ? List.of()
            : Stream.of(bracket.above(), bracket.below()).flatMap(Optional::stream).toList();
    String sentence =
        hidden
            ? ""
            : forBracket
                ? bracketSentence(table, bracket, statistic)
                : pickSentence(excerpt, picked);
    return new PageBlock.Excerpt(
        "df", areas, rows, hidden || forBracket ? Optional.empty() : picked, brackets, sentence);
  }

  private String pickSentence(Block.TableExcerpt excerpt, Optional<Integer> picked) {
    String key = picked.isPresent() ? "critical.table" : "critical.table.not-printed";
    return typesetter.text(Phrase.of(key).with("df", excerpt.df()).with("alpha", excerpt.alpha()));
  }

  /// The statistic with as many decimals as its neighbours in the table need to be told from it.
  private String bracketSentence(
      PrintedTable table, PrintedTable.Bracket bracket, Value statistic) {
    List<String> entries = table.ownRow().entries().stream().map(typesetter::printed).toList();
    List<String> areas = PrintedTable.AREAS.stream().map(typesetter::printed).toList();
    String plain = typesetter.format().show(Kind.STATISTIC, statistic).text();
    String fine = typesetter.format().style().fixed(statistic, PrintedTable.DECIMALS).text();
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
    return typesetter.text(phrase);
  }

  private boolean closeTo(BigDecimal entry, Value statistic) {
    int decimals = typesetter.format().decimals().of(Kind.STATISTIC);
    return Value.exactly(entry).rounded(decimals).compareTo(statistic.rounded(decimals)) == 0;
  }

  /// The rows of a table of right-tail areas around a point of the normal curve.
  PageBlock normal(LineId point, Block.Emphasis emphasis) {
    boolean hidden =
        mask.hides(point) || emphasis == Block.Emphasis.BRACKET && mask.hides(LineId.of("p"));
    PrintedNormalTable table = PrintedNormalTable.around(typesetter.values().of(point));
    List<String> heads = PrintedNormalTable.SECOND_DECIMALS.stream().map(this::printed).toList();
    List<PageBlock.Row> rows =
        table.rows().stream()
            .map(
                row ->
                    new PageBlock.Row(
                        printed(row.start()),
                        row.areas().stream().map(this::printed).toList(),
                        row.start().equals(table.own()) && !hidden
                            ? PageBlock.Use.OWN
                            : PageBlock.Use.NEIGHBOUR))
            .toList();
    Phrase sentence =
        Phrase.of(
                emphasis == Block.Emphasis.CRITICAL_VALUE
                    ? "critical.normal.table"
                    : table.reaches() ? "p.normal.table" : "p.normal.table.beyond")
            .with("row", printed(table.own()))
            .with("column", heads.get(table.column()))
            .with("area", printed(table.area()));
    return new PageBlock.Excerpt(
        "z",
        heads,
        rows,
        hidden ? Optional.empty() : Optional.of(table.column()),
        List.of(),
        hidden ? "" : typesetter.text(sentence));
  }

  private String printed(BigDecimal entry) {
    return typesetter.printed(entry);
  }
}
