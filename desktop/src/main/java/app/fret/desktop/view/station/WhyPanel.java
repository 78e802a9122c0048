package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.NoteWords;
import app.fret.desktop.view.part.Parts;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Pin;
import app.fret.lefthand.hand.Placement;
import app.fret.study.LikePins;
import app.fret.study.Pinned;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * Says of the selected note, shift, double stop and bar how it is taken, why, what helps, and what
 * else was possible; then the hard spots of the passage. Each section is a class of its own.
 */
final class WhyPanel extends VBox {
  /** What a pin is weighed for: of several notes the newest counts. */
  private final Object pinWeighed = new Object();

  private final PassageDesk desk;
  private final VBox content = new VBox(5);
  private final Button pin =
      Parts.button("pin-here", "", "main-action", () -> perform(Command.PIN_AS_SHOWN));
  private final Button free =
      Parts.button("free-note", "Free this note", "outline-action", () -> perform(Command.FREE));

  WhyPanel(PassageDesk desk) {
    this.desk = desk;
    setId("why-panel");
    getStyleClass().add("why-panel");
    ScrollPane scroll = Parts.scroll(content);
    HBox actions = new HBox(8, pin, free);
    for (Button button : List.of(pin, free)) {
      button.setMaxWidth(Double.MAX_VALUE);
      HBox.setHgrow(button, Priority.ALWAYS);
    }
    getChildren().addAll(scroll, actions);
    desk.selection().noteProperty().addListener((property, before, now) -> show());
    desk.studyProperty().addListener((property, before, now) -> show());
    show();
  }

  private void perform(Command command) {
    desk.perform(command);
  }

  private void show() {
    Optional<NotePlan> selected = desk.selected();
    if (selected.isEmpty()) {
      content
          .getChildren()
          .setAll(
              Parts.label("All rests", "why-title"),
              Parts.words("This cut holds no note, so there is nothing to decide.", "quiet"));
      pin.setDisable(true);
      free.setDisable(true);
      return;
    }
    show(selected.get());
  }

  private void show(NotePlan plan) {
    NoteWords words = new NoteWords(desk.study());
    content.getChildren().clear();
    addHead(plan, words);
    if (!plan.placement().isLeftOut()) {
      content.getChildren().addAll(new WhyReasons(desk.study(), words).of(plan));
    }
    content.getChildren().addAll(pinned(plan, words));
    content.getChildren().addAll(new OtherWaysList(desk).of(plan));
    if (!plan.placement().isLeftOut()) {
      content.getChildren().addAll(new WhyShift(desk.study(), words).into(plan));
      content.getChildren().addAll(new WhyHand(desk.study(), words).at(plan));
    }
    content.getChildren().addAll(new WhyTuning(desk.study(), words).of(plan));
    content.getChildren().addAll(ofPassage());
    content.getChildren().addAll(new HardSpots(desk, words).list());
    showActions(plan);
  }

  /**
   * What a pinned note costs more than it would cost free, and why: it is planned without the pin
   * beside the window's thread, and said when that is done.
   */
  private List<Node> pinned(NotePlan plan, NoteWords words) {
    int note = plan.note().number();
    Study study = desk.study();
    if (study.pinsOn(note).isEmpty()) {
      return List.of();
    }
    VBox said = new VBox(6, Parts.heading("Your pin"), Parts.words("Weighing it …", "quiet"));
    desk.layOut(
        pinWeighed,
        () -> new Weighed(study.whyPinned(note), new LikePins(study).transposed(note)),
        weighed -> {
          List<Node> nodes = new ArrayList<>();
          weighed.pinned().ifPresent(p -> nodes.addAll(words(p, words, note)));
          nodes.addAll(offer(weighed.like(), study, note));
          said.getChildren().setAll(nodes);
        });
    return List.of(said);
  }

  /** What a pin costs, and where the same finger can be pinned in the figure on other degrees. */
  private record Weighed(Optional<Pinned> pinned, List<Pin> like) {}

  private List<Node> offer(List<Pin> like, Study study, int note) {
    return like.isEmpty()
        ? List.of()
        : List.of(
            Parts.button(
                "pin-like",
                "Same finger in " + new LikePins(study).bars(like),
                "link-action",
                () -> desk.leftHand().pinTransposed(note)));
  }

  private static List<Node> words(Pinned pinned, NoteWords words, int note) {
    String extra = String.format(Locale.ROOT, "%.1f", pinned.extraEffort());
    return List.of(
        Parts.heading("Your pin"),
        Parts.words(
            pinned.why().isEmpty()
                ? "It costs nothing: the best plan takes the note so."
                : "It costs " + extra + " more than leaving the note free:"),
        Parts.words(words.differences(pinned.why(), note), "small"));
  }

  private List<Node> ofPassage() {
    List<String> said = desk.study().deciding().ofPassage();
    List<Node> nodes = new ArrayList<>();
    if (!said.isEmpty()) {
      nodes.add(Parts.heading("All through the passage"));
      said.forEach(sentence -> nodes.add(Parts.words(sentence)));
    }
    return nodes;
  }

  private void showActions(NotePlan plan) {
    boolean pinned = !desk.study().pinsOn(plan.note().number()).isEmpty();
    pin.setDisable(plan.placement().isLeftOut() || pinned);
    pin.setText(pinned ? "Pinned" : pinText(plan.placement()));
    free.setDisable(!pinned);
  }

  private static String pinText(Placement placement) {
    if (placement.isLeftOut()) {
      return "Nothing to pin";
    }
    return placement.top().isOpen()
        ? "Pin open string here"
        : "Pin finger " + placement.top().finger().sign() + " here";
  }

  private void addHead(NotePlan plan, NoteWords words) {
    Label name = Parts.words(words.place(plan.note()), "why-title");
    name.setId("why-title");
    Label how = Parts.words(words.how(plan.placement()), "quiet");
    how.setId("why-placement");
    content.getChildren().addAll(name, how, rule());
  }

  private static Region rule() {
    Region rule = new Region();
    rule.getStyleClass().add("rule");
    rule.setMinHeight(1);
    rule.setPrefHeight(1);
    return rule;
  }
}
