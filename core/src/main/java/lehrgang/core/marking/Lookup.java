package lehrgang.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;

/// The lines that rules of slips go by.
final class Lookup {
  private Lookup() {}

  /// A line by its id, as a term; empty where the derivation has none.
  static Optional<Expr> term(Derivation derivation, LineId id) {
    return derivation.find(id).map(line -> Expr.ref(line.id()));
  }

  /// A line by its name, as a term; empty where the derivation has none.
  static Optional<Expr> term(Derivation derivation, String name) {
    return term(derivation, LineId.of(name));
  }

  /// The line of another family at the same place, as a term.
  static Optional<Expr> beside(Derivation derivation, LineId id, String family) {
    return term(derivation, new LineId(family, id.index()));
  }

  /// The same id at another position.
  ///
  /// @param of which position, from 0
  static LineId at(LineId id, int of, int position) {
    List<String> index = new ArrayList<>(id.index());
    index.set(of, Integer.toString(position));
    return new LineId(id.name(), index);
  }

  /// Where an id stands.
  ///
  /// @param of which position, from 0
  static int place(LineId id, int of) {
    return Integer.parseInt(id.index().get(of));
  }

  /// How many members a family has, the other positions as in an id.
  ///
  /// @param of which position, from 0
  static int extent(Derivation derivation, LineId id, int of) {
    int most = 0;
    while (derivation.find(at(id, of, most + 1)).isPresent()) {
      most++;
    }
    return most;
  }

  /// The ids of the other members of a family, from the next one on and round: in all members of a
  /// family the k-th of them is as far away.
  ///
  /// @param of which position, from 0
  static List<LineId> others(Derivation derivation, LineId id, int of) {
    int most = extent(derivation, id, of);
    List<LineId> others = new ArrayList<>();
    for (int by = 1; by < most; by++) {
      others.add(at(id, of, (place(id, of) - 1 + by) % most + 1));
    }
    return others;
  }

  /// Whether the positions of an id are numbers.
  static boolean isMember(LineId id) {
    return !id.index().isEmpty() && id.index().stream().allMatch(k -> k.matches("[0-9]{1,6}"));
  }
}
