package lehrgang.desktop.window;

import javafx.animation.PauseTransition;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import lehrgang.desktop.desk.Notice;
import lehrgang.desktop.desk.Notices;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// Says what just happened, beside the work and never in its way.
final class NoticeBar extends VBox {
  /// A sentence up to this long leaves room for an offer beside it.
  private static final int SHORT = 60;

  /// How long a notice without an offer is shown.
  private static final Duration READ = Duration.seconds(5);

  private final Notices notices;
  private final PauseTransition past = new PauseTransition(READ);

  NoticeBar(Notices notices) {
    this.notices = notices;
    getStyleClass().add(Style.NOTICE);
    setId("notice");
    setMaxHeight(Region.USE_PREF_SIZE);
    managedProperty().bind(visibleProperty());
    past.setOnFinished(_ -> notices.clear());
    notices.subscribe(this::show);
  }

  private void show(Notice notice) {
    setVisible(!notice.sentence().isEmpty());
    past.stop();
    if (notice.offers().isEmpty() && isVisible()) {
      past.playFromStart();
    }
    Label sentence = Labels.label(notice.sentence(), Style.NOTICE_TEXT);
    sentence.setId("notice-text");
    sentence.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(sentence, Priority.ALWAYS);
    Button close = new Button("", new FontIcon("fth-x"));
    close.getStyleClass().add(Style.ICON_BUTTON);
    close.setAccessibleText(Words.of("notice.close"));
    close.setOnAction(_ -> notices.clear());
    HBox first = new HBox(sentence);
    first.getStyleClass().add(Style.NOTICE_LINE);
    getChildren().setAll(first);
    if (notice.offers().size() == 1 && notice.sentence().length() <= SHORT) {
      first.getChildren().add(offer(notice.offers().getFirst(), 1));
    } else if (!notice.offers().isEmpty()) {
      HBox offers = new HBox();
      offers.getStyleClass().addAll(Style.NOTICE_LINE, Style.OFFERS);
      for (int k = 0; k < notice.offers().size(); k++) {
        offers.getChildren().add(offer(notice.offers().get(k), k + 1));
      }
      getChildren().add(offers);
    }
    first.getChildren().add(close);
  }

  private Button offer(Notice.Offer offer, int place) {
    Button button = Labels.literal(new Button(offer.label()));
    button.getStyleClass().add(Style.QUIET);
    button.setId(place == 1 ? "notice-offer" : "notice-offer-" + place);
    button.setMinWidth(Region.USE_PREF_SIZE);
    button.setOnAction(
        _ -> {
          notices.clear();
          offer.action().run();
        });
    return button;
  }
}
