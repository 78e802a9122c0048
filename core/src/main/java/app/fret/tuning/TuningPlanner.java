package app.fret.tuning;

import app.fret.brief.Brief;
import app.fret.harmony.Chord;
import app.fret.harmony.Harmony;
import app.fret.harmony.Tonic;
import app.fret.instrument.HandFrame;
import app.fret.instrument.Instrument;
import app.fret.instrument.Spelling;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.Finger;
import app.fret.score.Key;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
import app.fret.tuning.TuningPlan.BarSound;
import app.fret.tuning.TuningPlan.DoubleStop;
import app.fret.tuning.TuningPlan.FingerCheck;
import app.fret.tuning.TuningPlan.NoteChecks;
import app.fret.tuning.TuningPlan.OpenCheck;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Works out tuning helps for a finished left hand.
 *
 * <p>Double stops are just: the stopped note moves, not the open string, and not the root of the
 * interval when both are stopped. Open strings stand in pure fifths or fourths from A. Cost: O(n)
 * for n notes. Units: cents against equal temperament on the instrument's A, mm of finger travel.
 * Source: the ratios of any acoustics text, such as Helmholtz, On the Sensations of Tone.
 */
public final class TuningPlanner {
  private static final int MOST_FINGER_CHECKS = 3;

  /**
   * Plans the tuning of a passage.
   *
   * @param harmonies its chords
   */
  public TuningPlan plan(Brief brief, LeftHandPlan leftHand, List<Harmony> harmonies) {
    return new Task(brief, leftHand, harmonies).plan();
  }

  /** What belongs to one call. */
  private static final class Task {
    private final Passage passage;
    private final Instrument instrument;
    private final StringGeometry geometry;
    private final LeftHandPlan leftHand;
    private final Tonic tonic;
    private final List<Harmony> harmonies;

    Task(Brief brief, LeftHandPlan leftHand, List<Harmony> harmonies) {
      Instrument instrument = brief.player().instrument();
      this.passage = brief.passage();
      this.harmonies = harmonies;
      this.instrument = instrument;
      this.geometry = instrument.geometry();
      this.leftHand = leftHand;
      List<PlayedNote> notes = leftHand.notes().stream().map(NotePlan::note).toList();
      this.tonic = Tonic.of(passage.bars().get(0).key(), notes);
    }

    TuningPlan plan() {
      List<DoubleStop> doubleStops = new ArrayList<>();
      List<NoteChecks> checks = new ArrayList<>();
      for (NotePlan note : leftHand.notes()) {
        Placement placement = note.placement();
        for (int low = 0; low + 1 < placement.stops().size(); low++) {
          doubleStops.add(doubleStop(note, low));
        }
        if (placement.stops().size() == 1 && placement.top().isPressed()) {
          checks.add(checks(note));
        }
      }
      return new TuningPlan(tonic, doubleStops, checks, bars());
    }

    private DoubleStop doubleStop(NotePlan note, int low) {
      Interval interval = Interval.between(pitch(note, low), pitch(note, low + 1));
      Stop lower = note.placement().stops().get(low);
      Stop upper = note.placement().stops().get(low + 1);
      double wider =
          isDominantSeventh(note) ? interval.justCentsInDominantSeventh() : interval.justCents();
      if (lower.isOpen() && upper.isOpen()) {
        return new DoubleStop(note.note().number(), interval, Optional.empty(), 0, 0);
      }
      boolean movesUpper = lower.isOpen() || (!upper.isOpen() && !interval.hasRootAbove());
      Stop moved = movesUpper ? upper : lower;
      Stop kept = movesUpper ? lower : upper;
      double ground = kept.isOpen() ? OpenTuning.cents(instrument, kept.string()) : 0;
      double cents = ground + (movesUpper ? wider : -wider);
      return new DoubleStop(
          note.note().number(),
          interval,
          Optional.of(movesUpper ? low + 1 : low),
          cents,
          geometry.centsToMm(cents, moved.place()));
    }

    private static WrittenPitch pitch(NotePlan note, int head) {
      return note.note().notes().get(head).written();
    }

