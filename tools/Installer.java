import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassFile.ClassHierarchyResolverOption;
import java.lang.classfile.ClassHierarchyResolver;
import java.lang.classfile.ClassTransform;
import java.lang.classfile.CodeTransform;
import java.lang.constant.ClassDesc;
import java.net.URI;
import java.nio.file.FileSystems;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.spi.ToolProvider;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

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
  private static final String NAME = "lehrgang";
  private static final String TITLE = "Lehrgang";

  /// What jdeps names for the program and its libraries; jdk.unsupported is asked for by JavaFX.
  private static final String MODULES =
      "java.base,java.desktop,java.logging,java.naming,java.xml,jdk.unsupported,javafx.controls";

  /// Parts of Java that nothing here comes to: windows and sounds of another kind, its own reader
  /// of XML (a library does that), directories and secure connections over a network, and tools. Of
  /// each package one class stays, as a module has to have those that it names.
  private static final List<String> LEFT_OUT =
      List.of(
          "java.desktop/javax/swing",
          "java.desktop/sun/swing",
          "java.desktop/com/sun/swing",
          "java.desktop/com/sun/java/swing",
          "java.desktop/javax/sound",
          "java.desktop/com/sun/media/sound",
          "java.desktop/sun/awt/X11",
          "java.xml/com/sun/org/apache",
          "java.xml/jdk/xml/internal/jdkcatalog",
          "java.naming/com/sun/jndi",
          "java.base/sun/security/ssl",
          "java.base/sun/security/tools");

  /// What belongs to those.
  private static final List<String> LIBRARIES_LEFT_OUT =
      List.of("splashscreen", "jsound", "awt_xawt");

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

  private static final Path ICONS = Path.of("desktop/src/main/resources/lehrgang/desktop/icon");

  private final String version;
  private final Path target;
  private final Path dist;
  private final Path out;
  private final Path work;
  private final System system = System.here();

  /// Where the program runs.
  private enum System {
    LINUX("deb"),
    WINDOWS("msi"),
    MACOS("dmg");

    private final String packaged;

    System(String packaged) {
      this.packaged = packaged;
    }

    static System here() {
      String name = java.lang.System.getProperty("os.name").toLowerCase(Locale.ROOT);
      return name.contains("win") ? WINDOWS : name.contains("mac") ? MACOS : LINUX;
    }

    /// The folder of a Java's libraries.
    String libraries() {
      return this == WINDOWS ? "bin" : "lib";
    }

    String executable(String name) {
      return this == WINDOWS ? name + ".exe" : name;
    }

    /// Where a folder with the program keeps its parts.
    Path application(Path image) {
      return switch (this) {
        case LINUX -> image.resolve("lib/app");
        case WINDOWS -> image.resolve("app");
        case MACOS -> image.resolve("Contents/app");
      };
    }

    Path runtime(Path image) {
      return switch (this) {
        case LINUX -> image.resolve("lib/runtime");
        case WINDOWS -> image.resolve("runtime");
        case MACOS -> image.resolve("Contents/runtime/Contents/Home");
      };
    }

    /// On Windows and macOS a program is called as people write it.
    String called() {
      return this == LINUX ? NAME : TITLE;
    }

    String imageName() {
      return this == MACOS ? TITLE + ".app" : called();
    }
  }

  private Installer(String version, Path target) {
    this.version = version;
    this.target = target;
    this.dist = target.resolve("dist");
    this.out = target.resolve("installer");
    this.work = out.resolve("work");
  }

  public static void main(String[] arguments) throws Exception {
    new Installer(arguments[0], Path.of(arguments[1])).make();
  }

  private void make() throws Exception {
    empty(out);
    Files.createDirectories(work);
    Path licences = licences();
    Path image = image(runtime(), licences);
    renew(image);
    aheadOfTime(image);
    if (system == System.LINUX) {
      shorten(image);
    }
    say("tar.gz", archived(image));
    Path made = packaged(image);
    if (system == System.LINUX) {
      repack(made, image);
    }
    say(system.packaged, made);
  }

  private static void say(String what, Path made) throws IOException {
    java.lang.System.out.printf("%s: %s, %.1f MB%n", what, made, Files.size(made) / 1e6);
  }

  /// A Java with nothing in it that the program does not use. What JavaFX loads from outside Java
  /// lies beside the Java's own, so that nothing is unpacked into anybody's home.
  private Path runtime() throws IOException, InterruptedException {
    Path runtime = work.resolve("runtime");
    tool(
        "jlink",
        "--module-path",
        ownModules().toString(),
        "--add-modules",
        MODULES,
        "--strip-java-debug-attributes",
        "--no-header-files",
        "--no-man-pages",
        "--compress",
        "zip-9",
        "--exclude-resources",
        "/javafx.graphics/*.so,/javafx.graphics/*.dll,/javafx.graphics/*.dylib,@" + leftOut(),
        "--output",
        runtime.toString());
    Path libraries = runtime.resolve(system.libraries());
    for (String name : LIBRARIES_LEFT_OUT) {
      Files.deleteIfExists(libraries.resolve(java.lang.System.mapLibraryName(name)));
    }
    for (Path jar : jars(ownModules())) {
      unpackLibraries(jar, libraries);
    }
    if (system == System.LINUX) {
      try (Stream<Path> all = Files.walk(libraries)) {
        for (Path library : all.filter(file -> file.toString().endsWith(".so")).toList()) {
          // Names for a debugger, a sixth of the virtual machine.
          process(List.of("strip", "--strip-unneeded", library.toString()));
        }
      }
    }
    return runtime;
  }

  /// A list of the files that are left out, as they lie in the Java that makes the package.
  private Path leftOut() throws IOException {
    Path modules = FileSystems.getFileSystem(URI.create("jrt:/")).getPath("/modules");
    List<String> files = new ArrayList<>();
    for (String part : LEFT_OUT) {
      Path folder = modules.resolve(part);
      if (Files.isDirectory(folder)) {
        try (Stream<Path> all = Files.walk(folder)) {
          for (Path one : all.filter(Files::isDirectory).toList()) {
            files.addAll(allButTheSmallest(modules, one));
          }
        }
      }
    }
    return Files.write(work.resolve("left-out.txt"), files);
  }

  private static List<String> allButTheSmallest(Path modules, Path folder) throws IOException {
    try (Stream<Path> all = Files.list(folder)) {
      return all.filter(Files::isRegularFile)
          .sorted(
              Comparator.<Path, Boolean>comparing(file -> !file.toString().endsWith(".class"))
                  .thenComparing(Installer::size))
          .skip(1)
          .map(file -> "/" + modules.relativize(file))
          .toList();
    }
  }

  private static long size(Path file) {
    try {
      return Files.size(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /// The modules of JavaFX with what belongs to this system, without the empty ones.
  private Path ownModules() throws IOException {
    Path folder = work.resolve("javafx");
    if (!Files.exists(folder)) {
      Files.createDirectories(folder);
      for (Path jar : jars(dist.resolve("javafx"))) {
        if (Files.size(jar) > 1000) {
          Files.copy(jar, folder.resolve(jar.getFileName()));
        }
      }
    }
    return folder;
  }

  private static void unpackLibraries(Path jar, Path folder) throws IOException {
    try (ZipFile zip = new ZipFile(jar.toFile())) {
      for (ZipEntry entry : (Iterable<ZipEntry>) zip.stream().map(ZipEntry.class::cast)::iterator) {
        if (entry.getName().matches("[^/]+\\.(so|dll|dylib)")) {
          try (InputStream library = zip.getInputStream(entry)) {
            Files.copy(
                library, folder.resolve(entry.getName()), StandardCopyOption.REPLACE_EXISTING);
          }
        }
      }
    }
  }

  /// The program as a folder, with a launcher.
  private Path image(Path runtime, Path licences) throws IOException, InterruptedException {
    List<String> arguments =
        new ArrayList<>(
            List.of(
                "--type",
                "app-image",
                "--name",
                system.called(),
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
                icon("lehrgang").toString(),
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
    tool("jpackage", arguments.toArray(String[]::new));
    return work.resolve(system.imageName());
  }

  /// Goes once through what a start needs, in the place where the program lies now, and keeps the
  /// classes as they are then. The class path is the launcher's, in its order.
  private void aheadOfTime(Path image) throws IOException, InterruptedException {
    Path application = system.application(image);
    List<String> jars =
        classPath(image).stream()
            .map(jar -> application.toAbsolutePath().resolve(jar).toString())
            .toList();
    List<String> command = new ArrayList<>();
    command.add(system.runtime(image).resolve("bin").resolve(system.executable("java")).toString());
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
    process(command);
  }

  /// The names of the jars in the order of the launcher.
  private List<String> classPath(Path image) throws IOException {
    return Files.readAllLines(system.application(image).resolve(system.called() + ".cfg")).stream()
        .filter(line -> line.startsWith("app.classpath="))
        .map(line -> line.substring(line.indexOf('=') + 1))
        .map(line -> line.replaceFirst("^\\$APPDIR[/\\\\]", ""))
        .toList();
  }

  /// Writes classes anew that are in a format from before Java 6: those are not kept ahead of time,
  /// and the command line's parser is among them.
  private void renew(Path image) throws IOException {
    for (Path jar : jars(system.application(image))) {
      Map<String, byte[]> entries = new LinkedHashMap<>();
      boolean old = false;
      try (ZipFile zip = new ZipFile(jar.toFile())) {
        ClassFile format = ClassFile.of(ClassHierarchyResolverOption.of(within(zip)));
        for (ZipEntry entry :
            (Iterable<ZipEntry>) zip.stream().map(ZipEntry.class::cast)::iterator) {
          byte[] bytes = zip.getInputStream(entry).readAllBytes();
          if (entry.getName().endsWith(".class")
              && majorVersion(bytes) < ClassFile.JAVA_6_VERSION) {
            bytes = renewed(format, bytes);
            old = true;
          }
          entries.put(entry.getName(), bytes);
        }
      }
      if (old) {
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(jar))) {
          for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
            out.putNextEntry(new ZipEntry(entry.getKey()));
            out.write(entry.getValue());
          }
        }
      }
    }
  }

  private static int majorVersion(byte[] bytes) {
    return (bytes[6] & 0xFF) << 8 | bytes[7] & 0xFF;
  }

  private static byte[] renewed(ClassFile format, byte[] bytes) {
    return format.transformClass(
        format.parse(bytes),
        ClassTransform.transformingMethodBodies(CodeTransform.ACCEPT_ALL)
            .andThen(
                ClassTransform.endHandler(made -> made.withVersion(ClassFile.JAVA_8_VERSION, 0))));
  }

  /// The classes of a jar, and those of Java.
  private static ClassHierarchyResolver within(ZipFile zip) {
    return ClassHierarchyResolver.ofResourceParsing(
            (ClassDesc name) -> {
              String described = name.descriptorString();
              ZipEntry entry =
                  zip.getEntry(described.substring(1, described.length() - 1) + ".class");
              try {
                return entry == null ? null : zip.getInputStream(entry);
              } catch (IOException e) {
                throw new UncheckedIOException(e);
              }
            })
        .orElse(ClassHierarchyResolver.defaultResolver());
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
    for (Path jar : jars(dist.resolve("lib"))) {
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
    process(
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
    return System.here().name().toLowerCase(Locale.ROOT)
        + "-"
        + java.lang.System.getProperty("os.arch");
  }

  private Path packaged(Path image) throws IOException, InterruptedException {
    List<String> arguments =
        new ArrayList<>(
            List.of(
                "--type",
                system.packaged,
                "--name",
                system.called(),
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
    switch (system) {
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
    tool("jpackage", arguments.toArray(String[]::new));
    try (Stream<Path> made = Files.list(out)) {
      return made.filter(file -> file.toString().endsWith("." + system.packaged))
          .max(Comparator.comparing(file -> file.toFile().lastModified()))
          .orElseThrow();
    }
  }

  /// Puts the command on the path, and gives every file the time it has in the folder: the classes
  /// that were loaded ahead of time are taken for those of another program where a time differs.
  private void repack(Path made, Path image) throws IOException, InterruptedException {
    Path tree = work.resolve("tree");
    process(List.of("dpkg-deb", "-R", made.toString(), tree.toString()));
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
    process(
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
            .formatted(ending, ending, said, icon(icon).toString().replace('\\', '/')));
    return file;
  }

  /// An icon in the form that the system takes.
  private Path icon(String name) throws IOException {
    return switch (system) {
      case LINUX -> ICONS.resolve(name + "-256.png").toAbsolutePath();
      case WINDOWS -> Files.write(work.resolve(name + ".ico"), ico(pictures(name)));
      case MACOS -> Files.write(work.resolve(name + ".icns"), icns(pictures(name)));
    };
  }

  private static Map<Integer, byte[]> pictures(String name) throws IOException {
    Map<Integer, byte[]> pictures = new LinkedHashMap<>();
    for (int size : new int[] {16, 32, 48, 64, 128, 256, 512}) {
      Path picture = ICONS.resolve(name + "-" + size + ".png");
      if (Files.exists(picture)) {
        pictures.put(size, Files.readAllBytes(picture));
      }
    }
    return pictures;
  }

  /// Pictures of up to 256 in one file: a head, a line for each, and the pictures as they are.
  private static byte[] ico(Map<Integer, byte[]> pictures) throws IOException {
    Map<Integer, byte[]> small = new LinkedHashMap<>(pictures);
    small.keySet().removeIf(size -> size > 256);
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    littleEndian(bytes, 2, 0, 1, small.size());
    int at = 6 + 16 * small.size();
    for (Map.Entry<Integer, byte[]> picture : small.entrySet()) {
      bytes.write(picture.getKey() % 256);
      bytes.write(picture.getKey() % 256);
      littleEndian(bytes, 2, 0, 1, 32);
      littleEndian(bytes, 4, picture.getValue().length, at);
      at += picture.getValue().length;
    }
    for (byte[] picture : small.values()) {
      bytes.write(picture);
    }
    return bytes.toByteArray();
  }

  private static void littleEndian(ByteArrayOutputStream bytes, int width, int... numbers) {
    for (int number : numbers) {
      for (int k = 0; k < width; k++) {
        bytes.write(number >>> (8 * k));
      }
    }
  }

  /// Pictures from 128 on, each under the name of its size.
  private static byte[] icns(Map<Integer, byte[]> pictures) throws IOException {
    Map<Integer, String> names = Map.of(128, "ic07", 256, "ic08", 512, "ic09");
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    DataOutputStream parts = new DataOutputStream(all);
    for (Map.Entry<Integer, byte[]> picture : pictures.entrySet()) {
      if (names.containsKey(picture.getKey())) {
        parts.writeBytes(names.get(picture.getKey()));
        parts.writeInt(picture.getValue().length + 8);
        parts.write(picture.getValue());
      }
    }
    ByteArrayOutputStream file = new ByteArrayOutputStream();
    DataOutputStream whole = new DataOutputStream(file);
    whole.writeBytes("icns");
    whole.writeInt(all.size() + 8);
    whole.write(all.toByteArray());
    return file.toByteArray();
  }

  private static List<Path> jars(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(file -> file.toString().endsWith(".jar")).sorted().toList();
    }
  }

  private static void tool(String name, String... arguments) {
    ToolProvider tool =
        ToolProvider.findFirst(name)
            .orElseThrow(
                () -> new IllegalStateException("This Java has no " + name + "; take a JDK."));
    if (tool.run(java.lang.System.out, java.lang.System.err, arguments) != 0) {
      throw new IllegalStateException(name + " failed.");
    }
  }

  private static void process(List<String> command) throws IOException, InterruptedException {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said;
    try (InputStream all = process.getInputStream()) {
      said = new String(all.readAllBytes());
    }
    if (process.waitFor() != 0) {
      throw new IllegalStateException(command.getFirst() + " failed: " + said);
    }
  }

  private static void empty(Path folder) throws IOException {
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
