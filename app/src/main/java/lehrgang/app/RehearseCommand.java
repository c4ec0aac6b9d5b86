package lehrgang.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.page.Audience;
import lehrgang.desktop.window.DemoPictures;
import lehrgang.desktop.window.DesktopApplication;
import lehrgang.documents.handout.Form;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/// Goes once through what users do, so that the launcher can keep the classes loaded for later
/// starts: all of it, or with `--start` only what every start needs, which takes less room.
@Command(name = "rehearse", hidden = true)
final class RehearseCommand implements Callable<Integer> {
  private static final String TABLE =
      "route/season,Spring,Autumn\nLake loop,41,24\nGorge path,38,58\n";

  @Option(names = "--start", hidden = true)
  private boolean start;

  @Override
  public Integer call() throws IOException {
    Path folder = Files.createTempDirectory("lehrgang-rehearsal");
    try {
      rehearse(folder);
    } finally {
      delete(folder);
    }
    return 0;
  }

  private static void delete(Path folder) throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(one);
      }
    }
  }

  private void rehearse(Path folder) throws IOException {
    Path table = Files.writeString(folder.resolve("table.csv"), TABLE);
    for (String form : new String[] {"--alpha=0.05", "--json"}) {
      String[] derive = {"derive", "independence", table.toString(), form};
      Main.commandLine(derive)
          .setOut(new PrintWriter(Writer.nullWriter()))
          .setErr(new PrintWriter(Writer.nullWriter()))
          .execute(derive);
    }
    if (start) {
      DesktopApplication.rehearse(SolutionFile.demo(), folder.resolve("user"));
      return;
    }
    for (Form form : Form.values()) {
      HandOutCommand.write(
          SolutionFile.demo().solution(),
          Audience.FULL,
          form,
          folder.resolve("sheet" + form.ending()));
    }
    recount();
    DemoPictures.write(folder);
  }

  /// Changes the recipes of the demo, so that the first change by hand does not wait for its code.
  private static void recount() {
    for (String name : DemoCourse.names()) {
      if (DemoCourse.open(name).solution().origin().orElse(null)
          instanceof Origin(Records.Kept records, var recipe, _)) {
        String column = recipe.count().rows();
        Origin.count(
            records,
            recipe.withStep(
                new RecipeStep.Keep(column, RecipeStep.Test.IS_NOT, List.of("rehearsal"))));
      }
    }
  }
}
