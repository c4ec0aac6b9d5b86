package lehrgang.app;

import java.io.Serial;

/// Work that failed though nothing was wrong with what was asked: one sentence, and exit code 1.
final class Failure extends RuntimeException {
  @Serial private static final long serialVersionUID = 1L;

  Failure(String sentence) {
    super(sentence);
  }
}
