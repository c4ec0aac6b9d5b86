package lehrgang.documents.solutionfile;

import java.util.List;
import java.util.Map;
import lehrgang.core.data.TableEntry;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Solution;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes a solution's fields into a document, leaving fields that it does not know where they are.
final class SolutionWriter {
  static final String FORMAT = "lehrgang-solution/1";

  private SolutionWriter() {}

  static void into(ObjectNode document, Solution solution) {
    document.put("format", FORMAT);
    ObjectNode question = child(document, "question");
    question.put("title", solution.question().title());
    question.put("text", solution.question().text());
    question.put("source", solution.question().source());
    document.put("language", solution.language().toLanguageTag());
    table(child(child(document, "data"), "table"), solution.table());
    OriginJson.write(child(document, "data"), solution.origin());
    document.put("procedure", solution.procedure());
    choices(child(document, "choices"), solution.choices());
    ObjectNode students = document.putObject("students");
    solution.students().forEach((step, view) -> students.put(step, view.key()));
    strings(document.putObject("wording"), solution.wording());
  }

  private static ObjectNode child(ObjectNode parent, String name) {
    return parent.get(name) instanceof ObjectNode there ? there : parent.putObject(name);
  }

  private static void table(ObjectNode node, TableEntry table) {
    node.put("form", table.form().key());
    node.put("rowVariable", table.rowVariable());
    node.put("columnVariable", table.columnVariable());
    strings(node.putArray("rows"), table.rows());
    strings(node.putArray("columns"), table.columns());
    node.remove(List.of("layerVariable", "layers"));
    if (!table.layers().isEmpty()) {
      node.put("layerVariable", table.layerVariable());
      strings(node.putArray("layers"), table.layers());
    }
    ArrayNode counts = node.putArray("counts");
    for (List<String> row : table.cells()) {
      ArrayNode cells = counts.addArray();
      row.forEach(cell -> count(cells, cell));
    }
  }

  /// A count is a number; whatever else was typed is kept as it was typed.
  private static void count(ArrayNode cells, String typed) {
    if (typed.matches("0|[1-9][0-9]{0,15}")) {
      cells.add(Long.parseLong(typed));
    } else {
      cells.add(typed);
    }
  }

  private static void choices(ObjectNode node, Choices choices) {
    node.put("alpha", choices.level());
    choices.options().forEach(node::put);
    if (!choices.numbers().isEmpty() || node.has("numbers")) {
      strings(node.putObject("numbers"), choices.numbers());
    }
    ObjectNode decimals = node.putObject("decimals");
    for (Kind kind : Kind.values()) {
      if (choices.decimals().of(kind) != Decimals.usual().of(kind)) {
        decimals.put(kind.key(), choices.decimals().of(kind));
      }
    }
    choices
        .onTheWay()
        .ifPresentOrElse(
            places -> node.put("roundOnTheWay", places), () -> node.putNull("roundOnTheWay"));
  }

  private static void strings(ArrayNode node, List<String> texts) {
    texts.forEach(node::add);
  }

  private static void strings(ObjectNode node, Map<String, String> texts) {
    texts.forEach(node::put);
  }
}
