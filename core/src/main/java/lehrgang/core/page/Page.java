package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Layout;
import lehrgang.core.derivation.Role;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.number.Format;
import lehrgang.core.number.Shown;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Wording;

/// A solution as it reads through a lens: a pure function of both, with every word and number set.
///
/// What the lens's audience is not to see, the page does not have: it is set from values among
/// which the hidden ones are missing, so that no table, figure, sentence, trace or alternative text
/// can tell them.
///
/// ```java
/// Page page = Page.of(solution, derivation, Lens.of(solution, Audience.STUDENT));
/// page.steps();                      // what stands on the page
/// page.shown(LineId.of("E", 2, 3));  // empty: students are to find it
/// ```
public final class Page {
  private final Solution solution;
  private final Derivation derivation;
  private final Lens lens;
  private final Wording wording;
  private final Numerals numerals;
  private final ChainSetter chains;
  private final SymbolChains symbols;
  private final Layout layout;
  private final List<PageStep> steps;
  private final RoundingOnTheWay onTheWay;
  private Optional<TraceWriter> traces = Optional.empty();

  private Page(Solution solution, Derivation derivation, Lens lens) {
    this.solution = solution;
    this.derivation = derivation;
    this.lens = lens;
    this.wording =
        Wording.in(solution.language(), solution.ownWords(), solution.course().symbols());
    Evaluation all = derivation.evaluate(lens.reading());
    Mask mask = Mask.of(solution, derivation, all, lens);
    Evaluation known = mask.let(all);
    this.layout = derivation.layout(known);
    Format format = solution.format();
    this.numerals = new Numerals(derivation, lens.reading(), known, format, wording, mask);
    this.chains = new ChainSetter(derivation, numerals);
    this.symbols = new SymbolChains(derivation, numerals, chains);
    this.onTheWay = new RoundingOnTheWay(solution, derivation, numerals, lens);
    this.steps = set();
  }

  /// Sets a solution through a lens.
  ///
  /// @param derivation what the solution was worked out to
  public static Page of(Solution solution, Derivation derivation, Lens lens) {
    return new Page(solution, derivation, lens);
  }

  /// Sets a solution as its instructor chose to read it, for an audience.
  public static Page of(Solution solution, Derivation derivation, Audience audience) {
    return new Page(solution, derivation, Lens.of(solution, audience));
  }

  private List<PageStep> set() {
    List<Step> seen = layout.steps().stream().filter(this::isOnPage).toList();
    StepSetter setter =
        new StepSetter(
            solution,
            numerals,
            chains,
            wording,
            lens.audience(),
            new Sheet(numerals, wording, seen),
            onTheWay::remark);
    return IntStream.range(0, seen.size()).mapToObj(k -> setter.set(seen.get(k), k + 1)).toList();
  }

  private boolean isOnPage(Step step) {
    return lens.audience() == Audience.FULL
        || solution.studentView(step.id()) != StudentView.LEFT_OUT;
  }

  /// Whom the page is for, and how its numbers come about.
  public Lens lens() {
    return lens;
  }

  /// Every step with its state in a line, also those that are not on this page; the state is empty
  /// where it would give answers away.
  public List<Heading> headings() {
    List<Heading> headings = new ArrayList<>();
    for (Step step : layout.steps()) {
      String summary =
          steps.stream()
              .filter(set -> set.id().equals(step.id()))
              .map(PageStep::summary)
              .findFirst()
              .orElse("");
      headings.add(
          new Heading(
              step.id(),
              headings.size() + 1,
              wording.text("step." + step.id()),
              summary,
              solution.studentView(step.id())));
    }
    return List.copyOf(headings);
  }

  /// A step in the rail.
  public record Heading(String step, int number, String title, String summary, StudentView view) {}

  /// The question that the solution answers, with the numbers that it names.
  public Question question() {
    return new QuestionNumbers(numerals).filled(solution.question());
  }

  /// The language of the page, as a tag such as `en`.
  public String language() {
    return solution.language().toLanguageTag();
  }

  /// The steps in their order, those that are left out for the audience not among them.
  public List<PageStep> steps() {
    return steps;
  }

