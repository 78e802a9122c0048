package app.fret.bow;

import app.fret.bow.BowTrouble.Kind;
import app.fret.score.BowDirection;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Finds where a planned bow gets into trouble, and what would mend it (common practice). */
final class BowTroubles {
  private static final double RUNS_OUT = 0.98;
  private static final double WEAK = 0.45;
  private static final double FADES = 1.5;
  private static final double AT_THE_FROG = 0.1;
  private static final double AT_THE_TIP = 0.9;
  private static final double LEAP_SECONDS = 0.25;
  private static final double LEAP_FROM = 0.8;
  private static final double MEZZO_FORTE = 6;
  private static final double LEAST_SHARE_CM = 0.35;
  private static final double TO_ARCO_SECONDS = 0.5;
  private static final double TO_PLUCKED_SECONDS = 0.35;
  private static final double OF_PLUCKED_NOTE = 0.3;
  private static final double DRIFT_OF_HAIR = 0.5;
  private static final int FEWEST_REPEATS = 2;
  private static final double USEFUL_RETAKE = 0.3;

  private final BowLine line;
  private final List<Draft> drafts;
  private final List<Way> ways;
  private final BowJoints joints;
  private final List<BowTrouble> found = new ArrayList<>();

  BowTroubles(BowLine line, List<Draft> drafts, List<Way> ways, BowJoints joints) {
    this.line = line;
    this.drafts = drafts;
    this.ways = ways;
    this.joints = joints;
  }

  /** All troubles in the order of the music. */
  List<BowTrouble> find() {
    for (int i = 0; i < drafts.size(); i++) {
      lookAtAmount(i);
      lookAtPlace(i);
      lookAtRange(i);
      lookAtJoint(i);
    }
    lookAtDrift();
    lookAtPluckedChanges();
    found.sort((one, other) -> Integer.compare(one.firstNote(), other.firstNote()));
    return found;
  }

  private void add(Kind kind, int first, int last, String text, String mend) {
    found.add(new BowTrouble(kind, first, last, text, mend));
  }

  private void add(Kind kind, int stroke, String text, String mend) {
    Draft draft = drafts.get(stroke);
    add(kind, draft.notes().first(), draft.notes().last(), text, mend);
  }

  private static String words(String format, Object... figures) {
    return String.format(Locale.ROOT, format, figures);
  }

  private double cm(int stroke) {
    return ways.get(stroke).amount() * line.hairCm();
  }

  private void lookAtAmount(int stroke) {
    Draft draft = drafts.get(stroke);
    double cell = line.hairCm() / (BowSearch.PLACES - 1);
    if (draft.slowestCm() > RUNS_OUT * line.hairCm()) {
      add(
          Kind.RUNS_OUT,
          stroke,
          words(
              "Even at its slowest the stroke needs %.0f cm; the bow has %.0f cm.",
              draft.slowestCm(), line.hairCm()),
          "Change the bow " + onTheBeatInside(draft) + ".");
    } else if (cm(stroke) < draft.slowestCm() - cell || cm(stroke) > draft.fastestCm() + cell) {
      add(
          Kind.BEYOND_SPEED,
          stroke,
          words(
              "%.0f cm in %.2f s lies outside what this level can do, %.0f to %.0f cm.",
              cm(stroke), draft.seconds(), draft.slowestCm(), draft.fastestCm()),
          "Take the bow back before it, or change the bow " + onTheBeatInside(draft) + ".");
    }
    double leastShare = Double.POSITIVE_INFINITY;
    for (double share : draft.shares()) {
      leastShare = Math.min(leastShare, share * cm(stroke));
    }
    boolean loud = line.note(draft.notes().first()).level() >= MEZZO_FORTE;
    if (draft.shares().length > 1 && loud && leastShare < LEAST_SHARE_CM) {
      add(
          Kind.TOO_MANY_NOTES,
          stroke,
          words("A note of the slur has %.1f cm of bow.", leastShare),
          "Change the bow " + onTheBeatInside(draft) + ".");
    }
  }

