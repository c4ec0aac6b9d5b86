package lehrgang.documents.table;

/// Text for cells of tables that another program opens: nothing in it runs there as a formula.
public final class Defused {
  private static final String RISKY = "=+-@\t\r";

  private Defused() {}

  /// A label, with an apostrophe before it where it would begin a formula.
  public static String label(String text) {
    String stripped = text.strip();
    boolean risky = !stripped.isEmpty() && RISKY.indexOf(stripped.charAt(0)) >= 0;
    return risky ? "'" + text : text;
  }

  /// A label, or a number as it is.
  public static String cell(String text) {
    return text.strip().matches("[-+]?[0-9]*[.,]?[0-9]+") ? text : label(text);
  }
}
