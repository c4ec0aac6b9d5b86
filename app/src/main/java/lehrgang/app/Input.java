package lehrgang.app;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Objects;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;

/// Text that comes in from a file or from standard input, or a sentence that says why it does not.
final class Input {
  private Input() {}

  /// @throws Complaint if standard input is closed, empty or no text
  static String standard() {
    byte[] bytes;
    try {
      if (Objects.equals(System.getProperty("lehrgang.input"), "closed")) {
        throw new IOException("closed before the start");
      }
      bytes = System.in.readAllBytes();
    } catch (IOException e) {
      throw new Complaint(Phrase.of("input.closed"));
    }
    if (bytes.length == 0) {
      throw new Complaint(Phrase.of("input.empty"));
    }
    return decoded(bytes, Messages.text("data.standard-input"));
  }

  /// @throws Complaint if the file cannot be read as text
  static String file(Path path) {
    try {
      return decoded(Files.readAllBytes(path), path.toString());
    } catch (NoSuchFileException e) {
      throw new Complaint(Phrase.of("input.missing").with("file", path.toString()));
    } catch (IOException e) {
      throw new Complaint(Phrase.of("input.unreadable").with("file", path.toString()));
    }
  }

  private static String decoded(byte[] bytes, String name) {
    try {
      return CaseFile.decoded(bytes);
    } catch (CharacterCodingException e) {
      throw new Complaint(Phrase.of("input.no-text").with("file", name));
    }
  }

  /// @throws Complaint if the workbook cannot be read
  static String workbook(Path path) {
    try {
      return CaseSource.open(path).text();
    } catch (FileProblem e) {
      throw Complaint.about(e);
    }
  }
}
