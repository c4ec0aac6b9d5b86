package lehrgang.app;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.wording.Phrase;
import lehrgang.desktop.window.DesktopApplication;
import lehrgang.desktop.window.MainWindow;
import lehrgang.desktop.window.OneInstance;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;

/// Starts the desktop, or what can be had of it without a display.
final class Desktop {
  private static final Path DEMO_FOLDER = Path.of("target", "demo");

  private Desktop() {}

  static int open(Optional<Path> file) {
    if (file.filter(CaseSource::isData).isPresent()) {
      return open(SolutionFile.blank(), file, MainWindow.First.DATA);
    }
    return open(
        file.map(Desktop::load).orElseGet(SolutionFile::blank),
        file,
        file.isPresent() ? MainWindow.First.SOLUTION : MainWindow.First.START);
  }

  private static int open(SolutionFile first, Optional<Path> file, MainWindow.First shown) {
    if (!hasDisplay(System.getProperty("os.name"), System.getenv())) {
      throw new Complaint(Phrase.of("desktop.no-display"));
    }
    if (shown != MainWindow.First.DEMO && OneInstance.handOver(UserFolder.data(), file)) {
      System.out.println(Messages.text(Phrase.of("desktop.handed-over")));
      return 0;
    }
    try {
      DesktopApplication.open(first, file, UserFolder.data(), UserFolder.log(), shown);
    } catch (UnsupportedOperationException e) {
      throw new Complaint(Phrase.of("desktop.not-opened").with("reason", e.getMessage()));
    }
    return 0;
  }

  private static SolutionFile load(Path file) {
    try {
      return SolutionFile.load(file);
    } catch (FileProblem e) {
      throw Complaint.about(e);
    }
  }

  static int demo(PrintStream out) {
    if (hasDisplay(System.getProperty("os.name"), System.getenv())) {
      return open(SolutionFile.demo(), Optional.empty(), MainWindow.First.DEMO);
    }
    out.println(Messages.text(Phrase.of("demo.writing").with("folder", DEMO_FOLDER.toString())));
    DemoFiles.write(DEMO_FOLDER);
    out.println(Messages.text(Phrase.of("demo.written").with("folder", DEMO_FOLDER.toString())));
    return 0;
  }

  /// Only X11 and Wayland say beforehand whether there is a display.
  static boolean hasDisplay(String system, Map<String, String> environment) {
    return !system.toLowerCase(Locale.ROOT).contains("linux")
        || List.of("DISPLAY", "WAYLAND_DISPLAY").stream()
            .anyMatch(name -> !environment.getOrDefault(name, "").isBlank());
  }
}
