package app.fret.files.abc;

import app.fret.score.BowDirection;
import app.fret.score.Finger;
import app.fret.score.Marks;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The signs that stand before a note and wait for it. */
final class AbcSigns {
  private final Set<Marks.Articulation> articulations = EnumSet.noneOf(Marks.Articulation.class);
  private final Set<Marks.Ornament> ornaments = EnumSet.noneOf(Marks.Ornament.class);
  private final List<String> dynamics = new ArrayList<>();
  private final List<Text> texts = new ArrayList<>();
  private final List<Wedge> wedges = new ArrayList<>();
  private final List<Finger> fingers = new ArrayList<>();
  private Optional<BowDirection> bow = Optional.empty();
  private boolean fermata;

  /**
   * Words at the note.
   *
   * @param above whether they stand over the staff
   */
  record Text(String words, boolean above) {}

  /** Where a wedge begins or ends. */
  enum Wedge {
    GROWS,
    FADES,
    ENDS
  }

  void add(Marks.Articulation articulation) {
    articulations.add(articulation);
  }

  void add(Marks.Ornament ornament) {
    ornaments.add(ornament);
  }

  void add(Text text) {
    texts.add(text);
  }

  void add(Wedge wedge) {
    wedges.add(wedge);
  }

  void add(Finger finger) {
    fingers.add(finger);
  }

  void addDynamic(String sign) {
    dynamics.add(sign);
  }

  void setBow(BowDirection direction) {
    bow = Optional.of(direction);
  }

  void setFermata() {
    fermata = true;
  }

  List<String> dynamics() {
    return dynamics;
  }

  List<Text> texts() {
    return texts;
  }

  List<Wedge> wedges() {
    return wedges;
  }

  List<Finger> fingers() {
    return fingers;
  }

  Marks marks() {
    return new Marks(articulations, ornaments, bow, fermata, 0);
  }
}
