package app.fret.lefthand;

import app.fret.lefthand.advice.Advice;
import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.PlayedNote;
import java.util.List;
import java.util.function.Supplier;

/**
 * A fingering of a whole passage with its reasons.
 *
 * @param profile what it was made to be good for
 * @param effort total effort
 * @param notes one entry a note, in order
 * @param shifts the shifts, in order
 * @param totals figures of the whole
 * @param advice what helps to play it, and what to be careful with
 */
public record LeftHandPlan(
    Profile profile,
    double effort,
    List<NotePlan> notes,
    List<Shift> shifts,
    Totals totals,
    Advice advice) {

  public LeftHandPlan {
    notes = List.copyOf(notes);
    shifts = List.copyOf(shifts);
  }

  /**
   * How one note is taken.
   *
   * @param note the note
   * @param placement strings, fingers and hand
   * @param said works out {@link #reasons()}
   * @param others works out {@link #otherWays()}
   */
  public record NotePlan(
      PlayedNote note,
      Placement placement,
      Supplier<List<Reason>> said,
      Supplier<List<OtherWay>> others) {
    /** Effort of being there and of getting there from the note before. */
    public double effort() {
      return reasons().stream().mapToDouble(Reason::effort).sum();
    }

    /** What that effort is made of, largest first, gains included. */
    public List<Reason> reasons() {
      return said.get();
    }

    /** The other strings and fingers it could have, cheapest first. */
    public List<OtherWay> otherWays() {
      return others.get();
    }
  }

  /**
   * Another way to take a note.
   *
   * @param placement its strings, its fingers and the hand
   * @param extraEffort what the best plan with it costs more than the best plan of all, exactly
   * @param whyNot works out why
   */
  public record OtherWay(
      Placement placement, double extraEffort, Supplier<List<Difference>> whyNot) {
    /** Why it costs more, largest difference first; together the shares are the extra effort. */
    public List<Difference> why() {
      return whyNot.get();
    }

    /** Its strings and fingers, lowest note first. */
    public List<Stop> stops() {
      return placement.stops();
    }
  }

  /** Notes that no hand can hold and that were left out. */
  public List<PlayedNote> leftOut() {
    return notes.stream().filter(n -> n.placement().isLeftOut()).map(NotePlan::note).toList();
  }
}
