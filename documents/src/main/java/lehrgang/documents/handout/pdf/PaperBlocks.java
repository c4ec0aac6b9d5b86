package lehrgang.documents.handout.pdf;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.derivation.Block;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.Speech;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageStep;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.documents.handout.order.PrintedTables;
import lehrgang.documents.handout.order.Repeats;
import lehrgang.documents.handout.order.WorkingSpaces;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.paper.Element;
import lehrgang.documents.paper.Element.Type;
import lehrgang.documents.paper.Flow;
import lehrgang.documents.paper.Flow.Keep;
import lehrgang.documents.paper.Formulas;
import lehrgang.documents.paper.Sentence;
import lehrgang.documents.paper.Slab;
import lehrgang.documents.paper.TableSetter;
import lehrgang.documents.paper.WorkingSpace;

/// Sets the steps of a page on paper.
final class PaperBlocks {
  private static final double ABOVE_HEADING = 15;
  private static final double ABOVE = 5;
  private static final double ABOVE_FORMULA = 7;
  private static final double ABOVE_TABLE = 8;
  private static final double BETWEEN_TABLES = 26;
  private static final double ABOVE_CHAIN = 3;
  private static final double WIDEST_FIGURE = 410;
  private static final double INDENT = 13;
  private static final int LONGEST_TABLE = 14;

  /// The workings of a larger family are not all printed.
  private static final int LARGEST_FAMILY = 40;

  private static final int LEAST_SQUARES = 2;
  private static final int MOST_SQUARES = 10;

  private final Page page;
  private final Blanks blanks;
  private final SheetChoices choices;
  private final double width;
  private final PaperLook look;
  private final PaperTables tables;
  private final Repeats repeats;
  private final PrintedTables printed;
  private final Flow flow = new Flow();

  /// Whether a page may end below the sentence that is set now.
  private Keep keep = Keep.FREE;

  /// @param printed where whole printed tables go
  PaperBlocks(Page page, Blanks blanks, SheetChoices choices, double width, PrintedTables printed) {
    this.page = page;
    this.blanks = blanks;
    this.choices = choices;
    this.width = width;
    this.look = new PaperLook(page, blanks);
    this.tables = new PaperTables(look);
    this.repeats = Repeats.in(page);
    this.printed = printed;
  }

  /// All steps below each other.
  Flow set(Element parent) {
    page.steps().forEach(step -> step(step, parent.part(Type.SECTION)));
    return flow;
  }

  private void step(PageStep step, Element section) {
    heading(step, section);
    List<PageBlock.Worked> asked = new ArrayList<>();
    List<PageBlock> blocks = step.blocks();
    for (int i = 0; i < blocks.size(); i++) {
      PageBlock block = blocks.get(i);
      boolean leads = i + 1 < blocks.size() && isLedTo(blocks.get(i + 1));
      keep = leads ? Keep.WITH_NEXT : Keep.FREE;
      boolean isAsked =
          block instanceof PageBlock.Worked worked && worked.appearance() == Appearance.BLANK;
      if (isAsked) {
        asked.add((PageBlock.Worked) block);
      } else {
        ask(asked, section);
        asked.clear();
        block(block, section);
      }
    }
    ask(asked, section);
    int squares = WorkingSpaces.squares(page, step);
    if (page.lens().audience() == Audience.STUDENT && squares > 0) {
      room(Math.clamp(squares, LEAST_SQUARES, MOST_SQUARES));
    }
  }

  /// Whether a sentence leads to a block and stays with it.
  private static boolean isLedTo(PageBlock block) {
    return block instanceof PageBlock.Worked
        || block instanceof PageBlock.Grids
        || block instanceof PageBlock.DataTable
        || block instanceof PageBlock.WrittenOut;
  }

  private void heading(PageStep step, Element section) {
    Sentence heading =
        new Sentence(PaperLook.HEADING)
            .add(step.number() + "\u2002" + step.title(), Typeface.SERIF_BOLD, Palette.INK.light());
    Element element = section.part(Type.HEADING);
    List<Slab> lines = new ArrayList<>(heading.lines(width, element));
    int points = blanks.in(step.id()).size();
    if (points > 0 && choices.has(With.POINTS) && page.lens().audience() != Audience.FULL) {
      Slab last = lines.removeLast();
      Slab beside =
          new Sentence(PaperLook.SMALL)
              .add(points(points), Typeface.SANS, Palette.SOFT.light())
              .lines(width, element)
              .getFirst();
      double down = Sentence.baseline(PaperLook.HEADING) - Sentence.baseline(PaperLook.SMALL);
      lines.add(Slab.beside(List.of(last, Slab.lowered(beside, down)), 7));
    }
    lines.forEach(
        line -> flow.add(line, line == lines.getFirst() ? ABOVE_HEADING : 0, Keep.WITH_NEXT));
  }

