package lehrgang.app;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Objects;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;

/// Text that comes in from a file or from standard input, or a sentence that says why it does not.
final class Input {
  private Input() {}

  /// @throws Complaint if standard input is closed, empty or not text in UTF-8
  static String standard() {
    byte[] bytes;
    try {
      if (Objects.equals(System.getProperty("lehrgang.input"), "closed")) {
        throw new IOException("closed before the start");
      }
      bytes = System.in.readAllBytes();
    } catch (IOException e) {
      throw new Complaint("Standard input is closed: pass a table to it, or name a file.");
    }
    if (bytes.length == 0) {
      throw new Complaint("Standard input is empty: pass a table to it, or name a file.");
    }
    return decoded(bytes, "Standard input");
  }

  /// @throws Complaint if the file cannot be read as text in UTF-8
  static String file(Path path) {
    try {
      return decoded(Files.readAllBytes(path), path.toString());
    } catch (NoSuchFileException e) {
      throw new Complaint("There is no file " + path + ": check the name and the folder.");
    } catch (IOException e) {
      throw new Complaint(path + " cannot be read: check that it is a file you may read.");
    }
  }

  private static String decoded(byte[] bytes, String name) {
    try {
      return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
    } catch (CharacterCodingException e) {
      throw new Complaint(name + " is not text in UTF-8: save it as CSV in UTF-8 and try again.");
    }
  }

  /// @throws Complaint if the workbook cannot be read
  static String workbook(Path path) {
    try {
      return CaseSource.open(path).text();
    } catch (FileProblem e) {
      throw new Complaint(e.getMessage());
    }
  }
}
