package app.fret.desktop.view;

import app.fret.desktop.model.Desk;
import app.fret.desktop.model.Preview;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.view.dialog.OwnWeightsPane;
import app.fret.desktop.view.dialog.PlayerSheet;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.station.CompareBowings;
import app.fret.desktop.view.station.CompareView;
import app.fret.desktop.view.station.Station;
import app.fret.lefthand.Pin;
import java.io.File;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The whole window over a desk. */
public final class FretWindow extends StackPane {
  /** Width from which programme, cards and reasons stand beside each other. */
  private static final double ROOM_FOR_ALL = 1240;

  private final Desk desk;
  private final Veil veil = new Veil(this::requestFocus);
  private final Dialogs dialogs;
  private final BorderPane frame = new BorderPane();
  private final ProgrammePane programme;
  private final BorderPane centre = new BorderPane();
  private final HBox tabs = new HBox(4);
  private final ToggleGroup tabGroup = new ToggleGroup();
  private Runnable demoOpener = () -> {};
  private final Label message = Parts.label("", "message");
  private final Map<Station, Spread> spreads = new HashMap<>();
  private Optional<PassageDesk> laid = Optional.empty();
  private Station station = Station.LEFT_HAND;

  /** What a station shows: the work in the middle, the reasons at the right. */
  private record Spread(Node work, Node why) {}

  /** A window over this desk. */
  public FretWindow(Desk desk) {
    this.desk = desk;
    this.dialogs = new Dialogs(desk, veil);
    getStyleClass().add("fret");
    frame.setTop(head());
    programme = new ProgrammePane(new ProgrammeView(desk, dialogs::chooseFile, dialogs::writeIn));
    frame.setLeft(programme);
    widthProperty().addListener((property, before, now) -> foldProgramme());
    frame.setCenter(centre);
    frame.setBottom(new PulseBar(desk.pulse()));
    makeTabs();
    message.setId("message");
    message.setMaxWidth(Double.MAX_VALUE);
    getChildren().addAll(frame, veil);
    desk.openProperty().addListener((property, before, now) -> now.ifPresent(this::lay));
    desk.previewProperty()
        .addListener((property, before, now) -> now.ifPresentOrElse(this::preview, this::layAgain));
    desk.faultProperty().addListener((property, before, now) -> now.ifPresent(this::tell));
    showEmpty();
    desk.openProperty().get().ifPresent(this::lay);
    desk.previewProperty().get().ifPresent(this::preview);
    addEventFilter(KeyEvent.KEY_PRESSED, this::keyPressed);
    setOnDragOver(FretWindow::acceptFiles);
    setOnDragDropped(this::dropped);
  }

  /** The header and, where the book cannot be changed, why not. */
  private Node head() {
    VBox head = new VBox(new Header(desk, dialogs));
    desk.readOnlyReason()
        .ifPresent(
            reason -> {
              Label words =
                  Parts.words(
                      "For reading only, since "
                          + reason
                          + ". What you decide or log here is not kept.",
                      "read-only");
              words.setId("read-only");
              words.setMaxWidth(Double.MAX_VALUE);
              head.getChildren().add(words);
            });
    return head;
  }

  /** Opens what the window asks in panes of their own. */
  public Dialogs dialogs() {
    return dialogs;
  }

  private void tell(Notice notice) {
    veil.tell(notice);
    desk.faultRead();
  }

  private void makeTabs() {
    tabs.getStyleClass().add("tabs");
    for (Station each : Station.ALL) {
      ToggleButton tab = new ToggleButton(each.words());
      tab.setId("tab-" + each.id());
      tab.getStyleClass().add("tab-button");
      tab.setToggleGroup(tabGroup);
      tab.setSelected(each == station);
      tab.setFocusTraversable(false);
      tab.setOnAction(e -> show(each));
      tabs.getChildren().add(tab);
    }
  }

  private void showEmpty() {
    centre.setCenter(
        desk.programme().isEmpty()
            ? new FirstStart(dialogs::writeIn, dialogs::chooseFile, () -> demoOpener.run())
            : new StackPane(
                Parts.words("Choose a passage on the left, or add one below it.", "empty-words")));
  }

  /** Today's cards lead through the passages anyway; in a narrow window they need the room. */
  private void foldProgramme() {
    programme.foldUnlessAsked(station == Station.PRACTISE && getWidth() < ROOM_FOR_ALL);
  }

  /** Shows a station of the open passage. */
  public void show(Station next) {
    station = next;
    desk.pulse().setFollowsCards(next == Station.PRACTISE);
    foldProgramme();
    ((ToggleButton) tabs.getChildren().get(Station.ALL.indexOf(next))).setSelected(true);
    if (desk.previewProperty().get().isEmpty()) {
      desk.openProperty().get().ifPresent(this::lay);
    }
  }

