package lehrgang.app;

import java.io.PrintWriter;
import lehrgang.core.wording.Phrase;

/// What the program prints.
final class Output {
  private Output() {}

  /// Prints a text whole.
  ///
  /// @throws Failure if it could not be written to its end
  static void print(String text, PrintWriter out) {
    out.print(text);
    out.flush();
    if (out.checkError()) {
      throw new Failure(Phrase.of("output.broken"));
    }
  }
}
