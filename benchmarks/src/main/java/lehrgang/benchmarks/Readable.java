package lehrgang.benchmarks;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import lehrgang.app.CommandLineUse;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.marking.Marker;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.CourseStyle;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.JournalUse;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Kind;
import lehrgang.documents.cases.Progress;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.journal.Journal;
import lehrgang.documents.journal.JournalFolder;
import lehrgang.documents.marks.AnswersFile;
import lehrgang.documents.personal.ClassList;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.solutionfile.StyleFile;
import lehrgang.documents.table.TableImport;
import tools.jackson.databind.json.JsonMapper;

/// Whatever the program reads from outside. Any bytes at all lead to a result or to one sentence.
enum Readable {
  /// A table on the clipboard, in each form, worked out.
  TABLE {
    @Override
    void read(byte[] bytes, Path folder) {
      String text = new String(bytes, StandardCharsets.UTF_8);
      take(TableImport.read(text));
      take(TableImport.readLayers(text));
      take(TableImport.readFrequencies(text));
      for (TableForm form : TableForm.values()) {
        take(TableImport.readAs(form, text));
      }
    }

    @Override
    List<byte[]> seeds() {
      return texts(
          "route,spring,summer\nLake loop,12,13\nGorge path,7,20\n",
          "\tspring\tsummer\ttotal\nLake loop\t12\t13\t25\ntotal\t12\t13\t25\n",
          "species;observed\nrowan;12\nlarch;1.204,5\n",
          "map\nseason;yes;no\nspring;1;2\nsummer;3;4\n\nno map\nseason;yes;no\nspring;1;2\n",
          "gate,hut,yes,no\nNorth,A,1,2\nNorth,B,3,4\nSouth,A,5,6\nSouth,B,7,8\n",
          "1 2\n3 4\n");
    }

    private void take(TableImport.Result result) {
      switch (result) {
        case TableImport.Unreadable(var problem) ->
            sentence(Wording.english().text(problem.sentence()));
        case TableImport.Recognised recognised -> {
          recognised.notes().forEach(note -> sentence(Wording.english().text(note)));
          work(recognised.table());
          recognised.withTotals().ifPresent(this::work);
        }
      }
    }

    private void work(TableEntry table) {
      Procedures.all().stream()
          .filter(procedure -> procedure.forms().contains(table.form()))
          .map(procedure -> SolutionFile.blank(procedure).solution().withTable(table))
          .forEach(Readable::page);
    }
  },

  /// Records as text, seen, taken for what they are, and counted.
  RECORDS {
    @Override
    void read(byte[] bytes, Path folder) throws IOException, FileProblem {
      count(CaseSource.open(Files.write(folder.resolve("records.csv"), bytes)));
    }

    @Override
    List<byte[]> seeds() {
      return texts(
          "route,season,day\nLake loop,spring,2026-05-01\nGorge path,summer,2026-06-12\n",
          "Weg;Karte;Zeit\n\"See;runde\";ja;1,5\n'Klamm';nein;\n",
          "a\tb\n1\t2\n",
          "\uFEFFx|y\n1|2\n\n3|4\n");
    }
  },

  /// A workbook; what is read stands in a packed file, whose parts are made up.
  WORKBOOK {
    @Override
    void read(byte[] bytes, Path folder) throws IOException, FileProblem {
      if (bytes.length == 0) {
        return;
      }
      byte[] rest = Arrays.copyOfRange(bytes, 1, bytes.length);
      switch (bytes[0] % 4) {
        case 0 -> count(open(folder, "book.xlsx", rest));
        case 1 -> count(open(folder, "book.ods", rest));
        case 2 -> count(open(folder, "book.ods", Workbooks.ods(rest)));
        default -> count(open(folder, "book.xlsx", Workbooks.xlsx(rest)));
      }
    }

    private CaseSource open(Path folder, String name, byte[] bytes)
        throws IOException, FileProblem {
      return CaseSource.open(Files.write(folder.resolve(name), bytes));
    }

    @Override
    List<byte[]> seeds() {
      return List.of(
          with(0, Workbooks.XLSX),
          with(1, Workbooks.ODS),
          with(2, Workbooks.odsTable()),
          with(3, Workbooks.xlsxTable()));
    }
  },

