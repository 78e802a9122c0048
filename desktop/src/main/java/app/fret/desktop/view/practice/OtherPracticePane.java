package app.fret.desktop.view.practice;

import app.fret.book.OtherItem;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.exchange.ImportOffer;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.view.part.KindWords;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.Scale;
import app.fret.score.Step;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * What a player practises besides the passages: studies and recordings, which take turns in a
 * quarter of the time, and scales, which get music, a ladder and a date of their own.
 */
public final class OtherPracticePane extends VBox {
  private static final double WIDTH = 660;
  private static final int USUAL_MINUTES = 8;
  private static final int MOST_MINUTES = 120;
  private static final int STEP_MINUTES = 1;
  private static final int USUAL_OCTAVES = 2;

  private final Desk desk;
  private final PassageDesk passage;
  private final PracticeDay day;
  private final Consumer<ImportOffer> onScale;
  private final VBox rows = new VBox(8);
  private final Label fault = Parts.words("", "trouble");
  private final ChoiceBox<String> kind = choice("besides-kind", "study", "recording to listen to");
  private final TextField title = new TextField();
  private final Spinner<Integer> minutes =
      new Spinner<>(1, MOST_MINUTES, USUAL_MINUTES, STEP_MINUTES);
  private final ChoiceBox<String> letter =
      choice("scale-letter", "C", "D", "E", "F", "G", "A", "B");
  private final ChoiceBox<String> sign = choice("scale-sign", "natural", "sharp", "flat");
  private final ChoiceBox<Scale.Kind> scale = new ChoiceBox<>();
  private final ChoiceBox<String> octaves =
      choice(
          "scale-octaves",
          IntStream.rangeClosed(1, Scale.MOST_OCTAVES)
              .mapToObj(n -> n == 1 ? "1 octave" : n + " octaves")
              .toArray(String[]::new));

  /** What the player of a day practises besides. */
  public OtherPracticePane(
      Desk desk,
      PassageDesk passage,
      PracticeDay day,
      Consumer<ImportOffer> onScale,
      Runnable onClose) {
    super(12);
    this.desk = desk;
    this.passage = passage;
    this.day = day;
    this.onScale = onScale;
    setId("besides-pane");
    getStyleClass().add("dialog-card");
    setMaxSize(WIDTH, USE_PREF_SIZE);
    fault.setId("besides-fault");
    fault.managedProperty().bind(fault.textProperty().isNotEmpty());
    HBox foot =
        new HBox(Parts.stretch(), Parts.button("besides-close", "Done", "main-action", onClose));
    getChildren()
        .addAll(
            Parts.label("Besides the passages", "why-title"),
            rows,
            Parts.heading("Add a study or a recording"),
            Parts.words(
                "They take turns in a quarter of each day's time. While you listen, the card takes"
                    + " down the tempo you tap, bowings, amount of bow and shape.",
                "small"),
            adding(),
            Parts.heading("Add a scale"),
            Parts.words(
                "It is laid out as music, with fingers, a ladder and a date of its own.", "small"),
            scales(),
            fault,
            foot);
    Parts.whileShown(this, day.seenProperty(), this::show);
    show();
  }

  private static ChoiceBox<String> choice(String id, String... words) {
    ChoiceBox<String> box = new ChoiceBox<>();
    box.setId(id);
    box.getItems().addAll(words);
    box.getSelectionModel().select(0);
    return box;
  }

  private HBox adding() {
    title.setId("besides-title");
    title.setPromptText("its name");
    HBox.setHgrow(title, Priority.ALWAYS);
    minutes.setId("besides-minutes");
    minutes.setPrefWidth(76);
    minutes.setEditable(true);
    return line(
        kind,
        title,
        minutes,
        unit("min"),
        action("besides-add", "Add", "outline-action", this::add));
  }

  private HBox scales() {
    scale.setId("scale-kind");
    for (Scale.Kind each : Scale.Kind.values()) {
      scale.getItems().add(each);
    }
    scale.setConverter(new KindWords());
    scale.getSelectionModel().select(0);
    octaves.getSelectionModel().select(USUAL_OCTAVES - 1);
    return line(
        letter,
        sign,
        scale,
        octaves,
        Parts.stretch(),
        action("scale-add", "Lay it out \u2026", "outline-action", this::addScale));
  }

  private static Button action(String id, String words, String style, Runnable does) {
    Button button = Parts.button(id, words, style, does);
    button.setMinWidth(USE_PREF_SIZE);
    return button;
  }

  private static Label unit(String words) {
    Label label = Parts.label(words);
    label.setMinWidth(USE_PREF_SIZE);
    return label;
  }

  private static HBox line(Node... nodes) {
    HBox line = new HBox(8, nodes);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  private void show() {
    List<OtherItem> others = day.seenProperty().get().map(DayView::others).orElse(List.of());
    rows.getChildren().setAll(others.stream().map(this::row).toList());
    if (others.isEmpty()) {
      rows.getChildren().add(Parts.words("Nothing so far.", "quiet"));
    }
  }

  private Node row(OtherItem item) {
    VBox words = new VBox(Parts.label(item.title()));
    String what = item.kind() == OtherItem.Kind.STUDY ? "Study" : "Listening";
    words
        .getChildren()
        .add(Parts.words(what + ", " + item.minutes() + " min a turn" + heard(item), "small"));
    HBox.setHgrow(words, Priority.ALWAYS);
    return line(
        words,
        action("besides-remove-" + item.id(), "Take off", "link-action", () -> day.remove(item)));
  }

  private static String heard(OtherItem item) {
    OtherItem.Heard heard = item.heard();
    String tempo =
        heard.perMinute().isPresent()
            ? String.format(Locale.ROOT, "%.0f beats a minute", heard.perMinute().getAsDouble())
            : "";
    List<String> noted =
        List.of(tempo, heard.bowings(), heard.bowAmount(), heard.shape()).stream()
            .filter(n -> !n.isBlank())
            .toList();
    return noted.isEmpty() ? "" : ". Heard: " + String.join("; ", noted);
  }

  private void add() {
    OtherItem.Kind what =
        kind.getSelectionModel().getSelectedIndex() == 0
            ? OtherItem.Kind.STUDY
            : OtherItem.Kind.LISTENING;
    fault.setText("");
    try {
      minutes.commitValue();
      day.add(what, title.getText().strip(), minutes.getValue());
      title.clear();
    } catch (IllegalArgumentException e) {
      fault.setText(e.getMessage());
    }
  }

  private void addScale() {
    fault.setText("");
    try {
      Step step = Step.valueOf(letter.getValue());
      int alter = List.of(0, 1, -1).get(sign.getSelectionModel().getSelectedIndex());
      int count = octaves.getSelectionModel().getSelectedIndex() + 1;
      Scale chosen = new Scale(step, alter, scale.getValue(), count);
      onScale.accept(desk.imports().offerScale(chosen, passage.opened().owner()));
    } catch (IllegalArgumentException e) {
      fault.setText(Optional.ofNullable(e.getMessage()).orElse("It cannot be laid out."));
    }
  }
}
