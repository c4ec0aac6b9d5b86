package lehrgang.core.solution;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.cases.Origin;
import lehrgang.core.data.TableEntry;
import lehrgang.core.number.Format;
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
/// @param course    what the course settles in its own way
/// @param notes     the instructor's notes, by step id
/// @param marking   how answers to it are marked
public record Solution(
    Question question,
    Locale language,
    TableEntry table,
    String procedure,
    Choices choices,
    Map<String, StudentView> students,
    Map<String, String> wording,
    Optional<Origin> origin,
    SheetChoices sheet,
    Course course,
    Map<String, StepNotes> notes,
    MarkingRules marking) {
  /// A solution whose table was typed, with the usual sheet, in the usual words.
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
        SheetChoices.usual(),
        Course.usual(),
        Map.of(),
        MarkingRules.usual());
  }

  public Solution {
    students = Collections.unmodifiableMap(new LinkedHashMap<>(students));
    wording = Collections.unmodifiableMap(new LinkedHashMap<>(wording));
    notes = Collections.unmodifiableMap(new LinkedHashMap<>(notes));
  }

  /// What students get of a step; all of it where nothing was chosen.
  public StudentView studentView(String step) {
    return students.getOrDefault(step, StudentView.GIVEN);
  }

  /// What the instructor says at a step.
  public StepNotes notes(String step) {
    return notes.getOrDefault(step, StepNotes.none());
  }

  /// The sentences that are not the usual ones, by key: those of this solution go before those of
  /// the course.
  public Map<String, String> ownWords() {
    Map<String, String> own = new LinkedHashMap<>(course.wording());
    own.putAll(wording);
    return Collections.unmodifiableMap(own);
  }

  /// How numbers are written in its language.
  public NumberStyle numberStyle() {
    return language.getLanguage().equals("de") ? NumberStyle.COMMA : NumberStyle.POINT;
  }

  /// How its numbers are shown.
  public Format format() {
    return new Format(numberStyle(), choices.shownDecimals());
  }

  /// With another question.
  public Solution withQuestion(Question changed) {
    return new Solution(
        changed, language, table, procedure, choices, students, wording, origin, sheet, course,
        notes, marking);
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
        sheet,
        course,
        notes,
        marking);
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
        sheet,
        course,
        notes,
        marking);
  }

  /// With another procedure.
  ///
  /// @param changed its id
  public Solution withProcedure(String changed) {
    return new Solution(
        question, language, table, changed, choices, students, wording, origin, sheet, course,
        notes, marking);
  }

  /// With other choices.
  public Solution withChoices(Choices changed) {
    return new Solution(
        question, language, table, procedure, changed, students, wording, origin, sheet, course,
        notes, marking);
  }

  /// With another choice of what students get, by step.
  public Solution withStudentViews(Map<String, StudentView> changed) {
    return new Solution(
        question, language, table, procedure, choices, changed, wording, origin, sheet, course,
        notes, marking);
  }

  /// With another choice of what students get of one step.
  public Solution withStudentView(String step, StudentView view) {
    Map<String, StudentView> changed = new LinkedHashMap<>(students);
    changed.put(step, view);
    return withStudentViews(changed);
  }

  /// With a sentence of the instructor's own; a blank one sets it back.
  public Solution withWording(String key, String sentence) {
    return withWording(Course.reworded(wording, key, sentence));
  }

  /// With other sentences of the instructor's own.
  public Solution withWording(Map<String, String> changed) {
    return new Solution(
        question, language, table, procedure, choices, students, changed, origin, sheet, course,
        notes, marking);
  }

  /// Handed out in another way.
  public Solution withSheet(SheetChoices changed) {
    return new Solution(
        question, language, table, procedure, choices, students, wording, origin, changed, course,
        notes, marking);
  }

  /// In another course's way.
  public Solution withCourse(Course changed) {
    return new Solution(
        question, language, table, procedure, choices, students, wording, origin, sheet, changed,
        notes, marking);
  }

  /// With other notes at a step.
  public Solution withNotes(String step, StepNotes said) {
    Map<String, StepNotes> changed = new LinkedHashMap<>(notes);
    if (said.isEmpty()) {
      changed.remove(step);
    } else {
      changed.put(step, said);
    }
    return withNotes(changed);
  }

  /// With other notes.
  public Solution withNotes(Map<String, StepNotes> changed) {
    return new Solution(
        question, language, table, procedure, choices, students, wording, origin, sheet, course,
        changed, marking);
  }

  /// With other rules for marking.
  public Solution withMarking(MarkingRules changed) {
    return new Solution(
        question, language, table, procedure, choices, students, wording, origin, sheet, course,
        notes, changed);
  }
}
