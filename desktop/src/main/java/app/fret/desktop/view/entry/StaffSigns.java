package app.fret.desktop.view.entry;

import app.fret.desktop.model.entry.StaffKey;
import app.fret.desktop.view.part.Parts;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;

/** The keys of the staff that have no cap, to look up while writing. */
final class StaffSigns extends GridPane {
  private static final List<String> FAMILIES = List.of("note-", "become-", "per-", "make-per-");

  private record Line(String keys, String words) {}

  StaffSigns() {
    setHgap(10);
    setVgap(3);
    List<Line> lines = Stream.concat(families(), single()).toList();
    for (int row = 0; row < lines.size(); row++) {
      Label keys = Parts.label(lines.get(row).keys(), "entry-sign");
      keys.setMinWidth(USE_PREF_SIZE);
      add(keys, 0, row);
      add(Parts.words(lines.get(row).words(), "small"), 1, row);
    }
  }

  /** Keys that differ by a letter or digit alone, in one line each. */
  private static Stream<Line> families() {
    return Stream.of(
        new Line("Shift A … G, R", "make the note before that letter, or a rest"),
        new Line("5, 7, 9", "so many notes to a beat"),
        new Line("Ctrl 1 … 9", "make the note before so many to a beat"));
  }

  private static Stream<Line> single() {
    return StaffKey.ALL.stream()
        .filter(key -> key.shown() == StaffKey.Row.NONE)
        .filter(key -> FAMILIES.stream().noneMatch(key.id()::startsWith))
        .map(key -> new Line(keys(key), key.words()));
  }

  private static String keys(StaffKey key) {
    return key.cap().isEmpty() ? key.keys().get(0).replace('+', ' ') : key.cap();
  }
}
