package lehrgang.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import lehrgang.core.ForSomeSolutions;
import lehrgang.core.ReferenceCases;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.PlainText;
import lehrgang.core.page.Audience;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageStep;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Span;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// A solution is told whole and in an order in which nothing is known before it is worked out.
class LessonTest {
  private static final double WIDE = 700;

  private static Page page(Solution solution) {
    return ReferenceCases.page(solution, Audience.FULL);
  }

  private static Stream<Item> items(Lesson lesson) {
    return lesson.chapters().stream().flatMap(chapter -> chapter.items().stream());
  }

  @ForSomeSolutions
  void everythingOnThePageIsTold(Solution solution) {
    Page page = page(solution);
    Lesson lesson = Lesson.of(page, WIDE);
    List<PageBlock> told = items(lesson).map(Item::block).toList();
    Set<LineId> inTables = new HashSet<>();
    told.forEach(block -> lines(block).forEach(inTables::add));
    List<Object> missing = new ArrayList<>();
    for (PageStep step : page.steps()) {
      for (PageBlock block : step.blocks()) {
        switch (block) {
          case PageBlock.Worked _,
              PageBlock.Remark _,
              PageBlock.Paragraph _,
              PageBlock.Excerpt _,
              PageBlock.Figure _,
              PageBlock.Report _,
              PageBlock.QuestionText _,
              PageBlock.Provenance _,
              PageBlock.Note _ -> {
            if (!told.contains(block)) {
              missing.add(block);
            }
          }
          case PageBlock.Iterations iterations -> {
            if (!rowsTold(iterations, told).equals(iterations.rows())) {
              missing.add(block);
            }
          }
          default -> lines(block).filter(line -> !inTables.contains(line)).forEach(missing::add);
        }
      }
    }
    assertThat(missing).isEmpty();
  }

  /// A long table comes in parts.
  private static List<List<String>> rowsTold(
      PageBlock.Iterations whole, Collection<PageBlock> told) {
    return told.stream()
        .filter(PageBlock.Iterations.class::isInstance)
        .map(PageBlock.Iterations.class::cast)
        .filter(part -> whole.rows().containsAll(part.rows()))
        .flatMap(part -> part.rows().stream())
        .toList();
  }

  private static Stream<LineId> lines(PageBlock block) {
    return switch (block) {
      case PageBlock.Grids(var grids) -> grids.stream().flatMap(GridParts::lines);
      case PageBlock.DataTable(var layers) -> layers.stream().flatMap(GridParts::lines);
      default -> Stream.empty();
    };
  }

  /// A sentence with a number in it comes after the working of that number, and its table keeps the
  /// number back until then.
  @ForSomeSolutions
  void noNumberIsToldBeforeItIsWorkedOut(Solution solution) {
    Lesson lesson = Lesson.of(page(solution), WIDE);
    for (Told line : lesson.lines()) {
      Set<LineId> open = new HashSet<>();
      List<Item> chapter = lesson.chapters().get(line.chapter()).items();
      for (int later = line.item() + 1; later < chapter.size(); later++) {
        chapter.get(later).worked().ifPresent(worked -> open.add(worked.line()));
      }
      lesson
          .item(line)
          .worked()
          .filter(_ -> !lesson.item(line).showsValue(line.phase()))
          .ifPresent(worked -> open.add(worked.line()));
      assertThat(Collections.disjoint(spoken(lesson.item(line).block()), open)).isTrue();
      assertThat(lesson.concealed(line)).containsAll(open);
    }
  }

  private static List<LineId> spoken(PageBlock block) {
    List<Span> spans =
        switch (block) {
          case PageBlock.Paragraph(_, var words) -> words;
          case PageBlock.Remark(_, _, var words) -> words;
          default -> List.of();
        };
    return spans.stream()
        .filter(Span.Live.class::isInstance)
        .map(span -> ((Span.Live) span).line())
        .toList();
  }

  @ForSomeSolutions
  void whatIsKeptBackComesOutBitByBitAndIsAllOutAtTheEnd(Solution solution) {
    Lesson lesson = Lesson.of(page(solution), WIDE);
    for (int c = 0; c < lesson.chapters().size(); c++) {
      int chapter = c;
      Set<LineId> before = null;
      for (Told line : lesson.lines().stream().filter(l -> l.chapter() == chapter).toList()) {
        Set<LineId> now = lesson.concealed(line);
        if (before != null) {
          assertThat(before).containsAll(now);
        }
        before = now;
      }
      assertThat(before).isEmpty();
    }
  }

