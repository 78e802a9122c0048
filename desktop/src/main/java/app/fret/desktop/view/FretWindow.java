package app.fret.desktop.view;

import app.fret.book.Backups;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.Preview;
import app.fret.desktop.model.exchange.ImportOffer;
import app.fret.desktop.model.exchange.Packets;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.view.dialog.BackupsPane;
import app.fret.desktop.view.dialog.OwnWeightsPane;
import app.fret.desktop.view.dialog.PacketPane;
import app.fret.desktop.view.dialog.PlayerSheet;
import app.fret.desktop.view.dialog.TempoPane;
import app.fret.desktop.view.entry.AddPassagePane;
import app.fret.desktop.view.entry.AddSeveralPane;
import app.fret.desktop.view.entry.EntryPane;
import app.fret.desktop.view.entry.MendPane;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.practice.HabitsPane;
import app.fret.desktop.view.practice.OtherPracticePane;
import app.fret.desktop.view.station.CompareBowings;
import app.fret.desktop.view.station.CompareView;
import app.fret.desktop.view.station.LayerPane;
import app.fret.desktop.view.station.Station;
import app.fret.engraving.Paper;
import app.fret.lefthand.Pin;
import java.io.File;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** The whole window over a desk. */
public final class FretWindow extends StackPane {
  /** Width from which programme, cards and reasons stand beside each other. */
  private static final double ROOM_FOR_ALL = 1240;

  private final Desk desk;
  private final WritingDialogs writing;
  private final BorderPane frame = new BorderPane();
  private final ProgrammePane programme;
  private final BorderPane centre = new BorderPane();
  private final HBox tabs = new HBox(4);
  private final ToggleGroup tabGroup = new ToggleGroup();
  private Consumer<Path> folderOpener = file -> {};
  private Runnable demoOpener = () -> {};
  private Consumer<Backups.Backup> restorer = backup -> {};
  private final Label message = Parts.label("", "message");
  private final StackPane veil = new StackPane();
  private final Map<Station, Spread> spreads = new HashMap<>();
  private Optional<PassageDesk> laid = Optional.empty();
  private Station station = Station.LEFT_HAND;

  /** What a station shows: the work in the middle, the reasons at the right. */
  private record Spread(Node work, Node why) {}

