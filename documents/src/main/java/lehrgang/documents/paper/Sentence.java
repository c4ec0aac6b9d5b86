package lehrgang.documents.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.typeset.Setting;

/// Words and formulas that are set in lines, broken at spaces.
public final class Sentence {
  /// Lines are so far apart, in sizes of the letters.
  private static final double LEADING = 1.36;

  private static final double ASCENT = 0.98;

  /// @param last whether a line may break behind it
  private record Word(
      List<Paint> paints,
      double width,
      double ascent,
      double descent,
      String alternative,
      boolean last,
      double space,
      Optional<Letters> letters) {
    Word followedBy(double room) {
      return new Word(
          paints, width, ascent, descent, alternative, true, Math.max(room, space), letters);
    }
  }

  /// What a word is set from, where it can be divided.
  private record Letters(String text, Typeface typeface, int colour) {}

  private final double size;
  private final List<Word> words = new ArrayList<>();
  private double hang;

  /// @param size of the letters, in points
  public Sentence(double size) {
    this.size = size;
  }

  /// The size of its letters, in points.
  public double size() {
    return size;
  }

  /// Adds words.
  public Sentence add(String text, Typeface typeface, int colour) {
    String rest = text;
    double space = typeface.width(" ", size);
    while (!rest.isEmpty()) {
      int end = endOfWord(rest);
      String word = rest.substring(0, end);
      boolean spaced = end < rest.length();
      if (word.isEmpty()) {
        closeLast(space);
      } else {
        words.add(word(new Letters(word, typeface, colour), spaced, spaced ? space : 0));
      }
      rest = rest.substring(spaced ? end + 1 : end);
    }
    return this;
  }

  private Word word(Letters letters, boolean last, double space) {
    return new Word(
        Fitting.paints(0, 0, letters.text(), letters.typeface(), size, letters.colour()),
        Fitting.width(letters.text(), letters.typeface(), size),
        0,
        0,
        "",
        last,
        space,
        Optional.of(letters));
  }

  /// Begins with a mark, behind which all lines begin.
  ///
  /// @param indent how far behind the left edge, in points
  public Sentence hanging(String mark, double indent, Typeface typeface, int colour) {
    hang = indent;
    words.add(
        new Word(
            Fitting.paints(0, 0, mark, typeface, size, colour),
            indent,
            0,
            0,
            "",
            false,
            0,
            Optional.empty()));
    return this;
  }

  /// What is set apart because it runs the other way stays in one piece.
  private static int endOfWord(String text) {
    boolean apart = false;
    for (int at = 0; at < text.length(); at++) {
      char sign = text.charAt(at);
      if (sign == '\u2068') {
        apart = true;
      } else if (sign == '\u2069') {
        apart = false;
      } else if (!apart && (sign == ' ' || sign == '\n' || sign == '\t')) {
        return at;
      }
    }
    return text.length();
  }

  private void closeLast(double space) {
    if (!words.isEmpty()) {
      Word word = words.removeLast();
      words.add(word.followedBy(space));
    }
  }

  /// Adds a formula, which no line end divides.
  ///
  /// @param alternative how it is read out; empty for a mere number, which is read as it stands
  public Sentence add(Setting formula, String alternative, Tints tints) {
    words.add(
        new Word(
            new FormulaPaints(tints).of(formula),
            formula.width(),
            formula.ascent(),
            formula.descent(),
            alternative,
            false,
            0,
            Optional.empty()));
    return this;
  }

  /// Whether there is nothing in it.
  public boolean isEmpty() {
    return words.isEmpty();
  }

  /// The width in one line.
  public double width() {
    double width = 0;
    for (Word word : words) {
      width += word.width() + (word == words.getLast() ? 0 : word.space());
    }
    return width;
  }

  /// In lines of at most a width; what is wider than that by itself stands alone.
  ///
  /// @param element the paragraph to which the lines belong
  public List<Slab> lines(double width, Element element) {
    List<Slab> lines = new ArrayList<>();
    List<Word> line = new ArrayList<>();
    double used = 0;
    for (List<Word> cluster : clusters(width)) {
      double wide = cluster.stream().mapToDouble(Word::width).sum();
      if (!line.isEmpty() && used + wide > width) {
        lines.add(line(line, lines.isEmpty() ? 0 : hang, element));
        line = new ArrayList<>();
        used = hang;
      }
      line.addAll(cluster);
      used += wide + cluster.getLast().space();
    }
    if (!line.isEmpty()) {
      lines.add(line(line, lines.isEmpty() ? 0 : hang, element));
    }
    return lines;
  }

  /// Words that stand together without a space; one that is wider than a line is divided.
  private List<List<Word>> clusters(double width) {
    List<List<Word>> clusters = new ArrayList<>();
    List<Word> cluster = new ArrayList<>();
    for (Word word : words) {
      if (word.width() > width && word.letters().isPresent()) {
        divided(word, word.letters().get(), width).forEach(part -> clusters.add(List.of(part)));
        continue;
      }
      cluster.add(word);
      if (word.last()) {
        clusters.add(cluster);
        cluster = new ArrayList<>();
      }
    }
    if (!cluster.isEmpty()) {
      clusters.add(cluster);
    }
    return clusters;
  }

  private List<Word> divided(Word word, Letters letters, double width) {
    List<Word> parts = new ArrayList<>();
    StringBuilder part = new StringBuilder();
    for (int at = 0; at < letters.text().length(); ) {
      String sign = Character.toString(letters.text().codePointAt(at));
      at += sign.length();
      boolean full = Fitting.width(part + sign, letters.typeface(), size) > width;
      if (full && !part.isEmpty()) {
        parts.add(
            word(new Letters(part.toString(), letters.typeface(), letters.colour()), true, 0));
        part.setLength(0);
      }
      part.append(sign);
    }
    Letters rest = new Letters(part.toString(), letters.typeface(), letters.colour());
    parts.add(word(rest, word.last(), word.space()));
    return parts;
  }

  private Slab line(List<Word> line, double left, Element element) {
    double spare = size * (LEADING - 1) / 2;
    double ascent = size * ASCENT - spare;
    double descent = size * LEADING - size * ASCENT - spare;
    for (Word word : line) {
      ascent = Math.max(ascent, word.ascent());
      descent = Math.max(descent, word.descent());
    }
    double baseline = spare + ascent;
    List<Piece> pieces = new ArrayList<>();
    List<Paint> run = new ArrayList<>();
    double x = left;
    for (Word word : line) {
      double at = x;
      List<Paint> moved = word.paints().stream().map(paint -> paint.moved(at, baseline)).toList();
      if (word.alternative().isEmpty()) {
        run.addAll(moved);
      } else {
        flush(run, element, pieces);
        pieces.add(Piece.of(element.part(Element.Type.FORMULA, word.alternative()), moved));
      }
      x += word.width() + word.space();
    }
    flush(run, element, pieces);
    return new Slab(x, baseline + descent + spare, pieces);
  }

  private static void flush(List<Paint> run, Element element, List<Piece> pieces) {
    if (!run.isEmpty()) {
      pieces.add(new Piece(Optional.of(element), Joined.words(run)));
      run.clear();
    }
  }

  /// How far the baseline of a line without tall formulas is below its top, in points.
  public static double baseline(double size) {
    return size * ASCENT;
  }

  /// How far apart the baselines of lines without tall formulas are, in points.
  public static double leading(double size) {
    return size * LEADING;
  }
}
