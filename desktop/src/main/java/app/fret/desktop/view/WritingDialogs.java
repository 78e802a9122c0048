package app.fret.desktop.view;

import app.fret.desktop.model.Desk;
import app.fret.desktop.model.exchange.Packets;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.engraving.Paper;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** Asks where something of the open passage or its player is to be written, and has it written. */
final class WritingDialogs {
  private static final FileChooser.ExtensionFilter PDF =
      new FileChooser.ExtensionFilter("PDF", "*.pdf");

  private final Desk desk;
  private final Supplier<Window> window;
  private final Consumer<String> tell;
  private final Consumer<Path> written;

  /**
   * The dialogs of a window.
   *
   * @param window over which they open
   * @param tell says why one does not open
   * @param written says where a file was written
   */
  WritingDialogs(
      Desk desk, Supplier<Window> window, Consumer<String> tell, Consumer<Path> written) {
    this.desk = desk;
    this.window = window;
    this.tell = tell;
    this.written = written;
  }

  /** The marked part as MusicXML. */
  void part() {
    ask(
        "Write the marked part",
        "marked.musicxml",
        Optional.empty(),
        (p, file) -> desk.marked().writePart(p, file, written));
  }

  /** The whole score that the passage is from, with its marks. */
  void whole() {
    ask(
        "Write the whole score with the marks",
        "marked-score.musicxml",
        Optional.empty(),
        (p, file) -> desk.marked().writeWhole(p, file, written));
  }

  /** The part as PDF, with or without the place of the bow. */
  void pdf(Paper paper, boolean withTrack) {
    ask(
        "Write the part as PDF",
        "marked-part.pdf",
        Optional.of(PDF),
        (p, file) -> desk.marked().writePdf(p, file, paper, withTrack, written));
  }

  /** The week as a practice sheet. */
  void week() {
    ask(
        "Write the week as a practice sheet",
        "week.pdf",
        Optional.of(PDF),
        (p, file) -> desk.papers().writeWeek(p, file, Paper.A4, written));
  }

  /** The days ahead as a calendar. */
  void calendar() {
    ask(
        "Write the days ahead as a calendar",
        "practice.ics",
        Optional.empty(),
        (p, file) -> desk.papers().writeCalendar(p, file, written));
  }

  /** The log as a table. */
  void log() {
    ask(
        "Write the log as a table",
        "log.csv",
        Optional.empty(),
        (p, file) -> desk.papers().writeLog(p, file, written));
  }

  /** All of the player as a packet. */
  void packet() {
    ask(
        "Send all of this player as a packet",
        "practice" + Packets.ENDING,
        Optional.empty(),
        (p, file) -> desk.packets().write(p.opened().owner(), file, written));
  }

  private void ask(
      String title,
      String name,
      Optional<FileChooser.ExtensionFilter> filter,
      BiConsumer<PassageDesk, Path> writing) {
    Optional<PassageDesk> open = desk.openProperty().get();
    if (open.isEmpty()) {
      tell.accept("Open a passage first; what is written is of it or its player.");
      return;
    }
    FileChooser chooser = new FileChooser();
    chooser.setTitle(title);
    chooser.setInitialFileName(name);
    filter.ifPresent(chooser.getExtensionFilters()::add);
    Optional.ofNullable(chooser.showSaveDialog(window.get()))
        .ifPresent(file -> writing.accept(open.get(), file.toPath()));
  }

  /** Prints the part of the open passage, after the system's own print dialog. */
  void print() {
    Optional<PassageDesk> open = desk.openProperty().get();
    if (open.isEmpty()) {
      tell.accept("Open a passage first; then its part can be printed.");
      return;
    }
    PartPrinter.Outcome outcome = new PartPrinter(open.get().study()).print(window.get());
    if (outcome == PartPrinter.Outcome.NO_PRINTER) {
      tell.accept("No printer is set up on this computer. Write the part as PDF instead.");
    } else if (outcome == PartPrinter.Outcome.FAILED) {
      tell.accept("The printer took no page. Try again, or write the part as PDF.");
    }
  }
}
