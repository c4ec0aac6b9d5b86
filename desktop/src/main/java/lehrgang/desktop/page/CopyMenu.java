package lehrgang.desktop.page;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.MathMl;
import lehrgang.core.notation.PlainText;
import lehrgang.core.notation.Tex;
import lehrgang.core.page.Page;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.report.FullDigits;
import org.kordamp.ikonli.javafx.FontIcon;

/// A number and its working, to be copied for another program: as it is shown or with all digits,
/// as text, TeX or MathML.
final class CopyMenu extends Button {
  private static final String MATHML = "<math xmlns=\"http://www.w3.org/1998/Math/MathML\"";

  private final Page page;
  private final LineId line;

  CopyMenu(Page page, LineId line) {
    this.page = page;
    this.line = line;
    setGraphic(new FontIcon("fth-copy"));
    getStyleClass().addAll(Style.ICON_BUTTON);
    setId("copy-number");
    setAccessibleText(Words.of("copy"));
    setTooltip(new Tooltip(Words.of("copy")));
    setOnAction(
        _ -> {
          ContextMenu menu = new ContextMenu();
          menu.getItems().setAll(items());
          menu.show(this, Side.BOTTOM, 0, 0);
        });
  }

  /// What there is to copy, by the key of its name.
  Map<String, String> texts() {
    Map<String, String> texts = new LinkedHashMap<>();
    texts.put("copy.shown", page.shown(line).standalone());
    page.value(line).ifPresent(value -> texts.put("copy.full", FullDigits.of(value)));
    Box working = page.chain(line).box();
    texts.put("copy.text", PlainText.of(working));
    texts.put("copy.tex", Tex.of(working));
    texts.put("copy.mathml", new MathMl(_ -> "").displayed(working).replaceFirst("<math", MATHML));
    return texts;
  }

  private List<MenuItem> items() {
    return texts().entrySet().stream()
        .map(
            text -> {
              MenuItem item = new MenuItem(Words.of(text.getKey()));
              item.setOnAction(_ -> new Request.CopyText(text.getValue()).from(this));
              return item;
            })
        .toList();
  }
}
