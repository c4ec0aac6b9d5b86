package lehrgang.documents.paper;

import java.util.Optional;

/// A part of the document's structure, as readers with a screen reader go through it. What is
/// painted says to which it belongs; an element takes its place in its parent when it is first
/// painted.
///
/// Two elements are the same only if they are one.
public final class Element {
  /// The standard types of PDF 1.7 (ISO 32000-1, 14.8.4) that the house uses.
  public enum Type {
    DOCUMENT("Document"),
    SECTION("Sect"),
    TITLE("H1"),
    HEADING("H2"),
    PARAGRAPH("P"),
    FORMULA("Formula"),
    FIGURE("Figure"),
    TABLE("Table"),
    CAPTION("Caption"),
    ROW("TR"),
    COLUMN_HEAD("TH"),
    ROW_HEAD("TH"),
    CELL("TD"),
    LIST("L"),
    ITEM("LI");

    private final String name;

    Type(String name) {
      this.name = name;
    }

    String pdfName() {
      return name;
    }
  }

  private final Type type;
  private final Optional<Element> parent;
  private final String alternative;

  private Element(Type type, Optional<Element> parent, String alternative) {
    this.type = type;
    this.parent = parent;
    this.alternative = alternative;
  }

  /// The root of a document.
  public static Element document() {
    return new Element(Type.DOCUMENT, Optional.empty(), "");
  }

  /// A part of this one.
  public Element part(Type type) {
    return new Element(type, Optional.of(this), "");
  }

  /// A part of this one that is read out by other words.
  ///
  /// @param alternative what is read in its place
  public Element part(Type type, String alternative) {
    return new Element(type, Optional.of(this), alternative);
  }

  Type type() {
    return type;
  }

  Optional<Element> parent() {
    return parent;
  }

  /// What is read in its place; may be empty.
  String alternative() {
    return alternative;
  }
}
