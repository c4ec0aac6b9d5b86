package lehrgang.documents.cases;

import java.io.BufferedInputStream;
import java.io.FilterInputStream;
import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.PushbackReader;
import java.io.Reader;
import java.io.Serial;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HexFormat;
import java.util.zip.CRC32C;
import java.util.zip.CheckedInputStream;
import java.util.zip.Checksum;
import lehrgang.core.wording.ControlCharacters;

/// The text of a file of records, decoded ahead by another thread: how far it was read, its
/// checksum, and how it ends. It lets no control character through.
final class CaseText {
  private static final int BUFFER = 1 << 16;
  private static final char DELETE = '\u007f';
  private static final char LAST_CONTROL = '\u009f';

  private final long size;
  private final Checksum sum = new CRC32C();
  private final Counted counted;
  private final InputStream in;
  private final Ending end;
  private final ReadAhead ahead;

  /// @throws IOException if the file cannot be opened
  CaseText(Path path, Charset charset) throws IOException {
    size = Math.max(1, Files.size(path));
    counted = new Counted(Files.newInputStream(path));
    in = new CheckedInputStream(counted, sum);
    end = new Ending(decoded(new BufferedInputStream(in, BUFFER), charset));
    ahead = new ReadAhead(end);
  }

  private static Reader decoded(InputStream bytes, Charset charset) throws IOException {
    Reader text =
        new InputStreamReader(
            bytes,
            charset
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT));
    PushbackReader first = new PushbackReader(text, 1);
    int mark = first.read();
    if (mark >= 0 && mark != '\uFEFF') {
      first.unread(mark);
    }
    return first;
  }

  /// The text; who closes it closes the file.
  Reader reader() {
    return ahead;
  }

  /// Which share of the file was read, from 0 to 1.
  double share() {
    return (double) counted.bytes / size;
  }

  /// The last sign that was read, line ends apart; known at the end of the text.
  char lastSign() {
    return end.lastSign;
  }

  /// Of the whole file, whatever was read of it; no more text can be read after that.
  ///
  /// @throws IOException if it cannot be read to its end
  String checksum() throws IOException {
    ahead.stop();
    in.transferTo(OutputStream.nullOutputStream());
    return HexFormat.of().toHexDigits(sum.getValue(), 8) + "-" + counted.bytes;
  }

  /// A control character stands among the records.
  static final class Steering extends IOException {
    @Serial private static final long serialVersionUID = 1L;

    private final long line;

    private Steering(long line, int character) {
      super(ControlCharacters.name(character));
      this.line = line;
    }

    /// In which line, from 1.
    long line() {
      return line;
    }
  }

  /// Keeps the last sign that was read, line ends apart, and lets no control character through.
  private static final class Ending extends FilterReader {
    private char lastSign;
    private long line = 1;

    Ending(Reader in) {
      super(in);
    }

    @Override
    public int read(char[] buffer, int offset, int length) throws IOException {
      int many = super.read(buffer, offset, length);
      for (int i = 0; i < many; i++) {
        char sign = buffer[offset + i];
        if (sign == '\n') {
          line++;
        } else if ((sign < ' ' || sign >= DELETE && sign <= LAST_CONTROL)
            && ControlCharacters.isControl(sign)) {
          throw new Steering(line, sign);
        }
      }
      for (int i = many - 1; i >= 0; i--) {
        char sign = buffer[offset + i];
        if (sign != '\n' && sign != '\r') {
          lastSign = sign;
          break;
        }
      }
      return many;
    }
  }

  private static final class Counted extends FilterInputStream {
    /// Grows while another thread reads ahead.
    private volatile long bytes;

    Counted(InputStream in) {
      super(in);
    }

    @Override
    public int read() throws IOException {
      int one = super.read();
      grow(one < 0 ? 0 : 1);
      return one;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
      int many = super.read(buffer, offset, length);
      grow(Math.max(0, many));
      return many;
    }

    /// One thread reads at a time.
    private void grow(int by) {
      long now = bytes;
      bytes = now + by;
    }
  }
}
