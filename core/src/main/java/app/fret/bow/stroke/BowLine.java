package app.fret.bow.stroke;

import app.fret.brief.Brief;
import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.Directions;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.numbers.fraction.Fraction;

/** A passage as the bow sees it: its notes, and which of them the part puts into one stroke. */
public final class BowLine {
  private static final double ACCENT = 1;
  private static final double FORCED = 1.3;
  private static final Set<String> FORCED_SIGNS = Set.of("sf", "sfz", "sffz", "fz", "sfp", "fp");

  private static final double SOFTEST = 1;
  private static final double LOUDEST = 10;
  private static final double LEVELS_TOLD_APART = 10;

  /** Of a grace note, whose written length says nothing: about a whole note at 120. */
  private static final double SECONDS_OF_A_WHOLE = 2;

  private final Brief brief;
  private final Set<Fraction> forcedAt;
  private final List<BowedNote> notes = new ArrayList<>();
  private final boolean[] joined;
  private final int[] firstPiece;
  private final double medianSeconds;

  /** Where the bow may change inside a note. */
  public interface Cuts {
    /** Never inside one. */
    Cuts NONE = note -> List.of();

    /** Moments inside a note, in order. */
    List<Fraction> inside(PlayedNote note);
  }

  /** Reads a passage whose notes are bowed whole. */
  public BowLine(Brief brief, List<List<Integer>> strings) {
    this(brief, strings, Cuts.NONE);
  }

  /**
   * Reads a passage.
   *
   * @param strings strings of each note, lowest-pitched first
   * @param cuts where a note is divided into pieces
   */
  public BowLine(Brief brief, List<List<Integer>> strings, Cuts cuts) {
    this.brief = brief;
    this.forcedAt =
        brief.passage().directions().dynamics().stream()
            .filter(d -> FORCED_SIGNS.contains(d.sign()))
            .map(Directions.Dynamic::onset)
            .collect(Collectors.toSet());
    this.joined = brief.strokes().joined();
    this.firstPiece = new int[brief.notes().size() + 1];
    for (PlayedNote note : brief.notes()) {
      firstPiece[note.number()] = notes.size();
      addPieces(note, strings.get(note.number()), cuts.inside(note));
    }
    firstPiece[brief.notes().size()] = notes.size();
    double[] seconds =
        brief.notes().stream()
            .mapToDouble(n -> brief.timeline().lengthSeconds(n.number()))
            .sorted()
            .toArray();
    this.medianSeconds = seconds.length == 0 ? 0 : seconds[seconds.length / 2];
  }

  private void addPieces(PlayedNote note, List<Integer> strings, List<Fraction> cuts) {
    BowedNote whole = note(note, strings);
    if (cuts.isEmpty()) {
      notes.add(whole);
      return;
    }
    double start = brief.tempos().seconds(note.onset());
    double length = brief.tempos().seconds(note.end()) - start;
    double from = 0;
    for (int i = 0; i <= cuts.size(); i++) {
      double to = i < cuts.size() ? (brief.tempos().seconds(cuts.get(i)) - start) / length : 1;
      double seconds = (to - from) * whole.seconds();
      notes.add(
          i == 0
              ? piece(whole, 0, seconds, whole.stress())
              : piece(whole, from, seconds, stress(note.bar(), cuts.get(i - 1))));
      from = to;
    }
  }

  /** What comes after the start of a note has no sign and no accent of its own. */
  private static BowedNote piece(BowedNote whole, double from, double seconds, double stress) {
    boolean starts = from == 0;
    return new BowedNote(
        whole.number(),
        from,
        seconds,
        starts ? whole.silenceSeconds() : 0,
        whole.level(),
        whole.played(),
        stress,
        whole.strings(),
        starts ? whole.accent() : 0,
        whole.isShort(),
        whole.isPlucked(),
        whole.isGrace(),
        starts ? whole.printed() : Optional.empty());
  }

  private BowedNote note(PlayedNote note, List<Integer> strings) {
    int i = note.number();
    PlayedNote main = ledTo(note);
    return new BowedNote(
        i,
        0,
        brief.timeline().lengthSeconds(i),
        brief.timeline().silenceSeconds(i),
        brief.levels().printed(i),
        played(i, strings),
        stress(note),
        strings,
        accent(main),
        note.marks().articulations().contains(Marks.Articulation.STACCATO)
            || note.marks().articulations().contains(Marks.Articulation.STACCATISSIMO),
        brief.reading().technique(i).isPlucked(),
        note.isGrace(),
        note.marks().bow().or(() -> main.marks().bow()));
  }

  /**
   * What is proposed, with what the string asks for, in tenths of a level: nobody plays finer, and
   * strokes alike share what is worked out.
   */
  private double played(int note, List<Integer> strings) {
    int top = strings.get(strings.size() - 1);
    int before = notes.isEmpty() ? top : notes.get(notes.size() - 1).topString();
    double level = brief.levels().proposed(note) + StringLevels.of(brief, note, top, before);
    double tenths = Math.rint(level * LEVELS_TOLD_APART) / LEVELS_TOLD_APART;
    return Math.max(SOFTEST, Math.min(LOUDEST, tenths));
  }

