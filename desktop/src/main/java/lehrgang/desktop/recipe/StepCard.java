package lehrgang.desktop.recipe;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.RecipeStep;
import lehrgang.desktop.kit.Session;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// A step that is being filled in, with the buttons that take it or leave it.
public final class StepCard extends VBox {
  private final StepForm form;

  /// @param session in which columns are looked through
  /// @param place   where the step stands in the recipe
  /// @param given   the step that is to be changed; empty for a new one
  /// @param use     what becomes of it
  StepCard(
      Origin origin,
      Supplier<Session> session,
      int place,
      StepSort sort,
      Optional<RecipeStep> given,
      Use use) {
    this.form = new StepForm(origin, session, place, sort, given);
    Button apply = new Button(Words.of("recipe.apply"));
    apply.setId("recipe-apply");
    apply.getStyleClass().add(Style.PRIMARY);
    apply.setOnAction(
        _ -> form.made().ifPresentOrElse(use::take, () -> use.say(form.whatIsWrong())));
    Button leave = new Button(Words.of("recipe.leave"));
    leave.getStyleClass().add(Style.QUIET);
    leave.setOnAction(_ -> use.leave());
    HBox buttons = new HBox(apply, leave);
    buttons.getStyleClass().add(Style.RECORDS_BUTTONS);
    getChildren().addAll(form, buttons);
    getStyleClass().add(Style.RECIPE_FORM);
  }

  /// What becomes of a step.
  public interface Use {
    /// It is taken.
    void take(RecipeStep step);

    /// It is not.
    void leave();

    /// Something is missing.
    void say(String sentence);
  }

  /// A card for a new step after all others.
  ///
  /// @param origin the records, and what was done to them so far
  static StepCard after(Origin origin, StepSort sort, Use use) {
    return new StepCard(
        origin, Session::new, origin.recipe().steps().size(), sort, Optional.empty(), use);
  }

  /// With what is to be seen of the step's effect, between its fields and its buttons.
  StepCard showing(Node effect, Consumer<Optional<RecipeStep>> changed) {
    getChildren().add(1, effect);
    form.onChange(() -> changed.accept(form.made()));
    return this;
  }

  /// Is ready to be filled in.
  void begin() {
    form.askAll();
    form.requestFocus();
  }
}
