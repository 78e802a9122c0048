package app.fret.practice.drill;

import app.fret.bow.BowPlan;
import app.fret.bow.stroke.Stroke;
import app.fret.brief.Brief;
import app.fret.harmony.Tonic;
import app.fret.instrument.Instrument;
import app.fret.instrument.Spelling;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.practice.Ladder;
import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.BowDirection;
import app.fret.score.Finger;
import app.fret.score.Key;
import app.fret.score.LevelSigns;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.SoundingPitch;
import app.fret.score.Span;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What drills are made from: a passage with both hands planned.
 *
 * @param brief the passage
 * @param leftHand its fingers
 * @param bow its strokes
 * @param ladder its tempos; drills are first played on its lowest rung
 * @param keepsBeat whether rhythms keep the beat, not the printed unit
 */
public record DrillSource(
    Brief brief, LeftHandPlan leftHand, BowPlan bow, Ladder ladder, boolean keepsBeat) {
  Passage passage() {
    return brief.passage();
  }

  Instrument instrument() {
    return brief.player().instrument();
  }

  int count() {
    return brief.notes().size();
  }

  PlayedNote note(int number) {
    return brief.notes().get(number);
  }

  Placement placement(int number) {
    return leftHand.notes().get(number).placement();
  }

  /** The bar of a note. */
  Bar bar(int number) {
    return passage().bars().get(note(number).bar());
  }

  Key key(int number) {
    return bar(number).key();
  }

  /** The note the music around a note rests on. */
  Tonic tonic(int number) {
    return Tonic.of(key(number), brief.notes());
  }

  /** How long something takes where it is practised slowest, in s. */
  double slowestSeconds(Fraction length) {
    return ladder.tempo(0).seconds(length);
  }

  /** Whether the beats of a note's bar are of unequal length. */
  boolean isUneven(int number) {
    return brief.reading().beatGroups().get(note(number).bar()).uneven();
  }

  /** How far into its bar a note begins. */
  Fraction placeInBar(int number) {
    return bar(number).placeInMetre(note(number).onset());
  }

  /** Its heads with the fingers and strings that the plan takes. */
  List<Note> heads(int number) {
    List<Stop> stops = placement(number).stops();
    List<Note> heads = new ArrayList<>();
    List<Note> printed = note(number).notes();
    for (int i = 0; i < printed.size(); i++) {
      Note head = printed.get(i);
      heads.add(
          i < stops.size()
              ? head.withFingering(
                  Optional.of(stops.get(i).finger()), OptionalInt.of(stops.get(i).string()))
              : head);
    }
    return heads;
  }

  /** The note as it stands, with its finger, string, sign of the bow and slur. */
  Piece piece(int number) {
    PlayedNote note = note(number);
    return Piece.of(number, heads(number), note.length())
        .marked(note.marks().withBow(bowSign(number)))
        .slurred(isSlurredOn(number));
  }

  /** The note as it is bowed: its finger, slur and signs of length and attack, no ornament. */
  Piece bowed(int number) {
    Marks printed = note(number).marks();
    return piece(number)
        .marked(new Marks(printed.articulations(), Set.of(), bowSign(number), false, 0));
  }

  /** The same with none of its signs but the bow's. */
  Piece plain(int number) {
    return piece(number).marked(Marks.NONE.withBow(bowSign(number))).slurred(false);
  }

  /** The top note of it alone. */
  Note top(int number) {
    List<Note> heads = heads(number);
    return heads.get(heads.size() - 1);
  }

  /** Direction in which a stroke begins with this note; empty inside one. */
  Optional<BowDirection> bowSign(int number) {
    Stroke stroke = stroke(number);
    return stroke.firstNote() == number && !stroke.beginsInside()
        ? Optional.of(stroke.direction())
        : Optional.empty();
  }

  Stroke stroke(int number) {
    return bow.strokes().get(bow.strokeOf(number));
  }

  /** The note at or before one with which both a beat and a stroke begin. */
  int beatAndSlurFrom(int note) {
    int from = note;
    while (from > 0 && !(brief.reading().beats().begins(from) && !isSlurredOn(from - 1))) {
      from--;
    }
    return from;
  }

  /** Beats that begin while a note sounds, as the time from its start. */
  List<Fraction> beatsWithin(int number) {
    List<Fraction> beats = new ArrayList<>();
    Fraction length = note(number).length();
    Fraction beat = placeInBar(number).negate();
    while (beat.compareTo(length) < 0) {
      for (Fraction each : bar(number).metre().beats()) {
        if (beat.signum() > 0 && beat.compareTo(length) < 0) {
          beats.add(beat);
        }
        beat = beat.add(each);
      }
    }
    return beats;
  }

  /** Time between a note and the one before it in which nothing sounds; none before the first. */
  Fraction silenceBefore(int number) {
    Fraction end = number == 0 ? note(0).onset() : note(number - 1).end();
    Fraction silence = note(number).onset().subtract(end);
    return silence.signum() > 0 ? silence : Fraction.ZERO;
  }

  /** Whether the next note is in the same stroke. */
  boolean isSlurredOn(int number) {
    return number + 1 < count() && stroke(number).lastNote() > number;
  }

  /** A pitch that is passed after another: raised on the way up, lowered on the way down. */
  WrittenPitch passing(SoundingPitch pitch, WrittenPitch before, int near) {
    WrittenPitch written =
        Spelling.written(pitch, instrument(), passage().transposition(), key(near));
    boolean isOfKey = written.alter() == key(near).alterOf(written.step());
    int way = Integer.signum(pitch.midi() - sounding(before).midi());
    if (isOfKey || written.alter() == 0 || Integer.signum(written.alter()) == way || way == 0) {
      return written;
    }
    int letters = written.staffStep() - way;
    Step step = Step.values()[Math.floorMod(letters, Step.values().length)];
    int octave = Math.floorDiv(letters, Step.values().length);
    int alter = written.semitone() - new WrittenPitch(step, 0, octave).semitone();
    return Math.abs(alter) > 1 ? written : new WrittenPitch(step, alter, octave);
  }

  /** A head that is not in the part, such as a guide note. */
  Note head(SoundingPitch pitch, int near, Optional<Finger> finger, OptionalInt string) {
    WrittenPitch written =
        Spelling.written(pitch, instrument(), passage().transposition(), key(near));
    return Note.of(written).withFingering(finger, string);
  }

  /** The open string. */
  Note open(int string, int near) {
    return head(instrument().open(string), near, Optional.of(Finger.OPEN), OptionalInt.of(string));
  }

  /** The open strings that a note lies on, lowest first. */
  List<Note> openStrings(int note) {
    return placement(note).stops().stream()
        .map(s -> open(s.string(), note))
        .sorted(Comparator.comparing(Note::written))
        .toList();
  }

  SoundingPitch sounding(WrittenPitch written) {
    return instrument().sounding(written, passage().transposition());
  }

  String dynamic(int number) {
    return LevelSigns.nearest(brief.levels().printed(number));
  }

  double level(int number) {
    return brief.levels().printed(number);
  }

  /** The next note with which a beat begins, or the last one. */
  int nextBeat(int note) {
    int to = Math.min(count() - 1, note);
    while (to + 1 < count() && !beginsBeat(to)) {
      to++;
    }
    return to;
  }

  /** Whether a beat begins with a note. */
  boolean beginsBeat(int note) {
    return brief.reading().beats().begins(note);
  }

  /** Notes that take time among some. */
  List<Integer> timed(Span notes) {
    List<Integer> timed = new ArrayList<>();
    for (int i = notes.first(); i <= notes.last(); i++) {
      if (!note(i).isGrace() && !placement(i).isLeftOut()) {
        timed.add(i);
      }
    }
    return timed;
  }

  boolean isPlayable(int number) {
    return number >= 0 && number < count() && !placement(number).isLeftOut();
  }
}
