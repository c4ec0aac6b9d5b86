package lehrgang.documents.solutionfile;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import lehrgang.core.data.TableEntry;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Course;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionText.ChoicesText;
import lehrgang.documents.solutionfile.SolutionText.DataText;
import lehrgang.documents.solutionfile.SolutionText.SheetText;

/// Turns what a file has into a solution, and a solution into what its file is to have.
final class SolutionForms {
  static final String FORMAT = "lehrgang-solution/1";

  private static final String FORMAT_NAME = "lehrgang-solution/";
  private static final int VERSION = 1;

  /// More zeros than this are not written out.
  private static final int LONGEST_NUMBER = 100;

  private final String name;

  /// @param name the file's name, for sentences
  SolutionForms(String name) {
    this.name = name;
  }

  /// Refuses what is no solution, or one of a newer kind.
  void checkFormat(String format) throws FileProblem {
    if (!format.matches(FORMAT_NAME + "[0-9]{1,9}")) {
      throw new FileProblem(
          Phrase.of("solution.no-format").with("file", name).with("format", FORMAT));
    }
    if (Integer.parseInt(format.substring(FORMAT_NAME.length())) > VERSION) {
      throw new FileProblem(Phrase.of("solution.newer").with("file", name).with("format", format));
    }
  }

  /// @return the solution with the table as it stands in the file, also where it was counted
  /// @throws FileProblem if the parts do not fit each other
  Solution read(SolutionText text) throws FileProblem {
    DataText data =
        text.data()
            .orElseGet(
                () ->
                    new DataText(
                        Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty()));
    TableEntry table =
        new TableForms(name)
            .read(
                data.table()
                    .orElseThrow(
                        () -> new FileProblem(Phrase.of("solution.no-table").with("file", name))));
    Question question = new QuestionForms(name).read(text.question());
    if (Procedures.find(text.procedure()).isEmpty()) {
      throw new FileProblem(
          Phrase.of("solution.no-procedure").with("file", name).with("value", text.procedure()));
    }
    new CourseForms(name).checkWords(words(text.wording()));
    return new Solution(
        question,
        Locale.forLanguageTag(text.language().isEmpty() ? "en" : text.language()),
        table,
        text.procedure(),
        text.choices().isPresent()
            ? OldOptions.decided(choices(text.choices().get()), text.procedure())
            : Choices.usual(),
        students(text.students()),
        words(text.wording()),
        new OriginForms(name).read(data, table),
        text.sheet().map(SolutionForms::sheet).orElse(SheetChoices.usual()),
        text.course().isPresent()
            ? new CourseForms(name).read(text.course().get())
            : Course.usual(),
        CourseForms.notes(text.notes()),
        new MarkingForms(name).read(text.marking()));
  }

  static SheetChoices sheet(SheetText text) {
    SheetChoices usual = SheetChoices.usual();
    return new SheetChoices(
        text.course(),
        text.title(),
        text.due(),
        text.paper().orElse(usual.paper()),
        text.room().orElse(usual.room()),
        text.with().map(Set::copyOf).orElse(usual.with()),
        new SheetChoices.HandedOut(
            text.audience().orElse(usual.last().audience()),
            text.form().orElse(usual.last().form())));
  }

  /// What was typed, where a text or a number stands in the file.
  static Optional<String> typed(Object value) {
    return switch (value) {
      case BigDecimal number when Math.abs((long) number.scale()) <= LONGEST_NUMBER ->
          Optional.of(number.toPlainString());
      case String text -> Optional.of(text);
      case Number number -> Optional.of(number.toString());
      case null, default -> Optional.empty();
    };
  }

  /// The texts and numbers of some fields, as texts. Whatever another version has put into other
  /// fields is left alone.
  ///
  /// @param known the fields that this version reads
  /// @throws FileProblem if one of them holds neither
  static Map<String, String> texts(String file, Map<String, Object> fields, Predicate<String> known)
      throws FileProblem {
    Map<String, String> texts = new LinkedHashMap<>();
    for (Map.Entry<String, Object> field : fields.entrySet()) {
      Optional<String> text = typed(field.getValue());
      text.ifPresent(there -> texts.put(field.getKey(), there));
      if (text.isEmpty() && known.test(field.getKey())) {
        throw new FileProblem(
            Phrase.of("json.no-text")
                .with("file", file)
                .with("field", field.getKey())
                .with("value", String.valueOf(field.getValue())));
      }
    }
    return texts;
  }

