package lehrgang.documents.solutionfile;

import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/// Lays JSON out to be read and diffed: two spaces, and a list of plain values on one line, so that
/// a table's row is a line.
final class JsonLayout {
  private JsonLayout() {}

  static String of(JsonNode document) {
    return write(document, "") + "\n";
  }

  private static String write(JsonNode node, String indent) {
    String deeper = indent + "  ";
    if (node.isObject() && !node.isEmpty()) {
      return node.properties().stream()
          .map(
              field ->
                  deeper
                      + Binding.JSON.writeValueAsString(field.getKey())
                      + ": "
                      + write(field.getValue(), deeper))
          .collect(Collectors.joining(",\n", "{\n", "\n" + indent + "}"));
    }
    if (node.isArray() && node.values().stream().anyMatch(JsonNode::isContainer)) {
      return node.values().stream()
          .map(item -> deeper + write(item, deeper))
          .collect(Collectors.joining(",\n", "[\n", "\n" + indent + "]"));
    }
    if (node.isArray()) {
      return node.values().stream()
          .map(item -> write(item, deeper))
          .collect(Collectors.joining(", ", "[", "]"));
    }
    return Binding.JSON.writeValueAsString(node);
  }
}
