package lehrgang.documents.handout.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.derivation.Block;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageStep;
import lehrgang.core.solution.Illustration;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.wording.OwnText;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.work.Progress;
import lehrgang.documents.handout.order.Part.Numbering;
import lehrgang.documents.handout.order.Part.Rank;
import lehrgang.documents.handout.order.Part.Sentence;
import lehrgang.documents.handout.order.Part.Tone;
import lehrgang.documents.handout.order.Part.Working;

/// Sets the steps of a page as parts of a sheet.
final class PartSetter {
  /// The workings of a larger family are not all given.
  private static final int LARGEST_FAMILY = 40;

  private static final int LEAST_SQUARES = 2;
  private static final int MOST_SQUARES = 10;

  private final Page page;
  private final Blanks blanks;
  private final SheetChoices choices;
  private final PrintedTables printed;
  private final Worth worth;
  private final Repeats repeats;
  private final TableParts tables;
  private final List<Part> parts = new ArrayList<>();

  /// @param printed where whole printed tables go
  /// @param worth   of the steps, as far as it is said
  PartSetter(Page page, Blanks blanks, SheetChoices choices, PrintedTables printed, Worth worth) {
    this.page = page;
    this.blanks = blanks;
    this.choices = choices;
    this.printed = printed;
    this.worth = worth;
    this.repeats = Repeats.in(page);
    this.tables = new TableParts(page, blanks);
  }

  List<Part> set() {
    page.steps().forEach(this::step);
    boolean full = page.lens().audience() == Audience.FULL;
    if (full && !page.verdictSentence().isEmpty()) {
      say(Tone.VERDICT, page.verdictSentence());
    }
    return List.copyOf(parts);
  }

  private boolean isFor(Audience audience) {
    return page.lens().audience() == audience;
  }

  private void step(PageStep step) {
    parts.add(
        new Part.Heading(
            step.id(), step.number(), step.title(), worth.said(step.id(), page.wording())));
    step.blocks().forEach(this::block);
    int squares = WorkingSpaces.squares(page, step);
    if (isFor(Audience.STUDENT) && squares > 0 && choices.room() != WorkingRoom.NONE) {
      parts.add(new Part.Room(Math.clamp(squares, LEAST_SQUARES, MOST_SQUARES)));
    }
  }

  private void say(Tone tone, String words) {
    if (!words.isBlank()) {
      parts.add(Sentence.of(tone, words));
    }
  }

  private void say(Tone tone, List<Span> spans) {
    if (!spans.isEmpty()) {
      parts.add(new Sentence(tone, spans));
    }
  }

  private void block(PageBlock block) {
    Progress.checkStopped();
    switch (block) {
      case PageBlock.Paragraph(_, var spans) -> say(Tone.PLAIN, spans);
      case PageBlock.TypedNumber(_, var spans, _, _) -> say(Tone.PLAIN, spans);
      case PageBlock.Remark(var tone, _, var spans) -> say(tone(tone), spans);
      case PageBlock.Task(_, var text) -> say(Tone.TASK, text);
      case PageBlock.QuestionText(var question) -> {
        own(Tone.PLAIN, question.text());
        question.picture().ifPresent(this::illustration);
      }
      case PageBlock.Note(var kind, var name, var text) -> note(kind, name, text);
      case PageBlock.Provenance provenance -> provenance(provenance);
      case PageBlock.DataTable(var layers) -> tables(layers.stream().map(tables::grid));
      case PageBlock.Grids(var grids) -> tables(repeats.without(grids).stream().map(tables::grid));
      case PageBlock.Worked worked -> working(worked);
      case PageBlock.WrittenOut(var heading, var chains) ->
          parts.add(
              new Part.Behind(heading, chains.stream().map(chain -> behind("", chain)).toList()));
      case PageBlock.Iterations iterations -> {
        say(Tone.LEAD, iterations.caption());
        parts.add(
            new Part.Listing(
                TableParts.list(iterations.head(), iterations.rows()),
                iterations.first().size(),
                iterations.heading()));
      }
      case PageBlock.Figure(var figure) -> picture(figure);
      case PageBlock.Excerpt excerpt -> excerpt(excerpt);
      case PageBlock.Outcomes outcomes -> {
        tables(Stream.of(tables.outcomes(outcomes)));
        outcomes.figure().ifPresent(figure -> parts.add(new Part.Picture(figure)));
      }
      case PageBlock.Report(_, var text) -> say(Tone.REPORT, text);
      case PageBlock.SeeTable _, PageBlock.Ways _, PageBlock.AnswerSpace _ -> {
        // Printed tables are at the end; ways are for whoever sits at the program; room for answers
        // comes at the end of a step.
      }
    }
  }

