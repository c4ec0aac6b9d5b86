package lehrgang.core.cases;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/// How raw cases write their numbers. The other sign may group thousands.
public enum DecimalSign {
  POINT("\\.", ","),
  COMMA(",", "\\.");

  private static final int LONGEST = 40;

  /// So many digits are a whole number at once.
  private static final int LONGEST_WHOLE = 18;

  private final Pattern form;

  DecimalSign(String decimal, String grouping) {
    this.form =
        Pattern.compile(
            "[+-]?([0-9]+|[0-9]{1,3}(?:[%s \u00a0\u2009\u202f'][0-9]{3})+)(?:%s([0-9]+))?"
                .formatted(grouping, decimal));
  }

  /// The number that a text spells, if it spells one.
  ///
  /// @param text at most 40 characters; digits may stand in groups of three
  public Optional<BigDecimal> read(String text) {
    String plain = text.strip().replace('−', '-');
    if (plain.isEmpty() || plain.length() > LONGEST) {
      return Optional.empty();
    }
    if (plain.length() <= LONGEST_WHOLE && plain.chars().allMatch(c -> c >= '0' && c <= '9')) {
      return Optional.of(BigDecimal.valueOf(Long.parseLong(plain)));
    }
    var matcher = form.matcher(plain);
    if (!matcher.matches()) {
      return Optional.empty();
    }
    String whole = matcher.group(1).replaceAll("[^0-9]", "");
    String parts = matcher.group(2) == null ? "" : "." + matcher.group(2);
    BigDecimal size = new BigDecimal(whole + parts);
    return Optional.of(plain.startsWith("-") ? size.negate() : size);
  }

  /// As it stands in files.
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }
}
