package lehrgang.core.marking;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.expr.LineId;

/// Which of the slips that would explain an answer is named: the one that explains more of the
/// student's answers, then one made in the line itself before one made out of sight, then the one
/// of the group that is thought of first. Slips of a group that give the same number cannot be told
/// apart, and are all named. A slip that explains less than half of what is wrong in a table is a
/// coincidence, and none is named, unless the instructor has seen it in this class.
final class Naming {
  private static final String TYPING = "typing";

  private final Map<String, Integer> explained = new HashMap<>();
  private final Map<String, Integer> failing = new HashMap<>();
  private final Map<String, Integer> within = new HashMap<>();

  /// @param found what was found out about each of a student's answers
  private Naming(Map<LineId, Found> found) {
    found.forEach(
        (line, one) -> {
          if (one.verdict() == Judgement.SLIP || one.verdict() == Judgement.WRONG) {
            failing.merge(line.name(), 1, Integer::sum);
            for (String slip : one.candidates()) {
              explained.merge(slip, 1, Integer::sum);
              within.merge(line.name() + " " + slip, 1, Integer::sum);
            }
          }
        });
  }

  /// What is said of an answer in the end.
  record Named(Judgement verdict, List<String> slips) {}

  /// What is said of each of the answers. A slip is charged where it was made, or else where it is
  /// first seen; what comes of it later follows.
  ///
  /// @param found each after those that it rests on
  static Map<LineId, Named> of(Map<LineId, Found> found) {
    Naming naming = new Naming(found);
    Map<LineId, Named> all = new HashMap<>();
    Map<String, String> charged = new HashMap<>();
    found.forEach((line, one) -> all.put(line, naming.named(line, one, charged)));
    return all;
  }

  private Named named(LineId line, Found found, Map<String, String> charged) {
    if (found.verdict() != Judgement.SLIP) {
      return new Named(found.verdict(), List.of());
    }
    List<String> slips = slips(line, found);
    if (slips.isEmpty()) {
      return new Named(Judgement.WRONG, slips);
    }
    boolean follows =
        slips.stream()
            .anyMatch(
                slip ->
                    !found.here().contains(slip)
                        && !charged.getOrDefault(slip, line.name()).equals(line.name()));
    if (follows) {
      return new Named(Judgement.FOLLOW_THROUGH, List.of());
    }
    slips.forEach(slip -> charged.putIfAbsent(slip, line.name()));
    return new Named(Judgement.SLIP, slips);
  }

  /// The slips that are named for an answer; none where it is merely wrong.
  private List<String> slips(LineId line, Found found) {
    List<String> likely = found.candidates().stream().filter(slip -> isLikely(line, slip)).toList();
    int most = likely.stream().mapToInt(explained::get).max().orElse(0);
    List<String> equal = likely.stream().filter(slip -> explained.get(slip) == most).toList();
    List<String> here = equal.stream().filter(found.here()::contains).toList();
    List<String> best = here.isEmpty() ? equal : here;
    List<Slip> known = Slips.all().stream().filter(slip -> best.contains(slip.id())).toList();
    return known.isEmpty()
        ? best
        : known.stream()
            .filter(slip -> slip.group().equals(known.getFirst().group()))
            .map(Slip::id)
            .toList();
  }

  private boolean isLikely(LineId line, String slip) {
    boolean single =
        line.index().isEmpty() || slip.startsWith(TYPING) || Slips.find(slip).isEmpty();
    return single
        || 2 * within.getOrDefault(line.name() + " " + slip, 0) >= failing.get(line.name());
  }
}
