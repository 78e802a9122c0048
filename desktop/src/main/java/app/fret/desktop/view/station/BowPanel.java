package app.fret.desktop.view.station;

import app.fret.bow.SlowStroke;
import app.fret.bow.search.OtherStroke;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.trouble.BowTrouble;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.WayButton;
import app.fret.score.BowDirection;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.study.LikeStrokes;
import app.fret.study.PatternOffer;
import app.fret.study.Study;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/**
 * Says of the stroke of the selected note how it lies on the bow, why, and what else it could be;
 * decides it; and lists the troubles of the passage with what mends them.
 */
final class BowPanel extends VBox {
  private static final int MOST_WAYS = 5;

  private final PassageDesk desk;
  private final VBox content = new VBox(5);

  /** Troubles of the selected stroke. */
  private final VBox here = new VBox(6);

  BowPanel(PassageDesk desk) {
    this.desk = desk;
    setId("bow-panel");
    getStyleClass().add("why-panel");
    getChildren().add(Parts.scroll(content));
    desk.selection().noteProperty().addListener((property, before, now) -> show());
    desk.studyProperty().addListener((property, before, now) -> show());
    desk.bow().rungProperty().addListener((property, before, now) -> show());
    show();
  }

  /** Other ways and mends are worked out beside the window's thread and follow. */
  private void show() {
    content.getChildren().clear();
    here.getChildren().clear();
    Study study = desk.study();
    Optional<Integer> note = desk.selection().note();
    note.ifPresent(n -> show(study.bow().strokeOf(n), n));
    Optional<Span> stretch = PatternPart.stretch(desk);
    PatternPart patterns = new PatternPart(desk);
    content.getChildren().add(patterns);
    desk.layOut(
        this,
        () -> {
          study.bow().troubles().forEach(BowTrouble::mends);
          return new Offers(
              note.map(n -> study.bow().otherWays(study.bow().strokeOf(n))).orElse(List.of()),
              PatternPart.offers(study, stretch));
        },
        offers -> {
          if (study == desk.study()
              && note.equals(desk.selection().note())
              && stretch.equals(PatternPart.stretch(desk))) {
            patterns.show(stretch, offers.patterns());
            addOthers(offers.others());
            TroubleList troubles = new TroubleList(desk);
            here.getChildren().addAll(troubles.at(note));
            content.getChildren().addAll(troubles.elsewhere(note));
          }
        });
  }

  /** What is worked out beside the window's thread. */
  private record Offers(List<OtherStroke> others, List<PatternOffer> patterns) {}

  private static String place(double place) {
    return String.format(Locale.ROOT, "%.2f", place);
  }

  private void show(int number, int note) {
    Study study = desk.study();
    Stroke stroke = study.bow().strokes().get(number);
    String way = stroke.direction() == BowDirection.DOWN ? "Down-bow" : "Up-bow";
    boolean plucked = stroke.kind() == StrokeKind.PIZZICATO;
    Label title =
        Parts.words(plucked ? "Plucked" : way + ", " + stroke.kind().words(), "why-title");
    title.setId("bow-title");
    content.getChildren().addAll(title, Parts.words(where(study, stroke), "quiet"));
    if (plucked) {
      content.getChildren().add(Parts.words("The bow rests."));
      return;
    }
    addFigures(study, stroke);
    addDecisions(note);
    content.getChildren().add(here);
    addWords("Why so", stroke.reasons(), "Nothing speaks against it: amount and place are usual.");
    if (!stroke.hints().isEmpty()) {
      addWords("The hand", stroke.hints(), "");
    }
  }

  private void addFigures(Study study, Stroke stroke) {
    content
        .getChildren()
        .addAll(
            Parts.fact(
                "on the bow",
                place(stroke.start()) + " to " + place(stroke.end()) + " (frog 0, tip 1)"),
            Parts.fact("amount", amount(study, stroke)),
            Parts.fact("speed", speed(stroke)));
    if (stroke.sharesCm().size() > 1) {
      content.getChildren().add(Parts.fact("each note", shares(stroke)));
    }
    content
        .getChildren()
        .addAll(
            Parts.fact("contact", contact(stroke)),
            slowly(study, stroke),
            Parts.fact("retake", retake(stroke)));
  }

  private static String amount(Study study, Stroke stroke) {
    double hairCm = study.bow().hairCm();
    return String.format(Locale.ROOT, "%.0f cm of %.0f cm", stroke.amountCm(), hairCm);
  }

  private static String speed(Stroke stroke) {
    return String.format(
        Locale.ROOT,
        "%.0f cm/s, workable %.0f to %.0f",
        stroke.speedCmPerSecond(),
        stroke.workable().slowestCmPerSecond(),
        stroke.workable().fastestCmPerSecond());
  }

