package lehrgang.documents.handout.working;

import static j2html.TagCreator.button;
import static j2html.TagCreator.div;
import static j2html.TagCreator.document;
import static j2html.TagCreator.each;
import static j2html.TagCreator.footer;
import static j2html.TagCreator.h1;
import static j2html.TagCreator.head;
import static j2html.TagCreator.header;
import static j2html.TagCreator.html;
import static j2html.TagCreator.iff;
import static j2html.TagCreator.input;
import static j2html.TagCreator.label;
import static j2html.TagCreator.main;
import static j2html.TagCreator.meta;
import static j2html.TagCreator.p;
import static j2html.TagCreator.progress;
import static j2html.TagCreator.rawHtml;
import static j2html.TagCreator.script;
import static j2html.TagCreator.span;
import static j2html.TagCreator.style;
import static j2html.TagCreator.title;

import j2html.TagCreator;
import j2html.tags.DomContent;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.zip.CRC32;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.wording.Wording;
import lehrgang.documents.handout.html.HtmlParts;
import lehrgang.documents.handout.html.SheetStyle;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Order;
import tools.jackson.databind.json.JsonMapper;

/// The worksheet as a web page that students fill in on a screen: one file that needs no network,
/// judges what is written by the formulas of the solution, says what slip was made, and holds no
/// answer.
public final class WorkingSheet {
  private static final List<String> SAID =
      List.of(
          "right",
          "filled",
          "rounded",
          "coarse",
          "follows",
          "wrong",
          "unreadable",
          "more",
          "formula",
          "again",
          "slip");

  private WorkingSheet() {}

  /// When answers are judged.
  public enum Judge {
    /// One by one, as soon as they are written.
    AT_ONCE,
    /// All of them, when the student asks for it.
    AT_THE_END;

    /// As it stands in options, such as `at-once`.
    public String key() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /// The one that a key stands for; empty for an unknown one.
    public static Optional<Judge> ofKey(String key) {
      return Arrays.stream(values()).filter(judge -> judge.key().equals(key)).findFirst();
    }
  }

  /// The page; the same order gives the same.
  ///
  /// @param order of one solution or several; for students, whomever it names
  public static String of(Order order, Judge judge) {
    SheetChoices choices = order.choices().withRoom(WorkingRoom.NONE);
    Manuscript manuscript = Manuscript.of(new Order(order.solutions(), Audience.STUDENT, choices));
    Wording wording = manuscript.wording();
    List<FieldsOfSheet> sheets = new ArrayList<>();
    for (int k = 0; k < manuscript.chapters().size(); k++) {
      sheets.add(new FieldsOfSheet(order.solutions().get(k), manuscript.chapters().get(k), k));
    }
    String data = data(sheets, wording, judge);
    String written = body(manuscript, sheets, judge, data).render();
    return document(
        html(
                head(
                    meta().withCharset("utf-8"),
                    meta().withName("viewport").withContent("width=device-width, initial-scale=1"),
                    title(manuscript.title()),
                    style(
                        rawHtml(
                            SheetStyle.of(written + data)
                                + SheetStyle.resource("working/sheet-fields.css")))),
                rawHtml(written))
            .withLang(manuscript.language()));
  }

  private static DomContent body(
      Manuscript manuscript, List<FieldsOfSheet> sheets, Judge judge, String data) {
    Wording wording = manuscript.wording();
    return TagCreator.body(
            main(
                div(
                        span(manuscript.head().line()).withClass("audience"),
                        label(
                                span(wording.text("working.name")),
                                input()
                                    .withId("ws-student")
                                    .withClass("field")
                                    .attr("autocomplete", "off"))
                            .withClass("who"))
                    .withClass("head"),
                p(wording.text("working.unjudged")).withId("ws-unjudged").withClass("say bad"),
                each(sheets, WorkingSheet::chapter),
                HtmlParts.printed(manuscript)),
            bar(wording, judge),
            script().with(rawHtml(Packed.of(run(data)))).withId("ws-packed").withType("text/plain"),
            script().with(rawHtml(scriptOf("unpack.js"))))
        .withClass("student working-sheet");
  }

  /// What the page runs: its data, how answers are judged, and what happens on the sheet.
  private static String run(String data) {
    return "\"use strict\";\nconst LehrgangPage = "
        + data
        + ";\n"
        + scriptOf("evaluator.js")
        + scriptOf("sheet.js");
  }

  private static DomContent chapter(FieldsOfSheet sheet) {
    return each(header(h1(sheet.title())), each(sheet.sections(), part -> part));
  }

  private static DomContent bar(Wording wording, Judge judge) {
    return footer(
            div(
                progress().withId("ws-progress").withValue("0").attr("aria-labelledby", "ws-count"),
                span().withId("ws-count").attr("role", "status"),
                span().withClass("space"),
                quiet(wording, "again"),
                quiet(wording, "print"),
                button(wording.text("working.hint")).withId("ws-hint").withType("button"),
                iff(
                    judge == Judge.AT_THE_END,
                    button(wording.text("working.check")).withId("ws-check").withType("button")),
                button(wording.text("working.save")).withId("ws-save").withType("button")))
        .withClass("bar");
  }

  private static DomContent quiet(Wording wording, String id) {
    return button(wording.text("working." + id))
        .withId("ws-" + id)
        .withType("button")
        .withClass("quiet");
  }

  private static String data(List<FieldsOfSheet> sheets, Wording wording, Judge judge) {
    Map<String, Object> say = new LinkedHashMap<>();
    SAID.forEach(key -> say.put(key, wording.template("working.say." + key)));
    say.put("putIn", wording.template("working.say.put-in"));
    say.put("notJudged", wording.template("working.say.not-judged"));
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("atOnce", judge == Judge.AT_ONCE);
    all.put("say", say);
    all.put("sheets", sheets.stream().map(FieldsOfSheet::data).toList());
    CRC32 sum = new CRC32();
    sum.update(text(all).getBytes(StandardCharsets.UTF_8));
    all.put("key", HexFormat.of().toHexDigits(sum.getValue(), 8));
    return text(all);
  }

  private static String text(Map<String, Object> data) {
    return JsonMapper.shared().writeValueAsString(data);
  }

  /// A script of the page, without what only its readers need.
  static String scriptOf(String name) {
    return SheetStyle.resource("working/" + name)
        .lines()
        .map(String::strip)
        .filter(line -> !line.startsWith("//"))
        .collect(Collectors.joining("\n", "", "\n"));
  }
}
