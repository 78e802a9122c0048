package app.fret.reading;

import app.fret.score.Bar;
import app.fret.score.Passage;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * How much speaks for a breath before each note, and what.
 *
 * <p>Rests, long notes, leaps between registers and changes of level and texture part groups of
 * notes, and what comes back begins one: the grouping preference rules 2, 3 and 6 of F. Lerdahl and
 * R. Jackendoff, A Generative Theory of Tonal Music, 1983 (from memory). How much each weighs is
 * Fret's own.
 */
final class Breaths {
  private static final double SURE = 3;
  private static final double REHEARSAL_MARK = 0.6;
  private static final double LONG_REST = 1.2;
  private static final double SHORT_REST = 0.6;
  private static final double LEVEL = 0.5;
  private static final double A_LEVEL_MORE = 0.15;
  private static final double MOST_FOR_LEVEL = 1.1;
  private static final double LEAST_JUMP = 1.5;
  private static final double TEXTURE = 0.5;
  private static final double OTHER_SOUND = 1.2;
  private static final double REGISTER = 0.5;
  private static final double COMES_BACK = 0.7;
  private static final double HEAD_COMES_BACK = 0.5;
  private static final double RHYTHM_COMES_BACK = 0.3;
  private static final double SLUR_ENDS = 0.4;
  private static final double INSIDE_SLUR = -0.6;
  private static final double IN_PLACE = 0.15;
  private static final double OUT_OF_PLACE = -0.25;
  private static final double OFF_THE_BEAT = -0.3;

  private static final double LEAST_RATIO = 1.5;
  private static final double AT_LEAST_RATIO = 0.3;
  private static final double A_RATIO_MORE = 0.5;
  private static final double MOST_FOR_LENGTH = 0.9;
  private static final int NOTES_AROUND = 8;

  private static final double OTHER_DENSITY = 1.9;
  private static final int OTHER_REGISTER = 9;
  private static final int WIDE_LEAP = 7;
  private static final double MOST_OF_THEM = 0.75;
  private static final int FEWEST_AROUND = 3;
  private static final int FEWEST_OF_HEAD = 3;

  private final Passage passage;
  private final List<PlayedNote> notes;
  private final double[] levels;
  private final List<Technique> techniques;
  private final Beats beats;
  private final Set<Integer> slurEnds = new HashSet<>();
  private final Set<Integer> returnStarts = new HashSet<>();
  private final List<List<PlayedNote>> notesOf = new ArrayList<>();

  /**
   * The breaths of a passage.
   *
   * @param levels printed level of each note
   */
  Breaths(
      Passage passage,
      List<PlayedNote> notes,
      double[] levels,
      List<Technique> techniques,
      Beats beats,
      List<Form.Return> returns) {
    this.passage = passage;
    this.notes = notes;
    this.levels = levels;
    this.techniques = techniques;
    this.beats = beats;
    passage.slurs().stream().map(Span::last).forEach(slurEnds::add);
    passage.bars().forEach(b -> notesOf.add(new ArrayList<>()));
    notes.forEach(n -> notesOf.get(n.bar()).add(n));
    for (Form.Return back : returns) {
      Stream.of(back.firstBar(), back.earlierBar())
          .filter(b -> !goesOn(b))
          .forEach(returnStarts::add);
    }
  }

  /** Whether a bar is the one before once more: it goes on and begins nothing. */
  private boolean goesOn(int bar) {
    return bar > 0 && sounds(notesOf.get(bar)).equals(sounds(notesOf.get(bar - 1)));
  }

  /** What speaks for a breath before a note: the greater the more. */
  double before(int note) {
    return of(note).strength();
  }

  /** The same with what it is made of. */
  Breath of(int note) {
    Gathered gathered = new Gathered();
    if (!notes.get(note - 1).isGrace()) {
      addSigns(note, gathered);
      addRest(note, gathered);
      addLength(note, gathered);
      addLevel(note, gathered);
      addTexture(note, gathered);
      addRegister(note, gathered);
      addReturns(note, gathered);
      addPlace(note, gathered);
    }
    return gathered.breath();
  }

  /**
   * A breath before a note.
   *
   * @param strength how much speaks for it
   * @param why what does, the strongest first
   */
  record Breath(double strength, List<String> why) {
    Breath {
      why = List.copyOf(why);
    }
  }

  /** What has been found so far. */
  private static final class Gathered {
    private record Reason(double strength, String words) {}

    private final List<Reason> reasons = new ArrayList<>();
    private double strength;

    void add(double more, String words) {
      strength += more;
      if (more > IN_PLACE) {
        reasons.add(new Reason(more, words));
      }
    }

    Breath breath() {
      reasons.sort((a, b) -> Double.compare(b.strength(), a.strength()));
      return new Breath(strength, reasons.stream().map(Reason::words).distinct().toList());
    }
  }

  private Bar bar(int note) {
    return passage.bars().get(notes.get(note).bar());
  }

  private boolean beginsBar(int note) {
    return notes.get(note).bar() != lastSounding(note).bar();
  }

