package app.fret.bow;

import app.fret.bow.BowTerm.Look;
import java.util.List;
import java.util.Locale;

/**
 * The terms of a stroke by itself. All rules are common practice without a source; the figures were
 * found by trying passages.
 */
final class BowTerms {
  private static final double ROOM_OF_HAIR = 0.75;

  private static final List<BowTerm> ALL =
      List.of(
          new Amount(),
          new Place(),
          new Ends(),
          new Strong(),
          new Beat(),
          new First(),
          new Last(),
          new Hairpin(),
          new HairpinEnd(),
          new Chord(),
          new Leap(),
          new Printed());

  private BowTerms() {}

  /** All terms, in the order their reasons are said. */
  static List<BowTerm> all() {
    return ALL;
  }

  /** A term with what every term has. */
  private abstract static class Named implements BowTerm {
    private final String name;
    private final Look look;

    Named(String name, Look look) {
      this.name = name;
      this.look = look;
    }

    @Override
    public final String name() {
      return name;
    }

    @Override
    public final Look look() {
      return look;
    }
  }

  private static BowedNote first(BowLine line, Draft draft) {
    return line.note(draft.notes().first());
  }

  private static double clip(double value, double least, double most) {
    return Math.max(least, Math.min(most, value));
  }

  /** How much bow: what the level asks for in the time. */
  private static final class Amount extends Named {
    private static final double OUTSIDE = 6;
    private static final double PER_LOG = 3;
    private static final double PER_LOG_SQUARED = 6;
    private static final double RUNS_OUT = 0.98;

    Amount() {
      super("amount", Look.AMOUNT);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      Draft draft = drafts.get(stroke);
      double cm = Math.max(way.amount() * line.hairCm(), 0.05);
      double off = Math.log(cm / draft.targetCm());
      double effort = off * off;
      double beyond = Math.max(Math.log(draft.slowestCm() / cm), Math.log(cm / draft.fastestCm()));
      if (beyond > 0) {
        effort += OUTSIDE + PER_LOG * beyond + PER_LOG_SQUARED * beyond * beyond;
      }
      return effort + (draft.slowestCm() > RUNS_OUT * line.hairCm() ? OUTSIDE : 0);
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      double cm = way.amount() * line.hairCm();
      return String.format(
          Locale.ROOT,
          "%.0f cm where the level asks for %.0f cm in %.2f s.",
          cm,
          drafts.get(stroke).targetCm(),
          drafts.get(stroke).seconds());
    }
  }

  /** Where the kind of stroke speaks. */
  private static final class Place extends Named {
    private static final double PER_TENTH = 0.1;
    private static final double MOST = 4;
    private static final double TO_THE_CENTRE = 0.24;

    Place() {
      super("place", Look.MIDDLE);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      Draft draft = drafts.get(stroke);
      BowParts.Part part = BowParts.of(line, draft);
      double room = room(line, draft);
      double off = part.outside(way.middle()) / PER_TENTH;
      double fromCentre = way.middle() - part.centre();
      return Math.min(part.weight() * room * off * off, MOST * part.weight())
          + TO_THE_CENTRE * room * fromCentre * fromCentre;
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      BowParts.Part part = BowParts.of(line, drafts.get(stroke));
      return String.format(
          Locale.ROOT,
          "Its middle lies at %.2f of the bow; this stroke speaks from %.2f to %.2f.",
          way.middle(),
          part.from(),
          part.to());
    }
  }

  /** The very ends of the hair. */
  private static final class Ends extends Named {
    private static final double LAST = 0.03;
    private static final double EFFORT = 1.5;

    Ends() {
      super("ends", Look.END);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      return EFFORT * (Math.max(0, LAST - way.end()) + Math.max(0, way.end() - (1 - LAST)));
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      return "It goes to the very end of the hair.";
    }
  }

