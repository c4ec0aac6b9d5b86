package lehrgang.documents.cases;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.io.Reader;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;

/// A text that another thread reads ahead, a few pieces and no more: while one core takes records
/// apart and counts them, another decodes what comes next.
final class ReadAhead extends Reader {
  private static final int PIECES = 4;
  private static final int PIECE = 1 << 17;

  /// Part of the text, its end, or what went wrong there.
  private record Piece(char[] signs, int length, Optional<IOException> wrong) {
    static final Piece END = new Piece(new char[0], -1, Optional.empty());
  }

  private final Reader in;
  private final BlockingQueue<Piece> ahead = new ArrayBlockingQueue<>(PIECES);
  private final Thread thread;
  private volatile boolean stopped;
  private Piece piece = new Piece(new char[0], 0, Optional.empty());
  private int at;

  /// @param in read by another thread from now on, until it ends or [#stop] is called
  ReadAhead(Reader in) {
    this.in = in;
    this.thread = Thread.ofPlatform().daemon().name("reads ahead").start(this::fill);
  }

  private void fill() {
    try {
      Piece next;
      do {
        next = take();
        ahead.put(next);
      } while (!stopped && next.length() >= 0 && next.wrong().isEmpty());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private Piece take() {
    char[] signs = new char[PIECE];
    int length = 0;
    try {
      while (length < signs.length) {
        int many = in.read(signs, length, signs.length - length);
        if (many < 0) {
          return length == 0 ? Piece.END : new Piece(signs, length, Optional.empty());
        }
        length += many;
      }
      return new Piece(signs, length, Optional.empty());
    } catch (IOException e) {
      return new Piece(signs, length, Optional.of(e));
    } catch (RuntimeException e) {
      return new Piece(signs, length, Optional.of(new IOException(e)));
    }
  }

  @Override
  public int read(char[] buffer, int offset, int length) throws IOException {
    if (length == 0) {
      return 0;
    }
    while (at >= piece.length()) {
      if (piece.length() < 0) {
        return -1;
      }
      if (piece.wrong().isPresent()) {
        throw piece.wrong().get();
      }
      piece = next();
      at = 0;
    }
    int many = Math.min(length, piece.length() - at);
    System.arraycopy(piece.signs(), at, buffer, offset, many);
    at += many;
    return many;
  }

  private Piece next() throws InterruptedIOException {
    try {
      return ahead.take();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new InterruptedIOException("reading was interrupted");
    }
  }

  /// Reads no further; what is beneath is the caller's again.
  void stop() {
    stopped = true;
    boolean interrupted = false;
    while (thread.isAlive()) {
      ahead.clear();
      try {
        thread.join(1);
      } catch (InterruptedException e) {
        interrupted = true;
      }
    }
    if (interrupted) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() throws IOException {
    stop();
    in.close();
  }
}
