package lehrgang.documents.solutionfile;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.Program;
import lehrgang.documents.file.WholeFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// A `.lehrgang` file: UTF-8 JSON, made to be read and diffed.
///
/// Fields that this version does not know survive a load and save. Saving writes aside, flushes and
/// renames, and keeps the version before as `NAME.lehrgang~`.
///
/// @param solution what the file holds
/// @param original as it was read, unknown fields included
public record SolutionFile(Solution solution, Original original) {
  private static final String WRITTEN_BY = "writtenBy";

  /// What was read.
  ///
  /// @param document all of it
  /// @param bound    what this version understood of it
  record Original(JsonNode document, JsonNode bound) {}

  /// A file that was never on disk.
  public static SolutionFile fresh(Solution solution) {
    return new SolutionFile(
        solution, new Original(Binding.JSON.createObjectNode(), Binding.JSON.createObjectNode()));
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
              TableForm.LAYERS,
              "",
              "",
              "",
              List.of("row 1", "row 2"),
              List.of("column 1", "column 2"),
              List.of("stratum 1", "stratum 2"),
              Collections.nCopies(4, List.of("", "")));
      case FREQUENCIES ->
          new TableEntry(
              TableForm.FREQUENCIES,
              "",
              "",
              procedure.categories(),
              List.of(TableEntry.OBSERVED),
              Collections.nCopies(procedure.categories().size(), List.of("")));
      case SHARES -> {
        int groups = procedure.groups();
        yield new TableEntry(
            TableForm.SHARES,
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
    return parse(WholeFile.read(path, ".lehrgang"), path.getFileName().toString());
  }

  /// @param name the file's name, for sentences
  /// @throws FileProblem if the text is not a solution
  public static SolutionFile parse(String text, String name) throws FileProblem {
    ObjectNode document = Document.read(text, name);
    SolutionForms forms = new SolutionForms(name);
    forms.checkFormat(document.path("format").asString(""));
    Solution read;
    try {
      read = forms.read(Binding.JSON.readValue(text, SolutionText.class));
    } catch (JacksonException e) {
      throw BindingProblem.of(e, name);
    }
    if (document.get("choices") instanceof ObjectNode choices) {
      OldOptions.renew(choices);
    }
    Solution counted = read.origin().map(read::withOrigin).orElse(read);
    return new SolutionFile(counted, new Original(document, tree(read)));
  }

  /// What a file lacks, or has in another form than the schema says, and what stands in its place:
  /// a sentence for each; none for a file that was never on disk.
  public List<String> assumed() {
    JsonNode document = original.document();
    List<String> assumed = new ArrayList<>();
    if (document.isEmpty()) {
      return assumed;
    }
    JsonNode choices = document.path("choices");
    if (!choices.isObject()) {
      assumed.add(assumed("choices", Phrase.of("solution.usual-choices")));
    } else if (choices.path("alpha").isMissingNode() || choices.path("alpha").isNull()) {
      assumed.add(assumed("alpha", Phrase.label(solution.choices().level())));
    }
    if (!document.path("language").isString()) {
      assumed.add(assumed("language", Phrase.label(solution.language().toLanguageTag())));
    }
    JsonNode students = document.path("students");
    boolean views = students.isObject() && students.values().stream().allMatch(JsonNode::isString);
    if (!views) {
      assumed.add(assumed("students", Phrase.of("solution.given-steps")));
    }
    return assumed;
  }

  private static String assumed(String field, Phrase instead) {
    return FileProblem.text(
        Phrase.of("solution.assumed").with("field", field).with("instead", instead));
  }

  /// The file's text. A solution that was changed says which version of the program wrote it; one
  /// that was not is the text that was read.
  public String text() {
    JsonNode now = tree(solution);
    JsonNode whole = Document.merged(original.document(), original.bound(), now);
    return JsonLayout.of(now.equals(original.bound()) ? whole : signed(whole));
  }

  private static JsonNode signed(JsonNode whole) {
    ObjectNode signed = Binding.JSON.createObjectNode();
    signed.set("format", whole.get("format"));
    signed.put(WRITTEN_BY, Program.NAME + " " + Program.version());
    whole.properties().stream()
        .filter(field -> !signed.has(field.getKey()))
        .forEach(field -> signed.set(field.getKey(), field.getValue()));
    return signed;
  }

  private static JsonNode tree(Solution solution) {
    return Binding.JSON.valueToTree(SolutionForms.of(solution));
  }

  /// Writes the file; the copy on disk is only ever a whole one.
  ///
  /// @return the file as it now stands on disk
  /// @throws FileProblem if the folder cannot be written to
  public SolutionFile save(Path path) throws FileProblem {
    WholeFile.save(path, text());
    return this;
  }

  /// The first solution of the demo course.
  public static SolutionFile demo() {
    return DemoCourse.open(DemoCourse.names().getFirst());
  }
}
