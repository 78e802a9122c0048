package app.fret.desktop.view;

import app.fret.desktop.model.passage.PulseDesk;
import app.fret.desktop.model.passage.PulseDesk.Subject;
import app.fret.desktop.model.passage.PulseSettings;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.MetronomeScale;
import app.fret.practice.schedule.CardWords;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.sound.ClickKind;
import app.fret.sound.Drone;
import app.fret.sound.LoopedSound.Heard;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.animation.AnimationTimer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The pulse along the foot of the window: start and stop, how fast, what is clicked, a drone. */
final class PulseBar extends HBox {
  private static final double LIGHT_RADIUS = 9;
  private static final double LIT_SECONDS = 0.12;
  private static final int MOST_COUNT_IN = 2;
  private static final List<String> PITCHES =
      List.of("C3", "D3", "E3", "F3", "G3", "A3", "B3", "A4");

  private final PulseDesk pulse;
  private final Button start = new Button();
  private final FontIcon startIcon = new FontIcon(Feather.PLAY);
  private final Label tempo = Parts.label("", "pulse-tempo");
  private final Label place = Parts.label("", "pulse-name");
  private final MenuButton click = menu("pulse-click");
  private final MenuButton countIn = menu("pulse-count-in");
  private final MenuButton silent = menu("pulse-silent");
  private final MenuButton loop = menu("pulse-loop");
  private final MenuButton drone = menu("pulse-drone");
  private final Circle light = new Circle(LIGHT_RADIUS);
  private final Label device = Parts.label("", "pulse-device");
  private final AnimationTimer lighting =
      new AnimationTimer() {
        @Override
        public void handle(long now) {
          light(pulse.clickNow());
        }
      };

  PulseBar(PulseDesk pulse) {
    this.pulse = pulse;
    setId("pulse-bar");
    getStyleClass().add("pulse-bar");
    setAlignment(Pos.CENTER_LEFT);
    start.setId("pulse-start");
    start.setGraphic(startIcon);
    start.getStyleClass().add("pulse-start");
    start.setFocusTraversable(false);
    start.setOnAction(e -> pulse.startOrStop());
    tempo.setId("pulse-tempo");
    device.setId("pulse-device");
    light.getStyleClass().add("pulse-light");
    fillMenus();
    getChildren()
        .addAll(
            start,
            step("pulse-slower", "\u2212", "a metronome step slower", -1),
            tempoBox(),
            step("pulse-faster", "+", "a metronome step faster", 1),
            field("click (K)", click),
            field("count-in", countIn),
            field("silent bars", silent),
            field("loop (L)", loop),
            field("drone", drone),
            Parts.stretch(),
            new StackPane(light),
            device);
    pulse.settingsProperty().addListener((property, before, now) -> show());
    pulse.subjectProperty().addListener((property, before, now) -> show());
    pulse.playingProperty().addListener((property, before, now) -> played(now));
    show();
    light(Optional.empty());
  }

  private VBox tempoBox() {
    VBox box = new VBox(tempo, place);
    box.setAlignment(Pos.CENTER_LEFT);
    box.setMinWidth(USE_PREF_SIZE);
    box.setOnMouseClicked(e -> pulse.ownTempo());
    return box;
  }

  private Button step(String id, String words, String meaning, int by) {
    Button button = Parts.button(id, words, "pulse-step", () -> pulse.stepTempo(by));
    button.setAccessibleText(meaning);
    button.setFocusTraversable(false);
    button.setMinWidth(USE_PREF_SIZE);
    return button;
  }

  private static MenuButton menu(String id) {
    MenuButton menu = new MenuButton();
    menu.setId(id);
    menu.getStyleClass().add("pulse-menu");
    menu.setFocusTraversable(false);
    return menu;
  }

  private static VBox field(String name, Node value) {
    VBox box = new VBox(Parts.label(name, "pulse-name"), value);
    box.setAlignment(Pos.CENTER_LEFT);
    box.setMinWidth(USE_PREF_SIZE);
    return box;
  }

