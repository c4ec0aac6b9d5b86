package lehrgang.documents.marks;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.FigureSpec.FaredBar;
import lehrgang.core.page.Page;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// The summary of a class as a figure: which steps it lost, and how.
public final class ClassFigure {
  private static final List<String> PARTS =
      List.of("class.right", "class.followed", "class.slipped", "class.wrong", "class.silent");

  private final ClassMarks marks;
  private final Page page;
  private final Map<LineId, ClassMarks.Counts> fared;
  private final Wording wording;

  private ClassFigure(ClassMarks marks, Page page) {
    this.marks = marks;
    this.page = page;
    this.fared = marks.counts();
    this.wording = page.wording();
  }

  /// @param page the whole solution
  public static FigureSpec of(ClassMarks marks, Page page) {
    return new ClassFigure(marks, page).figure();
  }

  /// A bar for each family of lines, and for each line that has none.
  private FigureSpec figure() {
    Map<String, List<LineId>> families = new LinkedHashMap<>();
    for (LineId line : marks.lines()) {
      families.computeIfAbsent(line.name(), _ -> new ArrayList<>()).add(line);
    }
    List<FaredBar> bars = families.values().stream().map(this::bar).toList();
    List<String> said = bars.stream().map(bar -> bar.name() + " " + bar.right()).toList();
    return new FigureSpec.Fared(
        bars,
        PARTS.stream().map(wording::text).toList(),
        wording.text(
            Phrase.of("class.figure")
                .with("students", marks.sheets().size())
                .with("list", Phrase.listed(said, "list.comma"))));
  }

  private FaredBar bar(List<LineId> family) {
    int[] counts = new int[PARTS.size()];
    for (LineId line : family) {
      ClassMarks.Counts some = fared.get(line);
      List<Integer> parts =
          List.of(some.right(), some.followed(), some.slipped(), some.wrong(), some.silent());
      for (int k = 0; k < counts.length; k++) {
        counts[k] += parts.get(k);
      }
    }
    int all = Arrays.stream(counts).sum();
    return new FaredBar(
        page.family(family.getFirst()),
        Arrays.stream(counts).boxed().toList(),
        all == 0 ? "" : percent(counts[0], all));
  }

  private String percent(int right, int all) {
    BigDecimal share =
        BigDecimal.valueOf(100L * right).divide(BigDecimal.valueOf(all), 0, RoundingMode.HALF_UP);
    return wording.text(Phrase.of("class.percent").with("percent", share.toPlainString()));
  }
}
