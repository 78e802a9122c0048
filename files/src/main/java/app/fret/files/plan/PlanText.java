package app.fret.files.plan;

import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.trouble.BowTrouble;
import app.fret.instrument.Instrument;
import app.fret.instrument.Spelling;
import app.fret.lefthand.DecidingReasons;
import app.fret.lefthand.Difference;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Shift;
import app.fret.lefthand.Totals;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap;
import app.fret.score.BowDirection;
import app.fret.score.Key;
import app.fret.score.Sounding;
import app.fret.score.Tempo;
import app.fret.study.OtherFingering;
import app.fret.study.Study;
import app.fret.tuning.TuningPlan;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** A study as text to read at the stand: bar by bar, fingers under notes, shifts with reasons. */
public final class PlanText {
  private static final int MOST_DIFFERENCES = 4;

  /** Less would be printed as nothing. */
  private static final double LEAST_SHOWN = 0.05;

  private final Study study;
  private final Instrument instrument;
  private final StringBuilder text = new StringBuilder();
  private String position = "";
  private int hand;
  private StrokeKind kind;

  private PlanText(Study study) {
    this.study = study;
    this.instrument = study.player().instrument();
  }

  /**
   * The plan in words.
   *
   * @param skipped what the reader passed over
   * @param others other fingerings; empty where none were asked for
   */
  public static String of(
      Study study, List<String> skipped, Optional<List<OtherFingering>> others) {
    PlanText plan = new PlanText(study);
    plan.addHead();
    plan.addTraps();
    for (int bar = 0; bar < study.passage().bars().size(); bar++) {
      plan.addBar(bar);
    }
    plan.addFoot(skipped);
    others.ifPresent(plan::addOthers);
    return plan.text.toString().stripTrailing();
  }

  private void line(String format, Object... values) {
    text.append(String.format(Locale.ROOT, format, values)).append('\n');
  }

  private void addHead() {
    Tempo target = study.choices().target();
    Totals totals = study.leftHand().totals();
    line(
        "%s, %s, %s",
        study.passage().title(),
        instrument.name(),
        study.leftHand().profile().label().toLowerCase(Locale.ROOT));
    line("target %s = %s", target.beat().name(), number(target.perMinute()));
    line(
        "%d shifts, %.0f mm in all, longest %.0f mm; %d crossings; %d open strings",
        totals.shifts(),
        totals.travelMm(),
        totals.longestShiftMm(),
        totals.crossings(),
        totals.openStrings());
    line("");
  }

  private void addTraps() {
    List<Trap> traps = study.traps();
    for (Trap trap : traps) {
      PlayedNote note = study.notes().get(trap.note());
      String bar = study.passage().bars().get(note.bar()).label();
      line("read bar %s, note %d: %s", bar, note.indexInBar(), trap.text());
    }
    if (!traps.isEmpty()) {
      line("");
    }
  }

  private void addBar(int bar) {
    List<NotePlan> plans =
        study.leftHand().notes().stream().filter(n -> n.note().bar() == bar).toList();
    String label = study.passage().bars().get(bar).label();
    if (plans.isEmpty()) {
      line("bar %s: %s", label, isSilent(bar) ? "rest" : "held");
      return;
    }
    StringBuilder pitches = new StringBuilder();
    StringBuilder fingers = new StringBuilder();
    StringBuilder strings = new StringBuilder();
    StringBuilder positions = new StringBuilder();
    for (NotePlan plan : plans) {
      String pitch =
          plan.note().notes().stream()
              .map(n -> n.written().toString())
              .collect(Collectors.joining("+"));
      String finger = joined(plan, PlanText::fingerSign);
      String string = joined(plan, s -> Instrument.numeral(s.string()));
      String position = newPosition(plan.placement());
      int width = Math.max(pitch.length(), Math.max(finger.length(), string.length()));
      width = Math.max(width, position.length()) + 1;
      pitches.append(padded(pitch, width));
      fingers.append(padded(finger, width));
      strings.append(padded(string, width));
      positions.append(padded(position, width));
    }
    line("bar %s%s", label, chord(bar));
    line("  note      %s", pitches.toString().stripTrailing());
    line("  finger    %s", fingers.toString().stripTrailing());
    line("  string    %s", strings.toString().stripTrailing());
    if (!positions.toString().isBlank()) {
      line("  position  %s", positions.toString().stripTrailing());
    }
    addBow(bar);
    study.leftHand().shifts().stream()
        .filter(s -> study.notes().get(s.toNote()).bar() == bar)
        .forEach(this::addShift);
    study.leftHand().advice().cues().stream()
        .filter(c -> study.notes().get(c.note()).bar() == bar)
        .forEach(c -> line("  body, %s", c.text()));
  }

  private void addTrouble(BowTrouble trouble) {
    int bar = study.notes().get(trouble.firstNote()).bar();
    line(
        "bow, bar %s: %s %s",
        study.passage().bars().get(bar).label(), trouble.text(), trouble.mend());
  }

  /** The strokes that begin in a bar: kind where it changes, way, places on the bow. */
  private void addBow(int bar) {
    StringBuilder words = new StringBuilder();
    for (Stroke stroke : study.bow().strokes()) {
      if (study.notes().get(stroke.firstNote()).bar() == bar) {
        if (stroke.kind() != kind) {
          words.append(words.length() > 0 ? "| " : "").append(stroke.kind().words()).append(' ');
          kind = stroke.kind();
        }
        words.append(bow(stroke)).append(' ');
      }
    }
    if (words.length() > 0) {
      line("  bow       %s", words.toString().strip());
    }
  }

