package lehrgang.documents.cases;

import com.fasterxml.aalto.stax.InputFactoryImpl;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/// Reads the sheets of an OpenDocument spreadsheet as lines of texts, every repeated row and cell
/// as often as the file says (OpenDocument 1.3, part 3, sections 9.1 and 19).
///
/// A cell is what it holds and not what it shows: numbers with their digits, dates as
/// year-month-day, formulas as their last result, errors as nothing.
final class OpenDocumentLines {
  private static final String CONTENT = "content.xml";
  private static final String TABLE = "urn:oasis:names:tc:opendocument:xmlns:table:1.0";
  private static final String OFFICE = "urn:oasis:names:tc:opendocument:xmlns:office:1.0";
  private static final String TEXT = "urn:oasis:names:tc:opendocument:xmlns:text:1.0";
  private static final int DAY = 10;

  private final XMLStreamReader xml;
  private final int mostLines;
  private final int mostColumns;

  private OpenDocumentLines(XMLStreamReader xml, int mostLines, int mostColumns) {
    this.xml = xml;
    this.mostLines = mostLines;
    this.mostColumns = mostColumns;
  }

  /// The lines of each sheet by its name, without blank ones at the end.
  ///
  /// @param mostLines   lines after these are not read
  /// @param mostColumns cells after these are not read
  /// @throws IOException if the file cannot be read or is no such spreadsheet
  static Map<String, List<List<String>>> of(Path path, int mostLines, int mostColumns)
      throws IOException {
    // The shipped Java has no reader of its own.
    XMLInputFactory factory = new InputFactoryImpl();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, true);
    try (ZipFile zip = new ZipFile(path.toFile())) {
      ZipEntry content = zip.getEntry(CONTENT);
      if (content == null) {
        throw new IOException("no " + CONTENT);
      }
      try (InputStream in = zip.getInputStream(content)) {
        return new OpenDocumentLines(factory.createXMLStreamReader(in), mostLines, mostColumns)
            .sheets();
      }
    } catch (XMLStreamException e) {
      throw new IOException(e);
    }
  }

  private Map<String, List<List<String>>> sheets() throws XMLStreamException {
    Map<String, List<List<String>>> sheets = new LinkedHashMap<>();
    while (xml.hasNext()) {
      if (xml.next() == XMLStreamConstants.START_ELEMENT && is(TABLE, "table")) {
        String name = Optional.ofNullable(xml.getAttributeValue(TABLE, "name")).orElse("");
        sheets.put(name, lines());
      }
    }
    return sheets;
  }

  private boolean is(String namespace, String name) {
    return xml.getLocalName().equals(name) && namespace.equals(xml.getNamespaceURI());
  }

  /// The lines of the table that has just begun. Blank ones are kept only where something follows.
  private List<List<String>> lines() throws XMLStreamException {
    List<List<String>> lines = new ArrayList<>();
    long blank = 0;
    int depth = 1;
    while (depth > 0) {
      int event = xml.next();
      if (event == XMLStreamConstants.START_ELEMENT) {
        if (is(TABLE, "table-row")) {
          long times = repeated("number-rows-repeated");
          List<String> line = line();
          if (WorkbookLines.isBlank(line)) {
            blank += times;
          } else {
            add(lines, List.of(), blank);
            add(lines, line, times);
            blank = 0;
          }
        } else if (is(TABLE, "table-header-rows")
            || is(TABLE, "table-rows")
            || is(TABLE, "table-row-group")) {
          depth++;
        } else {
          skip();
        }
      } else if (event == XMLStreamConstants.END_ELEMENT) {
        depth--;
      }
    }
    return List.copyOf(lines);
  }

  private void add(List<List<String>> lines, List<String> line, long times) {
    int room = mostLines - lines.size();
    lines.addAll(Collections.nCopies((int) Math.min(times, room), line));
  }

  private long repeated(String attribute) {
    String times = xml.getAttributeValue(TABLE, attribute);
    try {
      return times == null ? 1 : Math.max(1, Long.parseLong(times.strip()));
    } catch (NumberFormatException e) {
      return 1;
    }
  }

  /// The cells of the row that has just begun, without blank ones at the end.
  private List<String> line() throws XMLStreamException {
    List<String> line = new ArrayList<>();
    long blank = 0;
    while (xml.next() != XMLStreamConstants.END_ELEMENT) {
      if (xml.getEventType() == XMLStreamConstants.START_ELEMENT) {
        if (is(TABLE, "table-cell") || is(TABLE, "covered-table-cell")) {
          long times = repeated("number-columns-repeated");
          String cell = cell();
          if (cell.isBlank()) {
            blank += times;
          } else {
            addCells(line, "", blank);
            addCells(line, cell, times);
            blank = 0;
          }
        } else {
          skip();
        }
      }
    }
    return List.copyOf(line);
  }

  private void addCells(List<String> line, String cell, long times) {
    int room = mostColumns - line.size();
    line.addAll(Collections.nCopies((int) Math.min(times, room), cell));
  }

  /// What the cell that has just begun holds.
  private String cell() throws XMLStreamException {
    String type = Optional.ofNullable(xml.getAttributeValue(OFFICE, "value-type")).orElse("");
    Optional<String> value = value(type);
    boolean wrong = wrong();
    String text = paragraphs();
    return wrong ? "" : value.orElse(text);
  }

  private Optional<String> value(String type) {
    return switch (type) {
      case "float", "percentage", "currency" ->
          Optional.ofNullable(xml.getAttributeValue(OFFICE, "value")).flatMap(this::number);
      case "date" ->
          Optional.ofNullable(xml.getAttributeValue(OFFICE, "date-value"))
              .map(date -> date.length() > DAY ? date.substring(0, DAY) : date);
      case "boolean" -> Optional.ofNullable(xml.getAttributeValue(OFFICE, "boolean-value"));
      case "string" -> Optional.ofNullable(xml.getAttributeValue(OFFICE, "string-value"));
      default -> Optional.empty();
    };
  }

  private Optional<String> number(String written) {
    try {
      return Optional.of(WorkbookLines.plain(new BigDecimal(written.strip())));
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }

  /// Whether a formula came to an error: some programs say so in a namespace of their own.
  private boolean wrong() {
    for (int i = 0; i < xml.getAttributeCount(); i++) {
      if (xml.getAttributeLocalName(i).equals("value-type")
          && xml.getAttributeValue(i).equals("error")) {
        return true;
      }
    }
    return false;
  }

  /// The text of the cell that has just begun, a line for each paragraph, without annotations and
  /// pictures.
  private String paragraphs() throws XMLStreamException {
    List<String> paragraphs = new ArrayList<>();
    while (xml.next() != XMLStreamConstants.END_ELEMENT) {
      if (xml.getEventType() == XMLStreamConstants.START_ELEMENT) {
        if (is(TEXT, "p") || is(TEXT, "h")) {
          StringBuilder text = new StringBuilder();
          text(text);
          paragraphs.add(text.toString());
        } else {
          skip();
        }
      }
    }
    return String.join("\n", paragraphs);
  }

  private void text(StringBuilder text) throws XMLStreamException {
    while (xml.next() != XMLStreamConstants.END_ELEMENT) {
      switch (xml.getEventType()) {
        case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> text.append(xml.getText());
        case XMLStreamConstants.START_ELEMENT -> {
          if (is(OFFICE, "annotation")) {
            skip();
          } else {
            text.append(special());
            text(text);
          }
        }
        default -> {}
      }
    }
  }

  /// Blanks, tabs and ends of lines are elements of their own.
  private String special() {
    if (is(TEXT, "s")) {
      String many = xml.getAttributeValue(TEXT, "c");
      return " "
          .repeat(many != null && many.matches("[1-9][0-9]{0,3}") ? Integer.parseInt(many) : 1);
    }
    return is(TEXT, "tab") ? "\t" : is(TEXT, "line-break") ? "\n" : "";
  }

  /// Leaves out the element that has just begun.
  private void skip() throws XMLStreamException {
    int depth = 1;
    while (depth > 0) {
      switch (xml.next()) {
        case XMLStreamConstants.START_ELEMENT -> depth++;
        case XMLStreamConstants.END_ELEMENT -> depth--;
        default -> {}
      }
    }
  }
}
