package lehrgang.app;

import java.util.Iterator;
import java.util.List;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;

/// The ids of the procedures, for help and completion.
final class ProcedureNames implements Iterable<String> {
  static List<String> all() {
    return Procedures.all().stream().map(Procedure::id).toList();
  }

  @Override
  public Iterator<String> iterator() {
    return all().iterator();
  }
}
