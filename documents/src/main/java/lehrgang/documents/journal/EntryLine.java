package lehrgang.documents.journal;

import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// An entry as a line of JSON.
final class EntryLine {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final String DID = "did";

  private EntryLine() {}

  static String of(Entry entry) {
    ObjectNode line = JSON.createObjectNode();
    switch (entry) {
      case Entry.Opened(var path, var text) -> {
        line.put(DID, "open");
        path.ifPresent(there -> line.put("path", there));
        line.put("text", text);
      }
      case Entry.Resumed(var path, var saved, var now) -> {
        line.put(DID, "resume");
        path.ifPresent(there -> line.put("path", there));
        line.put("saved", saved).put("now", now);
      }
      case Entry.Edited(var thing, TextChange(var at, var drop, var put)) ->
          line.put(DID, "edit").put("thing", thing).put("at", at).put("drop", drop).put("put", put);
      case Entry.Undone() -> line.put(DID, "undo");
      case Entry.Redone() -> line.put(DID, "redo");
      case Entry.Paused() -> line.put(DID, "pause");
      case Entry.Saved(var path) -> line.put(DID, "save").put("path", path);
      case Entry.Closed() -> line.put(DID, "close");
    }
    return JSON.writeValueAsString(line);
  }

  /// Empty for a line that is none of ours, or only the beginning of one.
  static Optional<Entry> read(String text) {
    try {
      JsonNode line = JSON.readTree(text);
      return Optional.ofNullable(
          switch (line.path(DID).asString("")) {
            case "open" ->
                new Entry.Opened(
                    line.path("path").stringValueOpt(), line.path("text").asString(""));
            case "resume" ->
                new Entry.Resumed(
                    line.path("path").stringValueOpt(),
                    line.path("saved").asString(""),
                    line.path("now").asString(""));
            case "edit" ->
                new Entry.Edited(
                    line.path("thing").asString(""),
                    new TextChange(
                        line.path("at").asInt(-1),
                        line.path("drop").asInt(-1),
                        line.path("put").asString("")));
            case "undo" -> new Entry.Undone();
            case "redo" -> new Entry.Redone();
            case "pause" -> new Entry.Paused();
            case "save" -> new Entry.Saved(line.path("path").asString(""));
            case "close" -> new Entry.Closed();
            default -> null;
          });
    } catch (JacksonException e) {
      return Optional.empty();
    }
  }
}
