package lehrgang.core.derivation;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.expr.LineId;
import lehrgang.core.simulation.Draws;
import lehrgang.core.wording.Phrase;

/// A part of a step, as the procedure lays it out; the views know blocks and not procedures.
public sealed interface Block {
  /// A paragraph.
  ///
  /// @param grounds the lines whose values decided that just this is said; where one of them is
  ///     missing or hidden, it is not said
  record Prose(Phrase phrase, List<LineId> grounds) implements Block {
    public Prose {
      grounds = List.copyOf(grounds);
    }

    /// A paragraph that is said whatever the numbers are.
    public Prose(Phrase phrase) {
      this(phrase, List.of());
    }

    /// The same, said because of some lines.
    public Prose because(LineId... lines) {
      return new Prose(phrase, List.of(lines));
    }
  }

  /// A sentence set off from the text.
  ///
  /// @param grounds as those of a paragraph
  record Remark(Tone tone, Phrase phrase, List<LineId> grounds) implements Block {
    public Remark {
      grounds = List.copyOf(grounds);
    }

    /// A remark that is made whatever the numbers are.
    public Remark(Tone tone, Phrase phrase) {
      this(tone, phrase, List.of());
    }

    /// The same, made because of some lines.
    public Remark because(LineId... lines) {
      return new Remark(tone, phrase, List.of(lines));
    }
  }

  /// Why a line has no value, where it has none.
  record Missing(LineId line) implements Block {}

  /// What a remark tells.
  enum Tone {
    /// A check that came out.
    CHECKED,
    NOTE,
    WARNING
  }

  /// The instructor's question, to be written in place.
  record QuestionText() implements Block {}

  /// The table that is typed, with its totals.
  ///
  /// @param layers one table, or one for each layer
  record DataEntry(List<CellTable> layers) implements Block {
    public DataEntry {
      layers = List.copyOf(layers);
    }

    /// The entry of a single table.
    public DataEntry(CellTable table) {
      this(List.of(table));
    }
  }

  /// A number to be typed inside its sentence, where the sentence shows the number of its line.
  ///
  /// @param field its name among the choices
  record TypedNumber(Phrase phrase, String field, LineId line) implements Block {}

  /// Other ways to go on, each a change to the solution that can be taken with a click; for the
  /// instructor only.
  ///
  /// @param intro what is said before them
  record Ways(Optional<Phrase> intro, List<Way> ways) implements Block {
    public Ways {
      ways = List.copyOf(ways);
    }
  }

  /// @param change what taking it does
  /// @param name   what it is called
  /// @param effect what it would change
  record Way(Change change, Phrase name, Phrase effect) {}

  /// Tables that belong beside each other.
  record Tables(List<CellTable> tables) implements Block {
    public Tables {
      tables = List.copyOf(tables);
    }
  }

  /// A table whose cells are lines.
  ///
  /// @param title        what it shows
  /// @param shade        lines of the same shape whose sign and size shade the cells
  /// @param rowTotals    may be empty
  /// @param columnTotals may be empty
  record CellTable(
      Phrase title,
      List<Phrase> rows,
      List<Phrase> columns,
      List<List<LineId>> cells,
      Optional<List<List<LineId>>> shade,
      List<LineId> rowTotals,
      List<LineId> columnTotals,
      Optional<LineId> grandTotal) {
    /// A table without shading and without totals.
    public static CellTable plain(
        Phrase title, List<Phrase> rows, List<Phrase> columns, List<List<LineId>> cells) {
      return new CellTable(
          title, rows, columns, cells, Optional.empty(), List.of(), List.of(), Optional.empty());
    }
  }

  /// One line of a family worked out: the selected one, or at first `example`.
  record Working(List<LineId> family, LineId example) implements Block {
    public Working {
      family = List.copyOf(family);
    }

    /// The working of a line that stands alone.
    public static Working of(LineId line) {
      return new Working(List.of(line), line);
    }
  }

  /// What stands beside the way to the result: a second route, another statistic, an exact p-value
  /// that does not decide. No student is asked for it.
  record Beside(List<Block> blocks) implements Block {
    public Beside {
      blocks = List.copyOf(blocks);
    }

    /// Blocks that stand beside.
    public static Beside of(Block... blocks) {
      return new Beside(List.of(blocks));
    }
  }

  /// What can be settled before the data are looked at: it stands with the critical value where
  /// that comes first.
  record Beforehand(List<Block> blocks) implements Block {
    public Beforehand {
      blocks = List.copyOf(blocks);
    }

    /// Blocks that go with the critical value.
    public static Beforehand of(Block... blocks) {
      return new Beforehand(List.of(blocks));
    }
  }

  /// This block, or the ones that it is made of.
  default Stream<Block> each() {
    return this instanceof Beside(var blocks)
        ? blocks.stream().flatMap(Block::each)
        : Stream.of(this);
  }

