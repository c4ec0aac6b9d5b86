package lehrgang.documents.file;

import java.io.Serial;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import lehrgang.core.wording.ControlCharacters;
import lehrgang.core.wording.Excerpt;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// A file that cannot be read or written, with one sentence that says what, where and what to do.
public final class FileProblem extends Exception {
  @Serial private static final long serialVersionUID = 1L;

  private static final Wording WORDING =
      Wording.of("lehrgang.documents.file.problems", Locale.ENGLISH, FileProblem.class);

  /// Names of files can be as long as this.
  private static final int LONGEST_WHOLE = 300;

  private final transient Phrase sentence;

  /// @param sentence by its key in the bundle of this package
  public FileProblem(Phrase sentence) {
    this(sentence, null);
  }

  /// @param sentence by its key in the bundle of this package
  public FileProblem(Phrase sentence, Throwable cause) {
    super(WORDING.text(legible(sentence)), cause);
    this.sentence = legible(sentence);
  }

  /// What is said of a file that is no problem, from the same bundle.
  public static String text(Phrase sentence) {
    return WORDING.text(legible(sentence));
  }

  /// What is quoted from a file, whatever it is, is short and stands on one line.
  private static Phrase legible(Phrase sentence) {
    Map<String, Phrase.Filling> fillings = new HashMap<>();
    sentence
        .fillings()
        .forEach(
            (gap, filling) ->
                fillings.put(
                    gap,
                    filling instanceof Phrase.Words(var text)
                        ? new Phrase.Words(legible(text))
                        : filling));
    return new Phrase(sentence.key(), fillings);
  }

  private static String legible(String text) {
    return text.length() > LONGEST_WHOLE ? Excerpt.of(text) : ControlCharacters.visible(text);
  }

  /// What [#getMessage] says, to be said in other words.
  public Phrase sentence() {
    return sentence;
  }
}