  /** A grace note in one bow with its note has the weight of that note. */
  private double stress(PlayedNote note) {
    PlayedNote main = ledTo(note);
    return main.isGrace() ? BowedNote.ELSEWHERE : stress(main.bar(), main.onset());
  }

  /**
   * The note that a grace note leads to in one bow, whose accent and sign it takes; else itself.
   */
  private PlayedNote ledTo(PlayedNote note) {
    int main = note.number();
    while (brief.notes().get(main).isGrace() && main + 1 < joined.length && joined[main + 1]) {
      main++;
    }
    return brief.notes().get(main);
  }

  private double stress(int barIndex, Fraction moment) {
    Bar bar = brief.passage().bars().get(barIndex);
    Fraction place = bar.placeInMetre(moment);
    if (place.signum() == 0 || moment.equals(bar.end())) {
      return BowedNote.FIRST_BEAT;
    }
    if (beginsBeat(bar.metre(), place)) {
      boolean half = place.multiply(2).equals(bar.metre().barLength());
      return half ? BowedNote.HALF_BAR : BowedNote.BEAT;
    }
    return dividesItsBeat(bar.metre(), place) ? BowedNote.OFF_BEAT : BowedNote.ELSEWHERE;
  }

  private static boolean beginsBeat(Metre metre, Fraction place) {
    Fraction start = Fraction.ZERO;
    for (Fraction beat : metre.beats()) {
      if (start.equals(place)) {
        return true;
      }
      start = start.add(beat);
    }
    return false;
  }

  /** Whether a place halves its beat, or thirds it where the beat is dotted. */
  private static boolean dividesItsBeat(Metre metre, Fraction place) {
    Fraction start = Fraction.ZERO;
    for (Fraction beat : metre.beats()) {
      Fraction within = place.subtract(start).divide(beat);
      if (within.signum() >= 0 && within.compareTo(Fraction.ONE) < 0) {
        int parts = beat.getNumerator() % 3 == 0 ? 3 : 2;
        return within.multiply(parts).getDenominator() == 1;
      }
      start = start.add(beat);
    }
    return false;
  }

  private double accent(PlayedNote note) {
    Set<Marks.Articulation> signs = note.marks().articulations();
    boolean forced =
        signs.contains(Marks.Articulation.STRONG_ACCENT) || forcedAt.contains(note.onset());
    return forced ? FORCED : signs.contains(Marks.Articulation.ACCENT) ? ACCENT : 0;
  }

  /** The passage as every planner has it. */
  public Brief brief() {
    return brief;
  }

  /** A note or piece by its number. */
  public BowedNote note(int number) {
    return notes.get(number);
  }

  /** All notes and pieces, in order. */
  public List<BowedNote> notes() {
    return notes;
  }

  /** The first piece of a note. */
  public BowedNote first(int note) {
    return notes.get(firstPiece[note]);
  }

  /** The note that a piece belongs to. */
  PlayedNote played(int piece) {
    return brief.notes().get(notes.get(piece).number());
  }

  /** A stroke without the grace notes that lead into it, but for its last piece. */
  public Span withoutGraces(Span pieces) {
    int first = pieces.first();
    while (first < pieces.last() && notes.get(first).isGrace()) {
      first++;
    }
    return new Span(first, pieces.last());
  }

  /** A run of notes as a run of pieces. */
  public Span pieces(Span run) {
    return new Span(firstPiece[run.first()], firstPiece[run.last() + 1] - 1);
  }

  /** Strokes as the part has them, or as they were decided, as runs of pieces. */
  public List<Span> groups() {
    return brief.strokes().groups().stream().map(this::pieces).toList();
  }

  /** Hair of this instrument's bow in cm. */
  public double hairCm() {
    return brief.player().instrument().bowHairMm() / 10;
  }

  /** Whether a note falls on the first beat of the passage, pickups apart. */
  boolean isFirstBeatOfAll(int number) {
    int bar = played(number).bar();
    return !notes.get(number).isInside()
        && notes.get(number).stress() == BowedNote.FIRST_BEAT
        && brief.passage().bars().subList(0, bar).stream().allMatch(Bar::uncounted);
  }

  /** How long the bar of a note lasts at the tempo of the note, in s. */
  double barSeconds(int number) {
    PlayedNote note = played(number);
    Bar bar = brief.passage().bars().get(note.bar());
    double length = note.length().doubleValue();
    double seconds = brief.timeline().lengthSeconds(note.number());
    double whole = length > 0 ? seconds / length : SECONDS_OF_A_WHOLE;
    return bar.metre().barLength().doubleValue() * whole;
  }

  /** Length of the middle one of all notes by length, in s. */
  double medianSeconds() {
    return medianSeconds;
  }

  /** The last piece that is not plucked; -1 where all are. */
  public int lastBowed() {
    int last = notes.size() - 1;
    while (last >= 0 && notes.get(last).isPlucked()) {
      last--;
    }
    return last;
  }

  int stringCount() {
    return brief.player().instrument().stringCount();
  }
}
