package lehrgang.core.number;

/// A number as it stands on the page, and how that relates to the number itself.
public record Shown(String text, Relation relation) {
  /// What belongs between a symbol and the shown number.
  public enum Relation {
    EQUAL("="),
    ABOUT("≈"),
    BELOW("<"),
    ABOVE(">");

    private final String sign;

    Relation(String sign) {
      this.sign = sign;
    }

    /// As it stands between symbol and number.
    public String sign() {
      return sign;
    }
  }

  /// As `≈ 46.67`.
  public String withSign() {
    return relation.sign() + " " + text;
  }

  /// The number, with its sign only where leaving it out would mislead: `< 0.0001`.
  public String standalone() {
    return switch (relation) {
      case EQUAL, ABOUT -> text;
      case BELOW, ABOVE -> withSign();
    };
  }
}
