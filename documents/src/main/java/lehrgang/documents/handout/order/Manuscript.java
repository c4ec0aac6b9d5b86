package lehrgang.documents.handout.order;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// What is ordered, part by part, before it takes a form: all that the forms must agree on is
/// decided here, so that the same numbers stand in each.
///
/// @param chapters the solutions
/// @param printed  the printed tables at the end, each with what it is called
public record Manuscript(
    String title,
    String language,
    Wording wording,
    SheetHead head,
    List<Chapter> chapters,
    List<Printed> printed) {
  public Manuscript {
    chapters = List.copyOf(chapters);
    printed = List.copyOf(printed);
  }

  /// A solution.
  ///
  /// @param title  with its number in a problem set
  /// @param begins where it begins
  public record Chapter(String title, Page page, Blanks blanks, List<Part> parts, Begins begins) {
    public Chapter {
      parts = List.copyOf(parts);
    }

    /// Its parts as they stand on paper.
    public List<Part> onPaper() {
      return Part.onPaper(parts);
    }
  }

  /// Where a chapter begins.
  public enum Begins {
    BELOW_THE_LAST,
    ON_A_NEW_PAGE
  }

  /// A printed table.
  public record Printed(String title, Part.Table table) {}

  /// What is ordered, with everything decided.
  public static Manuscript of(Order order) {
    PrintedTables printed = new PrintedTables();
    List<Chapter> chapters = new ArrayList<>();
    boolean several = order.solutions().size() > 1;
    for (int i = 0; i < order.solutions().size(); i++) {
      Solved solved = order.solutions().get(i);
      Page page = solved.page(order.audience());
      Blanks blanks = solved.blanks(page);
      String title = (several ? (i + 1) + "\u2002" : "") + SheetHead.title(page);
      List<Part> parts =
          new ArrayList<>(
              new PartSetter(page, blanks, order.choices(), printed, worth(order, solved)).set());
      if (order.audience() == Audience.KEY) {
        parts.addAll(AcceptedParts.of(solved, page, blanks));
      }
      chapters.add(new Chapter(title, page, blanks, parts, Begins.BELOW_THE_LAST));
    }
    Page first = chapters.getFirst().page();
    return new Manuscript(
        SheetHead.title(first),
        first.language(),
        first.wording(),
        SheetHead.of(order, first.wording()),
        chapters,
        printed.all().stream().map(table -> printed(table, first.wording())).toList());
  }

  private static Worth worth(Order order, Solved solved) {
    boolean said = order.audience() != Audience.FULL && order.choices().has(With.POINTS);
    return said ? Worth.of(solved) : Worth.unsaid();
  }

  private static Printed printed(PageBlock.Excerpt table, Wording wording) {
    return new Printed(PrintedTables.title(table, wording), TableParts.excerpt(table));
  }

  /// How many blanks there are.
  public int blanks() {
    return chapters.stream().mapToInt(chapter -> chapter.blanks().count()).sum();
  }

  /// Where the data are from, in one line; may be empty.
  public String sources() {
    return String.join(
        " · ",
        chapters.stream()
            .map(chapter -> chapter.page().question().source())
            .filter(source -> !source.isBlank())
            .distinct()
            .toList());
  }

  /// The number of a page.
  public String folio(int page, int of) {
    return folioOf(Integer.toString(page), Integer.toString(of));
  }

  /// The number of a page, where a word processor puts the numbers in.
  public String folioOf(String page, String of) {
    return wording.text(Phrase.of("sheet.page").with("page", page).with("of", of));
  }
}
