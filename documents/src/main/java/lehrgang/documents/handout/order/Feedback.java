package lehrgang.documents.handout.order;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lehrgang.core.marking.Judgement;
import lehrgang.core.marking.Mark;
import lehrgang.core.marking.Points;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.marking.SlipTexts;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;
import lehrgang.documents.handout.order.Manuscript.Begins;
import lehrgang.documents.handout.order.Manuscript.Chapter;
import lehrgang.documents.handout.order.Part.Entry;
import lehrgang.documents.handout.order.Part.Look;
import lehrgang.documents.handout.order.Part.Numbering;
import lehrgang.documents.handout.order.Part.Table;
import lehrgang.documents.handout.order.Part.Tone;

/// What students are told of their answers: what they wrote beside the solution, what went wrong in
/// a sentence each, what was right from their own numbers, and what the instructor adds.
public final class Feedback {
  /// So many answers of a family that are all right take one line.
  private static final int FEW = 3;

  private final Solved solved;
  private final Page page;
  private final Wording wording;
  private final SlipTexts texts;

  private Feedback(Solved solved) {
    this.solved = solved;
    this.page = solved.page(Audience.FULL);
    this.wording = page.wording();
    this.texts = new SlipTexts(solved.solution(), solved.derivation());
  }

  /// Sheets for students, each on pages of its own.
  ///
  /// @param solved the solution that a student's answers were marked by
  /// @param sheets at least one
  public static Manuscript of(Function<String, Solved> solved, List<SheetMarks> sheets) {
    Map<Solved, Feedback> all = new IdentityHashMap<>();
    Function<SheetMarks, Feedback> own =
        sheet -> all.computeIfAbsent(solved.apply(sheet.student()), Feedback::new);
    Feedback feedback = own.apply(sheets.getFirst());
    String course =
        SheetHead.of(Order.of(feedback.solved, Audience.STUDENT), feedback.wording).line();
    String what = feedback.wording.text("feedback.head");
    return new Manuscript(
        SheetHead.title(feedback.page),
        feedback.page.language(),
        feedback.wording,
        new SheetHead(course.isEmpty() ? what : what + " · " + course, ""),
        sheets.stream().map(sheet -> own.apply(sheet).chapter(sheet)).toList(),
        List.of());
  }

  private Chapter chapter(SheetMarks sheet) {
    List<Part> parts = new ArrayList<>();
    parts.add(
        new Part.Sentence(
            Tone.PLAIN,
            List.of(
                new Span.Words(sheet.student(), Span.Weight.STRONG),
                new Span.Words(
                    text(
                        Phrase.of("feedback.credit")
                            .with("points", points(sheet.credit()))
                            .with("of", points(sheet.of()))),
                    Span.Weight.PLAIN))));
    parts.add(new Part.Tables(List.of(answers(sheet))));
    List<String> slips = slips(sheet);
    if (!slips.isEmpty()) {
      parts.add(Part.Sentence.of(Tone.LEAD, text(Phrase.of("feedback.wrong"))));
      parts.add(Part.Items.of(Numbering.PLAIN, slips));
    }
    List<String> followed = followed(sheet);
    if (!followed.isEmpty()) {
      Phrase right =
          Phrase.of("feedback.followed").with("lines", Phrase.listed(followed, "list.and-then"));
      parts.add(Part.Sentence.of(Tone.PLAIN, text(right)));
    }
    String remark = solved.solution().marking().remarks().getOrDefault(sheet.student(), "");
    if (!remark.isBlank()) {
      parts.add(Part.Sentence.of(Tone.LEAD, text(Phrase.of("feedback.remark"))));
      parts.add(Part.Sentence.of(Tone.PLAIN, remark));
    }
    parts.add(Part.Sentence.of(Tone.NOTE, text(Phrase.of("feedback.rule"))));
    return new Chapter(
        SheetHead.title(page), page, solved.blanks(page), parts, Begins.ON_A_NEW_PAGE);
  }

