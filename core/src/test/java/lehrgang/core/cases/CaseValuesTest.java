package lehrgang.core.cases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.cases.Classing.Closed;
import lehrgang.core.cases.Classing.Ends;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.BigRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Scale;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.UniqueElements;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/// Numbers, dates and names as records write them.
class CaseValuesTest {
  @Property(tries = 300)
  void aNumberIsInTheClassWhoseEdgesHoldIt(
      @ForAll @Size(min = 2, max = 6) @UniqueElements
          List<@IntRange(min = -50, max = 50) Integer> cuts,
      @ForAll @BigRange(min = "-60", max = "60") @Scale(1) BigDecimal number,
      @ForAll Closed closed,
      @ForAll Ends ends) {
    List<BigDecimal> edges = cuts.stream().sorted().map(BigDecimal::valueOf).toList();
    Classing classing = new Classing(edges, closed, ends);
    List<Integer> holding =
        IntStream.rangeClosed(0, edges.size())
            .filter(k -> holds(edges, k, number, closed))
            .boxed()
            .toList();
    assertThat(holding).as("every number lies between two edges or beyond one").hasSize(1);
    int between = holding.getFirst();
    boolean beyond = between == 0 || between == edges.size();
    assertThat(classing.place(number))
        .isEqualTo(
            ends == Ends.OPEN
                ? Optional.of(between)
                : beyond ? Optional.empty() : Optional.of(between - 1));
    assertThat(classing.names()).doesNotHaveDuplicates();
    classing
        .place(number)
        .ifPresent(place -> assertThat(place).isBetween(0, classing.names().size() - 1));
  }

  /// Whether a number lies above the edge before the k-th gap and below the one after it.
  private static boolean holds(List<BigDecimal> edges, int k, BigDecimal number, Closed closed) {
    boolean above = k == 0 || number.compareTo(edges.get(k - 1)) >= (closed == Closed.LEFT ? 0 : 1);
    boolean below =
        k == edges.size() || number.compareTo(edges.get(k)) <= (closed == Closed.LEFT ? -1 : 0);
    return above && below;
  }

  @Property(tries = 100)
  void proposedClassesHoldAlmostAllNumbersAndAreNotMany(
      @ForAll @Size(min = 5, max = 200) List<@IntRange(min = -1000, max = 5000) Integer> sizes) {
    List<BigDecimal> numbers = sizes.stream().map(BigDecimal::valueOf).toList();
    Classing proposed = Classing.proposed(numbers, 6);
    long outside = numbers.stream().filter(n -> proposed.place(n).isEmpty()).count();
    assertThat(outside).isLessThanOrEqualTo(2L * (numbers.size() / 100));
    assertThat(proposed.names().size()).isBetween(1, 14);
  }

  @Test
  void edgesThatDoNotRiseAreNamed() {
    assertThatThrownBy(
            () -> new Classing(List.of(BigDecimal.TEN, BigDecimal.ONE), Closed.LEFT, Ends.CLOSED))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("10, 1");
  }

  @Property(tries = 200)
  void aNumberThatIsWrittenIsReadAgain(
      @ForAll @LongRange(min = -99_999_999, max = 99_999_999) long whole,
      @ForAll @IntRange(max = 999) int parts,
      @ForAll DecimalSign sign) {
    String text = String.format(Locale.ROOT, "%d.%03d", whole, parts);
    String grouped = String.format(Locale.ROOT, "%,d.%03d", whole, parts);
    BigDecimal number = new BigDecimal(text);
    if (sign == DecimalSign.COMMA) {
      text = text.replace('.', ',');
      grouped = grouped.replace(',', ';').replace('.', ',').replace(';', '.');
    }
    assertThat(sign.read(text)).contains(number);
    assertThat(sign.read(" " + text.replace('-', '−') + " ")).contains(number);
    assertThat(sign.read(grouped)).contains(number);
  }

  @ParameterizedTest
  @CsvSource({"1e5", "12 m", "''", "1.2.3", "--1", "1/2", "0x1F", "NaN", "१२"})
  void whatIsNoNumberIsNotTakenForOne(String text) {
    for (DecimalSign sign : DecimalSign.values()) {
      assertThat(sign.read(text)).isEmpty();
    }
  }

  @Property(tries = 200)
  void aDayIsReadInItsOrderHoweverItIsSeparated(
      @ForAll @LongRange(min = 0, max = 60_000) long day,
      @ForAll DateOrder order,
      @ForAll @IntRange(max = 3) int separator) {
    LocalDate date = LocalDate.of(1950, 1, 1).plusDays(day);
    List<String> parts =
        switch (order) {
          case YEAR_MONTH_DAY ->
              List.of("" + date.getYear(), "" + date.getMonthValue(), "" + date.getDayOfMonth());
          case DAY_MONTH_YEAR ->
              List.of("" + date.getDayOfMonth(), "" + date.getMonthValue(), "" + date.getYear());
          case MONTH_DAY_YEAR ->
              List.of("" + date.getMonthValue(), "" + date.getDayOfMonth(), "" + date.getYear());
        };
    String text = String.join(List.of("-", ".", "/", ". ").get(separator), parts);
    assertThat(order.read(text)).contains(date);
    assertThat(order.read(text + "T09:30")).contains(date);
    assertThat(DatePart.WEEKDAY.names()).contains(DatePart.WEEKDAY.of(date));
    assertThat(DatePart.YEAR.of(date)).isEqualTo("" + date.getYear());
  }

  @ParameterizedTest
  @CsvSource({"2025-02-29", "2025-13-01", "31.4.2025", "yesterday", "2025-02", "''"})
  void aDayThatDoesNotExistIsNotRead(String text) {
    for (DateOrder order : DateOrder.values()) {
      assertThat(order.read(text)).isEmpty();
    }
  }

  @ParameterizedTest
  @EnumSource(DatePart.class)
  void everyDayOfAYearHasItsPart(DatePart part) {
    List<String> found =
        IntStream.rangeClosed(1, 365)
            .mapToObj(day -> part.of(LocalDate.ofYearDay(2025, day)))
            .distinct()
            .toList();
    assertThat(found).hasSize(part == DatePart.YEAR ? 1 : part.names().size());
  }

  @Test
  void theMostFrequentSpellingStaysAndAnotherNameIsLeftAlone() {
    Map<String, String> names =
        Spellings.united(
            Map.of(
                "Gorge path",
                40L,
                "gorge path",
                3L,
                "GORGE-PATH",
                1L,
                "Lake loop",
                20L,
                "Lake",
                5L));
    assertThat(names)
        .containsOnly(Map.entry("gorge path", "Gorge path"), Map.entry("GORGE-PATH", "Gorge path"));
  }

  @Test
  void anAccentIsOneSpellingHoweverItIsEncoded() {
    assertThat(Spellings.written(" Hu\u0308tte ")).isEqualTo("Hütte");
    assertThat(Spellings.differOnlyInSpelling(List.of("Hütte", "Hutte"))).isTrue();
    assertThat(Spellings.differOnlyInSpelling(List.of("Hütte", "Hut"))).isFalse();
  }
}
