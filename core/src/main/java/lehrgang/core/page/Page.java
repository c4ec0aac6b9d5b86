package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Role;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.number.Format;
import lehrgang.core.number.Shown;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;

/// A solution as it reads for an audience: a pure function of the solution, with every word and
/// number set.
public final class Page {
  private final Solution solution;
  private final Derivation derivation;
  private final Wording wording;
  private final Typesetter typesetter;
  private final Typesetter unmasked;
  private final Mask mask;
  private final List<PageStep> steps;

  private Page(Solution solution, Derivation derivation, Audience audience) {
    this.solution = solution;
    this.derivation = derivation;
    this.wording = Wording.in(solution.language(), solution.wording());
    this.mask = new Mask(solution, derivation, audience);
    Format format = new Format(solution.numberStyle(), solution.choices().shownDecimals());
    Evaluation shown = derivation.evaluate(solution.choices().reading());
    this.typesetter = new Typesetter(derivation, shown, format, wording, mask);
    this.unmasked =
        audience == Audience.FULL
            ? typesetter
            : new Typesetter(
                derivation, shown, format, wording, new Mask(solution, derivation, Audience.FULL));
    this.steps = steps(audience);
  }

  public static Page of(Solution solution, Derivation derivation, Audience audience) {
    return new Page(solution, derivation, audience);
  }

  private List<PageStep> steps(Audience audience) {
    StepSetter setter = new StepSetter(solution, derivation, typesetter, wording, mask, audience);
    List<PageStep> all = new ArrayList<>();
    for (Step step : derivation.steps()) {
      StudentView view = solution.studentView(step.id());
      if (audience == Audience.FULL || view != StudentView.LEFT_OUT) {
        all.add(setter.set(step, all.size() + 1));
      }
    }
    return List.copyOf(all);
  }

  /// Every step with its state in a line, as the instructor sees it, whoever the page is for.
  public List<Heading> headings() {
    List<Heading> headings = new ArrayList<>();
    for (Step step : derivation.steps()) {
      headings.add(
          new Heading(
              step.id(),
              headings.size() + 1,
              wording.text("step." + step.id()),
              unmasked.text(step.summary()),
              solution.studentView(step.id())));
    }
    return List.copyOf(headings);
  }

  /// A step in the rail.
  public record Heading(String step, int number, String title, String summary, StudentView view) {}

  public Solution solution() {
    return solution;
  }

  public Derivation derivation() {
    return derivation;
  }

  public List<PageStep> steps() {
    return steps;
  }

  public Wording wording() {
    return wording;
  }

  /// The values that the page shows.
  public Evaluation values() {
    return typesetter.values();
  }

  /// The number of a line as it is shown.
  public Shown shown(LineId id) {
    return typesetter.shown(id);
  }

  public Role role(LineId id) {
    return derivation.find(id).map(Line::role).orElse(Role.OTHER);
  }

  /// A line worked out for this audience.
  public Chain chain(LineId id) {
    return typesetter.chain(id);
  }

  public Appearance appearance(LineId id) {
    return mask.of(id);
  }

  /// What a line is, with its place: "Expected count · Gorge path, Autumn".
  public String name(LineId id) {
    String family = family(id);
    String place = typesetter.text(derivation.line(id).label());
    return place.equals(family) ? family : family + " · " + place;
  }

  /// What a line is, without its place.
  public String family(LineId id) {
    return wording.text("family." + id.name());
  }

  /// Where a line stands, such as "Gorge path, Autumn".
  public String place(LineId id) {
    return typesetter.text(derivation.line(id).label());
  }

  /// The strip at the foot: each number with its name, and the sentence.
  public List<VerdictItem> verdictItems() {
    return derivation.verdict().items().stream()
        .map(
            item ->
                new VerdictItem(
                    typesetter.text(item.label()),
                    item.line(),
                    item.form() == Verdict.Form.WITH_SYMBOL
                        ? Optional.of(typesetter.symbol(item.line()).box())
                        : Optional.empty(),
                    typesetter.shown(item.line())))
        .toList();
  }

  /// @param symbol where it stands before the number
  public record VerdictItem(String label, LineId line, Optional<Box> symbol, Shown number) {}

  public Verdict.Decision decision() {
    return derivation.verdict().decision();
  }

  public String verdictSentence() {
    return typesetter.text(derivation.verdict().sentence());
  }

  /// A condition's reason in words.
  public String text(Phrase phrase) {
    return Span.plain(typesetter.spans(phrase));
  }

  public Optional<Chain> secondRoute(LineId id) {
    return typesetter.secondRoute(id);
  }

  /// All that there is to know about a number, for the instructor.
  public Trace trace(LineId id) {
    return new TraceWriter(this, unmasked).trace(id);
  }
}
