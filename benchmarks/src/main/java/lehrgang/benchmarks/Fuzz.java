package lehrgang.benchmarks;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads whatever a coverage-guided fuzzer makes up, each sort of input in a program of its own
/// with 512 MB: nothing but a result or one sentence, within five seconds.
public final class Fuzz {
  private static final Pattern RUNS =
      Pattern.compile("(?m)^(?:#|stat::number_of_executed_units:\\s*)(\\d+)");

  private static final int SECONDS_FOR_ONE = 5;

  /// From so many inputs on it is a run by itself; before that other programs may be in the way.
  private static final int MANY = 10_000;

  private static final int SECONDS_IN_PASSING = 30;

  private Fuzz() {}

  /// @param arguments how many inputs in all, or for how many seconds (`60s`), and perhaps what to
  ///     read
  public static void main(String[] arguments) throws Exception {
    boolean timed = arguments[0].endsWith("s");
    long much = Long.parseLong(arguments[0].replace("s", ""));
    List<Readable> what =
        arguments.length > 1
            ? List.of(Readable.ofKey(arguments[1]).orElseThrow())
            : List.of(Readable.values());
    long each = Math.max(1, much / what.size());
    long inputs = 0;
    int found = 0;
    for (Readable one : what) {
      Path folder = Files.createTempDirectory("lehrgang-fuzz-" + one.key() + "-");
      List<String> until =
          List.of(
              (timed ? "-max_total_time=" : "-runs=") + each,
              "-timeout=" + (timed || each < MANY ? SECONDS_IN_PASSING : SECONDS_FOR_ONE));
      int code = run(one, folder, until);
      String log = Files.readString(folder.resolve("log"));
      long runs = runs(log);
      inputs += runs;
      System.out.printf(
          "%s: %d inputs, %s%n",
          one.key(), runs, code == 0 ? "nothing found" : "FOUND, see " + folder.resolve("log"));
      if (code != 0) {
        found++;
        log.lines()
            .dropWhile(line -> !line.startsWith("== Java Exception") && !line.startsWith("==="))
            .limit(12)
            .forEach(line -> System.out.println("  " + line));
      }
    }
    System.out.printf("%d inputs in all, %d sorts with a finding%n", inputs, found);
    System.exit(found == 0 ? 0 : 1);
  }

  private static long runs(String log) {
    Matcher counts = RUNS.matcher(log);
    long last = 0;
    while (counts.find()) {
      last = Math.max(last, Long.parseLong(counts.group(1)));
    }
    return last;
  }

  private static int run(Readable one, Path folder, List<String> until)
      throws IOException, InterruptedException {
    Path seeds = Files.createDirectories(folder.resolve("seeds"));
    Path work = Files.createDirectories(folder.resolve("work"));
    List<byte[]> right = one.reading().seeds();
    for (int i = 0; i < right.size(); i++) {
      Files.write(seeds.resolve("right-" + i), right.get(i));
    }
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx512m",
                "-XX:+EnableDynamicAgentLoading",
                "--enable-native-access=ALL-UNNAMED",
                "-Dlehrgang.fuzz=" + one.key(),
                "-Dlehrgang.fuzz.folder=" + work,
                "-cp",
                absolute(System.getProperty("java.class.path")),
                "com.code_intelligence.jazzer.Jazzer",
                "--target_class=lehrgang.benchmarks.FuzzTarget",
                "--instrumentation_includes=lehrgang.core.**:lehrgang.documents.**:lehrgang.app.**",
                "--custom_hook_includes=lehrgang.**",
                "-rss_limit_mb=0",
                "-max_len=20000",
                "-print_final_stats=1",
                "-seed=1",
                "-artifact_prefix=" + folder + "/"));
    command.addAll(until);
    command.add(seeds.toString());
    return new ProcessBuilder(command)
        .directory(work.toFile())
        .redirectErrorStream(true)
        .redirectOutput(folder.resolve("log").toFile())
        .start()
        .waitFor();
  }

  private static String absolute(String classPath) {
    return String.join(
        File.pathSeparator,
        Arrays.stream(classPath.split(File.pathSeparator))
            .map(part -> Path.of(part).toAbsolutePath().toString())
            .toList());
  }
}
