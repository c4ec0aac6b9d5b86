package lehrgang.documents.solutionfile;

import java.util.LinkedHashMap;
import java.util.Map;
import lehrgang.core.solution.Choices;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// Options under the names that earlier versions of the program wrote.
final class OldOptions {
  private OldOptions() {}

  /// Takes an option in by its present name and value.
  static void put(Map<String, String> options, String id, String value) {
    options.put(id(id), value(id, value));
  }

  /// Gives the choices of a document their present names and values, each in its place.
  static void renew(ObjectNode choices) {
    Map<String, JsonNode> fields = new LinkedHashMap<>();
    choices.properties().forEach(field -> fields.put(field.getKey(), field.getValue()));
    choices.removeAll();
    fields.forEach(
        (id, node) -> {
          if (node.isString()) {
            choices.put(id(id), value(id, node.asString()));
          } else {
            choices.set(id, node);
          }
        });
  }

  /// The choices of a solution, where an earlier version said under another name what decides about
  /// a two-way table.
  static Choices decided(Choices choices, String procedure) {
    String earlier = choices.options().get("correction");
    return procedure.equals("independence")
            && earlier != null
            && !choices.options().containsKey("decides")
        ? choices.withOption("decides", earlier)
        : choices;
  }

  private static String id(String id) {
    return switch (id) {
      case "enough" -> "conditions";
      case "continuity" -> "correction";
      case "story" -> "sampling";
      default -> id;
    };
  }

  private static String value(String id, String value) {
    return switch (id) {
      case "enough" -> value.replace("at-least-", "every-");
      case "correction" -> value.matches("yates|half") ? "corrected" : value;
      default -> value;
    };
  }
}
