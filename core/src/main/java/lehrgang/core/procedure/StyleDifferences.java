package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.notation.Symbols;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Course;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// What of a solution is not as this program does it where nothing is chosen, each with the way
/// back.
public final class StyleDifferences {
  private static final Pattern GAP = Pattern.compile("\\{:?([^{}]+)}");

  private final Solution solution;
  private final Wording wording;
  private final List<Difference> all = new ArrayList<>();

  /// One thing that differs.
  ///
  /// @param what  it is, in words
  /// @param usual how it is otherwise; may be empty
  /// @param now   how it is in this solution
  /// @param back  the solution with just this set back
  public record Difference(String what, String usual, String now, Solution back) {}

  private StyleDifferences(Solution solution) {
    this.solution = solution;
    this.wording = Wording.in(solution.language(), Map.of(), solution.course().symbols());
  }

  /// All that differs: first the order of the steps and symbols, then numbers and choices, then
  /// words.
  public static List<Difference> of(Solution solution) {
    StyleDifferences differences = new StyleDifferences(solution);
    differences.order();
    differences.symbols();
    differences.numbers();
    differences.options();
    differences.sheet();
    differences.marking();
    differences.words();
    return List.copyOf(differences.all);
  }

  private void add(String what, String usual, String now, Solution back) {
    all.add(new Difference(what, usual, now, back));
  }

  private void order() {
    Course course = solution.course();
    StepOrder usual = new StepOrder.AsWorked();
    if (!course.order().equals(usual)) {
      add(
          wording.text("style.order"),
          name(usual),
          name(course.order()),
          solution.withCourse(course.withOrder(usual)));
    }
  }

  private String name(StepOrder order) {
    return wording.text(
        switch (order) {
          case StepOrder.AsWorked _ -> "style.order.as-worked";
          case StepOrder.RuleFirst _ -> "style.order.rule-first";
          case StepOrder.Own _ -> "style.order.own";
        });
  }

  private void symbols() {
    Course course = solution.course();
    course
        .symbols()
        .chosen()
        .forEach(
            (meaning, written) -> {
              Symbols.Written usual = meaning.ways().getFirst();
              add(
                  wording.text("style.symbol." + meaning.key()),
                  usual.plain(),
                  written.plain(),
                  solution.withCourse(course.withSymbols(course.symbols().with(meaning, usual))));
            });
  }

  private void numbers() {
    Choices choices = solution.choices();
    Choices usual = Choices.usual();
    if (!choices.level().equals(usual.level())) {
      add(
          wording.text("style.level"),
          usual.level(),
          choices.level(),
          solution.withChoices(choices.withLevel(usual.level())));
    }
    for (Kind kind : Kind.values()) {
      int places = Decimals.usual().of(kind);
      if (choices.decimals().of(kind) != places) {
        add(
            wording.text(Phrase.of("style.decimals").with("kind", Phrase.of("kind." + kind.key()))),
            Integer.toString(places),
            Integer.toString(choices.decimals().of(kind)),
            solution.withChoices(choices.withDecimals(choices.decimals().with(kind, places))));
      }
    }
    choices
        .onTheWay()
        .ifPresent(
            places ->
                add(
                    wording.text("style.on-the-way"),
                    wording.text("style.on-the-way.none"),
                    Integer.toString(places),
                    solution.withChoices(choices.withOnTheWay(Optional.empty()))));
  }

  private void options() {
    for (ProcedureOption option : Procedures.of(solution.procedure()).options()) {
      if (option instanceof ProcedureOption.OneOf one
          && one.settled() == ProcedureOption.Settled.BY_COURSE
          && !solution.choices().option(one).equals(one.usual())) {
        add(
            wording.text("option." + one.id()),
            wording.text("option." + one.id() + "." + one.usual()),
            wording.text("option." + one.id() + "." + solution.choices().option(one)),
            solution.withChoices(solution.choices().withOption(one.id(), one.usual())));
      }
    }
  }

  private void sheet() {
    SheetChoices sheet = solution.sheet();
    if (!sheet.course().isBlank()) {
      add(
          wording.text("style.head"),
          "",
          sheet.course(),
          solution.withSheet(sheet.withHead("", sheet.sheet(), sheet.due())));
    }
  }

  private void marking() {
    MarkingRules rules = solution.marking();
    MarkingRules usual = MarkingRules.usual();
    rules
        .digits()
        .forEach(
            (kind, asked) ->
                ofMarking(
                    Phrase.of("style.marking.digits").with("kind", Phrase.of("kind." + kind.key())),
                    Integer.toString(usual.digitsOf(kind)),
                    Integer.toString(asked),
                    rules.withDigits(kind, Optional.empty())));
    rules
        .fewest()
        .forEach(
            (kind, kept) ->
                ofMarking(
                    Phrase.of("style.marking.fewest").with("kind", Phrase.of("kind." + kind.key())),
                    Integer.toString(usual.fewestOf(kind)),
                    Integer.toString(kept),
                    rules.withFewest(kind, Optional.empty())));
    if (rules.coarse().compareTo(usual.coarse()) != 0) {
      ofMarking(
          Phrase.of("style.marking.coarse"),
          usual.coarse().toPlainString(),
          rules.coarse().toPlainString(),
          rules.withCoarse(usual.coarse()));
    }
    rules
        .part()
        .forEach(
            (slip, share) ->
                ofMarking(
                    Phrase.of("style.marking.part").with("slip", slipName(slip)),
                    "0",
                    share.toPlainString(),
                    rules.withPart(slip, Optional.empty())));
  }

  private void ofMarking(Phrase what, String usual, String now, MarkingRules back) {
    add(wording.text(what), usual, now, solution.withMarking(back));
  }

  private String slipName(String slip) {
    String key = "slip." + slip + ".name";
    return wording.has(key) ? wording.text(key) : slip;
  }

  private void words() {
    Course course = solution.course();
    course
        .wording()
        .forEach(
            (key, own) ->
                add(
                    wording.text("style.words.course"),
                    usual(key),
                    readable(own),
                    solution.withCourse(course.withWording(key, ""))));
    solution
        .wording()
        .forEach(
            (key, own) ->
                add(
                    wording.text("style.words.solution"),
                    usual(key),
                    readable(own),
                    solution.withWording(key, "")));
  }

  private String usual(String key) {
    return wording.has(key) ? readable(wording.usual(key)) : "";
  }

  /// A sentence whose gaps are named.
  private static String readable(String template) {
    return GAP.matcher(template).replaceAll("⟨$1⟩").replace("*", "");
  }
}
