package app.fret.bow.trouble;

import static app.fret.bow.trouble.BowTroubles.words;

import app.fret.bow.plane.Planes;
import app.fret.bow.search.BowJoints;
import app.fret.bow.search.BowedPath;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowPlace;
import app.fret.bow.stroke.BowedNote;
import app.fret.bow.stroke.Decided;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.stroke.Way;
import app.fret.bow.trouble.BowTrouble.Kind;
import app.fret.score.BowDirection;
import java.util.List;
import java.util.Optional;

/** Troubles between one stroke and the next. */
final class JointTroubles {
  private static final double LEAP_SECONDS = 0.25;
  private static final double LEAP_FROM = 0.8;
  private static final double LEAP_TO = 0.5;
  private static final double MEZZO_FORTE = 6;
  private static final double USEFUL_RETAKE = 0.3;

  private final BowedPath path;
  private final Decided decided;
  private final BowTroubles.Found found;

  JointTroubles(BowedPath path, Decided decided, BowTroubles.Found found) {
    this.path = path;
    this.decided = decided;
    this.found = found;
  }

  void lookAt(int stroke) {
    if (stroke > 0) {
      lookAtLeap(stroke);
      lookAtRetake(stroke);
    }
  }

  private StrokeAt on(int stroke, StrokeDecision decision) {
    return BowTroubles.on(path.line(), path.first(stroke).number(), decision);
  }

  private void lookAtLeap(int stroke) {
    BowLine line = path.line();
    Way way = path.way(stroke);
    BowedNote before = line.note(path.draft(stroke).notes().first() - 1);
    int apart = path.draft(stroke).demand().leap();
    boolean quick = before.seconds() < LEAP_SECONDS;
    boolean loud = path.first(stroke).level() >= MEZZO_FORTE;
    if (apart < 2 || !quick || !loud || way.start() <= LEAP_FROM) {
      return;
    }
    double there = Planes.leapMm(line, way.start(), apart);
    double lower = Planes.leapMm(line, LEAP_TO, apart);
    found.add(
        Kind.WIDE_LEAP_AT_TIP,
        before.number(),
        path.first(stroke).number(),
        words(
            "A leap over a string in %.2f s %s: %.0f mm for the hand.",
            before.seconds(), BowPlace.words(way.start()), there),
        List.of(
            new Mend(
                words(
                    "Start it %s: %.0f mm. A neighbouring string spares the leap"
                        + " and changes the sound.",
                    BowPlace.words(LEAP_TO), lower),
                List.of(on(stroke, StrokeDecision.at(LEAP_TO))))));
  }

  /** Where the part or the player asks for two in one direction, or for a retake, without time. */
  private void lookAtRetake(int stroke) {
    int note = path.first(stroke).number();
    Way way = path.way(stroke);
    boolean asked = path.draft(stroke).before() == Draft.Joining.RETAKE;
    boolean printed =
        path.way(stroke - 1).direction() == way.direction()
            && isPrinted(stroke, way.direction())
            && isPrinted(stroke - 1, way.direction());
    boolean settled = decided.within(note, note, Act.HOOK, Act.TWO).isPresent();
    double needed = BowJoints.neededSeconds(USEFUL_RETAKE);
    double available = path.availableSeconds(stroke);
    if (!(asked || printed && !settled) || available >= needed) {
      return;
    }
    Mend hook = new Mend("Hook the two strokes.", List.of(on(stroke, StrokeDecision.of(Act.HOOK))));
    Mend leave =
        new Mend(
            "Leave the note before early.",
            List.of(
                BowTroubles.on(
                    path.line(), path.last(stroke - 1).number(), StrokeDecision.of(Act.SHORTEN))));
    boolean helps = 0.6 * path.last(stroke - 1).seconds() >= needed;
    found.add(
        Kind.NO_TIME_TO_RETAKE,
        path.last(stroke - 1).number(),
        note,
        words("Taking the bow back needs %.2f s; there are %.2f s.", needed, available),
        helps ? List.of(hook, leave) : List.of(hook));
  }

  private boolean isPrinted(int stroke, BowDirection direction) {
    return path.first(stroke).printed().equals(Optional.of(direction));
  }
}
