package app.fret.desktop.view.practice;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.Gate;
import app.fret.practice.PracticeChoices;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Learner.Stance;
import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** How a player practises, and when a rung of the open passage is passed. */
public final class HabitsPane extends VBox {
  private static final double WIDTH = 640;
  private static final int STEP_MINUTES = 5;
  private static final int LEAST_MINUTES = 5;
  private static final int MOST_MINUTES = 600;
  private static final int MOST_RHYTHM_DAYS = 3;
  private static final int MOST_CLEAN = 10;

  private final PassageDesk desk;
  private final PracticeDay day;
  private final VBox rows = new VBox(10);

  /** The habits of the open passage's player. */
  public HabitsPane(PassageDesk desk, PracticeDay day, Runnable onClose) {
    super(14);
    this.desk = desk;
    this.day = day;
    setId("habits-pane");
    getStyleClass().add("dialog-card");
    setMaxSize(WIDTH, USE_PREF_SIZE);
    HBox foot =
        new HBox(Parts.stretch(), Parts.button("habits-close", "Done", "main-action", onClose));
    getChildren().addAll(Parts.label("How you practise", "why-title"), rows, foot);
    Parts.whileShown(this, day.seenProperty(), this::show);
    Parts.whileShown(this, desk.studyProperty(), this::show);
    show();
  }

  private void show() {
    Optional<Learner> learner = day.seenProperty().get().map(DayView::learner);
    rows.getChildren().clear();
    learner.ifPresent(this::showLearner);
    showPassage();
  }

  private void showLearner(Learner learner) {
    rows.getChildren()
        .addAll(
            row("Minutes a day, breaks included", minutes(learner)),
            row("Other minutes on", new WeekdayMinutes(learner, day::practise, this::refuse)),
            row("Days off", daysOff(learner)),
            row("Days with a rhythm set, a week", rhythmDays(learner)),
            row("When not all can be ready", stance(learner)));
  }

  private static HBox row(String name, Node... values) {
    Label label = Parts.label(name);
    label.setMinWidth(USE_PREF_SIZE);
    HBox row = new HBox(8, label, Parts.stretch());
    row.getChildren().addAll(values);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static Button step(String id, String words, Runnable action) {
    return Parts.button(id, words, "outline-action", action);
  }

  private Node[] minutes(Learner learner) {
    int now = learner.minutesPerDay();
    int fewer = Math.max(LEAST_MINUTES, now - STEP_MINUTES);
    int more = Math.min(MOST_MINUTES, now + STEP_MINUTES);
    return new Node[] {
      step("habits-fewer", "\u2212 5", () -> day.practise(learner.withMinutes(fewer))),
      Parts.label(now + " min"),
      step("habits-more", "+ 5", () -> day.practise(learner.withMinutes(more)))
    };
  }

  private void refuse(String why) {
    desk.practise().say(why);
    show();
  }

  private Node[] daysOff(Learner learner) {
    return Arrays.stream(DayOfWeek.values())
        .map(
            each -> {
              String name = each.getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
              String id = "off-" + name.toLowerCase(Locale.ROOT);
              return chip(
                  id, name, learner.daysOff().contains(each), () -> switchDay(learner, each));
            })
        .toArray(Node[]::new);
  }

  private void switchDay(Learner learner, DayOfWeek each) {
    Set<DayOfWeek> off = EnumSet.noneOf(DayOfWeek.class);
    off.addAll(learner.daysOff());
    if (!off.remove(each)) {
      off.add(each);
    }
    if (off.size() < DayOfWeek.values().length) {
      day.practise(learner.withDaysOff(off));
    } else {
      desk.practise().say("One day of the week must stay to practise on.");
      show();
    }
  }

  private Node[] rhythmDays(Learner learner) {
    return IntStream.rangeClosed(1, MOST_RHYTHM_DAYS)
        .mapToObj(
            days ->
                chip(
                    "rhythm-" + days,
                    String.valueOf(days),
                    learner.rhythmDaysPerWeek() == days,
                    () -> day.practise(learner.withRhythmDays(days))))
        .toArray(Node[]::new);
  }

  private Node[] stance(Learner learner) {
    boolean even = learner.stance() == Stance.EVEN;
    return new Node[] {
      chip(
          "stance-even",
          "keep the weakest highest",
          even,
          () -> day.practise(learner.with(Stance.EVEN))),
      chip(
          "stance-many",
          "as many ready as can be",
          !even,
          () -> day.practise(learner.with(Stance.AS_MANY_READY_AS_POSSIBLE)))
    };
  }

  private static ToggleButton chip(String id, String words, boolean isOn, Runnable action) {
    ToggleButton chip = new ToggleButton(words);
    chip.setId(id);
    chip.getStyleClass().add("mode-button");
    chip.setSelected(isOn);
    chip.setMinWidth(USE_PREF_SIZE);
    chip.setOnAction(
        e -> {
          chip.setSelected(isOn);
          action.run();
        });
    return chip;
  }

  private void showPassage() {
    PracticeChoices now = desk.practise().choices();
    Gate gate = now.gate();
    rows.getChildren()
        .addAll(
            Parts.heading(desk.study().passage().title()),
            row("Clean passes in a row that open a rung", clean(now)),
            check(
                "gate-strict",
                "Strict: the first miss goes back a rung, not the second in a row",
                gate.isStrict(),
                () -> take(now.with(new Gate(gate.cleanNeeded(), !gate.isStrict())))),
            check(
                "keep-beat",
                "Rhythms keep the beat (else the printed note value)",
                now.keepsBeat(),
                () -> take(now.withBeatKept(!now.keepsBeat()))));
  }

  private Node[] clean(PracticeChoices now) {
    int needed = now.gate().cleanNeeded();
    boolean strict = now.gate().isStrict();
    return new Node[] {
      step(
          "fewer-clean", "\u2212", () -> take(now.with(new Gate(Math.max(1, needed - 1), strict)))),
      Parts.label(Words.number(needed)),
      step(
          "more-clean",
          "+",
          () -> take(now.with(new Gate(Math.min(MOST_CLEAN, needed + 1), strict))))
    };
  }

  private void take(PracticeChoices choices) {
    desk.practise().decide(choices, "How it is practised is set");
  }

  private static CheckBox check(String id, String words, boolean isOn, Runnable action) {
    CheckBox box = new CheckBox(words);
    box.setId(id);
    box.setSelected(isOn);
    box.setOnAction(e -> action.run());
    return box;
  }
}
