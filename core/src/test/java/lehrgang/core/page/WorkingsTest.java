package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lehrgang.core.SomeSolutions;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.PlainText;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.ShrinkingMode;

/// A student with a pocket calculator can repeat each printed working and gets what is printed.
class WorkingsTest {
  private static final BigDecimal HALF = new BigDecimal("0.5000000001");
  private static final Pattern NUMBER =
      Pattern.compile("−?([0-9\u2009]+(?:\\.[0-9]+)?)(?:\u2009·\u2009(10[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+))?");
  private static final BigDecimal THOUSANDTH = new BigDecimal("0.001");
  private static final BigDecimal TINY = new BigDecimal("1e-30");

  @Provide
  Arbitrary<Solution> solutions() {
    return SomeSolutions.any();
  }

  @Property(tries = 150, shrinking = ShrinkingMode.OFF)
  void whatIsPrintedComesOut(@ForAll("solutions") Solution solution) {
    Page page = page(solution);
    AtomicInteger checked = new AtomicInteger();
    List<String> wrong = new ArrayList<>();
    chains(page).forEach(chain -> wrong.addAll(wrong(chain, checked)));
    assertThat(wrong).as("%s %s", solution.procedure(), solution.choices()).isEmpty();
    assertThat(checked.get()).isPositive();
  }

  /// Each point of the iterations comes from the row before it.
  @Property(tries = 60, shrinking = ShrinkingMode.OFF)
  void theIterationsComeOut(@ForAll("solutions") Solution solution) {
    Page page = page(solution);
    BigDecimal level = page.value(LineId.of("alpha")).orElseThrow().decimal();
    page.steps().stream()
        .flatMap(step -> step.blocks().stream())
        .filter(PageBlock.Iterations.class::isInstance)
        .map(PageBlock.Iterations.class::cast)
        .forEach(iterations -> checkIterations(iterations, level));
  }

  private static void checkIterations(PageBlock.Iterations iterations, BigDecimal level) {
    List<List<BigDecimal>> rows =
        iterations.rows().stream()
            .map(row -> row.stream().map(cell -> PocketCalculator.workOut(cell).orElseThrow()))
            .map(Stream::toList)
            .toList();
    BigDecimal half = level.divide(BigDecimal.TWO);
    BigDecimal reached = rows.getLast().get(2);
    boolean inBothTails = reached.subtract(half).abs().compareTo(reached.subtract(level).abs()) < 0;
    BigDecimal wanted = inBothTails ? half : level;
    for (int k = 1; k < rows.size(); k++) {
      List<BigDecimal> before = rows.get(k - 1);
      BigDecimal step = before.get(2).subtract(wanted).divide(before.get(3), MathContext.DECIMAL64);
      assertThat(before.get(1).add(step))
          .as("row %d of %s", k, iterations.rows())
          .isCloseTo(rows.get(k).get(1), within(lastPlace(iterations.rows().get(k).get(1))));
    }
  }

  private static Page page(Solution solution) {
    return Procedures.workAtOnce(solution) instanceof Procedure.Derived(var derivation)
        ? Page.of(solution, derivation, Audience.FULL)
        : null;
  }

  /// Every line worked out, and the workings behind the functions on the page.
  private static Stream<Chain> chains(Page page) {
    return Stream.concat(
        page.lines().stream().filter(id -> page.value(id).isPresent()).map(page::chain),
        page.steps().stream()
            .flatMap(step -> step.blocks().stream())
            .filter(PageBlock.WrittenOut.class::isInstance)
            .flatMap(block -> ((PageBlock.WrittenOut) block).chains().stream()));
  }

  private static List<String> wrong(Chain chain, AtomicInteger checked) {
    List<String> wrong = new ArrayList<>();
    for (int k = 1; k < chain.links().size(); k++) {
      Chain.Link link = chain.links().get(k);
      String before = PlainText.of(chain.links().get(k - 1).right());
      String after = PlainText.of(link.right());
      Optional<BigDecimal> one = PocketCalculator.workOut(before);
      Optional<BigDecimal> other = PocketCalculator.workOut(after);
      if (one.isPresent() && other.isPresent()) {
        checked.incrementAndGet();
        if (!isTrue(one.get(), link.sign(), other.get(), after)) {
          wrong.add(
              "%s: %s %s %s (%s)"
                  .formatted(
                      PlainText.of(chain.left()),
                      before,
                      link.sign(),
                      after,
                      one.get().round(new MathContext(10))));
        }
      }
    }
    return wrong;
  }

  private static boolean isTrue(BigDecimal one, String relation, BigDecimal other, String printed) {
    BigDecimal gap = one.subtract(other).abs();
    BigDecimal scale = other.signum() == 0 ? BigDecimal.ONE : one.abs();
    boolean equal = gap.compareTo(TINY.multiply(scale)) <= 0;
    return switch (relation) {
      case "=" -> equal;
      case "≈" ->
          !(equal && NUMBER.matcher(printed).matches())
              && gap.compareTo(
                      NUMBER.matcher(printed).matches()
                          ? lastPlace(printed).multiply(HALF)
                          : largest(printed).max(one.abs()).multiply(THOUSANDTH))
                  <= 0;
      case "<" -> one.compareTo(other) < 0;
      case ">" -> one.compareTo(other) > 0;
      default -> false;
    };
  }

  /// The largest term of a line before the last: a small difference of two may have few digits.
  private static BigDecimal largest(String printed) {
    return Stream.of(printed.split(" [−+] "))
        .flatMap(term -> PocketCalculator.workOut(term).stream())
        .map(BigDecimal::abs)
        .max(BigDecimal::compareTo)
        .orElse(BigDecimal.ZERO);
  }

  private static BigDecimal lastPlace(String printed) {
    Matcher number = NUMBER.matcher(printed);
    assertThat(number.matches()).isTrue();
    BigDecimal unit = new BigDecimal(number.group(1).replace("\u2009", "")).ulp();
    return Optional.ofNullable(number.group(2))
        .flatMap(PocketCalculator::workOut)
        .map(unit::multiply)
        .orElse(unit);
  }
}
