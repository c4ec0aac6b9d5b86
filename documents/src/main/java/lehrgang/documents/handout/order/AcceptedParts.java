package lehrgang.documents.handout.order;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.AcceptedAnswers;
import lehrgang.core.marking.AcceptedAnswers.Range;
import lehrgang.core.number.Format;
import lehrgang.core.number.Kind;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.number.Value;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.documents.handout.order.Part.Entry;
import lehrgang.documents.handout.order.Part.Look;
import lehrgang.documents.handout.order.Part.Table;
import lehrgang.documents.handout.order.Part.Tone;

/// What a key says of every blank: its answer, and what is accepted where a student rounded on the
/// way.
public final class AcceptedParts {
  /// So many blanks stand below each other.
  private static final int ROWS = 12;

  private final Solved solved;
  private final Page key;
  private final Wording wording;
  private final AcceptedAnswers accepted;
  private final Format format;

  private AcceptedParts(Solved solved, Page key) {
    this.solved = solved;
    this.key = key;
    this.wording = key.wording();
    this.accepted = AcceptedAnswers.of(solved.derivation(), solved.solution().marking());
    Solution solution = solved.solution();
    this.format = solution.format();
  }

  /// What stands at the end of a key; nothing where there are no blanks.
  ///
  /// @param key the page of the key
  public static List<Part> of(Solved solved, Page key, Blanks blanks) {
    return blanks.count() == 0 ? List.of() : new AcceptedParts(solved, key).parts(blanks);
  }

  private List<Part> parts(Blanks blanks) {
    List<Table> tables = new ArrayList<>();
    List<List<Entry>> rows = new ArrayList<>();
    for (LineId line : blanks.lines()) {
      rows.add(row(line, blanks.number(line).orElse(0)));
      if (rows.size() == ROWS) {
        tables.add(table(rows));
        rows = new ArrayList<>();
      }
    }
    if (!rows.isEmpty()) {
      tables.add(table(rows));
    }
    List<Part> parts = new ArrayList<>();
    parts.add(Part.Sentence.of(Tone.LEAD, wording.text("key.accepted")));
    parts.add(new Part.Tables(tables));
    parts.add(Part.Sentence.of(Tone.NOTE, wording.text(rule())));
    parts.addAll(new WrongParts(solved, key, format, accepted).parts(blanks));
    return parts;
  }

  /// To how many decimals whoever is marked may have rounded on the way.
  private Phrase rule() {
    MarkingRules rules = solved.solution().marking();
    return Phrase.of("key.rule")
        .with("expected", rules.fewestOf(Kind.EXPECTED))
        .with("contribution", rules.fewestOf(Kind.CONTRIBUTION))
        .with("statistic", rules.fewestOf(Kind.STATISTIC))
        .with("share", rules.fewestOf(Kind.SHARE))
        .with("critical", rules.fewestOf(Kind.CRITICAL))
        .with("standardError", rules.fewestOf(Kind.STANDARD_ERROR))
        .with("probability", rules.fewestOf(Kind.P_VALUE));
  }

  private Table table(List<List<Entry>> rows) {
    List<Entry> head =
        List.of(
            Entry.head(wording.text("key.blank")),
            Entry.head(wording.text("key.answer")),
            Entry.head(wording.text("key.range")));
    return new Table(Part.Kind.COUNTS, List.of(), head, rows, List.of(), false);
  }

  private List<Entry> row(LineId line, int number) {
    return List.of(
        Entry.side(Integer.toString(number)),
        Entry.of(key.shown(line).standalone(), Look.ANSWER),
        Entry.of(range(line).orElse(""), Look.PLAIN));
  }

  private Optional<String> range(LineId line) {
    Kind kind = solved.derivation().line(line).kind();
    int decimals = kind.mayBeRounded() ? format.decimalsOf(kind) : 0;
    return kind.isNumber()
        ? accepted
            .of(line, decimals)
            .filter(range -> !range.isPoint())
            .map(range -> words(range, decimals))
        : Optional.empty();
  }

  private String words(Range range, int decimals) {
    return wording.text(
        Phrase.of("number.range")
            .with("low", number(range.low(), decimals))
            .with("high", number(range.high(), decimals)));
  }

  private String number(BigDecimal number, int decimals) {
    NumberStyle style = format.style();
    return style.fixed(Value.exactly(number), decimals).text();
  }
}