  private void fillMenus() {
    choice(click, "by the ladder", s -> s.withKind(Optional.empty()));
    for (ClickKind kind : PulseDesk.kinds()) {
      if (kind != ClickKind.NONE) {
        choice(click, kind.words(), s -> s.withKind(Optional.of(kind)));
      }
    }
    click.getItems().add(new SeparatorMenuItem());
    choice(click, ClickKind.NONE.words(), s -> s.withClicks(false));
    for (int bars = 0; bars <= MOST_COUNT_IN; bars++) {
      int counted = bars;
      choice(countIn, barsWords(bars), s -> s.withCountIn(counted));
    }
    choice(silent, silentWords(0, 0), s -> s.withSilentBars(0, 0));
    for (int[] bars : new int[][] {{2, 1}, {1, 1}, {2, 2}, {1, 3}}) {
      choice(silent, silentWords(bars[0], bars[1]), s -> s.withSilentBars(bars[0], bars[1]));
    }
    choice(loop, "all", s -> s.withLoop(false));
    choice(loop, "the selected bars", s -> s.withLoop(true));
    choice(drone, "off", s -> s.withDrone(Optional.empty()));
    for (String what : List.of("tonic", "fifth", "chord")) {
      choice(drone, droneWords(what), s -> s.withDrone(Optional.of(new Drone(what, true))));
    }
    drone.getItems().add(new SeparatorMenuItem());
    for (String pitch : PITCHES) {
      choice(drone, pitch, s -> s.withDrone(Optional.of(new Drone(pitch, false))));
    }
  }

  private void choice(MenuButton menu, String words, UnaryOperator<PulseSettings> taken) {
    MenuItem item = new MenuItem(words);
    item.setOnAction(e -> pulse.set(taken.apply(pulse.settingsProperty().get())));
    menu.getItems().add(item);
  }

  private static String barsWords(int bars) {
    return bars == 0 ? "none" : Words.count(bars, "bar", "bars");
  }

  private static String silentWords(int clicked, int silent) {
    return silent == 0 ? "none" : clicked + " on, " + silent + " off";
  }

  private static String droneWords(String what) {
    return what.equals("chord") ? "root of each bar" : what;
  }

  private void played(boolean now) {
    startIcon.setIconCode(now ? Feather.SQUARE : Feather.PLAY);
    start.setAccessibleText(now ? "Stop the pulse" : "Start the pulse");
    if (now) {
      lighting.start();
    } else {
      lighting.stop();
      light(Optional.empty());
    }
  }

  private void show() {
    PulseSettings now = pulse.settingsProperty().get();
    Optional<Subject> subject = pulse.subjectProperty().get();
    start.setDisable(subject.isEmpty());
    click.setText(clickWords(now, subject));
    countIn.setText(barsWords(now.countInBars()));
    silent.setText(silentWords(now.clickedBars(), now.silentBars()));
    loop.setText(loopWords(now, subject));
    drone.setText(now.drone().map(d -> droneWords(d.what())).orElse("off"));
    subject.ifPresent(this::showTempo);
  }

  private void showTempo(Subject subject) {
    Tempo shown = MetronomeScale.clickable(subject.tempo());
    tempo.setText(Words.tempo(shown));
    String of =
        subject
            .own()
            .map(d -> d.kind().words())
            .or(() -> subject.card().map(CardWords::title))
            .orElse("rung " + (subject.rung() + 1) + " of the ladder");
    place.setText(subject.isOwnTempo() ? "chosen here" : of);
  }

  private static String clickWords(PulseSettings now, Optional<Subject> subject) {
    if (!now.clicks()) {
      return "off";
    }
    return now.kind()
        .map(ClickKind::words)
        .orElse(subject.map(s -> s.ladderClick().words()).orElse("by the ladder"));
  }

  private static String loopWords(PulseSettings now, Optional<Subject> subject) {
    Optional<Span> bars = subject.flatMap(Subject::bars);
    if (!now.loopsSelection() || bars.isEmpty()) {
      return "all";
    }
    String from = subject.get().study().passage().bars().get(bars.get().first()).label();
    String to = subject.get().study().passage().bars().get(bars.get().last()).label();
    return from.equals(to) ? "bar " + from : "bars " + from + "\u2013" + to;
  }

  /** What is heard is seen as well, so that time is kept where there is no sound. */
  private void light(Optional<Heard> heard) {
    boolean isLit = heard.filter(h -> h.ageSeconds() < LIT_SECONDS).isPresent();
    light.setOpacity(isLit ? 1 : 0.25);
    light.setRadius(
        isLit
            ? LIGHT_RADIUS * (0.5 + heard.get().click().strength().gain() / 2)
            : LIGHT_RADIUS / 2);
    device.setText(pulse.silentBecause().map(why -> why + ": the pulse is shown here").orElse(""));
  }
}
