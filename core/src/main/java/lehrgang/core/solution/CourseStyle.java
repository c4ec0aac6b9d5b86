package lehrgang.core.solution;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import lehrgang.core.number.Decimals;

/// All that a course settles once, to be kept in a file of its own and given to other solutions.
///
/// @param course   words, order and symbols
/// @param level    the significance level as typed
/// @param options  choices of procedure that a course makes one way, by id
/// @param decimals how numbers are shown
/// @param onTheWay to how many decimals lines are rounded before they are used again
/// @param sheet    how its sheets are handed out
/// @param marking  what of the rules of marking the course settles
/// @param design   of the studies that the course speaks of; empty where it differs from problem to
///     problem
public record CourseStyle(
    Course course,
    String level,
    Map<String, String> options,
    Decimals decimals,
    Optional<Integer> onTheWay,
    SheetChoices sheet,
    MarkingRules marking,
    Optional<StudyDesign> design) {
  public CourseStyle {
    marking = marking.ofCourse();
    options = Collections.unmodifiableMap(new LinkedHashMap<>(options));
  }

  /// What a course is without a style of its own.
  public static CourseStyle usual() {
    Choices usual = Choices.usual();
    return new CourseStyle(
        Course.usual(),
        usual.level(),
        Map.of(),
        usual.decimals(),
        usual.onTheWay(),
        SheetChoices.usual(),
        MarkingRules.usual(),
        Optional.empty());
  }

  /// The style of a solution. What is written on one sheet alone, its title and its date, is none
  /// of the course's.
  ///
  /// @param ofCourse tells the options that a course makes one way
  public static CourseStyle of(Solution solution, Predicate<String> ofCourse) {
    Map<String, String> options = new LinkedHashMap<>(solution.choices().options());
    options.keySet().removeIf(ofCourse.negate());
    SheetChoices sheet = solution.sheet();
    return new CourseStyle(
        solution.course(),
        solution.choices().level(),
        options,
        solution.choices().decimals(),
        solution.choices().onTheWay(),
        sheet.withHead(sheet.course(), "", ""),
        solution.marking(),
        solution.question().story().design());
  }

  /// A solution in this style; what belongs to its own problem stays.
  ///
  /// @param ofCourse tells the options that a course makes one way
  public Solution on(Solution solution, Predicate<String> ofCourse) {
    Choices before = solution.choices();
    Map<String, String> all = new LinkedHashMap<>(before.options());
    all.keySet().removeIf(ofCourse);
    all.putAll(options);
    Choices choices = new Choices(level, before.numbers(), all, decimals, onTheWay);
    SheetChoices own = solution.sheet();
    Story story = solution.question().story();
    return solution
        .withQuestion(
            solution.question().withStory(design.isPresent() ? story.withDesign(design) : story))
        .withCourse(course)
        .withChoices(choices)
        .withSheet(sheet.withHead(sheet.course(), own.sheet(), own.due()))
        .withMarking(solution.marking().withCourse(marking));
  }
}