  /** The note on a beat nearest to the middle of the stroke, or its middle. */
  private String onTheBeatInside(Draft draft) {
    double middle = draft.seconds() / 2;
    double time = 0;
    int best = -1;
    double nearest = Double.POSITIVE_INFINITY;
    for (int i = draft.notes().first(); i <= draft.notes().last(); i++) {
      boolean onBeat = line.note(i).stress() >= BowedNote.BEAT;
      if (i > draft.notes().first() && onBeat && Math.abs(time - middle) < nearest) {
        best = i;
        nearest = Math.abs(time - middle);
      }
      time += line.note(i).seconds();
    }
    if (best < 0) {
      return "on a beat inside it";
    }
    return "at its note " + (best - draft.notes().first() + 1) + ", on the beat";
  }

  private void lookAtPlace(int stroke) {
    Draft draft = drafts.get(stroke);
    Way way = ways.get(stroke);
    BowedNote first = line.note(draft.notes().first());
    double strength =
        BowParts.strength(line.brief().player().instrument(), way.direction(), way.start());
    if (first.accent() > 0 && strength < WEAK) {
      add(
          Kind.WEAK_PLACE,
          stroke,
          words("The accent falls at %.2f of the bow, a weak place.", way.start()),
          way.isUp() ? "Take it on a down-bow." : "Take the bow back before it.");
    }
    double growth = draft.growth(line);
    if (way.isUp() && growth <= -FADES && way.end() < AT_THE_FROG) {
      add(
          Kind.FADES_AT_FROG,
          stroke,
          words("It fades to %.2f of the bow, at the heavy frog.", way.end()),
          "Take it on a down-bow.");
    }
    if (!way.isUp() && growth >= FADES && way.end() > AT_THE_TIP) {
      add(
          Kind.GROWS_AT_TIP,
          stroke,
          words("It grows to %.2f of the bow, at the light tip.", way.end()),
          "Take it on an up-bow.");
    }
  }

  /** Once for each run of strokes of one kind. */
  private void lookAtRange(int stroke) {
    Draft draft = drafts.get(stroke);
    boolean goesOn = stroke > 0 && isOutside(stroke - 1) && isLike(stroke - 1, stroke);
    if (isOutside(stroke) && !goesOn) {
      boolean slow = draft.perSecond() < draft.kind().slowestPerSecond();
      add(
          Kind.OUTSIDE_STROKE_RANGE,
          stroke,
          words(
              "%s at %.1f notes a second; it speaks from %.0f to %.0f.",
              capitalised(draft.kind().words()),
              draft.perSecond(),
              draft.kind().slowestPerSecond(),
              draft.kind().fastestPerSecond()),
          slow ? "Play it short on the string." : "Play it on the string, or slur it in pairs.");
    }
  }

