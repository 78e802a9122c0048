package app.fret.desktop.view;

import app.fret.desktop.model.Words;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;

/** Why a note is taken so. */
final class WhyReasons {
  private static final int MOST_REASONS = 4;
  private static final double SPEAKS_FROM = 0.02;

  private final Study study;
  private final NoteWords words;

  WhyReasons(Study study, NoteWords words) {
    this.study = study;
    this.words = words;
  }

  List<Node> of(NotePlan plan) {
    List<Node> nodes = new ArrayList<>(List.of(Parts.heading("Why here")));
    List<String> reasons =
        plan.reasons().stream()
            .filter(r -> Math.abs(r.effort()) >= SPEAKS_FROM)
            .filter(r -> !r.term().equals("shift") && !r.term().equals("high-position"))
            .map(Reason::text)
            .distinct()
            .limit(MOST_REASONS)
            .toList();
    boolean shifts = plan.reasons().stream().anyMatch(r -> r.term().equals("shift"));
    if (reasons.isEmpty() && !shifts) {
      nodes.add(Parts.words("It lies under the hand: nothing stretches and the bow stays."));
    }
    if (plan.placement().usesHand()) {
      nodes.add(Parts.words(stay(plan)));
    }
    reasons.forEach(text -> nodes.add(Parts.words(text)));
    if (!plan.otherWays().isEmpty()) {
      nodes.add(Parts.words(next(plan.otherWays().get(0).extraEffort()), "quiet"));
    }
    return nodes;
  }

  private static String next(double extra) {
    return extra < 0.05
        ? "The next best way costs hardly more: take the one you like."
        : String.format(
            Locale.ROOT, "The next best way costs %.1f more effort over the passage.", extra);
  }

  /** How long the hand can stay where this note puts it. */
  private String stay(NotePlan plan) {
    int here = plan.note().number();
    String where = words.shortPosition(plan.placement());
    return study.leftHand().shifts().stream()
        .filter(s -> s.toNote() > here)
        .findFirst()
        .map(
            s ->
                "The hand stays in "
                    + where
                    + " for "
                    + Words.count(s.toNote() - here, "note", "notes")
                    + ", this one included.")
        .orElse("The hand stays in " + where + " to the end of the passage.");
  }
}