  /** The note before that is no grace note. */
  private PlayedNote lastSounding(int note) {
    int at = note - 1;
    while (at > 0 && notes.get(at).isGrace()) {
      at--;
    }
    return notes.get(at);
  }

  private void addSigns(int note, Gathered gathered) {
    PlayedNote last = lastSounding(note);
    Bar bar = passage.bars().get(last.bar());
    boolean line =
        beginsBar(note) && (bar.edges().line() != Bar.Line.PLAIN || bar.edges().repeatTimes() > 0);
    if (line) {
      gathered.add(SURE, "a double bar or a repeat");
    } else if (last.marks().fermata()) {
      gathered.add(SURE, "a hold");
    }
    Fraction here = notes.get(note).onset();
    if (passage.directions().rehearsals().stream().anyMatch(r -> r.onset().equals(here))) {
      gathered.add(REHEARSAL_MARK, "a rehearsal mark");
    }
    int event = last.events().last();
    if (slurEnds.contains(event)) {
      gathered.add(SLUR_ENDS, "a slur ends");
    } else if (passage.slurs().stream().anyMatch(s -> s.first() <= event && event < s.last())) {
      gathered.add(INSIDE_SLUR, "");
    }
  }

  private void addRest(int note, Gathered gathered) {
    PlayedNote last = lastSounding(note);
    Fraction silence = notes.get(note).onset().subtract(last.end());
    if (silence.compareTo(Fraction.of(1, 8)) < 0) {
      return;
    }
    boolean isLong = silence.compareTo(last.length()) >= 0 || silence.compareTo(halfBar(note)) >= 0;
    gathered.add(isLong && !isUsual(note, silence) ? LONG_REST : SHORT_REST, "a rest");
  }

  /** Among notes that all stand apart a rest parts nothing. */
  private boolean isUsual(int note, Fraction silence) {
    int around = 0;
    for (int i = Math.max(1, note - NOTES_AROUND / 2); i < note + NOTES_AROUND / 2; i++) {
      if (i != note && i < notes.size()) {
        Fraction other = notes.get(i).onset().subtract(notes.get(i - 1).end());
        around += other.compareTo(silence) >= 0 ? 1 : 0;
      }
    }
    return around > 1;
  }

  private Fraction halfBar(int note) {
    return bar(note).metre().barLength().divide(2);
  }

  /** A note that is long for those before it and for the one that follows. */
  private void addLength(int note, Gathered gathered) {
    PlayedNote last = lastSounding(note);
    double length = last.length().doubleValue();
    double next = notes.get(note).length().doubleValue();
    double before = meanBefore(last.number());
    if (next <= 0 || before <= 0) {
      return;
    }
    double ratio = Math.min(length / next, length / before);
    if (ratio >= LEAST_RATIO) {
      double more = AT_LEAST_RATIO + A_RATIO_MORE * (ratio - LEAST_RATIO);
      gathered.add(Math.min(MOST_FOR_LENGTH, more), "a long note");
    }
  }

  private double meanBefore(int note) {
    return notes.subList(Math.max(0, note - NOTES_AROUND), note).stream()
        .filter(n -> !n.isGrace())
        .mapToDouble(n -> n.length().doubleValue())
        .average()
        .orElse(0);
  }

  private void addLevel(int note, Gathered gathered) {
    double jump = Math.abs(levels[note] - levels[lastSounding(note).number()]);
    if (jump >= LEAST_JUMP) {
      double more = LEVEL + A_LEVEL_MORE * jump;
      gathered.add(Math.min(MOST_FOR_LEVEL, more), "another level");
    }
  }

  /** Another way to sound the string, chords after single notes, quick notes after slow ones. */
  private void addTexture(int note, Gathered gathered) {
    if (!Objects.equals(techniques.get(note), techniques.get(note - 1))) {
      gathered.add(OTHER_SOUND, "another way to sound the string");
    }
    if (!beginsBar(note) && gathered.strength < TEXTURE) {
      return;
    }
    List<PlayedNote> before = around(note, -1);
    List<PlayedNote> after = around(note, 1);
    if (before.size() < FEWEST_AROUND || after.size() < FEWEST_AROUND) {
      return;
    }
    double density = (double) before.size() / after.size();
    boolean differs = Math.max(density, 1 / density) >= OTHER_DENSITY;
    boolean chords = Math.abs(chords(before) - chords(after)) >= MOST_OF_THEM;
    if (differs || chords) {
      gathered.add(TEXTURE, "another texture");
    }
  }

  /** The notes that begin within a bar's length before or after the start of a note. */
  private List<PlayedNote> around(int note, int direction) {
    Fraction here = notes.get(note).onset();
    Fraction far = here.add(bar(note).metre().barLength().multiply(direction));
    List<PlayedNote> around = new ArrayList<>();
    for (int i = direction > 0 ? note : note - 1; i >= 0 && i < notes.size(); i += direction) {
      Fraction onset = notes.get(i).onset();
      boolean within = direction > 0 ? onset.compareTo(far) < 0 : onset.compareTo(far) >= 0;
      if (!within) {
        break;
      }
      if (!notes.get(i).isGrace()) {
        around.add(notes.get(i));
      }
    }
    return around;
  }

