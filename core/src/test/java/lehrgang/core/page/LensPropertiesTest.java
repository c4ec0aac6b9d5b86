package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import lehrgang.core.ForSomeSolutions;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Reading;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;

/// What must hold for a page under every lens.
class LensPropertiesTest {
  private static final List<Value> OTHER_NUMBERS =
      List.of(
          Value.ZERO,
          Value.of(-7),
          Value.ONE,
          Value.of(987_654),
          Value.exactly("0.04321"),
          Value.exactly("-3.75"),
          Value.exactly("1234.5"));

  /// Everything that can be asked of a page.
  private static List<Object> everything(Page page) {
    List<Object> all = new ArrayList<>();
    all.add(page.steps());
    all.add(page.headings());
    all.add(page.verdictItems());
    all.add(page.verdictSentence());
    all.add(page.decision());
    for (LineId id : page.lines()) {
      all.add(page.trace(id));
      all.add(page.value(id));
      all.add(page.shown(id));
      all.add(page.chain(id));
      all.add(page.secondRoute(id));
      all.add(page.name(id));
      all.add(page.appearance(id));
      all.add(page.sources(id));
      all.add(page.uses(id));
    }
    return all;
  }

  private static Lens lens(Reading reading, Audience audience) {
    return new Lens(reading, audience, Lens.Revealed.EVERYTHING);
  }

  private static Solution withViews(Solution solution, Derivation derivation, Random random) {
    Solution changed = solution;
    for (var step : derivation.layout(derivation.exact()).steps()) {
      StudentView[] views = StudentView.values();
      changed = changed.withStudentView(step.id(), views[random.nextInt(views.length)]);
    }
    return changed;
  }

  private static Reading disturbed(Derivation derivation, Random random) {
    Reading reading = Reading.EXACT;
    List<LineId> ids = List.copyOf(derivation.lines().keySet());
    for (int many = 0; many < 3; many++) {
      LineId id = ids.get(random.nextInt(ids.size()));
      Value number = OTHER_NUMBERS.get(random.nextInt(OTHER_NUMBERS.size()));
      reading =
          random.nextBoolean()
              ? reading.withNumbersGiven(Map.of(id, number))
              : reading.withRuleBent(
                  Reading.Bend.ofLine(
                      id, derivation.line(id).formula().over(new Expr.Constant(number))));
    }
    return reading;
  }

  @ForSomeSolutions
  void aPageCanBeSetUnderAnyReadingForAnyAudience(Solution solution, Random random) {
    Derivation derivation = ReferenceCases.derive(solution);
    Solution viewed = withViews(solution, derivation, random);
    Reading reading = disturbed(derivation, random);
    for (Audience audience : Audience.values()) {
      Page page = Page.of(viewed, derivation, lens(reading, audience));
      assertThat(
              everything(page)
                  .toString()
                  .replace("gaps={", "gaps=")
                  .replace(viewed.question().story().toString(), ""))
          .doesNotContain("=null", "{");
    }
  }

  /// The hidden lines of a page.
  private static Set<LineId> hidden(Page page) {
    Set<LineId> hidden = new HashSet<>();
    for (LineId id : page.lines()) {
      if (page.appearance(id) == Appearance.BLANK) {
        hidden.add(id);
      }
    }
    return hidden;
  }

  /// A reading in which every line is given: as it is, or with other numbers for the hidden ones.
  private static Reading given(Evaluation values, Map<LineId, Value> instead) {
    Map<LineId, Value> numbers = new HashMap<>();
    values.results().keySet().forEach(id -> values.find(id).ifPresent(v -> numbers.put(id, v)));
    numbers.putAll(instead);
    return Reading.EXACT.withNumbersGiven(numbers);
  }

