import java.nio.file.Path;
import java.util.Locale;

/// The system for which packages are made: the one on which they are made.
enum Host {
  LINUX("deb"),
  WINDOWS("msi"),
  MACOS("dmg");

  /// The ending of its own packages.
  final String packaged;

  Host(String packaged) {
    this.packaged = packaged;
  }

  static Host here() {
    String name = System.getProperty("os.name").toLowerCase(Locale.ROOT);
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
    return this == LINUX ? Installer.NAME : Installer.TITLE;
  }

  String imageName() {
    return this == MACOS ? Installer.TITLE + ".app" : called();
  }
}
