package lehrgang.documents.solutionfile;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.cases.Origin;
import lehrgang.core.data.TableEntry;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// Reads a solution from a document, and says in a sentence what is wrong with it and where.
final class SolutionReader {
  private static final String FORMAT_NAME = "lehrgang-solution/";
  private static final int VERSION = 1;
  private static final List<String> NOT_OPTIONS = List.of("alpha", "decimals", "roundOnTheWay");

  private final ObjectNode document;
  private final String name;

  SolutionReader(ObjectNode document, String name) {
    this.document = document;
    this.name = name;
  }

  Solution read() throws FileProblem {
    checkFormat();
    JsonNode question = document.path("question");
    TableEntry table = table();
    Optional<Origin> origin = OriginJson.read(document.path("data"), table, name);
    return new Solution(
        new Question(
            text(question, "title", ""), text(question, "text", ""), text(question, "source", "")),
        Locale.forLanguageTag(text(document, "language", "en")),
        origin.map(counted -> counted.tally().table()).orElse(table),
        procedure(),
        choices(document.path("choices")),
        students(),
        strings(document.path("wording")),
        origin);
  }

  private void checkFormat() throws FileProblem {
    String format = text(document, "format", "");
    if (!format.matches(FORMAT_NAME + "[0-9]{1,9}")) {
      throw new FileProblem(
          name + " is not a solution: its \"format\" should be \"" + SolutionWriter.FORMAT + "\".");
    }
    if (Integer.parseInt(format.substring(FORMAT_NAME.length())) > VERSION) {
      throw new FileProblem(
          name
              + " was written by a newer version ("
              + format
              + "): open it there, or update this program.");
    }
  }

  private String procedure() throws FileProblem {
    String id = text(document, "procedure", "");
    if (Procedures.all().stream().noneMatch(known -> known.id().equals(id))) {
      throw new FileProblem(
          name + ": \"procedure\" is \"" + id + "\", which this version does not know.");
    }
    return id;
  }

  private TableEntry table() throws FileProblem {
    JsonNode table = document.path("data").path("table");
    if (!table.isObject()) {
      throw new FileProblem(name + ": \"data\" has no \"table\".");
    }
    List<String> rows = list(table, "rows");
    List<String> columns = list(table, "columns");
    List<List<String>> cells = new ArrayList<>();
    for (JsonNode row : table.path("counts").values()) {
      cells.add(row.values().stream().map(JsonNode::asString).toList());
    }
    TableEntry.Form form = form(table);
    List<String> layers = form == TableEntry.Form.LAYERS ? list(table, "layers") : List.of();
    if (form == TableEntry.Form.LAYERS && layers.isEmpty()) {
      throw new FileProblem(name + ": a table of the form \"layers\" names no \"layers\".");
    }
    int needed = rows.size() * Math.max(1, layers.size());
    if (cells.size() != needed) {
      throw new FileProblem(
          "%s: \"counts\" has %d rows where %d are needed for \"rows\"%s."
              .formatted(
                  name, cells.size(), needed, layers.isEmpty() ? "" : " in each of \"layers\""));
    }
    for (int i = 0; i < cells.size(); i++) {
      if (cells.get(i).size() != columns.size()) {
        throw new FileProblem(
            "%s: row %d of \"counts\" has %d numbers where \"columns\" names %d."
                .formatted(name, i + 1, cells.get(i).size(), columns.size()));
      }
    }
    return new TableEntry(
        form,
        text(table, "rowVariable", ""),
        text(table, "columnVariable", ""),
        text(table, "layerVariable", ""),
        rows,
        columns,
        layers,
        cells);
  }

  private TableEntry.Form form(JsonNode table) throws FileProblem {
    String key = text(table, "form", TableEntry.Form.TWO_WAY.key());
    return TableEntry.Form.ofKey(key)
        .orElseThrow(
            () ->
                new FileProblem(
                    "%s: the table's \"form\" is \"%s\"; use two-way, frequencies, shares or layers."
                        .formatted(name, key)));
  }

  private List<String> list(JsonNode node, String field) throws FileProblem {
    if (!node.path(field).isArray()) {
      throw new FileProblem(name + ": the table has no list of \"" + field + "\".");
    }
    return node.path(field).values().stream().map(JsonNode::asString).toList();
  }

  private Choices choices(JsonNode node) throws FileProblem {
    Map<String, String> options = new LinkedHashMap<>();
    for (var field : node.properties()) {
      if (!NOT_OPTIONS.contains(field.getKey()) && field.getValue().isString()) {
        OldOptions.put(options, field.getKey(), field.getValue().asString());
      }
    }
    Optional<Integer> onTheWay =
        node.path("roundOnTheWay").isNumber()
            ? Optional.of(places(node.path("roundOnTheWay"), "roundOnTheWay"))
            : Optional.empty();
    return new Choices(
        text(node, "alpha", "0.05"),
        strings(node.path("numbers")),
        options,
        decimals(node.path("decimals")),
        onTheWay);
  }

  private Decimals decimals(JsonNode node) throws FileProblem {
    Map<Kind, Integer> places = new EnumMap<>(Kind.class);
    for (Kind kind : Kind.values()) {
      if (node.has(kind.key())) {
        places.put(kind, places(node.path(kind.key()), kind.key()));
      }
    }
    return new Decimals(places);
  }

  private int places(JsonNode node, String field) throws FileProblem {
    int places = node.isInt() ? node.intValue() : -1;
    if (places < 0 || places > Decimals.MOST) {
      throw new FileProblem(
          "%s: \"%s\" is %s; decimals are a whole number from 0 to %d."
              .formatted(name, field, node, Decimals.MOST));
    }
    return places;
  }

  private Map<String, StudentView> students() throws FileProblem {
    Map<String, StudentView> views = new LinkedHashMap<>();
    for (var entry : strings(document.path("students")).entrySet()) {
      views.put(
          entry.getKey(),
          StudentView.ofKey(entry.getValue())
              .orElseThrow(
                  () ->
                      new FileProblem(
                          "%s: \"students\" has \"%s\" for %s; use given, one-worked, blank or left-out."
                              .formatted(name, entry.getValue(), entry.getKey()))));
    }
    return views;
  }

  private static Map<String, String> strings(JsonNode node) {
    Map<String, String> texts = new LinkedHashMap<>();
    node.properties().forEach(field -> texts.put(field.getKey(), field.getValue().asString()));
    return texts;
  }

  private static String text(JsonNode node, String field, String otherwise) {
    return node.path(field).isString() ? node.path(field).asString() : otherwise;
  }
}
