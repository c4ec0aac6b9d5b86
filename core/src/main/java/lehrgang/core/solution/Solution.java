package lehrgang.core.solution;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.cases.Origin;
import lehrgang.core.data.TableEntry;
import lehrgang.core.number.NumberStyle;

/// A worked solution as the instructor wrote it: all that is saved, and all that the page is made
/// from.
///
/// @param language  of the sentences and the decimal sign
/// @param procedure the id of the procedure
/// @param students  what students see of each step, by step id; a step that is missing is given
/// @param wording   the instructor's own sentences, by key
/// @param origin    the records that the table was counted from; empty for a table that was typed
/// @param sheet     how it is handed out
/// @param sheet     how it is handed out
public record Solution(
    Question question,
    Locale language,
    TableEntry table,
    String procedure,
    Choices choices,
    Map<String, StudentView> students,
    Map<String, String> wording,
    Optional<Origin> origin,
    SheetChoices sheet) {
  /// A solution whose table was typed, with the usual sheet.
  public Solution(
      Question question,
      Locale language,
      TableEntry table,
      String procedure,
      Choices choices,
      Map<String, StudentView> students,
      Map<String, String> wording) {
    this(
        question,
        language,
        table,
        procedure,
        choices,
        students,
        wording,
        Optional.empty(),
        SheetChoices.usual());
  }

  public Solution {
    students = Collections.unmodifiableMap(new LinkedHashMap<>(students));
    wording = Collections.unmodifiableMap(new LinkedHashMap<>(wording));
  }

  /// What students get of a step; all of it where nothing was chosen.
  public StudentView studentView(String step) {
    return students.getOrDefault(step, StudentView.GIVEN);
  }

  /// How numbers are written in its language.
  public NumberStyle numberStyle() {
    return language.getLanguage().equals("de") ? NumberStyle.COMMA : NumberStyle.POINT;
  }

  /// With another question.
  public Solution withQuestion(Question changed) {
    return new Solution(
        changed, language, table, procedure, choices, students, wording, origin, sheet);
  }

  /// With a table that was typed, or changed by hand: it no longer comes from records.
  public Solution withTable(TableEntry changed) {
    return new Solution(
        question,
        language,
        changed,
        procedure,
        choices,
        students,
        wording,
        Optional.empty(),
        sheet);
  }

  /// With a table counted from records.
  public Solution withOrigin(Origin counted) {
    return new Solution(
        question,
        language,
        counted.tally().table(),
        procedure,
        choices,
        students,
        wording,
        Optional.of(counted),
        sheet);
  }

  /// With another procedure.
  ///
  /// @param changed its id
  public Solution withProcedure(String changed) {
    return new Solution(
        question, language, table, changed, choices, students, wording, origin, sheet);
  }

  /// With other choices.
  public Solution withChoices(Choices changed) {
    return new Solution(
        question, language, table, procedure, changed, students, wording, origin, sheet);
  }

  /// With another choice of what students get, by step.
  public Solution withStudentViews(Map<String, StudentView> changed) {
    return new Solution(
        question, language, table, procedure, choices, changed, wording, origin, sheet);
  }

  /// With another choice of what students get of one step.
  public Solution withStudentView(String step, StudentView view) {
    Map<String, StudentView> changed = new LinkedHashMap<>(students);
    changed.put(step, view);
    return new Solution(
        question, language, table, procedure, choices, changed, wording, origin, sheet);
  }

  /// With a sentence of the instructor's own; a blank one sets it back.
  public Solution withWording(String key, String sentence) {
    Map<String, String> changed = new LinkedHashMap<>(wording);
    if (sentence.isBlank()) {
      changed.remove(key);
    } else {
      changed.put(key, sentence);
    }
    return new Solution(
        question, language, table, procedure, choices, students, changed, origin, sheet);
  }

  /// Handed out in another way.
  public Solution withSheet(SheetChoices changed) {
    return new Solution(
        question, language, table, procedure, choices, students, wording, origin, changed);
  }
}
