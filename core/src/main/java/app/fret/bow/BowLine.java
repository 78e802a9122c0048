package app.fret.bow;

import app.fret.brief.Brief;
import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.Directions;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.numbers.fraction.Fraction;

/** A passage as the bow sees it: its notes, and which of them the part puts into one stroke. */
final class BowLine {
  private static final double ACCENT = 1;
  private static final double FORCED = 1.3;
  private static final Set<String> FORCED_SIGNS = Set.of("sf", "sfz", "sffz", "fz", "sfp", "fp");

  /** Of a grace note, whose written length says nothing: about a whole note at 120. */
  private static final double SECONDS_OF_A_WHOLE = 2;

  private final Brief brief;
  private final Set<Fraction> forcedAt;
  private final List<BowedNote> notes = new ArrayList<>();
  private final double medianSeconds;

  /**
   * Reads a passage.
   *
   * @param strings strings of each note, lowest-pitched first
   */
  BowLine(Brief brief, List<List<Integer>> strings) {
    this.brief = brief;
    this.forcedAt =
        brief.passage().directions().dynamics().stream()
            .filter(d -> FORCED_SIGNS.contains(d.sign()))
            .map(Directions.Dynamic::onset)
            .collect(Collectors.toSet());
    for (PlayedNote note : brief.notes()) {
      notes.add(note(note, strings.get(note.number())));
    }
    double[] seconds = notes.stream().mapToDouble(BowedNote::seconds).sorted().toArray();
    this.medianSeconds = seconds.length == 0 ? 0 : seconds[seconds.length / 2];
  }

  private BowedNote note(PlayedNote note, List<Integer> strings) {
    int i = note.number();
    return new BowedNote(
        brief.timeline().lengthSeconds(i),
        brief.timeline().silenceSeconds(i),
        brief.reading().level(i),
        stress(note),
        strings,
        accent(note),
        note.marks().articulations().contains(Marks.Articulation.STACCATO)
            || note.marks().articulations().contains(Marks.Articulation.STACCATISSIMO),
        brief.reading().technique(i).isPlucked(),
        note.marks().bow());
  }

  private double stress(PlayedNote note) {
    if (note.isGrace()) {
      return BowedNote.ELSEWHERE;
    }
    Bar bar = brief.passage().bars().get(note.bar());
    Fraction place = bar.placeInMetre(note.onset());
    if (place.signum() == 0) {
      return BowedNote.FIRST_BEAT;
    }
    if (brief.reading().beats().begins(note.number())) {
      boolean half = place.multiply(2).equals(bar.metre().barLength());
      return half ? BowedNote.HALF_BAR : BowedNote.BEAT;
    }
    return dividesItsBeat(bar.metre(), place) ? BowedNote.OFF_BEAT : BowedNote.ELSEWHERE;
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

  Brief brief() {
    return brief;
  }

  BowedNote note(int number) {
    return notes.get(number);
  }

  List<BowedNote> notes() {
    return notes;
  }

  /** Strokes as the part has them. */
  List<Span> printed() {
    return brief.reading().strokes().groups();
  }

  /** Hair of this instrument's bow in cm. */
  double hairCm() {
    return brief.player().instrument().bowHairMm() / 10;
  }

  /** Whether a note falls on the first beat of the passage, pickups apart. */
  boolean isFirstBeatOfAll(int number) {
    int bar = brief.notes().get(number).bar();
    return notes.get(number).stress() == BowedNote.FIRST_BEAT
        && brief.passage().bars().subList(0, bar).stream().allMatch(Bar::uncounted);
  }

  /** How long the bar of a note lasts at the tempo of the note, in s. */
  double barSeconds(int number) {
    PlayedNote note = brief.notes().get(number);
    Bar bar = brief.passage().bars().get(note.bar());
    double length = note.length().doubleValue();
    double whole = length > 0 ? notes.get(number).seconds() / length : SECONDS_OF_A_WHOLE;
    return bar.metre().barLength().doubleValue() * whole;
  }

  /** Length of the middle one of all notes by length, in s. */
  double medianSeconds() {
    return medianSeconds;
  }

  int stringCount() {
    return brief.player().instrument().stringCount();
  }
}