  /// The instructor's own text, with its lists.
  private void own(Tone tone, String text) {
    for (OwnText.Part part : OwnText.parts(text)) {
      switch (part) {
        case OwnText.Paragraph(var words) -> say(tone, words);
        case OwnText.Items(var ordered, var items) ->
            parts.add(new Part.Items(ordered ? Numbering.NUMBERED : Numbering.PLAIN, items));
      }
    }
  }

  private void illustration(Illustration picture) {
    String said = picture.description().strip();
    parts.add(
        new Part.Illustrated(
            picture, said.isEmpty() ? page.wording().text("sheet.picture") : said));
  }

  /// A hint and a source begin with what they are.
  private void note(PageBlock.NoteKind kind, String name, String text) {
    switch (kind) {
      case NOTE -> own(Tone.PLAIN, text);
      case HINT, SOURCE ->
          own(kind == PageBlock.NoteKind.HINT ? Tone.PLAIN : Tone.NOTE, name + " " + text);
    }
  }

  private static Tone tone(Block.Tone tone) {
    return switch (tone) {
      case CHECKED -> Tone.CHECKED;
      case WARNING -> Tone.WARNING;
      case NOTE -> Tone.NOTE;
    };
  }

  private void tables(Stream<Part.Table> some) {
    List<Part.Table> all = some.toList();
    if (!all.isEmpty()) {
      parts.add(new Part.Tables(all));
    }
  }

  private void picture(FigureSpec figure) {
    if (!isFor(Audience.STUDENT) || choices.has(With.CURVE)) {
      parts.add(new Part.Picture(figure));
    }
  }

  private void provenance(PageBlock.Provenance provenance) {
    say(Tone.PLAIN, provenance.intro());
    List<String> steps =
        provenance.steps().stream().map(step -> step.what() + " " + step.effect()).toList();
    if (!steps.isEmpty()) {
      parts.add(Part.Items.of(Numbering.NUMBERED, steps));
    }
    say(Tone.PLAIN, provenance.account().getFirst());
    List<String> losses = provenance.account().subList(1, provenance.account().size());
    if (!losses.isEmpty()) {
      parts.add(Part.Items.of(Numbering.PLAIN, losses));
    }
  }

  private void working(PageBlock.Worked worked) {
    boolean asked = worked.appearance() == Appearance.BLANK;
    boolean hinted = asked && choices.has(With.HINTS);
    parts.add(
        new Working(
            worked.asked(),
            worked.chain(),
            hinted ? Optional.of(page.inSymbols(worked.line())) : Optional.empty(),
            asked ? Rank.ASKED : Rank.MAIN));
    if (!isFor(Audience.STUDENT)) {
      family(worked);
    }
  }

  /// The workings of the rest of a family, so that each number of a table says where it is from.
  private void family(PageBlock.Worked worked) {
    List<LineId> others =
        worked.family().stream()
            .filter(line -> page.appearance(line) != Appearance.BLANK)
            .filter(line -> !line.equals(worked.line()))
            .toList();
    if (others.isEmpty()) {
      return;
    }
    List<Part> workings = new ArrayList<>();
    others.stream()
        .limit(LARGEST_FAMILY)
        .forEach(line -> workings.add(behind(page.place(line), page.chain(line))));
    if (others.size() > LARGEST_FAMILY) {
      Phrase rest = Phrase.of("sheet.and-so-on").with("count", others.size() - LARGEST_FAMILY);
      workings.add(Sentence.of(Tone.NOTE, page.wording().text(rest)));
    }
    String heading = page.family(worked.line()) + ": " + page.wording().text("sheet.others");
    parts.add(new Part.Behind(heading, workings));
  }

  private static Part behind(String named, Chain chain) {
    return new Working(named, chain, Optional.empty(), Rank.BEHIND);
  }

  private void excerpt(PageBlock.Excerpt excerpt) {
    if (!excerpt.isWhole()) {
      tables(Stream.of(TableParts.excerpt(excerpt)));
    } else if (choices.has(With.TABLE) && printed.add(excerpt)) {
      say(Tone.NOTE, page.wording().text("sheet.table-at-end"));
    }
    say(Tone.PLAIN, excerpt.sentence());
  }
}
