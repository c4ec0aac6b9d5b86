package lehrgang.documents.paper;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;

/// The structure of a PDF, through which it is read out (ISO 32000-1, 14.7 and 14.8): every marked
/// piece of a page belongs to an element, and the parent tree leads back from the piece.
final class PdfStructure {
  private final PDStructureTreeRoot root = new PDStructureTreeRoot();
  private final Map<Element, PDStructureElement> elements = new IdentityHashMap<>();
  private final List<COSArray> parents = new ArrayList<>();

  /// Begins a page.
  void begin(PDPage page) {
    page.setStructParents(parents.size());
    page.getCOSObject().setItem(COSName.getPDFName("Tabs"), COSName.S);
    parents.add(new COSArray());
  }

  /// Notes a piece on the page that was begun last.
  ///
  /// @return its number on the page
  int note(Element element, PDPage page) {
    PDStructureElement structure = structure(element);
    COSArray marked = parents.getLast();
    int number = marked.size();
    marked.add(structure.getCOSObject());
    if (structure.getPage() == null) {
      structure.setPage(page);
    }
    if (structure.getPage().equals(page)) {
      structure.appendKid(number);
    } else {
      COSDictionary reference = new COSDictionary();
      reference.setItem(COSName.TYPE, COSName.getPDFName("MCR"));
      reference.setItem(COSName.PG, page);
      reference.setInt(COSName.MCID, number);
      kids(structure).add(reference);
    }
    return number;
  }

  private static COSArray kids(PDStructureElement structure) {
    COSDictionary dictionary = structure.getCOSObject();
    if (dictionary.getDictionaryObject(COSName.K) instanceof COSArray kids) {
      return kids;
    }
    COSArray kids = new COSArray();
    if (dictionary.getDictionaryObject(COSName.K) != null) {
      kids.add(dictionary.getDictionaryObject(COSName.K));
    }
    dictionary.setItem(COSName.K, kids);
    return kids;
  }

  private PDStructureElement structure(Element element) {
    PDStructureElement known = elements.get(element);
    if (known != null) {
      return known;
    }
    PDStructureElement made;
    if (element.parent().isPresent()) {
      PDStructureElement parent = structure(element.parent().get());
      made = new PDStructureElement(element.type().pdfName(), parent);
      parent.appendKid(made);
    } else {
      made = new PDStructureElement(element.type().pdfName(), root);
      root.appendKid(made);
    }
    if (!element.alternative().isEmpty()) {
      made.setAlternateDescription(element.alternative());
    }
    scope(element, made);
    elements.put(element, made);
    return made;
  }

  /// Says of a head in a table for which cells it stands.
  private static void scope(Element element, PDStructureElement made) {
    String scope =
        switch (element.type()) {
          case COLUMN_HEAD -> "Column";
          case ROW_HEAD -> "Row";
          default -> "";
        };
    if (!scope.isEmpty()) {
      COSDictionary attributes = new COSDictionary();
      attributes.setItem(COSName.O, COSName.getPDFName("Table"));
      attributes.setItem(COSName.getPDFName("Scope"), COSName.getPDFName(scope));
      made.getCOSObject().setItem(COSName.A, attributes);
    }
  }

  /// Puts the structure into the document.
  void finish(PDDocument document) {
    COSArray numbers = new COSArray();
    for (int page = 0; page < parents.size(); page++) {
      numbers.add(COSInteger.get(page));
      numbers.add(parents.get(page));
    }
    COSDictionary tree = new COSDictionary();
    tree.setItem(COSName.NUMS, numbers);
    root.getCOSObject().setItem(COSName.PARENT_TREE, tree);
    root.setParentTreeNextKey(parents.size());
    PDDocumentCatalog catalog = document.getDocumentCatalog();
    PDMarkInfo marked = new PDMarkInfo();
    marked.setMarked(true);
    catalog.setMarkInfo(marked);
    catalog.setStructureTreeRoot(root);
  }
}
