package app.fret.desktop.view.dialog;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.DayField;
import app.fret.desktop.view.part.Parts;
import app.fret.score.Span;
import app.fret.study.Study;
import app.fret.time.Occasion;
import app.fret.time.TempoChoices;
import app.fret.time.TempoPlace;
import app.fret.time.TempoProposal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** How fast a passage goes, and where otherwise: limits, occasion, regions, ramps, free places. */
public final class TempoPane extends VBox {
  private static final double WIDTH = 640;

  private final PassageDesk desk;
  private final TextField target = field("tempo-target");
  private final TextField slowest = field("tempo-slowest");
  private final TextField ceiling = field("tempo-ceiling");
  private final CheckBox prescribed = new CheckBox("Others give the tempo: it stays as it is");
  private final VBox changes = new VBox(2);
  private final VBox places = new VBox(6);
  private final ChoiceBox<TempoPlace.Kind> kind = new ChoiceBox<>();
  private final TextField number = field("tempo-number");
  private final Label fault = Parts.words("", "trouble");
  private final DayField due = new DayField("tempo-due", fault::setText);

  /** The tempi of the open passage. */
  public TempoPane(PassageDesk desk, Runnable onClose) {
    super(12);
    this.desk = desk;
    setId("tempo-pane");
    getStyleClass().add("dialog-card");
    setMaxSize(WIDTH, USE_PREF_SIZE);
    fault.setId("tempo-fault");
    fault.managedProperty().bind(fault.textProperty().isNotEmpty());
    getChildren()
        .addAll(
            Parts.label("What plays when", "why-title"),
            limits(),
            occasions(),
            changes,
            prescribed,
            day(),
            Parts.heading("Places of their own"),
            newPlace(),
            places,
            fault,
            new HBox(Parts.stretch(), Parts.button("tempo-close", "Done", "main-action", onClose)));
    prescribed.setId("tempo-prescribed");
    prescribed.setOnAction(
        e ->
            apply(
                desk.tempo().withPrescribed(prescribed.isSelected()),
                prescribed.isSelected() ? "The tempo is prescribed" : "The tempo is yours"));
    Parts.whileShown(this, desk.studyProperty(), this::show);
    show();
  }

  private static TextField field(String id) {
    TextField field = new TextField();
    field.setId(id);
    field.setPrefColumnCount(5);
    return field;
  }

