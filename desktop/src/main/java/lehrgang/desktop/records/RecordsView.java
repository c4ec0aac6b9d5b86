package lehrgang.desktop.records;

import java.util.Arrays;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.CaseTable;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Segments;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Kind;
import lehrgang.documents.cases.WorkbookSheet;
import lehrgang.documents.file.FileProblem;

/// A file that arrives: how it is written and what it was taken for, both open to change, its first
/// lines, and what is to be counted.
public final class RecordsView extends ScrollPane {
  private static final double WIDEST = 1000;

  private final VBox desk = new VBox();
  private final Label message = Labels.label("", Style.RECORDS_PROBLEM);
  private CaseSource file;
  private CaseTable sample;
  private Kind kind = Kind.RECORDS;
  private WhatToCount count;

  public RecordsView() {
    setId("records-view");
    setVisible(false);
    getStyleClass().add(Style.START_VIEW);
    setFitToWidth(true);
    setFitToHeight(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    desk.getStyleClass().add(Style.START_DESK);
    desk.setAlignment(Pos.TOP_CENTER);
    message.setId("records-problem");
    setContent(desk);
  }

  /// Shows a file.
  ///
  /// @throws FileProblem if it cannot be read
  public void show(CaseSource arrived) throws FileProblem {
    take(arrived);
    count = new WhatToCount(sample, file.sign());
    kind = Kind.of(sample);
    set("");
  }

  /// Goes back without taking the file.
  public void leave() {
    new Request.LeaveRecords().from(this);
  }

  private void take(CaseSource read) throws FileProblem {
    CaseTable records = read.sample();
    boolean another =
        sample == null || !records.columns().equals(sample.columns()) || read.sign() != file.sign();
    if (another) {
      count = new WhatToCount(records, read.sign());
    }
    sample = records;
    file = read;
  }

  /// Reads the file in another way, if it can be read so.
  private void reread(CaseSource changed) {
    String problem = "";
    try {
      take(changed);
    } catch (FileProblem e) {
      problem = e.getMessage();
    }
    set(problem);
  }

  private void set(String problem) {
    VBox sheet = new VBox(heading(), format(), lines());
    sheet.getStyleClass().add(Style.RECORDS_SHEET);
    sheet.setMaxWidth(WIDEST);
    if (kind == Kind.RECORDS) {
      sheet.getChildren().add(count);
    }
    say(problem);
    sheet.getChildren().addAll(message, buttons());
    desk.getChildren().setAll(sheet);
  }

  /// The first lines, and beside them the table that counting gives.
  private Node lines() {
    HBox both = new HBox(new FirstRecords(sample, file.sign()));
    both.getStyleClass().add(Style.RECORDS_BOTH);
    if (kind == Kind.RECORDS) {
      both.getChildren().add(count.table());
    }
    both.getChildren()
        .forEach(
            side -> {
              HBox.setHgrow(side, Priority.ALWAYS);
              ((Region) side).setPrefWidth(WIDEST / 2);
              ((Region) side).setMinWidth(0);
            });
    return both;
  }

  private void say(String problem) {
    message.setText(problem);
    message.setManaged(!problem.isEmpty());
    message.setVisible(!problem.isEmpty());
  }

  private Node heading() {
    Label name = new Label(file.name());
    name.getStyleClass().add(Style.RECORDS_NAME);
    Segments taken =
        new Segments(
            Words.of("records.kind"),
            Arrays.stream(Kind.values())
                .map(
                    value ->
                        new Segments.Segment(
                            value.key(),
                            Words.of("records.kind." + value.key()),
                            Words.of("records.kind." + value.key() + ".hint")))
                .toList(),
            kind.key(),
            chosen -> {
              kind =
                  Arrays.stream(Kind.values())
                      .filter(value -> value.key().equals(chosen))
                      .findFirst()
                      .orElseThrow();
              set("");
            });
    HBox line = new HBox(new Label(Words.of("records.taken-for")), taken);
    line.getStyleClass().add(Style.RECORDS_LINE);
    return new VBox(name, line);
  }

  private Node format() {
    return switch (file) {
      case CaseFile text -> new TextFormat(text, this::reread);
      case WorkbookSheet sheet -> new SheetRange(sheet, this::reread);
    };
  }

  private Node buttons() {
    Button go = new Button(Words.of(kind == Kind.RECORDS ? "records.go" : "records.take"));
    go.setId("records-go");
    go.getStyleClass().add(Style.PRIMARY);
    go.setDefaultButton(true);
    go.setOnAction(_ -> go());
    Button leave = new Button(Words.of("records.leave"));
    leave.getStyleClass().add(Style.QUIET);
    leave.setOnAction(_ -> new Request.LeaveRecords().from(this));
    HBox line = new HBox(go, leave);
    line.getStyleClass().add(Style.RECORDS_BUTTONS);
    return line;
  }

  private void go() {
    if (kind == Kind.RECORDS) {
      new Request.CountRecords(file, count.recipe(), this::say).from(this);
    } else {
      new Request.TakeTable(file, kind, this::say).from(this);
    }
  }
}
