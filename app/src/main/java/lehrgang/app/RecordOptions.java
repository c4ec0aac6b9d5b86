package lehrgang.app;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lehrgang.core.cases.Groupings;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.wording.Phrase;
import lehrgang.core.work.Progress;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;
import picocli.CommandLine.Option;

/// Raw records in place of a table: which columns are counted.
final class RecordOptions {
  private static final String STANDARD_INPUT = "-";

  @Option(names = "--cases", required = true, descriptionKey = "help.derive.cases")
  private boolean cases;

  @Option(names = "--rows", paramLabel = "COLUMN", descriptionKey = "help.derive.rows")
  private String rows;

  @Option(names = "--columns", paramLabel = "COLUMN", descriptionKey = "help.derive.columns")
  private String columns;

  @Option(names = "--layers", paramLabel = "COLUMN", descriptionKey = "help.derive.layers")
  private String layers;

  @Option(names = "--category", paramLabel = "COLUMN", descriptionKey = "help.derive.category")
  private String category;

  @Option(names = "--unite-spellings", descriptionKey = "help.derive.unite-spellings")
  private boolean unite;

  /// Records that were counted.
  ///
  /// @param notes what is to be said of how they were read
  record Counted(Origin origin, List<Phrase> notes) {}

  /// @throws Complaint if the file, or what was asked of it, makes no table
  Counted count(String data, Procedure procedure) {
    Recipe recipe = new Recipe(List.of(), count(procedure));
    try {
      if (!data.equals(STANDARD_INPUT)) {
        return count(CaseSource.open(Path.of(data)), recipe);
      }
      Path copy = Files.createTempFile("lehrgang", ".csv");
      try (InputStream in = System.in) {
        Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
        return count(CaseFile.detect(copy, Messages.text("input.name")), recipe);
      } finally {
        Files.delete(copy);
      }
    } catch (FileProblem e) {
      throw Complaint.about(e);
    } catch (IOException e) {
      throw new Complaint(Phrase.of("input.not-to-end"));
    }
  }

  private Recipe.Count count(Procedure procedure) {
    boolean one =
        procedure.forms().getFirst() == TableForm.FREQUENCIES
            || category != null && procedure.forms().contains(TableForm.FREQUENCIES);
    boolean shares = procedure.forms().getFirst() == TableForm.SHARES;
    if (shares && procedure.groups() < 2) {
      throw new Complaint(Phrase.of("records.as-options").with("procedure", procedure.id()));
    }
    if (one) {
      if (category == null || rows != null || columns != null || layers != null) {
        throw new Complaint(Phrase.of("records.one-column").with("procedure", procedure.id()));
      }
      return Recipe.Count.one(category);
    }
    if (rows == null || columns == null || category != null) {
      throw new Complaint(Phrase.of("records.two-columns").with("procedure", procedure.id()));
    }
    boolean layered = procedure.forms().contains(TableForm.LAYERS);
    if (layered == (layers == null)) {
      throw new Complaint(
          Phrase.of(layered ? "records.needs-layers" : "records.no-layers")
              .with("procedure", procedure.id()));
    }
    if (layered) {
      return Recipe.Count.two(rows, columns).inLayersOf(layers);
    }
    Recipe.Form form =
        shares ? Recipe.Form.SHARES : procedure.paired() ? Recipe.Form.PAIRED : Recipe.Form.TWO;
    return new Recipe.Count(form, rows, columns);
  }

  private Counted count(CaseSource file, Recipe recipe) throws FileProblem {
    Origin counted = counted(file.count(recipe, Progress.NONE));
    List<Phrase> notes = new ArrayList<>(file.notes());
    notes.addAll(likeMissing(counted.tally().table()));
    return new Counted(unite ? united(file, counted) : counted, notes);
  }

  /// Categories that look as if nothing was recorded.
  private static List<Phrase> likeMissing(TableEntry table) {
    return Stream.of(
            table.rows(),
            table.form().namesItsColumns() ? table.columns() : List.<String>of(),
            table.layers())
        .flatMap(List::stream)
        .filter(label -> !Groupings.likeMissing(Map.of(label, 1L)).isEmpty())
        .distinct()
        .map(label -> Phrase.of("cases.like-missing").with("value", label))
        .toList();
  }

  /// With steps that take spellings as one, where there are any to unite.
  private static Origin united(CaseSource file, Origin counted) throws FileProblem {
    Recipe recipe = counted.recipe();
    for (var found : counted.spellings().entrySet()) {
      recipe = recipe.withStep(new RecipeStep.Rename(found.getKey(), found.getValue()));
    }
    return recipe.equals(counted.recipe()) ? counted : counted(file.count(recipe, Progress.NONE));
  }

  private static Origin counted(Checked<Origin> counted) {
    return switch (counted) {
      case Checked.Good<Origin>(var origin) -> origin;
      case Checked.Bad<Origin>(var problems) -> throw Complaint.about(problems.getFirst());
    };
  }
}
