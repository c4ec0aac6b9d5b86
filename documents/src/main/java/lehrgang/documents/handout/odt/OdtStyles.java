package lehrgang.documents.handout.odt;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import lehrgang.core.solution.SheetChoices.PaperSize;
import lehrgang.documents.file.XmlText;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;

/// The styles of a text document: a few, with names by which an editor finds them.
final class OdtStyles {
  static final String NAMESPACES =
      "xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
          + " xmlns:style=\"urn:oasis:names:tc:opendocument:xmlns:style:1.0\""
          + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\""
          + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\""
          + " xmlns:draw=\"urn:oasis:names:tc:opendocument:xmlns:drawing:1.0\""
          + " xmlns:fo=\"urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0\""
          + " xmlns:svg=\"urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0\""
          + " xmlns:xlink=\"http://www.w3.org/1999/xlink\""
          + " xmlns:dc=\"http://purl.org/dc/elements/1.1/\""
          + " xmlns:loext=\"urn:org:documentfoundation:names:experimental:office:xmlns:loext:1.0\""
          + " xmlns:meta=\"urn:oasis:names:tc:opendocument:xmlns:meta:1.0\""
          + " office:version=\"1.3\"";

  /// The fonts that a document brings along.
  static final List<Typeface> EMBEDDED =
      List.of(Typeface.SERIF, Typeface.SERIF_ITALIC, Typeface.SERIF_BOLD);

  private static final String PAGE = "⟦page⟧";
  private static final String OF = "⟦of⟧";

  private OdtStyles() {}

  static String meta(Manuscript manuscript) {
    return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<office:document-meta %s><office:meta><dc:title>%s</dc:title><dc:language>%s</dc:language><meta:generator>Lehrgang</meta:generator></office:meta></office:document-meta>\n"
        .formatted(
            NAMESPACES,
            XmlText.escaped(manuscript.title()),
            XmlText.escaped(manuscript.language()));
  }

  static String of(Manuscript manuscript, PaperSize paper) {
    boolean letter = paper == PaperSize.LETTER;
    String folio =
        XmlText.escaped(manuscript.folioOf(PAGE, OF))
            .replace(PAGE, "<text:page-number text:select-page=\"current\">1</text:page-number>")
            .replace(OF, "<text:page-count>1</text:page-count>");
    return TEMPLATE
        .replace("@namespaces", NAMESPACES)
        .replace("@language", Locale.forLanguageTag(manuscript.language()).getLanguage())
        .replace("@ink", Palette.hex(Palette.INK.light()))
        .replace("@soft", Palette.hex(Palette.SOFT.light()))
        .replace("@fine", Palette.hex(Palette.FINE.light()))
        .replace("@rejection", Palette.hex(Palette.REJECTION.light()))
        .replace("@width", letter ? "21.59cm" : "21cm")
        .replace("@height", letter ? "27.94cm" : "29.7cm")
        .replace("@tab", letter ? "17.59cm" : "17cm")
        .replace("@source", XmlText.escaped(manuscript.sources()))
        .replace("@fonts", fonts())
        .replace("@folio", folio);
  }

  static String file(Typeface typeface) {
    return "Fonts/" + typeface.name().toLowerCase(Locale.ROOT).replace('_', '-') + ".ttf";
  }

  private static String fonts() {
    return EMBEDDED.stream()
        .map(
            typeface ->
                "<svg:font-face-uri xlink:href=\"%s\" xlink:type=\"simple\" loext:font-style=\"%s\" loext:font-weight=\"%s\"><svg:font-face-format svg:string=\"truetype\"/></svg:font-face-uri>"
                    .formatted(
                        file(typeface),
                        typeface == Typeface.SERIF_ITALIC ? "italic" : "normal",
                        typeface == Typeface.SERIF_BOLD ? "bold" : "normal"))
        .collect(Collectors.joining());
  }

