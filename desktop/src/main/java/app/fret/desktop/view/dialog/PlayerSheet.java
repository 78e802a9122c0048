package app.fret.desktop.view.dialog;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.Parts;
import app.fret.instrument.Habits;
import app.fret.instrument.Hand;
import app.fret.instrument.Instrument;
import app.fret.instrument.Instruments;
import app.fret.instrument.OpenString;
import app.fret.instrument.PlayerSetup;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * What a player says of hand, instrument and schools. Nothing changes before "Plan for this hand";
 * what cannot be is said under the form and stays to be mended.
 */
public final class PlayerSheet extends VBox {
  private static final String CUSTOM = "as is usual on the instrument";
  private static final String USUAL = "usual";
  private static final double MOST_MM = 2000;

  private final PassageDesk desk;
  private final Runnable onClose;
  private final PlayerSetup before;
  private final Instrument.HandSize size;
  private final TextField span = new TextField();
  private final TextField stringLength = new TextField();
  private final TextField tuning = new TextField();
  private final TextField a4 = new TextField();
  private final ChoiceBox<String> setUp = new ChoiceBox<>();
  private final ChoiceBox<String> school = new ChoiceBox<>();
  private final ChoiceBox<String> reach = new ChoiceBox<>();
  private final ChoiceBox<String> crawl = new ChoiceBox<>();
  private final ChoiceBox<String> slide = new ChoiceBox<>();
  private final ChoiceBox<String> guide = new ChoiceBox<>();
  private final ChoiceBox<String> halfSteps = new ChoiceBox<>();
  private final Label fault = Parts.words("", "trouble");
  private final GridPane form = new GridPane();

  /** The player of the open passage. */
  public PlayerSheet(PassageDesk desk, Runnable onClose) {
    this.desk = desk;
    this.onClose = onClose;
    this.before = desk.setup();
    this.size = Instruments.named(before.instrument()).handSize();
    setId("player-sheet");
    getStyleClass().add("dialog-card");
    setSpacing(12);
    setMaxSize(720, USE_PREF_SIZE);
    form.setHgap(16);
    form.setVgap(8);
    addRows();
    fill();
    fault.setId("player-fault");
    fault.managedProperty().bind(fault.textProperty().isNotEmpty());
    var keep = Parts.button("player-keep", "Plan for this hand", "main-action", this::keep);
    var cancel = Parts.button("player-cancel", "Leave as it was", "outline-action", onClose);
    HBox actions = new HBox(8, Parts.stretch(), cancel, keep);
    getChildren()
        .addAll(
            Parts.label(desk.opened().owner().name() + ", " + before.instrument(), "why-title"),
            form,
            care(),
            fault,
            actions);
  }

  private static VBox care() {
    VBox care =
        new VBox(
            2,
            Parts.label("A stretch is never worth a sore hand", "care-title"),
            Parts.words(
                "Measure at ease, not at your furthest. Play a reach at most five times in a row"
                    + " and twenty times a day, warm, and rest five minutes in every twenty-five."
                    + " Stop at any pain, and ask your teacher or a clinician."));
    care.getStyleClass().add("care");
    return care;
  }

  private void addRows() {
    HBox presets = new HBox(6);
    for (Hand.Preset preset : Hand.Preset.values()) {
      String name = preset.name().toLowerCase(Locale.ROOT);
      presets
          .getChildren()
          .add(
              Parts.button(
                  "hand-" + name,
                  name,
                  "outline-action",
                  () -> span.setText(number(Hand.of(preset, size).comfortableMm()))));
    }
    span.setId("player-span");
    span.setPrefColumnCount(6);
    Label or = Parts.label("mm, or");
    or.setMinWidth(USE_PREF_SIZE);
    presets.getChildren().forEach(b -> ((Region) b).setMinWidth(USE_PREF_SIZE));
    HBox hand = new HBox(8, span, or, presets);
    hand.setAlignment(Pos.CENTER_LEFT);
    row("Span at ease", hand, "from first to fourth finger on one string, with a ruler");
    stringLength.setId("player-length");
    row("String length", stringLength, "mm from nut to bridge");
    a4.setId("player-a4");
    row("A", a4, "Hz, 415 to 446");
    tuning.setId("player-tuning");
    row("Open strings", tuning, "string I first, such as " + strings() + "; empty for the usual");
    if (!Instruments.setUps(before.instrument()).isEmpty()) {
      choices(setUp, USUAL, Instruments.setUps(before.instrument()));
      row("Set-up", setUp, "solo tuning, low C or five strings");
    }
    if (!Instruments.schools(before.instrument()).isEmpty()) {
      choices(school, USUAL, Instruments.schools(before.instrument()));
      row("Fingers on the neck", school, "1-2-4 is the usual");
    }
    reach.getItems().addAll("both, by the place", "reach for it", "move the hand");
    row("An odd note", reach, "stretch for it or move the whole hand");
    crawl.getItems().addAll(CUSTOM, "yes", "no");
    row("Crawling", crawl, "the hand opens and follows instead of shifting");
    slide.getItems().addAll("early", "late");
    row("Shifts begin", slide, "at once, or after the note is held");
    guide.getItems().addAll("lower finger carries", "departing finger", "arriving finger");
    guide.setId("player-guide");
    row("Guide notes", guide, "which finger takes the hand along");
    halfSteps.getItems().addAll("by the place", "one letter, one finger");
    halfSteps.setId("player-half-steps");
    if (Instruments.named(before.instrument()).handling().lettersHaveFingers()) {
      row("Runs of half steps", halfSteps, "the older way slides a finger between D and D sharp");
    }
  }

