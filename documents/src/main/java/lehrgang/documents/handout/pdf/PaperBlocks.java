package lehrgang.documents.handout.pdf;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.notation.Box;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.wording.Span;
import lehrgang.core.work.Progress;
import lehrgang.documents.figure.PaperFigure;
import lehrgang.documents.handout.order.Manuscript.Chapter;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.handout.order.Part.Numbering;
import lehrgang.documents.handout.order.Part.Rank;
import lehrgang.documents.handout.order.Part.Tone;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.paper.Element;
import lehrgang.documents.paper.Element.Type;
import lehrgang.documents.paper.Flow;
import lehrgang.documents.paper.Flow.Keep;
import lehrgang.documents.paper.Formulas;
import lehrgang.documents.paper.Pictured;
import lehrgang.documents.paper.Sentence;
import lehrgang.documents.paper.Slab;
import lehrgang.documents.paper.TableSetter;
import lehrgang.documents.paper.WorkingSpace;

/// Sets the parts of a sheet on paper.
final class PaperBlocks {
  private static final double ABOVE_HEADING = 15;
  private static final double ABOVE = 5;
  private static final double ABOVE_FORMULA = 7;
  private static final double BELOW_OTHERS = 13;
  private static final double ABOVE_TABLE = 8;
  private static final double ABOVE_VERDICT = 14;
  private static final double BETWEEN = 26;
  private static final double WIDEST_FIGURE = 410;
  private static final double INDENT = 13;
  private static final double LIST_INDENT = 19;
  private static final int LONGEST_TABLE = 14;

  private final Chapter chapter;
  private final WorkingRoom room;
  private final double width;
  private final PaperLook look;
  private final Flow flow = new Flow();
  private Element section;

  /// Whether a page may end below the sentence that is set now. More where a working follows the
  /// small ones that stand behind another.
  private double aboveFormula = ABOVE_FORMULA;

  private Keep keep = Keep.FREE;

  PaperBlocks(Chapter chapter, WorkingRoom room, double width, Element parent) {
    this.chapter = chapter;
    this.room = room;
    this.width = width;
    this.look = new PaperLook(chapter.page(), chapter.blanks());
    this.section = parent.part(Type.SECTION);
  }

