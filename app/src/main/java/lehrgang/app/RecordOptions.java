package lehrgang.app;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableForm;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.wording.Wording;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Progress;
import lehrgang.documents.file.FileProblem;
import picocli.CommandLine.Option;

/// Raw records in place of a table: which columns are counted.
final class RecordOptions {
  private static final String STANDARD_INPUT = "-";

  @Option(
      names = "--cases",
      required = true,
      description = "The file holds records, one a line; count them.")
  private boolean cases;

  @Option(
      names = "--rows",
      paramLabel = "COLUMN",
      description = "With --cases: the column that gives the table's rows.")
  private String rows;

  @Option(
      names = "--columns",
      paramLabel = "COLUMN",
      description = "With --cases: the column that gives the table's columns.")
  private String columns;

  @Option(
      names = "--layers",
      paramLabel = "COLUMN",
      description = "With --cases and layers: the column whose categories are the layers.")
  private String layers;

  @Option(
      names = "--category",
      paramLabel = "COLUMN",
      description = "With --cases: the one column that is counted.")
  private String category;

  @Option(
      names = "--unite-spellings",
      description = "With --cases: take names that differ by case, spaces or accents as one.")
  private boolean unite;

  /// @throws Complaint if the file, or what was asked of it, makes no table
  Origin count(String data, Procedure procedure) {
    Recipe recipe = new Recipe(List.of(), count(procedure));
    try {
      if (!data.equals(STANDARD_INPUT)) {
        return count(CaseSource.open(Path.of(data)), recipe);
      }
      Path copy = Files.createTempFile("lehrgang", ".csv");
      try (InputStream in = System.in) {
        Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
        return count(CaseFile.detect(copy, "standard input"), recipe);
      } finally {
        Files.delete(copy);
      }
    } catch (FileProblem e) {
      throw new Complaint(e.getMessage());
    } catch (IOException e) {
      throw new Complaint("Standard input could not be read to its end: try a file.");
    }
  }

  private Recipe.Count count(Procedure procedure) {
    boolean one =
        procedure.forms().getFirst() == TableForm.FREQUENCIES
            || category != null && procedure.forms().contains(TableForm.FREQUENCIES);
    boolean shares = procedure.forms().getFirst() == TableForm.SHARES;
    if (shares && procedure.groups() < 2) {
      throw new Complaint(
          "%s takes its numbers as options; count records with two-proportions or goodness-of-fit."
              .formatted(procedure.id()));
    }
    if (one) {
      if (category == null || rows != null || columns != null || layers != null) {
        throw new Complaint(
            "%s counts one column of the records: give --category COLUMN and nothing else."
                .formatted(procedure.id()));
      }
      return Recipe.Count.one(category);
    }
    if (rows == null || columns == null || category != null) {
      throw new Complaint(
          "%s counts two columns of the records: give --rows COLUMN and --columns COLUMN, and no --category."
              .formatted(procedure.id()));
    }
    boolean layered = procedure.forms().contains(TableForm.LAYERS);
    if (layered == (layers == null)) {
      throw new Complaint(
          layered
              ? "layers counts two columns within a third: give --layers COLUMN too."
              : "%s has no layers: leave out --layers, or derive layers."
                  .formatted(procedure.id()));
    }
    if (layered) {
      return Recipe.Count.two(rows, columns).inLayersOf(layers);
    }
    Recipe.Form form =
        shares ? Recipe.Form.SHARES : procedure.paired() ? Recipe.Form.PAIRED : Recipe.Form.TWO;
    return new Recipe.Count(form, rows, columns);
  }

  private Origin count(CaseSource file, Recipe recipe) throws FileProblem {
    Origin counted = counted(file.count(recipe, Progress.NONE));
    return unite ? united(file, counted) : counted;
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
      case Checked.Bad<Origin>(var problems) ->
          throw new Complaint(Wording.english().text(problems.getFirst().sentence()));
    };
  }
}
