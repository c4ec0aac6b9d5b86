package lehrgang.documents.report;

import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Line;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.page.Page;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// A derivation as one JSON document, `lehrgang-derivation/1`.
public final class DerivationJson {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  /// More than the 15 that readers are promised.

  private DerivationJson() {}

  public static String of(Page page) {
    ObjectNode document = JSON.createObjectNode();
    document.put("format", "lehrgang-derivation/1");
    document.put("procedure", page.derivation().procedure());
    document.put("decision", page.decision().key());
    ArrayNode lines = document.putArray("lines");
    page.derivation().lines().values().forEach(line -> line(lines.addObject(), page, line));
    ArrayNode conditions = document.putArray("conditions");
    for (Condition condition : page.derivation().conditions()) {
      ObjectNode node = conditions.addObject();
      node.put("name", condition.name());
      node.put("holds", condition.holds() == Condition.Verdict.HOLDS);
      node.put("detail", page.text(condition.detail()));
    }
    ArrayNode notes = document.putArray("notes");
    page.derivation().notes().forEach(note -> notes.add(page.text(note)));
    return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(document) + "\n";
  }

  private static void line(ObjectNode node, Page page, Line line) {
    Value value = page.values().of(line.id());
    node.put("id", line.id().toString());
    node.put("step", page.derivation().stepOf(line.id()).id());
    node.put("label", page.place(line.id()));
    node.put("value", FullDigits.of(value));
    if (value instanceof Rational fraction) {
      node.put("exact", fraction.toString());
    } else {
      node.putNull("exact");
    }
    node.put("shown", page.shown(line.id()).standalone());
    ArrayNode inputs = node.putArray("inputs");
    line.formula().sources().forEach(id -> inputs.add(id.toString()));
  }
}