  /** Shows music that is still being planned, where the music of a station stands. */
  private void preview(Preview music) {
    Region beside = new Region();
    beside.getStyleClass().add("why-panel");
    centre.setTop(tabs);
    centre.setCenter(new PreviewPane(desk, music));
    frame.setRight(beside);
  }

  /** What was to come is there, or does not come: then what lies open is shown again. */
  private void layAgain() {
    desk.openProperty().get().ifPresentOrElse(this::lay, this::layNothing);
  }

  private void layNothing() {
    centre.setTop(null);
    frame.setRight(null);
    showEmpty();
  }

  /**
   * Stations are made once for a passage and kept while it lies open: each listens to its passage,
   * and a new one at every change of tab would leave the old ones listening.
   */
  private void lay(PassageDesk passage) {
    if (laid.isEmpty() || laid.get() != passage) {
      laid = Optional.of(passage);
      spreads.clear();
      message.textProperty().unbind();
      message.textProperty().bind(passage.messageProperty());
      centre.setTop(tabs);
      centre.setBottom(messageRow(passage));
    }
    Spread spread = spreads.computeIfAbsent(station, each -> spread(each, passage));
    centre.setCenter(spread.work());
    frame.setRight(spread.why());
  }

  private Spread spread(Station each, PassageDesk passage) {
    return new Spread(each.work().apply(passage, services(passage)), each.why().apply(passage));
  }

  /** What just happened and, when a pin cannot be met, the nearest that can. */
  private HBox messageRow(PassageDesk passage) {
    Button take = Parts.button("take-offer", "", "link-action", passage.leftHand()::takeOffer);
    take.setMinWidth(USE_PREF_SIZE);
    Runnable follow =
        () -> {
          Optional<Pin> offer = passage.offerProperty().get();
          take.setVisible(offer.isPresent());
          take.setManaged(offer.isPresent());
          offer.ifPresent(p -> take.setText("Pin " + p.words(passage.instrument()) + " instead"));
        };
    passage.offerProperty().addListener((property, before, now) -> follow.run());
    follow.run();
    HBox row = new HBox(12, message, take);
    HBox.setHgrow(message, Priority.ALWAYS);
    row.getStyleClass().add("message-row");
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private Station.Services services(PassageDesk passage) {
    return new Station.Services() {
      @Override
      public void compare() {
        passage
            .leftHand()
            .compare(
                plans -> {
                  if (laid.filter(p -> p == passage).isPresent()) {
                    veil.coverWide(new CompareView(passage, plans, this::close));
                  }
                });
      }

      @Override
      public void compareBowings() {
        passage
            .bow()
            .compare(
                bowings -> {
                  if (laid.filter(p -> p == passage).isPresent()) {
                    veil.coverWide(new CompareBowings(passage, bowings, this::close));
                  }
                });
      }

      @Override
      public void showPlayer() {
        veil.cover(new PlayerSheet(passage, this::close));
      }

      @Override
      public void showOwnWeights() {
        veil.cover(new OwnWeightsPane(passage, this::close));
      }

      private void close() {
        veil.uncover();
      }
    };
  }

  private void keyPressed(KeyEvent event) {
    if (isTyping(event) || veil.isVisible()) {
      return;
    }
    Optional<Runnable> asked =
        Keys.stationFor(event)
            .<Runnable>map(s -> () -> show(s))
            .or(() -> Keys.windowCommandFor(event).map(c -> () -> c.action().accept(dialogs)))
            .or(() -> Keys.commandFor(event, station).map(c -> () -> perform(c)));
    asked.ifPresent(
        action -> {
          action.run();
          event.consume();
        });
  }

  /** Keys that belong to what has the focus: text, or Space on a button reached by keyboard. */
  private static boolean isTyping(KeyEvent event) {
    boolean isSpace = event.getCode() == KeyCode.SPACE;
    return event.getTarget() instanceof TextInputControl
        || isSpace && event.getTarget() instanceof Node node && node.isFocusVisible();
  }

  private void perform(Command command) {
    if (desk.previewProperty().get().isEmpty()) {
      desk.openProperty().get().ifPresent(passage -> passage.perform(command));
    }
  }

  private static void acceptFiles(DragEvent event) {
    if (event.getDragboard().hasFiles()) {
      event.acceptTransferModes(TransferMode.COPY);
    }
    event.consume();
  }

  private void dropped(DragEvent event) {
    List<File> files = event.getDragboard().getFiles();
    event.setDropCompleted(!files.isEmpty());
    dialogs.addAll(files.stream().map(File::toPath).toList());
    event.consume();
  }

  /** Says how the demo is shown; the application does it. */
  public void setDemoOpener(Runnable opener) {
    demoOpener = opener;
  }
}