  @ForSomeSolutions
  void aWorkingGrowsLinkByLinkAndIsWholeAtItsValue(Solution solution) {
    items(Lesson.of(page(solution), WIDE))
        .filter(item -> item.worked().isPresent())
        .forEach(
            item -> {
              int links = item.worked().orElseThrow().chain().links().size();
              assertThat(item.links(-1)).isZero();
              int shown = 0;
              for (int phase = 0; phase < item.phases().size(); phase++) {
                assertThat(item.links(phase)).isBetween(shown, shown + 1);
                shown = item.links(phase);
                assertThat(item.showsValue(phase)).isEqualTo(shown == links);
              }
              assertThat(shown).isEqualTo(links);
              assertThat(item.phases()).startsWith(Phase.ASKED);
              assertThat(item.question()).isNotBlank().doesNotContain("{");
            });
  }

  /// The tables that are pointed at are there already, and hold what they are pointed at for.
  @ForSomeSolutions
  void aWorkingHasItsSourcesInSight(Solution solution) {
    Lesson lesson = Lesson.of(page(solution), WIDE);
    for (Chapter chapter : lesson.chapters()) {
      for (int i = 0; i < chapter.items().size(); i++) {
        Item item = chapter.items().get(i);
        assertThat(item.phases().contains(Phase.SOURCES)).isEqualTo(!item.tables().isEmpty());
        for (int table : item.tables()) {
          assertThat(table).isLessThan(i);
          assertThat(lines(chapter.items().get(table).block()))
              .containsAnyElementsOf(item.sources());
        }
        int last = item.phases().size() - 1;
        item.own().ifPresent(own -> assertThat(item.beside(last)).contains(own));
      }
    }
  }

  @ForSomeSolutions
  void everyLineHasWords(Solution solution) {
    Page page = page(solution);
    Lesson lesson = Lesson.of(page, WIDE);
    LineInWords words = new LineInWords(lesson, page);
    for (Told line : lesson.lines()) {
      if (!(lesson.item(line).block() instanceof PageBlock.QuestionText)) {
        assertThat(words.of(line)).as(lesson.item(line).block().toString()).isNotBlank();
      }
    }
  }

  @Test
  void theWordsOfAWorkingAreThoseOfItsLine() {
    Page page = page(ReferenceCases.solution(ReferenceCases.trailRegister()));
    Lesson lesson = Lesson.of(page, WIDE);
    LineInWords words = new LineInWords(lesson, page);
    List<String> told =
        lesson.lines().stream()
            .filter(
                line ->
                    lesson
                        .item(line)
                        .worked()
                        .filter(worked -> worked.line().equals(LineId.of("df")))
                        .isPresent())
            .map(words::of)
            .toList();
    assertThat(told)
        .containsExactly(
            "How many degrees of freedom are there?",
            "df = (r − 1)·(c − 1)",
            "df = (3 − 1)·(3 − 1)",
            "df = 4");
  }

  /// The curve, then the region, then the statistic: what is not drawn yet is not said either.
  @Test
  void aFigureGrows() {
    Item figure =
        items(Lesson.of(page(ReferenceCases.solution(ReferenceCases.trailRegister())), WIDE))
            .filter(
                item ->
                    item.block() instanceof PageBlock.Figure(var spec)
                        && spec instanceof FigureSpec.Curve)
            .findFirst()
            .orElseThrow();
    assertThat(figure.phases()).containsExactly(Phase.CURVE, Phase.REGION, Phase.STATISTIC);
    FigureSpec.Curve bare = (FigureSpec.Curve) figure.figure(0).orElseThrow();
    assertThat(bare.critical()).isEmpty();
    assertThat(bare.statistic()).isEmpty();
    assertThat(bare.alternative()).isEmpty();
    FigureSpec.Curve region = (FigureSpec.Curve) figure.figure(1).orElseThrow();
    assertThat(region.critical()).isPresent();
    assertThat(region.statistic()).isEmpty();
    assertThat(figure.figure(2)).contains(((PageBlock.Figure) figure.block()).spec());
  }

