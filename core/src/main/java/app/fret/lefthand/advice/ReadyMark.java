package app.fret.lefthand.advice;

import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Moment;
import java.util.ArrayList;
import java.util.List;

/**
 * A finger that can stand on its place before its note.
 *
 * @param note number of the note
 * @param fromNote number of the note during which the finger is free to go there
 * @param secondsAhead how long before its note, in s at the target tempo
 */
public record ReadyMark(int note, int fromNote, double secondsAhead) {
  static List<ReadyMark> of(List<Placement> path, List<Moment> moments) {
    List<ReadyMark> marks = new ArrayList<>();
    for (int note = 1; note < path.size(); note++) {
      Placement at = path.get(note);
      if (!at.isSingle() || !at.top().isPressed()) {
        continue;
      }
      int from = note;
      double seconds = 0;
      while (from > 0 && isFree(path.get(from - 1), at)) {
        from--;
        seconds += moments.get(from).lengthSeconds() + moments.get(from + 1).silenceSeconds();
      }
      if (from < note) {
        marks.add(new ReadyMark(note, from, seconds));
      }
    }
    return marks;
  }

  /** Whether the finger can go to its place while another note sounds. */
  private static boolean isFree(Placement meanwhile, Placement at) {
    Stop wanted = at.top();
    if (meanwhile.isLeftOut() || meanwhile.hand() != at.hand()) {
      return false;
    }
    for (Stop stop : meanwhile.stops()) {
      boolean busy = stop.finger() == wanted.finger();
      boolean wouldSound =
          stop.string() == wanted.string()
              && (stop.isOpen() || stop.isHarmonic() || stop.place() <= wanted.place());
      if (busy || wouldSound) {
        return false;
      }
    }
    return true;
  }
}
