package app.fret.desktop.view;

import app.fret.desktop.model.Command;
import app.fret.desktop.model.PassageDesk;
import app.fret.desktop.model.Words;
import app.fret.desktop.music.Palette;
import app.fret.engraving.Mark;
import app.fret.instrument.Instrument;
import app.fret.instrument.Spelling;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.Pin;
import app.fret.lefthand.Shift;
import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.lefthand.effort.PositionWords;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Finger;
import app.fret.score.Key;
import app.fret.score.PlayedNote;
import app.fret.score.SoundingPitch;
import app.fret.study.Study;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Says of the selected note how it is taken, why, and what else was possible. */
final class WhyPanel extends VBox {
  private static final int MOST_WAYS = 4;
  private static final int MOST_REASONS = 4;
  private static final int HARD_SPOTS = 3;

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
    desk.selectedNoteProperty().addListener((property, before, now) -> show());
    desk.studyProperty().addListener((property, before, now) -> show());
    show();
  }

  private void perform(Command command) {
    desk.perform(command);
  }

  private void show() {
    content.getChildren().clear();
    NotePlan plan = desk.selected();
    addHead(plan);
    if (!plan.placement().isLeftOut()) {
      addReasons(plan);
      addShift(plan);
    }
    addOtherWays(plan);
    addHardSpots();
    boolean pinned = desk.study().choices().pinOn(plan.note().number()).isPresent();
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

  private void addHead(NotePlan plan) {
    Label name = Parts.label(pitches(plan.note()) + ", bar " + bar(plan.note()), "why-title");
    name.setId("why-title");
    Label how = Parts.words(how(plan.placement()), "quiet");
    how.setId("why-placement");
    content.getChildren().addAll(name, how, rule());
  }

  private static String pitches(PlayedNote note) {
    return note.notes().stream()
        .map(n -> n.written().display())
        .collect(Collectors.joining(" and "));
  }

  private String bar(PlayedNote note) {
    return desk.study().passage().bars().get(note.bar()).label();
  }

  private String how(Placement placement) {
    if (placement.isLeftOut()) {
      return "No hand can hold this chord, so it has no fingers. Divide it, or choose its notes.";
    }
    String stops =
        placement.stops().stream().map(WhyPanel::stopWords).collect(Collectors.joining("; "));
    return placement.usesHand()
        ? stops + "; " + PositionWords.of(desk.instrument(), placement)
        : stops;
  }

  private static String stopWords(Stop stop) {
    String string = "string " + Instrument.numeral(stop.string());
    if (stop.isOpen()) {
      return "open " + string;
    }
    String finger = stop.finger() == Finger.THUMB ? "thumb" : "finger " + stop.finger().sign();
    return string + ", " + finger + (stop.isHarmonic() ? " touching a harmonic" : "");
  }

  private static Region rule() {
    Region rule = new Region();
    rule.getStyleClass().add("rule");
    rule.setMinHeight(1);
    rule.setPrefHeight(1);
    return rule;
  }

  private void addReasons(NotePlan plan) {
    content.getChildren().add(Parts.heading("Why here"));
    List<String> reasons =
        plan.reasons().stream()
            .filter(r -> Math.abs(r.effort()) >= 0.02)
            .filter(r -> !r.term().equals("shift"))
            .map(Reason::text)
            .distinct()
            .limit(MOST_REASONS)
            .toList();
    boolean shifts = plan.reasons().stream().anyMatch(r -> r.term().equals("shift"));
    if (reasons.isEmpty() && !shifts) {
      content
          .getChildren()
          .add(Parts.words("It lies under the hand: nothing stretches and the bow stays."));
    }
    if (plan.placement().usesHand()) {
      content.getChildren().add(Parts.words(stayWords(plan)));
    }
    reasons.forEach(text -> content.getChildren().add(Parts.words(text)));
    if (!plan.otherWays().isEmpty()) {
      OtherWay next = plan.otherWays().get(0);
      content
          .getChildren()
          .add(
              Parts.words(
                  String.format(
                      Locale.ROOT,
                      "The next best way costs %.1f more effort over the whole passage.",
                      next.extraEffort()),
                  "quiet"));
    }
  }

  /** How long the hand can stay where this note puts it. */
  private String stayWords(NotePlan plan) {
    int here = plan.note().number();
    String where = PositionWords.of(desk.instrument(), plan.placement());
    return desk.study().leftHand().shifts().stream()
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

  private void addShift(NotePlan plan) {
    Optional<Shift> into =
        desk.study().leftHand().shifts().stream()
            .filter(s -> s.toNote() == plan.note().number())
            .findFirst();
    into.ifPresent(this::addShift);
  }

  private void addShift(Shift shift) {
    Study study = desk.study();
    PlayedNote from = study.notes().get(shift.fromNote());
    content.getChildren().add(Parts.heading("The shift into it"));
    content
        .getChildren()
        .addAll(
            Parts.fact(
                "from",
                pitches(from) + ", " + PositionWords.of(desk.instrument(), shift.leaving())),
            Parts.fact(
                "travel",
                String.format(
                    Locale.ROOT,
                    "%.0f mm in %.2f s, %.0f mm/s",
                    shift.travelMm(),
                    shift.availableSeconds(),
                    shift.speedMmPerSecond())),
            Parts.fact(
                "difficulty", String.format(Locale.ROOT, "%.1f bits at ±10 cents", shift.bits())),
            Parts.fact("guide note", guide(shift) + ", the lower finger carries"),
            Parts.fact("write it at", place(shift.markAtNote())));
  }

  private String guide(Shift shift) {
    Study study = desk.study();
    SoundingPitch guide = shift.guides().lower();
    Key key = study.passage().bars().get(study.notes().get(shift.toNote()).bar()).key();
    return Spelling.written(guide, desk.instrument(), study.passage().transposition(), key)
        .display();
  }

  private String place(int note) {
    PlayedNote played = desk.study().notes().get(note);
    return pitches(played) + ", bar " + bar(played);
  }

  private void addOtherWays(NotePlan plan) {
    if (plan.otherWays().isEmpty()) {
      return;
    }
    HBox head =
        new HBox(
            Parts.heading("Other ways for this note"),
            Parts.stretch(),
            Parts.label("extra effort", "small"));
    head.setAlignment(Pos.BASELINE_LEFT);
    content.getChildren().add(head);
    for (int i = 0; i < Math.min(MOST_WAYS, plan.otherWays().size()); i++) {
      content.getChildren().add(otherWay(plan, plan.otherWays().get(i), i));
    }
  }

  private Button otherWay(NotePlan plan, OtherWay way, int index) {
    Stop top = way.stops().get(way.stops().size() - 1);
    Label finger = Parts.label(top.finger().sign(), "finger-badge");
    finger.setStyle(
        "-fx-background-color: " + css(Palette.of(Mark.Role.string(top.string()))) + ";");
    String position = wayWords(way);
    Label words = Parts.label("String " + Instrument.numeral(top.string()) + " · " + position);
    Label extra =
        Parts.label(String.format(Locale.ROOT, "+%.1f", way.extraEffort()), "extra-effort");
    HBox line = new HBox(10, finger, words, Parts.stretch(), extra);
    line.setAlignment(Pos.CENTER_LEFT);
    Button button = new Button();
    button.setGraphic(line);
    line.prefWidthProperty().bind(button.widthProperty().subtract(20));
    button.setMaxWidth(Double.MAX_VALUE);
    button.setId("other-way-" + index);
    button.getStyleClass().add("other-way");
    button.setAccessibleText(
        "Pin finger " + top.finger().sign() + " on string " + top.string() + " here");
    button.setOnAction(e -> desk.pin(Pin.of(plan.note().number(), top.string(), top.finger())));
    return button;
  }

  private String wayWords(OtherWay way) {
    if (!way.placement().usesHand()) {
      return "open string";
    }
    String position = PositionWords.of(desk.instrument(), way.placement());
    return way.placement().onlyTouches() ? "harmonic, " + position : position;
  }

  private static String css(javafx.scene.paint.Color colour) {
    return String.format(
        "#%02X%02X%02X",
        Math.round(colour.getRed() * 255),
        Math.round(colour.getGreen() * 255),
        Math.round(colour.getBlue() * 255));
  }

  private void addHardSpots() {
    List<Shift> hardest =
        desk.study().leftHand().shifts().stream()
            .sorted(Comparator.comparingDouble(Shift::speedMmPerSecond).reversed())
            .limit(HARD_SPOTS)
            .toList();
    if (hardest.isEmpty()) {
      return;
    }
    content.getChildren().add(Parts.heading("Hardest shifts, fastest hand first"));
    for (Shift shift : hardest) {
      PlayedNote to = desk.study().notes().get(shift.toNote());
      Button spot =
          Parts.button(
              "hard-spot-" + shift.toNote(),
              "bar " + bar(to) + ", " + pitches(to),
              "link-action",
              () -> desk.select(shift.toNote()));
      Label figures =
          Parts.label(
              String.format(
                  Locale.ROOT, "%.0f mm/s, %.1f bits", shift.speedMmPerSecond(), shift.bits()),
              "small");
      HBox line = new HBox(8, spot, Parts.stretch(), figures);
      line.setAlignment(Pos.CENTER_LEFT);
      content.getChildren().add(line);
    }
  }
}