  private String strings() {
    Instrument usual = Instruments.named(before.instrument());
    List<String> names = new ArrayList<>();
    for (OpenString string : usual.strings()) {
      names.add(string.letter() + (string.pitch().midi() / 12 - 1));
    }
    return String.join(" ", names);
  }

  private static void choices(ChoiceBox<String> box, String usual, List<String> names) {
    box.getItems().add(usual);
    box.getItems().addAll(names);
  }

  private void row(String name, Node field, String hint) {
    int row = form.getRowCount();
    Label hintWords = Parts.words(hint, "small");
    hintWords.setMaxWidth(230);
    Label nameWords = Parts.label(name);
    nameWords.setMinWidth(USE_PREF_SIZE);
    form.addRow(row, nameWords, field, hintWords);
  }

  private void fill() {
    Habits habits = before.habits();
    span.setText(number(before.comfortableMm()));
    stringLength.setText(number(before.stringLengthMm()));
    a4.setText(number(before.a4Hz()));
    tuning.setText(before.tuning().map(t -> String.join(" ", t)).orElse(""));
    setUp.setValue(before.setUp().orElse(USUAL));
    school.setValue(before.school().orElse(USUAL));
    reach.getSelectionModel().select(habits.reach().ordinal());
    crawl.setValue(habits.crawl().map(c -> c ? "yes" : "no").orElse(CUSTOM));
    slide.getSelectionModel().select(habits.slide().ordinal());
    guide.getSelectionModel().select(habits.guide().ordinal());
    halfSteps.getSelectionModel().select(habits.halfSteps().ordinal());
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.1f", value).replaceFirst("\\.0$", "");
  }

  private void keep() {
    try {
      PlayerSetup setup = read();
      setup.player(""); // says what does not fit before anything is changed
      onClose.run();
      desk.setSetup(setup, "Planned for a span of " + number(setup.comfortableMm()) + " mm");
    } catch (IllegalArgumentException e) {
      fault.setText(e.getMessage());
    }
  }

  private PlayerSetup read() {
    Habits habits =
        before
            .habits()
            .withReach(Habits.Reach.values()[reach.getSelectionModel().getSelectedIndex()])
            .withSlide(Habits.Slide.values()[slide.getSelectionModel().getSelectedIndex()])
            .withGuide(Habits.Guide.values()[guide.getSelectionModel().getSelectedIndex()])
            .withHalfSteps(
                Habits.HalfSteps.values()[halfSteps.getSelectionModel().getSelectedIndex()]);
    habits =
        crawl.getValue().equals(CUSTOM)
            ? habits.withCrawlByCustom()
            : habits.withCrawl(crawl.getValue().equals("yes"));
    return before
        .withComfortableMm(figure(span, "The span"))
        .withStringLengthMm(figure(stringLength, "The string length"))
        .withA4Hz(figure(a4, "The A"))
        .withTuning(tuning.getText())
        .withSetUp(chosen(setUp))
        .withSchool(chosen(school))
        .withHabits(habits);
  }

  private static Optional<String> chosen(ChoiceBox<String> box) {
    return Optional.ofNullable(box.getValue()).filter(v -> !v.equals(USUAL));
  }

  private double figure(TextField field, String name) {
    try {
      double value = Double.parseDouble(field.getText().strip());
      if (value > 0 && value <= MOST_MM) {
        return value;
      }
      throw new IllegalArgumentException(
          name + " must be a likely figure; it says " + field.getText() + ".");
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException(name + " must be a number; it says " + field.getText());
    }
  }
}