  /// A solution; what was read is written, and is the same when it is read again.
  SOLUTION {
    @Override
    void read(byte[] bytes, Path folder) throws FileProblem {
      String text = new String(bytes, StandardCharsets.UTF_8);
      SolutionFile file = SolutionFile.parse(text, "routes.lehrgang");
      page(file.solution());
      SolutionFile again = SolutionFile.parse(file.text(), "again.lehrgang");
      if (!again.solution().equals(file.solution())) {
        throw new IllegalStateException("what was written is not what was read: " + file.text());
      }
    }

    @Override
    List<byte[]> seeds() {
      return DemoCourse.names().stream().map(name -> utf8(DemoCourse.open(name).text())).toList();
    }
  },

  /// A style of a course.
  STYLE {
    @Override
    void read(byte[] bytes, Path folder) throws FileProblem {
      String text = new String(bytes, StandardCharsets.UTF_8);
      StyleFile file = StyleFile.parse(text, "course.lehrgang-style");
      StyleFile again = StyleFile.parse(file.text(), "again.lehrgang-style");
      if (!again.style().equals(file.style())) {
        throw new IllegalStateException("what was written is not what was read: " + file.text());
      }
    }

    @Override
    List<byte[]> seeds() {
      return DemoCourse.names().stream()
          .limit(3)
          .map(name -> CourseStyle.of(DemoCourse.open(name).solution(), _ -> true))
          .map(style -> utf8(StyleFile.fresh(style).text()))
          .toList();
    }
  },

  /// The answers of a class, marked.
  ANSWERS {
    @Override
    void read(byte[] bytes, Path folder) throws IOException, FileProblem {
      Path file = Files.write(folder.resolve("answers.csv"), bytes);
      AnswersFile answers = AnswersFile.read(file, DEMO, Wording.english());
      answers.marks(MARKER, _ -> true);
    }

    @Override
    List<byte[]> seeds() {
      return texts(
          String.join("\n", CLASS.lines().limit(5).toList()) + "\n",
          "student;chi2;df;p\n1;28,4;4;<0,001\n2;;x;0.05\n");
    }
  },

  /// The students of a class.
  CLASS_LIST {
    @Override
    void read(byte[] bytes, Path folder) throws IOException, FileProblem {
      ClassList.read(Files.write(folder.resolve("class.csv"), bytes));
    }

    @Override
    List<byte[]> seeds() {
      return texts("student\n17-001\n17-002\n", "student;name\n1;Ann\n2;Bo\n");
    }
  },

  /// What a window left behind.
  JOURNAL {
    @Override
    void read(byte[] bytes, Path folder) throws IOException {
      Path journals = folder.resolve("journals");
      Files.createDirectories(journals);
      Files.write(journals.resolve("left.journal"), bytes);
      for (Journal journal : new JournalFolder(journals).left()) {
        JournalUse.replay(journal.entries());
        journal.close();
      }
    }

    @Override
    List<byte[]> seeds() {
      String demo = JSON.writeValueAsString(SolutionFile.demo().text());
      return texts(
          "{\"did\":\"open\",\"path\":\"a.lehrgang\",\"text\":" + demo + "}\n",
          "{\"did\":\"open\",\"text\":"
              + demo
              + "}\n"
              + "{\"did\":\"edit\",\"thing\":\"title\",\"at\":3,\"drop\":1,\"put\":\" \"}\n"
              + "{\"did\":\"undo\"}\n"
              + "{\"did\":\"redo\"}\n"
              + "{\"did\":\"pause\"}\n"
              + "{\"did\":\"close\"}\n",
          "{\"did\":\"resume\",\"saved\":" + demo + ",\"now\":" + demo + "}\n");
    }
  },

