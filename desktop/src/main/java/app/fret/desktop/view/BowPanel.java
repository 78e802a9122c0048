package app.fret.desktop.view;

import app.fret.bow.BowTrouble;
import app.fret.bow.OtherStroke;
import app.fret.bow.Stroke;
import app.fret.bow.StrokeKind;
import app.fret.desktop.model.PassageDesk;
import app.fret.score.BowDirection;
import app.fret.score.Tempo;
import app.fret.study.Study;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/**
 * Says of the stroke of the selected note how it lies on the bow, why, and what else it could be.
 */
final class BowPanel extends VBox {
  private final PassageDesk desk;
  private final VBox content = new VBox(5);

  BowPanel(PassageDesk desk) {
    this.desk = desk;
    setId("bow-panel");
    getStyleClass().add("why-panel");
    getChildren().add(Parts.scroll(content));
    desk.selection().noteProperty().addListener((property, before, now) -> show());
    desk.studyProperty().addListener((property, before, now) -> show());
    show();
  }

  private void show() {
    content.getChildren().clear();
    List<Stroke> strokes = desk.study().bow().strokes();
    int note = desk.selection().noteProperty().get().orElse(-1);
    for (int i = 0; i < strokes.size(); i++) {
      if (strokes.get(i).firstNote() <= note && strokes.get(i).lastNote() >= note) {
        show(i, strokes.get(i));
      }
    }
    addTroubles();
  }

  private static String place(double place) {
    return String.format(Locale.ROOT, "%.2f", place);
  }

  private void show(int number, Stroke stroke) {
    Study study = desk.study();
    String way = stroke.direction() == BowDirection.DOWN ? "Down-bow" : "Up-bow";
    Label title = Parts.words(way + ", " + stroke.kind().words(), "why-title");
    title.setId("bow-title");
    content.getChildren().addAll(title, Parts.words(where(study, stroke), "quiet"));
    if (stroke.kind() == StrokeKind.PIZZICATO) {
      content.getChildren().add(Parts.words("Plucked: the bow rests."));
      return;
    }
    content
        .getChildren()
        .addAll(
            Parts.fact(
                "on the bow",
                place(stroke.start()) + " to " + place(stroke.end()) + " (frog 0, tip 1)"),
            Parts.fact(
                "amount",
                String.format(
                    Locale.ROOT,
                    "%.0f cm, %.0f %% of the hair",
                    stroke.amountCm(),
                    100 * stroke.amountCm() / study.bow().hairCm())),
            Parts.fact(
                "speed", String.format(Locale.ROOT, "%.0f cm/s", stroke.speedCmPerSecond())));
    if (stroke.sharesCm().size() > 1) {
      content.getChildren().add(Parts.fact("each note", shares(stroke)));
    }
    content.getChildren().add(slowly(study, stroke));
    addWords("Why so", stroke.reasons(), "Nothing speaks against it: amount and place are usual.");
    if (!stroke.hints().isEmpty()) {
      addWords("The hand", stroke.hints(), "");
    }
    addOthers(study.bow().otherWays(number));
  }

  private static String where(Study study, Stroke stroke) {
    int bar = study.notes().get(stroke.firstNote()).bar();
    int count = stroke.lastNote() - stroke.firstNote() + 1;
    String label = study.passage().bars().get(bar).label();
    return "bar " + label + (count == 1 ? ", one note" : ", " + count + " notes in one bow");
  }

  private static String shares(Stroke stroke) {
    StringBuilder words = new StringBuilder();
    stroke.sharesCm().forEach(cm -> words.append(String.format(Locale.ROOT, "%.0f ", cm)));
    return words.toString().strip() + " cm";
  }

  /** Slow practice keeps the amount: the same bow in more time. */
  private static Node slowly(Study study, Stroke stroke) {
    Tempo rung = study.practice().ladder().tempo(0);
    double share = rung.perMinute() / study.choices().target().perMinute();
    return Parts.fact(
        "at " + String.format(Locale.ROOT, "%.0f", rung.perMinute()),
        String.format(Locale.ROOT, "the same bow at %.0f cm/s", stroke.speedCmPerSecond() * share));
  }

  private void addWords(String heading, List<String> sentences, String otherwise) {
    content.getChildren().add(Parts.heading(heading));
    if (sentences.isEmpty()) {
      content.getChildren().add(Parts.words(otherwise));
    }
    sentences.forEach(s -> content.getChildren().add(Parts.words(s)));
  }

  private void addOthers(List<OtherStroke> others) {
    content.getChildren().add(Parts.heading("Other ways: extra effort"));
    for (OtherStroke other : others) {
      content
          .getChildren()
          .add(Parts.fact(other.what(), String.format(Locale.ROOT, "+%.1f", other.extraEffort())));
    }
  }

  private void addTroubles() {
    List<BowTrouble> troubles = desk.study().bow().troubles();
    if (troubles.isEmpty()) {
      return;
    }
    content.getChildren().add(Parts.heading("Troubles of the passage"));
    for (BowTrouble trouble : troubles) {
      int bar = desk.study().notes().get(trouble.firstNote()).bar();
      String label = "Bar " + desk.study().passage().bars().get(bar).label();
      content
          .getChildren()
          .addAll(
              Parts.button(
                  "trouble-" + trouble.kind().sign() + "-" + trouble.firstNote(),
                  label,
                  "link-action",
                  () -> desk.select(trouble.firstNote())),
              Parts.words(trouble.text() + " " + trouble.mend(), "small"));
    }
  }
}
