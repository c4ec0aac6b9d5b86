package lehrgang.core.marking;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;

/// What the slips of the catalogue make of the lines of a derivation.
final class Bends {
  private final Derivation derivation;
  private final Map<LineId, List<Bent>> bent = new HashMap<>();

  /// @param way which of the ways in which the slip is made
  record Bent(String slip, int way, Expr formula) {}

  /// A slip made in every line of a family that stands on no sheet.
  ///
  /// @param formulas by line that is bent
  /// @param touched  those lines and all that rest on them, up to what stands on the sheet
  record Upstream(String slip, Map<LineId, Expr> formulas, Set<LineId> touched) {}

  private record Made(String slip, int way, String family) {}

  Bends(Derivation derivation) {
    this.derivation = derivation;
  }

  /// The other rules for a line.
  List<Bent> of(LineId id) {
    return bent.computeIfAbsent(id, this::made);
  }

  private List<Bent> made(LineId id) {
    Line line = derivation.line(id);
    List<Bent> all = new ArrayList<>();
    for (Slip slip : Slips.all()) {
      List<Expr> formulas = slip.rule().bent(derivation, line);
      for (int way = 0; way < formulas.size(); way++) {
        all.add(new Bent(slip.id(), way, formulas.get(way)));
      }
    }
    return all;
  }

  /// The lines that some lines rest on, themselves included, without going on from those that stand
  /// on the sheet.
  Set<LineId> before(List<LineId> lines, Set<LineId> written) {
    Set<LineId> before = new LinkedHashSet<>(lines);
    Deque<LineId> open = new ArrayDeque<>(lines);
    while (!open.isEmpty()) {
      for (LineId source : derivation.sources(open.pop())) {
        if (!written.contains(source) && before.add(source)) {
          open.push(source);
        }
      }
    }
    return before;
  }

  /// The slips that may have been made before a line without being seen.
  ///
  /// @param written the lines that stand on the sheet
  List<Upstream> upstream(LineId line, Set<LineId> written) {
    Set<LineId> before = new HashSet<>(before(List.of(line), written));
    before.remove(line);
    List<LineId> unseen = derivation.lines().keySet().stream().filter(before::contains).toList();
    Map<Made, Map<LineId, Expr>> all = new LinkedHashMap<>();
    for (LineId each : unseen) {
      for (Bent other : of(each)) {
        all.computeIfAbsent(new Made(other.slip(), other.way(), each.name()), _ -> new HashMap<>())
            .put(each, other.formula());
      }
    }
    Map<LineId, List<LineId>> sources = new LinkedHashMap<>();
    unseen.forEach(each -> sources.put(each, derivation.sources(each)));
    return all.entrySet().stream()
        .map(
            made ->
                new Upstream(
                    made.getKey().slip(),
                    made.getValue(),
                    touched(made.getValue().keySet(), sources)))
        .toList();
  }

  /// @param sources what each line rests on, in the order of the derivation
  private static Set<LineId> touched(Set<LineId> bent, Map<LineId, List<LineId>> sources) {
    Set<LineId> touched = new HashSet<>(bent);
    sources.forEach(
        (line, its) -> {
          if (its.stream().anyMatch(touched::contains)) {
            touched.add(line);
          }
        });
    return touched;
  }
}
