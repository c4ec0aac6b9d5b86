package lehrgang.documents.solutionfile;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbols;
import lehrgang.core.solution.Course;
import lehrgang.core.solution.StepNotes;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionText.CourseText;
import lehrgang.documents.solutionfile.SolutionText.NotesText;
import lehrgang.documents.solutionfile.SolutionText.StepsText;

/// Turns what files say of a course into the course's own way, and back.
final class CourseForms {
  private static final String TITLE = "step.";
  private static final String RULE_FIRST = "rule-first";
  private static final String AS_WORKED = "as-worked";

  private final String name;

  /// @param name the file's name, for sentences
  CourseForms(String name) {
    this.name = name;
  }

  Course read(CourseText text) throws FileProblem {
    return read(text.wording(), text.steps(), text.symbols());
  }

  /// @throws FileProblem if the order of the steps or a symbol is none
  Course read(Map<String, Object> wording, Optional<StepsText> steps, Map<String, Object> symbols)
      throws FileProblem {
    Map<String, String> words = new LinkedHashMap<>(new SolutionForms(name).words(wording));
    if (steps.isPresent()) {
      SolutionForms.texts(name, steps.get().titles(), step -> Wording.english().has(TITLE + step))
          .forEach((step, title) -> words.put(TITLE + step, title));
    }
    checkWords(words);
    Optional<Object> order = steps.flatMap(StepsText::order);
    return new Course(
        words, order.isPresent() ? order(order.get()) : new StepOrder.AsWorked(), symbols(symbols));
  }

  /// Refuses sentences that would take something off a page or leave a brace on it.
  ///
  /// @param words by key; keys that this version does not know are left alone
  /// @throws FileProblem if one is blank, or has a gap that nothing fills
  void checkWords(Map<String, String> words) throws FileProblem {
    Wording usual = Wording.english();
    for (Map.Entry<String, String> word : words.entrySet()) {
      if (!usual.has(word.getKey())) {
        continue;
      }
      if (word.getValue().isBlank() && !usual.usual(word.getKey()).isBlank()) {
        throw new FileProblem(
            Phrase.of("course.blank").with("file", name).with("key", word.getKey()));
      }
      Set<String> known = Wording.gaps(usual.usual(word.getKey()));
      Optional<String> unknown =
          Wording.gaps(word.getValue()).stream()
              .filter(gap -> !known.contains(gap) && !isLine(gap, usual))
              .sorted()
              .findFirst();
      if (unknown.isPresent()) {
        throw noGap(word.getKey(), unknown.get(), known);
      }
    }
  }

  /// A sentence may name a number of the solution, such as `{n}`, or a symbol, such as `{:df}`.
  private static boolean isLine(String gap, Wording usual) {
    String named = gap.replaceAll("^\\{|}$", "");
    return gap.startsWith("{:")
        || LineId.parse(named).filter(line -> usual.has("name." + line.name())).isPresent();
  }

  private FileProblem noGap(String key, String gap, Set<String> known) {
    Phrase sentence =
        Phrase.of(known.isEmpty() ? "course.no-gaps" : "course.gap")
            .with("file", name)
            .with("key", key)
            .with("gap", gap);
    return new FileProblem(
        known.isEmpty()
            ? sentence
            : sentence.with(
                "choice", Phrase.listed(known.stream().sorted().toList(), "list.comma")));
  }

  private StepOrder order(Object value) throws FileProblem {
    if (value instanceof List<?> ids && ids.stream().allMatch(String.class::isInstance)) {
      return new StepOrder.Own(ids.stream().map(String.class::cast).toList());
    }
    if (value.equals(RULE_FIRST)) {
      return new StepOrder.RuleFirst();
    }
    if (value.equals(AS_WORKED)) {
      return new StepOrder.AsWorked();
    }
    throw new FileProblem(
        Phrase.of("course.order")
            .with("file", name)
            .with("value", value.toString())
            .with("first", AS_WORKED)
            .with("second", RULE_FIRST));
  }

  private Symbols symbols(Map<String, Object> fields) throws FileProblem {
    Symbols symbols = Symbols.usual();
    for (Map.Entry<String, String> field :
        SolutionForms.texts(name, fields, key -> Symbols.Meaning.ofKey(key).isPresent())
            .entrySet()) {
      Optional<Symbols.Meaning> meaning = Symbols.Meaning.ofKey(field.getKey());
      if (meaning.isPresent()) {
        symbols =
            symbols.with(
                meaning.get(),
                meaning.get().ways().stream()
                    .filter(way -> way.key().equals(field.getValue()))
                    .findFirst()
                    .orElseThrow(() -> noSymbol(field.getKey(), field.getValue(), meaning.get())));
      }
    }
    return symbols;
  }

  private FileProblem noSymbol(String key, String value, Symbols.Meaning meaning) {
    return new FileProblem(
        Phrase.of("json.one-of")
            .with("file", name)
            .with("field", key)
            .with("value", value)
            .with(
                "choice",
                Phrase.listed(
                    meaning.ways().stream().map(Symbols.Written::key).toList(), "list.or")));
  }

  static Map<String, StepNotes> notes(Map<String, NotesText> fields) {
    Map<String, StepNotes> notes = new LinkedHashMap<>();
    fields.forEach(
        (step, text) ->
            notes.put(step, new StepNotes(text.note(), text.hint(), text.source(), text.toSay())));
    return notes;
  }

  static Map<String, NotesText> of(Map<String, StepNotes> notes) {
    Map<String, NotesText> fields = new LinkedHashMap<>();
    notes.forEach(
        (step, said) ->
            fields.put(step, new NotesText(said.note(), said.hint(), said.source(), said.toSay())));
    return fields;
  }

  static CourseText of(Course course) {
    return new CourseText(sentences(course), steps(course), symbols(course.symbols()));
  }

  /// The sentences of a course without the titles of its steps.
  static Map<String, Object> sentences(Course course) {
    Map<String, Object> sentences = new LinkedHashMap<>(course.wording());
    sentences.keySet().removeIf(key -> key.startsWith(TITLE));
    return sentences;
  }

  /// Order and titles of the steps; empty where both are the usual ones.
  static Optional<StepsText> steps(Course course) {
    Map<String, Object> titles = new LinkedHashMap<>();
    course
        .wording()
        .forEach(
            (key, title) -> {
              if (key.startsWith(TITLE)) {
                titles.put(key.substring(TITLE.length()), title);
              }
            });
    Optional<Object> order =
        switch (course.order()) {
          case StepOrder.AsWorked() -> Optional.empty();
          case StepOrder.RuleFirst() -> Optional.of(RULE_FIRST);
          case StepOrder.Own(var ids) -> Optional.of(ids);
        };
    return order.isEmpty() && titles.isEmpty()
        ? Optional.empty()
        : Optional.of(new StepsText(order, titles));
  }

  static Map<String, Object> symbols(Symbols symbols) {
    Map<String, Object> fields = new LinkedHashMap<>();
    symbols.chosen().forEach((meaning, written) -> fields.put(meaning.key(), written.key()));
    return fields;
  }
}
