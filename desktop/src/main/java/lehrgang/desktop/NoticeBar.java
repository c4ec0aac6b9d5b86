package lehrgang.desktop;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.kordamp.ikonli.javafx.FontIcon;

/// Says what just happened, beside the work and never in its way.
final class NoticeBar extends HBox {
  NoticeBar(Workbench workbench) {
    getStyleClass().add("notice");
    setId("notice");
    setMaxHeight(Region.USE_PREF_SIZE);
    managedProperty().bind(visibleProperty());
    workbench
        .notice()
        .subscribe(
            notice -> {
              getChildren().clear();
              setVisible(!notice.sentence().isEmpty());
              Label sentence = BlockViews.label(notice.sentence(), "notice-text");
              sentence.setId("notice-text");
              sentence.setMaxWidth(Double.MAX_VALUE);
              HBox.setHgrow(sentence, Priority.ALWAYS);
              getChildren().add(sentence);
              for (Notice.Offer offer : notice.offers()) {
                Button button = new Button(offer.label());
                button.getStyleClass().add("quiet");
                button.setId(getChildren().size() > 1 ? "notice-offer-2" : "notice-offer");
                button.setMinWidth(Region.USE_PREF_SIZE);
                button.setOnAction(
                    _ -> {
                      workbench.notice().set(Notice.NONE);
                      offer.action().run();
                    });
                getChildren().add(button);
              }
              Button close = new Button("", new FontIcon("fth-x"));
              close.getStyleClass().add("icon-button");
              close.setOnAction(_ -> workbench.notice().set(Notice.NONE));
              getChildren().add(close);
            });
  }
}
