package lehrgang.documents.handout.html;

import j2html.tags.DomContent;
import j2html.tags.specialized.TdTag;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.documents.handout.order.Part.Entry;

/// What stands where a number is asked for.
public interface Rooms {
  /// Rooms to write in by hand.
  Rooms ON_PAPER =
      new Rooms() {
        @Override
        public TdTag inTable(Entry entry) {
          return HtmlTables.room(entry);
        }

        @Override
        public Optional<DomContent> inWorking(LineId line) {
          return Optional.empty();
        }
      };

  /// In a table.
  TdTag inTable(Entry entry);

  /// Where a working ends in nothing but a number that is asked for; empty where it is set as the
  /// rest of the formula.
  Optional<DomContent> inWorking(LineId line);

  /// What is asked at the end of a step besides its numbers; empty for nothing.
  ///
  /// @param step its id
  default Optional<DomContent> below(String step) {
    return Optional.empty();
  }
}
