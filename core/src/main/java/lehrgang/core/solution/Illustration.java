package lehrgang.core.solution;

import java.util.Base64;

/// A picture that an instructor puts beside the words, kept with the solution.
///
/// @param kind        how it is written
/// @param encoded     its file in Base64 (RFC 4648), as the solution keeps it
/// @param width       in pixels, at least 1
/// @param height      in pixels, at least 1
/// @param description what it shows, for those who do not see it; may be empty
public record Illustration(Kind kind, String encoded, int width, int height, String description) {
  /// The kinds of files that every form can show.
  public enum Kind {
    PNG("png", "image/png"),
    JPEG("jpg", "image/jpeg");

    private final String ending;
    private final String type;

    Kind(String ending, String type) {
      this.ending = ending;
      this.type = type;
    }

    /// How names of its files end, without the point.
    public String ending() {
      return ending;
    }

    /// Its media type (RFC 2046).
    public String type() {
      return type;
    }
  }

  /// The file's content.
  public byte[] content() {
    return Base64.getDecoder().decode(encoded);
  }

  /// The same picture, described otherwise.
  public Illustration described(String other) {
    return new Illustration(kind, encoded, width, height, other);
  }
}
