package lehrgang.documents.handout.qti;

import static j2html.TagCreator.each;
import static j2html.TagCreator.iff;
import static j2html.TagCreator.tag;

import j2html.tags.ContainerTag;
import j2html.tags.DomContent;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.KeyedAnswers;
import lehrgang.core.marking.KeyedAnswers.Keyed;
import lehrgang.core.number.Bounds;
import lehrgang.core.number.Kind;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Manuscript.Chapter;
import lehrgang.documents.handout.order.Solved;

/// A worksheet as one item: what is answered, what is accepted, the sheet itself, and what is said
/// of each answer.
final class QtiItem {
  private final Manuscript manuscript;
  private final Chapter chapter;
  private final String name;
  private final Map<String, Keyed> answers = new LinkedHashMap<>();
  private final QtiBody body;

  /// @param manuscript of the solution alone
  /// @param name       of the item, an identifier
  QtiItem(Solved solved, Manuscript manuscript, String name) {
    this.manuscript = manuscript;
    this.chapter = manuscript.chapters().getFirst();
    this.name = name;
    KeyedAnswers keyed = new KeyedAnswers(solved.solution(), solved.derivation());
    Map<LineId, String> entries = new LinkedHashMap<>();
    for (LineId line : solved.asked(chapter.page(), chapter.blanks())) {
      keyed
          .of(line)
          .filter(answer -> answer.kind() != Kind.CONDITION)
          .ifPresent(
              answer -> {
                String entry = "A" + (entries.size() + 1);
                entries.put(line, entry);
                answers.put(entry, answer);
              });
    }
    this.body = new QtiBody(manuscript, entries, answers, name);
  }

  String name() {
    return name;
  }

  /// The files that its body shows, by name.
  Map<String, byte[]> pictures() {
    return body.pictures();
  }

  /// @param style the name of its style sheet
  ContainerTag<?> element(String style) {
    DomContent content = body.element();
    return tag("qti-assessment-item")
        .attr("identifier", name)
        .attr("title", chapter.title())
        .attr("adaptive", "false")
        .attr("time-dependent", "false")
        .attr("xml:lang", manuscript.language())
        .with(
            each(answers.entrySet(), entry -> response(entry.getKey(), entry.getValue())),
            QtiPackage.score(),
            outcome("MAXSCORE", "float", points().toPlainString()),
            each(answers.keySet(), entry -> outcome(feedback(entry), "identifier", "none")),
            tag("qti-stylesheet").attr("href", style).attr("type", "text/css"),
            content,
            tag("qti-response-processing")
                .with(each(answers.entrySet(), entry -> judged(entry.getKey(), entry.getValue()))));
  }

  private BigDecimal points() {
    return answers.values().stream().map(Keyed::points).reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  /// The outcome that says what is said of an answer.
  static String feedback(String entry) {
    return "SAID-" + entry;
  }

  private static DomContent response(String entry, Keyed keyed) {
    return tag("qti-response-declaration")
        .attr("identifier", entry)
        .attr("cardinality", "single")
        .attr("base-type", keyed.kind().isNumber() ? "float" : "identifier")
        .with(tag("qti-correct-response").with(tag("qti-value").withText(keyed.answer())));
  }

  private static DomContent outcome(String identifier, String type, String value) {
    return tag("qti-outcome-declaration")
        .attr("identifier", identifier)
        .attr("cardinality", "single")
        .attr("base-type", type)
        .with(tag("qti-default-value").with(tag("qti-value").withText(value)));
  }

  /// Right, or one of the known wrong ones, or wrong.
  private static DomContent judged(String entry, Keyed keyed) {
    ContainerTag<?> right =
        keyed.kind().isNumber()
            ? within(entry, keyed.accepted())
            : tag("qti-match").with(variable(entry), tag("qti-correct").attr("identifier", entry));
    return tag("qti-response-condition")
        .with(
            tag("qti-response-if")
                .with(
                    right,
                    tag("qti-set-outcome-value")
                        .attr("identifier", "SCORE")
                        .with(
                            tag("qti-sum")
                                .with(
                                    variable("SCORE"),
                                    value("float", keyed.points().toPlainString()))),
                    say(entry, "right")),
            each(
                keyed.wrong(),
                cause ->
                    tag("qti-response-else-if")
                        .with(within(entry, cause.numbers()), say(entry, cause.slip()))),
            tag("qti-response-else-if")
                .with(
                    tag("qti-not").with(tag("qti-is-null").with(variable(entry))),
                    say(entry, "wrong")));
  }

  private static ContainerTag<?> within(String entry, Bounds range) {
    return tag("qti-and")
        .with(
            iff(
                Double.isFinite(range.low()),
                tag("qti-gte").with(variable(entry), value("float", Double.toString(range.low())))),
            iff(
                Double.isFinite(range.high()),
                tag("qti-lte")
                    .with(variable(entry), value("float", Double.toString(range.high())))),
            tag("qti-not").with(tag("qti-is-null").with(variable(entry))));
  }

  private static DomContent say(String entry, String what) {
    return tag("qti-set-outcome-value")
        .attr("identifier", feedback(entry))
        .with(value("identifier", what));
  }

  private static DomContent variable(String identifier) {
    return tag("qti-variable").attr("identifier", identifier);
  }

  private static DomContent value(String type, String value) {
    return tag("qti-base-value").attr("base-type", type).withText(value);
  }
}
