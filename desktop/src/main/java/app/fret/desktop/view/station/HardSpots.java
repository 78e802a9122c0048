package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.NoteWords;
import app.fret.desktop.view.part.Parts;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Shift;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** The hardest notes of the passage, each leading to its bar. */
final class HardSpots {
  private static final int MOST = 5;

  private final PassageDesk desk;
  private final NoteWords words;

  HardSpots(PassageDesk desk, NoteWords words) {
    this.desk = desk;
    this.words = words;
  }

  List<Node> list() {
    List<NotePlan> hardest =
        desk.study().leftHand().notes().stream()
            .filter(n -> n.effort() > 0)
            .sorted(Comparator.comparingDouble(NotePlan::effort).reversed())
            .limit(MOST)
            .toList();
    if (hardest.isEmpty()) {
      return List.of();
    }
    List<Node> nodes = new ArrayList<>(List.of(Parts.heading("Hard spots, hardest first")));
    hardest.forEach(n -> nodes.add(line(n)));
    return nodes;
  }

  private HBox line(NotePlan plan) {
    int number = plan.note().number();
    Button spot =
        Parts.button(
            "hard-spot-" + number,
            "bar " + words.bar(plan.note()) + ", " + top(plan),
            "link-action",
            () -> desk.select(number));
    spot.setMinWidth(Region.USE_PREF_SIZE);
    Label what = Parts.label(what(plan), "small");
    HBox line = new HBox(8, spot, Parts.stretch(), what);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  private static String top(NotePlan plan) {
    return plan.note().notes().get(plan.note().notes().size() - 1).written().display();
  }

  private String what(NotePlan plan) {
    return desk.study().leftHand().shifts().stream()
        .filter(s -> s.toNote() == plan.note().number())
        .findFirst()
        .map(HardSpots::shift)
        .orElse(
            plan.placement().reachMm() > 0
                ? String.format(
                    Locale.ROOT, "reach, %.0f mm beyond ease", plan.placement().reachMm())
                : plan.placement().stops().size() > 1 ? "double stop or chord" : "awkward note");
  }

  private static String shift(Shift shift) {
    return String.format(
        Locale.ROOT, "shift, %.1f bits, %.0f mm/s", shift.bits(), shift.speedMmPerSecond());
  }
}