  private static String contact(Stroke stroke) {
    Stroke.Manner manner = stroke.manner();
    String lane =
        manner.from() == manner.to()
            ? manner.from().words()
            : manner.from().words() + " to " + manner.to().words();
    String tilt =
        manner.tiltDegrees() < 1
            ? "hair flat"
            : String.format(Locale.ROOT, "tilted %.0f°", manner.tiltDegrees());
    return lane + ", " + tilt + ", " + manner.recipe().words();
  }

  /** How far a retake before it would go at the tempo. */
  private static String retake(Stroke stroke) {
    if (stroke.retakeReach() <= 0) {
      return "no time for one";
    }
    return stroke.retakeReach() >= 1
        ? "time for all of the bow"
        : String.format(
            Locale.ROOT, "time for %.2f of the bow, leaving the note early", stroke.retakeReach());
  }

  private static String where(Study study, Stroke stroke) {
    int bar = study.notes().get(stroke.firstNote()).bar();
    int count = stroke.lastNote() - stroke.firstNote() + 1;
    String label = study.passage().bars().get(bar).label();
    String notes = count == 1 ? ", one note" : ", " + count + " notes in one bow";
    return "bar " + label + notes + (stroke.beginsInside() ? ", from inside the note" : "");
  }

  private static String shares(Stroke stroke) {
    StringBuilder words = new StringBuilder();
    stroke.sharesCm().forEach(cm -> words.append(String.format(Locale.ROOT, "%.0f ", cm)));
    return words.toString().strip() + " cm";
  }

  /** Slow practice keeps the amount: the same bow in more time. */
  private Node slowly(Study study, Stroke stroke) {
    Tempo first = study.practice().ladder().tempo(0);
    OptionalDouble chosen = desk.bow().rungProperty().get();
    double perMinute = chosen.orElse(first.perMinute());
    double target = study.choices().target().perMinute();
    String words = SlowStroke.of(stroke, perMinute / target).words();
    Optional<Double> from =
        SlowStroke.firstSpeaking(stroke, study.practice().ladder().rungs(), target);
    boolean later = from.isPresent() && from.get() > perMinute;
    String real = later ? String.format(Locale.ROOT, "; itself from %.0f on", from.get()) : "";
    return Parts.fact("at " + String.format(Locale.ROOT, "%.0f", perMinute), words + real);
  }

  private void addDecisions(int note) {
    FlowPane row = new FlowPane(6, 6);
    for (Act act : List.of(Act.DOWN, Act.UP, Act.SPLIT, Act.JOIN, Act.HOOK, Act.RETAKE)) {
      row.getChildren().add(decision(note, act));
    }
    content.getChildren().add(row);
    for (StrokeAt decided : desk.bow().decidedOn(note)) {
      content.getChildren().add(Parts.fact("you decided", decided.decision().words()));
    }
    int like = LikeStrokes.elsewhere(desk.study(), note).size();
    if (like > 0) {
      Button same =
          Parts.button(
              "decide-like",
              like == 1 ? "The same at the place like it" : "The same at all places like it",
              "link-action",
              () -> desk.bow().decideLike(note));
      same.setFocusTraversable(false);
      content.getChildren().add(same);
    }
  }

  private Button decision(int note, Act act) {
    boolean isOn = desk.bow().decidedOn(note).stream().anyMatch(d -> d.decision().act() == act);
    String words =
        switch (act) {
          case DOWN -> "Down (D)";
          case UP -> "Up (U)";
          case SPLIT -> "Split (S)";
          case JOIN -> "Join (J)";
          case HOOK -> "Hook (H)";
          default -> "Retake (R)";
        };
    Button button =
        Parts.button(
            "stroke-" + act.sign(),
            words,
            isOn ? "main-action" : "outline-action",
            () -> desk.bow().decide(note, StrokeDecision.of(act)));
    button.setFocusTraversable(false);
    return button;
  }

  private void addWords(String heading, List<String> sentences, String otherwise) {
    content.getChildren().add(Parts.heading(heading));
    if (sentences.isEmpty()) {
      content.getChildren().add(Parts.words(otherwise));
    }
    sentences.forEach(s -> content.getChildren().add(Parts.words(s)));
  }

  private void addOthers(List<OtherStroke> others) {
    if (others.isEmpty()) {
      return;
    }
    content.getChildren().add(WayButton.heading("Other ways for this stroke"));
    for (int i = 0; i < Math.min(MOST_WAYS, others.size()); i++) {
      OtherStroke other = others.get(i);
      content
          .getChildren()
          .addAll(
              otherWay(other, i),
              Parts.button(
                  "try-stroke-" + i,
                  "Try both in turn",
                  "link-action",
                  () -> desk.trial().beginBowing(other)));
    }
  }

  private WayButton otherWay(OtherStroke other, int index) {
    String what = other.what();
    Label words = Parts.label(java.lang.Character.toUpperCase(what.charAt(0)) + what.substring(1));
    return new WayButton(
        "other-stroke-" + index,
        words,
        other.extraEffort(),
        "Take " + what,
        () -> desk.bow().take(other));
  }
}
