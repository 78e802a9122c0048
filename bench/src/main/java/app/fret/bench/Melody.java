package app.fret.bench;

import app.fret.brief.Brief;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Step;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * A wandering melody of sixteenths over the violin's first three octaves, the same every time; with
 * chords, every third note has a sixth, and every ninth a tenth too.
 */
final class Melody {
  private static final int LOWEST_STEP = 7 * 3 + Step.G.ordinal();
  private static final int STEPS = 20;

  /** Chords stand over the melody, so that it may not climb as high. */
  private static final int STEPS_WITH_CHORDS = 14;

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
    PassageBuilder melody = new PassageBuilder().title("Melody").part("Violin");
    WrittenLength sixteenth = WrittenLength.of(NoteValue.SIXTEENTH);
    int highest = chords ? STEPS_WITH_CHORDS : STEPS;
    int step = highest / 2;
    for (int i = 0; i < notes; i++) {
      step = Math.max(0, Math.min(highest, step + random.nextInt(7) - 3));
      if (i % PER_BAR == 0) {
        melody.bar();
      }
      melody.sounding(sixteenth, heads(i, LOWEST_STEP - stepsLower + step, chords), Marks.NONE);
    }
    return melody.build();
  }

  /** The brief of a melody that lies within the player's instrument. */
  static Brief brief(Passage melody, Player player, Tempo tempo) {
    try {
      return Brief.of(melody, player, TempoMap.constant(tempo));
    } catch (OutOfRangeException e) {
      throw new IllegalArgumentException(e);
    }
  }

  private static WrittenPitch pitch(int staffStep) {
    return new WrittenPitch(Step.values()[staffStep % 7], 0, staffStep / 7);
  }
}
