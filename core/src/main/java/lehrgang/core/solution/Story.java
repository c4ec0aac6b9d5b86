package lehrgang.core.solution;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/// The story behind a table: the words by which sentences speak of what was observed, and how it
/// was collected. Each part may be missing; sentences then quote the labels of the table.
///
/// Clauses and phrases are kept without line breaks and without a full stop at their end, since
/// they stand inside sentences.
///
/// @param unit       what was observed, such as *walker*
/// @param rows       what the rows tell apart, such as *route*; for frequencies, the categories
/// @param columns    what the columns tell apart
/// @param strata     what the strata tell apart
/// @param success    a success as a clause after the unit, such as *who finished before dark*; of
///     the first row's category in a table of counts
/// @param groups     how groups stand in a sentence, by their label, such as *with a map*
/// @param asked      the label of the category that the question is about
/// @param design     of the study
/// @param dependence a sentence about what might make observations depend on each other
public record Story(
    Optional<Noun> unit,
    Optional<Noun> rows,
    Optional<Noun> columns,
    Optional<Noun> strata,
    String success,
    Map<String, String> groups,
    String asked,
    Optional<StudyDesign> design,
    String dependence) {
  private static final Story NONE =
      new Story(
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          "",
          Map.of(),
          "",
          Optional.empty(),
          "");

  public Story {
    success = clause(success);
    Map<String, String> spoken = new LinkedHashMap<>();
    groups.forEach(
        (label, phrase) -> {
          if (!clause(phrase).isEmpty()) {
            spoken.put(label, clause(phrase));
          }
        });
    groups = Collections.unmodifiableMap(spoken);
    dependence = oneLine(dependence);
  }

  /// Nothing told: sentences quote the labels.
  public static Story none() {
    return NONE;
  }

  /// Without line breaks and without space at either end.
  static String oneLine(String text) {
    return text.strip().replaceAll("\\s+", " ");
  }

  private static String clause(String text) {
    return oneLine(text).replaceAll("(?<!\\.)\\.$", "");
  }

  /// Whether nothing is told.
  public boolean isNone() {
    return equals(NONE);
  }

  /// How a group stands in a sentence; empty where that was not typed.
  public Optional<String> group(String label) {
    return Optional.ofNullable(groups.get(label));
  }

  /// With another unit.
  public Story withUnit(Optional<Noun> other) {
    return new Story(other, rows, columns, strata, success, groups, asked, design, dependence);
  }

  /// With another noun for what the rows tell apart.
  public Story withRows(Optional<Noun> other) {
    return new Story(unit, other, columns, strata, success, groups, asked, design, dependence);
  }

  /// With another noun for what the columns tell apart.
  public Story withColumns(Optional<Noun> other) {
    return new Story(unit, rows, other, strata, success, groups, asked, design, dependence);
  }

  /// With another noun for what the strata tell apart.
  public Story withStrata(Optional<Noun> other) {
    return new Story(unit, rows, columns, other, success, groups, asked, design, dependence);
  }

  /// With another clause for a success.
  public Story withSuccess(String clause) {
    return new Story(unit, rows, columns, strata, clause, groups, asked, design, dependence);
  }

  /// With another phrase for a group; a blank one takes it away.
  public Story withGroup(String label, String phrase) {
    Map<String, String> changed = new LinkedHashMap<>(groups);
    changed.put(label, phrase);
    return new Story(unit, rows, columns, strata, success, changed, asked, design, dependence);
  }

  /// With another category asked about; a blank label for none.
  public Story withAsked(String label) {
    return new Story(unit, rows, columns, strata, success, groups, label, design, dependence);
  }

  /// With another design of the study.
  public Story withDesign(Optional<StudyDesign> other) {
    return new Story(unit, rows, columns, strata, success, groups, asked, other, dependence);
  }

  /// With another sentence about what might make observations depend on each other.
  public Story withDependence(String sentence) {
    return new Story(unit, rows, columns, strata, success, groups, asked, design, sentence);
  }
}
