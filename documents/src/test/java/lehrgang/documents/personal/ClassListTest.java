package lehrgang.documents.personal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.OutputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.file.FileProblem;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Class lists as they come.
class ClassListTest {
  @TempDir private Path folder;

  private ClassList read(String text) throws Exception {
    return ClassList.read(Files.writeString(folder.resolve("list.csv"), text));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "Ada\nBo\nÇelik\n",
        "student\nAda\nBo\nÇelik\n",
        "Student;group\nAda;17\nBo;17\nÇelik;18\n",
        "student,group\nAda,17\n\nBo,17\n ,\nÇelik,18",
        "student\tpoints\nAda\t3\nBo\t4\nÇelik\t5\n"
      })
  void namesAloneOrAColumnOfStudents(String text) throws Exception {
    assertThat(read(text).students()).containsExactly("Ada", "Bo", "Çelik");
  }

  @Test
  void whatWasPastedIsReadAsAFileIs() throws Exception {
    assertThat(ClassList.read(CaseFile.pasted("17-1\n17-2\n", "pasted")).students())
        .containsExactly("17-1", "17-2");
  }

  @ParameterizedTest
  @ValueSource(strings = {"UTF-8", "UTF-16", "windows-1252"})
  void anyUsualEncoding(String charset) throws Exception {
    Path file = folder.resolve("list.csv");
    Files.write(file, "student\nZoë\nJürgen\n".getBytes(Charset.forName(charset)));
    assertThat(ClassList.read(file).students()).containsExactly("Zoë", "Jürgen");
  }

  @Test
  void aWorkbookIsAListToo() throws Exception {
    Path file = folder.resolve("class.xlsx");
    try (OutputStream out = Files.newOutputStream(file);
        Workbook book = new Workbook(out, "test", "1.0")) {
      Worksheet sheet = book.newWorksheet("group");
      sheet.value(0, 0, "student");
      sheet.value(0, 1, "group");
      for (int row = 1; row <= 3; row++) {
        sheet.value(row, 0, "walker " + row);
        sheet.value(row, 1, 17);
      }
    }
    assertThat(ClassList.read(file).students()).containsExactly("walker 1", "walker 2", "walker 3");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "name;group~a;1|begins with the column “name”: the first column of a class list must be",
        "a~b~b|has the student “b” twice, in line 2 and in line 3",
        "student~ Ada ~x~Ada|has the student “Ada” twice, in line 2 and in line 4",
        "student;group|has no students",
        "Name~Ada~Bo|begins with “Name”, which looks like a heading",
        "\"Ada~Bo~Cay|a quotation mark opened in line 1 is not closed",
        "\"Ada~Bo\"~Cay|a quotation mark opened in line 1 is not closed",
        "student;group~Ada;1;x|line 2 has 3 fields instead of 2"
      })
  void whatIsNoListIsRefusedInASentence(String text, String sentence) {
    assertThatThrownBy(() -> read(text.replace('~', '\n')))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("list.csv")
        .hasMessageContaining(sentence);
  }

  @Test
  void tooManyAreNoClass() {
    String many =
        IntStream.rangeClosed(0, ClassList.MOST)
            .mapToObj(k -> "s" + k)
            .collect(Collectors.joining("\n"));
    assertThatThrownBy(() -> read(many)).hasMessageContaining("at most 5000");
  }

  @Test
  void aListThatIsNotThereIsNamed() {
    assertThatThrownBy(() -> ClassList.read(folder.resolve("nowhere.csv")))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("nowhere.csv");
  }

  /// A list keeps its order, whatever the names.
  @Test
  void theOrderIsThatOfTheList() throws Exception {
    List<String> names = List.of("9", "10", "b", "A", "Ä", "10b");
    Path file = folder.resolve("list.csv");
    Files.write(file, String.join("\r\n", names).getBytes(StandardCharsets.UTF_8));
    assertThat(ClassList.read(file).students()).containsExactlyElementsOf(names);
  }
}