  private static HBox row(javafx.scene.Node... parts) {
    HBox row = new HBox(8, parts);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private HBox limits() {
    for (TextField field : List.of(target, slowest, ceiling)) {
      field.setOnAction(e -> takeLimits());
      field
          .focusedProperty()
          .addListener(
              (property, was, is) -> {
                if (!is) {
                  takeLimits();
                }
              });
    }
    return row(
        Parts.label("Target, " + Words.beat(desk.tempo().target().beat()) + " ="),
        target,
        Parts.label("slowest that will do"),
        slowest,
        Parts.label("never above"),
        ceiling);
  }

  private void takeLimits() {
    try {
      double wanted = figure(target);
      TempoChoices tempo = desk.tempo();
      boolean same = wanted == tempo.target().perMinute();
      TempoChoices next =
          same
              ? tempo.within(
                  limit(slowest, tempo.slowestPerMinute(), tempo.slowest()),
                  limit(ceiling, tempo.ceilingPerMinute(), tempo.ceiling()))
              : tempo.withTarget(tempo.target().at(wanted));
      fault.setText("");
      if (!next.equals(tempo)) {
        apply(next, "Tempo " + Words.tempo(next.target()));
      }
    } catch (IllegalArgumentException e) {
      fault.setText(Words.sentence(e.getMessage()));
    }
  }

  /** A limit that stands as it was shown is not decided by that. */
  private static OptionalDouble limit(TextField field, double shown, OptionalDouble before) {
    double value = figure(field);
    return value == shown ? before : OptionalDouble.of(value);
  }

  private static double figure(TextField field) {
    try {
      return Double.parseDouble(field.getText().strip());
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException(
          "a tempo is a number of beats a minute; this says '" + field.getText() + "'", e);
    }
  }

  private HBox occasions() {
    HBox row = row(Parts.label("For"));
    ToggleGroup group = new ToggleGroup();
    for (Occasion occasion : Occasion.values()) {
      ToggleButton chip = new ToggleButton(occasion.words());
      chip.setId("occasion-" + occasion.id());
      chip.getStyleClass().add("mode-button");
      chip.setToggleGroup(group);
      chip.setSelected(desk.tempo().occasion() == occasion);
      chip.setOnAction(
          e -> {
            chip.setSelected(true);
            apply(desk.tempo().withOccasion(occasion), "Prepared for: " + occasion.words());
          });
      row.getChildren().add(chip);
    }
    return row;
  }

  private HBox day() {
    due.setValue(desk.dueProperty().get().orElse(null));
    due.setOnAction(e -> takeDay());
    due.getEditor()
        .focusedProperty()
        .addListener(
            (property, was, is) -> {
              if (!is) {
                takeDay();
              }
            });
    return row(Parts.label("On"), due);
  }

  private void takeDay() {
    try {
      Optional<LocalDate> day = due.day();
      fault.setText("");
      if (!day.equals(desk.dueProperty().get())) {
        desk.setDue(day);
      }
    } catch (IllegalArgumentException e) {
      fault.setText(e.getMessage());
    }
  }

  private HBox newPlace() {
    kind.setId("tempo-kind");
    kind.getItems().setAll(TempoPlace.Kind.values());
    kind.setValue(TempoPlace.Kind.REGION);
    kind.setConverter(
        new StringConverter<>() {
          @Override
          public String toString(TempoPlace.Kind each) {
            return each.words();
          }

          @Override
          public TempoPlace.Kind fromString(String words) {
            return kind.getItems().stream()
                .filter(each -> each.words().equals(words))
                .findFirst()
                .orElse(kind.getValue());
          }
        });
    number.setOnAction(e -> addPlace());
    return row(
        Parts.label(selectedWords()),
        kind,
        number,
        Parts.button("tempo-add", "Set it", "outline-action", this::addPlace));
  }

  private String selectedWords() {
    Span bars = desk.selectedBars();
    String from = desk.study().passage().bars().get(bars.first()).label();
    String to = desk.study().passage().bars().get(bars.last()).label();
    return from.equals(to)
        ? "Bar " + from + ", the notes selected:"
        : "Bars " + from + " to " + to + ", the notes selected:";
  }

  private void addPlace() {
    Optional<Span> notes = desk.selection().range();
    if (notes.isEmpty()) {
      fault.setText("There is no note here to set a tempo for.");
      return;
    }
    try {
      Study study = desk.study();
      TempoPlace place =
          new TempoPlace(
              kind.getValue(),
              study.places().top(notes.get().first()),
              study.places().top(notes.get().last()),
              figure(number));
      fault.setText("");
      apply(desk.tempo().withPlace(place), "Set " + place.kind().words());
    } catch (IllegalArgumentException e) {
      fault.setText(Words.sentence(e.getMessage()));
    }
  }

  private void apply(TempoChoices next, String what) {
    desk.setTempo(next, what);
  }

  private void show() {
    TempoChoices tempo = desk.tempo();
    target.setText(Words.number(tempo.target().perMinute()));
    slowest.setText(Words.number(tempo.slowestPerMinute()));
    ceiling.setText(Words.number(tempo.ceilingPerMinute()));
    prescribed.setSelected(tempo.prescribed());
    changes.getChildren().clear();
    tempo.occasion().changes().forEach(c -> changes.getChildren().add(Parts.words(c, "small")));
    places.getChildren().clear();
    tempo.places().forEach(p -> places.getChildren().add(line(p)));
    for (TempoProposal proposal : TempoProposal.of(desk.study().brief().reading(), tempo)) {
      places.getChildren().add(line(proposal));
    }
  }

  private HBox line(TempoPlace place) {
    String words =
        bars(place) + ": " + place.kind().words() + " " + Words.number(place.perMinute());
    return row(
        Parts.label(words),
        Parts.stretch(),
        Parts.button(
            "",
            "Take it out",
            "link-action",
            () -> apply(desk.tempo().without(place), "The target holds again")));
  }

  private HBox line(TempoProposal proposal) {
    TempoPlace place = proposal.place();
    String words =
        "Proposed: "
            + bars(place)
            + ", "
            + proposal.words()
            + ": "
            + Words.number(place.perMinute());
    boolean broadens = place.kind() == TempoPlace.Kind.FREE;
    var take =
        Parts.button(
            broadens ? "take-broadening" : "take-tempo-word",
            broadens ? "Broaden here" : "Take it",
            "link-action",
            () -> apply(desk.tempo().withPlace(place), "Taken: " + proposal.words()));
    take.setMinWidth(Region.USE_PREF_SIZE);
    return row(Parts.label(words, "quiet"), Parts.stretch(), take);
  }

  private String bars(TempoPlace place) {
    String from = desk.study().passage().bars().get(place.from().bar()).label();
    String to = desk.study().passage().bars().get(place.to().bar()).label();
    return from.equals(to) ? "Bar " + from : "Bars " + from + " to " + to;
  }
}
