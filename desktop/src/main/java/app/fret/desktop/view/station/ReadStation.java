package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.music.Flag;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.music.lane.Lane;
import app.fret.desktop.music.lane.Lanes;
import app.fret.desktop.view.part.Parts;
import app.fret.reading.layers.Origin;
import app.fret.reading.traps.Trap;
import app.fret.study.LayeredPage;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The passage as it is printed, with a tab at everything that is easily misread. */
final class ReadStation extends VBox {
  private final ScoreView score;

  /** What the tabs are worked out for: of several studies the newest counts. */
  private final Object flagging = new Object();

  private final PassageDesk desk;
  private final Set<Lane> hidden = new HashSet<>();
  private final HBox origins = new HBox(4);

  ReadStation(PassageDesk desk) {
    this.desk = desk;
    setId("read-station");
    score = new ScoreView("read-score", Lanes.READ, ScoreView.LARGE, desk::layOut);
    score.showAsPrintedWithFlags();
    VBox.setVgrow(score, Priority.ALWAYS);
    getChildren().addAll(shows(), score);
    score.selectedNoteProperty().bindBidirectional(desk.selection().noteProperty());
    desk.studyProperty().addListener((property, before, now) -> show(now));
    show(desk.study());
  }

  /** Whose marks stand on the page, and what stands under the staff: shown or not. */
  private FlowPane shows() {
    origins.setId("origins");
    HBox marks = new HBox(6, chipLabel("Marks"), origins);
    marks.setAlignment(Pos.CENTER_LEFT);
    // Chips wrap one by one: in one row they would be wider than a small window has room for.
    FlowPane row = new FlowPane(6, 6, marks, chipLabel("Around the staff"));
    for (Lane lane : Lanes.READ) {
      ToggleButton chip = chip("show-" + Lanes.words(lane), Lanes.words(lane), true);
      chip.setOnAction(e -> show(lane, chip.isSelected()));
      row.getChildren().add(chip);
    }
    row.setAlignment(Pos.CENTER_LEFT);
    row.getStyleClass().add("show-row");
    return row;
  }

  private static Label chipLabel(String words) {
    Label label = Parts.label(words, "quiet");
    label.setMinWidth(USE_PREF_SIZE);
    return label;
  }

  private static ToggleButton chip(String id, String words, boolean selected) {
    ToggleButton chip = new ToggleButton(words);
    chip.setId(id);
    chip.getStyleClass().add("mode-button");
    chip.setSelected(selected);
    chip.setFocusTraversable(false);
    chip.setMinWidth(USE_PREF_SIZE);
    return chip;
  }

  private void show(Lane lane, boolean shown) {
    if (shown) {
      hidden.remove(lane);
    } else {
      hidden.add(lane);
    }
    score.setLanes(Lanes.READ.stream().filter(l -> !hidden.contains(l)).toList());
  }

  /** One chip for everybody whose marks there are. */
  private void showOrigins(Study study) {
    origins.getChildren().clear();
    for (Origin origin : LayeredPage.layers(study).keySet()) {
      ToggleButton chip =
          chip("origin-" + origin.id(), origin.words(), study.choices().layers().shows(origin));
      chip.setOnAction(
          e ->
              desk.read()
                  .setLayers(
                      desk.read().layers().withShown(origin, chip.isSelected()),
                      (chip.isSelected() ? "Shown: marks of the " : "Hidden: marks of the ")
                          + origin.words()));
      origins.getChildren().add(chip);
    }
    if (origins.getChildren().isEmpty()) {
      origins.getChildren().add(Parts.label("none yet", "quiet"));
    }
  }

  private void show(Study study) {
    showOrigins(study);
    desk.layOut(flagging, () -> flags(study), score.flagsProperty()::set);
    score.studyProperty().set(Optional.of(study));
  }

  /** Several traps at one note share a tab, which is open as long as one of them is. */
  private static List<Flag> flags(Study study) {
    List<Flag> flags = new ArrayList<>();
    List<Trap> traps = study.traps();
    for (int i = 0; i < traps.size(); i++) {
      Trap trap = traps.get(i);
      boolean seen = study.hasSeen(trap);
      int last = flags.size() - 1;
      if (last >= 0 && flags.get(last).note() == trap.note()) {
        Flag before = flags.get(last);
        flags.set(last, new Flag(before.note(), before.number(), before.seen() && seen));
      } else {
        flags.add(new Flag(trap.note(), i + 1, seen));
      }
    }
    return flags;
  }
}
