package lehrgang.documents.file;

import java.io.Serial;
import java.util.Locale;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// A file that cannot be read or written, with one sentence that says what, where and what to do.
public final class FileProblem extends Exception {
  @Serial private static final long serialVersionUID = 1L;

  private static final Wording WORDING =
      Wording.of("lehrgang.documents.file.problems", Locale.ENGLISH, FileProblem.class);

  private final transient Phrase sentence;

  /// @param sentence by its key in the bundle of this package
  public FileProblem(Phrase sentence) {
    this(sentence, null);
  }

  /// @param sentence by its key in the bundle of this package
  public FileProblem(Phrase sentence, Throwable cause) {
    super(WORDING.text(sentence), cause);
    this.sentence = sentence;
  }

  /// What [#getMessage] says, to be said in other words.
  public Phrase sentence() {
    return sentence;
  }
}
