package lehrgang.core.solution;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.number.Kind;

/// How answers to a solution are marked; what is not settled here is as usual.
///
/// @param points  of lines that are not worth 1 point, by id; 0 or more
/// @param digits  decimals asked of each sort of number, where they are not the usual ones; 0 or
///     more
/// @param fewest  the fewest decimals to which a student may round before going on, where they are
///     not the usual ones; 0 or more
/// @param coarse  which share of its points an answer with too few digits gets, from 0 to 1
/// @param part    which share of its points a slip gets, by the id of the slip, from 0 to 1
/// @param own     slips that the instructor has seen in this class
/// @param rulings what the instructor decided about single answers, by student and line
/// @param remarks to students, by student
/// @param byHand  the points of steps that no program can judge, such as the conclusion in words,
///     by the id of the step; 0 or more. What a student got stands among the rulings, by that id
/// @param typed   answers that were typed from paper, by student and line
public record MarkingRules(
    Map<String, BigDecimal> points,
    Map<Kind, Integer> digits,
    Map<Kind, Integer> fewest,
    BigDecimal coarse,
    Map<String, BigDecimal> part,
    List<OwnSlip> own,
    Map<String, Map<String, Ruling>> rulings,
    Map<String, String> remarks,
    Map<String, BigDecimal> byHand,
    Map<String, Map<String, String>> typed) {
  private static final MarkingRules USUAL =
      new MarkingRules(
          Map.of(),
          Map.of(),
          Map.of(),
          BigDecimal.ONE,
          Map.of(),
          List.of(),
          Map.of(),
          Map.of(),
          Map.of(),
          Map.of());

  /// A slip that no catalogue knows: answers to one line that lie together.
  ///
  /// @param id       by which marks name it
  /// @param line     the id of the line
  /// @param low      the smallest of the answers
  /// @param high     the largest of the answers
  /// @param sentence for the student
  public record OwnSlip(String id, String line, BigDecimal low, BigDecimal high, String sentence) {}

  /// What the instructor decided about one answer; it stays whenever answers are marked anew.
  ///
  /// @param verdict its key; empty for the program's own
  /// @param points  that it gets; empty for what the verdict brings
  public record Ruling(Optional<String> verdict, Optional<BigDecimal> points) {}

  public MarkingRules {
    points = Collections.unmodifiableMap(new LinkedHashMap<>(points));
    digits = byKind(digits);
    fewest = byKind(fewest);
    part = Collections.unmodifiableMap(new LinkedHashMap<>(part));
    own = List.copyOf(own);
    Map<String, Map<String, Ruling>> all = new LinkedHashMap<>();
    rulings.forEach(
        (student, lines) ->
            all.put(student, Collections.unmodifiableMap(new LinkedHashMap<>(lines))));
    rulings = Collections.unmodifiableMap(all);
    remarks = Collections.unmodifiableMap(new LinkedHashMap<>(remarks));
    byHand = Collections.unmodifiableMap(new LinkedHashMap<>(byHand));
    Map<String, Map<String, String>> sheets = new LinkedHashMap<>();
    typed.forEach(
        (student, lines) ->
            sheets.put(student, Collections.unmodifiableMap(new LinkedHashMap<>(lines))));
    typed = Collections.unmodifiableMap(sheets);
  }

  private static Map<Kind, Integer> byKind(Map<Kind, Integer> some) {
    Map<Kind, Integer> all = new EnumMap<>(Kind.class);
    all.putAll(some);
    return Collections.unmodifiableMap(all);
  }

  /// A point for every line, and the usual digits.
  public static MarkingRules usual() {
    return USUAL;
  }

  /// What of these rules a course settles once: how many digits are asked, how far may be rounded,
  /// and what share of its points an answer gets that is not quite right.
  public MarkingRules ofCourse() {
    return USUAL.withCourse(this);
  }

  /// With the rules of a course; points, decisions and what was seen in one class stay.
  public MarkingRules withCourse(MarkingRules course) {
    return new MarkingRules(
        points,
        course.digits,
        course.fewest,
        course.coarse,
        course.part,
        own,
        rulings,
        remarks,
        byHand,
        typed);
  }

  /// With other decimals asked of a sort of number; empty for the usual ones.
  public MarkingRules withDigits(Kind kind, Optional<Integer> decimals) {
    return new MarkingRules(
        points,
        with(digits, kind, decimals),
        fewest,
        coarse,
        part,
        own,
        rulings,
        remarks,
        byHand,
        typed);
  }

  /// With other decimals to which a sort of number may be rounded; empty for the usual ones.
  public MarkingRules withFewest(Kind kind, Optional<Integer> decimals) {
    return new MarkingRules(
        points,
        digits,
        with(fewest, kind, decimals),
        coarse,
        part,
        own,
        rulings,
        remarks,
        byHand,
        typed);
  }

  /// With another share of the points for too few digits.
  ///
  /// @param share from 0 to 1
  public MarkingRules withCoarse(BigDecimal share) {
    return new MarkingRules(
        points, digits, fewest, share, part, own, rulings, remarks, byHand, typed);
  }

  /// With another share of the points for a slip; empty for none.
  public MarkingRules withPart(String slip, Optional<BigDecimal> share) {
    return new MarkingRules(
        points,
        digits,
        fewest,
        coarse,
        with(part, slip, share),
        own,
        rulings,
        remarks,
        byHand,
        typed);
  }

  /// With other points for some lines; empty for 1.
  ///
  /// @param lines  their ids
  /// @param points 0 or more
  public MarkingRules withPoints(List<String> lines, Optional<BigDecimal> points) {
    Map<String, BigDecimal> changed = this.points;
    for (String line : lines) {
      changed = with(changed, line, points);
    }
    return new MarkingRules(
        changed, digits, fewest, coarse, part, own, rulings, remarks, byHand, typed);
  }

  private static <K, V> Map<K, V> with(Map<K, V> map, K key, Optional<V> value) {
    Map<K, V> changed = new LinkedHashMap<>(map);
    value.ifPresentOrElse(found -> changed.put(key, found), () -> changed.remove(key));
    return changed;
  }

  /// How many points a line is worth.
  public BigDecimal pointsOf(String line) {
    return points.getOrDefault(line, BigDecimal.ONE);
  }

  /// How many decimals are asked of a sort of number: 1 for expected counts, 3 for standard errors,
  /// 2 for what else has decimals.
  public int digitsOf(Kind kind) {
    return digits.getOrDefault(
        kind,
        switch (kind) {
          case EXPECTED -> 1;
          case STANDARD_ERROR, PROBABILITY -> 3;
          case CONTRIBUTION,
              STATISTIC,
              CRITICAL,
              SHARE,
              P_VALUE,
              LEVEL,
              CLAIM,
              RESIDUAL,
              EFFECT,
              MEASURE ->
              2;
          case COUNT, DEGREES_OF_FREEDOM, CONDITION, DECISION -> 0;
        });
  }

  /// The fewest decimals to which a student may round before going on: 2 for expected counts,
  /// differences, contributions and statistics, 3 for shares and critical values, 4 for standard
  /// errors and probabilities.
  public int fewestOf(Kind kind) {
    return fewest.getOrDefault(
        kind,
        switch (kind) {
          case SHARE, CRITICAL, EFFECT -> 3;
          case P_VALUE, PROBABILITY, STANDARD_ERROR, LEVEL, CLAIM -> 4;
          case EXPECTED, CONTRIBUTION, STATISTIC, RESIDUAL, MEASURE -> 2;
          case COUNT, DEGREES_OF_FREEDOM, CONDITION, DECISION -> 0;
        });
  }

  /// With another decision about an answer, or none.
  public MarkingRules withRuling(String student, String line, Optional<Ruling> ruling) {
    Map<String, Map<String, Ruling>> changed = new LinkedHashMap<>(rulings);
    Map<String, Ruling> own = new LinkedHashMap<>(changed.getOrDefault(student, Map.of()));
    ruling.ifPresentOrElse(decided -> own.put(line, decided), () -> own.remove(line));
    changed.put(student, own);
    changed.values().removeIf(Map::isEmpty);
    return new MarkingRules(
        points, digits, fewest, coarse, part, this.own, changed, remarks, byHand, typed);
  }

  /// With another slip of the class's own.
  public MarkingRules withOwnSlip(OwnSlip slip) {
    List<OwnSlip> changed = new ArrayList<>(own);
    changed.add(slip);
    return new MarkingRules(
        points, digits, fewest, coarse, part, changed, rulings, remarks, byHand, typed);
  }

  /// With another remark to a student; a blank one is none.
  public MarkingRules withRemark(String student, String said) {
    Map<String, String> changed = new LinkedHashMap<>(remarks);
    if (said.isBlank()) {
      changed.remove(student);
    } else {
      changed.put(student, said);
    }
    return new MarkingRules(
        points, digits, fewest, coarse, part, own, rulings, changed, byHand, typed);
  }

  /// With other points for a step that is marked by hand; empty for one that is not.
  ///
  /// @param step its id
  public MarkingRules withByHand(String step, Optional<BigDecimal> of) {
    return new MarkingRules(
        points, digits, fewest, coarse, part, own, rulings, remarks, with(byHand, step, of), typed);
  }

  /// With a student's answers as they were typed.
  ///
  /// @param before  what the student was called until now; that name's answers go
  /// @param answers by line; blank ones are left out
  public MarkingRules withTyped(
      Optional<String> before, String student, Map<String, String> answers) {
    Map<String, Map<String, String>> changed = new LinkedHashMap<>(typed);
    before.ifPresent(changed::remove);
    Map<String, String> written = new LinkedHashMap<>(answers);
    written.values().removeIf(String::isBlank);
    changed.put(student, written);
    return new MarkingRules(
        points, digits, fewest, coarse, part, own, rulings, remarks, byHand, changed);
  }

  /// What was decided about an answer.
  public Optional<Ruling> ruling(String student, String line) {
    return Optional.ofNullable(rulings.getOrDefault(student, Map.of()).get(line));
  }
}
