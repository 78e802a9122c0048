package app.fret.desktop.view.entry;

import app.fret.desktop.view.part.Parts;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;

/** The signs of the typed line, to look up while typing. */
final class EntrySigns extends GridPane {
  private static final List<List<String>> SIGNS =
      List.of(
          List.of("c' C,", "octave up, down", "c2 c/", "longer, short"),
          List.of("^c _c", "sharp, flat", "c>d", "dotted pair"),
          List.of("=c", "natural", "(3cde", "triplet"),
          List.of("z Z4", "rest, four bars", "c-c", "tie"),
          List.of("(cd)", "slur", "{d}c", "grace note"),
          List.of("[ce]", "chord", "!3!c", "finger 3"),
          List.of("u v", "up, down bow", "!f!c", "dynamic"),
          List.of(".c Lc", "short, accent", "|1 |2", "endings"),
          List.of("|: :|", "repeat", "\"^x\"c", "words over c"));

  EntrySigns() {
    setHgap(10);
    setVgap(3);
    for (int row = 0; row < SIGNS.size(); row++) {
      for (int column = 0; column < SIGNS.get(row).size(); column++) {
        String style = column % 2 == 0 ? "entry-sign" : "small";
        Label sign = Parts.label(SIGNS.get(row).get(column), style);
        sign.setMinWidth(USE_PREF_SIZE);
        add(sign, column, row);
      }
    }
  }
}
