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

  private static final List<String> ROOMS =
      List.of("core", "documents", "desktop", "app", "benchmarks", "tools");

  public static void main(String[] arguments) throws IOException {
    boolean fix = List.of(arguments).contains("--fix");
    List<String> wrong = new ArrayList<>();
    for (Path file : sources()) {
      String source = Files.readString(file);
      String formatted;
      try {
        formatted =
            new Formatter()
                .formatSourceAndFixImports(
                    RemoveUnusedImports.removeUnusedImports(wrapped(source)));
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

  /// Breaks doc comment lines that are too long; the formatter would turn their ends into plain
  /// comments.
  private static String wrapped(String source) {
    StringBuilder text = new StringBuilder();
    for (String line : source.split("\n", -1)) {
      String start = line.substring(0, Math.max(0, line.indexOf("///")));
      while (start.isBlank() && line.strip().startsWith("///") && line.length() > COLUMNS) {
        int space = line.lastIndexOf(' ', COLUMNS);
        text.append(line, 0, space).append('\n');
        line = start + "/// " + line.substring(space + 1);
      }
      text.append(line).append('\n');
    }
    return text.substring(0, text.length() - 1);
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
