package lehrgang.benchmarks;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.data.Checked;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Kind;
import lehrgang.documents.file.FileProblem;

/// How one thing that comes from outside is read.
interface Reading {
  int LONGEST_SENTENCE = 2000;

  /// Reads it, with whatever comes next.
  ///
  /// @param folder for files
  /// @throws FileProblem if it cannot be read; its message is one sentence
  void read(byte[] bytes, Path folder) throws IOException, FileProblem;

  /// What is right, to begin with.
  List<byte[]> seeds();

  /// @throws IllegalStateException if it is not something to say to a user
  static void sentence(String said) {
    if (said.isBlank()
        || said.length() > LONGEST_SENTENCE
        || said.contains("\n")
        || said.contains("java.")) {
      throw new IllegalStateException("this is not one sentence: “" + said + "”");
    }
  }

  /// Everyone's page of a solution, where there is one.
  static void page(Solution solution) {
    switch (Procedures.work(solution)) {
      case Procedure.Derived(var derivation) -> {
        for (Audience audience : Audience.values()) {
          Page.of(solution, derivation, audience);
        }
      }
      case Procedure.Refused(var problems) ->
          problems.forEach(problem -> sentence(Wording.english().text(problem.sentence())));
      case Procedure.Waiting _ -> {
        // It would be drawn now, however long that takes.
      }
    }
  }

  /// Counts records by their first column and their last, or takes a table as text.
  static void count(CaseSource source) throws FileProblem {
    CaseTable sample = source.sample();
    Kind.isTitled(source);
    if (Kind.of(sample) == Kind.RECORDS) {
      List<String> columns = sample.columns();
      Recipe recipe =
          new Recipe(List.of(), Recipe.Count.two(columns.getFirst(), columns.getLast()));
      if (source.count(recipe, Progress.NONE) instanceof Checked.Bad<Origin>(var problems)) {
        problems.forEach(problem -> sentence(Wording.english().text(problem.sentence())));
      }
    } else {
      source.text();
    }
  }

  static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  static List<byte[]> texts(String... texts) {
    return Arrays.stream(texts).map(Reading::utf8).toList();
  }
}