  private String points(int points) {
    return page.wording()
        .text(Phrase.of(points == 1 ? "sheet.point" : "sheet.points").with("count", points));
  }

  private void room(int squares) {
    if (choices.room() != WorkingRoom.NONE) {
      WorkingSpace.Pattern pattern =
          choices.room() == WorkingRoom.GRID
              ? WorkingSpace.Pattern.GRID
              : WorkingSpace.Pattern.LINES;
      flow.add(WorkingSpace.of(pattern, width, squares), ABOVE_TABLE, Keep.FREE);
    }
  }

  private void block(PageBlock block, Element section) {
    switch (block) {
      case PageBlock.Paragraph(_, var spans) -> paragraph(spans, section);
      case PageBlock.TypedNumber(var spans, _, _) -> paragraph(spans, section);
      case PageBlock.Remark(var tone, _, var spans) -> remark(tone, spans, section);
      case PageBlock.Task(var text) -> {
        Sentence task = new Sentence(PaperLook.TEXT).add(text, Typeface.SERIF, Palette.INK.light());
        flow.addLines(task.lines(width, section.part(Type.PARAGRAPH)), ABOVE, Keep.WITH_NEXT);
      }
      case PageBlock.SeeTable _ -> {
        // The printed tables stand at the end of the sheet, and the first step that needs one says
        // so.
      }
      case PageBlock.QuestionText(var question) ->
          question
              .text()
              .lines()
              .filter(line -> !line.isBlank())
              .forEach(line -> text(line, Typeface.SERIF, Palette.INK, section));
      case PageBlock.Provenance provenance -> provenance(provenance, section);
      case PageBlock.DataTable(var layers) -> grids(layers, section);
      case PageBlock.Grids(var grids) -> grids(repeats.without(grids), section);
      case PageBlock.Worked worked -> working(worked, section);
      case PageBlock.WrittenOut(var heading, var chains) -> writtenOut(heading, chains, section);
      case PageBlock.Iterations(var caption, var head, var rows, _) -> {
        small(caption, section, Keep.WITH_NEXT);
        table(tables.list(head, rows), section);
      }
      case PageBlock.Figure(var figure) -> {
        if (page.lens().audience() != Audience.STUDENT || choices.has(With.CURVE)) {
          flow.add(
              PaperFigure.of(figure, Math.min(width, WIDEST_FIGURE), section),
              ABOVE_TABLE,
              Keep.FREE);
        }
      }
      case PageBlock.Excerpt excerpt -> excerpt(excerpt, section);
      case PageBlock.Outcomes outcomes -> {
        table(tables.outcomes(outcomes), section);
        outcomes
            .figure()
            .ifPresent(
                figure ->
                    flow.add(
                        PaperFigure.of(figure, Math.min(width, WIDEST_FIGURE), section),
                        ABOVE_TABLE,
                        Keep.FREE));
      }
      case PageBlock.Ways _, PageBlock.AnswerSpace _ -> {
        // Ways are for whoever sits at the program; room for answers comes at the end of a step.
      }
      case PageBlock.Report(var text) -> text(text, Typeface.SANS, Palette.INK, section);
    }
  }

  private void text(String text, Typeface typeface, Palette colour, Element section) {
    Sentence sentence = new Sentence(PaperLook.TEXT).add(text, typeface, colour.light());
    flow.addLines(sentence.lines(width, section.part(Type.PARAGRAPH)), ABOVE, Keep.FREE);
  }

  private void small(String text, Element section, Keep keep) {
    Sentence sentence =
        new Sentence(PaperLook.SMALL).add(text, Typeface.SANS, Palette.SOFT.light());
    flow.addLines(sentence.lines(width, section.part(Type.PARAGRAPH)), ABOVE_FORMULA, keep);
  }

  private void paragraph(List<Span> spans, Element section) {
    if (!spans.isEmpty()) {
      Sentence sentence = sentence(spans, PaperLook.TEXT, Typeface.SERIF, Palette.INK);
      boolean colon = Span.plain(spans).strip().endsWith(":");
      flow.addLines(
          sentence.lines(width, section.part(Type.PARAGRAPH)),
          ABOVE,
          colon ? Keep.WITH_NEXT : keep);
    }
  }

  private Sentence sentence(List<Span> spans, double size, Typeface plain, Palette colour) {
    return add(spans, new Sentence(size), size, plain, colour);
  }

