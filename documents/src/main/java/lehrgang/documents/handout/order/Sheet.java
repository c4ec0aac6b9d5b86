package lehrgang.documents.handout.order;

import java.util.LinkedHashMap;
import java.util.Map;

/// What is handed out: a file, and what stands beside it.
///
/// @param content of the file
/// @param beside  other files that it shows, by the name under which it asks for them
public record Sheet(byte[] content, Map<String, byte[]> beside) {
  public Sheet {
    beside = new LinkedHashMap<>(beside);
  }

  /// A file that needs nothing else.
  public static Sheet alone(byte[] content) {
    return new Sheet(content, Map.of());
  }
}
