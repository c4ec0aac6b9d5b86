package lehrgang.core.page;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Change;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Chain;
import lehrgang.core.solution.Question;
import lehrgang.core.wording.Span;

/// A part of a page with its words and numbers set; what screen, sheet and text all read.
public sealed interface PageBlock {
  /// A sentence as the instructor can rewrite it.
  ///
  /// @param key  by which its words are found
  /// @param gaps what fills each of its gaps, in plain words
  record Template(String key, Map<String, String> gaps) {
    public Template {
      gaps = Collections.unmodifiableMap(new LinkedHashMap<>(gaps));
    }
  }

  record Paragraph(Template template, List<Span> spans) implements PageBlock {}

  record Remark(Block.Tone tone, Template template, List<Span> spans) implements PageBlock {}

  /// What students are asked to do in a step that is not given.
  record Task(Template template, String text) implements PageBlock {}

  /// Says where a printed table stands that is needed again.
  record SeeTable(String text) implements PageBlock {}

  record QuestionText(Question question) implements PageBlock {}

  /// What the instructor says at a step.
  ///
  /// @param name what it begins with, such as "Hint:"; may be empty
  /// @param text as it was typed
  record Note(NoteKind kind, String name, String text) implements PageBlock {}

  /// What a note of the instructor's is.
  enum NoteKind {
    NOTE,
    HINT,
    SOURCE
  }

  /// How the table was counted from records.
  ///
  /// @param intro   where the records are from
  /// @param steps   the recipe
  /// @param account what became of every record, the total first
  record Provenance(String intro, List<Stage> steps, List<String> account) implements PageBlock {
    public Provenance {
      steps = List.copyOf(steps);
      account = List.copyOf(account);
    }
  }

  /// @param what   a step of the recipe does
  /// @param effect what it did
  record Stage(String what, String effect) {}

  /// The table that the instructor types.
  ///
  /// @param layers one table, or one for each layer
  record DataTable(List<Grid> layers) implements PageBlock {
    public DataTable {
      layers = List.copyOf(layers);
    }
  }

  /// A sentence with a number in it that is typed there.
  ///
  /// @param field its name among the choices
  record TypedNumber(Template template, List<Span> spans, String field, LineId line)
      implements PageBlock {}

  /// Other ways to go on.
  ///
  /// @param intro what is said before them; may be empty
  record Ways(String intro, List<Way> ways) implements PageBlock {
    public Ways {
      ways = List.copyOf(ways);
    }
  }

  /// @param change what taking it does to the solution
  /// @param effect what it would change, in words
  record Way(Change change, String name, String effect) {}

  record Grids(List<Grid> grids) implements PageBlock {}

  /// A line worked out, out of a family of which any other can take its place.
  ///
  /// @param asked what it is, where it is to be found; else empty
  record Worked(LineId line, List<LineId> family, Chain chain, Appearance appearance, String asked)
      implements PageBlock {}

  /// The workings behind the functions of a formula, folded away where that can be.
  ///
  /// @param heading what is folded away
  record WrittenOut(String heading, List<Chain> chains) implements PageBlock {}

  /// The trials or the terms that lead to a number.
  ///
  /// @param heading what is folded away; empty where all is shown
  record Iterations(
      Template template, String caption, List<String> head, List<List<String>> rows, String heading)
      implements PageBlock {
    /// So many rows are enough to follow the rest.
    public static final int SHOWN = 3;

    /// The rows that are always shown.
    public List<List<String>> first() {
      return rows.subList(0, Math.min(SHOWN, rows.size()));
    }

    /// The rows that are folded away.
    public List<List<String>> rest() {
      return rows.subList(first().size(), rows.size());
    }
  }

  record Figure(FigureSpec spec) implements PageBlock {}

  /// An excerpt from a printed table.
  ///
  /// @param corner   what the rows are told apart by, such as `df`
  /// @param picked   the column of the entry that is picked
  /// @param brackets the columns on either side of the statistic
  /// @param template of the sentence; empty where there is none
  /// @param sentence what the excerpt tells
  record Excerpt(
      String corner,
      List<String> areas,
      List<Row> rows,
      Optional<Integer> picked,
      List<Integer> brackets,
      Optional<Template> template,
      String sentence)
      implements PageBlock {
    /// Whether it is the table as it is printed, with no row of it the one in use.
    public boolean isWhole() {
      return rows.stream().allMatch(row -> row.own() == Use.NEIGHBOUR);
    }
  }