  /// The words of the page.
  public Wording wording() {
    return wording;
  }

  /// The ids of all lines behind the page, in order.
  public List<LineId> lines() {
    return List.copyOf(derivation.lines().keySet());
  }

  /// Whether the derivation has a line of this id.
  public boolean has(LineId id) {
    return derivation.find(id).isPresent();
  }

  /// The lines that a line is computed from, as its working shows them.
  public List<LineId> sources(LineId id) {
    return chains.shownFormula(id).sources();
  }

  /// The lines that are computed from a line.
  public List<LineId> uses(LineId id) {
    return derivation.uses(id);
  }

  /// The value of a line; empty for one that has none, or that is hidden.
  public Optional<Value> value(LineId id) {
    return numerals.values().find(id);
  }

  /// The number of a line as it is shown; without text for one that is hidden.
  public Shown shown(LineId id) {
    return numerals.shown(id);
  }

  /// How many figures and signs a number of the sort of a line has at most, whatever it is: so much
  /// room an answer needs.
  public int charactersOf(LineId id) {
    return numerals.charactersOf(id);
  }

  /// The ids of the steps as they would stand in an order, as far as the numbers allow it.
  public List<String> stepsIn(StepOrder order) {
    return derivation.arranged(order).steps();
  }

  /// The formula of a line with every member of a sum written out and each line by its symbol, for
  /// numbers to be put in.
  public Box termByTerm(LineId id) {
    return symbols.termByTerm(id);
  }

  /// The formula of a line in symbols, as a hint that puts no number in.
  public Chain inSymbols(LineId id) {
    return symbols.hint(id);
  }

  /// The part that a line plays; [Role#OTHER] for an id that there is not.
  public Role role(LineId id) {
    return derivation.find(id).map(line -> line.role()).orElse(Role.OTHER);
  }

  /// A line worked out.
  public Chain chain(LineId id) {
    return chains.chain(id);
  }

  /// Whether the audience sees a line, and as what.
  public Appearance appearance(LineId id) {
    return numerals.mask().of(id);
  }

  /// What a line is, with its place: "Expected count · Gorge path, Autumn".
  public String name(LineId id) {
    return numerals.heading(id, " · ", "");
  }

  /// What a line is, without its place.
  public String family(LineId id) {
    return numerals.text(derivation.line(id).name());
  }

  /// Where a line stands, such as "Gorge path, Autumn".
  public String place(LineId id) {
    return numerals.text(derivation.line(id).place());
  }

  /// The strip at the foot: each number with its name.
  public List<VerdictItem> verdictItems() {
    return layout.verdict().items().stream()
        .map(
            item ->
                new VerdictItem(
                    numerals.text(item.label()),
                    item.line(),
                    item.form() == Verdict.Form.WITH_SYMBOL
                        ? Optional.of(numerals.symbol(item.line()).box())
                        : Optional.empty(),
                    numerals.shown(item.line())))
        .toList();
  }

  /// @param symbol where it stands before the number
  public record VerdictItem(String label, LineId line, Optional<Box> symbol, Shown number) {}

  /// What becomes of H₀; empty where that is hidden, or where the reading leaves it open.
  public Optional<Verdict.Decision> decision() {
    return layout.verdict().decision();
  }

  /// The decision in words; empty where it is hidden.
  public String verdictSentence() {
    return numerals.mask().hides(derivation.decision())
        ? ""
        : numerals.text(layout.verdict().sentence());
  }

  /// The second route to a line, worked out; empty where there is none or the line is hidden.
  public Optional<Chain> secondRoute(LineId id) {
    return symbols.secondRoute(id);
  }

  /// All that there is to know about a number.
  public synchronized Trace trace(LineId id) {
    if (traces.isEmpty()) {
      traces =
          Optional.of(
              new TraceWriter(
                  derivation,
                  numerals,
                  chains,
                  wording,
                  solution.origin().map(origin -> origin.records().name()),
                  numerals.mask().let(derivation.exact()),
                  onTheWay::evaluation));
    }
    return traces.get().trace(id);
  }
}
