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
import java.nio.file.attribute.PosixFilePermission;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import lehrgang.core.wording.Phrase;

/// Files that are read and written as a whole: what stands on the disk is never half of one.
public final class WholeFile {
  /// Editors on some systems put it at the head of a text.
  private static final String BYTE_ORDER_MARK = "\uFEFF";

  private static final Set<PosixFilePermission> WRITING =
      EnumSet.of(
          PosixFilePermission.OWNER_WRITE,
          PosixFilePermission.GROUP_WRITE,
          PosixFilePermission.OTHERS_WRITE);

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

  /// Writes a file aside, flushes it, and puts it in the place of the one that was there, with its
  /// permissions. What is no ordinary file, such as a device, is written to directly.
  ///
  /// @throws FileProblem if it could not be written to its end, or what is there is read-only; the
  ///     file that was there stays
  public static void write(Path path, byte[] content) throws FileProblem {
    write(path, content, false);
  }

  /// Writes a text in UTF-8, as [#write(Path, byte[])] does, and keeps the version before it as
  /// `NAME~`.
  ///
  /// @throws FileProblem if it could not be written to its end; the file that was there stays
  public static void save(Path path, String text) throws FileProblem {
    write(path, text.getBytes(StandardCharsets.UTF_8), true);
  }

  private static void write(Path path, byte[] content, boolean keepsBefore) throws FileProblem {
    checkPlace(path);
    try {
      if (Files.exists(path) && !Files.isRegularFile(path)) {
        try (OutputStream device = Files.newOutputStream(path)) {
          device.write(content);
        }
        return;
      }
      Path target = Files.exists(path) ? path.toRealPath() : path.toAbsolutePath();
      replace(target, content, keepsBefore);
    } catch (IOException e) {
      throw notWritten(path, reason(e));
    }
  }

  /// Whether a file can be put somewhere, as far as that can be known beforehand: what is not begun
  /// need not be taken back.
  ///
  /// @throws FileProblem if there is no such folder, or what is there is a folder or read-only
  public static void checkPlace(Path path) throws FileProblem {
    if (Files.isDirectory(path)) {
      throw new FileProblem(Phrase.of("file.is-folder").with("file", path.toString()));
    }
    Path folder = path.toAbsolutePath().getParent();
    if (folder == null || !Files.isDirectory(folder)) {
      throw notWritten(path, Phrase.of("file.reason.no-folder"));
    }
    if (Files.exists(path) ? isReadOnly(path) : !Files.isWritable(folder)) {
      throw notWritten(path, Phrase.of("file.reason.not-allowed"));
    }
  }

  /// Nobody may write to it, or the user may not. The system's administrator may always, and is
  /// asked to take the protection off first.
  private static boolean isReadOnly(Path path) {
    try {
      return !Files.isWritable(path)
          || Files.isRegularFile(path)
              && Collections.disjoint(Files.getPosixFilePermissions(path), WRITING);
    } catch (IOException | UnsupportedOperationException e) {
      return !Files.isWritable(path);
    }
  }

  private static FileProblem notWritten(Path path, Phrase reason) {
    return new FileProblem(
        Phrase.of("file.not-written").with("file", path.toString()).with("reason", reason));
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

  private static void replace(Path target, byte[] content, boolean keepsBefore) throws IOException {
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
        keepPermissions(target, aside);
        if (keepsBefore) {
          Files.copy(
              target,
              target.resolveSibling(target.getFileName() + "~"),
              StandardCopyOption.REPLACE_EXISTING);
        }
      }
      Files.move(
          aside, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(aside);
    }
  }

  private static void keepPermissions(Path from, Path to) throws IOException {
    try {
      Files.setPosixFilePermissions(to, Files.getPosixFilePermissions(from));
    } catch (UnsupportedOperationException e) {
      // Such a system passes on what a folder allows.
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
