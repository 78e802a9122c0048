package app.fret.desktop.view.station;

import app.fret.desktop.view.part.NoteWords;
import app.fret.desktop.view.part.Parts;
import app.fret.instrument.Instrument;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.study.Study;
import app.fret.tuning.TuningPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.scene.Node;

/** What puts a note, a double stop and its bar in tune. */
final class WhyTuning {
  private static final int MOST_CHECKS = 3;
  private static final double HEARD_CENTS = 0.5;

  private final Study study;
  private final NoteWords words;

  WhyTuning(Study study, NoteWords words) {
    this.study = study;
    this.words = words;
  }

  List<Node> of(NotePlan plan) {
    int note = plan.note().number();
    List<Node> facts = new ArrayList<>();
    study.tuning().doubleStops().stream()
        .filter(d -> d.note() == note)
        .forEach(d -> facts.add(Parts.fact(d.interval().words(), correction(d, plan))));
    study.tuning().notes().stream()
        .filter(c -> c.note() == note)
        .findFirst()
        .ifPresent(c -> facts.addAll(checks(c)));
    study.tuning().bars().stream()
        .filter(b -> b.bar() == plan.note().bar())
        .findFirst()
        .ifPresent(b -> facts.addAll(bar(b)));
    if (!facts.isEmpty()) {
      facts.add(0, Parts.heading("In tune"));
    }
    return facts;
  }

  private static String correction(TuningPlan.DoubleStop stop, NotePlan plan) {
    if (stop.moved().isEmpty() || Math.abs(stop.cents()) < HEARD_CENTS) {
      return "as it stands";
    }
    String head = plan.note().notes().get(stop.moved().get()).written().display();
    return String.format(
        Locale.ROOT,
        "%s %.0f cents %s, %.1f mm towards the %s",
        head,
        Math.abs(stop.cents()),
        stop.cents() > 0 ? "higher" : "lower",
        Math.abs(stop.travelMm()),
        stop.travelMm() > 0 ? "bridge" : "nut");
  }

  private List<Node> checks(TuningPlan.NoteChecks checks) {
    List<Node> facts = new ArrayList<>();
    if (!checks.open().isEmpty()) {
      facts.add(
          Parts.fact(
              "check with",
              checks.open().stream()
                  .limit(MOST_CHECKS)
                  .map(
                      o ->
                          "open "
                              + Instrument.numeral(o.string())
                              + " ("
                              + o.interval().words()
                              + ")")
                  .collect(Collectors.joining(", "))));
    }
    if (!checks.fingers().isEmpty()) {
      facts.add(
          Parts.fact(
              "or fingers",
              checks.fingers().stream()
                  .limit(MOST_CHECKS)
                  .map(
                      f ->
                          f.finger().sign()
                              + " on "
                              + Instrument.numeral(f.string())
                              + " ("
                              + f.interval().words()
                              + ")")
                  .collect(Collectors.joining(", "))));
    }
    return facts;
  }

  private List<Node> bar(TuningPlan.BarSound bar) {
    List<Node> facts = new ArrayList<>();
    facts.add(Parts.fact("drone", bar.drone() + " or its fifth " + study.tuning().tonic().fifth()));
    bar.chord()
        .ifPresent(
            c ->
                facts.add(
                    Parts.fact("the bar", c.words() + bar.degree().map(d -> ", " + d).orElse(""))));
    return facts;
  }
}
