package lehrgang.core.marking;

import java.util.Optional;
import java.util.Set;
import lehrgang.core.number.Bounds;

/// What was found out about an answer.
///
/// @param candidates the ids of all slips that would explain it
/// @param here       those of them that would have been made in this line
/// @param behind     the number that stood behind what is written, as far as can be told
record Found(Judgement verdict, Set<String> candidates, Set<String> here, Optional<Bounds> behind) {
  static Found of(Judgement verdict) {
    return new Found(verdict, Set.of(), Set.of(), Optional.empty());
  }

  static Found of(Judgement verdict, Bounds behind) {
    return new Found(verdict, Set.of(), Set.of(), Optional.of(behind));
  }

  /// A slip made here; just wrong where there is none.
  static Found of(Set<String> slips) {
    Judgement verdict = slips.isEmpty() ? Judgement.WRONG : Judgement.SLIP;
    return new Found(verdict, slips, slips, Optional.empty());
  }
}