  private static final String TEMPLATE =
      """
      <?xml version="1.0" encoding="UTF-8"?>
      <office:document-styles @namespaces>
      <office:font-face-decls>
      <style:font-face style:name="Serif" svg:font-family="'STIX Two Text'" style:font-family-generic="roman"><svg:font-face-src>@fonts</svg:font-face-src></style:font-face>
      <style:font-face style:name="Sans" svg:font-family="'Source Sans 3', 'Liberation Sans'" style:font-family-generic="swiss"/>
      </office:font-face-decls>
      <office:styles>
      <style:default-style style:family="paragraph"><style:paragraph-properties fo:orphans="2" fo:widows="2"/><style:text-properties style:font-name="Serif" fo:font-size="10.5pt" fo:language="@language" fo:color="@ink"/></style:default-style>
      <style:default-style style:family="table"><style:table-properties table:border-model="collapsing"/></style:default-style>
      <style:style style:name="Standard" style:family="paragraph"><style:paragraph-properties fo:margin-top="0.1cm" fo:margin-bottom="0.05cm" fo:line-height="125%"/></style:style>
      <style:style style:name="Sheet_20_title" style:display-name="Sheet title" style:family="paragraph" style:parent-style-name="Standard" style:default-outline-level="1"><style:paragraph-properties fo:margin-top="0.5cm" fo:margin-bottom="0.2cm" fo:keep-with-next="always"/><style:text-properties fo:font-size="17pt" fo:font-weight="bold"/></style:style>
      <style:style style:name="Step" style:family="paragraph" style:parent-style-name="Standard" style:default-outline-level="2"><style:paragraph-properties fo:margin-top="0.5cm" fo:margin-bottom="0.1cm" fo:keep-with-next="always"/><style:text-properties fo:font-size="12.5pt" fo:font-weight="bold"/></style:style>
      <style:style style:name="Task" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties fo:keep-with-next="always"/></style:style>
      <style:style style:name="Lead" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties fo:keep-with-next="always"/><style:text-properties style:font-name="Sans" fo:font-size="8.5pt" fo:color="@soft"/></style:style>
      <style:style style:name="Aside" style:family="paragraph" style:parent-style-name="Standard"><style:text-properties style:font-name="Sans" fo:font-size="8.5pt" fo:color="@soft"/></style:style>
      <style:style style:name="Checked" style:family="paragraph" style:parent-style-name="Standard"><style:text-properties style:font-name="Sans" fo:font-size="9.5pt" fo:color="@fine"/></style:style>
      <style:style style:name="Warned" style:family="paragraph" style:parent-style-name="Standard"><style:text-properties style:font-name="Sans" fo:font-size="9.5pt" fo:color="@rejection"/></style:style>
      <style:style style:name="Report" style:family="paragraph" style:parent-style-name="Standard"><style:text-properties style:font-name="Sans"/></style:style>
      <style:style style:name="Verdict" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties fo:margin-top="0.4cm"/><style:text-properties fo:font-weight="bold"/></style:style>
      <style:style style:name="Head" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties><style:tab-stops><style:tab-stop style:position="@tab" style:type="right"/></style:tab-stops></style:paragraph-properties><style:text-properties style:font-name="Sans" fo:font-size="8.5pt" fo:color="@soft"/></style:style>
      <style:style style:name="Column_20_head" style:display-name="Column head" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties fo:text-align="end" fo:margin-top="0cm" fo:margin-bottom="0cm"/><style:text-properties style:font-name="Sans" fo:font-size="8.5pt" fo:color="@soft"/></style:style>
      <style:style style:name="Row_20_head" style:display-name="Row head" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties fo:margin-top="0cm" fo:margin-bottom="0cm"/><style:text-properties style:font-name="Sans" fo:font-size="8.5pt" fo:font-weight="bold"/></style:style>
      <style:style style:name="Number" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties fo:text-align="end" fo:margin-top="0cm" fo:margin-bottom="0cm"/></style:style>
      <style:style style:name="Blank_20_number" style:display-name="Blank number" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties fo:margin-top="0cm" fo:margin-bottom="0cm" fo:line-height="100%"/><style:text-properties style:font-name="Sans" fo:font-size="6pt" fo:color="@soft"/></style:style>
      <style:style style:name="Emphasis" style:family="text"><style:text-properties fo:font-style="italic"/></style:style>
      <style:style style:name="Strong" style:family="text"><style:text-properties fo:font-weight="bold"/></style:style>
      <style:style style:name="Answer" style:family="text"><style:text-properties fo:font-weight="bold" fo:color="@rejection"/></style:style>
      <style:style style:name="Faint" style:family="text"><style:text-properties fo:color="@soft"/></style:style>
      <style:style style:name="Points" style:family="text"><style:text-properties style:font-name="Sans" fo:font-size="8.5pt" fo:font-weight="normal" fo:color="@soft"/></style:style>
      <style:style style:name="Raised" style:family="text"><style:text-properties style:text-position="33% 65%"/></style:style>
      <style:style style:name="Lowered" style:family="text"><style:text-properties style:text-position="-20% 65%"/></style:style>
      <style:style style:name="Raised_20_letter" style:display-name="Raised letter" style:family="text"><style:text-properties style:text-position="33% 65%" fo:font-style="italic"/></style:style>
      <style:style style:name="Lowered_20_letter" style:display-name="Lowered letter" style:family="text"><style:text-properties style:text-position="-20% 65%" fo:font-style="italic"/></style:style>
      <style:style style:name="Blank" style:family="text"><style:text-properties style:text-underline-style="solid" style:text-underline-color="@soft"/></style:style>
      <style:style style:name="Formula" style:family="graphic"><style:graphic-properties style:vertical-pos="from-top" style:vertical-rel="baseline" draw:ole-draw-aspect="1"/></style:style>
      <style:style style:name="Picture" style:family="graphic"><style:graphic-properties style:vertical-pos="top" style:vertical-rel="baseline"/></style:style>
      </office:styles>
      <office:automatic-styles>
      <style:page-layout style:name="Sheet"><style:page-layout-properties fo:page-width="@width" fo:page-height="@height" fo:margin-top="1.9cm" fo:margin-bottom="1.3cm" fo:margin-left="2cm" fo:margin-right="2cm"/><style:footer-style><style:header-footer-properties fo:min-height="0.9cm" fo:margin-top="0.4cm"/></style:footer-style></style:page-layout>
      </office:automatic-styles>
      <office:master-styles><style:master-page style:name="Standard" style:page-layout-name="Sheet"><style:footer><text:p text:style-name="Head">@source<text:tab/>@folio</text:p></style:footer></style:master-page></office:master-styles>
      </office:document-styles>
      """;
}
