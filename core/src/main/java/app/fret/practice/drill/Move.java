package app.fret.practice.drill;

import app.fret.instrument.Habits.Guide;
import app.fret.lefthand.Shift;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.BowDirection;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.apache.commons.numbers.fraction.Fraction;

/** A shift as a drill needs it: its two notes with their bows, and the guide between them. */
record Move(DrillSource source, Shift shift) {
  private static final int MOST_VOICES = 2;

  Piece from(Fraction length) {
    return bowed(shift.fromNote(), length, Optional.of(directionOf(shift.fromNote())));
  }

  /** In the bow of the note before, or in its own. */
  Piece to(Fraction length) {
    Optional<BowDirection> sign =
        isSlurred() ? Optional.empty() : Optional.of(directionOf(shift.toNote()));
    return bowed(shift.toNote(), length, sign);
  }

  private Piece bowed(int note, Fraction length, Optional<BowDirection> sign) {
    return source.plain(note).lasting(length).marked(Marks.NONE.withBow(sign));
  }

  private BowDirection directionOf(int note) {
    return source.stroke(note).direction();
  }

  Piece guide(Fraction length) {
    return Piece.of(shift.fromNote(), guide().orElseThrow(), length);
  }

  /**
   * The guide of the player's school, one head for each voice, with the finger and string that
   * stops it. Empty where nothing leads: over more than a neighbouring string, between one voice
   * and two, for an open string, and where the guide would be the landing itself.
   */
  Optional<List<Note>> guide() {
    List<Stop> leaving = shift.leaving().stops();
    List<Stop> landing = shift.landing().stops();
    if (leaving.size() != landing.size()
        || landing.size() > MOST_VOICES
        || landing.size() > 1 && !isOnItsStrings()
        || Math.abs(leaving.get(0).string() - landing.get(0).string()) > 1) {
      return Optional.empty();
    }
    List<Stop> carrying = carrying().stops();
    if (carrying.stream().anyMatch(Stop::isOpen)) {
      return Optional.empty();
    }
    List<Note> heads = heads(carrying);
    return isLanding(heads) ? Optional.empty() : Optional.of(heads);
  }

  private boolean isLanding(List<Note> heads) {
    return heads.stream()
        .map(Note::written)
        .toList()
        .equals(source.heads(shift.toNote()).stream().map(Note::written).toList());
  }

  /** The voices keep their distance while the frame travels. */
  private List<Note> heads(List<Stop> carrying) {
    boolean byLeaving = isByLeavingFinger();
    SoundingPitch top = byLeaving ? shift.guides().departing() : shift.guides().arriving();
    int note = byLeaving ? shift.fromNote() : shift.toNote();
    List<Note> played = source.heads(note);
    int moved = top.midi() - source.sounding(played.get(played.size() - 1).written()).midi();
    List<Note> heads = new ArrayList<>();
    for (int i = 0; i < carrying.size(); i++) {
      Stop stop = carrying.get(i);
      int midi = source.sounding(played.get(i).written()).midi() + moved;
      WrittenPitch before = source.heads(shift.fromNote()).get(i).written();
      heads.add(
          Note.of(source.passing(new SoundingPitch(midi), before, shift.fromNote()))
              .withFingering(Optional.of(stop.finger()), OptionalInt.of(stop.string())));
    }
    return heads;
  }

  private Placement carrying() {
    return isByLeavingFinger() ? shift.leaving() : shift.landing();
  }

  /** Only a finger that stays on the string of arrival can carry the hand along it. */
  private boolean isByLeavingFinger() {
    Stop leaving = shift.leaving().top();
    Stop landing = shift.landing().top();
    Guide school = source.brief().player().habits().guide();
    boolean leavingIsLower = leaving.finger().rank() <= landing.finger().rank();
    boolean isWanted =
        school == Guide.DEPARTING_FINGER || school == Guide.LOWER_FINGER && leavingIsLower;
    return isWanted && isOnItsStrings();
  }

  /** Whether both notes lie on the same string or strings. */
  boolean isOnItsStrings() {
    return strings(shift.leaving()).equals(strings(shift.landing()));
  }

  private static List<Integer> strings(Placement placement) {
    return placement.stops().stream().map(Stop::string).toList();
  }

  /** Whether the bow goes on over the shift. */
  boolean isSlurred() {
    return source.bow().strokeOf(shift.fromNote()) == source.bow().strokeOf(shift.toNote());
  }

  Piece rest(Fraction length, String words) {
    return Piece.rest(shift.toNote(), length).saying(words);
  }
}
