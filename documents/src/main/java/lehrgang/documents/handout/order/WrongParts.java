package lehrgang.documents.handout.order;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.AcceptedAnswers;
import lehrgang.core.marking.Slip;
import lehrgang.core.marking.SlipTexts;
import lehrgang.core.marking.Slips;
import lehrgang.core.marking.UsualErrors;
import lehrgang.core.number.Format;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.documents.handout.order.Part.Entry;
import lehrgang.documents.handout.order.Part.Look;
import lehrgang.documents.handout.order.Part.Table;
import lehrgang.documents.handout.order.Part.Tone;

/// What a key says of usual wrong answers: for each sort of blank the causes, and beside each what
/// it makes of every blank.
final class WrongParts {
  /// So many blanks stand beside each other.
  private static final int COLUMNS = 9;

  /// A table of more blanks goes on in the same way.
  private static final int MOST = 18;

  private final Wording wording;
  private final SlipTexts texts;
  private final UsualErrors errors;

  WrongParts(Solved solved, Page key, Format format, AcceptedAnswers accepted) {
    this.wording = key.wording();
    this.texts = new SlipTexts(solved.solution(), solved.derivation());
    this.errors = new UsualErrors(solved.derivation(), format, accepted);
  }

  /// Nothing where no slip is known for any blank.
  List<Part> parts(Blanks blanks) {
    Map<String, List<LineId>> families = new LinkedHashMap<>();
    for (LineId line : blanks.lines()) {
      families.computeIfAbsent(family(line), _ -> new ArrayList<>()).add(line);
    }
    List<Part> parts = new ArrayList<>();
    List<Table> alone = new ArrayList<>();
    for (List<LineId> family : families.values()) {
      if (family.size() == 1) {
        alone.addAll(tables(family, blanks));
      } else {
        parts.addAll(family(family, blanks));
      }
    }
    if (!alone.isEmpty()) {
      parts.add(new Part.Tables(alone));
    }
    if (!parts.isEmpty()) {
      parts.addFirst(Part.Sentence.of(Tone.LEAD, wording.text("key.wrong")));
    }
    return parts;
  }

  private static String family(LineId line) {
    return line.index().isEmpty() ? line.toString() : line.name();
  }

  private List<Part> family(List<LineId> family, Blanks blanks) {
    List<LineId> shown = family.subList(0, Math.min(MOST, family.size()));
    List<Table> tables = tables(shown, blanks);
    List<Part> parts = new ArrayList<>();
    if (!tables.isEmpty()) {
      parts.add(new Part.Tables(tables));
    }
    if (!tables.isEmpty() && family.size() > shown.size()) {
      Phrase rest = Phrase.of("key.wrong.rest").with("count", family.size() - shown.size());
      parts.add(Part.Sentence.of(Tone.NOTE, wording.text(rest)));
    }
    return parts;
  }

  private List<Table> tables(List<LineId> lines, Blanks blanks) {
    Map<LineId, Map<String, String>> answers = new LinkedHashMap<>();
    Set<String> slips = new HashSet<>();
    for (LineId line : lines) {
      Map<String, String> written = errors.of(line);
      answers.put(line, written);
      slips.addAll(written.keySet());
    }
    List<String> inOrder = Slips.all().stream().map(Slip::id).filter(slips::contains).toList();
    List<Table> tables = new ArrayList<>();
    for (int from = 0; from < lines.size() && !slips.isEmpty(); from += COLUMNS) {
      List<LineId> some = lines.subList(from, Math.min(from + COLUMNS, lines.size()));
      tables.add(table(some, inOrder, answers, blanks));
    }
    return tables;
  }

  private Table table(
      List<LineId> lines,
      List<String> slips,
      Map<LineId, Map<String, String>> answers,
      Blanks blanks) {
    List<Entry> head = new ArrayList<>(List.of(Entry.head("")));
    lines.forEach(line -> head.add(Entry.head("(%d)".formatted(blanks.number(line).orElse(0)))));
    List<List<Entry>> rows = new ArrayList<>();
    for (String slip : slips) {
      List<Entry> row = new ArrayList<>(List.of(Entry.side(texts.name(slip))));
      lines.forEach(
          line -> row.add(Entry.of(answers.get(line).getOrDefault(slip, ""), Look.PLAIN)));
      rows.add(row);
    }
    return new Table(Part.Kind.COUNTS, List.of(), head, rows, List.of(), false);
  }
}