  /// The command line: an argument on each line.
  OPTIONS {
    @Override
    void read(byte[] bytes, Path folder) throws IOException {
      List<String> arguments = new String(bytes, StandardCharsets.UTF_8).lines().toList();
      if (arguments.isEmpty() || !COMMANDS.contains(arguments.getFirst())) {
        return;
      }
      Path table = folder.resolve("table.csv");
      if (!Files.exists(table)) {
        Files.write(table, utf8("route,spring,summer\nLake loop,12,13\nGorge path,7,20\n"));
        Files.writeString(folder.resolve("routes.lehrgang"), SolutionFile.demo().text());
        Files.write(folder.resolve("answers.csv"), utf8(CLASS));
        Files.write(folder.resolve("class.csv"), utf8("student\n1\n2\n"));
      }
      System.setIn(new ByteArrayInputStream(new byte[0]));
      CommandLineUse.Ended ended =
          CommandLineUse.run(
              arguments.stream().map(argument -> inside(folder, argument)).toArray(String[]::new));
      if (ended.code() != 0 && ended.complaint().isBlank()) {
        throw new IllegalStateException("nothing was said, but it ended with " + ended.code());
      }
      if (ended.complaint().contains("\tat ")) {
        throw new IllegalStateException(ended.complaint());
      }
    }

    /// No argument leads out of the folder.
    private String inside(Path folder, String argument) {
      String tame = argument.replace("/", "").replace("..", "").replace("~", "");
      return Files.exists(folder.resolve("table.csv")) && FILES.contains(tame)
          ? folder.resolve(tame).toString()
          : tame;
    }

    @Override
    List<byte[]> seeds() {
      return texts(
          "derive\nindependence\ntable.csv\n--alpha\n0.01\n--yates\n",
          "derive\none-proportion\n--successes\n12\n--trials\n40\n--claimed\n0.5\n",
          "derive\ntwo-proportions\n--first\n12/40\n--second\n7/30\n--continuity\n",
          "derive\nindependence\ntable.csv\n--cases\n--rows\nroute\n--columns\nspring\n--json\n",
          "derive\nfisher\ntable.csv\n--alternative\nless\n--decimals\n3\n",
          "hand-out\nroutes.lehrgang\n--for\nstudent\n--as\nmd\n-o\nout.md\n",
          "mark\nroutes.lehrgang\nanswers.csv\n-o\nmarks.csv\n",
          "vary\nroutes.lehrgang\n--class\nclass.csv\n--seed\n3\n-o\nvaried\n",
          "compose\nindependence\n--shape\n2x2\n--n\n100\n--take\n1\n-o\ncomposed.lehrgang\n",
          "help\nderive\n");
    }
  };

  private static final Set<String> COMMANDS =
      Set.of("derive", "hand-out", "mark", "vary", "compose", "help");
  private static final Set<String> FILES =
      Set.of("table.csv", "routes.lehrgang", "answers.csv", "class.csv");
  private static final int LONGEST_SENTENCE = 2000;
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final String CLASS = classAnswers();
  private static final Derivation DEMO = derivation(SolutionFile.demo().solution());
  private static final Marker MARKER =
      Marker.of(SolutionFile.demo().solution(), DEMO, List.copyOf(DEMO.lines().keySet()));

  /// Reads it, with whatever comes next.
  ///
  /// @param folder for files
  /// @throws FileProblem if it cannot be read; its message is one sentence
  abstract void read(byte[] bytes, Path folder) throws IOException, FileProblem;

  /// What is right, to begin with.
  abstract List<byte[]> seeds();

  String key() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  static Optional<Readable> ofKey(String key) {
    return Arrays.stream(values()).filter(one -> one.key().equals(key)).findFirst();
  }

  /// @throws IllegalStateException if it is not something to say to a user
  static void sentence(String said) {
    if (said.isBlank()
        || said.length() > LONGEST_SENTENCE
        || said.contains("\n")
        || said.contains("java.")) {
      throw new IllegalStateException("this is not one sentence: “" + said + "”");
    }
  }

  private static void page(Solution solution) {
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

  private static void count(CaseSource source) throws FileProblem {
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

  private static Derivation derivation(Solution solution) {
    return ((Procedure.Derived) Procedures.workAtOnce(solution)).derivation();
  }

  private static String classAnswers() {
    try {
      Path folder = Files.createTempDirectory("lehrgang-answers");
      return Files.readString(DemoCourse.answers(folder));
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static List<byte[]> texts(String... texts) {
    return Arrays.stream(texts).map(Readable::utf8).toList();
  }

  private static byte[] with(int first, byte[] rest) {
    byte[] all = new byte[rest.length + 1];
    all[0] = (byte) first;
    System.arraycopy(rest, 0, all, 1, rest.length);
    return all;
  }
}
