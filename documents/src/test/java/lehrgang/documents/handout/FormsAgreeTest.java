package lehrgang.documents.handout;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import lehrgang.core.Sampled;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.Solution;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.paper.PdfReader;
import lehrgang.documents.solutionfile.DemoCourse;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// The same number has the same digits in every form.
@Sampled
class FormsAgreeTest {
  static List<String> demos() {
    return Demo.some();
  }

  /// The numbers in the tables of a sheet.
  private static Set<String> numbers(Manuscript manuscript) {
    Set<String> numbers = new TreeSet<>();
    manuscript.chapters().stream()
        .flatMap(chapter -> chapter.parts().stream())
        .filter(Part.Tables.class::isInstance)
        .flatMap(part -> ((Part.Tables) part).tables().stream())
        .flatMap(table -> table.body().stream().flatMap(List::stream))
        .map(entry -> digits(entry.text()))
        .filter(text -> text.matches("[0-9]+\\.[0-9]+"))
        .forEach(numbers::add);
    return numbers;
  }

  private static String digits(String text) {
    return text.replaceAll("[+−–\\s\u2002]", "");
  }

  private static String text(Form form, Order order) {
    byte[] content = form.make(order, "sheet").content();
    return switch (form) {
      case PDF -> PdfReader.of(content).text();
      case TEXT_DOCUMENT -> content(content);
      case WEB_PAGE -> Jsoup.parse(new String(content, StandardCharsets.UTF_8)).text();
      default -> new String(content, StandardCharsets.UTF_8);
    };
  }

  /// The text of a text document, which is in one file of several.
  private static String content(byte[] document) {
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(document))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        if (entry.getName().equals("content.xml")) {
          String xml = new String(zip.readAllBytes(), StandardCharsets.UTF_8);
          return Jsoup.parse(xml.replace("</text:p>", " </text:p>"), Parser.xmlParser()).text();
        }
      }
      throw new AssertionError("there is no text in it");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everyNumberOfATableStandsInEveryForm(String demo) {
    Solution solution = DemoCourse.open(demo).solution();
    for (Audience audience : Audience.values()) {
      Order order = Demo.order(solution, audience);
      Set<String> wanted = numbers(Manuscript.of(order));
      for (Form form : Form.FOR_ALL) {
        Set<String> found =
            Arrays.stream(text(form, order).split("[^0-9.]+"))
                .map(each -> each.replaceAll("^\\.|\\.$", ""))
                .collect(Collectors.toSet());
        assertThat(found).as(form + " for " + audience).containsAll(wanted);
      }
    }
  }

  @Test
  void aFormIsKnownByItsKeyAndItsFile() {
    for (Form form : Form.FOR_ALL) {
      assertThat(Form.ofKey(form.key())).contains(form);
      assertThat(Form.ofFile("sheet" + form.ending())).contains(form);
    }
    assertThat(Form.ofKey("docs")).isEmpty();
    assertThat(Form.ofFile("sheet.docs")).isEmpty();
  }
}
