package app.fret.lefthand.advice;

import app.fret.instrument.Instrument;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Moment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A string that may sound unwanted, or not sound though it should.
 *
 * @param note number of the note
 * @param kind what threatens
 * @param words the danger in plain words
 * @param answer what a player does against it
 */
public record Hazard(int note, Kind kind, String words, String answer) {
  /** Kinds of hazard. */
  public enum Kind {
    /** A loud note on an inner string catches its neighbours. */
    CAUGHT_NEIGHBOUR,
    /** A flat finger clips an open string that should ring. */
    CLIPPED_OPEN_STRING,
    /** A string that is skipped is brushed. */
    BRUSHED_STRING
  }

  /** From here on neighbours are caught even in calm music: fortissimo. */
  private static final int VERY_LOUD = 8;

  static List<Hazard> of(Instrument instrument, List<Placement> path, List<Moment> moments) {
    List<Hazard> hazards = new ArrayList<>();
    for (int i = 0; i < path.size(); i++) {
      int note = i;
      Placement at = path.get(i);
      if (at.isLeftOut()) {
        continue;
      }
      caught(instrument, at, moments.get(i)).ifPresent(s -> hazards.add(caught(note, s)));
      clipped(at).ifPresent(s -> hazards.add(clipped(note, s)));
      if (i > 0 && !path.get(i - 1).isLeftOut() && !moments.get(i).comesAfterRest()) {
        brushed(path.get(i - 1), at).ifPresent(s -> hazards.add(brushed(note, s)));
      }
    }
    return hazards;
  }

  /** The inner string of a single note so loud that it catches its neighbours. */
  private static Optional<Integer> caught(Instrument instrument, Placement at, Moment moment) {
    int string = at.top().string();
    boolean inner = string > 1 && string < instrument.stringCount();
    boolean bowed = !moment.is(Moment.Sign.PLUCKED);
    boolean loud = moment.loudness() >= VERY_LOUD || (moment.isLoud() && moment.haste() >= 1);
    return at.isSingle() && inner && bowed && loud ? Optional.of(string) : Optional.empty();
  }

  private static Hazard caught(int note, int string) {
    return new Hazard(
        note,
        Kind.CAUGHT_NEIGHBOUR,
        "Loud on string " + Instrument.numeral(string) + ": the bow may catch the strings beside.",
        "Keep the arm in the middle of the plane; an outer string, or a resting finger that mutes"
            + " a neighbour, is safer.");
  }

  /** An open string of a chord beside a finger on the next lower string. */
  private static Optional<Integer> clipped(Placement at) {
    return at.stops().stream()
        .filter(Stop::isOpen)
        .map(Stop::string)
        .filter(open -> at.stops().stream().anyMatch(s -> s.isPressed() && s.string() == open + 1))
        .findFirst();
  }

  private static Hazard clipped(int note, int string) {
    return new Hazard(
        note,
        Kind.CLIPPED_OPEN_STRING,
        "Open string "
            + Instrument.numeral(string)
            + " should ring beside a finger on the next lower string.",
        "Set that finger upright, on its tip.");
  }

  /** A string that lies between two single notes. */
  private static Optional<Integer> brushed(Placement before, Placement at) {
    int from = before.top().string();
    int to = at.top().string();
    boolean skips = before.isSingle() && at.isSingle() && Math.abs(from - to) > 1;
    return skips ? Optional.of((from + to) / 2) : Optional.empty();
  }

  private static Hazard brushed(int note, int string) {
    return new Hazard(
        note,
        Kind.BRUSHED_STRING,
        "The crossing goes over string " + Instrument.numeral(string) + ", which may be brushed.",
        "Lighten the bow, or let a resting finger mute the string between.");
  }
}