  /** A window over this desk. */
  public FretWindow(Desk desk) {
    this.desk = desk;
    this.writing = new WritingDialogs(desk, this::window, this::tell, this::tellWritten);
    getStyleClass().add("fret");
    frame.setTop(head());
    programme = new ProgrammePane(new ProgrammeView(desk, this::chooseFile, this::writeIn));
    frame.setLeft(programme);
    widthProperty().addListener((property, before, now) -> foldProgramme());
    frame.setCenter(centre);
    frame.setBottom(new PulseBar(desk.pulse()));
    makeTabs();
    message.setId("message");
    message.setMaxWidth(Double.MAX_VALUE);
    veil.getStyleClass().add("veil");
    veil.setVisible(false);
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
    VBox head = new VBox(new Header(desk, this));
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

  /** Offers the copies of earlier days. */
  void showBackups() {
    cover(new BackupsPane(desk, restorer, this::uncover));
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
            ? new FirstStart(this::writeIn, this::chooseFile, () -> demoOpener.run())
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
    desk.openProperty().get().ifPresentOrElse(this::lay, this::showEmpty);
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
                    coverWide(new CompareView(passage, plans, this::close));
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
                    coverWide(new CompareBowings(passage, bowings, this::close));
                  }
                });
      }

      @Override
      public void showPlayer() {
        cover(new PlayerSheet(passage, this::close));
      }

      @Override
      public void showOwnWeights() {
        cover(new OwnWeightsPane(passage, this::close));
      }

      private void close() {
        uncover();
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
            .or(() -> Keys.windowCommandFor(event).map(c -> () -> c.action().accept(this)))
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
    addAll(files.stream().map(File::toPath).toList());
    event.consume();
  }

  /** Asks for a file to add a passage from. */
  void chooseFile() {
    FileChooser chooser = new FileChooser();
    chooser.setTitle("Add a passage");
    chooser
        .getExtensionFilters()
        .add(
            new FileChooser.ExtensionFilter(
                "Scores and packets",
                "*.musicxml",
                "*.mxl",
                "*.xml",
                "*.abc",
                "*.mid",
                "*.midi",
                "*" + Packets.ENDING));
    List<File> files = chooser.showOpenMultipleDialog(window());
    addAll(files == null ? List.of() : files.stream().map(File::toPath).toList());
  }

  /** Reads files and asks what they do not say: one by its own pane, several in one summary. */
  public void addAll(List<Path> files) {
    if (files.size() > 1 && files.stream().noneMatch(Packets::isPacket)) {
      cover(new AddSeveralPane(desk, files, this::uncover));
    } else {
      files.forEach(this::add);
    }
  }

  /** Opens the pane that music is typed in. */
  public void writeIn() {
    EntryPane entry = new EntryPane(desk, this::ask, this::uncover);
    coverWide(entry);
    entry.begin();
  }

  /** Opens the pane that the notes of the open passage are mended in. */
  public void mendNotes() {
    Optional<PassageDesk> passage = desk.openProperty().get();
    if (passage.isEmpty()) {
      tell("Open a passage first; then its notes can be mended.");
      return;
    }
    MendPane mend = new MendPane(passage.get(), this::uncover);
    coverWide(mend);
    mend.begin();
  }

  /** Opens the pane that says whose marks are shown. */
  public void showLayers() {
    desk.openProperty()
        .get()
        .ifPresentOrElse(
            p -> cover(new LayerPane(p, this::uncover)),
            () -> tell("Open a passage first; then marks can be taken in."));
  }

  /** Opens the pane for the tempo of the open passage and its places. */
  public void showTempo() {
    desk.openProperty()
        .get()
        .ifPresentOrElse(
            p -> cover(new TempoPane(p, this::uncover)),
            () -> tell("Open a passage first; then its tempo can be set."));
  }

  /** Opens the pane for how the player practises and when a rung is passed. */
  public void showHabits() {
    Optional<PassageDesk> passage = desk.openProperty().get();
    Optional<PracticeDay> day = passage.flatMap(PassageDesk::day);
    if (day.isEmpty()) {
      tell("Open a passage first; then how it is practised can be set.");
    } else {
      cover(new HabitsPane(passage.orElseThrow(), day.get(), this::uncover));
    }
  }

  /** Opens the pane for what is practised besides the passages. */
  public void showBesides() {
    Optional<PassageDesk> passage = desk.openProperty().get();
    Optional<PracticeDay> day = passage.flatMap(PassageDesk::day);
    if (day.isEmpty()) {
      tell("Open a passage first; then studies, scales and listening can be added beside it.");
    } else {
      cover(
          new OtherPracticePane(
              desk, passage.orElseThrow(), day.get(), this::askForScale, this::uncover));
    }
  }

  private void askForScale(ImportOffer offer) {
    uncover();
    ask(offer);
  }

  /** What is written to files of one's own choice. */
  WritingDialogs writing() {
    return writing;
  }

  /** Writes the part of the open passage as PDF, with or without the place of the bow. */
  public void writePdf(Path file, Paper paper, boolean withTrack) {
    desk.openProperty()
        .get()
        .ifPresent(p -> desk.marked().writePdf(p, file, paper, withTrack, this::tellWritten));
  }

  private Window window() {
    return getScene().getWindow();
  }

  /** Reads a file and asks what it does not say; what dropping a file does, too. */
  public void add(Path file) {
    if (Packets.isPacket(file)) {
      desk.packets().take(file, t -> cover(new PacketPane(desk.packets(), t, this::uncover)));
    } else {
      desk.imports().offer(file, this::ask);
    }
  }

  private void ask(ImportOffer offer) {
    AddPassagePane pane = new AddPassagePane(desk, offer, this::uncover);
    cover(pane);
    pane.begin();
  }

  /** Writes the marked part of the open passage. */
  public void write(Path file) {
    desk.openProperty().get().ifPresent(p -> desk.marked().writePart(p, file, this::tellWritten));
  }

  private void tellWritten(Path file) {
    Button folder =
        Parts.button(
            "open-folder", "Open its folder", "outline-action", () -> folderOpener.accept(file));
    tell(file.getFileName() + " is written.", folder);
  }

  /** Says how a folder is shown; the application knows, the window does not. */
  public void setFolderOpener(Consumer<Path> opener) {
    folderOpener = opener;
  }

  /** Says how the demo is shown; the application does it. */
  public void setDemoOpener(Runnable opener) {
    demoOpener = opener;
  }

  /** Says how the book is exchanged for an earlier copy; the application does it. */
  public void setRestorer(Consumer<Backups.Backup> newRestorer) {
    restorer = newRestorer;
  }

  /** Tells of something that went wrong; a mistake of the program's own has details to copy. */
  private void tell(Notice notice) {
    if (notice.details().isEmpty()) {
      tell(notice.words());
    } else {
      String details = notice.details().get();
      tell(
          notice.words(),
          Parts.button("copy-details", "Copy the details", "outline-action", () -> copy(details)));
    }
  }

  private static void copy(String text) {
    ClipboardContent content = new ClipboardContent();
    content.putString(text);
    Clipboard.getSystemClipboard().setContent(content);
  }

  private void tell(String what, Node... actions) {
    Label words = Parts.words(what);
    words.setId("notice-words");
    var close = Parts.button("notice-close", "Close", "main-action", this::uncover);
    HBox row = new HBox(8, Parts.stretch());
    row.getChildren().addAll(actions);
    row.getChildren().add(close);
    VBox card = new VBox(16, words, row);
    card.setId("notice");
    card.getStyleClass().add("dialog-card");
    card.setMaxSize(460, USE_PREF_SIZE);
    cover(card);
    close.requestFocus();
    desk.faultRead();
  }

  /** Lists all keys. */
  void showKeys() {
    GridPane table = new GridPane();
    table.setHgap(24);
    table.setVgap(4);
    int row = 0;
    for (Map.Entry<String, String> key : Keys.help().entrySet()) {
      table.addRow(row++, Parts.label(key.getKey(), "key-name"), Parts.label(key.getValue()));
    }
    var close = Parts.button("keys-close", "Close", "main-action", this::uncover);
    VBox card =
        new VBox(16, Parts.label("Keys", "why-title"), table, new HBox(Parts.stretch(), close));
    card.setId("keys");
    card.getStyleClass().add("dialog-card");
    card.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
    cover(card);
  }

  private void cover(Node card) {
    veil.getChildren().setAll(card);
    StackPane.setAlignment(card, Pos.CENTER);
    veil.setVisible(true);
  }

  /** Covers the window but for a margin. */
  private void coverWide(Region card) {
    cover(card);
    StackPane.setMargin(card, new Insets(24));
  }

  private void uncover() {
    veil.setVisible(false);
    veil.getChildren().clear();
    requestFocus();
  }
}
