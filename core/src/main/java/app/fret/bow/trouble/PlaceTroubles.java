package app.fret.bow.trouble;

import static app.fret.bow.trouble.BowTroubles.words;

import app.fret.bow.search.BowedPath;
import app.fret.bow.stroke.BowPlace;
import app.fret.bow.stroke.BowSpeeds;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.stroke.Way;
import app.fret.bow.trouble.BowTrouble.Kind;
import app.fret.score.BowDirection;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Troubles of where on the bow a stroke starts and ends. */
final class PlaceTroubles {
  private static final double WEAK = 0.45;
  private static final double STRONG = 0.6;
  private static final double FADES = 1.5;
  private static final double AT_THE_FROG = 0.1;
  private static final double AT_THE_TIP = 0.9;

  /** Of its usual amount, what a stroke has that saves nothing. */
  private static final double SPENT = 0.9;

  /** What stays free at the end of the hair when a start is moved, in shares of it. */
  private static final double SPARE = 0.03;

  private final BowedPath path;
  private final BowTroubles.Found found;

  PlaceTroubles(BowedPath path, BowTroubles.Found found) {
    this.path = path;
    this.found = found;
  }

  void lookAt(int stroke) {
    lookAtAccent(stroke);
    lookAtEnd(stroke);
    lookAtRoom(stroke);
  }

  private Mend mend(int stroke, String words, StrokeDecision... decisions) {
    List<StrokeAt> all = new ArrayList<>();
    for (StrokeDecision decision : decisions) {
      all.add(BowTroubles.on(path.line(), path.first(stroke).number(), decision));
    }
    List<StrokeAt> freed = new ArrayList<>();
    OptionalDouble place = path.draft(stroke).demand().place();
    if (place.isPresent()) {
      StrokeDecision decided = StrokeDecision.at(place.getAsDouble());
      freed.add(BowTroubles.on(path.line(), path.first(stroke).number(), decided));
    }
    return new Mend(words, all, freed);
  }

  private void lookAtAccent(int stroke) {
    Draft draft = path.draft(stroke);
    Way way = path.way(stroke);
    double strength = draft.demand().strengths().at(way.direction(), way.start());
    if (draft.demand().accent() == 0 || strength >= WEAK) {
      return;
    }
    double strong = strong(draft, way.direction(), way.start());
    Mend elsewhere =
        mend(
            stroke,
            words("Save before it, so that it starts at %.2f.", strong),
            StrokeDecision.at(strong));
    if (spentBefore(stroke)) {
      found.add(
          Kind.SPENDS_TOO_SOON,
          stroke,
          words(
              "The loud notes before it spend the bow; the accent is left with %.2f, a weak place.",
              way.start()),
          List.of(elsewhere));
      return;
    }
    Act other = way.isUp() ? Act.DOWN : Act.UP;
    Mend turned =
        mend(
            stroke,
            way.isUp() ? "Take it on a down-bow." : "Take it on an up-bow.",
            StrokeDecision.of(other),
            StrokeDecision.at(strong(draft, turned(way.direction()), way.start())));
    Mend moved =
        mend(
            stroke,
            "Start it " + BowPlace.words(strong) + ", where it is strong.",
            StrokeDecision.at(strong));
    found.add(
        Kind.WEAK_PLACE,
        stroke,
        "The accent falls " + BowPlace.words(way.start()) + ", a weak place.",
        way.isUp() ? List.of(turned, moved) : List.of(moved, turned));
  }

  private static BowDirection turned(BowDirection direction) {
    return direction == BowDirection.UP ? BowDirection.DOWN : BowDirection.UP;
  }

  /**
   * The place nearest to where it starts that is strong enough and from which the stroke has the
   * bow it needs.
   */
  private double strong(Draft draft, BowDirection direction, double start) {
    double needed = draft.slowestCm() / path.line().hairCm() + SPARE;
    double best = 0.5;
    double nearest = Double.POSITIVE_INFINITY;
    for (int twentieth = 1; twentieth <= 19; twentieth++) {
      double place = twentieth / 20.0;
      double room = direction == BowDirection.UP ? place : 1 - place;
      boolean isStrong = draft.demand().strengths().at(direction, place) >= STRONG;
      if (room >= needed && isStrong && Math.abs(place - start) < nearest) {
        nearest = Math.abs(place - start);
        best = place;
      }
    }
    return best;
  }

  /** Whether what comes before, back to the last lift or rest, is loud, unmarked and unsaved. */
  private boolean spentBefore(int stroke) {
    int looked = 0;
    for (int i = stroke - 1; i >= 0 && looked < 4; i--) {
      Draft draft = path.draft(i);
      boolean loud = draft.demand().isLoud() && draft.demand().accent() == 0;
      if (!loud || path.cm(i) < SPENT * draft.targetCm() || path.restSeconds(i + 1) > 0) {
        return looked > 0 && loud && path.restSeconds(i + 1) == 0;
      }
      looked++;
      if (path.isMoved(i)) {
        break;
      }
    }
    return looked > 0;
  }

  private void lookAtEnd(int stroke) {
    Way way = path.way(stroke);
    double growth = path.draft(stroke).growth();
    if (way.isUp() && growth <= -FADES && way.end() < AT_THE_FROG) {
      found.add(
          Kind.FADES_AT_FROG,
          stroke,
          "It fades out " + BowPlace.words(way.end()) + ", where the bow is heavy.",
          List.of(mend(stroke, "Take it on a down-bow.", StrokeDecision.of(Act.DOWN))));
    }
    if (!way.isUp() && growth >= FADES && way.end() > AT_THE_TIP) {
      found.add(
          Kind.GROWS_AT_TIP,
          stroke,
          "It ends its growth " + BowPlace.words(way.end()) + ", where the bow is light.",
          List.of(mend(stroke, "Take it on an up-bow.", StrokeDecision.of(Act.UP))));
    }
  }

  private void lookAtRoom(int stroke) {
    if (stroke == 0 && path.draft(stroke).demand().place().isEmpty()) {
      return;
    }
    Draft draft = path.draft(stroke);
    Way way = path.way(stroke);
    double hairCm = path.line().hairCm();
    double left = (way.isUp() ? way.start() : 1 - way.start()) * hairCm;
    boolean fits = !BowSpeeds.runsOut(draft.slowestCm(), hairCm);
    if (path.isMoved(stroke) && draft.demand().place().isEmpty()
        || draft.slowestCm() <= left
        || !fits) {
      return;
    }
    double asked = Math.max(draft.targetCm(), draft.slowestCm());
    double room = Math.min(1, asked / hairCm + SPARE);
    double start = way.isUp() ? room : 1 - room;
    double rounded = Math.round(start * 100) / 100.0;
    found.add(
        Kind.NEXT_CANNOT_START,
        stroke,
        words(
            "It needs at least %.0f cm and has %.0f cm from where it starts.",
            draft.slowestCm(), left),
        List.of(
            mend(stroke, "Start it " + BowPlace.words(rounded) + ".", StrokeDecision.at(rounded)),
            mend(stroke, "Take the bow back before it.", StrokeDecision.of(Act.RETAKE))));
  }
}
