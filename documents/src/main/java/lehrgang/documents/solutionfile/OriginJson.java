package lehrgang.documents.solutionfile;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Missing;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.Records;
import lehrgang.core.cases.Spread;
import lehrgang.core.cases.Tally;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;
import lehrgang.core.wording.Wording;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Where a counted table comes from, as JSON beside it: the records or their file, and the recipe.
///
/// Records that are kept are counted anew when a solution is opened; for those in a file of their
/// own the account of the last count is kept.
final class OriginJson {
  private static final List<String> FIELDS = List.of("records", "recipe", "counted");

  private OriginJson() {}

  static void write(ObjectNode data, Optional<Origin> origin) {
    data.remove(FIELDS);
    origin.ifPresent(
        counted -> {
          records(data.putObject("records"), counted.records());
          RecipeJson.write(data.putObject("recipe"), counted.recipe());
          if (counted.records() instanceof Records.InFile) {
            tally(data.putObject("counted"), counted.tally());
          }
        });
  }

  private static void records(ObjectNode node, Records records) {
    node.put("name", records.name());
    node.put("decimals", records.sign().key());
    records.columns().forEach(node.putArray("columns")::add);
    switch (records) {
      case Records.Kept(_, _, var cases) -> {
        ArrayNode rows = node.putArray("rows");
        for (int i = 0; i < cases.size(); i++) {
          ArrayNode row = rows.addArray();
          for (int j = 0; j < cases.columns().size(); j++) {
            row.add(cases.field(i, j));
          }
        }
      }
      case Records.InFile(_, _, _, var path, var checksum, var format) -> {
        node.put("file", path);
        node.put("checksum", checksum);
        ObjectNode written = node.putObject("format");
        format.entrySet().stream()
            .sorted(Map.Entry.comparingByKey())
            .forEach(entry -> written.put(entry.getKey(), entry.getValue()));
      }
    }
  }

  private static void tally(ObjectNode node, Tally tally) {
    node.put("read", tally.read());
    node.put("counted", tally.counted());
    ArrayNode losses = node.putArray("losses");
    for (Tally.Loss loss : tally.losses()) {
      ObjectNode one = losses.addObject();
      one.put("records", loss.records());
      switch (loss.cause()) {
        case Tally.SetAside(var step) -> one.put("step", step + 1);
        case Tally.NoCategory(var column, var why) ->
            one.put("column", column).put("why", why.key());
      }
      ArrayNode examples = one.putArray("examples");
      loss.examples()
          .forEach(
              example ->
                  examples.addObject().put("row", example.row()).put("value", example.value()));
    }
    tally.spread().ifPresent(spread -> spread(node.putObject("spread"), spread));
    ArrayNode effects = node.putArray("effects");
    for (Tally.Effect effect : tally.effects()) {
      ObjectNode one = effects.addObject();
      one.put("records", effect.records()).put("changed", effect.changed());
      ObjectNode values = one.putObject("values");
      effect.values().forEach(values::put);
      one.put("more", effect.more()).put("missing", effect.missing());
    }
  }

  /// The sums are texts: they may have more digits than a number in JSON keeps.
  private static void spread(ObjectNode node, Spread spread) {
    node.put("column", spread.column());
    ArrayNode groups = node.putArray("groups");
    for (Spread.Group group : spread.groups()) {
      groups
          .addObject()
          .put("label", group.label())
          .put("records", group.records())
          .put("sum", group.sum().toPlainString())
          .put("squares", group.squares().toPlainString())
          .put("cubes", group.cubes().toPlainString());
    }
  }

  private static Optional<Spread> spread(JsonNode node, String name) throws FileProblem {
    if (!node.isObject()) {
      return Optional.empty();
    }
    try {
      return Optional.of(
          new Spread(
              node.path("column").asString(""),
              node.path("groups").values().stream()
                  .map(
                      group ->
                          new Spread.Group(
                              group.path("label").asString(""),
                              group.path("records").asLong(0),
                              new BigDecimal(group.path("sum").asString("")),
                              new BigDecimal(group.path("squares").asString("")),
                              new BigDecimal(group.path("cubes").asString(""))))
                  .toList()));
    } catch (NumberFormatException e) {
      throw new FileProblem(name + ": a sum of the numbers behind the classes is no number.", e);
    }
  }

