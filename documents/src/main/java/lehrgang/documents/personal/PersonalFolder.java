package lehrgang.documents.personal;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import lehrgang.core.compose.Proposal;
import lehrgang.core.page.Audience;
import lehrgang.core.wording.Phrase;
import lehrgang.core.work.Progress;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.table.Defused;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;

/// The folder of a class with a data set for each of its students.
///
/// `STUDENT.lehrgang` for each, `class.csv` that says which is whose and what was drawn, and the
/// forms that were asked for in `sheets` and `keys`.
public final class PersonalFolder {
  private static final String LIST = "class.csv";
  private static final String ENDING = ".lehrgang";
  private static final String SHEETS = "sheets";
  private static final String KEYS = "keys";
  private static final String ALL = "everyone";

  private final Path folder;

  /// @param folder made where it is not there
  public PersonalFolder(Path folder) {
    this.folder = folder;
  }

  /// Whether a folder is one of a class.
  public static boolean isOne(Path folder) {
    return Files.isRegularFile(folder.resolve(LIST));
  }

  /// Refuses a folder with what an earlier class left there: its solutions, sheets and keys would
  /// lie among the new ones, and nobody could tell them apart.
  ///
  /// @throws FileProblem if something of a class is there, or the folder cannot be looked into
  public void checkEmpty() throws FileProblem {
    if (!Files.isDirectory(folder)) {
      return;
    }
    try (Stream<Path> files = Files.list(folder)) {
      Optional<Path> left = files.filter(PersonalFolder::isOfAClass).sorted().findFirst();
      if (left.isPresent()) {
        throw new FileProblem(
            Phrase.of("class.remains")
                .with("folder", folder.toString())
                .with("file", left.get().getFileName().toString()));
      }
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("class.no-folder").with("folder", folder.toString()), e);
    }
  }

  private static boolean isOfAClass(Path file) {
    String name = file.getFileName().toString();
    return name.equals(LIST)
        || name.endsWith(ENDING)
        || name.equals(SHEETS) && Files.isDirectory(file)
        || name.equals(KEYS) && Files.isDirectory(file);
  }

  /// Writes a class: all of it, or nothing where it is stopped or a file cannot be written.
  ///
  /// @param model    whose file the solutions are written like
  /// @param forms    of sheets and keys; empty for none
  /// @param progress told how many of the students are done, by one thread or another
  /// @throws FileProblem if a file cannot be written, or an earlier class is there
  /// @throws CancellationException if it was stopped
  public void write(SolutionFile model, PersonalClass drawn, List<Form> forms, Progress progress)
      throws FileProblem {
    checkEmpty();
    PersonalFolder aside = new PersonalFolder(folder.resolve(".class-" + UUID.randomUUID()));
    boolean wasThere = Files.isDirectory(folder);
    boolean whole = false;
    try {
      aside.writeAll(model, drawn, forms, progress);
      aside.moveTo(folder);
      whole = true;
    } finally {
      delete(aside.folder);
      if (!whole && !wasThere) {
        delete(folder);
      }
    }
  }

  private void moveTo(Path target) throws FileProblem {
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.sorted().toList()) {
        Files.move(file, target.resolve(file.getFileName()));
      }
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("class.no-folder").with("folder", target.toString()), e);
    }
  }

  private static void delete(Path folder) {
    try (Stream<Path> files = Files.walk(folder)) {
      for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(file);
      }
    } catch (IOException | UncheckedIOException e) {
      // What cannot be deleted is not in the way.
    }
  }

  private void writeAll(
      SolutionFile model, PersonalClass drawn, List<Form> forms, Progress progress)
      throws FileProblem {
    makeFolders(!forms.isEmpty());
    AtomicInteger done = new AtomicInteger();
    Queue<FileProblem> problems = new ConcurrentLinkedQueue<>();
    Queue<CancellationException> stops = new ConcurrentLinkedQueue<>();
    // An exception would leave this thread before the others have ended.
    drawn.members().parallelStream()
        .filter(_ -> problems.isEmpty() && stops.isEmpty())
        .forEach(
            member -> {
              try {
                progress.watch(
                    () -> {
                      write(model, member, forms);
                      return member;
                    });
                synchronized (done) {
                  progress.report(done.incrementAndGet(), drawn.members().size());
                }
              } catch (FileProblem e) {
                problems.add(e);
              } catch (CancellationException e) {
                stops.add(e);
              }
            });
    if (!problems.isEmpty()) {
      throw problems.peek();
    }
    if (!stops.isEmpty()) {
      throw stops.peek();
    }
    if (forms.contains(Form.PDF)) {
      forPrinting(drawn, Audience.STUDENT);
      forPrinting(drawn, Audience.KEY);
    }
    WholeFile.write(folder.resolve(LIST), list(drawn));
  }

  private void write(SolutionFile model, PersonalClass.Member member, List<Form> forms)
      throws FileProblem {
    Proposal found = member.found();
    model.with(found.solution()).save(folder.resolve(member.file() + ENDING));
    Solved solved = new Solved(found.solution(), found.derivation());
    for (Form form : forms) {
      write(solved, Audience.STUDENT, form, member.file());
      if (!form.isForStudents()) {
        write(solved, Audience.KEY, form, member.file());
      }
    }
  }

  private void makeFolders(boolean sheets) throws FileProblem {
    try {
      Files.createDirectories(folder);
      if (sheets) {
        Files.createDirectories(of(Audience.STUDENT));
        Files.createDirectories(of(Audience.KEY));
      }
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("class.no-folder").with("folder", folder.toString()), e);
    }
  }

  private Path of(Audience audience) {
    return folder.resolve(audience == Audience.KEY ? KEYS : SHEETS);
  }

  private void write(Solved solved, Audience audience, Form form, String name) throws FileProblem {
    form.write(Order.of(solved, audience), of(audience).resolve(file(name, form)));
  }

  /// A working sheet is a web page as well, and stands beside it under a name of its own.
  private static String file(String name, Form form) {
    return form == Form.WORKING_SHEET
        ? name + "-working-sheet" + form.ending()
        : name + form.ending();
  }

  /// The pages of all, one after the other.
  private void forPrinting(PersonalClass drawn, Audience audience) throws FileProblem {
    Path file = of(audience).resolve(ALL + Form.PDF.ending());
    PDFMergerUtility merger = new PDFMergerUtility();
    ByteArrayOutputStream pages = new ByteArrayOutputStream();
    try (PDDocument all = new PDDocument(IOUtils.createTempFileOnlyStreamCache())) {
      for (PersonalClass.Member member : drawn.members()) {
        Path own = of(audience).resolve(member.file() + Form.PDF.ending());
        try (PDDocument one = Loader.loadPDF(own.toFile())) {
          merger.appendDocument(all, one);
        }
      }
      // The same class gives the same bytes.
      all.setDocumentId(drawn.seed());
      all.save(pages);
      WholeFile.write(file, pages.toByteArray());
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("class.not-joined").with("file", file.toString()), e);
    }
  }

  /// Who has which file, and what was drawn.
  private static String list(PersonalClass drawn) {
    StringWriter text = new StringWriter();
    try (CsvWriter writer = CsvWriter.builder().build(text)) {
      writer.writeRecord("student", "file", "counts", "decision");
      for (PersonalClass.Member member : drawn.members()) {
        writer.writeRecord(
            Defused.cell(member.student()),
            member.file() + ENDING,
            counts(member.found()),
            member.found().rejects() ? "reject" : "do-not-reject");
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  private static String counts(Proposal found) {
    List<String> rows = new ArrayList<>();
    found.solution().table().cells().forEach(row -> rows.add(String.join(" ", row)));
    return String.join(" / ", rows);
  }

  /// Reads which solution belongs to whom.
  ///
  /// @return the solutions by student, in the order of the list; at least one
  /// @throws FileProblem if the list or one of the solutions cannot be read
  public Map<String, SolutionFile> read() throws FileProblem {
    Map<String, SolutionFile> solutions = new LinkedHashMap<>();
    for (Map.Entry<String, Path> entry : files().entrySet()) {
      solutions.put(entry.getKey(), SolutionFile.load(entry.getValue()));
    }
    return solutions;
  }

  /// Reads from the list which file belongs to whom.
  ///
  /// @return the files of solutions by student, in the order of the list; at least one
  /// @throws FileProblem if the list cannot be read
  public Map<String, Path> files() throws FileProblem {
    Map<String, Path> files = new LinkedHashMap<>();
    List<CaseFile.Row> rows = CaseFile.detect(folder.resolve(LIST)).rows();
    for (CaseFile.Row row : rows.subList(Math.min(1, rows.size()), rows.size())) {
      String student = row.fields().getFirst().strip();
      Optional<String> file =
          row.fields().stream().skip(1).findFirst().flatMap(PersonalFolder::nameIn);
      if (!student.isEmpty() && file.isPresent()) {
        files.put(student, folder.resolve(file.get()));
      }
    }
    if (files.isEmpty()) {
      throw new FileProblem(Phrase.of("class.empty").with("file", folder.resolve(LIST).toString()));
    }
    return files;
  }

  /// What a list calls a file is looked for in its own folder and nowhere else; empty for what no
  /// file can be called.
  private static Optional<String> nameIn(String written) {
    try {
      return Optional.ofNullable(Path.of(written.strip()).getFileName())
          .map(Path::toString)
          .filter(name -> !name.isEmpty());
    } catch (InvalidPathException e) {
      return Optional.empty();
    }
  }
}
