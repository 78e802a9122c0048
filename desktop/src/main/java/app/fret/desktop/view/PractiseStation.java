package app.fret.desktop.view;

import app.fret.book.LogEntry;
import app.fret.desktop.model.Command;
import app.fret.desktop.model.PassageDesk;
import app.fret.desktop.model.Words;
import app.fret.desktop.music.LadderView;
import app.fret.practice.Climb;
import app.fret.practice.MetronomeScale;
import app.fret.practice.PracticePlan;
import app.fret.score.Tempo;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.RowConstraints;
import javafx.scene.layout.VBox;

/** The rung to work on now, two large buttons, the whole ladder, and the latest passes. */
final class PractiseStation extends VBox {
  private static final int PASSES_SHOWN = 20;
  private static final DateTimeFormatter WHEN =
      DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

  private final PassageDesk desk;
  private final LadderView ladder = new LadderView();
  private final Label rung = Parts.label("", "rung-tempo");
  private final Label click = Parts.words("", "quiet");
  private final Label left = Parts.words("", "rung-left");
  private final VBox passes = new VBox(4);
  private final Label reach = Parts.words("");

  PractiseStation(PassageDesk desk) {
    this.desk = desk;
    setId("practise-station");
    getStyleClass().add("practise");
    rung.setId("rung-tempo");
    left.setId("rung-left");
    GridPane grid = new GridPane();
    grid.setHgap(16);
    grid.setVgap(16);
    ColumnConstraints half = new ColumnConstraints();
    half.setPercentWidth(50);
    half.setHgrow(Priority.ALWAYS);
    grid.getColumnConstraints().addAll(half, half);
    grid.add(now(), 0, 0);
    grid.add(climbCard(), 1, 0, 1, 2);
    grid.add(logCard(), 0, 1);
    RowConstraints top = new RowConstraints();
    RowConstraints rest = new RowConstraints();
    rest.setVgrow(Priority.ALWAYS);
    grid.getRowConstraints().addAll(top, rest);
    VBox.setVgrow(grid, Priority.ALWAYS);
    getChildren().addAll(grid);
    desk.passes().climbProperty().addListener((property, before, current) -> show());
    desk.studyProperty().addListener((property, before, current) -> show());
    show();
  }

  private VBox now() {
    Button clean = bigButton("clean", "Clean", "C", "clean-action", Command.CLEAN);
    Button miss = bigButton("miss", "Miss", "M", "miss-action", Command.MISS);
    HBox buttons = new HBox(16, clean, miss);
    VBox card = new VBox(8, Parts.heading("Play it now at"), rung, click, left, buttons);
    card.getStyleClass().add("card");
    return card;
  }

  private Button bigButton(String id, String words, String key, String style, Command command) {
    Label name = Parts.label(words, "big-words");
    VBox face = new VBox(name, Parts.label(key, "big-key"));
    face.setAlignment(Pos.CENTER);
    Button button = new Button();
    button.setGraphic(face);
    button.setId(id);
    button.getStyleClass().addAll("big-action", style);
    button.setMaxWidth(Double.MAX_VALUE);
    button.setAccessibleText(command.words());
    button.setOnAction(e -> desk.perform(command));
    HBox.setHgrow(button, Priority.ALWAYS);
    return button;
  }

  private VBox climbCard() {
    HBox head =
        new HBox(Parts.heading("Ladder"), Parts.stretch(), Parts.label("beats a minute", "small"));
    head.setAlignment(Pos.BASELINE_LEFT);
    reach.setMinHeight(USE_PREF_SIZE);
    VBox.setVgrow(ladder, Priority.SOMETIMES);
    VBox card = new VBox(8, head, ladder, reach);
    card.getStyleClass().add("card");
    return card;
  }

  private VBox logCard() {
    ScrollPane scroll = Parts.scroll(passes);
    passes.setPadding(new Insets(0, 14, 0, 0));
    scroll.setMinHeight(60);
    scroll.setPrefHeight(60);
    VBox card = new VBox(8, Parts.heading("Latest passes"), scroll);
    card.getStyleClass().add("card");
    return card;
  }

  private void show() {
    Climb climb = desk.passes().climbProperty().get();
    Tempo tempo = climb.ladder().tempo(climb.rung());
    rung.setText(Words.tempo(tempo));
    click.setText(clickWords(tempo));
    left.setText(leftWords(climb));
    ladder.show(climb);
    reach.setText(reachWords(climb));
    showPasses();
  }

  private String clickWords(Tempo tempo) {
    Tempo clickable = MetronomeScale.clickable(tempo);
    double seconds =
        PracticePlan.passSeconds(
            desk.study().passage(),
            desk.study().brief().tempos(),
            desk.study().choices().target(),
            tempo);
    String once = "once through takes " + Words.seconds(seconds);
    return clickable.equals(tempo)
        ? once
        : "set the metronome to " + Words.tempo(clickable) + "; " + once;
  }

  private static String leftWords(Climb climb) {
    if (climb.isDone()) {
      return "The target is clean. One clean run a day keeps it.";
    }
    boolean last = climb.rung() == climb.ladder().rungs().size() - 1;
    String goal =
        last
            ? "pass the target"
            : "open " + Words.number(climb.ladder().rungs().get(climb.rung() + 1));
    String needed = Words.count(climb.cleanLeft(), "clean pass", "clean passes");
    String miss = climb.missesInARow() == 1 ? " One more miss goes back a rung." : "";
    return climb.cleanInARow() + " clean in a row. " + needed + " more " + goal + "." + miss;
  }

  /** The time the rest of the climb takes if every pass is clean. */
  private String reachWords(Climb climb) {
    if (climb.isDone()) {
      return "All rungs are passed.";
    }
    List<Double> seconds = desk.study().practice().passSeconds();
    int rungs = climb.ladder().rungs().size();
    double total = seconds.get(climb.rung()) * climb.cleanLeft();
    for (int above = climb.rung() + 1; above < rungs; above++) {
      total += seconds.get(above) * climb.cleanNeeded();
    }
    int passesLeft = climb.cleanLeft() + (rungs - 1 - climb.rung()) * climb.cleanNeeded();
    return passesLeft
        + " clean passes lead to the target: "
        + Words.seconds(total)
        + " of playing if none is missed. Spread it over several days.";
  }

  private void showPasses() {
    passes.getChildren().clear();
    List<LogEntry> log = desk.passes().entries();
    for (int i = log.size() - 1; i >= Math.max(0, log.size() - PASSES_SHOWN); i--) {
      passes.getChildren().add(pass(log.get(i)));
    }
    if (log.isEmpty()) {
      passes
          .getChildren()
          .add(Parts.words("None yet. Play the passage once, then press Clean or Miss.", "quiet"));
    }
    desk.passes()
        .unreadable()
        .forEach(bad -> passes.getChildren().add(Parts.words(bad, "trouble")));
  }

  private HBox pass(LogEntry entry) {
    Label when = Parts.label(WHEN.format(entry.at().atZone(ZoneId.systemDefault())), "quiet");
    Label tempo = Parts.label(Words.tempo(entry.tempo()));
    Label result =
        Parts.label(entry.clean() ? "clean" : "miss", entry.clean() ? "task-done" : "trouble");
    when.setMinWidth(USE_PREF_SIZE);
    tempo.setMinWidth(USE_PREF_SIZE);
    HBox line = new HBox(8, when, Parts.stretch(), tempo, result);
    result.setMinWidth(44);
    result.setAlignment(Pos.CENTER_RIGHT);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }
}
