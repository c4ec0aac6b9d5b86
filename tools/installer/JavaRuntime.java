import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/// A Java of the program's own, with the modules that it needs and no others.
///
/// @param javaFx folder with the modules of JavaFX that have something in them
/// @param work    where it is made
/// @param host    the system on which it is to run
record JavaRuntime(Path javaFx, Path work, Host host) {
  /// What jdeps names for the program and its libraries; jdk.unsupported is asked for by JavaFX.
  private static final String MODULES =
      "java.base,java.desktop,java.logging,java.naming,java.xml,jdk.unsupported,javafx.controls";

  /// Parts of Java that nothing here comes to: windows and sounds of another kind, its own reader
  /// of XML (a library does that), directories and secure connections over a network, tools, and
  /// pages about classes. Of each package one file stays, as a module has to have those that it
  /// names.
  private static final List<String> LEFT_OUT =
      List.of(
          "java.desktop/javax/swing",
          "java.desktop/sun/swing",
          "java.desktop/com/sun/swing",
          "java.desktop/com/sun/java/swing",
          "java.desktop/javax/sound",
          "java.desktop/com/sun/media/sound",
          "java.desktop/sun/awt/X11",
          "java.desktop/java/awt/doc-files",
          "java.desktop/sun/java2d/opengl",
          "java.desktop/sun/java2d/xr",
          "java.desktop/java/awt/dnd",
          "java.xml/com/sun/org/apache",
          "java.xml/jdk/xml/internal/jdkcatalog",
          "java.naming/com/sun/jndi",
          "java.base/sun/security/ssl",
          "java.base/sun/net/ftp",
          "java.base/sun/net/www/http",
          "java.base/sun/net/www/protocol/http",
          "java.base/sun/net/www/protocol/https",
          "java.base/sun/net/www/protocol/ftp",
          "java.base/sun/security/tools");

  /// Parts of JavaFX that nothing here comes to: what it loads from outside Java, which lies
  /// elsewhere, the looks that it had once, and its charts. And what Java itself says in other
  /// languages, which is written into the log.
  private static final String PATTERNS_LEFT_OUT =
      "/javafx.graphics/*.so,/javafx.graphics/*.dll,/javafx.graphics/*.dylib,"
          + "/javafx.controls/com/sun/javafx/scene/control/skin/caspian/**,"
          + "/javafx.controls/com/sun/javafx/charts/**,"
          + "/javafx.controls/javafx/scene/chart/[B-Z]*,"
          + "regex:/java\\..*_(de|ja|zh_CN|zh_TW)\\.(class|properties)";

  /// On Linux the system's own commands print.
  private static final List<String> LEFT_OUT_ON_LINUX =
      List.of("java.desktop/sun/print", "java.desktop/javax/print");

  /// What belongs to those, and a way of sorting that no computation here is long enough for.
  private static final List<String> LIBRARIES_LEFT_OUT =
      List.of("splashscreen", "jsound", "awt_xawt", "simdsort");

  /// What is for building with this Java, and for secure connections.
  private static final List<String> FILES_LEFT_OUT =
      List.of(
          "lib/classlist",
          "lib/jrt-fs.jar",
          "lib/jexec",
          "lib/security/cacerts",
          "lib/security/public_suffix_list.dat");

  /// A Java with nothing in it that the program does not use. What JavaFX loads from outside Java
  /// lies beside the Java's own, so that nothing is unpacked into anybody's home.
  Path make() throws IOException, InterruptedException {
    Path runtime = work.resolve("runtime");
    Work.tool(
        "jlink",
        "--module-path",
        javaFx.toString(),
        "--add-modules",
        MODULES,
        "--strip-java-debug-attributes",
        "--no-header-files",
        "--no-man-pages",
        "--compress",
        "zip-9",
        "--exclude-resources",
        PATTERNS_LEFT_OUT + ",@" + leftOut(),
        "--output",
        runtime.toString());
    Path libraries = runtime.resolve(host.libraries());
    for (String name : LIBRARIES_LEFT_OUT) {
      Files.deleteIfExists(libraries.resolve(System.mapLibraryName(name)));
    }
    for (String name : FILES_LEFT_OUT) {
      Files.deleteIfExists(runtime.resolve(name));
    }
    for (Path jar : Work.jars(javaFx)) {
      unpackLibraries(jar, libraries);
    }
    if (host == Host.LINUX) {
      try (Stream<Path> all = Files.walk(libraries)) {
        for (Path library : all.filter(file -> file.toString().endsWith(".so")).toList()) {
          // Names for a debugger, a sixth of the virtual machine.
          Work.process(List.of("strip", "--strip-unneeded", library.toString()));
        }
      }
    }
    return runtime;
  }

  /// A list of the files that are left out, as they lie in the Java that makes the package.
  private Path leftOut() throws IOException {
    Path modules = FileSystems.getFileSystem(URI.create("jrt:/")).getPath("/modules");
    List<String> files = new ArrayList<>();
    List<String> parts = new ArrayList<>(LEFT_OUT);
    if (host == Host.LINUX) {
      parts.addAll(LEFT_OUT_ON_LINUX);
    }
    for (String part : parts) {
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
                  .thenComparing(JavaRuntime::size))
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
}
