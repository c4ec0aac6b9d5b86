package lehrgang.documents.handout.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.solution.Illustration;
import lehrgang.core.wording.Span;

/// A part of a sheet, one below another, with everything decided that all forms must agree on.
public sealed interface Part {
  /// The title of a step.
  ///
  /// @param step   its id
  /// @param points what it is worth, in words; may be empty
  record Heading(String step, int number, String title, String points) implements Part {}

  /// A sentence or more.
  record Sentence(Tone tone, List<Span> spans) implements Part {
    public Sentence {
      spans = List.copyOf(spans);
    }

    static Sentence of(Tone tone, String words) {
      return new Sentence(tone, List.of(new Span.Words(words, Span.Weight.PLAIN)));
    }
  }

  /// What a sentence is for.
  enum Tone {
    PLAIN,
    /// What students are to do.
    TASK,
    /// A check that came out.
    CHECKED,
    WARNING,
    /// Beside the way, set smaller.
    NOTE,
    /// Leads to what follows it, set smaller.
    LEAD,
    /// The result as reports give it.
    REPORT,
    /// What follows in the end.
    VERDICT,
    /// Where the data are from.
    SOURCE
  }

  /// A list.
  ///
  /// @param numbered whether its items follow each other
  record Items(Numbering numbered, List<List<Span>> items) implements Part {
    public Items {
      items = List.copyOf(items);
    }

    static Items of(Numbering numbered, List<String> items) {
      return new Items(
          numbered, items.stream().map(item -> Sentence.of(Tone.PLAIN, item).spans()).toList());
    }
  }

  /// Whether the items of a list follow each other.
  enum Numbering {
    NUMBERED,
    PLAIN
  }

  /// A working.
  ///
  /// @param named what it is of; may be empty
  /// @param hint  the formula in symbols, as a hint to what is to be found
  record Working(String named, Chain chain, Optional<Chain> hint, Rank rank) implements Part {}

  /// Whether a working is one of the way or one behind it.
  enum Rank {
    MAIN,
    /// What is to be found.
    ASKED,
    /// One of the rest of a family, or behind a function.
    BEHIND
  }

  /// Tables that belong side by side where they fit.
  record Tables(List<Table> tables) implements Part {
    public Tables {
      tables = List.copyOf(tables);
    }
  }

  /// A long list, of which a screen need show only the beginning.
  ///
  /// @param shown so many rows are enough to follow the rest
  /// @param more  what the rest is; empty where there is none
  record Listing(Table table, int shown, String more) implements Part {}

  /// What stands behind the way: folded away on a screen, below its heading on paper.
  record Behind(String heading, List<Part> parts) implements Part {
    public Behind {
      parts = List.copyOf(parts);
    }
  }

  /// A figure.
  record Picture(FigureSpec figure) implements Part {}

  /// A picture that the instructor brought along.
  ///
  /// @param alternative what it shows, in words
  record Illustrated(Illustration picture, String alternative) implements Part {
    private static final double POINTS_TO_A_DOT = 0.5;

    /// What is higher would have a page for itself.
    private static final double HIGHEST = 320;

    /// How wide it stands, in points: as it is at 144 dots to the inch, where there is room.
    ///
    /// @param widest in points
    public double width(double widest) {
      double high = HIGHEST / picture.height();
      return picture.width() * Math.min(Math.min(POINTS_TO_A_DOT, high), widest / picture.width());
    }

    /// How high it stands then, in points.
    public double height(double widest) {
      return width(widest) * picture.height() / picture.width();
    }
  }

  /// Room to work in.
  ///
  /// @param squares its height in squares of five millimetres
  record Room(int squares) implements Part {}

  /// @param kind   what it is a table of
  /// @param title  above it; may be empty
  /// @param head   what stands above the columns
  /// @param foot   the totals; empty for none
  /// @param totals whether the last column is one of totals
  record Table(
      Kind kind,
      List<Span> title,
      List<Entry> head,
      List<List<Entry>> body,
      List<Entry> foot,
      boolean totals) {
    public Table {
      title = List.copyOf(title);
      head = List.copyOf(head);
      body = List.copyOf(body);
      foot = List.copyOf(foot);
    }
  }

  /// What a table is one of.
  enum Kind {
    COUNTS,
    /// A printed table, or an excerpt from one.
    PRINTED,
    OUTCOMES,
    /// The trials that lead to a number.
    TRIALS
  }

  /// An entry of a table.
  ///
  /// @param number     of the blank that it is; 0 for none
  /// @param characters so many figures its room needs, where it is a blank
  /// @param shade      −1 to 1: the sign and relative size of a difference
  record Entry(String text, Place place, Look look, int number, int characters, double shade) {
    static Entry head(String text) {
      return new Entry(text, Place.COLUMN_HEAD, Look.PLAIN, 0, 0, 0);
    }

    static Entry side(String text) {
      return new Entry(text, Place.ROW_HEAD, Look.PLAIN, 0, 0, 0);
    }

    /// Words, where numbers stand in other columns.
    static Entry text(String words) {
      return new Entry(words, Place.WORDS, Look.PLAIN, 0, 0, 0);
    }

    static Entry of(String text, Look look) {
      return new Entry(text, Place.NUMBER, look, 0, 0, 0);
    }

    static Entry blank(int number, int characters) {
      return new Entry("", Place.NUMBER, Look.BLANK, number, characters, 0);
    }

    Entry shaded(double by) {
      return new Entry(text, place, look, number, characters, by);
    }
  }

  /// What an entry is in its table.
  enum Place {
    COLUMN_HEAD,
    ROW_HEAD,
    NUMBER,
    /// Words, set smaller and from the left.
    WORDS
  }

  /// How an entry stands out.
  enum Look {
    PLAIN,
    TOTAL,
    BLANK,
    ANSWER,
    /// A row of a printed table that is not the one in use.
    NEIGHBOUR,
    /// The row in use.
    OWN,
    /// The entry in use.
    PICKED,
    /// One of two on either side of what is looked up.
    BRACKET,
    /// An outcome that the p-value sums.
    SUMMED,
    /// The observed outcome, which the p-value sums.
    OBSERVED
  }

  /// Parts as they stand on paper, where nothing can be folded away.
  static List<Part> onPaper(List<Part> parts) {
    List<Part> flat = new ArrayList<>();
    for (Part part : parts) {
      switch (part) {
        case Behind(var heading, var behind) -> {
          flat.add(Sentence.of(Tone.LEAD, heading));
          flat.addAll(onPaper(behind));
        }
        case Listing(var table, _, _) -> flat.add(new Tables(List.of(table)));
        default -> flat.add(part);
      }
    }
    return List.copyOf(flat);
  }
}
