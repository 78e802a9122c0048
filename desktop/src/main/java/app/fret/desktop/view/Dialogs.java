package app.fret.desktop.view;

import app.fret.book.Backups;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.exchange.ImportOffer;
import app.fret.desktop.model.exchange.Packets;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.view.dialog.BackupsPane;
import app.fret.desktop.view.dialog.PacketPane;
import app.fret.desktop.view.dialog.TempoPane;
import app.fret.desktop.view.entry.AddPassagePane;
import app.fret.desktop.view.entry.AddSeveralPane;
import app.fret.desktop.view.entry.EntryPane;
import app.fret.desktop.view.entry.MendPane;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.practice.AgreedPane;
import app.fret.desktop.view.practice.HabitsPane;
import app.fret.desktop.view.practice.NotesPane;
import app.fret.desktop.view.practice.OtherPracticePane;
import app.fret.desktop.view.station.LayerPane;
import app.fret.engraving.Paper;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** Opens what the window asks in panes of their own: files, settings of the passage, its notes. */
public final class Dialogs {
  private final Desk desk;
  private final Veil veil;
  private final WritingDialogs writing;
  private Consumer<Path> folderOpener = file -> {};
  private Consumer<Backups.Backup> restorer = backup -> {};

  Dialogs(Desk desk, Veil veil) {
    this.desk = desk;
    this.veil = veil;
    this.writing = new WritingDialogs(desk, this::window, veil::tell, this::tellWritten);
  }

  /** Lists all keys. */
  void showKeys() {
    veil.showKeys();
  }

  /** Offers the copies of earlier days. */
  void showBackups() {
    veil.cover(new BackupsPane(desk, restorer, veil::uncover));
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
      veil.cover(new AddSeveralPane(desk, files, veil::uncover));
    } else {
      files.forEach(this::add);
    }
  }

  /** Opens the pane that music is typed in. */
  public void writeIn() {
    EntryPane entry = new EntryPane(desk, this::ask, veil::uncover);
    veil.coverWide(entry);
    entry.begin();
  }

  /** Opens the pane that the notes of the open passage are mended in. */
  public void mendNotes() {
    Optional<PassageDesk> passage = desk.openProperty().get();
    if (passage.isEmpty()) {
      veil.tell("Open a passage first; then its notes can be mended.");
      return;
    }
    MendPane mend = new MendPane(passage.get(), veil::uncover);
    veil.coverWide(mend);
    mend.begin();
  }

  /** Opens the pane that says whose marks are shown. */
  public void showLayers() {
    desk.openProperty()
        .get()
        .ifPresentOrElse(
            p -> veil.cover(new LayerPane(p, veil::uncover)),
            () -> veil.tell("Open a passage first; then marks can be taken in."));
  }

  /** Opens the pane for the tempo of the open passage and its places. */
  public void showTempo() {
    desk.openProperty()
        .get()
        .ifPresentOrElse(
            p -> veil.cover(new TempoPane(p, veil::uncover)),
            () -> veil.tell("Open a passage first; then its tempo can be set."));
  }

  /** Opens the pane for how the player practises and when a rung is passed. */
  public void showHabits() {
    withDay(
        "Open a passage first; then how it is practised can be set.",
        (passage, day) -> veil.cover(new HabitsPane(passage, day, veil::uncover)));
  }

  /** Opens the pane for the week that was set, rounds and lists drawn by lot. */
  public void showAgreed() {
    withDay(
        "Open a passage first; then a week, rounds and a list can be set.",
        (passage, day) -> veil.cover(new AgreedPane(day, veil::uncover)));
  }

  /** Opens the pane for notes on the open passage. */
  public void showNotes() {
    withDay(
        "Open a passage first; then notes can be written on it.",
        (passage, day) -> veil.cover(new NotesPane(passage, day, veil::uncover)));
  }

  private void withDay(String none, BiConsumer<PassageDesk, PracticeDay> show) {
    Optional<PassageDesk> passage = desk.openProperty().get();
    Optional<PracticeDay> day = passage.flatMap(PassageDesk::day);
    day.ifPresentOrElse(d -> show.accept(passage.orElseThrow(), d), () -> veil.tell(none));
  }

  /** Opens the pane for what is practised besides the passages. */
  public void showBesides() {
    withDay(
        "Open a passage first; then studies, scales and listening can be added beside it.",
        (passage, day) ->
            veil.cover(
                new OtherPracticePane(desk, passage, day, this::askForScale, veil::uncover)));
  }

  private void askForScale(ImportOffer offer) {
    veil.uncover();
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
    return veil.getScene().getWindow();
  }

  /** Reads a file and asks what it does not say; what dropping a file does, too. */
  public void add(Path file) {
    if (Packets.isPacket(file)) {
      desk.packets().take(file, t -> veil.cover(new PacketPane(desk.packets(), t, veil::uncover)));
    } else {
      desk.imports().offer(file, this::ask);
    }
  }

  private void ask(ImportOffer offer) {
    AddPassagePane pane = new AddPassagePane(desk, offer, veil::uncover);
    veil.cover(pane);
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
    veil.tell(file.getFileName() + " is written.", folder);
  }

  /** Says how a folder is shown; the application knows, the window does not. */
  public void setFolderOpener(Consumer<Path> opener) {
    folderOpener = opener;
  }

  /** Says how the book is exchanged for an earlier copy; the application does it. */
  public void setRestorer(Consumer<Backups.Backup> newRestorer) {
    restorer = newRestorer;
  }
}
