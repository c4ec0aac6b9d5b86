package lehrgang.documents.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.table.TableExport.Digits;
import org.junit.jupiter.api.Test;

/// Tables on their way to other programs.
class TableExportTest {
  private static final Solution DEMO = SolutionFile.demo().solution();

  private static Page page(Solution solution, Audience audience) {
    Procedure.Settled settled = Procedures.workAtOnce(solution);
    return Page.of(solution, ((Procedure.Derived) settled).derivation(), audience);
  }

  private static TableExport export(Page page, String step, int place, Digits digits) {
    List<Grid> grids =
        page.steps().stream()
            .filter(shown -> shown.id().equals(step))
            .flatMap(shown -> shown.blocks().stream())
            .flatMap(
                block ->
                    switch (block) {
                      case PageBlock.Grids(var several) -> several.stream();
                      case PageBlock.DataTable(var layers) -> layers.stream();
                      default -> Stream.empty();
                    })
            .toList();
    return new TableExport(page, grids.get(place), digits);
  }

  @Test
  void theObservedTableComesBackAsItWent() {
    String tabs = export(page(DEMO, Audience.FULL), "data", 0, Digits.SHOWN).tabs();
    assertThat(tabs.lines())
        .startsWith("Observed, O\tSpring\tSummer\tAutumn\tTotal", "Lake loop\t41\t55\t24\t120")
        .endsWith("Total\t120\t220\t140\t480");
    TableImport.Recognised again = (TableImport.Recognised) TableImport.read(tabs);
    assertThat(again.table().cells()).isEqualTo(DEMO.table().cells());
    assertThat(again.table().rows()).isEqualTo(DEMO.table().rows());
  }

  @Test
  void expectedCountsGoWithAllTheirDigitsOrAsShown() {
    Page page = page(DEMO, Audience.FULL);
    assertThat(export(page, "expected", 1, Digits.FULL).csv())
        .contains("Gorge path,40,73.333333333333333,46.666666666666667,160");
    assertThat(export(page, "expected", 1, Digits.SHOWN).csv())
        .contains("Gorge path,40.00,73.33,46.67,160.00");
  }

  @Test
  void negativeNumbersWithAllDigitsHaveASignThatProgramsRead() {
    assertThat(export(page(DEMO, Audience.FULL), "contributions", 0, Digits.FULL).csv())
        .contains("Gorge path,-2,-9.3333333333333333,11.333333333333333");
  }

  @Test
  void whatStudentsAreToFindStaysBlank() {
    Page sheet = page(DEMO, Audience.STUDENT);
    assertThat(export(sheet, "expected", 1, Digits.FULL).tabs())
        .contains("Gorge path\t\t73.333333333333333\t\n", "Lake loop\t\t\t\n")
        .doesNotContain("30", "120");
  }

  @Test
  void aLabelIsNeverRunAsAFormulaAndBreaksNothing() {
    Solution odd =
        DEMO.withTable(
            DEMO.table()
                .withRowLabel(0, "=cmd|'/c'!A1")
                .withRowLabel(1, "+ 5 % <b>")
                .withColumnLabel(0, "Spring,\t\"early\""));
    TableExport table = export(page(odd, Audience.FULL), "data", 0, Digits.SHOWN);
    assertThat(table.tabs()).contains("'=cmd|'/c'!A1\t41", "'+ 5 % <b>\t38");
    assertThat(table.tabs().lines().toList())
        .allSatisfy(line -> assertThat(line.split("\t", -1)).hasSize(5));
    assertThat(table.html()).contains("<th>'+ 5 % &lt;b&gt;</th><td>38</td>");
    assertThat(table.csv()).contains("\"Spring,\t\"\"early\"\"\"");
  }
}
