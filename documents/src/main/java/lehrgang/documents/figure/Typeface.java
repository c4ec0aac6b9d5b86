package lehrgang.documents.figure;

import java.io.InputStream;
import java.util.Objects;

/// The sans serif of figures and of the interface, shipped with the program.
public enum Typeface {
  REGULAR,
  SEMIBOLD;

  /// The font's file, from its beginning.
  public InputStream open() {
    String name = this == REGULAR ? "Regular" : "Semibold";
    return Objects.requireNonNull(
        Typeface.class.getResourceAsStream(
            "/lehrgang/documents/fonts/SourceSans3-" + name + ".ttf"));
  }
}
