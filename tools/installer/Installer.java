import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/// Makes the packages of the system on which it runs, from what the build has put into `dist`:
///
/// 1. a Java of its own, with the modules that the program needs and no others;
/// 2. the program as a folder that can stand anywhere, with a launcher, the classes loaded ahead of
///    time, the demo course and the licences;
/// 3. that folder as `.tar.gz`, and as the native package: `.deb`, `.msi` or `.dmg`.
///
/// Run by `mvn -Pinstaller package`. Arguments: the version, and the folder into which the build
/// has put everything.
final class Installer {
  static final String NAME = "lehrgang";
  static final String TITLE = "Lehrgang";

  private static final List<String> OPTIONS =
      List.of("--enable-native-access=javafx.graphics,ALL-UNNAMED", "-XX:+UseSerialGC");

  /// What the window needs of a Debian or Ubuntu system, under its names from before and after
  /// their change of time; what those need in turn comes with them.
  private static final List<String> NEEDED =
      List.of(
          "libc6",
          "libgtk-3-0t64 | libgtk-3-0",
          "libgl1",
          "libxtst6",
          "libxxf86vm1",
          "libfontconfig1",
          "libfreetype6",
          "xdg-utils");

  private final String version;
  private final Path target;
  private final Path dist;
  private final Path out;
  private final Path work;
  private final Host host = Host.here();
  private final Icons icons;

  private Installer(String version, Path target) {
    this.version = version;
    this.target = target;
    this.dist = target.resolve("dist");
    this.out = target.resolve("installer");
    this.work = out.resolve("work");
    this.icons = new Icons(work, host);
  }

  public static void main(String[] arguments) throws Exception {
    new Installer(arguments[0], Path.of(arguments[1])).make();
  }

  private void make() throws Exception {
    Work.empty(out);
    Files.createDirectories(work);
    Path licences = licences();
    Path image = image(new JavaRuntime(javaFx(), work, host).make(), licences);
    aheadOfTime(image);
    if (host == Host.LINUX) {
      shorten(image);
    }
    say("tar.gz", archived(image));
    Path made = packaged(image);
    if (host == Host.LINUX) {
      repack(made, image);
    }
    say(host.packaged, made);
  }

  private static void say(String what, Path made) throws IOException {
    System.out.printf("%s: %s, %.1f MB%n", what, made, Files.size(made) / 1e6);
  }

  /// The modules of JavaFX with what belongs to this system, without the empty ones.
  private Path javaFx() throws IOException {
    Path folder = work.resolve("javafx");
    if (!Files.exists(folder)) {
      Files.createDirectories(folder);
      for (Path jar : Work.jars(dist.resolve("javafx"))) {
        if (Files.size(jar) > 1000) {
          Files.copy(jar, folder.resolve(jar.getFileName()));
        }
      }
    }
    return folder;
  }

  /// The program as a folder, with a launcher.
  private Path image(Path runtime, Path licences) throws IOException, InterruptedException {
    List<String> arguments =
        new ArrayList<>(
            List.of(
                "--type",
                "app-image",
                "--name",
                host.called(),
                "--app-version",
                version,
                "--runtime-image",
                runtime.toString(),
                "--input",
                dist.resolve("lib").toString(),
                "--main-jar",
                "app-" + version + ".jar",
                "--main-class",
                "lehrgang.app.Main",
                "--icon",
                icons.icon("lehrgang").toString(),
                "--dest",
                work.toString()));
    List<String> options = new ArrayList<>(OPTIONS);
    options.addAll(
        List.of(
            "-XX:AOTCache=$APPDIR/lehrgang.aot",
            "-Xlog:aot=off",
            "-Xlog:cds=off",
            "-Dlehrgang.licences=$APPDIR/../" + licences.getFileName()));
    options.forEach(option -> arguments.addAll(List.of("--java-options", option)));
    List<Path> along =
        List.of(licences, target.resolve("lehrgang-parts.cdx.json"), Path.of("demo"));
    arguments.addAll(
        List.of("--app-content", String.join(",", along.stream().map(Path::toString).toList())));
    Work.tool("jpackage", arguments.toArray(String[]::new));
    return work.resolve(host.imageName());
  }

