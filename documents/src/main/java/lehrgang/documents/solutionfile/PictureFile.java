package lehrgang.documents.solutionfile;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import lehrgang.core.solution.Illustration;
import lehrgang.core.solution.Illustration.Kind;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;

/// Pictures that an instructor brings along.
public final class PictureFile {
  /// Larger ones would make every sheet too large to send.
  private static final int MOST_BYTES = 4 << 20;

  private static final int MOST_PIXELS = 8000;
  private static final int MEGABYTE = 1 << 20;

  /// The endings of names of pictures.
  public static final List<String> ENDINGS = List.of(".png", ".jpg", ".jpeg");

  private PictureFile() {}

  /// Whether a file is a picture, by its name.
  public static boolean isNamed(Path path) {
    String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
    return ENDINGS.stream().anyMatch(name::endsWith);
  }

  /// Reads a picture.
  ///
  /// @throws FileProblem if it cannot be read, is neither PNG nor JPEG, is damaged, or larger than
  ///     4 MB or 8000 pixels
  public static Illustration read(Path path) throws FileProblem {
    Phrase name = Phrase.of("picture.file").with("file", path.getFileName().toString());
    try {
      if (Files.size(path) > MOST_BYTES) {
        throw new FileProblem(
            Phrase.of("picture.large").with("picture", name).with("most", MOST_BYTES / MEGABYTE));
      }
      return of(Files.readAllBytes(path), name);
    } catch (NoSuchFileException e) {
      throw new FileProblem(Phrase.of("file.missing").with("file", path.toString()), e);
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("picture.unreadable").with("picture", name), e);
    }
  }

  /// A picture from the content of its file.
  ///
  /// @param name of the picture, for sentences
  /// @throws FileProblem if it is neither PNG nor JPEG, damaged, or larger than 8000 pixels
  public static Illustration of(byte[] content, Phrase name) throws FileProblem {
    try (ImageInputStream stream =
        ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
      ImageReader reader = readers.hasNext() ? readers.next() : null;
      Optional<Kind> kind = reader == null ? Optional.empty() : kind(reader.getFormatName());
      if (kind.isEmpty()) {
        throw new FileProblem(Phrase.of("picture.none").with("picture", name));
      }
      try {
        reader.setInput(stream);
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if (width > MOST_PIXELS || height > MOST_PIXELS) {
          throw new FileProblem(
              Phrase.of("picture.pixels")
                  .with("picture", name)
                  .with("width", width)
                  .with("height", height)
                  .with("most", MOST_PIXELS));
        }
        BufferedImage whole = reader.read(0);
        return new Illustration(
            kind.get(),
            Base64.getEncoder().encodeToString(content),
            whole.getWidth(),
            whole.getHeight(),
            "");
      } finally {
        reader.dispose();
      }
    } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
      throw new FileProblem(Phrase.of("picture.damaged").with("picture", name), e);
    }
  }

  private static Optional<Kind> kind(String format) {
    return Arrays.stream(Kind.values())
        .filter(kind -> format.equalsIgnoreCase(kind.name()))
        .findFirst();
  }
}
