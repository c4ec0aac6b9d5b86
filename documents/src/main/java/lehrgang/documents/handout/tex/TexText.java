package lehrgang.documents.handout.tex;

import java.util.Map;
import lehrgang.core.wording.ControlCharacters;

/// A user's words as TeX sets them: nothing in them is a command, whatever they hold.
final class TexText {
  private static final Map<Integer, String> COMMANDS =
      Map.ofEntries(
          entry("\\", "\\textbackslash{}"),
          entry("~", "\\textasciitilde{}"),
          entry("^", "\\textasciicircum{}"),
          entry("<", "\\textless{}"),
          entry(">", "\\textgreater{}"),
          entry("|", "\\textbar{}"),
          entry("\"", "\\textquotedbl{}"),
          entry("'", "\\textquotesingle{}"),
          entry("`", "\\textasciigrave{}"),
          entry("-", "{-}"),
          entry("\u00a0", "~"),
          entry("\u2002", "\\enspace{}"),
          entry("\u2009", "\\,"),
          entry("–", "\\textendash{}"),
          entry("—", "\\textemdash{}"),
          entry("‘", "\\textquoteleft{}"),
          entry("’", "\\textquoteright{}"),
          entry("“", "\\textquotedblleft{}"),
          entry("”", "\\textquotedblright{}"),
          entry("…", "\\textellipsis{}"),
          entry("·", "\\textperiodcentered{}"));

  private static final Map<Integer, String> SIGNS =
      Map.ofEntries(
          entry("−", "-"),
          entry("×", "\\times"),
          entry("±", "\\pm"),
          entry("≈", "\\approx"),
          entry("≠", "\\neq"),
          entry("≤", "\\le"),
          entry("≥", "\\ge"),
          entry("∞", "\\infty"),
          entry("√", "\\sqrt{\\ }"),
          entry("⋯", "\\cdots"),
          entry("✓", "\\checkmark"),
          entry("²", "^{2}"),
          entry("³", "^{3}"),
          entry("½", "\\tfrac{1}{2}"),
          entry("α", "\\alpha"),
          entry("β", "\\beta"),
          entry("δ", "\\delta"),
          entry("χ", "\\chi"),
          entry("φ", "\\varphi"),
          entry("Φ", "\\Phi"),
          entry("π", "\\pi"),
          entry("θ", "\\theta"),
          entry("λ", "\\lambda"),
          entry("Σ", "\\Sigma"),
          entry("▲", "\\blacktriangle"),
          entry("→", "\\rightarrow"),
          entry("←", "\\leftarrow"),
          entry("′", "'"));

  /// Marks over the letter before them.
  private static final Map<Integer, String> MARKS =
      Map.of(0x300, "\\`", 0x301, "\\'", 0x302, "\\^", 0x303, "\\~", 0x304, "\\=", 0x308, "\\\"");

  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹⁻";
  private static final String LOWERED = "₀₁₂₃₄₅₆₇₈₉₋";
  private static final String LEVEL = "0123456789-";
  private static final int LAST_LATIN = 0x17F;

  private TexText() {}

  private static Map.Entry<Integer, String> entry(String sign, String tex) {
    return Map.entry(sign.codePointAt(0), tex);
  }

  static String of(String words) {
    StringBuilder tex = new StringBuilder();
    int[] signs = words.replaceAll("\\s*[\\r\\n]+\\s*", " ").codePoints().toArray();
    for (int i = 0; i < signs.length; i++) {
      if (i + 1 < signs.length && MARKS.containsKey(signs[i + 1])) {
        tex.append(MARKS.get(signs[i + 1])).append('{');
        add(signs[i++], tex);
        tex.append('}');
      } else {
        add(signs[i], tex);
      }
    }
    return tex.toString();
  }

  private static void add(int sign, StringBuilder tex) {
    String text = Character.toString(sign);
    if (COMMANDS.containsKey(sign)) {
      tex.append(COMMANDS.get(sign));
    } else if (SIGNS.containsKey(sign)) {
      tex.append("\\ensuremath{").append(SIGNS.get(sign)).append('}');
    } else if (RAISED.contains(text)) {
      tex.append("\\ensuremath{{}^{").append(LEVEL.charAt(RAISED.indexOf(text))).append("}}");
    } else if (LOWERED.contains(text)) {
      tex.append("\\ensuremath{{}_{").append(LEVEL.charAt(LOWERED.indexOf(text))).append("}}");
    } else if ("%&#_{}$".contains(text)) {
      tex.append('\\').append(text);
    } else if (ControlCharacters.isDirection(sign) || ControlCharacters.isControl(sign)) {
      // They say how to set letters and are none.
      tex.append("");
    } else if (sign > ' ' - 1 && sign < 0x7F || sign > 0xA0 && sign <= LAST_LATIN) {
      tex.append(text);
    } else {
      tex.append("\\foreignsign{%04X}{%s}".formatted(sign, text));
    }
  }
}
