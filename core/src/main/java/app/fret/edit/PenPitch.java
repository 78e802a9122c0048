package app.fret.edit;

import app.fret.score.Clef;
import app.fret.score.Note;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.List;
import java.util.Optional;

/** Which pitch a letter means. */
final class PenPitch {
  private static final int LETTERS = 7;
  private static final int MIDDLE_LINE = 4;

  private PenPitch() {}

  /** The letter's pitch nearest to another, as the page has it there. */
  static WrittenPitch nearest(Step letter, WrittenPitch to, Manuscript music, Caret at) {
    int up = Math.floorMod(letter.ordinal() - to.step().ordinal(), LETTERS);
    int move = up > LETTERS / 2 ? up - LETTERS : up;
    return atPlace(to.staffStep() + move, music, at);
  }

  /** The letter's next pitch above another, for a chord. */
  static WrittenPitch above(Step letter, WrittenPitch to, Manuscript music, Caret at) {
    int up = Math.floorMod(letter.ordinal() - to.step().ordinal() - 1, LETTERS) + 1;
    return atPlace(to.staffStep() + up, music, at);
  }

  /** The pitch at a place of the staff with the sign that holds there: in the bar, else the key. */
  static WrittenPitch atPlace(int staffStep, Manuscript music, Caret at) {
    int place = Math.max(0, Math.min(69, staffStep));
    Step step = Step.values()[place % LETTERS];
    Measure bar = music.measures().get(at.bar());
    int alter = bar.key().alterOf(step);
    List<Item> before = bar.items().subList(0, Math.min(at.position(), bar.items().size()));
    for (Item item : before) {
      for (Note head : item.notes()) {
        alter = head.written().staffStep() == place ? head.written().alter() : alter;
      }
    }
    return new WrittenPitch(step, alter, place / LETTERS);
  }

  /** The pitch that the next letter is measured from: the note before, else the middle line. */
  static WrittenPitch reference(Manuscript music, Caret at) {
    for (int bar = at.bar(); bar >= 0; bar--) {
      List<Item> items = music.measures().get(bar).items();
      int from = bar == at.bar() ? Math.min(at.position(), items.size()) : items.size();
      for (int i = from - 1; i >= 0; i--) {
        if (!items.get(i).isRest()) {
          return items.get(i).notes().get(0).written();
        }
      }
    }
    return atPlace(clefAt(music, at).bottomLineStep() + MIDDLE_LINE, music, at);
  }

  /** The clef that holds at a place. */
  static Clef clefAt(Manuscript music, Caret at) {
    Measure bar = music.measures().get(at.bar());
    Clef clef = bar.clef();
    for (Item item : bar.items().subList(0, Math.min(at.position(), bar.items().size()))) {
      for (AnchoredSign<Clef> change : music.signs().clefs()) {
        clef = change.at().item() == item.id() ? change.what() : clef;
      }
    }
    return clef;
  }

  /** A pitch moved by octaves; empty where no octave is left. */
  static Optional<WrittenPitch> byOctave(WrittenPitch pitch, int octaves) {
    int octave = pitch.octave() + octaves;
    return octave < 0 || octave > 9
        ? Optional.empty()
        : Optional.of(new WrittenPitch(pitch.step(), pitch.alter(), octave));
  }

  /** A pitch moved by steps of the key. */
  static Optional<WrittenPitch> byStep(WrittenPitch pitch, int steps, Manuscript music, Caret at) {
    int place = pitch.staffStep() + steps;
    return place < 0 || place > 69 ? Optional.empty() : Optional.of(atPlace(place, music, at));
  }

  /** A pitch raised or lowered by half steps; empty beyond a double sign. */
  static Optional<WrittenPitch> altered(WrittenPitch pitch, int halfSteps) {
    int alter = pitch.alter() + halfSteps;
    return Math.abs(alter) > 2
        ? Optional.empty()
        : Optional.of(new WrittenPitch(pitch.step(), alter, pitch.octave()));
  }
}
