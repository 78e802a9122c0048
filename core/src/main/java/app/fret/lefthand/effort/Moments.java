package app.fret.lefthand.effort;

import app.fret.lefthand.effort.Moment.Sign;
import app.fret.lefthand.effort.Moment.Signs;
import app.fret.score.Bar;
import app.fret.score.Directions;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.PlayedNote;
import app.fret.score.Span;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Works out the {@link Moment} of every note of a passage at a tempo.
 *
 * <p>Grace notes take 0.08 s each out of the note before (common practice, no source).
 */
public final class Moments {
  private static final double GRACE_SECONDS = 0.08;
  private static final int MEZZO_FORTE = 6;
  private static final Map<String, Integer> LEVELS =
      Map.ofEntries(
          Map.entry("pppp", 1),
          Map.entry("ppp", 2),
          Map.entry("pp", 3),
          Map.entry("p", 4),
          Map.entry("mp", 5),
          Map.entry("mf", 6),
          Map.entry("f", 7),
          Map.entry("ff", 8),
          Map.entry("fff", 9),
          Map.entry("ffff", 10),
          Map.entry("fp", 4),
          Map.entry("sfp", 4));

  private final Passage passage;
  private final List<PlayedNote> notes;
  private final double[] startSeconds;
  private final double[] endSeconds;

  private Moments(Passage passage, List<PlayedNote> notes, Tempo tempo) {
    this.passage = passage;
    this.notes = notes;
    this.startSeconds = new double[notes.size()];
    this.endSeconds = new double[notes.size()];
    layOut(tempo);
  }

  /** The moments of all notes, in order. */
  public static List<Moment> of(Passage passage, List<PlayedNote> notes, Tempo tempo) {
    Moments moments = new Moments(passage, notes, tempo);
    List<Moment> all = new ArrayList<>(notes.size());
    int[] slurOf = moments.slurOfEachEvent();
    for (int i = 0; i < notes.size(); i++) {
      all.add(moments.moment(i, slurOf));
    }
    return all;
  }

  private void layOut(Tempo tempo) {
    int graces = 0;
    for (int i = notes.size() - 1; i >= 0; i--) {
      PlayedNote note = notes.get(i);
      graces = note.isGrace() ? graces + 1 : 0;
      startSeconds[i] = tempo.seconds(note.onset()) - graces * GRACE_SECONDS;
      endSeconds[i] = note.isGrace() ? startSeconds[i] + GRACE_SECONDS : tempo.seconds(note.end());
      if (i + 1 < notes.size()) {
        endSeconds[i] = Math.min(endSeconds[i], startSeconds[i + 1]);
      }
    }
  }

  private Moment moment(int i, int[] slurOf) {
    PlayedNote note = notes.get(i);
    boolean first = i == 0;
    return new Moment(
        Math.max(1e-3, rounded(endSeconds[i] - startSeconds[i])),
        first
            ? Double.POSITIVE_INFINITY
            : Math.max(1e-3, rounded(endSeconds[i - 1] - startSeconds[i - 1])),
        first ? 0 : Math.max(0, rounded(startSeconds[i] - endSeconds[i - 1])),
        loudnessAt(note.onset()),
        signs(i, slurOf),
        note.notes().stream().map(Note::written).toList(),
        note.notes().stream().map(n -> new Moment.Printed(n.finger(), n.string())).toList());
  }

  private Signs signs(int i, int[] slurOf) {
    PlayedNote note = notes.get(i);
    int slur = slurOf[note.events().first()];
    boolean slurred = i > 0 && slur >= 0 && slur == slurOf[notes.get(i - 1).events().last()];
    EnumSet<Sign> signs = EnumSet.noneOf(Sign.class);
    put(signs, Sign.FIRST, i == 0);
    put(signs, Sign.SLURRED, slurred);
    put(signs, Sign.IN_SLUR, slur >= 0);
    put(signs, Sign.BEAT_START, startsBeat(note));
    put(signs, Sign.REPEATED, i > 0 && pitches(note).equals(pitches(notes.get(i - 1))));
    put(signs, Sign.RETURNS, i > 1 && pitches(note).equals(pitches(notes.get(i - 2))));
    put(signs, Sign.TRILLED, note.marks().ornaments().contains(Marks.Ornament.TRILL));
    put(signs, Sign.AFTER_GRACE, i > 0 && notes.get(i - 1).isGrace() && !note.isGrace());
    put(signs, Sign.PLUCKED, pluckedAt(note.onset()));
    put(signs, Sign.HARMONIC, asksForHarmonic(note));
    return of(signs);
  }

  private static Signs of(EnumSet<Sign> set) {
    Signs signs = Signs.NONE;
    for (Sign sign : set) {
      signs = signs.with(sign);
    }
    return signs;
  }

  private static void put(EnumSet<Sign> signs, Sign sign, boolean holds) {
    if (holds) {
      signs.add(sign);
    }
  }

  private static boolean asksForHarmonic(PlayedNote note) {
    return note.notes().stream().anyMatch(n -> n.harmonic() == Note.Harmonic.NATURAL);
  }

  /** Whether the last such word before says to pluck. */
  private boolean pluckedAt(Fraction onset) {
    boolean plucked = false;
    for (Directions.Words words : passage.directions().words()) {
      String text = words.text().strip().toLowerCase(Locale.ROOT);
      if (words.onset().compareTo(onset) <= 0) {
        plucked = text.startsWith("pizz") || (plucked && !text.startsWith("arco"));
      }
    }
    return plucked;
  }

  /**
   * Rounded to microseconds: differences of running times carry noise in the last bits, and notes
   * of one length must have equal moments for the lattice to recognise them.
   */
  private static double rounded(double seconds) {
    return Math.rint(seconds * 1e6) / 1e6;
  }

  private static List<Integer> pitches(PlayedNote note) {
    return note.notes().stream().map(Note::written).map(p -> p.semitone()).toList();
  }

  /** Index of the innermost slur over each event, -1 for none. */
  private int[] slurOfEachEvent() {
    int[] slurOf = new int[passage.events().size()];
    java.util.Arrays.fill(slurOf, -1);
    for (int s = 0; s < passage.slurs().size(); s++) {
      Span slur = passage.slurs().get(s);
      for (int event = slur.first(); event <= slur.last(); event++) {
        slurOf[event] = s;
      }
    }
    return slurOf;
  }

  private boolean startsBeat(PlayedNote note) {
    Bar bar = passage.bars().get(note.bar());
    Fraction place = bar.placeInMetre(note.onset());
    Fraction beat = Fraction.ZERO;
    for (Fraction length : bar.metre().beats()) {
      if (beat.equals(place)) {
        return true;
      }
      beat = beat.add(length);
    }
    return false;
  }

  private int loudnessAt(Fraction onset) {
    int level = MEZZO_FORTE;
    for (Directions.Dynamic dynamic : passage.directions().dynamics()) {
      if (dynamic.onset().compareTo(onset) > 0) {
        break;
      }
      level = LEVELS.getOrDefault(dynamic.sign(), level);
    }
    return level;
  }
}
