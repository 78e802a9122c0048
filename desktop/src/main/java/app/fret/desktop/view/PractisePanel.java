package app.fret.desktop.view;

import app.fret.desktop.model.PassageDesk;
import app.fret.desktop.model.Words;
import app.fret.practice.Climb;
import app.fret.study.Study;
import javafx.scene.layout.VBox;

/** Says why this rung, how the ladder works, and how to practise without harm. */
final class PractisePanel extends VBox {
  PractisePanel(PassageDesk desk) {
    super(8);
    setId("practise-panel");
    getStyleClass().add("why-panel");
    desk.passes().climbProperty().addListener((property, before, now) -> show(desk));
    desk.studyProperty().addListener((property, before, now) -> show(desk));
    show(desk);
  }

  private void show(PassageDesk desk) {
    Study study = desk.study();
    Climb climb = desk.passes().climbProperty().get();
    getChildren()
        .setAll(
            Parts.label("Why this rung", "why-title"),
            Parts.words(whyWords(climb)),
            Parts.heading("How the ladder goes"),
            Parts.words(
                "Three clean passes in a row open the next rung. A miss starts the count again;"
                    + " two in a row go back one rung. No rung is skipped."),
            Parts.heading("Tempos"),
            Parts.fact("target", Words.tempo(study.choices().target())),
            Parts.fact(
                study.choices().tempo().occasion().id(),
                Words.tempo(study.practice().audition())
                    + (study.choices().tempo().isStepBelow() ? ", one metronome step below" : "")),
            Parts.fact("first rung", Words.tempo(climb.ladder().tempo(0)) + ", half the target"),
            care());
  }

  private static String whyWords(Climb climb) {
    if (climb.isDone()) {
      return "The target itself is clean three times in a row.";
    }
    if (climb.rung() == 0) {
      return "It is the first rung, half the target: slow enough that every note can be right.";
    }
    return "Every rung below is passed: "
        + Words.number(climb.ladder().rungs().get(climb.rung() - 1))
        + " was clean three times in a row.";
  }

  private static VBox care() {
    VBox care =
        new VBox(
            4,
            Parts.label("Care", "care-title"),
            Parts.words(
                "Warm up first. Rest five minutes in every twenty-five. Stop at pain, and ask a"
                    + " teacher or a clinician before going on."));
    care.getStyleClass().add("care");
    return care;
  }
}
