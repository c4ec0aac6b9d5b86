package lehrgang.documents.cases;

import java.nio.charset.Charset;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.StandardCharsets;
import java.nio.charset.UnsupportedCharsetException;
import java.util.Arrays;
import java.util.Map;
import lehrgang.core.cases.DecimalSign;
import lehrgang.documents.delimited.Quotes;

/// How a text file of records is to be read: what was detected, and what can be changed.
///
/// @param separator between fields
/// @param quotes    that fields may stand in
/// @param sign      of the numbers
/// @param head      whether the first line names the columns
public record CaseFormat(
    Charset charset, char separator, Quotes quotes, DecimalSign sign, Head head) {
  public enum Head {
    NAMES,
    NONE
  }

  /// The encodings that are offered; files in others are rare.
  public static final Map<String, Charset> ENCODINGS =
      Map.of(
          "UTF-8", StandardCharsets.UTF_8,
          "UTF-16LE", StandardCharsets.UTF_16LE,
          "UTF-16BE", StandardCharsets.UTF_16BE,
          "windows-1252", Charset.forName("windows-1252"));

  public CaseFormat withCharset(Charset changed) {
    return new CaseFormat(changed, separator, quotes, sign, head);
  }

  public CaseFormat withSeparator(char changed) {
    return new CaseFormat(charset, changed, quotes, sign, head);
  }

  public CaseFormat withQuotes(Quotes changed) {
    return new CaseFormat(charset, separator, changed, sign, head);
  }

  public CaseFormat withSign(DecimalSign changed) {
    return new CaseFormat(charset, separator, quotes, changed, head);
  }

  public CaseFormat withHead(Head changed) {
    return new CaseFormat(charset, separator, quotes, sign, changed);
  }

  /// As it is saved with a solution.
  public Map<String, String> written() {
    return Map.of(
        "encoding",
        charset.name(),
        "separator",
        Character.toString(separator),
        "quotes",
        quotes.key(),
        "head",
        head == Head.NAMES ? "names" : "none");
  }

  /// What was saved; what is missing or unknown has its usual value.
  public static CaseFormat of(Map<String, String> written, DecimalSign sign) {
    Charset charset;
    try {
      charset = Charset.forName(written.getOrDefault("encoding", "UTF-8"));
    } catch (IllegalCharsetNameException | UnsupportedCharsetException e) {
      charset = StandardCharsets.UTF_8;
    }
    String separator = written.getOrDefault("separator", ",");
    return new CaseFormat(
        charset,
        separator.length() == 1 ? separator.charAt(0) : ',',
        quotes(written.getOrDefault("quotes", "")),
        sign,
        written.getOrDefault("head", "names").equals("none") ? Head.NONE : Head.NAMES);
  }

  private static Quotes quotes(String key) {
    return Arrays.stream(Quotes.values())
        .filter(value -> value.key().equals(key))
        .findFirst()
        .orElse(Quotes.DOUBLE);
  }
}
