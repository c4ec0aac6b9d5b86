package lehrgang.desktop.page;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.solution.Question;
import lehrgang.core.wording.OwnText;
import lehrgang.core.wording.Span;
import lehrgang.desktop.desk.Rewording;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;

/// Turns the blocks of a page into nodes.
public final class BlockViews {
  private static final double FORMULA_SIZE = 19;
  private static final double INNER_SIZE = 16.5;
  private static final int ANSWER_HEIGHT = 30;

  private final LiveNumbers numbers;
  private final FormulaPainter formulas;
  private final Editors editors;

  /// The parts of the page in which something is typed; they stay while the rest is set anew.
  public interface Editors {
    Node question(Question question);

    Node table(List<Grid> layers);

    Node provenance(PageBlock.Provenance block);

    Node number(PageBlock.TypedNumber block);

    Node ways(PageBlock.Ways ways);

    /// The words of the page; empty where they are only read.
    Optional<Rewording> rewording();
  }

  public BlockViews(LiveNumbers numbers, Editors editors) {
    this(numbers, _ -> editors);
  }

  private BlockViews(LiveNumbers numbers, Function<BlockViews, Editors> editors) {
    this.numbers = numbers;
    this.formulas = new FormulaPainter(numbers);
    this.editors = editors.apply(this);
  }

  /// Views in which nothing is typed.
  public static BlockViews toRead(LiveNumbers numbers) {
    return new BlockViews(numbers, ReadOnly::new);
  }

  public Node of(PageBlock block) {
    return switch (block) {
      case PageBlock.Paragraph(var template, var spans) -> sentence(template, spans);
      case PageBlock.Remark remark -> remark(remark);
      case PageBlock.Task(var template, var text) ->
          rewritable(template, Labels.label(text, Style.TASK), text);
      case PageBlock.SeeTable(var text) -> Labels.label(text, Style.TASK);
      case PageBlock.QuestionText(var question) -> editors.question(question);
      case PageBlock.Note(var kind, var name, var text) -> note(kind, name, text);
      case PageBlock.Provenance provenance -> editors.provenance(provenance);
      case PageBlock.DataTable(var layers) -> editors.table(layers);
      case PageBlock.TypedNumber number -> editors.number(number);
      case PageBlock.Ways ways -> editors.ways(ways);
      case PageBlock.Outcomes outcomes -> new OutcomesView(outcomes, numbers);
      case PageBlock.Grids(var grids) -> new GridsView(grids, numbers, this);
      case PageBlock.Worked worked -> new WorkedView(worked, this);
      case PageBlock.WrittenOut(var heading, var chains) -> new Folded(heading, writtenOut(chains));
      case PageBlock.Iterations iterations -> new IterationsView(iterations, this);
      case PageBlock.Figure(var figure) -> new FigureView(figure, numbers);
      case PageBlock.Excerpt excerpt -> new ExcerptView(excerpt, this);
      case PageBlock.Report(var template, var text) ->
          rewritable(template, new ReportView(text), text);
      case PageBlock.AnswerSpace(var lines) -> answerSpace(lines);
    };
  }

  /// A sentence by itself, to be read.
  public Node sentence(List<Span> spans) {
    return new SentenceView(spans, numbers, formulas);
  }

  /// A working by itself.
  public Node working(Chain chain) {
    return formula(chain);
  }

  /// A working that is shown link by link.
  public GrowingFormula growing(Chain chain) {
    return new GrowingFormula(chain, formulas);
  }

  /// A figure for the wall.
  ///
  /// @param room how high it may be where that can be helped
  public MagnifiedFigure magnified(FigureSpec figure, double room) {
    return new MagnifiedFigure(new FigureView(figure, numbers), room);
  }

  FormulaView formula(Chain chain) {
    return FormulaView.of(chain, FORMULA_SIZE, formulas);
  }

  /// The title of a table.
  Rewritable title(PageBlock.Template template, List<Span> spans) {
    SentenceView title = new SentenceView(spans, numbers, formulas);
    title.getStyleClass().add(Style.TABLE_TITLE);
    return rewritable(template, title, Span.plain(spans));
  }

  /// Words that can be rewritten.
  Rewritable rewritable(PageBlock.Template template, Node shown, String words) {
    return new Rewritable(template, shown, words, editors.rewording());
  }

  private Rewritable sentence(PageBlock.Template template, List<Span> spans) {
    return new Rewritable(
        template,
        new SentenceView(spans, numbers, formulas),
        Span.plain(spans),
        editors.rewording());
  }

  /// The instructor's own words at a step.
  private Node note(PageBlock.NoteKind kind, String name, String text) {
    VBox box = new VBox();
    box.getStyleClass().add(Style.OWN_NOTE);
    if (kind == PageBlock.NoteKind.SOURCE) {
      box.getStyleClass().add(Style.OWN_SOURCE);
    }
    for (OwnText.Part part : OwnText.parts((name + " " + text).strip())) {
      switch (part) {
        case OwnText.Paragraph(var words) ->
            box.getChildren().add(new SentenceView(words, numbers, formulas));
        case OwnText.Items(var ordered, var items) -> {
          for (int i = 0; i < items.size(); i++) {
            Label mark = Labels.label(ordered ? i + 1 + "." : "–", Style.OWN_NOTE_MARK);
            HBox item = new HBox(mark, new SentenceView(items.get(i), numbers, formulas));
            item.setAlignment(Pos.BASELINE_LEFT);
            box.getChildren().add(item);
          }
        }
      }
    }
    return box;
  }

  private Node remark(PageBlock.Remark remark) {
    return new RemarkView(remark, sentence(remark.template(), remark.spans()));
  }

  private Node writtenOut(List<Chain> chains) {
    VBox box = new VBox();
    box.getStyleClass().addAll(Style.WORKING, Style.INNER);
    chains.forEach(chain -> box.getChildren().add(FormulaView.of(chain, INNER_SIZE, formulas)));
    return box;
  }

  private static Node answerSpace(int lines) {
    VBox box = new VBox();
    for (int i = 0; i < lines; i++) {
      Region line = new Region();
      line.getStyleClass().add(Style.ANSWER_LINE);
      line.setMinHeight(ANSWER_HEIGHT);
      box.getChildren().add(line);
    }
    return box;
  }
}
