import java.io.IOException;
import java.io.InputStream;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.List;
import java.util.spi.ToolProvider;
import java.util.stream.Stream;

/// What every part of packaging does.
final class Work {
  private Work() {}

  static List<Path> jars(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(file -> file.toString().endsWith(".jar")).sorted().toList();
    }
  }

  static void tool(String name, String... arguments) {
    ToolProvider tool =
        ToolProvider.findFirst(name)
            .orElseThrow(
                () -> new IllegalStateException("This Java has no " + name + "; take a JDK."));
    if (tool.run(System.out, System.err, arguments) != 0) {
      throw new IllegalStateException(name + " failed.");
    }
  }

  static void process(List<String> command) throws IOException, InterruptedException {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said;
    try (InputStream all = process.getInputStream()) {
      said = new String(all.readAllBytes());
    }
    if (process.waitFor() != 0) {
      throw new IllegalStateException(command.getFirst() + " failed: " + said);
    }
  }

  static void empty(Path folder) throws IOException {
    if (Files.exists(folder)) {
      Files.walkFileTree(
          folder,
          new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes about)
                throws IOException {
              file.toFile().setWritable(true);
              Files.delete(file);
              return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult postVisitDirectory(Path emptied, IOException e)
                throws IOException {
              Files.delete(emptied);
              return FileVisitResult.CONTINUE;
            }
          });
    }
    Files.createDirectories(folder);
  }
}
