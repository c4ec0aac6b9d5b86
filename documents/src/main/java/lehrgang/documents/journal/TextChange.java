package lehrgang.documents.journal;

/// What makes one text of another: a part that is dropped and what is put in its place.
///
/// @param at   where the part begins, in UTF-16 units; 0 or more
/// @param drop how long it is; 0 or more
/// @param put  what stands there instead
public record TextChange(int at, int drop, String put) {
  /// The smallest one part of which makes a text of another; no sign is cut in two.
  public static TextChange between(String before, String after) {
    int shorter = Math.min(before.length(), after.length());
    int head = 0;
    while (head < shorter && before.charAt(head) == after.charAt(head)) {
      head++;
    }
    if (head > 0 && Character.isHighSurrogate(before.charAt(head - 1))) {
      head--;
    }
    int tail = 0;
    while (tail < shorter - head
        && before.charAt(before.length() - 1 - tail) == after.charAt(after.length() - 1 - tail)) {
      tail++;
    }
    if (tail > 0 && Character.isLowSurrogate(before.charAt(before.length() - tail))) {
      tail--;
    }
    return new TextChange(
        head, before.length() - head - tail, after.substring(head, after.length() - tail));
  }

  /// The text after it.
  ///
  /// @throws IndexOutOfBoundsException if the text is too short for it
  public String of(String before) {
    return before.substring(0, at) + put + before.substring(at + drop);
  }
}
