package lehrgang.desktop.recipe;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import lehrgang.core.cases.Origin;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// The steps that can be added to a recipe.
public final class StepMenu extends MenuButton {
  StepMenu(Consumer<StepSort> chosen) {
    super(Words.of("recipe.add"), new FontIcon("fth-plus"));
    setId("recipe-add");
    getStyleClass().add(Style.QUIET);
    for (StepSort sort : StepSort.values()) {
      MenuItem item = new MenuItem(Words.of("recipe.add." + sort.key()));
      item.setId("recipe-add-" + sort.key());
      item.setOnAction(_ -> chosen.accept(sort));
      getItems().add(item);
    }
  }

  /// A menu for records that are not counted yet.
  ///
  /// @param records what there is when a step is chosen
  /// @param open    shows the card of the step
  /// @param use     what becomes of it
  public static StepMenu before(
      Supplier<Origin> records, Consumer<StepCard> open, StepCard.Use use) {
    return new StepMenu(
        sort -> {
          StepCard card = StepCard.after(records.get(), sort, use);
          open.accept(card);
          card.begin();
        });
  }
}
