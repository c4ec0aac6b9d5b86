package lehrgang.desktop.kit;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.util.StringConverter;

/// A named choice from a list.
public final class Picker<T> extends HBox {
  private final ComboBox<T> box = new ComboBox<>();
  private final Consumer<T> choose;
  private boolean showing;

  /// @param name   what is chosen
  /// @param words  what a value is called
  /// @param choose told when another value is chosen by hand
  public Picker(String name, Function<T, String> words, Consumer<T> choose) {
    this.choose = choose;
    getStyleClass().add(Style.PICKER);
    Label label = new Label(name);
    label.getStyleClass().add(Style.PICKER_NAME);
    label.setLabelFor(box);
    label.setMinWidth(USE_PREF_SIZE);
    box.setAccessibleText(name);
    box.setConverter(
        new StringConverter<>() {
          @Override
          public String toString(T value) {
            return value == null ? "" : words.apply(value);
          }

          @Override
          public T fromString(String text) {
            throw new UnsupportedOperationException();
          }
        });
    box.valueProperty().subscribe(this::chosen);
    getChildren().addAll(label, box);
  }

  /// A choice whose name stands elsewhere.
  public static <T> Picker<T> unnamed(String name, Function<T, String> words, Consumer<T> choose) {
    Picker<T> picker = new Picker<>(name, words, choose);
    picker.getChildren().remove(0);
    return picker;
  }

  private void chosen(T value) {
    if (!showing && value != null) {
      choose.accept(value);
    }
  }

  /// Shows what there is to choose from, and what is chosen.
  public Picker<T> show(List<T> values, T value) {
    showing = true;
    if (!box.getItems().equals(values)) {
      box.getItems().setAll(values);
    }
    box.setValue(values.contains(value) ? value : null);
    showing = false;
    return this;
  }

  /// Chooses as a hand would.
  public void choose(T value) {
    box.setValue(value);
  }

  public T value() {
    return box.getValue();
  }

  public Picker<T> named(String id) {
    box.setId(id);
    return this;
  }
}
