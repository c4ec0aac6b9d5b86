package lehrgang.core.page;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.PlainText;

/// The printed workings of a page, keyed into a pocket calculator.
///
/// @param checked how many steps of them could be keyed in
/// @param wrong   those that do not come out as printed
public record PrintedWorkings(int checked, List<String> wrong) {
  private static final BigDecimal HALF = new BigDecimal("0.5000000001");
  private static final Pattern NUMBER =
      Pattern.compile("−?([0-9\u2009]+(?:\\.[0-9]+)?)(?:\u2009·\u2009(10[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+))?");
  private static final BigDecimal THOUSANDTH = new BigDecimal("0.001");
  private static final BigDecimal TINY = new BigDecimal("1e-30");

  /// Keys in every line that is worked out on a page, or could be.
  public static PrintedWorkings of(Page page) {
    List<String> wrong = new ArrayList<>();
    int checked = chains(page).mapToInt(chain -> check(chain, wrong)).sum();
    return new PrintedWorkings(checked, wrong);
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

  private static int check(Chain chain, List<String> wrong) {
    int checked = 0;
    for (int k = 1; k < chain.links().size(); k++) {
      Chain.Link link = chain.links().get(k);
      String before = PlainText.of(chain.links().get(k - 1).right());
      String after = PlainText.of(link.right());
      Optional<BigDecimal> one = PocketCalculator.workOut(before);
      Optional<BigDecimal> other = PocketCalculator.workOut(after);
      if (one.isPresent() && other.isPresent()) {
        checked++;
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
    return checked;
  }

  private static boolean isTrue(BigDecimal one, String relation, BigDecimal other, String printed) {
    BigDecimal gap = one.subtract(other, new MathContext(60)).abs();
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

  static BigDecimal lastPlace(String printed) {
    Matcher number = NUMBER.matcher(printed);
    if (!number.matches()) {
      throw new AssertionError("no number: " + printed);
    }
    BigDecimal unit = new BigDecimal(number.group(1).replace("\u2009", "")).ulp();
    return Optional.ofNullable(number.group(2))
        .flatMap(PocketCalculator::workOut)
        .map(unit::multiply)
        .orElse(unit);
  }
}
