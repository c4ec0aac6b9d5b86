package lehrgang.app;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.data.TableEntry;
import lehrgang.core.solution.Noun;
import lehrgang.core.solution.Story;
import lehrgang.core.solution.StudyDesign;
import lehrgang.core.wording.Phrase;
import picocli.CommandLine.Option;

/// The story behind a table, as it is told on the command line.
final class StoryOptions {
  @Option(names = "--unit", paramLabel = "NOUN", descriptionKey = "help.story.unit")
  private String unit = "";

  @Option(names = "--row-noun", paramLabel = "NOUN", descriptionKey = "help.story.row-noun")
  private String rows = "";

  @Option(names = "--column-noun", paramLabel = "NOUN", descriptionKey = "help.story.column-noun")
  private String columns = "";

  @Option(names = "--stratum-noun", paramLabel = "NOUN", descriptionKey = "help.story.stratum-noun")
  private String strata = "";

  @Option(
      names = "--success-clause",
      paramLabel = "CLAUSE",
      descriptionKey = "help.story.success-clause")
  private String success = "";

  @Option(names = "--group", paramLabel = "LABEL=PHRASE", descriptionKey = "help.story.group")
  private Map<String, String> groups = Map.of();

  @Option(names = "--asked", paramLabel = "LABEL", descriptionKey = "help.story.asked")
  private String asked = "";

  @Option(names = "--design", paramLabel = "DESIGN", descriptionKey = "help.story.design")
  private String design = "";

  @Option(names = "--dependence", paramLabel = "SENTENCE", descriptionKey = "help.story.dependence")
  private String dependence = "";

  /// The story that was told.
  ///
  /// @param table whose labels it names
  /// @throws Complaint if it names a label that the table does not have, or no design
  Story of(TableEntry table) {
    Set<String> categories = new LinkedHashSet<>(table.rows());
    Set<String> spoken = new LinkedHashSet<>();
    if (table.form().namesItsColumns()) {
      categories.addAll(table.columns());
      spoken.addAll(table.columns());
      spoken.addAll(List.of(table.rowVariable(), table.columnVariable()));
    } else {
      spoken.addAll(table.rows());
    }
    if (!asked.isEmpty()) {
      checkLabel("--asked", asked, categories);
    }
    groups.keySet().forEach(label -> checkLabel("--group", label, spoken));
    return new Story(
        Noun.read(unit),
        Noun.read(rows),
        Noun.read(columns),
        Noun.read(strata),
        success,
        groups,
        asked,
        design(),
        dependence);
  }

  private static void checkLabel(String option, String label, Set<String> labels) {
    if (!labels.contains(label)) {
      throw wrong(option, label, labels.stream().filter(one -> !one.isBlank()).toList());
    }
  }

  private Optional<StudyDesign> design() {
    if (design.isEmpty()) {
      return Optional.empty();
    }
    List<String> keys = Arrays.stream(StudyDesign.values()).map(StudyDesign::key).toList();
    return Optional.of(
        StudyDesign.ofKey(design).orElseThrow(() -> wrong("--design", design, keys)));
  }

  private static Complaint wrong(String option, String value, List<String> choice) {
    return new Complaint(
        Phrase.of("wrong-value")
            .with("option", option)
            .with("value", value)
            .with("choice", Phrase.listed(choice, "list.or")));
  }
}
