package lehrgang.documents.file;

import java.io.Serial;

/// A file that cannot be read or written, with one sentence that says what, where and what to do.
public final class FileProblem extends Exception {
  @Serial private static final long serialVersionUID = 1L;

  public FileProblem(String sentence) {
    super(sentence);
  }

  public FileProblem(String sentence, Throwable cause) {
    super(sentence, cause);
  }
}
