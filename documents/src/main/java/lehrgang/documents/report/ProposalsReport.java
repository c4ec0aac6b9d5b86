package lehrgang.documents.report;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.compose.Proposal;
import lehrgang.core.data.TableEntry;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Page;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Tables that were proposed, as text and as data.
public final class ProposalsReport {
  private static final JsonMapper JSON = JsonMapper.shared();

  private ProposalsReport() {}

  /// Each with its numbers in a line and its table below.
  ///
  /// @param pages of the proposals, in their order
  public static String text(List<Proposal> proposals, List<Page> pages) {
    StringBuilder text = new StringBuilder();
    for (int k = 0; k < proposals.size(); k++) {
      text.append(k + 1).append("  ").append(numbers(pages.get(k))).append('\n');
      table(proposals.get(k).solution().table(), text);
      text.append('\n');
    }
    return text.toString();
  }

  /// The key numbers of a solution and what becomes of H₀, in a line.
  public static String numbers(Page page) {
    return page.verdictItems().stream()
            .map(item -> item.label() + " " + item.number().standalone())
            .collect(Collectors.joining(" · "))
        + " · "
        + page.verdictSentence();
  }

  private static void table(TableEntry table, StringBuilder text) {
    List<String> heads = table.rows();
    int wide = heads.stream().mapToInt(String::length).max().orElse(0);
    int column =
        Stream.concat(table.columns().stream(), table.cells().stream().flatMap(List::stream))
            .mapToInt(String::length)
            .max()
            .orElse(1);
    for (int layer = 0; layer < Math.max(1, table.layers().size()); layer++) {
      if (!table.layers().isEmpty()) {
        text.append("   ").append(table.layers().get(layer)).append('\n');
      }
      line(text, wide, "", column, table.columns());
      for (int i = 0; i < heads.size(); i++) {
        line(text, wide, heads.get(i), column, table.cells().get(layer * heads.size() + i));
      }
    }
  }

  private static void line(
      StringBuilder text, int wide, String head, int column, List<String> cells) {
    text.append("   ").append(head).append(" ".repeat(wide - head.length()));
    cells.forEach(
        cell -> text.append("  ").append(" ".repeat(column - cell.length())).append(cell));
    text.append('\n');
  }

  /// A document, `lehrgang-proposals/1`.
  public static String json(String procedure, List<Proposal> proposals) {
    ObjectNode document = JSON.createObjectNode();
    document.put("format", "lehrgang-proposals/1");
    document.put("procedure", procedure);
    ArrayNode all = document.putArray("proposals");
    for (Proposal found : proposals) {
      TableEntry table = found.solution().table();
      ObjectNode one = all.addObject();
      strings(one.putArray("rows"), table.rows());
      strings(one.putArray("columns"), table.columns());
      if (!table.layers().isEmpty()) {
        strings(one.putArray("layers"), table.layers());
      }
      ArrayNode cells = one.putArray("cells");
      table.cells().forEach(row -> strings(cells.addArray(), row));
      for (String line : List.of("X2", "z", "df", "p", "E.min")) {
        value(found, line).ifPresent(number -> one.put(line, number));
      }
      one.put(
          "decision",
          value(found, found.derivation().decision().toString()).filter(d -> d > 0.5).isPresent()
              ? "reject"
              : "do-not-reject");
    }
    return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(document) + "\n";
  }

  private static Optional<Double> value(Proposal found, String line) {
    return LineId.parse(line)
        .filter(id -> found.derivation().find(id).isPresent())
        .flatMap(id -> found.derivation().exact().find(id))
        .map(value -> value.asDouble());
  }

  private static void strings(ArrayNode array, List<String> strings) {
    IntStream.range(0, strings.size()).forEach(k -> array.add(strings.get(k)));
  }
}
