package lehrgang.core.marking;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lehrgang.core.marking.Marker.Found;

/// Which of the slips that would explain an answer is named: the one that explains more of the
/// student's answers, then the one of the group that is thought of first. Slips of a group that
/// give the same number cannot be told apart, and are all named.
///
/// @param explained how many answers each slip would explain
record Naming(Map<String, Integer> explained) {
  static Naming of(Collection<Found> found) {
    Map<String, Integer> explained = new HashMap<>();
    found.stream()
        .filter(one -> one.verdict() == Verdict.SLIP)
        .flatMap(one -> one.candidates().stream())
        .forEach(slip -> explained.merge(slip, 1, Integer::sum));
    return new Naming(explained);
  }

  List<String> slips(Set<String> candidates) {
    int most =
        candidates.stream().mapToInt(slip -> explained.getOrDefault(slip, 0)).max().orElse(0);
    List<String> best =
        candidates.stream().filter(slip -> explained.getOrDefault(slip, 0) == most).toList();
    List<Slip> known = Slips.all().stream().filter(slip -> best.contains(slip.id())).toList();
    return known.isEmpty()
        ? best
        : known.stream()
            .filter(slip -> slip.group().equals(known.getFirst().group()))
            .map(Slip::id)
            .toList();
  }
}
