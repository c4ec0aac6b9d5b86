package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.parts.LineWriter.line;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.distribution.NormalCritical;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// Which cells or categories deviate most from what was expected, judged by their adjusted
/// residuals, with Holm's (1979) adjustment for so many at once.
public final class Deviations {
  /// More cells than this are not compared with a bound of their own.
  private static final int MOST_BOUNDS = 8;

  private static final int MOST_NAMED = 2;
  private static final String BOUND = "holm";

  private final Lines lines;
  private final Evaluation values;
  private final Sentences say;
  private final List<LineId> ranked;

  /// The adjusted residuals of a derivation, from the largest in size down; those without a value
  /// are not ranked.
  public Deviations(Lines lines, Evaluation values, Sentences say) {
    this.lines = lines;
    this.values = values;
    this.say = say;
    this.ranked =
        members(lines, "adj").stream()
            .filter(id -> values.find(id).isPresent())
            .sorted(Comparator.comparing(this::size).reversed())
            .toList();
  }

  private static List<LineId> members(Lines lines, String family) {
    return lines.hasFamily(family) ? lines.family(family) : List.of();
  }

  private Value size(LineId residual) {
    return values.find(residual).orElseThrow().magnitude();
  }

  /// Adds the bounds that allow for so many comparisons, to the step begun last; `alpha` comes
  /// before them. Where only one deviation is free, the test itself says all and there are none.
  ///
  /// @param cells how many residuals are looked at
  /// @param free  the degrees of freedom
  public static void addBounds(Lines lines, int cells, int free) {
    if (free < 2) {
      return;
    }
    for (int k = 1; k <= Math.min(MOST_BOUNDS, cells); k++) {
      List<Expr> tail = List.of(line("alpha").over(product(number(2), number(cells - k + 1L))));
      Line bound =
          LineWriter.member(
              LineId.of(BOUND, k),
              Symbol.of("z"),
              Phrase.of("place.rank").with("rank", k),
              new Expr.Named(NormalCritical.INSTANCE, tail),
              Kind.CRITICAL);
      lines.add(LineWriter.checkedByLibrary(bound, NormalCritical.INSTANCE, tail));
    }
  }

  private boolean hasBounds() {
    return lines.hasFamily(BOUND);
  }

  private int cells() {
    return lines.family("adj").size();
  }

  /// The cells that remain significant, from the largest residual down until one does not reach its
  /// bound; of many, the first ones.
  private List<LineId> significant() {
    List<LineId> found = new ArrayList<>();
    for (LineId bound : members(lines, BOUND)) {
      int k = found.size();
      if (k >= ranked.size()
          || values.find(bound).isEmpty()
          || size(ranked.get(k)).compareTo(values.find(bound).orElseThrow()) < 0) {
        break;
      }
      found.add(ranked.get(k));
    }
    return found;
  }

  /// The largest residuals beside their bounds, and what remains significant; nothing where there
  /// are no bounds.
  public List<Block> bounds() {
    List<LineId> bounds = members(lines, BOUND);
    if (!hasBounds() || ranked.size() < bounds.size()) {
      return List.of();
    }
    int shown = Math.min(significant().size() + 1, bounds.size());
    List<Phrase> names = new ArrayList<>();
    List<List<LineId>> rows = new ArrayList<>();
    for (int k = 0; k < shown; k++) {
      names.add(lines.line(ranked.get(k)).place());
      rows.add(List.of(ranked.get(k), bounds.get(k)));
    }
    return List.of(
        new Block.Prose(say.phrase("closer-look.holm").with("cells", cells()), ranked),
        Block.Working.of(bounds.getFirst()),
        new Block.Tables(
            List.of(
                CellTable.plain(
                    Phrase.of("table.holm"),
                    names,
                    List.of(Phrase.of("column.holm.residual"), Phrase.of("column.holm.bound")),
                    rows))),
        new Block.Prose(afterAdjustment(), ranked));
  }