  private static String bow(Stroke stroke) {
    if (stroke.kind() == StrokeKind.PIZZICATO) {
      return "+";
    }
    return String.format(
        Locale.ROOT,
        "%s%s %.2f>%.2f",
        stroke.retakeBefore() ? "lift, " : "",
        stroke.direction() == BowDirection.DOWN ? "down" : "up",
        stroke.start(),
        stroke.end());
  }

  /** A harmonic is marked by a ring, as players pencil it. */
  private static String fingerSign(Stop stop) {
    return stop.finger().sign() + (stop.isHarmonic() ? "°" : "");
  }

  /** The position where the hand takes a new one, else nothing. */
  private String newPosition(Placement placement) {
    if (!placement.usesHand()) {
      return "";
    }
    String name = instrument.positionName(placement.base(), placement.frame());
    boolean same = name.equals(position) && placement.hand() == hand;
    position = name;
    hand = placement.hand();
    return same ? "" : name.replace(" ", "-");
  }

  private String chord(int bar) {
    TuningPlan.BarSound sound = study.tuning().bars().get(bar);
    return sound
        .chord()
        .map(c -> ", " + c.words() + " (" + sound.degree().orElseThrow() + ")")
        .orElse("");
  }

  private boolean isSilent(int bar) {
    return study.passage().events().stream()
        .noneMatch(e -> e.bar() == bar && e instanceof Sounding);
  }

  private static String joined(NotePlan plan, java.util.function.Function<Stop, String> part) {
    return plan.placement().isLeftOut()
        ? "-"
        : plan.placement().stops().stream().map(part).collect(Collectors.joining("+"));
  }

  private static String padded(String word, int width) {
    return word + " ".repeat(width - word.length());
  }

  private void addShift(Shift shift) {
    PlayedNote to = study.notes().get(shift.toNote());
    Key key = study.passage().bars().get(to.bar()).key();
    line(
        "  shift to note %d: %s to %s, %.0f mm, %.1f bits, %.2f s; guide %s%s",
        to.indexInBar(),
        instrument.positionName(shift.leaving().base(), shift.leaving().frame()),
        instrument.positionName(shift.landing().base(), shift.landing().frame()),
        shift.travelMm(),
        shift.bits(),
        shift.availableSeconds(),
        Spelling.written(shift.guides().lower(), instrument, study.passage().transposition(), key),
        shift
            .landmark()
            .map(
                l ->
                    String.format(
                        Locale.ROOT, "; %.0f mm from the %s", Math.abs(l.distanceMm()), l.words()))
            .orElse(""));
  }

  private void addOthers(List<OtherFingering> others) {
    if (others.isEmpty()) {
      line("");
      line("There is one good way: any other costs much more.");
    }
    others.forEach(this::addOther);
  }

  private void addOther(OtherFingering fingering) {
    LeftHandPlan other = fingering.plan();
    Totals totals = other.totals();
    line("");
    line(
        "%s: effort %.1f more%s; %d shifts, %.0f mm; %d crossings",
        fingering.name(),
        other.effort() - study.leftHand().effort(),
        fingering.isAsGood() ? ", as good" : "",
        totals.shifts(),
        totals.travelMm(),
        totals.crossings());
    List<Difference> why = study.whyNot(other);
    List<Difference> seen =
        why.stream()
            .filter(d -> Math.abs(d.share()) >= LEAST_SHOWN)
            .limit(MOST_DIFFERENCES)
            .toList();
    for (Difference difference : seen) {
      line(
          "  %+.1f %s, most in bar %s",
          difference.share(),
          difference.text(),
          study.passage().bars().get(study.notes().get(difference.note()).bar()).label());
    }
    for (int i = 0; i < other.notes().size(); i++) {
      NotePlan here = other.notes().get(i);
      if (!here.placement().stops().equals(study.leftHand().notes().get(i).placement().stops())) {
        line(
            "  bar %s, note %d: finger %s on string %s",
            study.passage().bars().get(here.note().bar()).label(),
            here.note().indexInBar(),
            joined(here, s -> s.finger().sign()),
            joined(here, s -> Instrument.numeral(s.string())));
      }
    }
  }

  private void addFoot(List<String> skipped) {
    line("");
    line(
        "ladder: %s; %s at %s",
        study.practice().ladder().rungs().stream()
            .map(PlanText::number)
            .collect(Collectors.joining(" ")),
        study.choices().tempo().occasion().id(),
        number(study.practice().audition().perMinute()));
    study.leftHand().advice().leftOut().forEach(o -> line("%s", Remarks.leftOut(study, o)));
    Remarks.printedNotKept(study).forEach(r -> line("%s", r));
    new DecidingReasons(study.leftHand()).ofPassage().forEach(r -> line("%s", r));
    study.bow().troubles().forEach(this::addTrouble);
    BowHints.of(study).forEach(h -> line("%s", h));
    study.leftHand().advice().cautions().forEach(c -> line("take care: %s", c));
    skipped.forEach(s -> line("left out, or read otherwise: %s", s));
  }

  private static String number(double value) {
    return value == Math.rint(value)
        ? String.valueOf((long) value)
        : String.format(Locale.ROOT, "%.1f", value);
  }
}
