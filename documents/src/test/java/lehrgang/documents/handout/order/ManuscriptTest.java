package lehrgang.documents.handout.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import lehrgang.core.Sampled;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.Presence;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.solution.Solution;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Part.Entry;
import lehrgang.documents.handout.order.Part.Look;
import lehrgang.documents.handout.order.Part.Rank;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

@Sampled
class ManuscriptTest {
  static List<String> demos() {
    return Demo.some();
  }

  private static Solution demo(String name) {
    return DemoCourse.open(name).solution();
  }

  private static Manuscript of(Solution solution, Audience audience) {
    return Manuscript.of(Demo.order(solution, audience));
  }

  private static <P extends Part> Stream<P> parts(Manuscript manuscript, Class<P> kind) {
    return manuscript.chapters().stream()
        .flatMap(chapter -> chapter.onPaper().stream())
        .filter(kind::isInstance)
        .map(kind::cast);
  }

  private static Stream<Entry> entries(Manuscript manuscript) {
    return parts(manuscript, Part.Tables.class)
        .flatMap(part -> part.tables().stream())
        .flatMap(table -> table.body().stream())
        .flatMap(List::stream);
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everyBlankHasRoomAndANumberAndOnlyASheetHasBlanks(String demo) {
    assertThat(
            entries(of(demo(demo), Audience.STUDENT)).filter(entry -> entry.look() == Look.BLANK))
        .allSatisfy(blank -> assertThat(blank.characters()).isPositive());
    for (Audience other : List.of(Audience.FULL, Audience.KEY)) {
      assertThat(entries(of(demo(demo), other))).noneMatch(entry -> entry.look() == Look.BLANK);
    }
  }

  @ParameterizedTest
  @MethodSource("demos")
  void countsThatStandThereAreNotRepeated(String demo) {
    for (Audience audience : Audience.values()) {
      Set<List<List<String>>> seen = new HashSet<>();
      parts(of(demo(demo), audience), Part.Tables.class)
          .limit(4)
          .flatMap(part -> part.tables().stream())
          .filter(table -> table.totals() && !table.foot().isEmpty())
          .map(
              table ->
                  table.body().stream().map(row -> row.stream().map(Entry::text).toList()).toList())
          .forEach(body -> assertThat(seen.add(body)).as(audience + " " + body).isTrue());
    }
  }

  @ParameterizedTest
  @MethodSource("demos")
  void aSheetHasRoomForWhateverItAsks(String demo) {
    Manuscript sheet = of(demo(demo), Audience.STUDENT);
    assertThat(parts(sheet, Part.Room.class))
        .allSatisfy(room -> assertThat(room.squares()).isBetween(2, 10));
    boolean asks = parts(sheet, Part.Working.class).anyMatch(each -> each.rank() == Rank.ASKED);
    assertThat(parts(sheet, Part.Room.class).count() > 0 || !asks).isTrue();
    assertThat(parts(of(demo(demo), Audience.KEY), Part.Room.class)).isEmpty();
    assertThat(parts(of(demo(demo), Audience.FULL), Part.Room.class)).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("demos")
  void theKeyEndsWithWhatIsAccepted(String demo) {
    Manuscript key = of(demo(demo), Audience.KEY);
    int blanks = key.blanks();
    long answers =
        entries(key)
            .filter(entry -> entry.place() == Part.Place.ROW_HEAD)
            .filter(entry -> entry.text().matches("[0-9]+"))
            .count();
    assertThat(answers).isGreaterThanOrEqualTo(blanks);
    assertThat(parts(key, Part.Sentence.class).map(each -> each.spans().toString()))
        .anyMatch(text -> text.contains("The range covers rounding"));
  }

  @ParameterizedTest
  @EnumSource(With.class)
  void eachThingOnTheSheetCanBeTakenOff(With what) {
    Solution solution = demo("route-and-season");
    SheetChoices all = SheetChoices.usual().withOnly(EnumSet.allOf(With.class));
    Manuscript with = of(solution.withSheet(all), Audience.STUDENT);
    Manuscript without = of(solution.withSheet(all.with(what, Presence.OFF)), Audience.STUDENT);
    switch (what) {
      case NAME -> {
        assertThat(with.head().name()).isNotEmpty();
        assertThat(without.head().name()).isEmpty();
      }
      case TABLE -> {
        assertThat(with.printed()).hasSize(1);
        assertThat(without.printed()).isEmpty();
      }
      case POINTS -> {
        assertThat(parts(with, Part.Heading.class)).anyMatch(each -> !each.points().isEmpty());
        assertThat(parts(without, Part.Heading.class)).allMatch(each -> each.points().isEmpty());
      }
      case HINTS -> {
        assertThat(parts(with, Part.Working.class)).anyMatch(each -> each.hint().isPresent());
        assertThat(parts(without, Part.Working.class)).allMatch(each -> each.hint().isEmpty());
      }
      case CURVE -> {
        assertThat(parts(with, Part.Picture.class)).isNotEmpty();
        assertThat(parts(without, Part.Picture.class)).isEmpty();
      }
    }
  }

  @Test
  void withoutRoomForWorkingThereIsNone() {
    Solution solution =
        demo("route-and-season").withSheet(SheetChoices.usual().withRoom(WorkingRoom.NONE));
    assertThat(parts(of(solution, Audience.STUDENT), Part.Room.class)).isEmpty();
  }

  @Test
  void theWorkedSolutionSaysWhereEachNumberOfATableIsFrom() {
    Manuscript full = of(demo("route-and-season"), Audience.FULL);
    assertThat(parts(full, Part.Working.class).map(Part.Working::named))
        .contains("Lake loop, Spring", "Summit way, Autumn");
  }

  /// What a screen folds away stands on paper below its heading, and nothing is lost or twice.
  @ParameterizedTest
  @MethodSource("demos")
  void onPaperNothingIsFoldedAway(String demo) {
    for (Audience audience : Audience.values()) {
      for (Manuscript.Chapter chapter : of(demo(demo), audience).chapters()) {
        assertThat(chapter.onPaper())
            .noneMatch(part -> part instanceof Part.Behind || part instanceof Part.Listing);
        assertThat(workings(chapter.onPaper())).isEqualTo(workings(chapter.parts()));
      }
    }
  }

  private static List<Part.Working> workings(List<Part> parts) {
    return parts.stream()
        .flatMap(
            part ->
                switch (part) {
                  case Part.Working working -> Stream.of(working);
                  case Part.Behind(_, var behind) -> workings(behind).stream();
                  default -> Stream.empty();
                })
        .toList();
  }

  @Test
  void anOrderHasAtLeastOneSolution() {
    SheetChoices usual = SheetChoices.usual();
    assertThatThrownBy(() -> new Order(List.of(), Audience.FULL, usual))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void theChoicesAreSavedWithTheSolution() throws Exception {
    SheetChoices chosen =
        SheetChoices.usual()
            .withHead("Statistics 1", "Sheet 6", "12 December")
            .on(SheetChoices.PaperSize.LETTER)
            .withRoom(WorkingRoom.LINES)
            .withOnly(Set.of());
    SolutionFile file = SolutionFile.demo();
    SolutionFile changed = file.with(file.solution().withSheet(chosen));
    assertThat(SolutionFile.parse(changed.text(), "x").solution().sheet()).isEqualTo(chosen);
    assertThat(file.text()).doesNotContain("\"sheet\"");
  }
}
