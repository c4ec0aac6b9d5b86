package lehrgang.documents.handout;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lehrgang.documents.handout.html.HtmlHandout;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.pdf.PdfHandout;

/// The forms in which solutions are handed out.
public enum Form {
  /// Pages to be printed, or read on a screen.
  PDF("pdf", ".pdf", PdfHandout::of),
  /// One file for a browser, on a phone or at a desk.
  WEB_PAGE("html", ".html", order -> utf8(HtmlHandout.of(order)));

  private final String key;
  private final String ending;
  private final Function<Order, byte[]> maker;

  Form(String key, String ending, Function<Order, byte[]> maker) {
    this.key = key;
    this.ending = ending;
    this.maker = maker;
  }

  private static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  /// As it stands in options.
  public String key() {
    return key;
  }

  /// How the names of its files end, such as `.pdf`.
  public String ending() {
    return ending;
  }

  /// What is ordered, in this form; the same order gives the same bytes.
  public byte[] make(Order order) {
    return maker.apply(order);
  }

  /// The form that a key stands for; empty for an unknown one.
  public static Optional<Form> ofKey(String key) {
    return Arrays.stream(values()).filter(form -> form.key.equals(key)).findFirst();
  }

  /// The form of a file, by the ending of its name; empty for another one.
  public static Optional<Form> ofFile(String name) {
    return Arrays.stream(values()).filter(form -> name.endsWith(form.ending)).findFirst();
  }

  /// The keys of all forms.
  public static List<String> keys() {
    return Arrays.stream(values()).map(Form::key).toList();
  }
}