  /** Accents and loud starts want a place that is strong for the direction. */
  private static final class Strong extends Named {
    private static final double EFFORT = 1.6;
    private static final double LOUD_AFTER_REST = 0.4;
    private static final double LOUD_LONG = 0.3;
    private static final double LOUD = 0.08;
    private static final double BITTEN = 0.25;
    private static final double ACCENT_UP = 0.35;
    private static final double QUICK_ACCENT = 0.4;
    private static final double QUICK_SECONDS = 0.25;
    private static final double REST_SECONDS = 0.12;

    Strong() {
      super("strong", Look.START);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      Draft draft = drafts.get(stroke);
      double need = need(line, draft);
      if (need == 0) {
        return 0;
      }
      double strength =
          BowParts.strength(line.brief().player().instrument(), way.direction(), way.start());
      double effort = EFFORT * need * (1 - strength);
      double accent = first(line, draft).accent();
      if (accent > 0 && way.isUp()) {
        effort += ACCENT_UP * accent * (draft.seconds() < QUICK_SECONDS ? QUICK_ACCENT : 1);
      }
      return effort;
    }

    private static double need(BowLine line, Draft draft) {
      BowedNote note = first(line, draft);
      if (note.accent() > 0) {
        return note.accent() * (draft.kind() == StrokeKind.MARTELE ? BITTEN : 1);
      }
      if (!note.isLoud()) {
        return 0;
      }
      if (note.silenceSeconds() >= REST_SECONDS) {
        return LOUD_AFTER_REST;
      }
      boolean long_ = draft.kind() == StrokeKind.LEGATO;
      return long_ ? LOUD_LONG : LOUD;
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      boolean accented = first(line, drafts.get(stroke)).accent() > 0;
      return (accented ? "The accent" : "The loud start")
          + String.format(Locale.ROOT, " falls at %.2f of the bow, ", way.start())
          + (way.isUp() ? "on an up-bow." : "on a down-bow.");
    }
  }

  /** Down on strong beats, up on pickups. */
  private static final class Beat extends Named {
    private static final double FROM_BEAT = 0.35;
    private static final double LOUDER = 1.2;
    private static final double WEAK_DOWN = 0.5;
    private static final double WEAK_BELOW = 0.3;
    private static final double LENGTH_RELIEF = 0.7;

    Beat() {
      super("beat", Look.START);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      Draft draft = drafts.get(stroke);
      BowedNote note = first(line, draft);
      if (!way.isUp()) {
        return WEAK_DOWN * Math.max(0, WEAK_BELOW - note.stress());
      }
      double barSeconds = line.barSeconds(draft.notes().first());
      double relief = clip(1 - LENGTH_RELIEF * draft.seconds() / barSeconds, 0.3, 1);
      return relief * Math.max(0, note.stress() - FROM_BEAT) * (note.isLoud() ? LOUDER : 1);
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      return way.isUp() ? "An up-bow on a strong beat." : "A down-bow on a weak place.";
    }
  }

  /** The first stroke goes down on a first beat, unless it grows. */
  private static final class First extends Named {
    /** Levels a first stroke grows by when it may well go up. */
    private static final double GROWS = 1.5;

    First() {
      super("first", Look.START);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      Draft draft = drafts.get(stroke);
      boolean opens = line.isFirstBeatOfAll(draft.notes().first());
      return opens && way.isUp() && draft.growth(line) < GROWS ? 1 : 0;
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      return "The first beat of all starts up.";
    }
  }

  /** The last long note goes down. */
  private static final class Last extends Named {
    private static final double UP = 0.6;
    private static final double SOFT = 0.3;
    private static final double LONG_FOR_THE_PASSAGE = 1.9;
    private static final double LONG_SECONDS = 0.5;

