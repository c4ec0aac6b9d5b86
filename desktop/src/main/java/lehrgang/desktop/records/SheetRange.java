package lehrgang.desktop.records;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.WorkbookSheet;

/// Which sheet of a workbook is read, and which part of it.
final class SheetRange extends FlowPane {
  private static final int MOST_LINES_OFFERED = 200;

  private final Consumer<CaseSource> reread;

  /// @param reread told the sheet as it would be read otherwise
  SheetRange(WorkbookSheet sheet, Consumer<CaseSource> reread) {
    this.reread = reread;
    getStyleClass().add(Style.RECORDS_FORMAT);
    WorkbookSheet.Area area = sheet.area();
    int last = Math.min(sheet.lines(), Math.max(MOST_LINES_OFFERED, area.firstLine()));
    IntFunction<String> column = place -> column(sheet, place);
    getChildren()
        .addAll(
            new Picker<String>(
                    Words.of("records.sheet"),
                    name -> name,
                    name -> reread.accept(sheet.withSheet(name)))
                .named("sheet")
                .show(sheet.sheets(), sheet.sheet()),
            new Picker<Integer>(
                    Words.of("records.from-line"),
                    line -> Integer.toString(line),
                    line -> reread.accept(sheet.withArea(area.fromLine(line))))
                .named("first-line")
                .show(IntStream.rangeClosed(1, last).boxed().toList(), area.firstLine()),
            new Bound(
                    "last-line",
                    "records.to-line",
                    area.firstLine(),
                    sheet.lines(),
                    area.lastLine())
                .picker(Integer::toString, line -> sheet.withArea(area.toLine(line))),
            new Bound(
                    "first-column",
                    "records.from-column",
                    1,
                    sheet.heads().size(),
                    area.firstColumn())
                .picker(column, place -> sheet.withArea(area.fromColumn(place))),
            new Bound(
                    "last-column",
                    "records.to-column",
                    area.firstColumn().orElse(1),
                    sheet.heads().size(),
                    area.lastColumn())
                .picker(column, place -> sheet.withArea(area.toColumn(place))),
            TextFormat.head(sheet.head(), head -> reread.accept(sheet.withHead(head))));
    String notes =
        sheet.notes().stream().map(Wording.english()::text).collect(Collectors.joining(" "));
    if (!notes.isEmpty()) {
      Label said = new Label(notes);
      said.setId("sheet-notes");
      said.setWrapText(true);
      said.getStyleClass().add(Style.ENTRY_HINT);
      getChildren().add(said);
    }
  }

  private static String column(WorkbookSheet sheet, int column) {
    String head = sheet.heads().get(column - 1);
    return head.isBlank() ? Integer.toString(column) : column + " · " + head;
  }

  /// A side of the range that may be left to where the data end.
  private final class Bound {
    private final String id;
    private final String name;
    private final List<Optional<Integer>> places = new ArrayList<>(List.of(Optional.empty()));
    private final Optional<Integer> now;

    Bound(String id, String name, int first, int last, Optional<Integer> now) {
      this.id = id;
      this.name = name;
      this.now = now;
      IntStream.rangeClosed(first, last)
          .limit(MOST_LINES_OFFERED)
          .mapToObj(Optional::of)
          .forEach(places::add);
      if (!places.contains(now)) {
        places.add(now);
      }
    }

    Node picker(IntFunction<String> inWords, Function<Optional<Integer>, WorkbookSheet> with) {
      return new Picker<Optional<Integer>>(
              Words.of(name),
              place -> place.map(inWords::apply).orElse(Words.of("records.where-data-end")),
              place -> reread.accept(with.apply(place)))
          .named(id)
          .show(places, now);
    }
  }
}
