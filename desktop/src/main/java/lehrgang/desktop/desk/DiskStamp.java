package lehrgang.desktop.desk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.Optional;

/// By what a file is known to be the one that was read or written last.
record DiskStamp(FileTime changed, long size) {
  /// Empty for a file that is not there, or cannot be looked at.
  static Optional<DiskStamp> of(Path file) {
    try {
      BasicFileAttributes about = Files.readAttributes(file, BasicFileAttributes.class);
      return Optional.of(new DiskStamp(about.lastModifiedTime(), about.size()));
    } catch (IOException e) {
      return Optional.empty();
    }
  }
}
