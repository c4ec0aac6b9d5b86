package lehrgang.documents.file;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import lehrgang.core.wording.Phrase;

/// Files that are read and written as a whole: what stands on the disk is never half of one.
public final class WholeFile {
  /// Editors on some systems put it at the head of a text.
  private static final String BYTE_ORDER_MARK = "\uFEFF";

  /// By parts of what Linux, Windows and macOS say.
  private static final Map<List<String>, String> SAID =
      Map.of(
          List.of("no space left", "not enough space", "quota exceeded"), "file.reason.full",
          List.of("file name too long", "filename or extension is too long"),
              "file.reason.too-long",
          List.of("read-only", "write protected"), "file.reason.read-only",
          List.of(
                  "stale",
                  "not connected",
                  "host is down",
                  "network",
                  "input/output error",
                  "timed out",
                  "no such device"),
              "file.reason.out-of-reach");

  private WholeFile() {}

  /// Reads a text in UTF-8, with or without a byte-order mark.
  ///
  /// @param ending of files that are what it should be, for sentences
  /// @throws FileProblem if it is missing, may not be read, or is no text in UTF-8
  public static String read(Path path, String ending) throws FileProblem {
    try {
      return withoutMark(Files.readString(path, StandardCharsets.UTF_8));
    } catch (NoSuchFileException e) {
      throw new FileProblem(Phrase.of("file.missing").with("file", path.toString()), e);
    } catch (AccessDeniedException e) {
      throw new FileProblem(Phrase.of("file.not-allowed").with("file", path.toString()), e);
    } catch (IOException e) {
      throw new FileProblem(
          Phrase.of("file.no-text").with("file", path.toString()).with("ending", ending), e);
    }
  }

  static String withoutMark(String text) {
    return text.startsWith(BYTE_ORDER_MARK) ? text.substring(BYTE_ORDER_MARK.length()) : text;
  }

  /// Writes a text in UTF-8, as [#write(Path, byte[])] does.
  ///
  /// @throws FileProblem if it could not be written to its end
  public static void write(Path path, String text) throws FileProblem {
    write(path, text.getBytes(StandardCharsets.UTF_8));
  }

  /// Writes a file aside, flushes it, keeps the version before it as `NAME~` and takes its place.
  /// What is no ordinary file, such as a device, is written to directly and has no version before.
  ///
  /// @throws FileProblem if it could not be written to its end; the file that was there stays
  public static void write(Path path, byte[] content) throws FileProblem {
    try {
      if (Files.isDirectory(path)) {
        throw new FileProblem(Phrase.of("file.is-folder").with("file", path.toString()));
      }
      if (Files.exists(path) && !Files.isRegularFile(path)) {
        try (OutputStream device = Files.newOutputStream(path)) {
          device.write(content);
        }
        return;
      }
      replace(Files.exists(path) ? path.toRealPath() : path.toAbsolutePath(), content);
    } catch (IOException e) {
      throw new FileProblem(
          Phrase.of("file.not-written").with("file", path.toString()).with("reason", reason(e)), e);
    }
  }

  /// Keeps a file as it is under another name beside it, `NAME-2.ENDING` or the next that is free.
  ///
  /// @return where it is kept
  /// @throws FileProblem if it could not be kept
  public static Path copyBeside(Path path) throws FileProblem {
    String name = path.getFileName().toString();
    int point = name.lastIndexOf('.');
    String stem = point > 0 ? name.substring(0, point) : name;
    String ending = point > 0 ? name.substring(point) : "";
    for (int k = 2; ; k++) {
      Path aside = path.resolveSibling(stem + "-" + k + ending);
      try {
        return Files.copy(path, aside, StandardCopyOption.COPY_ATTRIBUTES);
      } catch (FileAlreadyExistsException e) {
        // The next name, then.
      } catch (IOException e) {
        throw new FileProblem(
            Phrase.of("file.not-written").with("file", aside.toString()).with("reason", reason(e)),
            e);
      }
    }
  }

  private static void replace(Path target, byte[] content) throws IOException {
    // Not a temporary file, which only its owner could read once it has taken its place.
    Path aside =
        Files.createFile(
            // Not made of the name, which may be as long as the system takes.
            target.resolveSibling("." + UUID.randomUUID() + ".part"));
    try {
      try (FileChannel channel = FileChannel.open(aside, StandardOpenOption.WRITE)) {
        ByteBuffer bytes = ByteBuffer.wrap(content);
        while (bytes.hasRemaining()) {
          channel.write(bytes);
        }
        channel.force(true);
      }
      if (Files.exists(target)) {
        Files.copy(
            target,
            target.resolveSibling(target.getFileName() + "~"),
            StandardCopyOption.REPLACE_EXISTING);
      }
      Files.move(
          aside, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(aside);
    }
  }

  /// Why something could not be written, as far as the system says so.
  static Phrase reason(IOException e) {
    return switch (e) {
      case NoSuchFileException _ -> Phrase.of("file.reason.no-folder");
      case AccessDeniedException _ -> Phrase.of("file.reason.not-allowed");
      case FileSystemException refused when refused.getReason() != null ->
          told(refused.getReason());
      default -> e.getMessage() == null ? Phrase.of("file.reason.refused") : told(e.getMessage());
    };
  }

  /// What systems say of it, in words that say what to do.
  private static Phrase told(String reason) {
    String small = reason.toLowerCase(Locale.ROOT);
    return SAID.entrySet().stream()
        .filter(known -> known.getKey().stream().anyMatch(small::contains))
        .findFirst()
        .map(known -> Phrase.of(known.getValue()))
        .orElseGet(() -> Phrase.of("file.reason.other").with("reason", reason));
  }
}
