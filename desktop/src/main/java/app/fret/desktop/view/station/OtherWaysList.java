package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.music.ink.Palette;
import app.fret.desktop.view.part.NoteWords;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.WayButton;
import app.fret.instrument.Instrument;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.hand.Stop;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/** The other ways of a note with what each costs more; a click pins one. */
final class OtherWaysList {
  private static final int MOST_WAYS = 4;

  private final PassageDesk desk;
  private final NoteWords words;

  OtherWaysList(PassageDesk desk) {
    this.desk = desk;
    this.words = new NoteWords(desk.study());
  }

  List<Node> of(NotePlan plan) {
    if (plan.otherWays().isEmpty()) {
      return List.of();
    }
    List<Node> nodes = new ArrayList<>(List.of(WayButton.heading("Other ways for this note")));
    for (int i = 0; i < Math.min(MOST_WAYS, plan.otherWays().size()); i++) {
      OtherWay way = plan.otherWays().get(i);
      nodes.add(button(plan, way, i));
      nodes.add(Parts.words(words.differences(way.why(), plan.note().number()), "small"));
      nodes.add(
          Parts.button(
              "try-way-" + i,
              "Try both in turn",
              "link-action",
              () -> desk.trial().beginFingering(plan.note().number(), way.placement())));
    }
    return nodes;
  }

  private WayButton button(NotePlan plan, OtherWay way, int index) {
    Stop top = way.placement().top();
    Label finger =
        Parts.label(
            way.stops().stream().map(s -> s.finger().sign()).collect(Collectors.joining(" ")),
            "finger-badge");
    finger.setStyle("-fx-background-color: " + css(Palette.string(top.string())) + ";");
    finger.setMinWidth(Region.USE_PREF_SIZE);
    Label where = Parts.label("String " + strings(way) + " · " + position(way));
    HBox labels = new HBox(10, finger, where);
    labels.setAlignment(Pos.CENTER_LEFT);
    return new WayButton(
        "other-way-" + index,
        labels,
        way.extraEffort(),
        "Pin finger " + top.finger().sign() + " on string " + top.string() + " here",
        () -> desk.leftHand().pinWay(plan.note().number(), way.placement()));
  }

  private static String strings(OtherWay way) {
    List<Stop> stops = way.stops();
    String lowest = Instrument.numeral(stops.get(0).string());
    String highest = Instrument.numeral(stops.get(stops.size() - 1).string());
    return stops.size() == 1 ? highest : lowest + " to " + highest;
  }

  private String position(OtherWay way) {
    if (!way.placement().usesHand()) {
      return "open";
    }
    String position = words.shortPosition(way.placement()).replace(" position", "");
    return way.placement().onlyTouches() ? "harmonic, " + position : position;
  }

  private static String css(Color colour) {
    return String.format(
        "#%02X%02X%02X",
        Math.round(colour.getRed() * 255),
        Math.round(colour.getGreen() * 255),
        Math.round(colour.getBlue() * 255));
  }
}
