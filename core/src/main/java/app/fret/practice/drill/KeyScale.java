package app.fret.practice.drill;

import app.fret.harmony.Tonic;
import app.fret.instrument.Range;
import app.fret.score.Key;
import app.fret.score.Note;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.List;

/** The scale of the music around a note: major, or minor with six and seven raised upwards. */
final class KeyScale {
  private static final int LETTERS = 7;
  private static final int SIXTH = 5;

  private final DrillSource source;
  private final Key key;
  private final Tonic tonic;

  KeyScale(DrillSource source, int near) {
    this.source = source;
    this.key = source.key(near);
    this.tonic = source.tonic(near);
  }

  Tonic tonic() {
    return tonic;
  }

  /**
   * A note of the scale.
   *
   * @param staffStep its place on the staff, in letters
   * @param way 1 on the way up, −1 on the way down
   * @param below so many letters lower another sounds with it; 0 for none
   * @return its heads, lowest first; none where the instrument lacks one
   */
  List<Note> heads(int staffStep, int way, int below) {
    WrittenPitch top = pitch(staffStep, way);
    if (below == 0) {
      return isThere(top) ? List.of(Note.of(top)) : List.of();
    }
    WrittenPitch low = pitch(staffStep - below, way);
    return isThere(top) && isThere(low) ? List.of(Note.of(low), Note.of(top)) : List.of();
  }

  private WrittenPitch pitch(int staffStep, int way) {
    Step letter = Step.values()[Math.floorMod(staffStep, LETTERS)];
    int degree = Math.floorMod(letter.ordinal() - tonic.step().ordinal(), LETTERS);
    int raised = tonic.minor() && way > 0 && degree >= SIXTH ? 1 : 0;
    return new WrittenPitch(
        letter, key.alterOf(letter) + raised, Math.floorDiv(staffStep, LETTERS));
  }

  private boolean isThere(WrittenPitch pitch) {
    Range range = Range.of(source.instrument());
    int midi = source.sounding(pitch).midi();
    return midi >= range.lowest().midi() && midi <= range.highest().midi();
  }
}
