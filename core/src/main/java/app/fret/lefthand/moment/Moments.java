package app.fret.lefthand.moment;

import app.fret.brief.Brief;
import app.fret.lefthand.figure.Assumed;
import app.fret.lefthand.figure.BrokenChords;
import app.fret.lefthand.figure.BrokenPairs;
import app.fret.lefthand.figure.ChromaticRuns;
import app.fret.lefthand.figure.PedalFigure;
import app.fret.lefthand.figure.ThumbStretch;
import app.fret.lefthand.figure.WrittenTrills;
import app.fret.lefthand.moment.Moment.Sign;
import app.fret.lefthand.moment.Moment.Signs;
import app.fret.reading.Families;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.reading.TrillNotes;
import app.fret.score.Key;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.SoundingPitch;
import app.fret.score.Span;
import app.fret.time.Timeline;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Gathers from a brief what is known of every note before fingers are chosen. */
public final class Moments {
  private static final int FEWEST_OF_A_FIGURE = 3;
  private static final int WIDEST_STEP = 2;

  /** After such a rest a hand stands where the next music wants it (common practice, no source). */
  private static final double LONG_REST_SECONDS = 2.5;

  /** A climax is higher than so many notes on either side. */
  private static final int NOTES_AROUND_A_CLIMAX = 4;

  private final Brief brief;
  private final boolean[] joined;
  private final boolean[] shared;
  private final int[] bound;
  private final boolean[] chromatic;
  private final BrokenPairs.Place[] pairs;
  private final int[] chords;
  private final boolean[] trills;
  private final boolean[] figureAgain;

  /** What does not depend on what is assumed of figures. */
  public Moments(Brief brief) {
    this.brief = brief;
    this.joined = brief.strokes().joined();
    this.shared = brief.strokes().shared();
    this.bound = StringWords.of(brief);
    this.chromatic = ChromaticRuns.of(brief);
    this.pairs = BrokenPairs.of(brief);
    this.chords = BrokenChords.of(brief);
    this.trills = WrittenTrills.of(brief);
    this.figureAgain = figuresAgain(brief.reading());
  }

  /** The moments of all notes, in order, with every pedal figure there is. */
  public static List<Moment> of(Brief brief) {
    return new Moments(brief).under(Assumed.of(brief));
  }

  /**
   * The moments of all notes, in order.
   *
   * @param assumed what is assumed of its figures
   */
  public List<Moment> under(Assumed assumed) {
    int[] pedals = strings(assumed.pedals(), brief.notes().size());
    int[] thumbs = bases(assumed.thumbs(), brief.notes().size());
    List<Moment> all = new ArrayList<>(brief.notes().size());
    for (int i = 0; i < brief.notes().size(); i++) {
      all.add(moment(i, pedals[i], thumbs[i]));
    }
    return List.copyOf(all);
  }

  /**
   * Where figures of three notes or more begin again on other degrees. A scale that runs on falls
   * into like groups, too, but none of them is heard as a beginning: the line must turn or leap.
   */
  private boolean[] figuresAgain(Reading reading) {
    boolean[] again = new boolean[brief.notes().size()];
    for (Families.Family family : reading.families()) {
      if (!family.samePitch() && family.size() >= FEWEST_OF_A_FIGURE) {
        family.spans().stream()
            .skip(1)
            .mapToInt(Span::first)
            .filter(this::turns)
            .forEach(first -> again[first] = true);
      }
    }
    return again;
  }

  private boolean turns(int note) {
    int before = top(note - 1) - top(note - 2);
    int now = top(note) - top(note - 1);
    return Integer.signum(before) != Integer.signum(now) || Math.abs(now) > WIDEST_STEP;
  }

  private int top(int note) {
    List<SoundingPitch> pitches = brief.pitches().get(note);
    return pitches.get(pitches.size() - 1).midi();
  }

  private static int[] strings(List<PedalFigure> figures, int notes) {
    int[] strings = new int[notes];
    for (PedalFigure figure : figures) {
      for (int i = 0; i < figure.size(); i++) {
        strings[figure.first() + i] = figure.strings().get(i);
      }
    }
    return strings;
  }

  private static int[] bases(List<ThumbStretch> stretches, int notes) {
    int[] bases = new int[notes];
    for (ThumbStretch stretch : stretches) {
      for (int i = 0; i < stretch.bases().size(); i++) {
        bases[stretch.first() + i] = stretch.bases().get(i);
      }
    }
    return bases;
  }