  /// The words of a page, by key.
  Map<String, String> words(Map<String, Object> fields) throws FileProblem {
    return texts(name, fields, Wording.english()::has);
  }

  Choices choices(ChoicesText text) throws FileProblem {
    Set<String> known =
        Procedures.all().stream()
            .flatMap(procedure -> procedure.options().stream())
            .filter(ProcedureOption.OneOf.class::isInstance)
            .map(ProcedureOption::id)
            .collect(Collectors.toSet());
    Map<String, String> options = new LinkedHashMap<>();
    texts(name, text.options(), known::contains)
        .forEach((id, value) -> OldOptions.put(options, id, value));
    options.keySet().retainAll(known);
    Map<Kind, Integer> decimals = new EnumMap<>(Kind.class);
    for (Kind kind : Kind.values()) {
      Object places = text.decimals().get(kind.key());
      if (places != null) {
        decimals.put(kind, places(places, kind.key()));
      }
    }
    Optional<Integer> onTheWay =
        text.roundOnTheWay().isPresent()
            ? Optional.of(places(text.roundOnTheWay().get(), "roundOnTheWay"))
            : Optional.empty();
    return new Choices(
        text.alpha().isEmpty() ? "0.05" : text.alpha(),
        texts(name, text.numbers(), _ -> false),
        options,
        new Decimals(decimals),
        onTheWay);
  }

  private int places(Object value, String field) throws FileProblem {
    if (value instanceof Integer places && places >= 0 && places <= Decimals.MOST) {
      return places;
    }
    throw new FileProblem(
        Phrase.of("solution.decimals")
            .with("file", name)
            .with("field", field)
            .with("value", String.valueOf(value))
            .with("most", Decimals.MOST));
  }

  private static boolean isStep(String id) {
    return Wording.english().has("step." + id);
  }

  private Map<String, StudentView> students(Map<String, Object> fields) throws FileProblem {
    Map<String, StudentView> views = new LinkedHashMap<>();
    for (var entry : texts(name, fields, SolutionForms::isStep).entrySet()) {
      views.put(
          entry.getKey(),
          StudentView.ofKey(entry.getValue())
              .orElseThrow(
                  () ->
                      new FileProblem(
                          Phrase.of("solution.view")
                              .with("file", name)
                              .with("value", entry.getValue())
                              .with("field", entry.getKey())
                              .with(
                                  "choice",
                                  Phrase.listed(Binding.keys(StudentView.class), "list.or")))));
    }
    return views;
  }

  /// What a solution's file is to have.
  static SolutionText of(Solution solution) {
    return new SolutionText(
        FORMAT,
        Optional.of(QuestionForms.of(solution.question())),
        solution.language().toLanguageTag(),
        Optional.of(OriginForms.of(TableForms.of(solution.table()), solution.origin())),
        solution.procedure(),
        Optional.of(choices(solution.choices())),
        new LinkedHashMap<>(solution.students()),
        new LinkedHashMap<>(solution.wording()),
        Optional.of(solution.sheet())
            .filter(sheet -> !sheet.equals(SheetChoices.usual()))
            .map(SolutionForms::sheet),
        Optional.of(solution.course())
            .filter(course -> !course.equals(Course.usual()))
            .map(CourseForms::of),
        CourseForms.of(solution.notes()),
        MarkingForms.text(solution.marking()));
  }

  static SheetText sheet(SheetChoices sheet) {
    return new SheetText(
        sheet.course(),
        sheet.sheet(),
        sheet.due(),
        Optional.of(sheet.paper()),
        Optional.of(sheet.room()),
        Optional.of(List.copyOf(sheet.with())),
        Optional.of(sheet.last().audience()),
        Optional.of(sheet.last().form()));
  }

  /// The decimals that are not the usual ones, by kind of number.
  static Map<String, Object> decimals(Decimals decimals) {
    Map<String, Object> own = new LinkedHashMap<>();
    for (Kind kind : Kind.values()) {
      if (decimals.of(kind) != Decimals.usual().of(kind)) {
        own.put(kind.key(), decimals.of(kind));
      }
    }
    return own;
  }

  private static ChoicesText choices(Choices choices) {
    return new ChoicesText(
        choices.level(),
        new LinkedHashMap<>(choices.options()),
        new LinkedHashMap<>(choices.numbers()),
        decimals(choices.decimals()),
        choices.onTheWay().map(places -> places));
  }
}
