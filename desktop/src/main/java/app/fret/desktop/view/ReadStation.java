package app.fret.desktop.view;

import app.fret.desktop.model.PassageDesk;
import app.fret.desktop.music.Flag;
import app.fret.desktop.music.Lanes;
import app.fret.desktop.music.ScoreView;
import app.fret.reading.traps.Trap;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The passage as it is printed, with a tab at everything that is easily misread. */
final class ReadStation extends VBox {
  private final ScoreView score;

  ReadStation(PassageDesk desk) {
    setId("read-station");
    score = new ScoreView("read-score", Lanes.NONE, ScoreView.LARGE, desk::layOut);
    score.keepRoomForFlags();
    VBox.setVgrow(score, Priority.ALWAYS);
    getChildren().add(score);
    score.selectedNoteProperty().bindBidirectional(desk.selection().noteProperty());
    desk.studyProperty().addListener((property, before, now) -> show(now));
    show(desk.study());
  }

  private void show(Study study) {
    score.flagsProperty().set(flags(study));
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
