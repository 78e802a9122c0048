package app.fret.desktop.view.practice;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.Parts;
import app.fret.lefthand.Pin;
import app.fret.practice.schedule.Sparing;
import app.fret.study.LessStretch;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** How to practise without harm: what hurt, how it comes back, and what can be done about it. */
final class CareBox extends VBox {
  private final PassageDesk desk;

  CareBox(PassageDesk desk) {
    super(4);
    this.desk = desk;
    setId("care-box");
    getStyleClass().add("care");
    getChildren().add(Parts.label("Care", "care-title"));
    Sparing sparing = desk.practise().sparing();
    sparing
        .sentence(desk.today())
        .ifPresent(
            words -> {
              Label said = Parts.words(words);
              said.setId("care-sparing");
              getChildren().add(said);
            });
    sparing.toPutBack().forEach(this::addPutBack);
    getChildren()
        .add(
            Parts.words(
                "Warm up first. Rest five minutes in every twenty-five. Stop at pain, and ask a"
                    + " teacher or a clinician before going on."));
  }

  private void addPutBack(Optional<String> bar) {
    VBox offered = new VBox(4);
    getChildren().addAll(offered, putBack(bar));
    Study study = desk.study();
    bar.ifPresent(
        b ->
            desk.layOut(
                offered,
                () -> LessStretch.in(study, b),
                found -> offered.getChildren().setAll(offer(found, b))));
  }

  private List<Node> offer(Optional<LessStretch> found, String bar) {
    List<Node> nodes = new ArrayList<>();
    if (found.isEmpty()) {
      nodes.add(Parts.words("No other fingering in bar " + bar + " opens the hand less.", "small"));
      return nodes;
    }
    LessStretch less = found.get();
    String way =
        Pin.taking(less.note(), less.placement()).stream()
            .map(p -> p.words(desk.instrument()))
            .reduce((one, other) -> one + " and " + other)
            .orElseThrow();
    int inBar = desk.study().notes().get(less.note()).indexInBar();
    nodes.add(
        Parts.words(
            "With " + less.words() + ": bar " + bar + ", note " + inBar + ", with " + way + "."));
    nodes.add(
        button(
            "less-stretch",
            "Take it so",
            () -> desk.leftHand().pinWay(less.note(), less.placement())));
    return nodes;
  }

  private Button putBack(Optional<String> bar) {
    return button(
        "put-back",
        bar.map(b -> "Put bar " + b + " back").orElse("Put the passage back"),
        () -> desk.practise().putBack(bar));
  }

  private static Button button(String id, String words, Runnable action) {
    Button button = Parts.button(id, words, "link-action", action);
    button.setFocusTraversable(false);
    return button;
  }
}