  private static String capitalised(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  private boolean isLike(int one, int other) {
    return drafts.get(one).kind() == drafts.get(other).kind();
  }

  /** Grace notes are as short as they are and speak as part of their note. */
  private boolean isOutside(int stroke) {
    Draft draft = drafts.get(stroke);
    if (line.brief().notes().get(draft.notes().first()).isGrace()) {
      return false;
    }
    return draft.perSecond() > draft.kind().fastestPerSecond()
        || draft.perSecond() < draft.kind().slowestPerSecond();
  }

  private void lookAtJoint(int stroke) {
    if (stroke == 0) {
      return;
    }
    Draft draft = drafts.get(stroke);
    Way way = ways.get(stroke);
    Way before = ways.get(stroke - 1);
    int note = draft.notes().first();
    int apart = Math.abs(line.note(note).topString() - line.note(note - 1).topString());
    boolean quick = line.note(note - 1).seconds() < LEAP_SECONDS;
    boolean loud = line.note(note).level() >= MEZZO_FORTE;
    if (apart > 1 && quick && loud && way.start() > LEAP_FROM) {
      add(
          Kind.WIDE_LEAP_AT_TIP,
          note - 1,
          note,
          words(
              "A leap over a string in %.2f s at %.2f of the bow: %.0f mm for the hand.",
              line.note(note - 1).seconds(), way.start(), Planes.leapMm(line, way.start(), apart)),
          "Begin it lower on the bow, or take a neighbouring string.");
    }
    boolean sameWay = before.direction() == way.direction();
    boolean printed =
        isPrinted(note, way.direction())
            && isPrinted(drafts.get(stroke - 1).notes().first(), way.direction());
    double needed = BowJoints.neededSeconds(USEFUL_RETAKE);
    if (sameWay && printed && joints.availableSeconds(stroke) < needed) {
      add(
          Kind.NO_TIME_TO_RETAKE,
          note - 1,
          note,
          words(
              "Taking the bow back needs %.2f s; there are %.2f s.",
              needed, joints.availableSeconds(stroke)),
          "Hook the two strokes, or take the second the other way.");
    }
    lookAtRoom(stroke, before, way);
  }

  private boolean isPrinted(int note, BowDirection direction) {
    return line.note(note).printed().equals(Optional.of(direction));
  }

  private void lookAtRoom(int stroke, Way before, Way way) {
    Draft draft = drafts.get(stroke);
    double left = (way.isUp() ? way.start() : 1 - way.start()) * line.hairCm();
    boolean moved = before.end() != way.start();
    if (!moved && draft.slowestCm() > left && draft.slowestCm() <= RUNS_OUT * line.hairCm()) {
      add(
          Kind.NEXT_CANNOT_START,
          stroke,
          words(
              "It needs at least %.0f cm and has %.0f cm from where the stroke before ends.",
              draft.slowestCm(), left),
          "Take the bow back before it, or begin the stroke before elsewhere.");
    }
  }

  /** A figure that comes back and each time leaves the bow further along. */
  private void lookAtDrift() {
    Figures figures = new Figures(line, drafts);
    for (int i = 0; i < drafts.size(); i++) {
      if (!figures.begins(i) || figures.repeats(i)) {
        continue;
      }
      int next = next(figures, i);
      int repeats = 0;
      int end = next;
      while (end < drafts.size() && figures.repeats(end)) {
        repeats++;
        end = next(figures, end);
      }
      double net = net(i, next);
      if (repeats >= FEWEST_REPEATS
          && Math.abs(net) * (repeats + 1) > DRIFT_OF_HAIR * line.hairCm()) {
        add(
            Kind.DRIFT,
            drafts.get(i).notes().first(),
            drafts.get(end - 1).notes().last(),
            words("Each time the figure moves the bow by %.1f cm, %d times.", net, repeats + 1),
            "Save bow on the longer strokes, spend on the shorter; or one lift where it ends.");
      }
    }
  }

  private int next(Figures figures, int stroke) {
    int next = stroke + 1;
    while (next < drafts.size() && !figures.begins(next)) {
      next++;
    }
    return next;
  }

  /** How far the strokes would carry the bow if each had what it would best have, in cm. */
  private double net(int from, int to) {
    double net = 0;
    for (int i = from; i < to; i++) {
      net += drafts.get(i).targetCm() * (ways.get(i).isUp() ? -1 : 1);
    }
    return net;
  }

  private void lookAtPluckedChanges() {
    for (int i = 1; i < line.notes().size(); i++) {
      BowedNote before = line.note(i - 1);
      BowedNote now = line.note(i);
      if (before.isPlucked() == now.isPlucked()) {
        continue;
      }
      double there = now.silenceSeconds() + OF_PLUCKED_NOTE * before.seconds();
      double needed = now.isPlucked() ? TO_PLUCKED_SECONDS : TO_ARCO_SECONDS;
      if (there < needed) {
        add(
            Kind.PLUCKED_CHANGE,
            i - 1,
            i,
            words(
                now.isPlucked()
                    ? "From the bow to plucking in %.2f s; it needs %.2f s."
                    : "From plucking to the bow in %.2f s; it needs %.2f s.",
                there,
                needed),
            "Shorten the note before, or pluck with the left hand.");
      }
    }
  }
}
