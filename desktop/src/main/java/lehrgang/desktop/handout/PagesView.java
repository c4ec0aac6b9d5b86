package lehrgang.desktop.handout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.image.ImageView;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.stage.Window;
import javafx.util.Duration;
import lehrgang.core.work.Progress;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Calm;
import lehrgang.desktop.kit.Pictures;
import lehrgang.desktop.kit.Session;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.pdf.PdfHandout;
import lehrgang.documents.paper.PdfPages;
import lehrgang.documents.paper.PdfPages.Picture;

/// The pages of a sheet as they are printed: painted from the PDF itself, beside the interface,
/// those at the top first. The pages before stay until the new ones are there.
final class PagesView extends ScrollPane {
  /// How long a change waits for another.
  private static final Duration PAUSE = Duration.millis(90);

  private static final double GAP = 22;
  private static final double SMALL = 446;
  private static final double LARGE = 860;

  private final FlowPane sheets = new FlowPane(GAP, GAP);
  private final IntConsumer counted;
  private final BackgroundWork work;
  private Optional<byte[]> pdf = Optional.empty();
  private Optional<Consumer<byte[]>> taker = Optional.empty();
  private Optional<Order> order = Optional.empty();
  private final Calm pause = new Calm(PAUSE);
  private double width = SMALL;

  /// @param session in which pages are set
  /// @param counted told how many pages there are
  PagesView(Supplier<Session> session, IntConsumer counted) {
    this.work = new BackgroundWork(Demand.PROCESSOR, session);
    this.counted = counted;
    sheets.setAlignment(Pos.TOP_LEFT);
    sheets.getStyleClass().add(Style.SHEETS);
    setContent(sheets);
    setFitToWidth(true);
    getStyleClass().add(Style.SHEETS_PANE);
  }

  /// Gives the file of what is ordered now: at once, or as soon as its pages stand there. What is
  /// asked for last is given; nothing is where nothing can be shown.
  void whenThere(Consumer<byte[]> wanted) {
    taker = Optional.of(wanted);
    pdf.ifPresent(this::give);
  }

  private void give(byte[] file) {
    Optional<Consumer<byte[]>> waiting = taker;
    taker = Optional.empty();
    waiting.ifPresent(wanted -> wanted.accept(file));
  }

  /// How many pages are painted.
  int painted() {
    return (int)
        sheets.getChildren().stream()
            .filter(sheet -> sheet instanceof StackPane pane && !pane.getChildren().isEmpty())
            .count();
  }

  /// There is nothing that could be shown.
  void showNothing() {
    showNothing(Words.of("handout.waiting"));
  }

  /// @param reason why
  private void showNothing(String reason) {
    pause.stop();
    work.stop();
    Label label = new Label(reason);
    label.setWrapText(true);
    label.getStyleClass().add(Style.SHEETS_EMPTY);
    sheets.getChildren().setAll(label);
    pdf = Optional.empty();
    taker = Optional.empty();
  }

  /// Lets go of what is under way: nobody looks.
  void stop() {
    pause.stop();
    work.stop();
  }

  /// Shows the pages of an order, a moment after the last of several changes.
  void show(Order wanted) {
    order = Optional.of(wanted);
    pdf = Optional.empty();
    work.stop();
    pause.restart(() -> begin(wanted));
  }

  private void begin(Order wanted) {
    double scale = scale();
    int first = Math.max(1, (int) Math.ceil(visible()));
    work.begin(
        progress -> Painted.of(PdfHandout.of(wanted), scale, first, progress),
        BackgroundWork.Outcome.of(painted -> show(painted, scale), this::showNothing));
  }

  /// How many pages are in sight at once.
  private double visible() {
    return width == SMALL ? 4 : 2;
  }

  /// Pixels of the screen to a point of the page.
  private double scale() {
    Window window = getScene() == null ? null : getScene().getWindow();
    double dense = window == null ? 1 : Math.max(1, window.getOutputScaleX());
    return width / 595.28 * dense;
  }

  private void show(Painted painted, double scale) {
    pdf = Optional.of(painted.pdf());
    List<StackPane> pages = new ArrayList<>();
    for (int page = 0; page < painted.count(); page++) {
      pages.add(sheet(page, painted));
    }
    sheets.getChildren().setAll(pages);
    counted.accept(painted.count());
    if (painted.pictures().size() < painted.count()) {
      rest(painted, scale);
    }
    give(painted.pdf());
  }

  /// Paints the pages further down when those at the top are shown.
  private void rest(Painted painted, double scale) {
    int from = painted.pictures().size();
    work.begin(
        progress -> Painted.pictures(painted.pdf(), scale, from, painted.count(), progress),
        BackgroundWork.Outcome.of(
            pictures -> {
              for (int i = 0; i < pictures.size(); i++) {
                ((StackPane) sheets.getChildren().get(from + i))
                    .getChildren()
                    .setAll(view(pictures.get(i)));
              }
            },
            this::showNothing));
  }

  private StackPane sheet(int page, Painted painted) {
    StackPane sheet = new StackPane();
    sheet.getStyleClass().add(Style.SHEET_PAGE);
    double height = width * painted.height() / painted.width();
    sheet.setMinSize(width, height);
    sheet.setMaxSize(width, height);
    if (page < painted.pictures().size()) {
      sheet.getChildren().setAll(view(painted.pictures().get(page)));
    }
    sheet.setFocusTraversable(true);
    sheet.setAccessibleRole(AccessibleRole.BUTTON);
    sheet.setAccessibleText(Words.of("handout.page", page + 1, painted.count()));
    Tooltip.install(
        sheet, new Tooltip(Words.of(width == SMALL ? "handout.larger" : "handout.smaller")));
    sheet.setOnMouseClicked(_ -> resize(page));
    sheet.setOnKeyPressed(
        key -> {
          if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.SPACE) {
            resize(page);
            key.consume();
          }
        });
    return sheet;
  }

  /// Shows the pages large, one below another, or small, side by side.
  private void resize(int page) {
    width = width == SMALL ? LARGE : SMALL;
    int pages = Math.max(1, sheets.getChildren().size());
    order.ifPresent(this::show);
    setVvalue(pages == 1 ? 0 : (double) page / (pages - 1));
  }

  private ImageView view(Picture picture) {
    WritableImage image = Pictures.of(picture.width(), picture.height(), picture.pixels());
    ImageView view = new ImageView(image);
    view.setFitWidth(width);
    view.setPreserveRatio(true);
    view.setSmooth(true);
    return view;
  }

  /// A PDF and the pictures of its first pages.
  private record Painted(
      byte[] pdf, int count, double width, double height, List<Picture> pictures) {
    static Painted of(byte[] pdf, double scale, int first, Progress progress) {
      try (PdfPages pages = PdfPages.of(pdf)) {
        int some = Math.min(first, pages.count());
        List<Picture> pictures = paint(pages, scale, 0, some, progress);
        return new Painted(pdf, pages.count(), pages.width(0), pages.height(0), pictures);
      }
    }

    static List<Picture> pictures(byte[] pdf, double scale, int from, int to, Progress progress) {
      try (PdfPages pages = PdfPages.of(pdf)) {
        return paint(pages, scale, from, to, progress);
      }
    }

    private static List<Picture> paint(
        PdfPages pages, double scale, int from, int to, Progress progress) {
      List<Picture> pictures = new ArrayList<>();
      for (int page = from; page < to; page++) {
        progress.check();
        pictures.add(pages.picture(page, scale));
      }
      return pictures;
    }
  }
}
