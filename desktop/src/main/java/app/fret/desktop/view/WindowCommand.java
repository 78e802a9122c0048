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
    String id, String words, boolean opensDialog, List<String> keys, Consumer<Dialogs> action) {
  /** All of them, in the order of the menu. */
  static final List<WindowCommand> ALL =
      List.of(
          asking("menu-add", "Add a passage from a file", Dialogs::chooseFile),
          asking("menu-write-in", "Write music in", Dialogs::writeIn, "Ctrl+N"),
          asking("menu-mend", "Mend the notes", Dialogs::mendNotes, "Ctrl+E"),
          asking("menu-tempo", "What plays when", Dialogs::showTempo, "Ctrl+T"),
          asking("menu-habits", "How you practise", Dialogs::showHabits, "Ctrl+H"),
          asking("menu-besides", "Studies, scales, listening", Dialogs::showBesides, "Ctrl+B"),
          asking("menu-agreed", "Week, rounds and lists by lot", Dialogs::showAgreed, "Ctrl+G"),
          asking("menu-notes", "Notes on the passage", Dialogs::showNotes, "Ctrl+Shift+N"),
          asking("menu-layers", "Whose marks", Dialogs::showLayers, "Ctrl+M"),
          asking("menu-write", "Write the marked part as MusicXML", d -> d.writing().part()),
          asking(
              "menu-write-whole",
              "Write the whole score with the marks as MusicXML",
              d -> d.writing().whole()),
          asking(
              "menu-pdf-a4",
              "Write the part as PDF, A4",
              d -> d.writing().pdf(Paper.A4, false),
              "Ctrl+Shift+P"),
          asking(
              "menu-pdf-letter",
              "Write the part as PDF, Letter",
              d -> d.writing().pdf(Paper.LETTER, false)),
          asking(
              "menu-pdf-bow",
              "Write the part with the bow's track as PDF, A4",
              d -> d.writing().pdf(Paper.A4, true)),
          asking("menu-week", "Write the week as a practice sheet", d -> d.writing().week()),
          asking(
              "menu-calendar", "Write the days ahead as a calendar", d -> d.writing().calendar()),
          asking("menu-log", "Write the log as a table", d -> d.writing().log()),
          asking("menu-send", "Send all of this player as a packet", d -> d.writing().packet()),
          asking("menu-take", "Take a packet in", Dialogs::chooseFile),
          asking("menu-print", "Print the part", d -> d.writing().print(), "Ctrl+P"),
          asking("menu-backups", "Go back to an earlier day", Dialogs::showBackups),
          new WindowCommand("menu-keys", "Keys", false, List.of(), Dialogs::showKeys));

  private static WindowCommand asking(
      String id, String words, Consumer<Dialogs> action, String... keys) {
    return new WindowCommand(id, words, true, List.of(keys), action);
  }

  /** Its line in the menu. */
  String line() {
    return opensDialog ? words + " …" : words;
  }
}
