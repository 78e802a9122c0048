package app.fret.harmony;

import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Bar;
import app.fret.score.Note;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * How much each tone weighs in each beat of a passage: by its length, more on the beat and in the
 * bass, less where it only passes or turns by a step (common practice, no source).
 */
final class SoundingBeats {
  static final int TONES = 12;

  private static final double ON_THE_BEAT = 1.3;
  private static final double BASS = 1.5;
  private static final double PASSING = 0.35;
  private static final int STEP = 2;

  private final Reading reading;
  private final List<Beat> beats = new ArrayList<>();
  private final int[] firstBeatOf;

  /**
   * A beat with what sounds in it.
   *
   * @param bar index of its bar
   * @param inBar its number in the bar, from 0
   * @param onset when it begins
   * @param end when it ends
   * @param isHalf whether the second half of the bar begins with it
   * @param weights weight of each of the twelve tones
   */
  record Beat(int bar, int inBar, Fraction onset, Fraction end, boolean isHalf, double[] weights) {
    double weight() {
      double sum = 0;
      for (double weight : weights) {
        sum += weight;
      }
      return sum;
    }
  }

  private SoundingBeats(Reading reading) {
    this.reading = reading;
    this.firstBeatOf = new int[reading.passage().bars().size()];
    for (int bar = 0; bar < reading.passage().bars().size(); bar++) {
      firstBeatOf[bar] = beats.size();
      addBeats(bar);
    }
    for (PlayedNote note : reading.notes()) {
      if (!note.isGrace()) {
        weigh(note);
      }
    }
  }

  static List<Beat> of(Reading reading) {
    return List.copyOf(new SoundingBeats(reading).beats);
  }

  private void addBeats(int index) {
    Bar bar = reading.passage().bars().get(index);
    Fraction half = bar.metre().barLength().divide(2);
    Fraction place = Fraction.ZERO;
    int number = 0;
    for (Fraction length : reading.beatGroups().get(index).beats(bar.metre())) {
      Fraction end = place.add(length);
      if (bar.placeInMetre(bar.onset()).compareTo(end) < 0) {
        Fraction shift = bar.onset().subtract(bar.placeInMetre(bar.onset()));
        Fraction onset =
            place.add(shift).compareTo(bar.onset()) < 0 ? bar.onset() : place.add(shift);
        beats.add(
            new Beat(index, number, onset, end.add(shift), place.equals(half), new double[TONES]));
        number++;
      }
      place = end;
    }
  }

  private void weigh(PlayedNote note) {
    for (Beat beat : beats.subList(firstBeatOf[note.bar()], beats.size())) {
      if (beat.onset().compareTo(note.end()) >= 0) {
        return;
      }
      Fraction from = note.onset().compareTo(beat.onset()) > 0 ? note.onset() : beat.onset();
      Fraction to = note.end().compareTo(beat.end()) < 0 ? note.end() : beat.end();
      if (from.compareTo(to) < 0) {
        double length = to.subtract(from).doubleValue();
        boolean onTheBeat = note.onset().compareTo(beat.onset()) <= 0;
        double factor = onTheBeat ? ON_THE_BEAT : passes(note) ? PASSING : 1;
        for (int head = 0; head < note.notes().size(); head++) {
          boolean isBass = head == 0 && isLowest(note);
          int tone = tone(note.notes().get(head).written());
          beat.weights()[tone] += length * factor * (isBass ? BASS : 1);
        }
      }
    }
  }

  static int tone(WrittenPitch pitch) {
    return Math.floorMod(pitch.semitone(), TONES);
  }

  /** Whether a single note is reached and left by a step. */
  private boolean passes(PlayedNote note) {
    return note.notes().size() == 1
        && isStep(note, neighbour(note, -1))
        && isStep(note, neighbour(note, 1));
  }

  private Optional<PlayedNote> neighbour(PlayedNote note, int by) {
    int at = note.number() + by;
    return at >= 0 && at < reading.notes().size()
        ? Optional.of(reading.notes().get(at))
        : Optional.empty();
  }

  private static boolean isStep(PlayedNote note, Optional<PlayedNote> other) {
    return other
        .filter(o -> o.notes().size() == 1)
        .map(o -> Math.abs(semitone(o) - semitone(note)))
        .filter(s -> s >= 1 && s <= STEP)
        .isPresent();
  }

  private static int semitone(PlayedNote note) {
    return note.notes().get(0).written().semitone();
  }

  /** Whether no note that begins in the same half of the bar lies lower. */
  private boolean isLowest(PlayedNote note) {
    int own = semitone(note);
    boolean firstHalf = isInFirstHalf(note);
    for (int by : new int[] {-1, 1}) {
      for (int i = note.number() + by; i >= 0 && i < reading.notes().size(); i += by) {
        PlayedNote other = reading.notes().get(i);
        if (other.bar() != note.bar() || isInFirstHalf(other) != firstHalf) {
          break;
        }
        for (Note head : other.notes()) {
          if (head.written().semitone() < own) {
            return false;
          }
        }
      }
    }
    return true;
  }

  private boolean isInFirstHalf(PlayedNote note) {
    Bar bar = reading.passage().bars().get(note.bar());
    return bar.placeInMetre(note.onset()).multiply(2).compareTo(bar.metre().barLength()) < 0;
  }
}