  private static double chords(List<PlayedNote> notes) {
    return notes.stream().mapToDouble(n -> n.notes().size() > 1 ? 1 : 0).average().orElse(0);
  }

  /** A leap after which the music stays where it leapt to. */
  private void addRegister(int note, Gathered gathered) {
    int leap = top(notes.get(note)) - top(lastSounding(note));
    if (Math.abs(leap) < WIDE_LEAP) {
      return;
    }
    double before = height(around(note, -1));
    double after = height(around(note, 1));
    if (Math.abs(after - before) >= OTHER_REGISTER && (after > before) == (leap > 0)) {
      gathered.add(REGISTER, "another register");
    }
  }

  private static double height(List<PlayedNote> notes) {
    return notes.stream().mapToInt(Breaths::top).average().orElse(0);
  }

  private static int top(PlayedNote note) {
    return note.notes().get(note.notes().size() - 1).written().semitone();
  }

  /**
   * What comes back begins a phrase: on the first note of its bar, or on the upbeat to it where the
   * music already breathes there.
   */
  private void addReturns(int note, Gathered gathered) {
    int coming = notes.get(note).bar() + (beginsBar(note) ? 0 : 1);
    boolean isFirst = beginsBar(note) && !isUpbeatBefore(note);
    boolean isUpbeat = !beginsBar(note) && isUpbeat(note) && gathered.strength >= AT_LEAST_RATIO;
    if (coming >= passage.bars().size() || !isFirst && !isUpbeat) {
      return;
    }
    if (returnStarts.contains(coming)) {
      gathered.add(COMES_BACK, "what comes back");
    } else if (coming > 0 && headComesBack(coming)) {
      gathered.add(HEAD_COMES_BACK, "the notes of the beginning");
    } else if (coming > 0 && beginsAsTheFirst(coming)) {
      gathered.add(RHYTHM_COMES_BACK, "the rhythm of the beginning");
    }
  }

  /** Whether a breath before an upbeat has taken the place of the one before the bar. */
  private boolean isUpbeatBefore(int note) {
    for (int i = note - 1; i > 0 && isUpbeat(i); i--) {
      Gathered there = new Gathered();
      addRest(i, there);
      addLength(i, there);
      if (there.strength >= AT_LEAST_RATIO) {
        return true;
      }
    }
    return false;
  }

  /** Whether a note stands in the last half of its bar. */
  private boolean isUpbeat(int note) {
    Bar bar = bar(note);
    Fraction left = bar.end().subtract(notes.get(note).onset());
    return !notes.get(note).isGrace() && left.compareTo(halfBar(note)) <= 0;
  }

  /** Whether a bar begins with the notes of the first, as many as make a half of it. */
  private boolean headComesBack(int bar) {
    int first = passage.bars().get(0).uncounted() ? 1 : 0;
    List<PlayedNote> head = head(first);
    List<PlayedNote> here = head(bar);
    return first < bar
        && head.size() >= FEWEST_OF_HEAD
        && sounds(head).equals(sounds(here))
        && !sounds(head(bar - 1)).equals(sounds(head));
  }

  private List<PlayedNote> head(int bar) {
    Fraction half = passage.bars().get(bar).metre().barLength().divide(2);
    return notesOf.get(bar).stream()
        .filter(n -> passage.bars().get(bar).placeInMetre(n.onset()).compareTo(half) < 0)
        .toList();
  }

  private static List<List<Object>> sounds(List<PlayedNote> notes) {
    return notes.stream().map(n -> List.<Object>of(top(n), n.length())).toList();
  }

  private boolean beginsAsTheFirst(int bar) {
    int first = passage.bars().get(0).uncounted() ? 1 : 0;
    return first < bar
        && notesOf.get(bar).size() > 1
        && rhythm(bar).equals(rhythm(first))
        && !rhythm(bar - 1).equals(rhythm(first));
  }

  private List<List<Fraction>> rhythm(int bar) {
    Bar of = passage.bars().get(bar);
    return notesOf.get(bar).stream()
        .map(n -> List.of(of.placeInMetre(n.onset()), n.length()))
        .toList();
  }

  /** Phrases begin where the first one did in its bar, else with the bar, else with a beat. */
  private void addPlace(int note, Gathered gathered) {
    boolean asTheFirst =
        placeInBar(note).equals(placeInBar(0))
            && notes.get(note).length().equals(notes.get(0).length());
    if (beginsBar(note) || asTheFirst) {
      gathered.add(IN_PLACE, "");
    } else {
      gathered.add(OUT_OF_PLACE + (beats.begins(note) ? 0 : OFF_THE_BEAT), "");
    }
  }

  private Fraction placeInBar(int note) {
    return bar(note).placeInMetre(notes.get(note).onset());
  }
}