  /// @param head its first entry, such as the degrees of freedom
  /// @param own  whether it is the row in use
  record Row(String head, List<String> entries, Use own) {}

  /// Whether a row is the one in use or a neighbour.
  enum Use {
    OWN,
    NEIGHBOUR
  }

  /// The possible outcomes with their probabilities, in rising order; of very many, some.
  ///
  /// @param head     what the outcomes are
  /// @param fraction the heading of the fractions
  /// @param decimal  the heading of the decimals
  /// @param blankRows how many rows there are for outcomes that are to be found
  /// @param figure   the same as bars, where all are listed and shown
  record Outcomes(
      String head,
      String fraction,
      String decimal,
      List<Outcome> outcomes,
      int blankRows,
      Optional<FigureSpec> figure)
      implements PageBlock {
    public Outcomes {
      outcomes = List.copyOf(outcomes);
    }

    /// The outcomes worth showing in a long list: around the observed one, and where the summed
    /// ones begin or end; a gap between two of them stands for the rest.
    ///
    /// @param most how many a list may have before it is shortened
    public List<Integer> briefly(int most) {
      if (outcomes.size() <= most) {
        return IntStream.range(0, outcomes.size()).boxed().toList();
      }
      TreeSet<Integer> kept =
          new TreeSet<>(List.of(0, 1, outcomes.size() - 2, outcomes.size() - 1));
      for (int k = 0; k < outcomes.size(); k++) {
        boolean edge = k > 0 && outcomes.get(k).share() != outcomes.get(k - 1).share();
        if (edge || outcomes.get(k).use() == Use.OWN) {
          kept.addAll(
              IntStream.rangeClosed(Math.max(0, k - 2), Math.min(outcomes.size() - 1, k + 1))
                  .boxed()
                  .toList());
        }
      }
      return List.copyOf(kept);
    }

    /// Whether any probability is written as a fraction, or may be.
    public boolean hasFractions() {
      return blankRows > 0 || outcomes.stream().anyMatch(one -> !one.fraction().isEmpty());
    }

    /// How many outcomes lie between two places of the list, whether they are listed or not.
    ///
    /// @param before a place, or −1 before the first
    public int between(int before, int place) {
      return before < 0 ? place : outcomes.get(place).number() - outcomes.get(before).number() - 1;
    }

    Outcomes with(FigureSpec drawn) {
      return new Outcomes(head, fraction, decimal, outcomes, blankRows, Optional.of(drawn));
    }

    /// Whether every outcome between the first and the last is listed.
    boolean isWhole() {
      return outcomes.isEmpty() || between(0, outcomes.size() - 1) == outcomes.size() - 2;
    }
  }

  /// @param fraction its probability as an exact fraction; empty where it is too long to be shown
  /// @param decimal  its probability
  record Outcome(
      LineId line,
      int number,
      String name,
      String fraction,
      String decimal,
      double probability,
      Appearance appearance,
      Use use,
      Share share) {}

  /// Whether the p-value sums an outcome.
  enum Share {
    SUMMED,
    LEFT_ALONE
  }

  record Report(Template template, String text) implements PageBlock {}

  /// Room for an answer in words.
  record AnswerSpace(int lines) implements PageBlock {}

  /// A table of lines, totals included.
  ///
  /// @param template of the title
  record Grid(
      Template template,
      List<Span> title,
      List<String> rows,
      List<String> columns,
      List<List<GridCell>> cells,
      List<GridCell> rowTotals,
      List<GridCell> columnTotals,
      Optional<GridCell> grandTotal,
      String totalLabel) {}

  /// @param sign  `+` or `−` beside a number that has no sign of its own; may be empty
  /// @param shade −1 to 1: the sign and relative size of O − E; 0 for none
  record GridCell(
      LineId line, String text, String sign, Role role, Appearance appearance, double shade) {}
}
