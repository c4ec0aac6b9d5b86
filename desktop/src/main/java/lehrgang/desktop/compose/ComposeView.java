package lehrgang.desktop.compose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import lehrgang.core.compose.Composer;
import lehrgang.core.compose.Offer;
import lehrgang.core.compose.Order;
import lehrgang.core.compose.Proposal;
import lehrgang.core.data.TableEntry;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Notice;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.solutionfile.SolutionFile;

/// Tables that show what is wished: wishes at the left, proposals at the right.
public final class ComposeView extends BorderPane {
  private static final double NARROWEST = 396;

  private final Desk desk;
  private final WishesPanel wishes;
  private final TilePane cards = new TilePane();
  private final Label said = Labels.label("", Style.HINT);
  private final Button others = new Button(Words.of("compose.others"));
  private final BackgroundWork work;
  private Optional<Proposal> model = Optional.empty();
  private long seed = 1;

  public ComposeView(Desk desk) {
    this.desk = desk;
    this.work = new BackgroundWork(Demand.PROCESSOR, desk.solution()::session);
    this.wishes = new WishesPanel(this::propose);
    getStyleClass().add(Style.HANDOUT_VIEW);
    setTop(bar());
    setLeft(wishes);
    cards.getStyleClass().add(Style.PROPOSALS);
    cards.widthProperty().subscribe(width -> fill(width.doubleValue()));
    said.setId("compose-said");
    VBox content = new VBox(said, cards);
    content.getStyleClass().add(Style.COMPOSE_CONTENT);
    ScrollPane scroll = new ScrollPane(content);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add(Style.PAGE_VIEW);
    setCenter(scroll);
  }

  /// As many cards side by side as fit, and as wide as that leaves room for.
  private void fill(double width) {
    double gap = cards.getHgap();
    double many = Math.max(1, Math.floor((width + gap) / (NARROWEST + gap)));
    cards.setPrefTileWidth(Math.max(NARROWEST, Math.floor((width + gap) / many - gap)));
  }

  private HBox bar() {
    Label name = Labels.view(Words.of("compose.view"));
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    Button back =
        Icons.button("fth-arrow-left", Words.of("handout.back"), Style.ICON_BUTTON, this::leave);
    back.setId("compose-back");
    others.setId("compose-others");
    others.getStyleClass().add(Style.HAND_OUT);
    others.setMinWidth(Region.USE_PREF_SIZE);
    others.setOnAction(
        _ -> {
          seed++;
          propose();
        });
    HBox bar = new HBox(back, name, space, others);
    bar.getStyleClass().add(Style.HEADER);
    return bar;
  }

  private Optional<Offer> offer() {
    return Offer.of(desk.solution().now().procedure());
  }

  /// Begins with the procedure, the labels and the size of the open solution.
  public void begin() {
    Solution now = desk.solution().now();
    cards.getChildren().clear();
    model = Optional.empty();
    wishes.setVisible(false);
    said.setText("");
    Optional<Offer> offer = offer();
    work.begin(
        _ -> offer.flatMap(_ -> model(now)),
        BackgroundWork.Outcome.of(found -> begin(now, offer, found), said::setText));
  }

  private void begin(Solution now, Optional<Offer> offer, Optional<Proposal> found) {
    model = found;
    wishes.setVisible(model.isPresent());
    if (model.isPresent()) {
      wishes.show(offer.orElseThrow(), usual(model.get()));
      propose();
    } else {
      said.setText(
          Words.of("compose.none", Wording.english().text("procedure." + now.procedure())));
    }
  }

  private static Order usual(Proposal model) {
    TableEntry table = model.solution().table();
    return new Order(
        table.rows().size(),
        table.columns().size(),
        table.layers().size(),
        model.observations(),
        List.of());
  }

  /// The open solution; with plain counts as long as its own cannot be worked out, and with the
  /// usual choices where it is those that cannot.
  private static Optional<Proposal> model(Solution now) {
    Procedure procedure = Procedures.of(now.procedure());
    TableEntry table = now.table();
    Solution plain =
        now.withTable(
            Offer.plain(
                procedure,
                Math.max(2, table.rows().size()),
                Math.max(2, table.columns().size()),
                table.layers().size()));
    Solution usual = plain.withChoices(SolutionFile.blank(procedure).solution().choices());
    Solution small = usual.withTable(Offer.plain(procedure, 2, 2, table.layers().size()));
    return Stream.of(now, plain, usual, small)
        .map(Proposal::of)
        .flatMap(Optional::stream)
        .findFirst();
  }

  private void propose() {
    work.stop();
    Optional<Order> order = offer().flatMap(wishes::order);
    if (order.isEmpty() || model.isEmpty()) {
      said.setText(Words.of("compose.unread"));
      return;
    }
    said.setText(Words.of("compose.looking"));
    Proposal like = model.get();
    long drawn = seed;
    work.begin(
        _ -> Composer.like(like).compose(order.get(), drawn),
        BackgroundWork.Outcome.of(this::show, said::setText));
  }

  private void show(Composer.Composition composed) {
    List<ProposalCard> shown = new ArrayList<>();
    for (Proposal proposal : composed.proposals()) {
      shown.add(new ProposalCard(shown.size() + 1, proposal, () -> take(proposal)));
    }
    cards.getChildren().setAll(shown);
    said.setText(
        composed
            .obstacle()
            .map(ComposeView::words)
            .orElseGet(() -> Words.of("compose.found", shown.size())));
  }

  private static String words(Phrase sentence) {
    return Wording.english().text(sentence);
  }

  private void take(Proposal proposal) {
    desk.solution().edit("", now -> now.withTable(proposal.solution().table()));
    leave();
    desk.notices()
        .say(
            Notice.of(
                Words.of("compose.taken"),
                new Notice.Offer(Words.of("undo"), desk.solution()::undo)));
  }

  private void leave() {
    new Request.Show(Request.View.WRITE).from(this);
  }

  /// Whether the view is in front; what is under way in one that is not is let go.
  public void setInSight(boolean now) {
    if (!now) {
      work.stop();
    }
  }
}
