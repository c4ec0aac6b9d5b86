package lehrgang.documents.file;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/// Files packed into one, in the order in which they are added and without a clock, so that what is
/// made again is the same.
public final class Archive {
  /// A time that the format holds; the very first one would be taken for an even earlier one, and
  /// get a field of its own that must not stand before the type of an ODF file.
  private static final LocalDateTime EARLY = LocalDateTime.of(1980, 1, 2, 0, 0);

  private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
  private final ZipOutputStream zip = new ZipOutputStream(bytes);

  /// Packs a file as it is, so that it can be found without unpacking.
  ///
  /// @param name with the folders on the way, parted by `/`
  public void stored(String name, byte[] content) {
    CRC32 sum = new CRC32();
    sum.update(content);
    ZipEntry entry = entry(name);
    entry.setMethod(ZipEntry.STORED);
    entry.setSize(content.length);
    entry.setCrc(sum.getValue());
    put(entry, content);
  }

  /// Packs a file.
  ///
  /// @param name with the folders on the way, parted by `/`
  public void add(String name, byte[] content) {
    put(entry(name), content);
  }

  private void put(ZipEntry entry, byte[] content) {
    try {
      zip.putNextEntry(entry);
      zip.write(content);
      zip.closeEntry();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static ZipEntry entry(String name) {
    ZipEntry entry = new ZipEntry(name);
    entry.setTimeLocal(EARLY);
    return entry;
  }

  /// The whole archive; nothing can be added after it.
  public byte[] bytes() {
    try {
      zip.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }
}
