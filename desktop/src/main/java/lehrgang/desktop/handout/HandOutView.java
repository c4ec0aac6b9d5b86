package lehrgang.desktop.handout;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import lehrgang.core.marking.Points;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.handout.order.Worth;

/// Handing out: few choices at the left, the real pages at the right, both changing together.
public final class HandOutView extends BorderPane {
  private final Desk desk;
  private final ObjectProperty<Audience> audience = new SimpleObjectProperty<>(Audience.STUDENT);
  private final ObjectProperty<Form> form = new SimpleObjectProperty<>(Form.PDF);
  private final List<Solved> others = new ArrayList<>();
  private final Label title = new Label();
  private final Label counts = new Label();
  private final Button save = new Button();
  private final Button copy =
      Icons.button("fth-copy", Words.of("handout.copy"), Style.ICON_BUTTON, this::copy);
  private final PagesView pages;
  private final ChoicesPanel choices;
  private Optional<Order> shown = Optional.empty();
  private boolean inSight;

  public HandOutView(Desk desk) {
    this.desk = desk;
    this.pages = new PagesView(desk.solution()::session, this::counted);
    this.choices =
        new ChoicesPanel(
            desk.solution(),
            audience,
            form,
            others,
            this::addMore,
            () -> new Request.Show(Request.View.VARY).from(this),
            this::renew);
    getStyleClass().add(Style.HANDOUT_VIEW);
    setTop(bar());
    setLeft(choices);
    setCenter(pages);
    desk.worked().subscribe(_ -> renew());
    desk.solution().subscribe(now -> remember(now.sheet().last()));
    audience.subscribe((_, _) -> chosenFor());
    form.subscribe((_, _) -> chosenAs());
    show(form.get());
  }

  /// Shows for whom and in which form the solution was handed out last.
  private void remember(SheetChoices.HandedOut last) {
    Audience.ofKey(last.audience()).ifPresent(audience::set);
    Form.ofKey(last.form()).ifPresent(form::set);
  }

  /// Only students are asked to answer: nobody else has such a sheet.
  private void chosenFor() {
    if (form.get().isForStudents() && audience.get() != Audience.STUDENT) {
      form.set(Form.WEB_PAGE);
    } else {
      chosen();
    }
  }

  private void chosenAs() {
    if (form.get().isForStudents() && audience.get() != Audience.STUDENT) {
      audience.set(Audience.STUDENT);
    } else {
      chosen();
    }
  }

  private void chosen() {
    SheetChoices.HandedOut now = new SheetChoices.HandedOut(audience.get().key(), form.get().key());
    desk.solution()
        .edit("handed-out", solution -> solution.withSheet(solution.sheet().handedOut(now)));
    show(form.get());
    renew();
  }

  private HBox bar() {
    Label name = Labels.view(Words.of("handout.view"));
    title.getStyleClass().add(Style.HEADER_SUBTITLE);
    title.setMinWidth(0);
    counts.getStyleClass().add(Style.HEADER_SUBTITLE);
    counts.setId("handout-counts");
    counts.setMinWidth(Region.USE_PREF_SIZE);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    save.setId("handout-save");
    save.getStyleClass().add(Style.HAND_OUT);
    save.setMinWidth(Region.USE_PREF_SIZE);
    save.setOnAction(
        _ -> whenOrdered(order -> new Request.SaveSheet(order, form.get()).from(this)));
    Button back =
        Icons.button(
            "fth-arrow-left",
            Words.of("handout.back"),
            Style.ICON_BUTTON,
            () -> new Request.Show(Request.View.WRITE).from(this));
    back.setId("handout-back");
    Button print =
        Icons.button("fth-printer", Words.of("handout.print"), Style.ICON_BUTTON, this::print);
    print.setId("handout-print");
    copy.setId("handout-copy");
    copy.managedProperty().bind(copy.visibleProperty());
    HBox bar = new HBox(back, name, title, space, counts, copy, print, save);
    bar.getStyleClass().add(Style.HEADER);
    return bar;
  }

  private void show(Form wanted) {
    save.setText(Words.of("handout.save." + wanted.key()));
    copy.setVisible(wanted.isText());
  }

  /// Prints the pages through the system.
  public void print() {
    whenOrdered(_ -> pages.whenThere(pdf -> new Request.Print(pdf).from(this)));
  }

  /// Does something with what is ordered, as soon as it is worked out.
  private void whenOrdered(Consumer<Order> action) {
    desk.worked().whenWorkedOut(() -> order().ifPresentOrElse(action, this::stale));
  }

  /// Puts a form that is text on the clipboard.
  private void copy() {
    whenOrdered(
        order -> {
          byte[] text = form.get().make(order, "sheet").content();
          ClipboardContent content = new ClipboardContent();
          content.putString(new String(text, StandardCharsets.UTF_8));
          Clipboard.getSystemClipboard().setContent(content);
          desk.notices().say(Words.of("handout.copied"));
        });
  }

  private void stale() {
    desk.notices().say(Words.of("stale"));
  }

  private void addMore() {
    new Request.ChooseSolutions(
            more -> {
              others.addAll(more);
              choices.showOthers();
              renew();
            })
        .from(this);
  }

  /// Whether the view is in front; one that is not is not kept up to date.
  public void setInSight(boolean now) {
    inSight = now;
    if (now) {
      choices.show();
      renew();
    } else {
      pages.stop();
      shown = Optional.empty();
    }
  }

  /// Shows the sheet for an audience.
  public void show(Audience whom) {
    audience.set(whom);
  }

  /// What is ordered now; empty while the solution cannot be worked out.
  public Optional<Order> order() {
    return Optional.of(desk.worked().now())
        .filter(Sight::isCurrent)
        .flatMap(Sight::result)
        .map(
            result -> {
              List<Solved> all = new ArrayList<>();
              all.add(new Solved(desk.solution().now(), result.derivation()));
              all.addAll(others);
              return new Order(all, audience.get(), desk.solution().now().sheet());
            });
  }

  private void renew() {
    String name = desk.solution().now().question().title().strip();
    title.setText(name.isEmpty() ? Words.of("untitled") : name);
    if (!inSight) {
      return;
    }
    choices.show();
    Optional<Order> wanted = order();
    if (!wanted.equals(shown) || wanted.isEmpty()) {
      shown = wanted;
      wanted.ifPresentOrElse(pages::show, pages::showNothing);
    }
  }

  /// How many pages are painted; 0 before there are any.
  public int paintedPages() {
    return pages.painted();
  }

  private static String counted(String key, int count) {
    return count == 1 ? Words.of(key + ".one") : Words.of(key + ".many", count);
  }

  private void counted(int count) {
    List<String> said = new ArrayList<>();
    said.add(counted("handout.pages", count));
    if (audience.get() != Audience.FULL) {
      shown.ifPresent(order -> said.addAll(asked(order)));
    }
    counts.setText(String.join(" · ", said));
  }

  /// How much a sheet asks, and what that brings.
  private static List<String> asked(Order order) {
    int asked = 0;
    BigDecimal points = BigDecimal.ZERO;
    for (Solved solved : order.solutions()) {
      Page sheet = solved.page(Audience.STUDENT);
      Blanks blanks = Blanks.of(sheet);
      asked += blanks.count();
      points = points.add(Worth.of(solved, sheet, blanks).total());
    }
    String blanks = counted("handout.blanks", asked);
    return order.choices().has(With.POINTS)
        ? List.of(
            blanks,
            points.compareTo(BigDecimal.ONE) == 0
                ? Words.of("handout.points.one")
                : Words.of("handout.points.many", Points.text(points)))
        : List.of(blanks);
  }
}
