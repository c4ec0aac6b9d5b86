package lehrgang.documents.journal;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// What is written down is read again, whatever became of the program meanwhile.
class JournalTest {
  private static final List<Entry> ALL =
      List.of(
          new Entry.Opened(Optional.of("/huts/räume.lehrgang"), "{\n\"a\": \"Hütte\"}\n"),
          new Entry.Edited("count 1 2", new TextChange(3, 1, "🥾\n\"")),
          new Entry.Edited("", new TextChange(0, 0, "")),
          new Entry.Undone(),
          new Entry.Resumed(Optional.of("a"), "{}", "{ }"),
          new Entry.Resumed(Optional.empty(), "", ""),
          new Entry.Redone(),
          new Entry.Paused(),
          new Entry.Saved("C:\\huts\\a.lehrgang"),
          new Entry.Opened(Optional.empty(), ""),
          new Entry.Closed());

  @TempDir private Path folder;

  private Path onlyFile() throws IOException {
    try (var files = Files.list(folder)) {
      return files.findFirst().orElseThrow();
    }
  }

  private JournalFolder written() throws IOException {
    JournalFolder journals = new JournalFolder(folder);
    try (Journal journal = journals.begin()) {
      for (Entry entry : ALL) {
        journal.add(entry);
      }
    }
    return journals;
  }

  @Test
  void everyEntryIsReadAsItWasWritten() throws IOException {
    JournalFolder journals = written();
    Journal left = journals.left().getFirst();
    assertThat(left.entries()).containsExactlyElementsOf(ALL);
    left.drop();
    assertThat(folder).isEmptyDirectory();
  }

  /// Wherever a kill cuts the last line, all before it is there, and more can be added.
  @Test
  void aLineThatWasCutOffCostsOnlyItself() throws IOException {
    JournalFolder journals = written();
    byte[] whole = Files.readAllBytes(onlyFile());
    int lastLine = new String(whole, StandardCharsets.UTF_8).lastIndexOf("{\"did");
    int bytes =
        new String(whole, StandardCharsets.UTF_8)
            .substring(0, lastLine)
            .getBytes(StandardCharsets.UTF_8)
            .length;
    for (int end = bytes; end < whole.length; end++) {
      Files.write(onlyFile(), Arrays.copyOf(whole, end));
      Journal left = journals.left().getFirst();
      assertThat(left.entries()).containsExactlyElementsOf(ALL.subList(0, ALL.size() - 1));
      left.add(new Entry.Undone());
      assertThat(left.entries().getLast()).isEqualTo(new Entry.Undone());
      left.close();
    }
  }

  @Test
  void aJournalInUseIsNobodyElses() throws IOException {
    JournalFolder journals = new JournalFolder(folder);
    try (Journal mine = journals.begin()) {
      mine.add(new Entry.Undone());
      assertThat(journals.left()).isEmpty();
    }
    assertThat(journals.left()).hasSize(1);
  }

  @Test
  void whereNothingWasWrittenNothingIsLeft() throws IOException {
    assertThat(new JournalFolder(folder.resolve("not there")).left()).isEmpty();
    Files.writeString(folder.resolve("x.journal"), "no journal\n");
    assertThat(new JournalFolder(folder).left().getFirst().entries()).isEmpty();
  }

  @Property
  void aChangeLeadsFromOneTextToTheOther(@ForAll String before, @ForAll String after) {
    TextChange change = TextChange.between(before, after);
    assertThat(change.of(before)).isEqualTo(after);
    assertThat(TextChange.between(before, before)).isEqualTo(change(before.length(), before));
  }

  private static TextChange change(int length, String text) {
    boolean halved = length > 0 && Character.isHighSurrogate(text.charAt(length - 1));
    return halved
        ? new TextChange(length - 1, 1, text.substring(length - 1))
        : new TextChange(length, 0, "");
  }

  /// Of two signs that begin or end alike, the whole sign is put.
  @Property
  void noSignIsCutInTwo(@ForAll("hills") String before, @ForAll("hills") String after) {
    String put = TextChange.between(before, after).put();
    assertThat(put.codePoints()).allMatch(sign -> sign < 0xD800 || sign > 0xDFFF);
  }

  @Provide
  Arbitrary<String> hills() {
    return Arbitraries.of("🥾", "🥿", "🏔", "a", "b")
        .list()
        .ofMaxSize(6)
        .map(signs -> String.join("", signs));
  }
}
