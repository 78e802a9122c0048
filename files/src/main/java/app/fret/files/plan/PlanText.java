package app.fret.files.plan;

import app.fret.instrument.Instrument;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Shift;
import app.fret.lefthand.Totals;
import app.fret.lefthand.hand.Stop;
import app.fret.score.PlayedNote;
import app.fret.score.Sounding;
import app.fret.score.Tempo;
import app.fret.study.Study;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A study as text to read at the stand: bar by bar, fingers under notes, shifts with reasons. */
public final class PlanText {
  private final Study study;
  private final Instrument instrument;
  private final StringBuilder text = new StringBuilder();

  private PlanText(Study study) {
    this.study = study;
    this.instrument = study.player().instrument();
  }

  /**
   * The plan in words.
   *
   * @param skipped what the reader passed over
   */
  public static String of(Study study, List<String> skipped) {
    PlanText plan = new PlanText(study);
    plan.addHead();
    for (int bar = 0; bar < study.passage().bars().size(); bar++) {
      plan.addBar(bar);
    }
    plan.addFoot(skipped);
    return plan.text.toString().stripTrailing();
  }

  private void line(String format, Object... values) {
    text.append(String.format(Locale.ROOT, format, values)).append('\n');
  }

  private void addHead() {
    Tempo target = study.choices().target();
    Totals totals = study.leftHand().totals();
    line("%s, %s", study.passage().title(), instrument.name());
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
    for (NotePlan plan : plans) {
      String pitch =
          plan.note().notes().stream()
              .map(n -> n.written().toString())
              .collect(Collectors.joining("+"));
      String finger = joined(plan, s -> s.finger().sign());
      String string = joined(plan, s -> Instrument.numeral(s.string()));
      int width = Math.max(pitch.length(), Math.max(finger.length(), string.length())) + 1;
      pitches.append(padded(pitch, width));
      fingers.append(padded(finger, width));
      strings.append(padded(string, width));
    }
    line("bar %s", label);
    line("  note    %s", pitches.toString().stripTrailing());
    line("  finger  %s", fingers.toString().stripTrailing());
    line("  string  %s", strings.toString().stripTrailing());
    study.leftHand().shifts().stream()
        .filter(s -> study.notes().get(s.toNote()).bar() == bar)
        .forEach(this::addShift);
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
    line(
        "  shift to note %d: position %s to %s, %.0f mm, %.1f bits, %.2f s",
        to.indexInBar(),
        instrument.positionName(shift.fromBase()),
        instrument.positionName(shift.toBase()),
        shift.travelMm(),
        shift.bits(),
        shift.availableSeconds());
  }

  private void addFoot(List<String> skipped) {
    line("");
    line(
        "ladder: %s; audition at %s",
        study.practice().ladder().rungs().stream()
            .map(PlanText::number)
            .collect(Collectors.joining(" ")),
        number(study.practice().audition().perMinute()));
    for (PlayedNote note : study.leftHand().leftOut()) {
      line(
          "no hand can hold the chord at bar %s, note %d: it has no fingers",
          study.passage().bars().get(note.bar()).label(), note.indexInBar());
    }
    skipped.forEach(s -> line("passed over: %s", s));
  }

  private static String number(double value) {
    return value == Math.rint(value)
        ? String.valueOf((long) value)
        : String.format(Locale.ROOT, "%.1f", value);
  }
}
