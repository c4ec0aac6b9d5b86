package lehrgang.documents.solutionfile;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// A `.lehrgang` file: UTF-8 JSON, made to be read and diffed.
///
/// Fields that this version does not know survive a load and save. Saving writes aside, flushes and
/// renames, and keeps the version before as `NAME.lehrgang~`.
///
/// @param solution what the file holds
/// @param original the document as it was read, unknown fields included
public record SolutionFile(Solution solution, ObjectNode original) {
  static final JsonMapper JSON = JsonMapper.builder().build();

  /// A file that was never on disk.
  public static SolutionFile fresh(Solution solution) {
    return new SolutionFile(solution, JSON.createObjectNode());
  }

  /// A solution in which everything is still to be typed, for the usual procedure.
  public static SolutionFile blank() {
    return blank(Procedures.all().getFirst());
  }

  /// A solution in which everything is still to be typed.
  public static SolutionFile blank(Procedure procedure) {
    return fresh(
        new Solution(
            new Question("", "", ""),
            Locale.ENGLISH,
            emptyTable(procedure),
            procedure.id(),
            Choices.usual(),
            procedure.usualStudentViews(),
            Map.of()));
  }

  public SolutionFile with(Solution changed) {
    return new SolutionFile(changed, original);
  }

  private static TableEntry emptyTable(Procedure procedure) {
    return switch (procedure.forms().getFirst()) {
      case TWO_WAY ->
          new TableEntry(
              "",
              "",
              List.of("row 1", "row 2"),
              List.of("column 1", "column 2"),
              List.of(List.of("", ""), List.of("", "")));
      case LAYERS ->
          new TableEntry(
              TableEntry.Form.LAYERS,
              "",
              "",
              "",
              List.of("row 1", "row 2"),
              List.of("column 1", "column 2"),
              List.of("layer 1", "layer 2"),
              Collections.nCopies(4, List.of("", "")));
      case FREQUENCIES ->
          new TableEntry(
              TableEntry.Form.FREQUENCIES,
              "",
              "",
              List.of("category 1", "category 2", "category 3"),
              List.of(TableEntry.OBSERVED),
              List.of(List.of(""), List.of(""), List.of("")));
      case SHARES -> {
        int groups = procedure.groups();
        yield new TableEntry(
            TableEntry.Form.SHARES,
            "",
            "",
            IntStream.rangeClosed(1, groups).mapToObj(i -> "group " + i).toList(),
            List.of(TableEntry.SUCCESSES, TableEntry.TRIALS),
            Collections.nCopies(groups, List.of("", "")));
      }
    };
  }

  /// @throws FileProblem if the file is missing, damaged or of a newer kind
  public static SolutionFile load(Path path) throws FileProblem {
    try {
      return parse(Files.readString(path, StandardCharsets.UTF_8), path.getFileName().toString());
    } catch (NoSuchFileException e) {
      throw new FileProblem("There is no file " + path + ": check the name and the folder.", e);
    } catch (AccessDeniedException e) {
      throw new FileProblem("You may not read " + path + ": check its permissions.", e);
    } catch (IOException e) {
      throw new FileProblem(
          path + " cannot be read as text in UTF-8: check that it is a .lehrgang file.", e);
    }
  }

  /// @param name the file's name, for sentences
  /// @throws FileProblem if the text is not a solution
  public static SolutionFile parse(String text, String name) throws FileProblem {
    try {
      JsonNode node = JSON.readTree(text);
      if (!(node instanceof ObjectNode document)) {
        throw new FileProblem(name + " is not a solution: it holds no JSON object.");
      }
      return new SolutionFile(new SolutionReader(document, name).read(), document);
    } catch (JacksonException e) {
      TokenStreamLocation at = e.getLocation();
      String where =
          at == null ? "" : " in line " + at.getLineNr() + ", column " + at.getColumnNr();
      throw new FileProblem(
          name
              + " is damaged"
              + where
              + ": mend it there in a text editor, or open the version before it, "
              + name
              + "~.",
          e);
    }
  }

  /// The file's text.
  public String text() {
    ObjectNode document = original.deepCopy();
    SolutionWriter.into(document, solution);
    return JsonLayout.of(document);
  }

  /// Writes the file; the copy on disk is only ever a whole one.
  ///
  /// @return the file as it now stands on disk
  /// @throws FileProblem if the folder cannot be written to
  public SolutionFile save(Path path) throws FileProblem {
    try {
      writeAtomically(path, text());
      return this;
    } catch (IOException e) {
      throw new FileProblem(
          path + " could not be written (" + reason(e) + "); choose another folder.", e);
    }
  }

  /// Writes a text aside, flushes it, keeps the file before it and takes its place.
  public static void writeAtomically(Path path, String text) throws IOException {
    writeAtomically(path, text.getBytes(StandardCharsets.UTF_8));
  }

  /// Writes a file aside, flushes it, keeps the file before it and takes its place.
  public static void writeAtomically(Path path, byte[] content) throws IOException {
    Path target = path.toAbsolutePath();
    // Not a temporary file, which only its owner could read once it has taken its place.
    Path aside =
        Files.createFile(
            target.resolveSibling("." + target.getFileName() + "." + UUID.randomUUID() + ".part"));
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

  private static String reason(IOException e) {
    return switch (e) {
      case NoSuchFileException _ -> "the folder does not exist";
      case AccessDeniedException _ -> "it may not be written to";
      default -> e.getMessage() == null ? "the disk refused" : e.getMessage();
    };
  }

  /// The first solution of the demo course.
  public static SolutionFile demo() {
    return DemoCourse.open(DemoCourse.names().getFirst());
  }
}