  /// All parts below each other.
  ///
  /// @param parent the element of which the steps are parts
  Flow set(Element parent) {
    List<Part> parts = chapter.onPaper();
    List<Part.Working> row = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      Part part = parts.get(i);
      if (!row.isEmpty()
          && !(part instanceof Part.Working next && next.rank() == row.getFirst().rank())) {
        row(row);
        row.clear();
        aboveFormula = BELOW_OTHERS;
      }
      if (part instanceof Part.Heading) {
        section = parent.part(Type.SECTION);
      }
      keep = i + 1 < parts.size() && isLedTo(parts.get(i + 1)) ? Keep.WITH_NEXT : Keep.FREE;
      if (part instanceof Part.Working working && working.rank() != Rank.MAIN) {
        row.add(working);
      } else {
        part(part);
        aboveFormula = ABOVE_FORMULA;
      }
    }
    row(row);
    return flow;
  }

  /// Whether a sentence leads to a part and stays with it.
  private static boolean isLedTo(Part part) {
    return part instanceof Part.Working || part instanceof Part.Tables;
  }

  private void part(Part part) {
    Progress.checkStopped();
    switch (part) {
      case Part.Heading heading -> heading(heading);
      case Part.Sentence(var tone, var spans) -> sentence(tone, spans);
      case Part.Items(var numbered, var items) -> items(numbered, items);
      case Part.Working working ->
          flow.add(new PaperWorkings(look, width, section).main(working), aboveFormula, Keep.FREE);
      case Part.Tables(var tables) -> tables(tables);
      case Part.Picture(var figure) ->
          flow.add(
              PaperFigure.of(figure, Math.min(width, WIDEST_FIGURE), section),
              ABOVE_TABLE,
              Keep.FREE);
      case Part.Illustrated shown ->
          flow.add(
              Pictured.of(
                  shown.picture(),
                  shown.width(width),
                  shown.height(width),
                  section,
                  shown.alternative()),
              ABOVE_TABLE,
              Keep.FREE);
      case Part.Room(var squares) -> room(squares);
      case Part.Listing _, Part.Behind _ -> {
        // On paper a list is a table, and nothing is folded away.
      }
    }
  }

  private void heading(Part.Heading heading) {
    Element element = section.part(Type.HEADING);
    List<Slab> lines =
        new ArrayList<>(
            new Sentence(PaperLook.HEADING)
                .add(
                    heading.number() + "\u2002" + heading.title(),
                    Typeface.SERIF_BOLD,
                    Palette.INK.light())
                .lines(width, element));
    if (!heading.points().isEmpty()) {
      Slab beside =
          new Sentence(PaperLook.SMALL)
              .add(heading.points(), Typeface.SANS, Palette.SOFT.light())
              .lines(width, element)
              .getFirst();
      double down = Sentence.baseline(PaperLook.HEADING) - Sentence.baseline(PaperLook.SMALL);
      lines.add(Slab.beside(List.of(lines.removeLast(), Slab.lowered(beside, down)), 7));
    }
    for (Slab line : lines) {
      flow.add(line, line == lines.getFirst() ? ABOVE_HEADING : 0, Keep.WITH_NEXT);
    }
  }

  private void sentence(Tone tone, List<Span> spans) {
    switch (tone) {
      case PLAIN, TASK -> {
        boolean leads = tone == Tone.TASK || Span.plain(spans).strip().endsWith(":");
        add(spans, new Sentence(PaperLook.TEXT), Typeface.SERIF, Palette.INK, ABOVE, leads);
      }
      case CHECKED -> marked("✓", spans, Palette.FINE);
      case WARNING -> marked("!", spans, Palette.REJECTION);
      case NOTE, SOURCE ->
          add(spans, new Sentence(PaperLook.SMALL), Typeface.SANS, Palette.SOFT, ABOVE, false);
      case LEAD ->
          add(
              spans,
              new Sentence(PaperLook.SMALL),
              Typeface.SANS,
              Palette.SOFT,
              ABOVE_FORMULA,
              true);
      case REPORT ->
          add(spans, new Sentence(PaperLook.TEXT), Typeface.SANS, Palette.INK, ABOVE, false);
      case VERDICT ->
          add(
              spans,
              new Sentence(PaperLook.TEXT),
              Typeface.SERIF_BOLD,
              Palette.INK,
              ABOVE_VERDICT,
              false);
    }
  }

  private void marked(String mark, List<Span> spans, Palette colour) {
    Sentence sentence =
        new Sentence(PaperLook.INNER).hanging(mark, INDENT, Typeface.SANS_SEMIBOLD, colour.light());
    add(spans, sentence, Typeface.SANS, colour, ABOVE, false);
  }

  private void add(
      List<Span> spans,
      Sentence sentence,
      Typeface typeface,
      Palette colour,
      double above,
      boolean leads) {
    flow.addLines(
        set(spans, sentence, typeface, colour).lines(width, section.part(Type.PARAGRAPH)),
        above,
        leads ? Keep.WITH_NEXT : keep);
  }

  private Sentence set(List<Span> spans, Sentence sentence, Typeface plain, Palette colour) {
    for (Span span : spans) {
      switch (span) {
        case Span.Words(var words, var weight) ->
            sentence.add(words, PaperLook.weighted(plain, weight), colour.light());
        case Span.Live(var line, var number, _) ->
            sentence.add(
                Formulas.SETTER.set(new Box.Linked(line, number), sentence.size()),
                "",
                new InSentence(look, colour));
        case Span.Formula(var box) ->
            sentence.add(
                Formulas.SETTER.set(box, sentence.size()),
                look.spoken(box),
                new InSentence(look, colour));
      }
    }
    return sentence;
  }

  private void items(Numbering numbered, List<List<Span>> items) {
    Element list = section.part(Type.LIST);
    for (int i = 0; i < items.size(); i++) {
      String mark = numbered == Numbering.NUMBERED ? (i + 1) + "." : "–";
      Sentence sentence =
          set(
              items.get(i),
              new Sentence(PaperLook.TEXT)
                  .hanging(mark, LIST_INDENT, Typeface.SERIF, Palette.SOFT.light()),
              Typeface.SERIF,
              Palette.INK);
      flow.addLines(sentence.lines(width, list.part(Type.ITEM)), ABOVE / 2, Keep.FREE);
    }
  }

  /// Tables stand side by side where they fit.
  private void tables(List<Part.Table> tables) {
    List<TableSetter.SetTable> row = new ArrayList<>();
    double used = 0;
    for (Part.Table table : tables) {
      Sentence title =
          set(table.title(), new Sentence(PaperLook.SMALL), Typeface.SANS_SEMIBOLD, Palette.SOFT);
      for (TableSetter.SetTable set :
          new TableSetter(section, width).set(PaperTables.of(table, title))) {
        boolean fits = used + BETWEEN + set.width() <= width && set.rows().size() <= LONGEST_TABLE;
        if (!row.isEmpty() && !fits) {
          beside(row);
          row.clear();
          used = 0;
        }
        used += (row.isEmpty() ? 0 : BETWEEN) + set.width();
        row.add(set);
      }
    }
    beside(row);
  }

  private void beside(List<TableSetter.SetTable> row) {
    if (row.size() == 1) {
      TableSetter.SetTable table = row.getFirst();
      flow.addTable(table.head(), table.rows(), table.foot(), ABOVE_TABLE, LONGEST_TABLE);
    } else if (!row.isEmpty()) {
      Slab all = Slab.beside(row.stream().map(TableSetter.SetTable::whole).toList(), BETWEEN);
      flow.add(all, ABOVE_TABLE, Keep.FREE);
    }
  }

  /// Workings that are asked for, or behind others, stand side by side where they fit.
  private void row(List<Part.Working> some) {
    if (some.isEmpty()) {
      return;
    }
    boolean asked = some.getFirst().rank() == Rank.ASKED;
    PaperWorkings workings = new PaperWorkings(look, width, section);
    double half = (width - BETWEEN) / 2;
    List<Slab> row = new ArrayList<>();
    double used = 0;
    for (Part.Working working : some) {
      Slab one = asked ? workings.asked(working) : workings.behind(working, half);
      if (!row.isEmpty() && used + BETWEEN + one.width() > width) {
        flow.add(
            Slab.beside(row, BETWEEN),
            asked ? ABOVE_FORMULA : ABOVE,
            asked ? Keep.WITH_NEXT : Keep.FREE);
        row = new ArrayList<>();
        used = 0;
      }
      used += (row.isEmpty() ? 0 : BETWEEN) + one.width();
      row.add(one);
    }
    Keep last = asked && room != WorkingRoom.NONE ? Keep.WITH_NEXT : Keep.FREE;
    flow.add(Slab.beside(row, BETWEEN), asked ? ABOVE_FORMULA : ABOVE, last);
  }

  private void room(int squares) {
    WorkingSpace.Pattern pattern =
        room == WorkingRoom.GRID ? WorkingSpace.Pattern.GRID : WorkingSpace.Pattern.LINES;
    flow.add(WorkingSpace.of(pattern, width, squares), ABOVE_TABLE, Keep.FREE);
  }
}
