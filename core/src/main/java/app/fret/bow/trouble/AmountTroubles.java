package app.fret.bow.trouble;

import static app.fret.bow.trouble.BowTroubles.words;

import app.fret.bow.search.BowJoints;
import app.fret.bow.search.BowedPath;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowSpeeds;
import app.fret.bow.stroke.BowedNote;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.stroke.Way;
import app.fret.bow.trouble.BowTrouble.Kind;
import java.util.ArrayList;
import java.util.List;

/** Troubles of how much bow there is. */
final class AmountTroubles {
  /** Of the hair, what a piece of a stroke that was cut may need at its slowest. */
  private static final double COMFORTABLE = 0.9;

  private static final double MEZZO_FORTE = 6;
  private static final double LEAST_SHARE_CM = 0.35;

  private final BowedPath path;
  private final BowTroubles.Found found;

  AmountTroubles(BowedPath path, BowTroubles.Found found) {
    this.path = path;
    this.found = found;
  }

  void lookAt(int stroke) {
    Draft draft = path.draft(stroke);
    double hairCm = path.line().hairCm();
    double cell = hairCm / (Way.PLACES - 1);
    double cm = path.cm(stroke);
    if (BowSpeeds.runsOut(draft.slowestCm(), hairCm)) {
      String text =
          words(
              "Even at its slowest the stroke needs %.0f cm; the bow has %.0f cm.",
              draft.slowestCm(), hairCm);
      found.add(Kind.RUNS_OUT, stroke, text, List.of(cut(stroke)));
    } else if (cm < draft.slowestCm() - cell || cm > draft.fastestCm() + cell) {
      String text =
          words(
              "%.0f cm in %.2f s lies outside what this level can do, %.0f to %.0f cm.",
              cm, draft.seconds(), draft.slowestCm(), draft.fastestCm());
      found.add(Kind.BEYOND_SPEED, stroke, text, moreRoom(stroke));
    }
    lookAtShares(stroke);
  }

  private void lookAtShares(int stroke) {
    Draft draft = path.draft(stroke);
    double least = Double.POSITIVE_INFINITY;
    for (double share : draft.shares()) {
      least = Math.min(least, share * path.cm(stroke));
    }
    boolean loud = path.first(stroke).level() >= MEZZO_FORTE;
    if (path.first(stroke).number() < path.last(stroke).number()
        && loud
        && least < LEAST_SHARE_CM) {
      String text = words("A note of the slur has %.1f cm of bow.", least);
      found.add(Kind.TOO_MANY_NOTES, stroke, text, List.of(cut(stroke)));
    }
  }

  private List<Mend> moreRoom(int stroke) {
    List<Mend> mends = new ArrayList<>();
    double least = BowJoints.neededSeconds(0);
    if (stroke > 0 && path.availableSeconds(stroke) >= least) {
      StrokeAt back =
          BowTroubles.on(path.line(), path.first(stroke).number(), StrokeDecision.of(Act.RETAKE));
      mends.add(new Mend("Take the bow back before it.", List.of(back)));
    }
    mends.add(cut(stroke));
    return mends;
  }

  /** Changes the bow as often as it must, on the beats. */
  private Mend cut(int stroke) {
    Draft draft = path.draft(stroke);
    int first = path.first(stroke).number();
    int last = path.last(stroke).number();
    double needed = draft.slowestCm() / (COMFORTABLE * path.line().hairCm());
    int pieces = (int) Math.max(2, Math.ceil(needed));
    if (first == last) {
      return new Mend(
          "Change the bow inside it, on the beat.",
          List.of(BowTroubles.on(path.line(), first, StrokeDecision.of(Act.CHANGE_INSIDE))));
    }
    List<StrokeAt> cuts = new ArrayList<>();
    StringBuilder where = new StringBuilder();
    List<Integer> starts = cuts(draft, pieces);
    for (int note : starts) {
      cuts.add(BowTroubles.on(path.line(), note - 1, StrokeDecision.of(Act.SPLIT)));
      where.append(where.isEmpty() ? "" : " and at its note ").append(note - first + 1);
    }
    String inside = "";
    for (int note = first; note <= last; note++) {
      if (fillsABow(note)) {
        cuts.add(BowTroubles.on(path.line(), note, StrokeDecision.of(Act.CHANGE_INSIDE)));
        inside = ", and inside its long notes";
      }
    }
    return new Mend("Change the bow at its note " + where + inside + ".", cuts);
  }

  /** Whether a note alone needs more than the hair there is. */
  private boolean fillsABow(int note) {
    BowedNote whole = path.line().first(note);
    double slowest = BowSpeeds.slowestCmPerSecond(whole.played());
    double seconds = path.line().brief().timeline().lengthSeconds(note);
    return seconds * slowest > COMFORTABLE * path.line().hairCm();
  }

  /** Numbers of the notes with which new strokes begin: near equal times, on beats where it can. */
  private List<Integer> cuts(Draft draft, int pieces) {
    List<Integer> notes = new ArrayList<>();
    for (int k = 1; k < pieces; k++) {
      int note = nearest(draft, draft.seconds() * k / pieces);
      if (!notes.contains(note)) {
        notes.add(note);
      }
    }
    return notes;
  }

  private int nearest(Draft draft, double seconds) {
    BowLine line = path.line();
    double time = 0;
    double best = Double.POSITIVE_INFINITY;
    int found = draft.notes().last();
    for (int i = draft.notes().first(); i <= draft.notes().last(); i++) {
      BowedNote note = line.note(i);
      if (i > draft.notes().first() && !note.isInside()) {
        double offBeat = note.stress() >= BowedNote.BEAT ? 0 : draft.seconds() / 4;
        double off = Math.abs(time - seconds) + offBeat;
        if (off < best) {
          best = off;
          found = i;
        }
      }
      time += note.seconds();
    }
    return line.note(found).number();
  }
}