  private Phrase afterAdjustment() {
    List<LineId> found = significant();
    String key = found.isEmpty() ? "holm.none" : found.size() == 1 ? "holm.one" : "holm.some";
    return say.phrase(key).with("cells", cells()).with("list", places(found));
  }

  /// What the conclusion says of single cells: of the category that was asked about, or else, after
  /// a rejection, of the largest deviations.
  public List<Block> inConclusion(Decided decided) {
    if (decided.isUndecided() || !hasBounds()) {
      return List.of();
    }
    Optional<Phrase> asked =
        say.story().asked().isEmpty()
            ? Optional.empty()
            : deviations("asked", id -> isOf(id, say.story().asked()))
                .map(
                    phrase ->
                        phrase.with("in", new StoryWords(say.story()).in(say.story().asked())));
    if (!decided.rejects()) {
      return asked
          .<List<Block>>map(phrase -> List.of(new Block.Prose(phrase, ranked)))
          .orElse(List.of());
    }
    List<Block> blocks = new ArrayList<>();
    asked
        .or(() -> deviations("largest", _ -> true))
        .ifPresent(phrase -> blocks.add(new Block.Prose(phrase, ranked)));
    blocks.add(new Block.Prose(afterAdjustment(), ranked));
    return blocks;
  }

  private boolean isOf(LineId residual, String label) {
    return lines.line(residual).place().fillings().values().stream()
        .anyMatch(new Phrase.Words(label)::equals);
  }

  /// In which of some cells more and in which fewer were observed than expected; empty where
  /// neither is.
  private Optional<Phrase> deviations(String kind, Predicate<LineId> which) {
    List<LineId> more = ranked.stream().filter(which).filter(id -> sign(id) > 0).toList();
    List<LineId> fewer = ranked.stream().filter(which).filter(id -> sign(id) < 0).toList();
    if (more.isEmpty() && fewer.isEmpty()) {
      return Optional.empty();
    }
    String ending = more.isEmpty() ? ".fewer" : fewer.isEmpty() ? ".more" : ".both";
    boolean alone = lines.line(ranked.getFirst()).place().fillings().size() == 1;
    return Optional.of(
        say.phrase("conclusion.cells." + kind + (alone ? ".category" : "") + ending)
            .with("more", counts(more, kind))
            .with("fewer", counts(fewer, kind)));
  }

  private int sign(LineId residual) {
    return values.sign(residual);
  }

  private Phrase.Filling counts(List<LineId> residuals, String kind) {
    return listed(
        residuals.stream()
            .limit(MOST_NAMED)
            .map(
                id ->
                    Phrase.of("list.cell.counts")
                        .with("place", kind.equals("asked") ? other(id) : lines.line(id).place())
                        .with("observed", new LineId("O", id.index()))
                        .with("expected", new LineId("E", id.index())))
            .toList());
  }

  /// The place of a cell without the label that was asked about.
  private Phrase other(LineId residual) {
    Phrase place = lines.line(residual).place();
    Phrase.Filling asked = new Phrase.Words(say.story().asked());
    return place.fillings().values().stream()
        .filter(label -> !label.equals(asked))
        .findFirst()
        .map(label -> Phrase.of("place.margin").with("label", label))
        .orElse(place);
  }

  private Phrase.Filling places(List<LineId> residuals) {
    return listed(
        residuals.stream()
            .map(id -> Phrase.of("list.cell.quoted").with("place", lines.line(id).place()))
            .toList());
  }

  private static Phrase.Filling listed(List<Phrase> names) {
    if (names.isEmpty()) {
      return new Phrase.Words("");
    }
    Phrase list = names.getFirst();
    for (int k = 1; k < names.size(); k++) {
      list =
          Phrase.of(k == names.size() - 1 ? "list.and" : "list.comma")
              .with("before", list)
              .with("next", names.get(k));
    }
    return new Phrase.Nested(list);
  }
}
