package lehrgang.benchmarks;

import java.io.IOException;
import java.nio.file.Path;
import lehrgang.documents.file.FileProblem;

/// One input after the other, made up by the fuzzer, for what is named by the property
/// `lehrgang.fuzz`; files go into the folder named by `lehrgang.fuzz.folder`.
public final class FuzzTarget {
  private static final Reading READING =
      Readable.ofKey(System.getProperty("lehrgang.fuzz")).orElseThrow().reading();
  private static final Path FOLDER = Path.of(System.getProperty("lehrgang.fuzz.folder"));

  private FuzzTarget() {}

  /// What is right is read before the time is taken: a first reading loads most of the program.
  ///
  /// @throws IOException if a file could not be written
  public static void fuzzerInitialize() throws IOException {
    for (byte[] right : READING.seeds()) {
      try {
        READING.read(right, FOLDER);
      } catch (FileProblem e) {
        throw new IllegalStateException("what is right is not read: " + e.getMessage(), e);
      }
    }
  }

  /// @throws IOException if a file could not be written, which is no finding about the program
  public static void fuzzerTestOneInput(byte[] bytes) throws IOException {
    try {
      READING.read(bytes, FOLDER);
    } catch (FileProblem e) {
      Reading.sentence(e.getMessage());
    }
  }
}
