import java.io.IOException;
import java.lang.classfile.ClassFile;
import java.lang.classfile.constantpool.ClassEntry;
import java.lang.classfile.constantpool.ConstantPool;
import java.lang.classfile.constantpool.PoolEntry;
import java.lang.classfile.constantpool.Utf8Entry;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/// The classes that something leads to: those of every jar but a few, and from there whatever a
/// class names, in its code, in the types of what it declares, or in a text, as it is done to load
/// a class by its name.
final class Reached {
  private static final String CLASS = ".class";
  private static final Pattern DESCRIBED = Pattern.compile("L([\\w/$]+)[;<]");

  /// A text that is longer names no class.
  private static final int LONGEST_NAME = 400;

  private final Map<String, byte[]> classes = new HashMap<>();
  private final Deque<String> next = new ArrayDeque<>();
  private final Set<String> reached = new HashSet<>();

  /// @param jars       all
  /// @param searched   those of which a part may not be reached
  /// @throws IOException if one cannot be read
  static Set<String> in(List<Path> jars, Pattern searched) throws IOException {
    Reached all = new Reached();
    for (Path jar : jars) {
      all.read(jar, searched.matcher(jar.getFileName().toString()).matches());
    }
    while (!all.next.isEmpty()) {
      String name = all.next.poll();
      if (all.classes.containsKey(name) && all.reached.add(name)) {
        all.follow(ClassFile.of().parse(all.classes.get(name)).constantPool());
      }
    }
    return all.reached;
  }

  private void read(Path jar, boolean searched) throws IOException {
    try (ZipFile zip = new ZipFile(jar.toFile())) {
      for (ZipEntry entry : zip.stream().toList()) {
        String name = entry.getName();
        if (name.endsWith(CLASS)) {
          String type = name.substring(0, name.length() - CLASS.length());
          classes.put(type, zip.getInputStream(entry).readAllBytes());
          if (!searched) {
            next.add(type);
          }
        } else if (name.startsWith("META-INF/services/")) {
          new String(zip.getInputStream(entry).readAllBytes())
              .lines()
              .map(line -> line.replaceFirst("#.*", "").strip().replace('.', '/'))
              .forEach(next::add);
        }
      }
    }
  }

  private void follow(ConstantPool pool) {
    for (PoolEntry entry : pool) {
      switch (entry) {
        case ClassEntry type -> next.add(type.asInternalName().replaceFirst("^\\[+L|;$", ""));
        case Utf8Entry text when text.length() <= LONGEST_NAME -> {
          next.add(text.stringValue().replace('.', '/'));
          Matcher described = DESCRIBED.matcher(text.stringValue());
          while (described.find()) {
            next.add(described.group(1));
          }
        }
        default -> {
          // A number, or what is made of those.
        }
      }
    }
  }
}