    Last() {
      super("last", Look.START);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      Draft draft = drafts.get(stroke);
      if (stroke != drafts.size() - 1 || !way.isUp() || draft.seconds() <= LONG_SECONDS) {
        return 0;
      }
      BowedNote note = first(line, draft);
      boolean ends =
          note.stress() >= BowedNote.HALF_BAR
              || draft.seconds() >= LONG_FOR_THE_PASSAGE * line.medianSeconds();
      return ends ? (note.isSoft() ? SOFT : UP) : 0;
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      return "The last note goes up.";
    }
  }

  /** How free a stroke is to lie elsewhere: one that needs the whole bow is not. */
  private static double room(BowLine line, Draft draft) {
    return clip(1 - draft.targetCm() / (ROOM_OF_HAIR * line.hairCm()), 0.1, 1);
  }

  private static double counted(double growth) {
    return Math.min(Math.abs(growth), 3) / 2;
  }

  /** Growing goes up, fading goes down. */
  private static final class Hairpin extends Named {
    private static final double EFFORT = 0.35;

    Hairpin() {
      super("hairpin", Look.START);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      double growth = drafts.get(stroke).growth(line);
      boolean against = way.isUp() ? growth < 0 : growth > 0;
      return against ? EFFORT * counted(growth) : 0;
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      return way.isUp() ? "It fades on an up-bow." : "It grows on a down-bow.";
    }
  }

  /** A fading up-bow does not end at the heavy frog, a growing down-bow not at the light tip. */
  private static final class HairpinEnd extends Named {
    private static final double EFFORT = 1.2;
    private static final double ROOM = 0.22;
    private static final double PER = 0.2;

    HairpinEnd() {
      super("hairpin-end", Look.END);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      double growth = drafts.get(stroke).growth(line);
      boolean fadesUp = way.isUp() && growth < 0;
      boolean growsDown = !way.isUp() && growth > 0;
      if (!fadesUp && !growsDown) {
        return 0;
      }
      double left = fadesUp ? way.end() : 1 - way.end();
      return room(line, drafts.get(stroke))
          * EFFORT
          * counted(growth)
          * Math.max(0, ROOM - left)
          / PER;
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      return way.isUp() ? "It fades at the heavy frog." : "It grows at the light tip.";
    }
  }

  /** Chords go down, from near the frog. */
  private static final class Chord extends Named {
    private static final double UP = 2;
    private static final double NEAR_FROG = 0.18;
    private static final double PER_BOW = 2;

    Chord() {
      super("chord", Look.START);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      if (drafts.get(stroke).kind() != StrokeKind.CHORD) {
        return 0;
      }
      return (way.isUp() ? UP : 0) + PER_BOW * Math.max(0, way.start() - NEAR_FROG);
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      return way.isUp() ? "A chord on an up-bow." : "A chord begins away from the frog.";
    }
  }

  /** Leaps over a string are longer for the hand the further out on the bow. */
  private static final class Leap extends Named {
    private static final double EFFORT = 0.5;

    Leap() {
      super("leap", Look.START);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      int note = drafts.get(stroke).notes().first();
      if (note == 0) {
        return 0;
      }
      int apart = Math.abs(line.note(note).topString() - line.note(note - 1).topString());
      double soft = line.note(note).isSoft() ? 0.5 : 1;
      return apart < 2 ? 0 : EFFORT * soft * (apart - 1) * way.start() * way.start();
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      return String.format(Locale.ROOT, "A leap over a string at %.2f of the bow.", way.start());
    }
  }

  /** Bow signs of the part are kept. */
  private static final class Printed extends Named {
    private static final double AGAINST = 60;

    Printed() {
      super("printed", Look.START);
    }

    @Override
    public double effort(BowLine line, int stroke, List<Draft> drafts, Way way) {
      return first(line, drafts.get(stroke))
          .printed()
          .filter(p -> p != way.direction())
          .map(p -> AGAINST)
          .orElse(0.0);
    }

    @Override
    public String reason(BowLine line, int stroke, List<Draft> drafts, Way way) {
      return "The part asks for the other direction.";
    }
  }
}
