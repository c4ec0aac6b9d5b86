package lehrgang.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import lehrgang.core.page.Audience;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.handout.pdf.PdfHandout;
import lehrgang.documents.paper.PdfPages;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// What is handed out: a 5 × 5 solution in each form, its first two pages as they are shown beside
/// the choices, and a dozen solutions for every audience.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 6, time = 2)
@Fork(1)
public class HandOutBenchmark {
  private static final int SIZE = 5;
  private static final int SOLUTIONS = 12;

  /// A page that is 446 pixels wide.
  private static final double SCALE = 0.75;

  private Order full;
  private Order student;
  private final List<Order> dozen = new ArrayList<>();

  private static Solved solved(Solution solution) {
    return switch (Procedures.workAtOnce(solution)) {
      case Procedure.Derived(var derivation) -> new Solved(solution, derivation);
      case Procedure.Refused refused -> throw new IllegalStateException(refused.toString());
    };
  }

  @Setup
  public void prepare() {
    Solved five = solved(SolutionFile.demo().solution().withTable(Tables.square(SIZE)));
    full = Order.of(five, Audience.FULL);
    student = Order.of(five, Audience.STUDENT);
    for (String name : DemoCourse.names().subList(0, SOLUTIONS)) {
      Solved each = solved(DemoCourse.open(name).solution());
      for (Audience audience : Audience.values()) {
        dozen.add(Order.of(each, audience));
      }
    }
  }

  @Benchmark
  public Object webPage() {
    return Form.WEB_PAGE.make(full, "sheet");
  }

  @Benchmark
  public Object pdf() {
    return Form.PDF.make(full, "sheet");
  }

  /// From a choice to the pages.
  @Benchmark
  public Object preview() {
    try (PdfPages pages = PdfPages.of(PdfHandout.of(student))) {
      return List.of(pages.picture(0, SCALE), pages.picture(1, SCALE));
    }
  }

  /// A dozen solutions for three audiences as PDF, web page, TeX and Markdown.
  @Benchmark
  public int dozenInFourForms() {
    int bytes = 0;
    for (Form form : List.of(Form.PDF, Form.WEB_PAGE, Form.TEX, Form.MARKDOWN)) {
      for (Order order : dozen) {
        bytes += form.make(order, "sheet").content().length;
      }
    }
    return bytes;
  }
}