  private Table answers(SheetMarks sheet) {
    List<List<Entry>> rows = new ArrayList<>();
    for (List<Mark> family : sheet.families()) {
      if (family.size() >= FEW && family.stream().allMatch(Feedback::isSimplyRight)) {
        rows.add(together(family));
      } else {
        rows.addAll(oneByOne(family));
      }
    }
    for (SheetMarks.ByHand step : sheet.byHand()) {
      rows.add(
          List.of(
              Entry.side(wording.text("step." + step.step())),
              Entry.text(""),
              Entry.text(""),
              Entry.text(text(Phrase.of("feedback.by-hand"))),
              points(step.points().map(this::points).orElse(""), step.of())));
    }
    List<Entry> head =
        List.of(
            Entry.head(""),
            Entry.head(text(Phrase.of("feedback.wrote"))),
            Entry.head(text(Phrase.of("feedback.solution"))),
            Entry.head(""),
            Entry.head(text(Phrase.of("feedback.points"))));
    return new Table(Part.Kind.COUNTS, List.of(), head, rows, List.of(), false);
  }

  private static boolean isSimplyRight(Mark mark) {
    return !mark.ruled()
        && (mark.verdict() == Judgement.RIGHT || mark.verdict() == Judgement.RIGHT_ROUNDED);
  }

  private List<Entry> together(List<Mark> family) {
    BigDecimal got = family.stream().map(Mark::points).reduce(BigDecimal.ZERO, BigDecimal::add);
    BigDecimal of = family.stream().map(Mark::of).reduce(BigDecimal.ZERO, BigDecimal::add);
    return List.of(
        Entry.side(page.family(family.getFirst().line())),
        Entry.text(""),
        Entry.text(""),
        Entry.text(text(Phrase.of("feedback.all-right").with("count", family.size()))),
        points(points(got), of));
  }

  /// Members of a family by their places, below its name.
  private List<List<Entry>> oneByOne(List<Mark> family) {
    List<List<Entry>> rows = new ArrayList<>();
    boolean several = family.size() > 1;
    if (several) {
      Entry none = Entry.text("");
      rows.add(List.of(Entry.side(page.family(family.getFirst().line())), none, none, none, none));
    }
    for (Mark mark : family) {
      rows.add(
          row(
              mark,
              several ? Entry.text(page.place(mark.line())) : Entry.side(page.name(mark.line()))));
    }
    return rows;
  }

  private List<Entry> row(Mark mark, Entry what) {
    String shown = page.shown(mark.line()).text();
    return List.of(
        what,
        Entry.of(mark.answer().written(), isLost(mark) ? Look.ANSWER : Look.PLAIN),
        Entry.of(shown, Look.PLAIN),
        Entry.text(wording.text("feedback.verdict." + mark.verdict().key())),
        points(points(mark.points()), mark.of()));
  }

  private static boolean isLost(Mark mark) {
    return mark.verdict() == Judgement.SLIP || mark.verdict() == Judgement.WRONG;
  }

  private Entry points(String got, BigDecimal of) {
    return Entry.of(
        text(Phrase.of("feedback.points.of").with("points", got).with("of", points(of))),
        Look.PLAIN);
  }

  private String points(BigDecimal points) {
    return Points.text(points, solved.solution().format().style());
  }

  /// What went wrong, once for a family.
  private List<String> slips(SheetMarks sheet) {
    Set<String> said = new LinkedHashSet<>();
    for (List<Mark> family : sheet.families()) {
      Set<List<String>> known = new LinkedHashSet<>();
      for (Mark mark : family) {
        if (!mark.slips().isEmpty() && known.add(mark.slips())) {
          String why =
              mark.slips().stream()
                  .map(slip -> texts.sentence(slip, mark))
                  .distinct()
                  .collect(Collectors.joining(" "));
          said.add(
              text(
                  Phrase.of("feedback.slip")
                      .with("line", page.family(mark.line()))
                      .with("why", why)));
        }
      }
    }
    return List.copyOf(said);
  }

  private List<String> followed(SheetMarks sheet) {
    return sheet.marks().stream()
        .filter(mark -> mark.verdict() == Judgement.FOLLOW_THROUGH)
        .map(mark -> page.family(mark.line()))
        .distinct()
        .toList();
  }

  private String text(Phrase phrase) {
    return wording.text(phrase);
  }
}