  private Sentence add(
      List<Span> spans, Sentence sentence, double size, Typeface plain, Palette colour) {
    boolean serif = plain == Typeface.SERIF;
    for (Span span : spans) {
      switch (span) {
        case Span.Words(var words, var weight) -> {
          Typeface typeface =
              switch (weight) {
                case PLAIN -> plain;
                case EMPHASIS -> serif ? Typeface.SERIF_ITALIC : Typeface.SANS_ITALIC;
                case STRONG -> serif ? Typeface.SERIF_BOLD : Typeface.SANS_SEMIBOLD;
              };
          sentence.add(words, typeface, colour.light());
        }
        case Span.Live(var line, var number, _) ->
            sentence.add(
                Formulas.SETTER.set(new Box.Linked(line, number), size),
                "",
                new InSentence(look, colour));
        case Span.Formula(var box) ->
            sentence.add(
                Formulas.SETTER.set(box, size), Speech.of(box), new InSentence(look, colour));
      }
    }
    return sentence;
  }

  private void remark(Block.Tone tone, List<Span> spans, Element section) {
    Palette colour =
        switch (tone) {
          case CHECKED -> Palette.FINE;
          case WARNING -> Palette.REJECTION;
          case NOTE -> Palette.SOFT;
        };
    String mark =
        switch (tone) {
          case CHECKED -> "✓";
          case WARNING -> "!";
          case NOTE -> "";
        };
    Sentence sentence = new Sentence(PaperLook.INNER);
    if (!mark.isEmpty()) {
      sentence.hanging(mark, INDENT, Typeface.SANS_SEMIBOLD, colour.light());
    }
    add(spans, sentence, PaperLook.INNER, Typeface.SANS, colour);
    flow.addLines(sentence.lines(width, section.part(Type.PARAGRAPH)), ABOVE, Keep.FREE);
  }

  private void provenance(PageBlock.Provenance provenance, Element section) {
    text(provenance.intro(), Typeface.SERIF, Palette.INK, section);
    Element list = section.part(Type.LIST);
    int number = 1;
    for (PageBlock.Stage stage : provenance.steps()) {
      item(number++ + ".", stage.what() + " " + stage.effect(), list);
    }
    text(provenance.account().getFirst(), Typeface.SERIF, Palette.INK, section);
    Element losses = section.part(Type.LIST);
    provenance.account().stream().skip(1).forEach(loss -> item("–", loss, losses));
  }

  private void item(String mark, String text, Element list) {
    Sentence sentence =
        new Sentence(PaperLook.TEXT)
            .hanging(mark, INDENT * 1.5, Typeface.SERIF, Palette.SOFT.light())
            .add(text, Typeface.SERIF, Palette.INK.light());
    flow.addLines(sentence.lines(width, list.part(Type.ITEM)), ABOVE / 2, Keep.FREE);
  }

  private void table(TableSetter.Table table, Element section) {
    new TableSetter(section, width).set(table).forEach(this::add);
  }

  private void add(TableSetter.SetTable table) {
    flow.addTable(table.head(), table.rows(), table.foot(), ABOVE_TABLE, LONGEST_TABLE);
  }

  /// Tables stand side by side where they fit.
  private void grids(List<PageBlock.Grid> grids, Element section) {
    List<TableSetter.SetTable> set = new ArrayList<>();
    for (PageBlock.Grid grid : grids) {
      Sentence title =
          sentence(grid.title(), PaperLook.SMALL, Typeface.SANS_SEMIBOLD, Palette.SOFT);
      set.addAll(new TableSetter(section, width).set(tables.grid(grid, title)));
    }
    List<TableSetter.SetTable> row = new ArrayList<>();
    double used = 0;
    for (TableSetter.SetTable table : set) {
      boolean fits =
          used + BETWEEN_TABLES + table.width() <= width && table.rows().size() <= LONGEST_TABLE;
      if (!row.isEmpty() && !fits) {
        beside(row);
        row.clear();
        used = 0;
      }
      row.add(table);
      used += (row.size() == 1 ? 0 : BETWEEN_TABLES) + table.width();
    }
    beside(row);
  }

  private void beside(List<TableSetter.SetTable> row) {
    if (row.size() == 1) {
      add(row.getFirst());
    } else if (!row.isEmpty()) {
      Slab all =
          Slab.beside(row.stream().map(TableSetter.SetTable::whole).toList(), BETWEEN_TABLES);
      flow.add(all, ABOVE_TABLE, Keep.FREE);
    }
  }

