package lehrgang.desktop;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.javafx.FontIcon;

/// Says what just happened, beside the work and never in its way.
final class NoticeBar extends VBox {
  /// A sentence up to this long leaves room for an offer beside it.
  private static final int SHORT = 60;

  private final Workbench workbench;

  NoticeBar(Workbench workbench) {
    this.workbench = workbench;
    getStyleClass().add("notice");
    setId("notice");
    setMaxHeight(Region.USE_PREF_SIZE);
    managedProperty().bind(visibleProperty());
    workbench.notice().subscribe(this::show);
  }

  private void show(Notice notice) {
    setVisible(!notice.sentence().isEmpty());
    Label sentence = BlockViews.label(notice.sentence(), "notice-text");
    sentence.setId("notice-text");
    sentence.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(sentence, Priority.ALWAYS);
    Button close = new Button("", new FontIcon("fth-x"));
    close.getStyleClass().add("icon-button");
    close.setAccessibleText(Words.of("notice.close"));
    close.setOnAction(_ -> workbench.notice().set(Notice.NONE));
    HBox first = new HBox(sentence);
    first.getStyleClass().add("notice-line");
    getChildren().setAll(first);
    if (notice.offers().size() == 1 && notice.sentence().length() <= SHORT) {
      first.getChildren().add(offer(notice.offers().getFirst(), 1));
    } else if (!notice.offers().isEmpty()) {
      HBox offers = new HBox();
      offers.getStyleClass().addAll("notice-line", "offers");
      for (int k = 0; k < notice.offers().size(); k++) {
        offers.getChildren().add(offer(notice.offers().get(k), k + 1));
      }
      getChildren().add(offers);
    }
    first.getChildren().add(close);
  }

  private Button offer(Notice.Offer offer, int place) {
    Button button = new Button(offer.label());
    button.getStyleClass().add("quiet");
    button.setId(place == 1 ? "notice-offer" : "notice-offer-" + place);
    button.setMinWidth(Region.USE_PREF_SIZE);
    button.setOnAction(
        _ -> {
          workbench.notice().set(Notice.NONE);
          offer.action().run();
        });
    return button;
  }
}
