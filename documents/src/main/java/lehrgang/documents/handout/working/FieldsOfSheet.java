package lehrgang.documents.handout.working;

import static j2html.TagCreator.div;
import static j2html.TagCreator.input;
import static j2html.TagCreator.label;
import static j2html.TagCreator.option;
import static j2html.TagCreator.select;
import static j2html.TagCreator.span;
import static j2html.TagCreator.td;

import j2html.tags.DomContent;
import j2html.tags.specialized.TdTag;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Judging;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.MathMl;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Page;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.wording.Wording;
import lehrgang.documents.handout.html.HtmlParts;
import lehrgang.documents.handout.html.Rooms;
import lehrgang.documents.handout.order.Manuscript.Chapter;
import lehrgang.documents.handout.order.Part.Entry;
import lehrgang.documents.handout.order.Solved;

/// One solution of a working sheet: its fields, and what they are judged by.
final class FieldsOfSheet implements Rooms {
  private final Solved solved;
  private final Chapter chapter;
  private final Page page;
  private final Wording wording;
  private final int number;
  private final Optional<LineId> toDecide;
  private final Judging judging;
  private final Map<LineId, Integer> places;
  private final Set<LineId> asked = new HashSet<>();

  /// @param chapter the worksheet
  /// @param number  of the solution among those of the sheet, from 0
  FieldsOfSheet(Solved solved, Chapter chapter, int number) {
    this.solved = solved;
    this.chapter = chapter;
    this.page = chapter.page();
    this.wording = page.wording();
    this.number = number;
    Derivation derivation = solved.derivation();
    this.toDecide = solved.toDecide(page, chapter.blanks());
    this.judging = Judging.of(solved.solution(), derivation, solved.asked(page, chapter.blanks()));
    this.places = JudgingJson.places(judging);
  }

  String title() {
    return chapter.title();
  }

  List<DomContent> sections() {
    return new HtmlParts(chapter, WorkingRoom.NONE, this).sections();
  }

  /// What is decided, where it is for students to decide.
  @Override
  public Optional<DomContent> below(String step) {
    return toDecide.filter(_ -> step.equals(Solved.CONCLUSION)).map(this::choice);
  }

  private DomContent choice(LineId decision) {
    return div(label(
            span(wording.text("working.decision") + " "),
            select(
                    option(wording.text("working.choose")).withValue(""),
                    option(wording.text("trace.decision.reject")).withValue("reject"),
                    option(wording.text("trace.decision.keep")).withValue("do-not-reject"))
                .withClass("field")
                .attr("data-sheet", number)
                .attr("data-line", places.get(decision))))
        .withClass("decision");
  }

  @Override
  public TdTag inTable(Entry entry) {
    Optional<LineId> line =
        chapter.blanks().lines().stream()
            .filter(one -> chapter.blanks().number(one).orElse(0) == entry.number())
            .findFirst();
    return line.map(one -> td(field(one, entry.characters())).withClass("field-cell"))
        .orElseGet(() -> ON_PAPER.inTable(entry));
  }

  @Override
  public Optional<DomContent> inWorking(LineId line) {
    return Optional.of(line).filter(places::containsKey).map(one -> field(one, 0));
  }

  /// A number that is asked for once has one field; where it stands again, it is shown.
  private DomContent field(LineId line, int characters) {
    if (!asked.add(line)) {
      return span()
          .withClass("again")
          .attr("data-sheet-again", number)
          .attr("data-line-again", places.get(line));
    }
    return input()
        .withClass("field")
        .withCondStyle(characters > 0, "--figures:" + characters)
        .attr("data-sheet", number)
        .attr("data-line", places.get(line))
        .attr("aria-label", page.name(line))
        .attr("autocomplete", "off")
        .attr("spellcheck", "false");
  }

  /// What the page judges by, and says.
  Map<String, Object> data() {
    Map<String, Object> data = JudgingJson.of(judging, solved.solution(), wording);
    Map<String, Object> names = new LinkedHashMap<>();
    Map<String, Object> where = new LinkedHashMap<>();
    Map<String, Object> symbols = new LinkedHashMap<>();
    Map<String, Object> numbers = new LinkedHashMap<>();
    for (LineId line : judging.asked()) {
      String place = places.get(line).toString();
      names.put(place, page.name(line));
      where.put(place, line.index().isEmpty() ? "" : page.place(line));
      if (!line.equals(solved.derivation().decision())) {
        Chain formula = page.inSymbols(line);
        symbols.put(place, new MathMl(_ -> "").displayed(formula.box()));
        numbers.put(place, numbers(formula.left(), page.termByTerm(line)));
      }
    }
    data.put("names", names);
    data.put("places", where);
    data.put("symbols", symbols);
    data.put("numbers", numbers);
    data.put("given", given());
    data.put("questions", slips(".question"));
    data.put("called", slips(".name"));
    return data;
  }

  /// Each part that stands for a line is marked by its place, so that a number can be put there.
  private String numbers(Box symbol, Box formula) {
    MathMl marked = new MathMl(line -> places.containsKey(line) ? "ref-" + places.get(line) : "");
    return marked.displayed(Box.row(symbol, Box.operator("="), formula));
  }

  /// The numbers that stand on the sheet.
  private Map<String, Object> given() {
    Map<String, Object> given = new LinkedHashMap<>();
    places.forEach(
        (line, place) -> {
          if (page.appearance(line) == Appearance.SHOWN) {
            given.put(place.toString(), page.shown(line).text());
          }
        });
    return given;
  }

  /// What is said of slips, by their ids.
  private Map<String, Object> slips(String ending) {
    Set<String> slips = new TreeSet<>();
    judging.bends().values().forEach(bent -> bent.forEach(one -> slips.add(one.slip())));
    slips.addAll(List.of("typing-digits-swapped", "typing-point-moved"));
    Map<String, Object> said = new LinkedHashMap<>();
    for (String slip : slips) {
      said.put(slip, wording.text("slip." + slip + ending));
    }
    for (MarkingRules.OwnSlip own : solved.solution().marking().own()) {
      said.put(own.id(), own.sentence());
    }
    return said;
  }
}
