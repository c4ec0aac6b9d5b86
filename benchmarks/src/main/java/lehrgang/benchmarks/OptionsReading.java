package lehrgang.benchmarks;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import lehrgang.app.CommandLineUse;
import lehrgang.documents.solutionfile.SolutionFile;

/// The command line: an argument on each line.
final class OptionsReading implements Reading {
  private static final Set<String> COMMANDS =
      Set.of("derive", "hand-out", "mark", "vary", "compose", "help");
  private static final Set<String> FILES =
      Set.of("table.csv", "routes.lehrgang", "answers.csv", "class.csv");

  @Override
  public void read(byte[] bytes, Path folder) throws IOException {
    List<String> arguments = new String(bytes, StandardCharsets.UTF_8).lines().toList();
    if (arguments.isEmpty() || !COMMANDS.contains(arguments.getFirst())) {
      return;
    }
    Path table = folder.resolve("table.csv");
    if (!Files.exists(table)) {
      Files.write(table, Reading.utf8("route,spring,summer\nLake loop,12,13\nGorge path,7,20\n"));
      Files.writeString(folder.resolve("routes.lehrgang"), SolutionFile.demo().text());
      Files.write(folder.resolve("answers.csv"), Reading.utf8(AnswersReading.CLASS));
      Files.write(folder.resolve("class.csv"), Reading.utf8("student\n1\n2\n"));
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
  public List<byte[]> seeds() {
    return Reading.texts(
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
}
