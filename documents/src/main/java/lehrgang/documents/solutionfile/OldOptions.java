package lehrgang.documents.solutionfile;

import java.util.Map;

/// Options under the names that earlier versions of the program wrote.
final class OldOptions {
  private OldOptions() {}

  /// Takes an option in by its present name and value.
  static void put(Map<String, String> options, String id, String value) {
    switch (id) {
      case "enough" -> options.put("conditions", value.replace("at-least-", "every-"));
      case "continuity" -> options.put("correction", value);
      case "correction" -> options.put(id, value.matches("yates|half") ? "corrected" : value);
      default -> options.put(id, value);
    }
  }
}