  /// Goes once through what a start needs, in the place where the program lies now, and keeps the
  /// classes as they are then. The class path is the launcher's, in its order.
  private void aheadOfTime(Path image) throws IOException, InterruptedException {
    Path application = host.application(image);
    List<String> jars =
        classPath(image).stream()
            .map(jar -> application.toAbsolutePath().resolve(jar).toString())
            .toList();
    List<String> command = new ArrayList<>();
    command.add(host.runtime(image).resolve("bin").resolve(host.executable("java")).toString());
    command.addAll(OPTIONS);
    command.addAll(
        List.of(
            "-XX:AOTCacheOutput=" + application.resolve("lehrgang.aot"),
            "-XX:TieredStopAtLevel=1",
            "-cp",
            String.join(java.io.File.pathSeparator, jars),
            "lehrgang.app.Main",
            "rehearse",
            "--start"));
    Work.process(command);
  }

  /// The names of the jars in the order of the launcher.
  private List<String> classPath(Path image) throws IOException {
    return Files.readAllLines(host.application(image).resolve(host.called() + ".cfg")).stream()
        .filter(line -> line.startsWith("app.classpath="))
        .map(line -> line.substring(line.indexOf('=') + 1))
        .map(line -> line.replaceFirst("^\\$APPDIR[/\\\\]", ""))
        .toList();
  }

  /// On Linux a script starts the Java at once; the packager's launcher starts itself a second time
  /// first, and cannot tell short work from long.
  private void shorten(Path image) throws IOException {
    String options = String.join(" ", OPTIONS) + " -Xlog:aot=off -Xlog:cds=off";
    Path launcher = image.resolve("bin").resolve(NAME);
    Files.writeString(
        launcher,
        Files.readString(Path.of("app/src/installer/lehrgang"))
            .replace("@OPTIONS@", options)
            .replace("@JARS@", String.join(" ", classPath(image))));
    Files.delete(image.resolve("lib/libapplauncher.so"));
  }

  /// What is shipped and under which terms: the program's own, a list of the libraries, and the
  /// texts that they bring along, each once.
  private Path licences() throws IOException {
    Map<String, List<String>> texts = new LinkedHashMap<>();
    for (Path jar : Work.jars(dist.resolve("lib"))) {
      try (ZipFile zip = new ZipFile(jar.toFile())) {
        for (ZipEntry entry :
            (Iterable<ZipEntry>) zip.stream().map(ZipEntry.class::cast)::iterator) {
          if (entry
              .getName()
              .matches("(?i)(META-INF/|fonts/.*)?[^/]*(LICEN[CS]E|NOTICE|OFL)[^/]*")) {
            try (InputStream text = zip.getInputStream(entry)) {
              texts
                  .computeIfAbsent(new String(text.readAllBytes()).strip(), _ -> new ArrayList<>())
                  .add(jar.getFileName() + ": " + entry.getName());
            }
          }
        }
      }
    }
    StringBuilder all = new StringBuilder();
    all.append(TITLE).append(' ').append(version).append("\n\n");
    all.append(Files.readString(Path.of("LICENSE")).strip()).append("\n\n");
    all.append("Libraries\n=========\n");
    all.append(Files.readString(target.resolve("licences/libraries.txt")).strip()).append("\n");
    all.append("\nThe terms of the Java that comes along are in its folder \"legal\".\n");
    texts.forEach(
        (text, from) ->
            all.append("\n\n")
                .append(String.join("\n", from))
                .append("\n")
                .append("-".repeat(72))
                .append("\n")
                .append(text)
                .append("\n"));
    return Files.writeString(out.resolve("licences.txt"), all);
  }