  /// The workings behind a function in a line's formula, such as 1 − Φ(z).
  record WrittenOut(LineId line) implements Block {}

  /// The iterations behind a root in a line's formula, or the terms of a mixture.
  record Iterations(LineId line) implements Block {}

  /// How much a curve shows.
  enum Shows {
    /// The critical region alone: the data have not been looked at yet.
    REGION,
    STATISTIC
  }

  /// The curve, the critical region and the statistic.
  record TailCurve(
      LineId statistic, LineId df, LineId critical, LineId alpha, LineId p, Shows shows)
      implements Block {
    /// The same curve with the statistic on it, or without.
    public TailCurve showing(Shows other) {
      return new TailCurve(statistic, df, critical, alpha, p, other);
    }
  }

  /// The standard normal curve, the critical region on one side or both, and the statistic.
  ///
  /// @param alternative `two-sided`, `less` or `greater`
  record NormalCurve(
      LineId statistic, LineId critical, LineId alpha, LineId p, String alternative, Shows shows)
      implements Block {
    /// The same curve with the statistic on it, or without.
    public NormalCurve showing(Shows other) {
      return new NormalCurve(statistic, critical, alpha, p, alternative, other);
    }
  }

  /// A printed table of normal tail areas around a point.
  ///
  /// @param answer      the line that is read off
  /// @param alternative which tail counts: the key of the alternative
  record NormalExcerpt(LineId point, LineId answer, Emphasis emphasis, String alternative)
      implements Block {}

  /// A printed table around the degrees of freedom.
  ///
  /// @param answer the line that is read off, or bracketed
  /// @param reach  how many degrees of freedom a table of this shape can have: so far the printed
  ///     table goes where they are to be found
  record TableExcerpt(
      LineId df, LineId alpha, LineId statistic, LineId answer, Emphasis emphasis, int reach)
      implements Block {}

  /// What a table excerpt is there to show.
  enum Emphasis {
    CRITICAL_VALUE,
    BRACKET
  }

  /// Every possible outcome with its probability; the ones that the p-value sums are marked.
  ///
  /// @param ends     the lines of the smallest and the largest; empty where the data say both
  /// @param observed the line of the outcome observed
  /// @param p        the line of the sum
  /// @param head     what the outcomes are
  record Outcomes(List<Outcome> outcomes, List<LineId> ends, LineId observed, LineId p, Phrase head)
      implements Block {
    public Outcomes {
      outcomes = List.copyOf(outcomes);
      ends = List.copyOf(ends);
    }

    /// The same up to a largest outcome that a line holds.
    public Outcomes upTo(LineId largest) {
      return new Outcomes(outcomes, List.of(largest), observed, p, head);
    }

    /// The same between a smallest and a largest outcome that are worked out.
    public Outcomes between(LineId smallest, LineId largest) {
      return new Outcomes(outcomes, List.of(smallest, largest), observed, p, head);
    }
  }

  /// @param summed the line that is 1 where the p-value sums it
  record Outcome(int number, LineId probability, LineId summed) {}

  /// The statistics of tables drawn at random, with the curve over them.
  ///
  /// @param drawn the line of the number of tables
  /// @param hits  the line of how many of them are as far out as the one observed
  record Histogram(List<Draws.Bin> bins, LineId statistic, LineId df, LineId drawn, LineId hits)
      implements Block {
    public Histogram {
      bins = List.copyOf(bins);
    }
  }

  /// Shares with their intervals on one scale.
  ///
  /// @param reference a share to compare with
  record Intervals(List<Interval> intervals, Optional<LineId> reference) implements Block {
    public Intervals {
      intervals = List.copyOf(intervals);
    }
  }

  record Interval(Phrase name, LineId at, LineId low, LineId high) {}

  /// Bars in pairs, from zero.
  ///
  /// @param names       what the first of each pair is
  /// @param otherNames  what the second is
  /// @param alternative the figure in words, with a gap for the `list` of its pairs
  record PairedBars(
      CellTable bars, CellTable others, Phrase names, Phrase otherNames, Phrase alternative)
      implements Block {
    /// Observed counts beside expected ones.
    public static PairedBars counts(CellTable observed, CellTable expected) {
      return new PairedBars(
          observed,
          expected,
          Phrase.of("figure.paired.observed"),
          Phrase.of("figure.paired.expected"),
          Phrase.of("figure.paired"));
    }
  }

  /// Bars ranked by size, each with the sign of another line.
  record RankedBars(List<LineId> sizes, List<LineId> signs, Phrase title) implements Block {
    public RankedBars {
      sizes = List.copyOf(sizes);
      signs = List.copyOf(signs);
    }
  }

  /// A line ready to copy into a report.
  record ReportLine(Phrase phrase) implements Block {}
}
