package lehrgang.benchmarks;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;

/// Kills the program while a robot edits and saves, starts it again, and compares what is there
/// with what had been acknowledged: whatever was done a quarter of a second before the kill has to
/// be there, and the file has to be a whole one.
public final class Kill {
  private static final long GRACE = 250;
  private static final int LONGEST = 3000;

  /// Things said by one that is at work, and for how many times 10 ms that is waited for.
  private static final int AT_WORK = 5;

  private static final int PATIENCE = 1000;

  /// Edits of the rehearsal.
  private static final int REHEARSED = 80;

  private Kill() {}

  /// What the robot said.
  private record Said(String what, long time, int hash) {
    static Optional<Said> of(String line) {
      String[] parts = line.split(" ");
      return parts.length == 3
          ? Optional.of(new Said(parts[0], Long.parseLong(parts[1]), Integer.parseInt(parts[2])))
          : Optional.empty();
    }
  }

  /// @param arguments how often, and perhaps a seed
  public static void main(String[] arguments) throws Exception {
    int times = Integer.parseInt(arguments[0]);
    long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
    Random random = new Random(seed);
    Path folder = Files.createTempDirectory("lehrgang-kill");
    Path file = folder.resolve("routes.lehrgang");
    SolutionFile.demo().save(file);
    rehearse(folder);
    List<Said> before = List.of();
    long killed = 0;
    int lost = 0;
    int unsaid = 0;
    int broken = 0;
    int edits = 0;
    for (int k = 0; k <= times; k++) {
      Process robot = start(folder, file, random.nextLong());
      List<Said> said = Collections.synchronizedList(new ArrayList<>());
      try (BufferedReader lines = robot.inputReader()) {
        said.add(read(lines));
        if (k > 0 && isUnderWay(said.getFirst(), before)) {
          unsaid++;
        } else if (k > 0 && !isThere(said.getFirst(), before, killed)) {
          lost++;
          System.out.printf(
              "kill %d: what is there is not what was acknowledged: %s%n",
              k, whatIsThere(said.getFirst(), before, killed));
        }
        Thread reader = Thread.ofVirtual().start(() -> readOn(lines, said));
        if (random.nextInt(4) > 0) {
          awaitWork(said);
        }
        killed = System.currentTimeMillis() + random.nextInt(LONGEST);
        Thread.sleep(Math.max(0, killed - System.currentTimeMillis()));
        killed = System.currentTimeMillis();
        robot.destroyForcibly();
        robot.waitFor(10, TimeUnit.SECONDS);
        reader.join();
      }
      if (!isWhole(file)) {
        broken++;
        System.out.printf("kill %d: the file is not a whole one%n", k + 1);
      }
      edits += said.size() - 1;
      before = said;
    }
    System.out.printf(
        "%d kills, %d things said of edits and savings: %d lost, %d unreadable files;"
            + " %d times there was an edit that had not been said yet%n",
        times, edits, lost, broken, unsaid);
    System.exit(lost + broken == 0 ? 0 : 1);
  }

  /// A first robot shows what it will need, so that the others edit as quickly as a program does
  /// that has run for a while: more of them is under way when they are killed.
  private static void rehearse(Path folder) throws Exception {
    Path file = folder.resolve("rehearsed.lehrgang");
    SolutionFile.demo().save(file);
    robot(
            folder,
            List.of("-XX:AOTCacheOutput=" + cache(folder)),
            List.of(folder.resolve("before").toString(), file.toString(), "0", "" + REHEARSED))
        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
        .start()
        .waitFor();
  }

  private static Path cache(Path folder) {
    return folder.resolve("robot.aot");
  }

  private static Process start(Path folder, Path file, long seed) throws IOException {
    List<String> quick =
        Files.exists(cache(folder)) ? List.of("-XX:AOTCache=" + cache(folder)) : List.of();
    return robot(
            folder,
            quick,
            List.of(folder.resolve("user").toString(), file.toString(), Long.toString(seed)))
        .start();
  }

  private static ProcessBuilder robot(Path folder, List<String> options, List<String> arguments) {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(options);
    command.addAll(
        List.of(
            "--enable-native-access=ALL-UNNAMED",
            "-XX:+UseSerialGC",
            "-XX:TieredStopAtLevel=1",
            "-cp",
            System.getProperty("java.class.path"),
            "lehrgang.desktop.window.EditingRobot"));
    command.addAll(arguments);
    return new ProcessBuilder(command).redirectError(folder.resolve("robot.log").toFile());
  }

  private static Said read(BufferedReader lines) throws IOException {
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      Optional<Said> said = Said.of(line);
      if (said.isPresent()) {
        return said.get();
      }
    }
    throw new IOException("the robot did not start; its log says why");
  }

  /// Most are killed when they are at it: on a busy machine the first edit takes its time.
  private static void awaitWork(List<Said> said) throws InterruptedException {
    for (int k = 0; k < PATIENCE && said.size() < AT_WORK; k++) {
      Thread.sleep(10);
    }
  }

  private static void readOn(BufferedReader lines, List<Said> said) {
    try {
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        Said.of(line).ifPresent(said::add);
      }
    } catch (IOException e) {
      // It was killed.
    }
  }

  /// It is the last state that was acknowledged in time, or one that came after it.
  private static boolean isThere(Said there, List<Said> before, long killed) {
    int last = before.size() - 1;
    while (last > 0 && before.get(last).time() > killed - GRACE) {
      last--;
    }
    List<Integer> allowed = before.subList(last, before.size()).stream().map(Said::hash).toList();
    return allowed.contains(there.hash());
  }

  private static String whatIsThere(Said there, List<Said> before, long killed) {
    return before.reversed().stream()
        .filter(said -> said.hash() == there.hash())
        .findFirst()
        .map(
            said ->
                "a state of %d ms before the kill, %d things said later"
                    .formatted(killed - said.time(), before.size() - 1 - before.lastIndexOf(said)))
        .orElse("a state that nobody said, after " + before);
  }

  /// What was under way when the program was killed may be there without having been said: an edit
  /// leads to a state that nobody knew, going back or on to one that was known.
  private static boolean isUnderWay(Said there, List<Said> before) {
    boolean known = before.stream().anyMatch(said -> said.hash() == there.hash());
    return switch (before.getLast().what()) {
      case "edits" -> !known;
      case "goes" -> there.hash() != before.getLast().hash();
      default -> false;
    };
  }

  private static boolean isWhole(Path file) {
    try {
      SolutionFile.load(file);
      return true;
    } catch (FileProblem e) {
      return false;
    }
  }
}
