package lehrgang.documents.solutionfile;

import java.math.BigDecimal;
import java.util.Base64;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Course;
import lehrgang.core.solution.Illustration;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionText.ChoicesText;
import lehrgang.documents.solutionfile.SolutionText.DataText;
import lehrgang.documents.solutionfile.SolutionText.PictureText;
import lehrgang.documents.solutionfile.SolutionText.QuestionText;
import lehrgang.documents.solutionfile.SolutionText.SheetText;
import lehrgang.documents.solutionfile.SolutionText.TableText;

/// Turns what a file has into a solution, and a solution into what its file is to have.
final class SolutionForms {
  static final String FORMAT = "lehrgang-solution/1";

  private static final String FORMAT_NAME = "lehrgang-solution/";
  private static final int VERSION = 1;

  /// A count that JSON keeps as a number whoever reads it; any other text is kept as a text.
  private static final String COUNT = "0|[1-9][0-9]{0,14}";

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
          name + " is not a solution: its \"format\" should be \"" + FORMAT + "\".");
    }
    if (Integer.parseInt(format.substring(FORMAT_NAME.length())) > VERSION) {
      throw problem(
          " was written by a newer version (%s): open it there, or update this program.", format);
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
        table(data.table().orElseThrow(() -> problem(": \"data\" has no \"table\".")));
    Question question =
        text.question().isPresent() ? question(text.question().get()) : new Question("", "", "");
    if (Procedures.find(text.procedure()).isEmpty()) {
      throw problem(
          ": \"procedure\" is \"%s\", which this version does not know.", text.procedure());
    }
    return new Solution(
        question,
        Locale.forLanguageTag(text.language().isEmpty() ? "en" : text.language()),
        table,
        text.procedure(),
        text.choices().isPresent() ? choices(text.choices().get()) : Choices.usual(),
        students(text.students()),
        texts(text.wording()),
        new OriginForms(name).read(data, table),
        text.sheet().map(SolutionForms::sheet).orElse(SheetChoices.usual()),
        text.course().isPresent()
            ? new CourseForms(name).read(text.course().get())
            : Course.usual(),
        CourseForms.notes(text.notes()),
        new MarkingForms(name).read(text.marking()));
  }

  private Question question(QuestionText asked) throws FileProblem {
    Question question = new Question(asked.title(), asked.text(), asked.source());
    if (asked.picture().isEmpty()) {
      return question;
    }
    PictureText picture = asked.picture().get();
    try {
      byte[] content = Base64.getDecoder().decode(picture.encoded());
      Illustration shown = PictureFile.of(content, "The picture of the question in " + name);
      return question.withPicture(Optional.of(shown.described(picture.description())));
    } catch (IllegalArgumentException e) {
      throw new FileProblem(
          name + ": \"encoded\" of the picture is no Base64: put the picture in anew.", e);
    }
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

  private TableEntry table(TableText text) throws FileProblem {
    TableForm form = text.form().orElse(TableForm.TWO_WAY);
    List<String> layers = form == TableForm.LAYERS ? text.layers() : List.of();
    if (form == TableForm.LAYERS && layers.isEmpty()) {
      throw problem(": a table of the form \"layers\" names no \"layers\".");
    }
    int needed = text.rows().size() * Math.max(1, layers.size());
    if (text.counts().size() != needed) {
      throw problem(
          ": \"counts\" has %d rows where %d are needed for \"rows\"%s.",
          text.counts().size(), needed, layers.isEmpty() ? "" : " in each of \"layers\"");
    }
    for (int i = 0; i < needed; i++) {
      if (text.counts().get(i).size() != text.columns().size()) {
        throw problem(
            ": row %d of \"counts\" has %d numbers where \"columns\" names %d.",
            i + 1, text.counts().get(i).size(), text.columns().size());
      }
      for (Object count : text.counts().get(i)) {
        if (typed(count).isEmpty()) {
          throw problem(": row %d of \"counts\" has %s, which is no count.", i + 1, count);
        }
      }
    }
    return new TableEntry(
        form,
        text.rowVariable(),
        text.columnVariable(),
        text.layerVariable(),
        text.rows(),
        text.columns(),
        layers,
        text.counts().stream()
            .map(row -> row.stream().flatMap(count -> typed(count).stream()).toList())
            .toList());
  }

  /// What was typed, where a text or a number stands in the file.
  private static Optional<String> typed(Object value) {
    return switch (value) {
      case BigDecimal number when Math.abs((long) number.scale()) <= LONGEST_NUMBER ->
          Optional.of(number.toPlainString());
      case String text -> Optional.of(text);
      case Number number -> Optional.of(number.toString());
      case null, default -> Optional.empty();
    };
  }

  /// Those of some fields that hold a text or a number.
  static Map<String, String> texts(Map<String, Object> fields) {
    Map<String, String> texts = new LinkedHashMap<>();
    fields.forEach((key, value) -> typed(value).ifPresent(text -> texts.put(key, text)));
    return texts;
  }

  Choices choices(ChoicesText text) throws FileProblem {
    Set<String> known =
        Procedures.all().stream()
            .flatMap(procedure -> procedure.options().stream())
            .filter(ProcedureOption.OneOf.class::isInstance)
            .map(ProcedureOption::id)
            .collect(Collectors.toSet());
    Map<String, String> options = new LinkedHashMap<>();
    texts(text.options()).forEach((id, value) -> OldOptions.put(options, id, value));
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
        texts(text.numbers()),
        options,
        new Decimals(decimals),
        onTheWay);
  }

  private int places(Object value, String field) throws FileProblem {
    if (value instanceof Integer places && places >= 0 && places <= Decimals.MOST) {
      return places;
    }
    throw problem(
        ": \"%s\" is %s; decimals are a whole number from 0 to %d.", field, value, Decimals.MOST);
  }

  private Map<String, StudentView> students(Map<String, Object> fields) throws FileProblem {
    Map<String, StudentView> views = new LinkedHashMap<>();
    for (var entry : texts(fields).entrySet()) {
      views.put(
          entry.getKey(),
          StudentView.ofKey(entry.getValue())
              .orElseThrow(
                  () ->
                      problem(
                          ": \"students\" has \"%s\" for %s; use %s.",
                          entry.getValue(),
                          entry.getKey(),
                          BindingProblem.choice(Binding.keys(StudentView.class)))));
    }
    return views;
  }

  private FileProblem problem(String sentence, Object... values) {
    return new FileProblem(name + sentence.formatted(values));
  }

  /// What a solution's file is to have.
  static SolutionText of(Solution solution) {
    Question question = solution.question();
    return new SolutionText(
        FORMAT,
        Optional.of(
            new QuestionText(
                question.title(),
                question.text(),
                question.source(),
                question
                    .picture()
                    .map(shown -> new PictureText(shown.encoded(), shown.description())))),
        solution.language().toLanguageTag(),
        Optional.of(OriginForms.of(table(solution.table()), solution.origin())),
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

  private static TableText table(TableEntry table) {
    return new TableText(
        Optional.of(table.form()),
        table.rowVariable(),
        table.columnVariable(),
        table.rows(),
        table.columns(),
        table.layers().isEmpty() ? "" : table.layerVariable(),
        table.layers(),
        table.cells().stream()
            .map(row -> row.stream().map(SolutionForms::count).toList())
            .toList());
  }

  private static Object count(String typed) {
    return typed.matches(COUNT) ? (Object) Long.valueOf(typed) : typed;
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