  /// What is to be found stands in a row, each with what it is.
  private void ask(List<PageBlock.Worked> asked, Element section) {
    List<Slab> row = new ArrayList<>();
    double used = 0;
    for (PageBlock.Worked worked : asked) {
      Slab one = asked(worked, section);
      if (!row.isEmpty() && used + BETWEEN_TABLES + one.width() > width) {
        flow.add(Slab.beside(row, BETWEEN_TABLES), ABOVE_FORMULA, Keep.WITH_NEXT);
        row = new ArrayList<>();
        used = 0;
      }
      used += (row.isEmpty() ? 0 : BETWEEN_TABLES) + one.width();
      row.add(one);
    }
    if (!row.isEmpty()) {
      Keep keep = choices.room() == WorkingRoom.NONE ? Keep.FREE : Keep.WITH_NEXT;
      flow.add(Slab.beside(row, BETWEEN_TABLES), ABOVE_FORMULA, keep);
    }
  }

  private Slab asked(PageBlock.Worked worked, Element section) {
    Slab name =
        Slab.stacked(
            new Sentence(PaperLook.SMALL)
                .add(worked.asked(), Typeface.SANS, Palette.SOFT.light())
                .lines(width / 2, section.part(Type.PARAGRAPH)));
    List<Slab> parts = new ArrayList<>(List.of(name));
    if (choices.has(With.HINTS)) {
      parts.add(chain(page.inSymbols(worked.line()), PaperLook.INNER, section));
    }
    parts.add(chain(worked.chain(), PaperLook.FORMULA, section));
    return Slab.stacked(parts);
  }

  private Slab chain(Chain chain, double size, Element section) {
    return Formulas.chain(chain, size, width, section, look);
  }

  private void working(PageBlock.Worked worked, Element section) {
    if (!worked.asked().isEmpty()) {
      small(worked.asked(), section, Keep.WITH_NEXT);
    }
    flow.add(chain(worked.chain(), PaperLook.FORMULA, section), ABOVE_FORMULA, Keep.FREE);
    family(worked, section);
  }

  /// The workings of the rest of a family, so that each number of a table says where it is from.
  private void family(PageBlock.Worked worked, Element section) {
    List<LineId> others =
        worked.family().stream()
            .filter(line -> page.appearance(line) != Appearance.BLANK)
            .filter(line -> !line.equals(worked.line()))
            .toList();
    if (others.isEmpty() || page.lens().audience() == Audience.STUDENT) {
      return;
    }
    small(
        page.family(worked.line()) + ": " + page.wording().text("sheet.others"),
        section,
        Keep.WITH_NEXT);
    double half = (width - BETWEEN_TABLES) / 2;
    List<Slab> some =
        others.stream().limit(LARGEST_FAMILY).map(line -> member(line, half, section)).toList();
    for (int i = 0; i < some.size(); i += 2) {
      boolean pair =
          i + 1 < some.size() && some.get(i).width() <= half && some.get(i + 1).width() <= half;
      if (pair) {
        Slab left = Slab.widened(some.get(i), half);
        flow.add(Slab.beside(List.of(left, some.get(i + 1)), BETWEEN_TABLES), ABOVE, Keep.FREE);
      } else {
        flow.add(some.get(i), ABOVE, Keep.FREE);
        if (i + 1 < some.size()) {
          flow.add(some.get(i + 1), ABOVE, Keep.FREE);
        }
      }
    }
    if (others.size() > LARGEST_FAMILY) {
      small(
          page.wording()
              .text(Phrase.of("sheet.and-so-on").with("count", others.size() - LARGEST_FAMILY)),
          section,
          Keep.FREE);
    }
  }

  private Slab member(LineId line, double half, Element section) {
    Slab place =
        Slab.stacked(
            new Sentence(PaperLook.SMALL)
                .add(page.place(line), Typeface.SANS, Palette.SOFT.light())
                .lines(half, section.part(Type.PARAGRAPH)));
    Slab chain = Formulas.chain(page.chain(line), PaperLook.INNER, half, section, look);
    return Slab.stacked(List.of(place, Slab.lowered(chain, ABOVE_CHAIN)));
  }

  private void writtenOut(String heading, List<Chain> chains, Element section) {
    small(heading, section, Keep.WITH_NEXT);
    chains.forEach(chain -> flow.add(chain(chain, PaperLook.INNER, section), ABOVE, Keep.FREE));
  }

  private void excerpt(PageBlock.Excerpt excerpt, Element section) {
    if (!excerpt.isWhole()) {
      table(tables.excerpt(excerpt), section);
    } else if (choices.has(With.TABLE) && printed.add(excerpt)) {
      small(page.wording().text("sheet.table-at-end"), section, Keep.FREE);
    }
    if (!excerpt.sentence().isEmpty()) {
      text(excerpt.sentence(), Typeface.SERIF, Palette.INK, section);
    }
  }
}
