package lehrgang.core.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Symbol;

/// A part of a template.
sealed interface Piece {
  Pattern INDEXED = Pattern.compile("(?<!\\p{L})(\\p{L})([₀-₉]+)");
  Pattern MARK = Pattern.compile("\\{([a-zA-Z0-9]+)}|\\{:([^}²]+)(²?)}|\\*\\*|\\*");

  record Text(String text) implements Piece {}

  /// A letter with an index, such as H₀, which is set as formulas are.
  record Indexed(Box box) implements Piece {}

  /// A symbol that courses write differently.
  record Sign(Symbol symbol) implements Piece {}

  /// A mark that turns a weight on, or off again.
  record Turn(Span.Weight marked) implements Piece {}

  /// @param gap as it stands in the template
  record Gap(String gap, String name) implements Piece {}

  /// The parts of a template.
  static List<Piece> of(String template) {
    List<Piece> pieces = new ArrayList<>();
    Matcher mark = MARK.matcher(template);
    int from = 0;
    while (mark.find()) {
      addText(template.substring(from, mark.start()), pieces);
      from = mark.end();
      pieces.add(
          switch (mark.group()) {
            case "*" -> new Turn(Span.Weight.EMPHASIS);
            case "**" -> new Turn(Span.Weight.STRONG);
            default ->
                mark.group(1) == null
                    ? new Sign(Symbol.of(mark.group(2)).raised(mark.group(3).isEmpty() ? "" : "2"))
                    : new Gap(mark.group(), mark.group(1));
          });
    }
    addText(template.substring(from), pieces);
    return List.copyOf(pieces);
  }

  /// Text, the letters with an index in it set apart.
  private static void addText(String text, List<Piece> pieces) {
    Matcher symbol = INDEXED.matcher(text);
    int from = 0;
    while (symbol.find()) {
      pieces.add(new Text(text.substring(from, symbol.start())));
      from = symbol.end();
      String index =
          symbol
              .group(2)
              .codePoints()
              .mapToObj(digit -> Integer.toString(digit - '₀'))
              .collect(Collectors.joining());
      pieces.add(new Indexed(Symbol.of(symbol.group(1)).lowered(index).box()));
    }
    pieces.add(new Text(text.substring(from)));
  }
}