  /// Other numbers for the hidden lines, whole ones where they are whole: a number that is not
  /// whole makes the better example, and which line is the example may be seen.
  private static Map<LineId, Value> others(Evaluation values, Set<LineId> hidden, Random random) {
    Map<LineId, Value> others = new HashMap<>();
    for (LineId id : hidden) {
      boolean whole = values.find(id).filter(Value::isWhole).isPresent();
      List<Value> sort = OTHER_NUMBERS.stream().filter(v -> v.isWhole() == whole).toList();
      others.put(id, sort.get(random.nextInt(sort.size())));
    }
    return others;
  }

  /// A page tells nothing of what it hides: were the hidden numbers others, it would be the same.
  @ForSomeSolutions
  void whatAnAudienceIsNotToSeeCannotBeGotFromThePage(Solution solution, Random random) {
    Derivation derivation = ReferenceCases.derive(solution);
    Solution viewed = withViews(solution, derivation, random);
    Reading right = given(derivation.exact(), Map.of());
    Page page = Page.of(viewed, derivation, lens(right, Audience.STUDENT));
    Reading other = given(derivation.exact(), others(derivation.exact(), hidden(page), random));
    assertSame(page, Page.of(viewed, derivation, lens(other, Audience.STUDENT)));
  }

  @ForSomeSolutions
  void whatIsNotRevealedYetCannotBeGotFromThePage(Solution solution, Random random) {
    Derivation derivation = ReferenceCases.derive(solution);
    Set<LineId> revealed = new HashSet<>();
    derivation.lines().keySet().stream().filter(_ -> random.nextBoolean()).forEach(revealed::add);
    Set<LineId> hidden = new HashSet<>(derivation.lines().keySet());
    hidden.removeAll(revealed);
    Lens lens = lens(given(derivation.exact(), Map.of()), Audience.FULL).revealing(revealed);
    Reading other = given(derivation.exact(), others(derivation.exact(), hidden, random));
    assertSame(
        Page.of(solution, derivation, lens),
        Page.of(solution, derivation, lens.withReading(other)));
  }

  /// What a printed table holds is no secret, and neither are the trials that lead to a number
  /// which may be seen.
  private static String withoutPrintedTables(Page page) {
    return page.steps().stream()
            .flatMap(step -> step.blocks().stream())
            .filter(
                block ->
                    !(block instanceof PageBlock.Excerpt)
                        && !(block instanceof PageBlock.Iterations))
            .toList()
        + everything(page).subList(1, 4).toString();
  }

  /// The digits of a number that students are to find stand nowhere, unless a number that they may
  /// see has the same.
  @ForSomeSolutions
  void noHiddenNumberStandsAnywhere(Solution solution, Random random) {
    Derivation derivation = ReferenceCases.derive(solution);
    Solution viewed =
        withViews(
            solution.withChoices(
                solution.choices().withDecimals(Decimals.usual().withAll(7)).withLevel("0.05")),
            derivation,
            random);
    Page full = Page.of(viewed, derivation, Audience.FULL);
    Page page = Page.of(viewed, derivation, Audience.STUDENT);
    String all = withoutPrintedTables(page);
    Set<LineId> hidden = hidden(page);
    for (LineId id : hidden) {
      String digits = full.shown(id).text();
      boolean told =
          page.lines().stream()
              .filter(line -> !hidden.contains(line))
              .anyMatch(
                  line ->
                      page.shown(line).text().contains(digits)
                          || page.value(line).equals(full.value(id)));
      if (digits.length() > 7 && !told) {
        assertThat(all).as("%s = %s", id, digits).doesNotContain(digits);
      }
    }
  }

  private static void assertSame(Page page, Page other) {
    List<Object> one = everything(page);
    List<Object> two = everything(other);
    assertThat(two).hasSameSizeAs(one);
    for (int k = 0; k < one.size(); k++) {
      if (one.get(k) instanceof List<?> parts && two.get(k) instanceof List<?> others) {
        assertThat(others).hasSameSizeAs(parts);
        for (int part = 0; part < parts.size(); part++) {
          assertThat(others.get(part)).isEqualTo(parts.get(part));
        }
      } else {
        assertThat(two.get(k)).isEqualTo(one.get(k));
      }
    }
  }
}
