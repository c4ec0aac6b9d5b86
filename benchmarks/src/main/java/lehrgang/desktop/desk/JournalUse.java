package lehrgang.desktop.desk;

import java.util.List;
import lehrgang.documents.journal.Entry;

/// A journal as a window reads it that goes on with it.
public final class JournalUse {
  private JournalUse() {}

  public static void replay(List<Entry> entries) {
    Replayed.of(entries);
  }
}