    private static boolean isDominantSeventh(NotePlan note) {
      return Chord.of(note.note().notes().stream().map(Note::written).toList())
          .filter(c -> c.quality() == Chord.Quality.DOMINANT_SEVENTH)
          .isPresent();
    }

    private NoteChecks checks(NotePlan note) {
      WrittenPitch pitch = pitch(note, 0);
      int fifths =
          OpenTuning.fifths(pitch.step(), pitch.alter())
              - OpenTuning.fifths(tonic.step(), tonic.alter());
      return new NoteChecks(
          note.note().number(),
          openChecks(pitch),
          fingerChecks(note.placement(), pitch),
          OpenTuning.pythagoreanCents(fifths));
    }

    private List<OpenCheck> openChecks(WrittenPitch pitch) {
      List<OpenCheck> checks = new ArrayList<>();
      for (int string = 1; string <= instrument.stringCount(); string++) {
        WrittenPitch open = written(instrument.open(string));
        Interval interval = Interval.between(open, pitch);
        if (interval.isConsonant()) {
          boolean above = pitch.semitone() >= open.semitone();
          double ground = OpenTuning.cents(instrument, string);
          double cents = ground + (above ? interval.justCents() : -interval.justCents());
          checks.add(new OpenCheck(string, interval, cents));
        }
      }
      checks.sort(Comparator.comparingInt(c -> c.interval().checkRank()));
      return checks;
    }

    /** A sound as this part would write it, by the key of the first bar. */
    private WrittenPitch written(SoundingPitch sounding) {
      Key key = passage.bars().get(0).key();
      return Spelling.written(sounding, instrument, passage.transposition(), key);
    }

    private List<FingerCheck> fingerChecks(Placement at, WrittenPitch pitch) {
      List<FingerCheck> checks = new ArrayList<>();
      Stop held = at.top();
      for (int string : new int[] {held.string() - 1, held.string() + 1}) {
        if (string < 1 || string > instrument.stringCount()) {
          continue;
        }
        for (Finger finger : at.frame().reaches().keySet()) {
          if (finger != held.finger()) {
            addFingerChecks(at, pitch, string, finger, checks);
          }
        }
      }
      checks.sort(
          Comparator.comparingInt((FingerCheck c) -> c.interval().checkRank())
              .thenComparingInt(FingerCheck::string)
              .thenComparing(FingerCheck::finger));
      return checks.subList(0, Math.min(MOST_FINGER_CHECKS, checks.size()));
    }

    private void addFingerChecks(
        Placement at, WrittenPitch pitch, int string, Finger finger, List<FingerCheck> checks) {
      for (HandFrame.Reach reach : at.frame().of(finger)) {
        int semitone = at.base() + reach.offset();
        boolean inOrder =
            Integer.signum(finger.rank() - at.top().finger().rank())
                == Integer.signum(semitone - at.top().place());
        if (reach.use() == HandFrame.Use.ORDINARY && semitone > 0 && inOrder) {
          SoundingPitch other = new SoundingPitch(instrument.open(string).midi() + semitone);
          Interval interval = Interval.between(written(other), pitch);
          if (interval.isConsonant()) {
            checks.add(new FingerCheck(string, finger, interval));
          }
        }
      }
    }

    private List<BarSound> bars() {
      List<BarSound> sounds = new ArrayList<>();
      for (int index = 0; index < passage.bars().size(); index++) {
        Bar bar = passage.bars().get(index);
        List<Harmony> here = harmonies.stream().filter(h -> within(h, bar).signum() > 0).toList();
        Optional<Harmony> main = here.stream().max(Comparator.comparing(h -> within(h, bar)));
        String drone =
            main.map(h -> Tonic.name(h.chord().root(), h.chord().alter())).orElseGet(tonic::name);
        sounds.add(new BarSound(index, drone, here, main));
      }
      return sounds;
    }

    /** How long a chord sounds in a bar. */
    private static Fraction within(Harmony harmony, Bar bar) {
      Fraction from = harmony.onset().compareTo(bar.onset()) > 0 ? harmony.onset() : bar.onset();
      Fraction to = harmony.end().compareTo(bar.end()) < 0 ? harmony.end() : bar.end();
      return to.subtract(from);
    }
  }
}
