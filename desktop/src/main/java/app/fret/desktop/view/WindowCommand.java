package app.fret.desktop.view;

import app.fret.engraving.Paper;
import java.util.List;
import java.util.function.Consumer;

/**
 * Something that the menu or a key can ask of the window. Menu, keys and help all read the one list
 * {@link #ALL}.
 *
 * @param id name of its item in the menu
 * @param words what it does
 * @param opensDialog whether it asks something first, which the menu shows by dots
 * @param keys keys that ask for it, such as {@code Ctrl+P}
 * @param action does it
 */
record WindowCommand(
    String id, String words, boolean opensDialog, List<String> keys, Consumer<FretWindow> action) {
  /** All of them, in the order of the menu. */
  static final List<WindowCommand> ALL =
      List.of(
          asking("menu-add", "Add a passage from a file", FretWindow::chooseFile),
          asking("menu-write-in", "Write music in", FretWindow::writeIn, "Ctrl+N"),
          asking("menu-mend", "Mend the notes", FretWindow::mendNotes, "Ctrl+E"),
          asking("menu-tempo", "What plays when", FretWindow::showTempo, "Ctrl+T"),
          asking("menu-habits", "How you practise", FretWindow::showHabits, "Ctrl+H"),
          asking("menu-besides", "Studies, scales, listening", FretWindow::showBesides, "Ctrl+B"),
          asking("menu-layers", "Whose marks", FretWindow::showLayers, "Ctrl+M"),
          asking("menu-write", "Write the marked part as MusicXML", w -> w.writing().part()),
          asking(
              "menu-write-whole",
              "Write the whole score with the marks as MusicXML",
              w -> w.writing().whole()),
          asking(
              "menu-pdf-a4",
              "Write the part as PDF, A4",
              w -> w.writing().pdf(Paper.A4, false),
              "Ctrl+Shift+P"),
          asking(
              "menu-pdf-letter",
              "Write the part as PDF, Letter",
              w -> w.writing().pdf(Paper.LETTER, false)),
          asking(
              "menu-pdf-bow",
              "Write the part with the bow's track as PDF, A4",
              w -> w.writing().pdf(Paper.A4, true)),
          asking("menu-week", "Write the week as a practice sheet", w -> w.writing().week()),
          asking(
              "menu-calendar", "Write the days ahead as a calendar", w -> w.writing().calendar()),
          asking("menu-log", "Write the log as a table", w -> w.writing().log()),
          asking("menu-send", "Send all of this player as a packet", w -> w.writing().packet()),
          asking("menu-take", "Take a packet in", FretWindow::chooseFile),
          asking("menu-print", "Print the part", w -> w.writing().print(), "Ctrl+P"),
          asking("menu-backups", "Go back to an earlier day", FretWindow::showBackups),
          new WindowCommand("menu-keys", "Keys", false, List.of(), FretWindow::showKeys));

  private static WindowCommand asking(
      String id, String words, Consumer<FretWindow> action, String... keys) {
    return new WindowCommand(id, words, true, List.of(keys), action);
  }

  /** Its line in the menu. */
  String line() {
    return opensDialog ? words + " …" : words;
  }
}
