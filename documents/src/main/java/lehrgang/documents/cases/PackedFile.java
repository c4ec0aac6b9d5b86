package lehrgang.documents.cases;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Collections;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;

/// Looks into a packed file before anything reads it: one that would unpack to far too much, or
/// that refers to things outside itself, is not opened.
final class PackedFile {
  private static final long MOST_UNPACKED = 100L << 20;

  /// No cell holds a longer text; readers keep each whole in memory.
  private static final int LONGEST_TEXT = 1 << 20;

  private static final int MOST_ENTRIES = 5000;
  private static final int BUFFER = 1 << 16;

  private static final String SHEETS = "xl/worksheets/";
  private static final int LONGEST_TAG = 240;

  /// A row or a cell where no sheet has one: room would be made for all columns up to it.
  private static final Pattern NO_PLACE =
      Pattern.compile(
          "<(?:\\w+:)?(?:c|row)\\s(?:[^<>]{0,150}\\s)?r="
              + "[\"'](?![A-Z]{0,3}[0-9]{1,7}[\"'])(?:[^\"'<>]{0,20}[\"']|[^\"'<>]{21})");

  private PackedFile() {}

  /// @throws FileProblem if it is not safe to read, or is no packed file
  static void check(Path path) throws FileProblem {
    String name = path.getFileName().toString();
    try (ZipFile packed = new ZipFile(path.toFile())) {
      if (packed.size() > MOST_ENTRIES) {
        throw problem("packed.many-parts", name);
      }
      long unpacked = 0;
      for (ZipEntry entry : Collections.list(packed.entries())) {
        try (InputStream in = packed.getInputStream(entry)) {
          unpacked += unpack(in, entry, MOST_UNPACKED - unpacked, name);
        }
      }
    } catch (ZipException e) {
      throw new FileProblem(about("packed.damaged", name), e);
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("file.unreadable").with("file", path.toString()), e);
    }
  }

  private static long unpack(InputStream in, ZipEntry entry, long most, String name)
      throws IOException, FileProblem {
    byte[] buffer = new byte[BUFFER];
    boolean sheet = entry.getName().startsWith(SHEETS);
    String before = "";
    boolean xml = entry.getName().endsWith(".xml");
    long size = 0;
    int text = 0;
    boolean first = true;
    for (int many = in.readNBytes(buffer, 0, BUFFER);
        many > 0;
        many = in.readNBytes(buffer, 0, BUFFER)) {
      size += many;
      if (size > most) {
        throw new FileProblem(about("packed.large", name).with("most", MOST_UNPACKED >> 20));
      }
      text = xml ? text(buffer, many, text, name) : 0;
      if (first && xml) {
        String beginning = new String(buffer, 0, Math.min(many, BUFFER), StandardCharsets.UTF_8);
        if (beginning.contains("<!DOCTYPE") || beginning.contains("<!ENTITY")) {
          throw problem("packed.outside", name);
        }
      }
      first = false;
      if (sheet) {
        String part = before + new String(buffer, 0, many, StandardCharsets.ISO_8859_1);
        if (NO_PLACE.matcher(part).find()) {
          throw problem("packed.damaged", name);
        }
        before = part.substring(Math.max(0, part.length() - LONGEST_TAG));
      }
    }
    return size;
  }

  /// How much text there is since the last tag.
  ///
  /// @param before how much there was before what the buffer holds
  private static int text(byte[] buffer, int many, int before, String name) throws FileProblem {
    int text = before;
    for (int i = 0; i < many; i++) {
      text = buffer[i] == '<' || buffer[i] == '>' ? 0 : text + 1;
      if (text > LONGEST_TEXT) {
        throw problem("packed.long-text", name);
      }
    }
    return text;
  }

  private static FileProblem problem(String key, String name) {
    return new FileProblem(about(key, name));
  }

  private static Phrase about(String key, String name) {
    return Phrase.of(key).with("file", name).with("remedy", Phrase.of("packed.remedy"));
  }
}
