package lehrgang.documents.cases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.FilterReader;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.Arrays;
import java.util.concurrent.atomic.AtomicLong;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/// A text that is read ahead is the text, wherever it ends and whatever goes wrong in it.
@Timeout(60)
class ReadAheadTest {
  private static String text(int length) {
    StringBuilder text = new StringBuilder();
    for (int k = 0; text.length() < length; k++) {
      text.append("Gorge path, 🥾 ").append(k).append('\n');
    }
    text.setLength(length);
    return text.toString();
  }

  /// A text without an end.
  private static final class Endless extends Reader {
    private final AtomicLong given = new AtomicLong();
    private volatile Thread reader;

    @Override
    public int read(char[] buffer, int offset, int length) {
      reader = Thread.currentThread();
      Arrays.fill(buffer, offset, offset + length, 'a');
      given.addAndGet(length);
      return length;
    }

    @Override
    public void close() {
      // Nothing is held.
    }
  }

  /// Reads as told and fails after so many signs.
  private static Reader failing(String text, RuntimeException wrong) {
    return new FilterReader(new StringReader(text)) {
      @Override
      public int read(char[] buffer, int offset, int length) throws IOException {
        int many = super.read(buffer, offset, Math.min(length, 1000));
        if (many < 0) {
          if (wrong != null) {
            throw wrong;
          }
          throw new IOException("the disk is gone");
        }
        return many;
      }
    };
  }

  @Property(tries = 60)
  void whatIsReadIsWhatIsThere(
      @ForAll @IntRange(max = 400_000) int length, @ForAll @IntRange(min = 1, max = 9000) int at)
      throws IOException {
    String text = text(length);
    StringBuilder read = new StringBuilder();
    try (ReadAhead ahead = new ReadAhead(new StringReader(text))) {
      char[] buffer = new char[at];
      for (int many = ahead.read(buffer, 0, at); many >= 0; many = ahead.read(buffer, 0, at)) {
        read.append(buffer, 0, many);
      }
      assertThat(ahead.read()).as("the end stays the end").isEqualTo(-1);
      assertThat(ahead.read(buffer, 0, 0)).isZero();
    }
    assertThat(read.toString()).isEqualTo(text);
  }

  /// What came before is read, and what went wrong is told where it was.
  @Test
  void whatGoesWrongIsToldInItsPlace() {
    String text = text(100_000);
    StringWriter read = new StringWriter();
    assertThatThrownBy(
            () -> {
              try (ReadAhead ahead = new ReadAhead(failing(text, null))) {
                ahead.transferTo(read);
              }
            })
        .isInstanceOf(IOException.class)
        .hasMessage("the disk is gone");
    assertThat(text).startsWith(read.toString());
    assertThat(read.toString().length()).isGreaterThan(90_000);
  }

  @Test
  void whatIsUnexpectedIsToldToo() {
    assertThatThrownBy(
            () -> {
              try (ReadAhead ahead =
                  new ReadAhead(failing("a", new IllegalStateException("unexpected")))) {
                ahead.transferTo(new StringWriter());
              }
            })
        .isInstanceOf(IOException.class)
        .hasRootCauseMessage("unexpected");
  }

  /// Memory stays flat: no more than a few pieces are ahead, and nobody reads after the stop.
  @Test
  void itReadsAFewPiecesAheadAndStops() throws IOException {
    Endless endless = new Endless();
    ReadAhead ahead = new ReadAhead(endless);
    char[] buffer = new char[1000];
    for (int k = 0; k < 500; k++) {
      assertThat(ahead.read(buffer, 0, buffer.length)).isPositive();
    }
    assertThat(endless.given.get()).isLessThan(500_000 + 8 * (1 << 17));
    ahead.stop();
    long stopped = endless.given.get();
    ahead.stop();
    assertThat(endless.given.get()).isEqualTo(stopped);
    ahead.close();
  }

  /// Whoever looks at the first records only leaves no thread behind.
  @Test
  void noThreadStaysBehind() throws IOException {
    for (int k = 0; k < 20; k++) {
      Endless endless = new Endless();
      try (ReadAhead ahead = new ReadAhead(endless)) {
        assertThat(ahead.read()).isEqualTo('a');
      }
      assertThat(endless.reader).isNotSameAs(Thread.currentThread());
      assertThat(endless.reader.isAlive()).as("the thread that read ahead").isFalse();
    }
  }
}
