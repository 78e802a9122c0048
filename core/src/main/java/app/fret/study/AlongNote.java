package app.fret.study;

import app.fret.bow.stroke.BowSpeeds;
import app.fret.bow.stroke.Contact;
import app.fret.bow.stroke.Recipe;
import app.fret.bow.stroke.Stroke;
import app.fret.reading.PlayedNote;
import app.fret.reading.Technique;
import app.fret.score.Directions.Hairpin;
import app.fret.shape.Levels;
import app.fret.shape.OwnMarks;
import app.fret.vibrato.Vibrato;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A long note that grows or fades, seen along its length: level, speed of the bow, contact point
 * and vibrato at five points (common practice, no source). The speeds together make the amount of
 * bow that the note has in its stroke.
 *
 * @param note number of the note
 * @param points from its start to its end
 */
public record AlongNote(int note, List<Point> points) {
  private static final double LONG_SECONDS = 1.0;
  private static final double LEAST_GROWTH = 0.4;
  private static final int POINTS = 5;

  /** A hairpin with no mark at its end leads one level on. */
  private static final double UNMARKED = 1;

  private static final double LOUD = 7;
  private static final double SOFT = 4;

  /**
   * A moment of a note.
   *
   * @param share how much of it is over, 0 to 1
   * @param level how loud it is then, 1 to 10
   * @param speedCmPerSecond how fast the bow goes
   * @param contact where it touches the string
   * @param vibratoCents width of the vibrato, 0 where there is none
   * @param vibratoHz rate of the vibrato, 0 where there is none
   */
  public record Point(
      double share,
      double level,
      double speedCmPerSecond,
      Contact contact,
      double vibratoCents,
      double vibratoHz) {}

  public AlongNote {
    points = List.copyOf(points);
  }

  /** A note along its length; empty where it is short, plucked or stays at its level. */
  public static Optional<AlongNote> of(Study study, int note) {
    OptionalDouble end = endLevel(study, note);
    Stroke stroke = study.bow().strokes().get(study.bow().strokeOf(note));
    double seconds = study.brief().timeline().lengthSeconds(note);
    boolean isBowed = stroke.amountCm() > 0 && !stroke.beginsInside();
    if (end.isEmpty() || seconds < LONG_SECONDS || !isBowed) {
      return Optional.empty();
    }
    Levels levels = study.levels();
    double growth = end.getAsDouble() - levels.printed(note);
    if (Math.abs(growth) < LEAST_GROWTH) {
      return Optional.empty();
    }
    double cm = stroke.sharesCm().get(note - stroke.firstNote());
    return Optional.of(
        new AlongNote(
            note,
            points(
                levels.proposed(note),
                growth,
                cm / seconds,
                contacts(study, note, stroke),
                vibrato(study, note))));
  }

  private static Vibrato vibrato(Study study, int note) {
    return study.vibrato().notes().get(note);
  }

  private static List<Point> points(
      double level, double growth, double mean, Lanes lanes, Vibrato vibrato) {
    double sum = 0;
    for (int i = 0; i < POINTS; i++) {
      // The first and the last point stand for half a step each.
      double weight = i == 0 || i == POINTS - 1 ? 0.5 : 1;
      sum += weight * BowSpeeds.usualCmPerSecond(level + growth * share(i));
    }
    double usualMean = sum / (POINTS - 1);
    List<Point> points = new ArrayList<>();
    for (int i = 0; i < POINTS; i++) {
      double now = level + growth * share(i);
      double speed = mean * BowSpeeds.usualCmPerSecond(now) / usualMean;
      points.add(
          new Point(
              share(i),
              now,
              speed,
              lanes.at(level, now),
              between(vibrato.widthCents(), vibrato.widthCentsAtEnd(), share(i)),
              between(vibrato.rateHz(), vibrato.rateHzAtEnd(), share(i))));
    }
    return points;
  }

  private static double share(int point) {
    return (double) point / (POINTS - 1);
  }

  private static double between(double from, double to, double share) {
    return from + share * (to - from);
  }

  /**
   * Where the bow touches the string: from where the stroke begins, a lane nearer to the bridge for
   * each step that the level takes; a bow that is told where to go stays there.
   */
  private record Lanes(Contact start, boolean isTold) {
    Contact at(double level, double now) {
      int lane = start.ordinal() + (isTold ? 0 : usual(now) - usual(level));
      return Contact.values()[Math.max(0, Math.min(Contact.values().length - 1, lane))];
    }

    private static int usual(double level) {
      Contact usual =
          level >= LOUD ? Contact.BRIDGE : level <= SOFT ? Contact.FINGERBOARD : Contact.MIDDLE;
      return usual.ordinal();
    }
  }

  private static Lanes contacts(Study study, int note, Stroke stroke) {
    Stroke.Manner manner = stroke.manner();
    boolean isTold =
        manner.recipe() != Recipe.SPEED_LED
            || study.brief().reading().technique(note).place() != Technique.Place.ORDINARY;
    return new Lanes(note == stroke.firstNote() ? manner.from() : manner.to(), isTold);
  }

  /** The level at which a note ends; empty where no hairpin goes through it. */
  private static OptionalDouble endLevel(Study study, int note) {
    PlayedNote played = study.notes().get(note);
    Optional<PlayedNote> next =
        note + 1 < study.notes().size()
            ? Optional.of(study.notes().get(note + 1))
            : Optional.empty();
    Optional<OwnMarks.Given> own = study.choices().shape().own().levelOf(note, study.places());
    if (own.isPresent()) {
      boolean goesOn = own.get().level().isHairpin() && note < own.get().last();
      return goesOn ? OptionalDouble.of(study.levels().printed(note + 1)) : OptionalDouble.empty();
    }
    Optional<Hairpin> hairpin =
        study.passage().directions().hairpins().stream()
            .filter(h -> h.from().compareTo(played.end()) < 0)
            .filter(h -> h.to().compareTo(played.onset()) > 0)
            .findFirst();
    return hairpin.isEmpty()
        ? OptionalDouble.empty()
        : OptionalDouble.of(endLevel(study, note, hairpin.get(), next));
  }

  private static double endLevel(
      Study study, int note, Hairpin hairpin, Optional<PlayedNote> next) {
    double here = study.levels().printed(note);
    Fraction end = study.notes().get(note).end();
    if (next.filter(n -> n.onset().equals(end)).isPresent()) {
      double then = study.levels().printed(note + 1);
      boolean isOnTheWay = hairpin.growing() ? then >= here : then <= here;
      return isOnTheWay ? then : here + (hairpin.growing() ? UNMARKED : -UNMARKED);
    }
    return here + (hairpin.growing() ? UNMARKED : -UNMARKED);
  }
}
