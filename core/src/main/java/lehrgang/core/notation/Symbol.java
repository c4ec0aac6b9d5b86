package lehrgang.core.notation;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/// How a line is written: a letter, perhaps a raised mark and a lowered one, such as *E*₂₃ or *χ*².
///
/// @param letter  one letter is set as a variable, several as a name
/// @param raised  part of the symbol, not a power; may be empty
/// @param lowered index or distinguishing word; may be empty
public record Symbol(String letter, String raised, String lowered) {
  /// An index with letters that stand for places.
  private static final Pattern PLACES = Pattern.compile("[0-9+,]*[ijk][0-9+,ijk]*");

  /// A letter or a short name without marks.
  public static Symbol of(String letter) {
    return new Symbol(letter, "", "");
  }

  /// With another mark above.
  public Symbol raised(String mark) {
    return new Symbol(letter, mark, lowered);
  }

  /// With another mark below.
  public Symbol lowered(String mark) {
    return new Symbol(letter, raised, mark);
  }

  /// This symbol for one member of its family; a comma keeps two-digit indices apart.
  public Symbol at(List<String> index) {
    if (index.isEmpty()) {
      return this;
    }
    boolean clear = true;
    for (String part : index) {
      clear &= part.length() == 1;
    }
    return lowered(String.join(clear ? "" : ",", index));
  }

  /// As it is set: one letter in italics, a name upright.
  public Box box() {
    Box base = isOneLetter() ? Box.variable(letter) : Box.name(letter);
    if (raised.isEmpty() && lowered.isEmpty()) {
      return base;
    }
    return new Box.Scripts(base, part(raised), part(lowered));
  }

  /// A mark over a letter is part of it, as in *p̂* and *x̄*.
  private boolean isOneLetter() {
    return letter
            .codePoints()
            .filter(sign -> Character.getType(sign) != Character.NON_SPACING_MARK)
            .count()
        == 1;
  }

  private static Optional<Box> part(String mark) {
    if (mark.isEmpty()) {
      return Optional.empty();
    }
    if (PLACES.matcher(mark).matches()) {
      return Optional.of(
          Box.row(
              mark.chars()
                  .mapToObj(Character::toString)
                  .map(sign -> "ijk".contains(sign) ? Box.variable(sign) : Box.name(sign))
                  .toArray(Box[]::new)));
    }
    boolean letters = mark.chars().allMatch(Character::isLetter) && mark.length() <= 2;
    return Optional.of(letters && !mark.equals("cc") ? Box.variable(mark) : Box.name(mark));
  }

  /// On one line of plain text, as `E₂₃`.
  public String plain() {
    return PlainText.of(box());
  }
}
