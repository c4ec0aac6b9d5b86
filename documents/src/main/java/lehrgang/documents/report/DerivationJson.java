package lehrgang.documents.report;

import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.page.Readout;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// A derivation as one JSON document, `lehrgang-derivation/1`.
///
/// Where a line has no value, `value` is null and `undefined` says why; a condition or decision
/// that hangs on such a line is null.
public final class DerivationJson {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final Derivation derivation;
  private final Readout readout;

  private DerivationJson(Solution solution, Derivation derivation) {
    this.derivation = derivation;
    this.readout = Readout.of(solution, derivation);
  }

  /// @param notes what else should be said, such as that totals were left out
  public static String of(Solution solution, Derivation derivation, List<Phrase> notes) {
    ObjectNode document = new DerivationJson(solution, derivation).document(notes);
    return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(document) + "\n";
  }

  private ObjectNode document(List<Phrase> notes) {
    ObjectNode document = JSON.createObjectNode();
    document.put("format", "lehrgang-derivation/1");
    document.put("procedure", derivation.procedure());
    document.put(
        "decision",
        readout
            .values()
            .find(derivation.decision())
            .map(rejected -> rejected.signum() > 0 ? "reject" : "do-not-reject")
            .orElse(null));
    ArrayNode lines = document.putArray("lines");
    derivation.lines().values().forEach(line -> line(lines.addObject(), line));
    ArrayNode conditions = document.putArray("conditions");
    derivation.conditions().forEach(condition -> condition(conditions.addObject(), condition));
    ArrayNode said = document.putArray("notes");
    notes.forEach(note -> said.add(readout.text(note)));
    return document;
  }

  private void condition(ObjectNode node, Condition condition) {
    node.put("name", condition.name());
    readout
        .values()
        .find(condition.line())
        .ifPresentOrElse(
            holds -> node.put("holds", holds.signum() > 0), () -> node.putNull("holds"));
    node.put("detail", readout.text(condition.detail()));
  }

  private void line(ObjectNode node, Line line) {
    Optional<Value> value = readout.values().find(line.id());
    node.put("id", line.id().toString());
    node.put("step", derivation.stepOf(line.id()));
    node.put("label", readout.place(line.id()));
    node.put("value", value.map(FullDigits::of).orElse(null));
    node.put("exact", value.filter(Rational.class::isInstance).map(Value::toString).orElse(null));
    node.put("shown", readout.shown(line.id()).standalone());
    readout.whyMissing(line.id()).ifPresent(why -> node.put("undefined", why));
    ArrayNode inputs = node.putArray("inputs");
    line.formula().sources().forEach(id -> inputs.add(id.toString()));
  }
}
