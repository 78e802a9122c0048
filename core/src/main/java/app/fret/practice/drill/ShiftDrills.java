package app.fret.practice.drill;

import static app.fret.practice.drill.Piece.EIGHTH;
import static app.fret.practice.drill.Piece.HALF;
import static app.fret.practice.drill.Piece.QUARTER;
import static app.fret.practice.drill.Piece.WHOLE;

import app.fret.instrument.Habits.Guide;
import app.fret.lefthand.Shift;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Finger;
import app.fret.score.Note;
import app.fret.score.SoundingPitch;
import app.fret.score.Span;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.apache.commons.numbers.fraction.Fraction;

/** Drills for one move of the hand. */
final class ShiftDrills {
  private static final Fraction THREE_EIGHTHS = Fraction.of(3, 8);

  private ShiftDrills() {}

  /** A shift with the notes around it. */
  private record Move(DrillSource source, Shift shift) {
    Piece from(Fraction length) {
      return source.plain(shift.fromNote()).lasting(length);
    }

    Piece to(Fraction length) {
      return source.plain(shift.toNote()).lasting(length);
    }

    Piece guide(Fraction length) {
      return Piece.of(shift.fromNote(), List.of(guideHead()), length);
    }

    /** The guide of the player's school, with the finger and string it is stopped with. */
    private Note guideHead() {
      Stop leaving = shift.leaving().top();
      Stop landing = shift.landing().top();
      boolean byLeaving = isByLeavingFinger();
      Stop stop = byLeaving ? leaving : landing;
      SoundingPitch pitch = byLeaving ? shift.guides().departing() : shift.guides().arriving();
      Finger finger = stop.finger();
      return source.head(
          pitch, shift.fromNote(), Optional.of(finger), OptionalInt.of(stop.string()));
    }

    /** Only a finger that stays on the string of arrival can carry the hand along it. */
    private boolean isByLeavingFinger() {
      Stop leaving = shift.leaving().top();
      Stop landing = shift.landing().top();
      Guide school = source.brief().player().habits().guide();
      boolean leavingIsLower = leaving.finger().rank() <= landing.finger().rank();
      boolean isWanted =
          school == Guide.DEPARTING_FINGER || school == Guide.LOWER_FINGER && leavingIsLower;
      return isWanted && isOnOneString();
    }

    boolean isOnOneString() {
      return shift.leaving().top().string() == shift.landing().top().string();
    }

    /** Whether there is a note to slide by: none that is open, or the landing itself. */
    boolean hasGuide() {
      Stop carrying = (isByLeavingFinger() ? shift.leaving() : shift.landing()).top();
      List<Note> landing = source.heads(shift.toNote());
      return !carrying.isOpen()
          && !guideHead().written().equals(landing.get(landing.size() - 1).written());
    }

    /** Whether the bow goes on over the shift. */
    boolean isSlurred() {
      return source.bow().strokeOf(shift.fromNote()) == source.bow().strokeOf(shift.toNote());
    }

    Piece rest(Fraction length, String words) {
      return Piece.rest(shift.toNote(), length).saying(words);
    }
  }

  /** The hardest shift that lands among some notes. */
  private static Optional<Move> move(DrillSource source, Span notes) {
    return source.leftHand().shifts().stream()
        .filter(s -> notes.holds(s.toNote()))
        .filter(s -> s.leaving().usesHand() && s.landing().usesHand())
        .max(Comparator.comparingDouble(Shift::bits))
        .map(s -> new Move(source, s));
  }

  /** Fills a sheet with a shift. */
  private interface Filling {
    void put(Move move, Sheet sheet);
  }

  /** A drill by way of the guide note, where there is one. */
  private static Optional<DrillMusic> guided(DrillSource source, Span notes, Filling filling) {
    return move(source, notes).filter(Move::hasGuide).isPresent()
        ? made(source, notes, filling)
        : Optional.empty();
  }

