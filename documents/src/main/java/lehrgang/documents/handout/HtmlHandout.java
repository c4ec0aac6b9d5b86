package lehrgang.documents.handout;

import com.samskivert.mustache.Escapers;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageStep;

/// A page as one self-contained HTML file: MathML, inline SVG, and a style sheet for screen, phone
/// and paper.
public final class HtmlHandout {
  private static final String FOLDER = "/lehrgang/documents/handout/";
  private static final Mustache.Escaper ESCAPES =
      Escapers.simple(
          new String[][] {{"&", "&amp;"}, {"<", "&lt;"}, {">", "&gt;"}, {"\"", "&quot;"}});
  private static final Template SHEET =
      Mustache.compiler()
          .defaultValue("")
          .withEscaper(ESCAPES)
          .withLoader(part -> new StringReader(resource(part + ".mustache")))
          .compile(resource("sheet.mustache"));
  private static final String STYLE = resource("sheet.css");

  private HtmlHandout() {}

  public static String of(Page page, Audience audience) {
    HtmlBlocks blocks = new HtmlBlocks(page);
    return SHEET.execute(
        Map.of(
            "language", page.language(),
            "style", STYLE,
            "title", title(page),
            "source", page.question().source(),
            "audience", page.wording().text("audience." + audience.key()),
            "audienceKey", audience.key(),
            "nameLine",
                audience == Audience.STUDENT
                    ? List.of(page.wording().text("task.name"))
                    : List.of(),
            "steps", page.steps().stream().map(step -> step(step, blocks)).toList(),
            "verdict", audience == Audience.FULL ? List.of(page.verdictSentence()) : List.of()));
  }

  private static String title(Page page) {
    String title = page.question().title();
    return title.isBlank() ? page.wording().text("question.untitled") : title;
  }

  private static Map<String, Object> step(PageStep step, HtmlBlocks blocks) {
    return Map.of(
        "id", step.id(),
        "number", step.number(),
        "title", step.title(),
        "blocks", step.blocks().stream().map(blocks::of).toList());
  }

  private static String resource(String name) {
    try (InputStream in = HtmlHandout.class.getResourceAsStream(FOLDER + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
