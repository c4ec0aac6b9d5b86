package lehrgang.documents.solutionfile;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

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