  /// @param table as it stands in the file
  /// @throws FileProblem if the records or the recipe cannot be read, or do not fit each other
  static Optional<Origin> read(JsonNode data, TableEntry table, String name) throws FileProblem {
    if (!data.path("records").isObject()) {
      return Optional.empty();
    }
    JsonNode records = data.path("records");
    Recipe recipe = new RecipeJson(name).read(data.path("recipe"));
    List<String> columns = texts(records.path("columns"));
    DecimalSign sign =
        records.path("decimals").asString("point").equals("comma")
            ? DecimalSign.COMMA
            : DecimalSign.POINT;
    String called = records.path("name").asString("");
    if (records.path("file").isString()) {
      Map<String, String> format = new LinkedHashMap<>();
      records
          .path("format")
          .properties()
          .forEach(entry -> format.put(entry.getKey(), entry.getValue().asString("")));
      return Optional.of(
          new Origin(
              new Records.InFile(
                  called,
                  sign,
                  columns,
                  records.path("file").asString(),
                  records.path("checksum").asString(""),
                  format),
              recipe,
              tally(data.path("counted"), table, recipe, name)));
    }
    CaseTable.Collector collector = new CaseTable.Collector(columns);
    records.path("rows").values().forEach(row -> collector.add(texts(row)));
    return switch (Origin.count(new Records.Kept(called, sign, collector.finish()), recipe)) {
      case Checked.Good<Origin>(var origin) -> Optional.of(origin);
      case Checked.Bad<Origin>(var problems) ->
          throw new FileProblem(
              name
                  + ": the recipe does not fit the records. "
                  + Wording.english().text(problems.getFirst().sentence()));
    };
  }

  private static Tally tally(JsonNode node, TableEntry table, Recipe recipe, String name)
      throws FileProblem {
    List<Tally.Loss> losses = new ArrayList<>();
    for (JsonNode loss : node.path("losses").values()) {
      Tally.Cause cause =
          loss.has("step")
              ? new Tally.SetAside(loss.path("step").asInt(1) - 1)
              : new Tally.NoCategory(loss.path("column").asString(""), why(loss, name));
      losses.add(
          new Tally.Loss(
              cause,
              loss.path("records").asLong(0),
              loss.path("examples").values().stream()
                  .map(
                      example ->
                          new Tally.Example(
                              example.path("row").asLong(0), example.path("value").asString("")))
                  .toList()));
    }
    List<Tally.Effect> effects =
        IntStream.range(0, recipe.steps().size())
            .mapToObj(k -> effect(node.path("effects").path(k)))
            .toList();
    return new Tally(
        table,
        node.path("read").asLong(0),
        node.path("counted").asLong(0),
        losses,
        effects,
        spread(node.path("spread"), name));
  }

  private static Tally.Effect effect(JsonNode node) {
    Map<String, Long> values = new LinkedHashMap<>();
    node.path("values")
        .properties()
        .forEach(entry -> values.put(entry.getKey(), entry.getValue().asLong(0)));
    return new Tally.Effect(
        node.path("records").asLong(0),
        node.path("changed").asLong(0),
        values,
        node.path("more").asInt(0),
        node.path("missing").asLong(0));
  }

  private static Missing why(JsonNode loss, String name) throws FileProblem {
    String key = loss.path("why").asString("").toLowerCase(Locale.ROOT);
    Optional<Missing> why =
        Arrays.stream(Missing.values()).filter(known -> known.key().equals(key)).findFirst();
    if (why.isEmpty()) {
      throw new FileProblem(name + ": a loss is because of \"" + key + "\", which is not known.");
    }
    return why.get();
  }

  private static List<String> texts(JsonNode node) {
    return node.values().stream().map(value -> value.asString("")).toList();
  }
}
