package lehrgang.documents.handout.odt;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.MathMl;
import lehrgang.core.notation.Speech;
import lehrgang.documents.file.XmlText;
import lehrgang.documents.typeset.FormulaSetter;
import lehrgang.documents.typeset.Setting;

/// Formulas as objects of a text document, in MathML.
final class OdtFormulas {
  private static final double SIZE = 11.5;
  private static final double POINTS_TO_CM = 2.54 / 72;
  private static final FormulaSetter SETTER = new FormulaSetter(6);
  private static final MathMl MATH = new MathMl(_ -> "");

  private final Map<String, String> objects = new LinkedHashMap<>();
  private final OdtPicture picture = new OdtPicture();
  private final Speech speech;
  private int count;

  /// @param speech how a formula is read aloud
  OdtFormulas(Speech speech) {
    this.speech = speech;
  }

  /// A formula as it stands in a paragraph.
  String object(Box box) {
    String name = "Object " + ++count;
    String math =
        MATH.displayed(box)
            .replaceFirst(
                "<math [^>]*>",
                "<math xmlns=\"http://www.w3.org/1998/Math/MathML\" display=\"block\">");
    objects.put(
        name + "/content.xml", "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + math + "\n");
    Setting set = SETTER.set(box, SIZE);
    objects.put("ObjectReplacements/" + name, picture.svg(set));
    return ("<draw:frame draw:style-name=\"Formula\" draw:name=\"%s\" text:anchor-type=\"as-char\""
            + " svg:width=\"%s\" svg:height=\"%s\" svg:y=\"-%s\"><draw:object"
            + " xlink:href=\"./%s\" xlink:type=\"simple\" xlink:show=\"embed\""
            + " xlink:actuate=\"onLoad\"/><draw:image xlink:href=\"./ObjectReplacements/%s\""
            + " xlink:type=\"simple\" xlink:show=\"embed\" xlink:actuate=\"onLoad\""
            + " draw:mime-type=\"image/svg+xml\"/><svg:desc>%s</svg:desc></draw:frame>")
        .formatted(
            name,
            cm(set.width()),
            cm(set.height()),
            cm(set.ascent()),
            name,
            name,
            XmlText.escaped(speech.of(box)));
  }

  /// The files of the objects, by name.
  Map<String, String> files() {
    return objects;
  }

  static String cm(double points) {
    return String.format(Locale.ROOT, "%.3fcm", points * POINTS_TO_CM);
  }
}
