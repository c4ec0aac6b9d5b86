import com.google.googlejavaformat.java.Formatter;
import com.google.googlejavaformat.java.RemoveUnusedImports;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// Checks that every Java file stands in the house format (`--check`), or puts it there (`--fix`).
///
/// Run by the build; by hand: `mvn -N validate -Dformat.goal=--fix`.
final class Format {
  private static final int COLUMNS = 100;

  /// Between two words, but not between the thousands of a number.
  private static final String UNGLUED = "(?<![0-9](?= [0-9]{3}\\b)) +";

  private static final List<String> ROOMS =
      List.of("core", "documents", "desktop", "app", "benchmarks", "tools");

  public static void main(String[] arguments) throws IOException {
    boolean fix = List.of(arguments).contains("--fix");
    List<String> wrong = new ArrayList<>();
    for (Path file : sources()) {
      String source = Files.readString(file);
      String formatted;
      try {
        formatted = formatted(formatted(source));
      } catch (Exception e) {
        wrong.add(file + " cannot be read as Java: " + e.getMessage());
        continue;
      }
      if (formatted.equals(source)) {
        continue;
      }
      if (fix) {
        Files.writeString(file, formatted);
      } else {
        wrong.add(file.toString());
      }
    }
    if (!wrong.isEmpty()) {
      System.err.println("Not in the house format; run mvn -N validate -Dformat.goal=--fix:");
      wrong.forEach(name -> System.err.println("  " + name));
      System.exit(1);
    }
  }

  /// Code that is indented anew may leave comments another room: a second time settles them.
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
