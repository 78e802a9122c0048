package app.fret.desktop.view.station;

import app.fret.desktop.view.part.NoteWords;
import app.fret.desktop.view.part.Parts;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** Why a note is taken so. */
final class WhyReasons {
  private static final double SIGN_WIDTH = 12;

  private final Study study;
  private final NoteWords words;

  WhyReasons(Study study, NoteWords words) {
    this.study = study;
    this.words = words;
  }

  List<Node> of(NotePlan plan) {
    List<Node> nodes = new ArrayList<>(List.of(Parts.heading("Why here")));
    List<Reason> deciding = study.deciding().at(plan.note().number());
    if (deciding.isEmpty()) {
      nodes.add(Parts.words("It lies under the hand: nothing stretches and the bow stays."));
    }
    if (plan.placement().usesHand()) {
      nodes.add(Parts.words(stay(plan)));
    }
    deciding.forEach(reason -> nodes.add(line(reason)));
    cue(plan).ifPresent(nodes::add);
    return nodes;
  }

  /** A reason with its sign: what speaks for it, or against. */
  private static Node line(Reason reason) {
    boolean speaksForIt = reason.effort() < 0;
    Label sign = Parts.label(speaksForIt ? "+" : "\u2212", speaksForIt ? "for" : "against");
    sign.setMinWidth(SIGN_WIDTH);
    sign.setAccessibleText(speaksForIt ? "for it" : "against it");
    Label words = Parts.words(reason.text());
    HBox.setHgrow(words, Priority.ALWAYS);
    HBox line = new HBox(6, sign, words);
    line.setAlignment(Pos.TOP_LEFT);
    return line;
  }

  private Optional<Node> cue(NotePlan plan) {
    return study.leftHand().advice().cues().stream()
        .filter(cue -> cue.note() == plan.note().number())
        .findFirst()
        .map(cue -> Parts.words("Body: " + cue.text() + ".", "cue"));
  }

  /** How long the hand can stay where this note puts it. */
  private String stay(NotePlan plan) {
    int here = plan.note().number();
    String where = words.shortPosition(plan.placement());
    return study.leftHand().shifts().stream()
        .filter(s -> s.toNote() > here)
        .findFirst()
        .map(s -> stay(where, s.toNote() - here))
        .orElse("The hand stays in " + where + " to the end of the passage.");
  }

  private static String stay(String where, int notes) {
    return notes == 1
        ? "The hand is in " + where + " for this note and moves on."
        : "The hand stays in " + where + " for " + notes + " notes, this one included.";
  }
}
