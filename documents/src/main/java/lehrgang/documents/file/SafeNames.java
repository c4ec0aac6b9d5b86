package lehrgang.documents.file;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/// Names that every file system takes, no two of them alike.
public final class SafeNames {
  private static final int LONGEST = 80;

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
    String plain = wanted.strip().replaceAll("[^\\p{L}\\p{N}._-]+", "-").replaceAll("^[.-]+", "");
    String whole = plain.isEmpty() ? usual : plain;
    String stem = whole.substring(0, Math.min(whole.length(), LONGEST));
    String name = stem;
    for (int k = 2; !taken.add(name.toLowerCase(Locale.ROOT)); k++) {
      name = stem + "-" + k;
    }
    return name;
  }
}
