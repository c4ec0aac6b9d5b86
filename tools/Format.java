import com.google.googlejavaformat.java.Formatter;
import com.google.googlejavaformat.java.RemoveUnusedImports;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.stream.Stream;

/// Checks that every Java file is in the house format (`--check`), or puts it there (`--fix`).
///
/// Files that were in the format at the last run, by their contents, are not read as Java again;
/// their digests are kept in the file that is named as the second argument.
///
/// Run by the build; by hand: `mvn -N validate -Dformat.goal=--fix`.
final class Format {
  private static final int COLUMNS = 100;

  /// Part of each digest: what was found with other rules says nothing.
  private static final String RULES =
      digest("", Path.of("tools", "Format.java"))
          + Formatter.class.getProtectionDomain().getCodeSource().getLocation();

  /// Between two words, but not between the thousands of a number.
  private static final String UNGLUED = "(?<![0-9](?= [0-9]{3}\\b)) +";

  private static final List<String> ROOMS =
      List.of("core", "documents", "desktop", "app", "benchmarks", "tools");

  public static void main(String[] arguments) throws IOException {
    boolean fix = List.of(arguments).contains("--fix");
    Path index = Path.of(arguments[1]);
    Set<String> known = Files.exists(index) ? Set.copyOf(Files.readAllLines(index)) : Set.of();
    Map<Path, String> digests = new ConcurrentSkipListMap<>();
    Map<Path, String> wrong = new ConcurrentSkipListMap<>();
    sources().parallelStream()
        .forEach(
            file -> {
              Optional<String> complaint =
                  known.contains(digest(RULES, file)) ? Optional.empty() : complaint(file, fix);
              complaint.ifPresentOrElse(
                  what -> wrong.put(file, what), () -> digests.put(file, digest(RULES, file)));
            });
    Files.createDirectories(index.toAbsolutePath().getParent());
    Files.write(index, digests.values());
    if (!wrong.isEmpty()) {
      System.err.println("Not in the house format; run mvn -N validate -Dformat.goal=--fix:");
      wrong.forEach((file, what) -> System.err.println("  " + file + what));
      System.exit(1);
    }
  }

  private static Optional<String> complaint(Path file, boolean fix) {
    try {
      String source = Files.readString(file);
      String formatted = formatted(source);
      if (formatted.equals(source)) {
        return Optional.empty();
      }
      if (!fix) {
        return Optional.of("");
      }
      // Code that is indented anew may leave comments another room: a second time settles them.
      Files.writeString(file, formatted(formatted));
      return Optional.empty();
    } catch (Exception e) {
      return Optional.of(" cannot be read as Java: " + e.getMessage());
    }
  }

  private static String digest(String rules, Path file) {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      digest.update(rules.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest.digest(Files.readAllBytes(file)));
    } catch (IOException | NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String formatted(String source) throws Exception {
    return new Formatter()
        .formatSourceAndFixImports(RemoveUnusedImports.removeUnusedImports(filled(source)));
  }

  /// Fills the lines of doc comments; the formatter leaves them as they are, and turns the ends of
  /// those that are too long into plain comments.
  private static String filled(String source) {
    List<String> text = new ArrayList<>();
    List<String> comment = new ArrayList<>();
    for (String line : source.split("\n", -1)) {
      boolean belongs = line.strip().startsWith("///");
      if (!belongs || !comment.isEmpty() && !start(line).equals(start(comment.getFirst()))) {
        text.addAll(filledComment(comment));
        comment.clear();
      }
      (belongs ? comment : text).add(line);
    }
    text.addAll(filledComment(comment));
    return String.join("\n", text);
  }

  /// What stands before the slashes.
  private static String start(String line) {
    return line.substring(0, line.indexOf("///"));
  }

  private static List<String> filledComment(List<String> lines) {
    List<String> filled = new ArrayList<>();
    List<String> paragraph = new ArrayList<>();
    boolean code = false;
    for (String line : lines) {
      String words = line.strip().substring(3).replaceFirst("^ ", "");
      boolean fence = words.startsWith("```");
      boolean alone = code || fence || words.isBlank() || words.matches("(\\|| {4}|#).*");
      boolean begins = words.matches("(@|[-*] |\\d+[.] ).*");
      if (!paragraph.isEmpty() && (alone && !isContinued(paragraph, words) || begins)) {
        filled.addAll(filledParagraph(start(line), paragraph));
        paragraph.clear();
      }
      if (alone && paragraph.isEmpty()) {
        filled.add(line);
      } else {
        paragraph.add(words);
      }
      code ^= fence;
    }
    if (!paragraph.isEmpty()) {
      filled.addAll(filledParagraph(start(lines.getFirst()), paragraph));
    }
    return filled;
  }

  /// The lines of a tag after its first are indented.
  private static boolean isContinued(List<String> paragraph, String words) {
    return paragraph.getFirst().startsWith("@") && words.startsWith("    ");
  }

  private static List<String> filledParagraph(String start, List<String> paragraph) {
    String first = paragraph.getFirst();
    // What is before the words of a tag may be padded so that several tags stand in columns.
    String head = first.replaceFirst("^(@param +\\S+ +|@\\S+ +|[-*] |\\d+[.] |).*$", "$1");
    String indent = first.startsWith("@") ? "    " : " ".repeat(head.length());
    String words = String.join(" ", paragraph).substring(head.length()).strip();
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder(start + "/// " + head);
    boolean fresh = true;
    for (String word : words.split(UNGLUED)) {
      if (!fresh && line.length() + 1 + word.length() > COLUMNS) {
        lines.add(line.toString());
        line = new StringBuilder(start + "/// " + indent);
        fresh = true;
      }
      line.append(fresh ? "" : " ").append(word);
      fresh = false;
    }
    lines.add(line.toString());
    return lines;
  }

  private static List<Path> sources() throws IOException {
    List<Path> found = new ArrayList<>();
    for (String room : ROOMS) {
      Path folder = Path.of(room);
      if (Files.isDirectory(folder)) {
        try (Stream<Path> files = Files.walk(folder)) {
          files
              .filter(f -> f.toString().endsWith(".java") && !f.toString().contains("target"))
              .sorted()
              .forEach(found::add);
        }
      }
    }
    return found;
  }
}
