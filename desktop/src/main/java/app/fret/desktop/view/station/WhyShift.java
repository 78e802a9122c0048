package app.fret.desktop.view.station;

import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.NoteWords;
import app.fret.desktop.view.part.Parts;
import app.fret.instrument.Habits;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Shift;
import app.fret.score.SoundingPitch;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;

/** The shift into a note: how far, how fast, what guides it, where to write it. */
final class WhyShift {
  private final Study study;
  private final NoteWords words;

  WhyShift(Study study, NoteWords words) {
    this.study = study;
    this.words = words;
  }

  List<Node> into(NotePlan plan) {
    return study.leftHand().shifts().stream()
        .filter(s -> s.toNote() == plan.note().number())
        .findFirst()
        .map(this::section)
        .orElse(List.of());
  }

  private List<Node> section(Shift shift) {
    List<Node> nodes = new ArrayList<>();
    nodes.add(Parts.heading("The shift into it"));
    nodes.add(
        Parts.fact(
            "from",
            words.pitches(study.notes().get(shift.fromNote()))
                + ", "
                + words.shortPosition(shift.leaving())));
    nodes.add(
        Parts.fact(
            "travel",
            format(
                "%.0f mm in %.2f s, %.0f mm/s",
                shift.travelMm(), shift.availableSeconds(), shift.speedMmPerSecond())));
    nodes.add(Parts.fact("difficulty", format("%.1f bits at ±10 cents", shift.bits())));
    nodes.add(Parts.fact("on the ladder", ladder(shift)));
    for (Habits.Guide school : inOrder(study.player().habits().guide())) {
      nodes.add(Parts.fact(name(school), guide(shift, school)));
    }
    nodes.add(Parts.fact("the slide", slide(shift.slide())));
    nodes.add(Parts.fact("the bow", bow(shift.slide().bow())));
    shift.landmark().ifPresent(l -> nodes.add(Parts.fact("landmark", landmark(l))));
    nodes.add(Parts.fact("write it at", words.place(shift.markAtNote())));
    return nodes;
  }

  private static String format(String pattern, Object... values) {
    return String.format(Locale.ROOT, pattern, values);
  }

  private String ladder(Shift shift) {
    List<Double> rungs = study.practice().ladder().rungs();
    double share = rungs.get(0) / rungs.get(rungs.size() - 1);
    return format(
        "%.0f mm/s at %s, %.0f at %s",
        shift.speedMmPerSecondAt(share),
        Words.number(rungs.get(0)),
        shift.speedMmPerSecond(),
        Words.number(rungs.get(rungs.size() - 1)));
  }

  /** The player's own school first. */
  private static List<Habits.Guide> inOrder(Habits.Guide own) {
    List<Habits.Guide> schools = new ArrayList<>(List.of(Habits.Guide.values()));
    schools.remove(own);
    schools.add(0, own);
    return schools;
  }

  private static String name(Habits.Guide school) {
    return switch (school) {
      case LOWER_FINGER -> "lower finger";
      case DEPARTING_FINGER -> "departing";
      case ARRIVING_FINGER -> "arriving";
    };
  }

  private String guide(Shift shift, Habits.Guide school) {
    SoundingPitch pitch =
        switch (school) {
          case LOWER_FINGER -> shift.guides().lower();
          case DEPARTING_FINGER -> shift.guides().departing();
          case ARRIVING_FINGER -> shift.guides().arriving();
        };
    boolean own = school == study.player().habits().guide();
    String overshoots = shift.guides().overshoots(pitch) ? ", overshoots" : "";
    return "guide " + words.written(pitch, shift.toNote()) + overshoots + (own ? ", yours" : "");
  }

  private static String slide(Shift.Slide slide) {
    if (slide.secondsFromNote() == 0) {
      return "in the rest or under the open string, unheard";
    }
    return format(
        "takes %.2f s from the note before, %s",
        slide.secondsFromNote(), slide.heard() ? "may be heard" : "hidden");
  }

  private static String bow(Shift.BowDuring bow) {
    return switch (bow) {
      case KEPT -> "stays in the string";
      case LIGHTENED -> "lightens while the hand crosses";
      case FREE -> "rests, or plays the open string";
    };
  }

  private static String landmark(Shift.Landmark landmark) {
    double mm = landmark.distanceMm();
    String where =
        Math.abs(mm) < 0.5
            ? "at the "
            : format("%.0f mm %s the ", Math.abs(mm), mm > 0 ? "above" : "below");
    return where + landmark.words();
  }
}
