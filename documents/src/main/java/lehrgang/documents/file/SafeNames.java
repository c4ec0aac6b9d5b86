package lehrgang.documents.file;

import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/// Names that every file system takes, no two of them alike.
public final class SafeNames {
  /// File systems take 255 bytes, and endings are added.
  private static final int MOST_BYTES = 120;

  /// Devices of one system, whatever ending their name has.
  private static final Pattern DEVICE =
      Pattern.compile("(?i)(con|prn|aux|nul|com[0-9]|lpt[0-9])(\\..*)?");

  private final Set<String> taken;

  /// @param reserved names that nobody gets
  public SafeNames(List<String> reserved) {
    this.taken = new HashSet<>(reserved);
  }

  /// The name of the next file.
  ///
  /// @param wanted what it is called after
  /// @param usual  what it is called where nothing is left of that
  public String next(String wanted, String usual) {
    String plain =
        Normalizer.normalize(wanted.strip(), Normalizer.Form.NFC)
            .replaceAll("[^\\p{L}\\p{M}\\p{N}._-]+", "-")
            .replaceAll("^[.-]+", "");
    String stem = cut(plain).replaceAll("[.]+$", "");
    if (stem.isEmpty()) {
      stem = usual;
    } else if (DEVICE.matcher(stem).matches()) {
      stem = usual + "-" + stem;
    }
    String name = stem;
    for (int k = 2; !taken.add(name.toLowerCase(Locale.ROOT)); k++) {
      name = stem + "-" + k;
    }
    return name;
  }

  /// The beginning that is short enough, with no character cut in two.
  private static String cut(String name) {
    StringBuilder cut = new StringBuilder();
    int bytes = 0;
    for (int point : name.codePoints().toArray()) {
      String character = Character.toString(point);
      bytes += character.getBytes(StandardCharsets.UTF_8).length;
      if (bytes > MOST_BYTES) {
        break;
      }
      cut.append(character);
    }
    return cut.toString();
  }
}