  /// Large tables are told in pieces, each of which can be read; together they are the whole.
  @ParameterizedTest
  @ValueSource(ints = {3, 6, 7, 12, 20})
  void aTableIsToldInPiecesThatFit(int size) {
    Random random = new Random(size);
    List<List<Long>> counts = new ArrayList<>();
    for (int i = 0; i < size; i++) {
      counts.add(random.longs(size, 20, 90).boxed().toList());
    }
    Page page = page(ReferenceCases.solution(ReferenceCases.table(counts)));
    Lesson lesson = Lesson.of(page, WIDE);
    Chapter data =
        lesson.chapters().stream()
            .filter(chapter -> chapter.step().equals("data"))
            .findFirst()
            .orElseThrow();
    List<Grid> pieces =
        data.items().stream()
            .map(Item::block)
            .filter(PageBlock.Grids.class::isInstance)
            .flatMap(block -> ((PageBlock.Grids) block).grids().stream())
            .toList();
    List<LineId> cells =
        pieces.stream()
            .flatMap(piece -> piece.cells().stream().flatMap(List::stream))
            .map(PageBlock.GridCell::line)
            .toList();
    assertThat(cells).hasSize(size * size).doesNotHaveDuplicates();
    assertThat(pieces)
        .allSatisfy(
            piece -> {
              assertThat(piece.rows().size()).isLessThanOrEqualTo(6);
              assertThat(piece.columns().size()).isLessThanOrEqualTo(6);
            });
    for (Item item : items(lesson).toList()) {
      if (item.block() instanceof PageBlock.Grids(var grids)) {
        assertThat(grids).allSatisfy(grid -> assertThat(grid.rows().size()).isLessThan(7));
      }
    }
  }

  /// The piece that is shown again beside a working holds the numbers that it takes.
  @Test
  void ofALargeTableThePartInQuestionIsShownAgain() {
    List<List<Long>> counts = new ArrayList<>();
    for (long i = 0; i < 12; i++) {
      long row = i;
      counts.add(
          Stream.iterate(0L, j -> j + 1).limit(12).map(j -> 30 + (row * 7 + j * 3) % 11).toList());
    }
    Lesson lesson = Lesson.of(page(ReferenceCases.solution(ReferenceCases.table(counts))), WIDE);
    Chapter contributions =
        lesson.chapters().stream()
            .filter(chapter -> chapter.step().equals("contributions"))
            .findFirst()
            .orElseThrow();
    Item working =
        contributions.items().stream()
            .filter(item -> item.worked().isPresent())
            .findFirst()
            .orElseThrow();
    List<LineId> inSight =
        working.tables().stream()
            .flatMap(table -> lines(contributions.items().get(table).block()))
            .toList();
    assertThat(inSight).containsAll(working.sources());
    assertThat(
            working.tables().stream()
                .map(table -> (PageBlock.Grids) contributions.items().get(table).block())
                .flatMap(grids -> grids.grids().stream())
                .map(grid -> Span.plain(grid.title())))
        .allMatch(title -> title.endsWith("(in part; totals of the whole)"));
  }

  @Test
  void onANarrowBoardTablesComeOneAfterTheOther() {
    Page page = page(ReferenceCases.solution(ReferenceCases.trailRegister()));
    assertThat(mostBeside(Lesson.of(page, WIDE))).isEqualTo(2);
    assertThat(mostBeside(Lesson.of(page, 580))).isEqualTo(1);
  }

  private static int mostBeside(Lesson lesson) {
    return lesson.chapters().stream()
        .filter(chapter -> chapter.step().equals("expected"))
        .flatMap(chapter -> chapter.items().stream())
        .map(Item::block)
        .filter(PageBlock.Grids.class::isInstance)
        .mapToInt(block -> ((PageBlock.Grids) block).grids().size())
        .max()
        .orElse(0);
  }

  /// What a course calls its steps, and their order, is how they are told.
  @Test
  void chaptersAreTheStepsOfThePage() {
    Page page = page(ReferenceCases.solution(ReferenceCases.trailRegister()));
    Lesson lesson = Lesson.of(page, WIDE);
    assertThat(lesson.chapters().stream().map(Chapter::title))
        .containsExactlyElementsOf(page.steps().stream().map(PageStep::title).toList());
    assertThat(lesson.lines().getFirst()).isEqualTo(new Told(0, 0, 0));
    for (int c = 0; c < lesson.chapters().size(); c++) {
      assertThat(lesson.lines().get(lesson.firstOf(c))).isEqualTo(new Told(c, 0, 0));
    }
  }

  /// No question gives its answer away.
  @ForSomeSolutions
  void noQuestionTellsItsValue(Solution solution) {
    items(Lesson.of(page(solution), WIDE))
        .forEach(
            item ->
                item.worked()
                    .map(worked -> PlainText.of(worked.chain().links().getLast().right()))
                    .filter(value -> value.length() > 3)
                    .ifPresent(value -> assertThat(item.question()).doesNotContain(value)));
  }
}
