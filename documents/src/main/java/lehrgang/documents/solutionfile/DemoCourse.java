package lehrgang.documents.solutionfile;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Objects;

/// The worked solutions that ship with the program: one for each procedure and story, all about the
/// Falkenried nature reserve.
public final class DemoCourse {
  private static final List<String> NAMES =
      List.of(
          "route-and-season",
          "party-size-by-gate",
          "bunk-rooms",
          "planting-plan",
          "deer-gate",
          "map-and-dark",
          "repainted-waymarks",
          "nest-boxes",
          "orchid-meadows",
          "register-and-weekend",
          "hut-and-stay",
          "register-route-and-map",
          "register-age-and-route",
          "register-weekdays");

  private DemoCourse() {}

  /// The names of its solutions, in the order of a course.
  public static List<String> names() {
    return NAMES;
  }

  /// Writes the records that the course counts, as they came.
  ///
  /// @return the file
  /// @throws IOException if the folder cannot be written to
  public static Path register(Path folder) throws IOException {
    Path file = folder.resolve("register.csv");
    try (var in = DemoCourse.class.getResourceAsStream("/lehrgang/documents/demo/register.csv")) {
      Files.copy(Objects.requireNonNull(in), file, StandardCopyOption.REPLACE_EXISTING);
    }
    return file;
  }

  /// @throws IllegalArgumentException if there is no solution of this name
  public static SolutionFile open(String name) {
    String file = name + ".lehrgang";
    try (var in = DemoCourse.class.getResourceAsStream("/lehrgang/documents/demo/" + file)) {
      if (in == null) {
        throw new IllegalArgumentException("no demo solution " + name);
      }
      return SolutionFile.parse(new String(in.readAllBytes(), StandardCharsets.UTF_8), file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (FileProblem e) {
      throw new IllegalStateException(e);
    }
  }
}
