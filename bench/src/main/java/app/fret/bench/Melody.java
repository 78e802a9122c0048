package app.fret.bench;

import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Key;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Step;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A wandering melody of sixteenths over the violin's first three octaves, the same every time; with
 * chords, every third note has a sixth, and every ninth a tenth too.
 */
final class Melody {
  private static final int LOWEST_STEP = 7 * 3 + Step.G.ordinal();
  private static final int STEPS = 20;
  private static final int PER_BAR = 16;

  private Melody() {}

  /** Single notes. */
  static Passage of(int notes) {
    return make(notes, 0, false);
  }

  /**
   * Every third note with a sixth, every ninth with a tenth too.
   *
   * @param stepsLower letter steps by which all lies lower
   */
  static Passage withChords(int notes, int stepsLower) {
    return make(notes, stepsLower, true);
  }

  private static List<Note> heads(int index, int step, boolean chords) {
    List<Note> heads = new ArrayList<>(List.of(Note.of(pitch(step))));
    if (chords && index % 3 == 0) {
      heads.add(Note.of(pitch(step + 5)));
    }
    if (chords && index % 9 == 0) {
      heads.add(Note.of(pitch(step + 7 + 2)));
    }
    return heads;
  }

  private static Passage make(int notes, int stepsLower, boolean chords) {
    Random random = new Random(20261123);
    List<Bar> bars = new ArrayList<>();
    List<Event> events = new ArrayList<>();
    WrittenLength sixteenth = WrittenLength.of(NoteValue.SIXTEENTH);
    int step = STEPS / 2;
    for (int i = 0; i < notes; i++) {
      step = Math.max(0, Math.min(STEPS, step + random.nextInt(7) - 3));
      events.add(
          new Sounding(
              i / PER_BAR,
              Fraction.of(i, PER_BAR),
              sixteenth.length(),
              sixteenth,
              Sounding.Grace.NONE,
              heads(i, LOWEST_STEP - stepsLower + step, chords),
              Marks.NONE));
    }
    int barCount = (notes + PER_BAR - 1) / PER_BAR;
    for (int bar = 0; bar < barCount; bar++) {
      Fraction onset = Fraction.of(bar, 1);
      bars.add(
          new Bar(
              String.valueOf(bar + 1),
              false,
              onset,
              Fraction.ONE,
              Metre.of(4, 4),
              new Key(0),
              List.of(new Bar.ClefAt(onset, Clef.TREBLE)),
              Bar.Edges.PLAIN));
    }
    return new Passage(
        "Melody", "Violin", bars, events, List.of(), List.of(), Directions.NONE, Optional.empty());
  }

  private static WrittenPitch pitch(int staffStep) {
    return new WrittenPitch(Step.values()[staffStep % 7], 0, staffStep / 7);
  }
}
