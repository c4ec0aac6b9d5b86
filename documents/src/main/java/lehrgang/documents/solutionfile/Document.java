package lehrgang.documents.solutionfile;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.util.RawValue;

/// A file's text as a document that keeps everything that stands in it, also what this version does
/// not know: fields in their order, and numbers digit by digit.
final class Document {
  private Document() {}

  /// Nothing that a solution has is nested so deep, and the library goes no deeper than 500.
  private static final int DEEPEST = 200;

  /// @param name the file's name, for sentences
  /// @throws FileProblem if the text is not an object in JSON, or a field stands twice
  static ObjectNode read(String text, String name) throws FileProblem {
    try (JsonParser json = Binding.JSON.createParser(text)) {
      if (json.nextToken() != JsonToken.START_OBJECT) {
        throw new FileProblem(Phrase.of("solution.no-object").with("file", name));
      }
      ObjectNode document = object(json, name, 1);
      json.nextToken();
      return document;
    } catch (JacksonException e) {
      throw BindingProblem.of(e, name);
    }
  }

  private static ObjectNode object(JsonParser json, String name, int depth) throws FileProblem {
    ObjectNode object = Binding.JSON.createObjectNode();
    while (json.nextToken() == JsonToken.PROPERTY_NAME) {
      String field = json.currentName();
      if (object.has(field)) {
        throw new FileProblem(
            Phrase.of("solution.field-twice")
                .with("file", name)
                .with("line", json.currentTokenLocation().getLineNr())
                .with("field", field));
      }
      json.nextToken();
      object.set(field, value(json, name, depth));
    }
    return object;
  }

  private static JsonNode value(JsonParser json, String name, int depth) throws FileProblem {
    if (depth > DEEPEST) {
      throw new FileProblem(
          Phrase.of("solution.deep")
              .with("file", name)
              .with("line", json.currentTokenLocation().getLineNr())
              .with("most", DEEPEST));
    }
    switch (json.currentToken()) {
      case START_OBJECT -> {
        return object(json, name, depth + 1);
      }
      case START_ARRAY -> {
        ArrayNode array = Binding.JSON.createArrayNode();
        while (json.nextToken() != JsonToken.END_ARRAY) {
          array.add(value(json, name, depth + 1));
        }
        return array;
      }
      case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> {
        return Binding.JSON.getNodeFactory().pojoNode(new RawValue(json.getString()));
      }
      default -> {
        return json.readValueAsTree();
      }
    }
  }

  /// The document with everything that was changed since it was bound, and all else as it was.
  ///
  /// @param document as it was read
  /// @param bound    what this version understood of it
  /// @param now      what this version would write
  static JsonNode merged(JsonNode document, JsonNode bound, JsonNode now) {
    if (document instanceof ObjectNode original && now instanceof ObjectNode changed) {
      return mergedObject(original, bound, changed);
    }
    if (bound.equals(now)) {
      return document;
    }
    if (document instanceof ArrayNode original
        && bound instanceof ArrayNode before
        && now instanceof ArrayNode changed
        && original.size() == before.size()) {
      return mergedArray(original, before, changed);
    }
    return now;
  }

  private static ObjectNode mergedObject(ObjectNode document, JsonNode bound, ObjectNode now) {
    ObjectNode merged = Binding.JSON.createObjectNode();
    for (Map.Entry<String, JsonNode> field : document.properties()) {
      String name = field.getKey();
      if (now.has(name)) {
        merged.set(name, merged(field.getValue(), bound.path(name), now.get(name)));
      } else if (!bound.has(name)) {
        merged.set(name, field.getValue());
      }
    }
    for (Map.Entry<String, JsonNode> field : now.properties()) {
      if (!merged.has(field.getKey())) {
        merged.set(field.getKey(), field.getValue());
      }
    }
    return merged;
  }

  /// What is the same at both ends is itself; what is between goes by its place.
  private static ArrayNode mergedArray(ArrayNode document, ArrayNode bound, ArrayNode now) {
    int shorter = Math.min(bound.size(), now.size());
    int head = 0;
    while (head < shorter && bound.get(head).equals(now.get(head))) {
      head++;
    }
    int tail = 0;
    while (tail < shorter - head
        && bound.get(bound.size() - 1 - tail).equals(now.get(now.size() - 1 - tail))) {
      tail++;
    }
    List<JsonNode> merged = new ArrayList<>();
    int shift = bound.size() - now.size();
    for (int i = 0; i < now.size(); i++) {
      int before = i < now.size() - tail ? i : i + shift;
      boolean was = i < now.size() - tail ? i < bound.size() - tail : true;
      merged.add(was ? merged(document.get(before), bound.get(before), now.get(i)) : now.get(i));
    }
    return Binding.JSON.createArrayNode().addAll(merged);
  }
}
