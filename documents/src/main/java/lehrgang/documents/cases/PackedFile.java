package lehrgang.documents.cases;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Collections;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import lehrgang.documents.file.FileProblem;

/// Looks into a packed file before anything reads it: one that would unpack to far too much, or
/// that refers to things outside itself, is not opened.
final class PackedFile {
  private static final long MOST_UNPACKED = 400L << 20;
  private static final int MOST_ENTRIES = 5000;
  private static final int BUFFER = 1 << 16;
  private static final String TO_DO = ": save it anew as a workbook, or as CSV, and try again.";

  private PackedFile() {}

  /// @throws FileProblem if it is not safe to read, or is no packed file
  static void check(Path path) throws FileProblem {
    String name = path.getFileName().toString();
    try (ZipFile packed = new ZipFile(path.toFile())) {
      if (packed.size() > MOST_ENTRIES) {
        throw new FileProblem(name + " has far too many parts for a workbook" + TO_DO);
      }
      long unpacked = 0;
      for (ZipEntry entry : Collections.list(packed.entries())) {
        try (InputStream in = packed.getInputStream(entry)) {
          unpacked += unpack(in, entry, MOST_UNPACKED - unpacked, name);
        }
      }
    } catch (ZipException e) {
      throw new FileProblem(name + " is damaged or no workbook" + TO_DO, e);
    } catch (IOException e) {
      throw new FileProblem(path + " cannot be read: check that it is a file you may read.", e);
    }
  }

  private static long unpack(InputStream in, ZipEntry entry, long most, String name)
      throws IOException, FileProblem {
    byte[] buffer = new byte[BUFFER];
    long size = 0;
    boolean first = true;
    for (int many = in.readNBytes(buffer, 0, BUFFER);
        many > 0;
        many = in.readNBytes(buffer, 0, BUFFER)) {
      size += many;
      if (size > most) {
        throw new FileProblem(name + " would unpack to more than 400 MB" + TO_DO);
      }
      if (first && entry.getName().endsWith(".xml")) {
        String beginning = new String(buffer, 0, Math.min(many, BUFFER), StandardCharsets.UTF_8);
        if (beginning.contains("<!DOCTYPE") || beginning.contains("<!ENTITY")) {
          throw new FileProblem(name + " refers to things outside itself" + TO_DO);
        }
      }
      first = false;
    }
    return size;
  }
}
