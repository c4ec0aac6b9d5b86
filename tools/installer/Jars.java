import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassHierarchyResolver;
import java.lang.classfile.ClassModel;
import java.lang.classfile.ClassTransform;
import java.lang.classfile.CodeTransform;
import java.net.MalformedURLException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/// Makes the program's jars smaller and quicker to start. They do what they did before; the tests
/// have run on them as they were, and the packaged program is compared with that one.
final class Jars {
  /// What nothing here comes to: tables for reading documents in Chinese, Japanese and Korean
  /// encodings, looks of other programs, another way of packing jars, other archives than ZIP, and
  /// how names sound.
  private static final Pattern LEFT_OUT =
      Pattern.compile(
          "META-INF/maven/.*"
              + "|org/apache/fontbox/cmap/(?!.*Identity)[^.]+"
              + "|atlantafx/base/theme/(?!primer-light).*\\.[bc]ss"
              + "|org/apache/commons/compress/harmony/.*"
              + "|org/apache/commons/compress/archivers/(sevenz|tar|arj|cpio|dump|ar)/.*"
              + "|org/apache/commons/codec/language/.*");

  /// Libraries of which a small part is used, and that load nothing by a name that is put together.
  private static final Pattern SEARCHED =
      Pattern.compile(
          "(atlantafx-base|big-math|commons-(codec|compress|io|lang3|numbers|rng|statistics|text)|logback-(classic|core))-.*");

  private static final Pattern OWN = Pattern.compile("(core|documents|desktop|app)-.*");

  private final Set<String> reached;
  private final ClassFile withLines;
  private final ClassFile withoutLines;

  private Jars(ClassLoader all, Set<String> reached) {
    this.reached = reached;
    ClassFile.Option resolver =
        ClassFile.ClassHierarchyResolverOption.of(
            ClassHierarchyResolver.ofResourceParsing(all)
                .orElse(ClassHierarchyResolver.defaultResolver()));
    withLines = ClassFile.of(resolver, ClassFile.DebugElementsOption.DROP_DEBUG);
    withoutLines =
        ClassFile.of(
            resolver,
            ClassFile.DebugElementsOption.DROP_DEBUG,
            ClassFile.LineNumbersOption.DROP_LINE_NUMBERS);
  }

  /// @param folder with the jars
  /// @param javaFx with the modules that their classes refer to besides
  static void rewrite(Path folder, Path javaFx) throws IOException {
    URL[] all =
        Stream.concat(Work.jars(folder).stream(), Work.jars(javaFx).stream())
            .map(Jars::url)
            .toArray(URL[]::new);
    try (URLClassLoader loader = new URLClassLoader(all)) {
      Jars jars = new Jars(loader, Reached.in(Work.jars(folder), SEARCHED));
      for (Path jar : Work.jars(folder)) {
        jars.rewrite(jar);
      }
    }
  }

  private static URL url(Path file) {
    try {
      return file.toUri().toURL();
    } catch (MalformedURLException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void rewrite(Path jar) throws IOException {
    boolean own = OWN.matcher(jar.getFileName().toString()).matches();
    Path made = jar.resolveSibling(jar.getFileName() + ".part");
    try (ZipFile zip = new ZipFile(jar.toFile());
        ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(made))) {
      out.setLevel(Deflater.BEST_COMPRESSION);
      for (ZipEntry entry : kept(zip)) {
        byte[] bytes = zip.getInputStream(entry).readAllBytes();
        out.putNextEntry(new ZipEntry(entry.getName()));
        out.write(isClass(entry) ? rewritten(bytes, own) : bytes);
      }
    }
    Files.move(made, jar, StandardCopyOption.REPLACE_EXISTING);
  }

  private List<? extends ZipEntry> kept(ZipFile zip) {
    return zip.stream()
        .filter(entry -> !LEFT_OUT.matcher(entry.getName()).matches())
        .filter(entry -> !isClass(entry) || reached.contains(entry.getName().replace(".class", "")))
        .toList();
  }

  private static boolean isClass(ZipEntry entry) {
    return entry.getName().endsWith(".class") && !entry.getName().endsWith("module-info.class");
  }

  /// Without the names of variables, and in libraries without the numbers of lines, as in the Java
  /// that lies beside. A class in a format from before Java 6 is not kept ahead of time, and the
  /// command line's parser is among those: it is written anew in a later one.
  private byte[] rewritten(byte[] bytes, boolean own) {
    ClassFile format = own ? withLines : withoutLines;
    ClassModel model = format.parse(bytes);
    ClassTransform transform =
        own
            ? TypeSwitches.within(model)
            : ClassTransform.transformingMethodBodies(CodeTransform.ACCEPT_ALL);
    if (model.majorVersion() < ClassFile.JAVA_6_VERSION) {
      transform =
          transform.andThen(
              ClassTransform.endHandler(made -> made.withVersion(ClassFile.JAVA_8_VERSION, 0)));
    }
    return format.transformClass(model, transform);
  }
}
