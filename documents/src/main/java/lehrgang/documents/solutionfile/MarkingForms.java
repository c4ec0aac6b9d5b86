package lehrgang.documents.solutionfile;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Judgement;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.MarkingRules.OwnSlip;
import lehrgang.core.solution.MarkingRules.Ruling;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionText.MarkingText;
import lehrgang.documents.solutionfile.SolutionText.OwnSlipText;
import lehrgang.documents.solutionfile.SolutionText.RulingText;

/// Turns what a file says of marking into rules, and back.
final class MarkingForms {
  private final String name;

  /// @param name the file's name, for sentences
  MarkingForms(String name) {
    this.name = name;
  }

  /// The usual rules where a file says nothing of marking.
  ///
  /// @throws FileProblem if points or shares of points are none, or a verdict is unknown
  MarkingRules read(Optional<MarkingText> text) throws FileProblem {
    return text.isPresent() ? read(text.get()) : MarkingRules.usual();
  }

  private MarkingRules read(MarkingText text) throws FileProblem {
    Map<String, BigDecimal> points = new LinkedHashMap<>();
    for (var entry : text.points().entrySet()) {
      points.put(entry.getKey(), points(entry.getValue(), "points"));
    }
    Map<String, BigDecimal> part = new LinkedHashMap<>();
    for (var entry : text.part().entrySet()) {
      part.put(entry.getKey(), share(entry.getValue(), "part"));
    }
    Map<String, BigDecimal> byHand = new LinkedHashMap<>();
    for (var entry : text.byHand().entrySet()) {
      byHand.put(entry.getKey(), points(entry.getValue(), "byHand"));
    }
    List<OwnSlip> own = new ArrayList<>();
    for (OwnSlipText slip : text.own()) {
      own.add(
          new OwnSlip(
              slip.id(),
              slip.line(),
              number(slip.low(), "low"),
              number(slip.high(), "high"),
              slip.sentence()));
    }
    return new MarkingRules(
        points,
        decimals(text.digits()),
        decimals(text.fewest()),
        text.coarse().isPresent() ? share(text.coarse().get(), "coarse") : BigDecimal.ONE,
        part,
        own,
        rulings(text.rulings()),
        SolutionForms.texts(name, text.remarks(), _ -> false),
        byHand,
        typed(text.typed()));
  }

  private Map<String, Map<String, String>> typed(Map<String, Map<String, Object>> texts)
      throws FileProblem {
    Map<String, Map<String, String>> typed = new LinkedHashMap<>();
    for (Map.Entry<String, Map<String, Object>> student : texts.entrySet()) {
      typed.put(
          student.getKey(),
          SolutionForms.texts(name, student.getValue(), line -> LineId.parse(line).isPresent()));
    }
    return typed;
  }

  private Map<String, Map<String, Ruling>> rulings(Map<String, Map<String, RulingText>> texts)
      throws FileProblem {
    Map<String, Map<String, Ruling>> rulings = new LinkedHashMap<>();
    for (var student : texts.entrySet()) {
      Map<String, Ruling> lines = new LinkedHashMap<>();
      for (var line : student.getValue().entrySet()) {
        lines.put(line.getKey(), ruling(line.getValue()));
      }
      rulings.put(student.getKey(), lines);
    }
    return rulings;
  }

  private Ruling ruling(RulingText text) throws FileProblem {
    if (!text.verdict().isEmpty() && Judgement.ofKey(text.verdict()).isEmpty()) {
      throw problem("verdict", text.verdict(), Phrase.of("marking.verdict"));
    }
    return new Ruling(
        Optional.of(text.verdict()).filter(verdict -> !verdict.isEmpty()),
        text.points().isPresent()
            ? Optional.of(points(text.points().get(), "points"))
            : Optional.empty());
  }

  private Map<Kind, Integer> decimals(Map<String, Object> fields) throws FileProblem {
    Map<Kind, Integer> decimals = new EnumMap<>(Kind.class);
    for (Kind kind : Kind.values()) {
      Object places = fields.get(kind.key());
      if (places instanceof Integer number && number >= 0 && number <= Decimals.MOST) {
        decimals.put(kind, number);
      } else if (places != null) {
        throw problem(
            kind.key(), places, Phrase.of("marking.decimals").with("most", Decimals.MOST));
      }
    }
    return decimals;
  }

  private BigDecimal points(Object value, String field) throws FileProblem {
    BigDecimal points = number(value, field);
    if (points.signum() < 0) {
      throw problem(field, value, Phrase.of("marking.points"));
    }
    return points;
  }

  private BigDecimal share(Object value, String field) throws FileProblem {
    BigDecimal share = number(value, field);
    if (share.signum() < 0 || share.compareTo(BigDecimal.ONE) > 0) {
      throw problem(field, value, Phrase.of("marking.share"));
    }
    return share;
  }

  private BigDecimal number(Object value, String field) throws FileProblem {
    return switch (value) {
      case BigDecimal number -> number;
      case Number number -> new BigDecimal(number.toString());
      default -> throw problem(field, value, Phrase.of("marking.number"));
    };
  }

  private FileProblem problem(String field, Object value, Phrase remedy) {
    return new FileProblem(
        Phrase.of("marking.wrong")
            .with("file", name)
            .with("field", field)
            .with("value", String.valueOf(value))
            .with("remedy", remedy));
  }

  /// What a file is to say of marking; nothing of the usual rules.
  static Optional<MarkingText> text(MarkingRules rules) {
    return Optional.of(rules)
        .filter(own -> !own.equals(MarkingRules.usual()))
        .map(MarkingForms::of);
  }

  private static MarkingText of(MarkingRules rules) {
    Map<String, Map<String, RulingText>> rulings = new LinkedHashMap<>();
    rules
        .rulings()
        .forEach(
            (student, lines) -> {
              Map<String, RulingText> texts = new LinkedHashMap<>();
              lines.forEach(
                  (line, ruling) ->
                      texts.put(
                          line,
                          new RulingText(
                              ruling.verdict().orElse(""), ruling.points().map(points -> points))));
              rulings.put(student, texts);
            });
    Map<String, Map<String, Object>> typed = new LinkedHashMap<>();
    rules.typed().forEach((student, lines) -> typed.put(student, new LinkedHashMap<>(lines)));
    return new MarkingText(
        new LinkedHashMap<>(rules.points()),
        byKey(rules.digits()),
        byKey(rules.fewest()),
        Optional.<Object>of(rules.coarse()).filter(share -> !share.equals(BigDecimal.ONE)),
        new LinkedHashMap<>(rules.part()),
        rules.own().stream()
            .map(
                slip ->
                    new OwnSlipText(
                        slip.id(), slip.line(), slip.low(), slip.high(), slip.sentence()))
            .toList(),
        rulings,
        new LinkedHashMap<>(rules.remarks()),
        new LinkedHashMap<>(rules.byHand()),
        typed);
  }

  private static Map<String, Object> byKey(Map<Kind, Integer> decimals) {
    Map<String, Object> byKey = new LinkedHashMap<>();
    decimals.forEach((kind, places) -> byKey.put(kind.key(), places));
    return byKey;
  }
}