  private static Optional<DrillMusic> made(DrillSource source, Span notes, Filling filling) {
    return move(source, notes)
        .map(
            move -> {
              Sheet sheet = new Sheet(source, move.shift().fromNote(), true);
              filling.put(move, sheet);
              return sheet.finish();
            });
  }

  static Optional<DrillMusic> guideSlide(DrillSource source, Span notes) {
    return guided(
        source,
        notes,
        (m, sheet) -> {
          slide(m, sheet, HALF, HALF, WHOLE, "slow");
          slide(m, sheet, QUARTER, QUARTER, HALF, "medium");
          slide(m, sheet, THREE_EIGHTHS, EIGHTH, HALF, "fast");
          sheet.add(m.from(HALF).slurred(m.isSlurred()).saying("as in the music"));
          sheet.add(m.to(HALF));
        });
  }

  /** One finger carries the hand, so the bow turns where the music turns it: at the landing. */
  private static void slide(
      Move move, Sheet sheet, Fraction from, Fraction guide, Fraction to, String words) {
    sheet.add(move.from(from).slurred(move.isOnOneString()).saying(words));
    sheet.add(move.guide(guide).slurred(move.isSlurred() && move.isOnOneString()));
    sheet.add(move.to(to));
  }

  static Optional<DrillMusic> guideAndBack(DrillSource source, Span notes) {
    return guided(
        source,
        notes,
        (m, sheet) -> {
          for (int i = 0; i < 2; i++) {
            boolean slurs = m.isOnOneString();
            sheet.add(m.from(QUARTER).slurred(slurs));
            sheet.add(m.guide(QUARTER).slurred(slurs));
            sheet.add(m.from(QUARTER).slurred(slurs));
            sheet.add(m.guide(QUARTER).slurred(slurs && m.isSlurred()));
            sheet.add(m.to(HALF));
            sheet.add(m.rest(HALF, "check"));
          }
        });
  }

  static Optional<DrillMusic> guideSilent(DrillSource source, Span notes) {
    return guided(
        source,
        notes,
        (m, sheet) -> {
          sheet.add(m.from(HALF));
          sheet.add(m.rest(QUARTER, "to the guide, silent"));
          sheet.add(m.guide(QUARTER).saying("check"));
          sheet.add(m.from(HALF));
          sheet.add(m.rest(QUARTER, "to the guide, silent"));
          sheet.add(Piece.rest(m.shift().toNote(), QUARTER));
          sheet.add(m.to(WHOLE));
        });
  }

  static Optional<DrillMusic> stopAndShift(DrillSource source, Span notes) {
    return made(
        source,
        notes,
        (m, sheet) -> {
          for (Fraction stop : List.of(HALF, QUARTER, EIGHTH)) {
            sheet.add(m.from(HALF));
            sheet.add(m.rest(stop, "stop, shift"));
            sheet.add(m.to(HALF.add(HALF.subtract(stop))));
            sheet.add(m.rest(HALF, "check"));
          }
        });
  }

  static Optional<DrillMusic> thereAndBack(DrillSource source, Span notes) {
    return made(
        source,
        notes,
        (m, sheet) -> {
          for (Fraction length : List.of(HALF, QUARTER, EIGHTH)) {
            for (int i = 0; i < 2; i++) {
              sheet.add(m.from(length).slurred(m.isSlurred()));
              sheet.add(m.to(length));
            }
          }
          sheet.endBar();
        });
  }

  static Optional<DrillMusic> frameLanding(DrillSource source, Span notes) {
    return made(
        source,
        notes,
        (m, sheet) -> {
          for (int i = 0; i < 2; i++) {
            sheet.add(m.from(HALF));
            sheet.add(m.rest(HALF, "land in silence, all fingers"));
            sheet.add(m.to(HALF));
            sheet.add(m.rest(HALF, "leave, and again"));
          }
        });
  }
}
