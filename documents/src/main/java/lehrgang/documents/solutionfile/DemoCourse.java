package lehrgang.documents.solutionfile;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import lehrgang.documents.file.FileProblem;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;

/// The worked solutions that ship with the program: one for each procedure and story, all about the
/// Falkenried nature reserve.
public final class DemoCourse {
  private static final List<String> NAMES =
      List.of(
          "route-and-season",
          "party-size-by-gate",
          "bunk-rooms",
          "planting-plan",
          "worn-waymarks",
          "deer-gate",
          "map-and-dark",
          "repainted-waymarks",
          "nest-boxes",
          "orchid-meadows",
          "register-and-weekend",
          "hut-and-stay",
          "register-route-and-map",
          "register-age-and-route",
          "register-map-by-season",
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
    return copy("register.csv", folder);
  }

  /// Writes the answers of a group to the first solution, as they came.
  ///
  /// @return the file
  /// @throws IOException if the folder cannot be written to
  public static Path answers(Path folder) throws IOException {
    return copy("group-17.csv", folder);
  }

  private static Path copy(String name, Path folder) throws IOException {
    Path file = folder.resolve(name);
    try (InputStream in = stream(name)) {
      Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
    }
    return file;
  }

  /// What a list says of a solution.
  public record Heading(String title, String procedure) {}

  /// Looks for what a list says and passes over the data, which may hold hundreds of records.
  ///
  /// @throws IllegalArgumentException if there is no solution of this name
  public static Heading heading(String name) {
    String title = "";
    String procedure = "";
    try (InputStream in = stream(name + ".lehrgang");
        JsonParser json = Binding.JSON.createParser(in)) {
      json.nextToken();
      while (json.nextToken() == JsonToken.PROPERTY_NAME) {
        String field = json.currentName();
        json.nextToken();
        if (field.equals("question")) {
          JsonNode question = json.readValueAsTree();
          title = question.path("title").asString("");
        } else if (field.equals("procedure")) {
          procedure = json.getString();
        } else {
          json.skipChildren();
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return new Heading(title, procedure);
  }

  private static InputStream stream(String file) {
    InputStream in = DemoCourse.class.getResourceAsStream("/lehrgang/documents/demo/" + file);
    if (in == null) {
      throw new IllegalArgumentException("no demo solution " + file);
    }
    return in;
  }

  /// @throws IllegalArgumentException if there is no solution of this name
  public static SolutionFile open(String name) {
    String file = name + ".lehrgang";
    try (InputStream in = stream(file)) {
      return SolutionFile.parse(new String(in.readAllBytes(), StandardCharsets.UTF_8), file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (FileProblem e) {
      throw new IllegalStateException(e);
    }
  }
}
