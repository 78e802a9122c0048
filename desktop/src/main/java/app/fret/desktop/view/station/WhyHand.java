package app.fret.desktop.view.station;

import app.fret.desktop.view.part.NoteWords;
import app.fret.desktop.view.part.Parts;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.advice.Advice;
import app.fret.lefthand.advice.ChordChange;
import app.fret.lefthand.advice.Hazard;
import app.fret.lefthand.advice.TrillFinger;
import app.fret.score.Finger;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.scene.Node;

/** What the fingers do about a note: which stay, slide, hop, land first; trills; what to mind. */
final class WhyHand {
  private final Study study;
  private final Advice advice;

  WhyHand(Study study, NoteWords words) {
    this.study = study;
    this.advice = study.leftHand().advice();
  }

  List<Node> at(NotePlan plan) {
    int note = plan.note().number();
    List<Node> facts = new ArrayList<>();
    advice.chordChanges().stream()
        .filter(c -> c.toNote() == note)
        .forEach(c -> facts.addAll(change(c)));
    advice.brokenChords().stream()
        .filter(c -> c.note() == note)
        .forEach(c -> facts.add(Parts.fact("breaks", c.words())));
    advice.ready().stream()
        .filter(r -> r.note() == note)
        .forEach(
            r ->
                facts.add(
                    Parts.fact(
                        "ready",
                        String.format(
                            Locale.ROOT, "can stand %.2f s before the bow", r.secondsAhead()))));
    advice.trills().stream()
        .filter(t -> t.note() == note)
        .forEach(t -> facts.add(Parts.fact("trill with", trill(t))));
    advice.crawls().stream()
        .filter(c -> c.toNote() == note)
        .forEach(
            c ->
                facts.add(
                    Parts.fact(
                        "crawls",
                        String.format(
                            Locale.ROOT,
                            "over %.0f mm, %s stays",
                            c.spanMm(),
                            NoteWords.finger(c.anchor())))));
    for (Hazard hazard : advice.hazards()) {
      if (hazard.note() == note) {
        facts.add(Parts.fact("mind", hazard.words() + " " + hazard.answer()));
      }
    }
    if (!facts.isEmpty()) {
      facts.add(0, Parts.heading("Fingers"));
    }
    facts.addAll(cautions(plan));
    return facts;
  }

  private static List<Node> change(ChordChange change) {
    List<Node> facts = new ArrayList<>();
    add(facts, "stay", change.stay());
    add(facts, "slide", change.slide());
    add(facts, "hop", change.hop());
    add(facts, "land", change.land());
    add(facts, "lift", change.lift());
    change.first().ifPresent(f -> facts.add(Parts.fact("lands first", NoteWords.finger(f))));
    return facts;
  }

  private static void add(List<Node> facts, String name, List<Finger> fingers) {
    if (!fingers.isEmpty()) {
      facts.add(
          Parts.fact(name, fingers.stream().map(Finger::sign).collect(Collectors.joining(", "))));
    }
  }

  private static String trill(TrillFinger trill) {
    String upper =
        trill.upper().display() + (trill.halfSteps() <= 1 ? ", a half step" : ", a whole step");
    String finger =
        trill
            .finger()
            .map(f -> "the " + NoteWords.finger(f) + " on " + upper)
            .orElse("no finger of this hand reaches " + upper);
    return trill.isLong() ? finger + "; it drifts sharp as it goes on: keep it low" : finger;
  }

  /** Shown where the hand opens beyond ease; the same words wherever the passage asks for care. */
  private List<Node> cautions(NotePlan plan) {
    if (plan.placement().reachMm() <= 0 || study.leftHand().advice().cautions().isEmpty()) {
      return List.of();
    }
    List<Node> nodes = new ArrayList<>(List.of(Parts.heading("Take care")));
    advice.cautions().forEach(c -> nodes.add(Parts.words(c, "caution-words")));
    return nodes;
  }
}