  private Moment moment(int i, int pedal, int thumb) {
    PlayedNote note = brief.notes().get(i);
    Timeline timeline = brief.timeline();
    return new Moment(
        timeline.lengthSeconds(i),
        i == 0 ? Double.POSITIVE_INFINITY : timeline.lengthSeconds(i - 1),
        timeline.silenceSeconds(i),
        brief.levels().printed(i),
        pedal > 0 ? signs(i).with(Sign.PEDAL) : signs(i),
        note.notes().stream().map(Note::written).toList(),
        note.notes().stream().map(n -> new Moment.Printed(n.finger(), n.string())).toList(),
        bound[i] > 0 ? bound[i] : pedal,
        chords[i],
        thumb);
  }

  private Signs signs(int i) {
    Reading reading = brief.reading();
    List<PlayedNote> notes = brief.notes();
    PlayedNote note = notes.get(i);
    Signs signs = Signs.NONE;
    signs =
        put(signs, Sign.FIRST, i == 0 || brief.timeline().silenceSeconds(i) >= LONG_REST_SECONDS);
    signs = put(signs, Sign.SLURRED, joined[i]);
    signs = put(signs, Sign.IN_SLUR, shared[i]);
    signs = put(signs, Sign.BEAT_START, reading.beats().begins(i));
    signs = put(signs, Sign.REPEATED, i > 0 && samePitches(i, i - 1));
    signs = put(signs, Sign.RETURNS, i > 1 && samePitches(i, i - 2));
    boolean trilled = note.marks().ornaments().contains(Marks.Ornament.TRILL);
    signs = put(signs, Sign.TRILLED, trilled);
    boolean half = trilled && TrillNotes.halfSteps(reading, i) <= 1;
    signs = put(signs, Sign.TRILLED_HALF, half);
    signs = put(signs, Sign.TRILLED_WHOLE, trilled && !half);
    signs = put(signs, Sign.WRITTEN_TRILL, trills[i]);
    signs = put(signs, Sign.CLIMAX, isClimax(i));
    signs = put(signs, Sign.AFTER_GRACE, i > 0 && notes.get(i - 1).isGrace() && !note.isGrace());
    signs = put(signs, Sign.PLUCKED, reading.technique(i).isPlucked());
    // Into the first note of such a stretch the hand may still go.
    signs =
        put(
            signs,
            Sign.STAYS,
            i > 0
                && reading.technique(i).asked().stays()
                && reading.technique(i - 1).asked().stays());
    signs = put(signs, Sign.BOUND, bound[i] > 0);
    signs = put(signs, Sign.CHROMATIC, chromatic[i]);
    signs = put(signs, Sign.PAIR_SECOND, pairs[i] == BrokenPairs.Place.SECOND);
    signs = put(signs, Sign.PAIR_NEXT, pairs[i] == BrokenPairs.Place.NEXT);
    signs = put(signs, Sign.FIGURE_AGAIN, figureAgain[i]);
    signs = put(signs, Sign.SAME_LETTER, i > 0 && sameLetter(notes.get(i - 1), note));
    signs = put(signs, Sign.ALTERED, isAltered(note));
    signs = put(signs, Sign.SHORT, isShort(note));
    return put(signs, Sign.HARMONIC, asksForHarmonic(note));
  }

  private boolean isClimax(int note) {
    boolean canSing = brief.timeline().lengthSeconds(note) >= Moment.VIBRATO_SECONDS;
    int from = Math.max(0, note - NOTES_AROUND_A_CLIMAX);
    int to = Math.min(brief.notes().size() - 1, note + NOTES_AROUND_A_CLIMAX);
    return canSing
        && brief.pitches().get(note).size() == 1
        && IntStream.rangeClosed(from, to).allMatch(i -> i == note || top(i) < top(note));
  }

  private static Signs put(Signs signs, Sign sign, boolean holds) {
    return holds ? signs.with(sign) : signs;
  }

  private boolean samePitches(int one, int other) {
    return brief.pitches().get(one).equals(brief.pitches().get(other));
  }

  private static boolean sameLetter(PlayedNote one, PlayedNote other) {
    return one.notes().get(0).written().staffStep() == other.notes().get(0).written().staffStep()
        && !one.notes().get(0).written().equals(other.notes().get(0).written());
  }

  private boolean isAltered(PlayedNote note) {
    Key key = brief.passage().bars().get(note.bar()).key();
    return note.notes().stream()
        .anyMatch(n -> n.written().alter() != key.alterOf(n.written().step()));
  }

  private static boolean isShort(PlayedNote note) {
    return note.marks().articulations().contains(Marks.Articulation.STACCATO)
        || note.marks().articulations().contains(Marks.Articulation.STACCATISSIMO);
  }

  private static boolean asksForHarmonic(PlayedNote note) {
    return note.notes().stream().anyMatch(n -> n.harmonic() == Note.Harmonic.NATURAL);
  }
}
