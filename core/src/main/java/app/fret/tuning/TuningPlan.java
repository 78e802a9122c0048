package app.fret.tuning;

import app.fret.harmony.Chord;
import app.fret.harmony.Harmony;
import app.fret.harmony.Tonic;
import app.fret.score.Finger;
import java.util.List;
import java.util.Optional;

/**
 * What helps to play a passage in tune.
 *
 * @param tonic the note its key rests on
 * @param doubleStops just corrections of its double stops
 * @param notes checks of its single notes
 * @param bars drone and chord of each bar
 */
public record TuningPlan(
    Tonic tonic, List<DoubleStop> doubleStops, List<NoteChecks> notes, List<BarSound> bars) {
  public TuningPlan {
    doubleStops = List.copyOf(doubleStops);
    notes = List.copyOf(notes);
    bars = List.copyOf(bars);
  }

  /**
   * A double stop and what puts it in tune. In a chord each two neighbouring notes are one.
   *
   * @param note number of the note
   * @param interval the interval, octaves left out
   * @param moved which head is corrected, 0 the lowest; empty when both strings are open
   * @param cents correction of that head against equal temperament, sharper positive
   * @param travelMm way of the finger, in mm, towards the bridge positive
   */
  public record DoubleStop(
      int note, Interval interval, Optional<Integer> moved, double cents, double travelMm) {}

  /**
   * How a single note can be checked, and where a melody wants it.
   *
   * @param note number of the note
   * @param open open strings it can be heard against, the surest first
   * @param fingers notes of the neighbouring strings that this hand reaches, the surest first
   * @param expressiveCents where a melody with high leading notes puts it, in cents against equal
   *     temperament
   */
  public record NoteChecks(
      int note, List<OpenCheck> open, List<FingerCheck> fingers, double expressiveCents) {
    public NoteChecks {
      open = List.copyOf(open);
      fingers = List.copyOf(fingers);
    }
  }

  /**
   * A check with an open string.
   *
   * @param string the open string
   * @param interval what it makes with the note
   * @param cents where the note is in tune with it, in cents against equal temperament
   */
  public record OpenCheck(int string, Interval interval, double cents) {}

  /**
   * A double stop with a finger of the same hand.
   *
   * @param string string of the other finger
   * @param finger the other finger
   * @param interval what it makes with the note
   */
  public record FingerCheck(int string, Finger finger, Interval interval) {}

  /**
   * What to hear under a bar.
   *
   * @param bar index of the bar
   * @param drone note to sound under it: the root of its chord, else the tonic
   * @param chords the chords that sound in it, in order; none where it cannot be told
   * @param main the one that sounds longest in it
   */
  public record BarSound(int bar, String drone, List<Harmony> chords, Optional<Harmony> main) {
    public BarSound {
      chords = List.copyOf(chords);
    }

    /** The chord that sounds longest. */
    public Optional<Chord> chord() {
      return main.map(Harmony::chord);
    }

    /** Degree of that chord in the key. */
    public Optional<String> degree() {
      return main.map(Harmony::degree);
    }
  }
}