  private Path archived(Path image) throws IOException, InterruptedException {
    Path archive = out.resolve(NAME + "-" + version + "-" + platform() + ".tar.gz");
    Work.process(
        List.of(
            "tar",
            "-C",
            image.getParent().toString(),
            "-czf",
            archive.toString(),
            image.getFileName().toString()));
    return archive;
  }

  private static String platform() {
    return Host.here().name().toLowerCase(Locale.ROOT) + "-" + System.getProperty("os.arch");
  }

  private Path packaged(Path image) throws IOException, InterruptedException {
    List<String> arguments =
        new ArrayList<>(
            List.of(
                "--type",
                host.packaged,
                "--name",
                host.called(),
                "--app-version",
                version,
                "--app-image",
                image.toString(),
                "--description",
                "Transparent worked solutions for tests on categorical data",
                "--vendor",
                TITLE,
                "--license-file",
                "LICENSE",
                "--dest",
                out.toString()));
    for (Map.Entry<String, String> type :
        Map.of("lehrgang", "document", "lehrgang-style", "style").entrySet()) {
      arguments.addAll(
          List.of("--file-associations", association(type.getKey(), type.getValue()).toString()));
    }
    switch (host) {
      case LINUX ->
          arguments.addAll(
              List.of(
                  "--linux-shortcut",
                  "--linux-menu-group",
                  "Education;Math;",
                  "--linux-app-category",
                  "education",
                  "--linux-deb-maintainer",
                  "lehrgang@localhost"));
      case WINDOWS ->
          arguments.addAll(List.of("--win-menu", "--win-shortcut-prompt", "--win-dir-chooser"));
      case MACOS -> {
        // A disk image needs nothing more.
      }
    }
    Work.tool("jpackage", arguments.toArray(String[]::new));
    try (Stream<Path> made = Files.list(out)) {
      return made.filter(file -> file.toString().endsWith("." + host.packaged))
          .max(Comparator.comparing(file -> file.toFile().lastModified()))
          .orElseThrow();
    }
  }

  /// Puts the command on the path, and gives every file the time it has in the folder: the classes
  /// that were loaded ahead of time are taken for those of another program where a time differs.
  private void repack(Path made, Path image) throws IOException, InterruptedException {
    Path tree = work.resolve("tree");
    Work.process(List.of("dpkg-deb", "-R", made.toString(), tree.toString()));
    Path installed = tree.resolve("opt").resolve(NAME);
    try (Stream<Path> files = Files.walk(image)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        Path there = installed.resolve(image.relativize(file).toString());
        if (Files.exists(there)) {
          Files.setLastModifiedTime(there, Files.getLastModifiedTime(file));
        }
      }
    }
    change(
        tree.resolve("DEBIAN/control"),
        "(?m)^Depends:.*$",
        "Depends: " + String.join(", ", NEEDED));
    change(
        installed.resolve("lib/lehrgang-lehrgang.desktop"),
        "(?m)^Name=.*$",
        "Name=" + TITLE + "\nStartupWMClass=lehrgang");
    change(installed.resolve("lib/lehrgang-lehrgang.desktop"), "(?m)^(Exec=.*)$", "$1 %F");
    Path command = tree.resolve("usr/bin").resolve(NAME);
    Files.createDirectories(command.getParent());
    Files.createSymbolicLink(command, Path.of("/opt", NAME, "bin", NAME));
    Work.process(
        List.of(
            "dpkg-deb", "--root-owner-group", "-Zxz", "--build", tree.toString(), made.toString()));
  }

  private static void change(Path file, String what, String into) throws IOException {
    Files.writeString(file, Files.readString(file).replaceFirst(what, into));
  }

  /// A type of file, for the system's files and double clicks.
  private Path association(String ending, String icon) throws IOException {
    Path file = work.resolve(ending + ".properties");
    String said = ending.equals("lehrgang") ? "Lehrgang solution" : "Lehrgang course style";
    Files.writeString(
        file,
        """
        extension=%s
        mime-type=application/x-%s+json
        description=%s
        icon=%s
        """
            .formatted(ending, ending, said, icons.icon(icon).toString().replace('\\', '/')));
    return file;
  }
}
