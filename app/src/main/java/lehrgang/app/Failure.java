package lehrgang.app;

import java.io.Serial;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;

/// Work that failed though nothing was wrong with what was asked: one sentence, and exit code 1.
final class Failure extends RuntimeException {
  @Serial private static final long serialVersionUID = 1L;

  /// @param sentence by its key in the bundle of this package
  Failure(Phrase sentence) {
    super(Messages.text(sentence));
  }

  /// A file that could not be written.
  Failure(FileProblem problem) {
    super(problem.getMessage(), problem);
  }
}
