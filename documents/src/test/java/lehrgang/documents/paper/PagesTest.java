package lehrgang.documents.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.paper.Flow.Keep;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class PagesTest {
  private static final double HEIGHT = 100;

  private static Slab slab(String text, double height) {
    Paint paint = new Paint.Text(0, height, text, Typeface.SERIF, 10, 0);
    return new Slab(50, height, List.of(Piece.ornament(List.of(paint))));
  }

  private static List<List<String>> texts(Flow flow) {
    return Pages.of(flow, HEIGHT).stream()
        .map(
            page ->
                page.stream()
                    .flatMap(piece -> piece.paints().stream())
                    .map(paint -> ((Paint.Text) paint).text())
                    .toList())
        .toList();
  }

  @Property
  void everySlabIsOnAPageOnceInOrderAndInsideIt(
      @ForAll @Size(min = 1, max = 40) List<@IntRange(min = 1, max = 100) Integer> heights,
      @ForAll @Size(40) List<Boolean> kept) {
    Flow flow = new Flow();
    List<String> names = new ArrayList<>();
    for (int i = 0; i < heights.size(); i++) {
      names.add("s" + i);
      flow.add(slab("s" + i, heights.get(i)), 5, kept.get(i) ? Keep.WITH_NEXT : Keep.FREE);
    }
    assertThat(texts(flow).stream().flatMap(List::stream)).containsExactlyElementsOf(names);
    assertThat(Pages.of(flow, HEIGHT).stream().flatMap(List::stream))
        .allSatisfy(
            piece ->
                assertThat(((Paint.Text) piece.paints().getFirst()).y())
                    .isBetween(0.0, HEIGHT + 0.01));
  }

  @Test
  void aHeadingGoesToTheNextPageWithItsText() {
    Flow flow = new Flow();
    flow.add(slab("before", 80), 0, Keep.FREE);
    flow.add(slab("heading", 12), 0, Keep.WITH_NEXT);
    flow.add(slab("text", 12), 0, Keep.FREE);
    assertThat(texts(flow)).containsExactly(List.of("before"), List.of("heading", "text"));
  }

  @Test
  void noLineOfAParagraphStandsAlone() {
    Flow flow = new Flow();
    flow.add(slab("before", 85), 0, Keep.FREE);
    flow.addLines(
        List.of(slab("1", 10), slab("2", 10), slab("3", 10), slab("4", 10)), 0, Keep.FREE);
    assertThat(texts(flow)).containsExactly(List.of("before"), List.of("1", "2", "3", "4"));
    Flow more = new Flow();
    more.add(slab("before", 65), 0, Keep.FREE);
    more.addLines(
        List.of(slab("1", 10), slab("2", 10), slab("3", 10), slab("4", 10)), 0, Keep.FREE);
    assertThat(texts(more)).containsExactly(List.of("before", "1", "2"), List.of("3", "4"));
  }

  @Test
  void aLongTableBeginsEachPageWithItsHead() {
    List<Slab> rows = new ArrayList<>();
    for (int row = 0; row < 20; row++) {
      rows.add(slab("row " + row, 10));
    }
    Flow flow = new Flow();
    flow.addTable(slab("head", 10), rows, Optional.of(slab("foot", 10)), 0, 5);
    List<List<String>> pages = texts(flow);
    assertThat(pages).hasSizeGreaterThan(2);
    assertThat(pages).allSatisfy(page -> assertThat(page).startsWith("head"));
    assertThat(pages.getLast()).contains("row 19", "foot");
  }

  @Test
  void aShortTableStaysInOnePiece() {
    Flow flow = new Flow();
    flow.add(slab("before", 60), 0, Keep.FREE);
    flow.addTable(
        slab("head", 10),
        List.of(slab("1", 10), slab("2", 10), slab("3", 15)),
        Optional.empty(),
        0,
        5);
    assertThat(texts(flow)).containsExactly(List.of("before"), List.of("head", "1", "2", "3"));
  }
}
