package lehrgang.desktop.records;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.layout.FlowPane;
import lehrgang.core.cases.DecimalSign;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseFormat;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.delimited.Quotes;

/// How a text file is written, open to change.
final class TextFormat extends FlowPane {
  private static final List<Character> SEPARATORS = List.of(',', ';', '\t', '|');

  /// @param reread told the file as it would be read otherwise
  TextFormat(CaseFile text, Consumer<CaseSource> reread) {
    CaseFormat now = text.format();
    getStyleClass().add(Style.RECORDS_FORMAT);
    Consumer<CaseFormat> read = format -> reread.accept(text.withFormat(format));
    getChildren()
        .addAll(
            new Picker<String>(
                    Words.of("records.encoding"),
                    name -> name,
                    name -> read.accept(now.withCharset(CaseFormat.ENCODINGS.get(name))))
                .named("encoding")
                .show(
                    CaseFormat.ENCODINGS.keySet().stream().sorted().toList(), now.charset().name()),
            new Picker<Character>(
                    Words.of("records.separator"),
                    TextFormat::separatorInWords,
                    separator -> read.accept(now.withSeparator(separator)))
                .named("separator")
                .show(SEPARATORS, now.separator()),
            new Picker<Quotes>(
                    Words.of("records.quotes"),
                    quotes -> Words.of("records.quotes." + quotes.key()),
                    quotes -> read.accept(now.withQuotes(quotes)))
                .named("quotes")
                .show(List.of(Quotes.values()), now.quotes()),
            new Picker<DecimalSign>(
                    Words.of("records.decimals"),
                    sign -> Words.of("records.decimals." + sign.key()),
                    sign -> read.accept(now.withSign(sign)))
                .named("decimal-sign")
                .show(List.of(DecimalSign.values()), now.sign()),
            head(now.head(), head -> read.accept(now.withHead(head))));
  }

  /// Whether the first line names the columns.
  static Picker<CaseFormat.Head> head(CaseFormat.Head now, Consumer<CaseFormat.Head> choose) {
    return new Picker<CaseFormat.Head>(
            Words.of("records.head"),
            head -> Words.of("records.head." + (head == CaseFormat.Head.NAMES)),
            choose)
        .named("head")
        .show(List.of(CaseFormat.Head.values()), now);
  }

  private static String separatorInWords(char separator) {
    return Words.of(
        "records.separator."
            + switch (separator) {
              case ',' -> "comma";
              case ';' -> "semicolon";
              case '\t' -> "tab";
              default -> "bar";
            });
  }
}
