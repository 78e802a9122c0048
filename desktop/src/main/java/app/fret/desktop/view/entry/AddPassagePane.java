package app.fret.desktop.view.entry;

import app.fret.book.BookPlayer;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.exchange.ImportChoice;
import app.fret.desktop.model.exchange.ImportOffer;
import app.fret.desktop.model.passage.Section;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.DayField;
import app.fret.desktop.view.part.Parts;
import app.fret.files.PartNames;
import app.fret.files.ReadPassage;
import app.fret.files.ScoreRejectedException;
import app.fret.files.midi.MidiScore;
import app.fret.instrument.Instruments;
import app.fret.score.BeatUnit;
import app.fret.score.EightBelow;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Asks what a file does not say: which part and bars, for whom, at what tempo, by when. */
public final class AddPassagePane extends VBox {
  private static final String NEW_PLAYER = "a new player";
  private static final String WHOLE_PART = "the whole part";

  private final Desk desk;
  private final ImportOffer offer;
  private final ReadingQuestions questions = new ReadingQuestions(this::readOtherwise);
  private final Runnable onClose;
  private final TextField title = new TextField();
  private final ComboBox<String> part = new ComboBox<>();
  private final ComboBox<String> mark = new ComboBox<>();
  private List<Section> sections = List.of();
  private final TextField firstBar = new TextField();
  private final TextField lastBar = new TextField();
  private final ComboBox<String> player = new ComboBox<>();
  private final TextField newPlayer = new TextField();
  private final ComboBox<String> instrument = new ComboBox<>();
  private final ComboBox<String> beat = new ComboBox<>();
  private final TextField perMinute = new TextField();
  private final DayField due = new DayField("add-due", this::refuseDay);
  private final Label passedOver = Parts.words("", "small");
  private final Label layout = Parts.words("", "small");
  private final Label fault = Parts.words("", "trouble");
  private final List<BookPlayer> players;
  private final GridPane form = new GridPane();
  private ImportOffer asked;
  private Optional<ReadPassage> read = Optional.empty();

  /** Why what was typed is no day, until that was said or a day is there. */
  private Optional<String> noDay = Optional.empty();

  /** For what was offered. */
  public AddPassagePane(Desk desk, ImportOffer offer, Runnable onClose) {
    super(12);
    this.desk = desk;
    this.offer = offer;
    this.asked = offer;
    this.onClose = onClose;
    this.players = offer.players();
    setId("add-pane");
    getStyleClass().add("dialog-card");
    setMaxSize(520, Region.USE_PREF_SIZE);
    name(title, "add-title");
    name(part, "add-part");
    name(mark, "add-mark");
    name(firstBar, "add-first-bar");
    name(lastBar, "add-last-bar");
    name(player, "add-player");
    name(newPlayer, "add-new-player");
    name(instrument, "add-instrument");
    name(beat, "add-beat");
    name(perMinute, "add-per-minute");
    fault.setId("add-fault");
    passedOver.setId("add-passed-over");
    for (Label words : List.of(passedOver, layout, fault)) {
      words.managedProperty().bind(words.textProperty().isNotEmpty());
    }
    fill();
    String meant =
        players.isEmpty() ? instrument.getValue() : players.get(likelyPlayer()).instrument();
    int likely = offer.score().likelyPart(meant);
    part.getSelectionModel().select(likely);
    readPart(likely);
  }

  /** Puts the cursor where something is missing, so that no mouse is needed. */
  public void begin() {
    if (isNewPlayer()) {
      newPlayer.requestFocus();
    } else {
      title.requestFocus();
    }
  }

  private static void name(Node node, String id) {
    node.setId(id);
  }

  private void fill() {
    title.setText(offer.score().title());
    part.getItems().setAll(offer.score().partNames());
    part.getSelectionModel().select(0);
    part.getSelectionModel()
        .selectedIndexProperty()
        .addListener((property, before, now) -> readPart(now.intValue()));
    players.forEach(p -> player.getItems().add(p.name() + ", " + p.instrument()));
    player.getItems().add(NEW_PLAYER);
    player.getSelectionModel().select(likelyPlayer());
    player
        .getSelectionModel()
        .selectedIndexProperty()
        .addListener((property, before, now) -> offerPart());
    instrument.getItems().setAll(Instruments.NAMES);
    instrument.getSelectionModel().select(0);
    instrument.setOnAction(e -> offerPart());
    BeatUnit.NOTES.forEach(unit -> beat.getItems().add(unit.name()));
    firstBar.setPrefColumnCount(5);
    lastBar.setPrefColumnCount(5);
    perMinute.setPrefColumnCount(5);
  }

  /** The first player whose instrument the name of a part tells, else the first of all. */
  private int likelyPlayer() {
    List<String> instruments =
        offer.score().partNames().stream()
            .flatMap(name -> PartNames.instrumentOf(name).stream())
            .toList();
    for (int i = 0; i < players.size(); i++) {
      if (instruments.contains(players.get(i).instrument())) {
        return i;
      }
    }
    return 0;
  }

  /** The part of the player who is chosen now. */
  private void offerPart() {
    questions.believeTheClef();
    layOut();
    int chosen = player.getSelectionModel().getSelectedIndex();
    if (chosen >= 0 && chosen < players.size()) {
      part.getSelectionModel().select(offer.score().likelyPart(players.get(chosen).instrument()));
    }
  }

  /** Bars of a rehearsal mark are filled in when it is chosen. */
  private void offerMarks(Passage passage) {
    sections = Section.of(passage);
    mark.setOnAction(e -> {});
    mark.getItems().setAll(WHOLE_PART);
    sections.forEach(s -> mark.getItems().add(words(passage, s)));
    mark.getSelectionModel().select(0);
    mark.setOnAction(e -> takeMark(passage));
    layOut();
  }

  private static String words(Passage passage, Section section) {
    return section.mark()
        + ", bars "
        + passage.bars().get(section.firstBar()).label()
        + " to "
        + passage.bars().get(section.lastBar()).label();
  }

  private void takeMark(Passage passage) {
    int chosen = mark.getSelectionModel().getSelectedIndex() - 1;
    int last = passage.bars().size() - 1;
    Section section = chosen < 0 ? new Section("", 0, last) : sections.get(chosen);
    firstBar.setText(passage.bars().get(section.firstBar()).label());
    lastBar.setText(passage.bars().get(section.lastBar()).label());
  }

  private boolean isNewPlayer() {
    return player.getSelectionModel().getSelectedIndex() >= players.size();
  }

  private void layOut() {
    form.getChildren().clear();
    form.setHgap(16);
    form.setVgap(8);
    int row = 0;
    form.addRow(row++, Parts.label("Title", "quiet"), title);
    if (part.getItems().size() > 1) {
      form.addRow(row++, Parts.label("Part", "quiet"), part);
    }
    if (!sections.isEmpty()) {
      form.addRow(row++, Parts.label("From mark", "quiet"), mark);
    }
    if (offer.score() instanceof MidiScore) {
      Label rhythm = Parts.label("Rhythm", "quiet");
      GridPane.setValignment(rhythm, VPos.TOP);
      rhythm.setPadding(new Insets(8, 0, 0, 0)); // beside the first of the three answers
      form.addRow(row++, rhythm, questions.ofPlayedNotes());
    }
    if (isEightOpen()) {
      form.addRow(row++, Parts.label("It sounds", "quiet"), questions.ofEightBelow());
    }
    HBox bars = new HBox(8, firstBar, Parts.label("to"), lastBar);
    bars.setAlignment(Pos.CENTER_LEFT);
    form.addRow(row++, Parts.label("Bars", "quiet"), bars);
    form.addRow(row++, Parts.label("For", "quiet"), player);
    if (isNewPlayer()) {
      HBox fresh = new HBox(8, newPlayer, instrument);
      newPlayer.setPromptText("name");
      form.addRow(row++, Parts.label("New player", "quiet"), fresh);
    }
    HBox tempo = new HBox(8, beat, Parts.label("="), perMinute);
    tempo.setAlignment(Pos.CENTER_LEFT);
    form.addRow(row++, Parts.label("Target tempo", "quiet"), tempo);
    form.addRow(row, Parts.label("Audition on", "quiet"), due);
    Button add = Parts.button("add-confirm", "Add to the programme", "main-action", this::add);
    Button cancel = Parts.button("add-cancel", "Cancel", "outline-action", onClose);
    add.setDefaultButton(true);
    cancel.setCancelButton(true);
    HBox actions = new HBox(8, Parts.stretch(), cancel, add);
    getChildren()
        .setAll(
            Parts.label("Add “" + offer.fileName() + "”", "why-title"),
            form,
            passedOver,
            layout,
            fault,
            actions);
  }

  /** An 8 under the clef is a question only for whom parts are written an octave up. */
  private boolean isEightOpen() {
    return read.filter(r -> EightBelow.isOpen(r.passage())).isPresent()
        && chosenInstrument().equals("bass");
  }

  private String chosenInstrument() {
    return isNewPlayer()
        ? instrument.getValue().toLowerCase(Locale.ROOT)
        : players.get(player.getSelectionModel().getSelectedIndex()).instrument();
  }

  private void readOtherwise() {
    try {
      asked = offer.with(questions.asAnswered(offer.score()));
      readPart(part.getSelectionModel().getSelectedIndex());
    } catch (ScoreRejectedException e) {
      refusePart(e.getMessage());
    }
  }

  private void readPart(int index) {
    read = Optional.empty();
    fault.setText("");
    layout.setText("");
    passedOver.setText("Reading the part …");
    layOut();
    desk.imports().readPart(this, asked, index, this::showPart, this::refusePart);
  }

  private void refusePart(String why) {
    passedOver.setText("");
    fault.setText(why);
  }

  private void showPart(ReadPassage now) {
    read = Optional.of(now);
    offerMarks(now.passage());
    firstBar.setText(now.passage().bars().get(0).label());
    lastBar.setText(now.passage().bars().get(now.passage().bars().size() - 1).label());
    Tempo tempo = now.intake().target(now.passage(), Optional.empty(), Optional.empty());
    beat.getSelectionModel().select(tempo.beat().name());
    perMinute.setText(Words.number(tempo.perMinute()));
    passedOver.setText(
        now.skipped().isEmpty()
            ? "Every sign of this part is taken over."
            : "Left out, or read otherwise: " + String.join("; ", now.skipped()) + ".");
    layout.setText(now.layout().map(Words::sentence).orElse(""));
  }

  private void add() {
    try {
      ReadPassage whole =
          read.orElseThrow(
              () ->
                  new IllegalArgumentException(
                      "This part is not read yet, or cannot be; wait, or choose another."));
      boolean asFile = questions.isUsual(whole.passage());
      ImportOffer kept = asFile ? offer : offer.written(questions.asAnswered(whole.passage()));
      desk.imports()
          .add(kept, choice(whole, asFile ? part.getSelectionModel().getSelectedIndex() : 0));
      onClose.run();
    } catch (IllegalArgumentException e) {
      fault.setText(e.getMessage());
    }
  }

  private ImportChoice choice(ReadPassage passage, int partIndex) {
    Metre metre = passage.passage().bars().get(0).metre();
    int first = barIndex(passage, firstBar.getText().strip());
    int last = barIndex(passage, lastBar.getText().strip());
    if (last < first) {
      throw new IllegalArgumentException("The last bar comes before the first.");
    }
    if (isNewPlayer() && newPlayer.getText().isBlank()) {
      throw new IllegalArgumentException("Give the new player a name.");
    }
    Optional<BookPlayer> owner =
        isNewPlayer()
            ? Optional.empty()
            : Optional.of(players.get(player.getSelectionModel().getSelectedIndex()));
    Optional<LocalDate> day = due.day();
    return new ImportChoice(
        title.getText().isBlank() ? offer.score().title() : title.getText().strip(),
        partIndex,
        first,
        last,
        owner,
        newPlayer.getText().strip(),
        instrument.getValue().toLowerCase(Locale.ROOT),
        Tempo.asked(BeatUnit.named(beat.getValue(), metre), perMinute()),
        day);
  }

  private void refuseDay(String why) {
    fault.setText(why);
  }

  private double perMinute() {
    try {
      return Double.parseDouble(perMinute.getText().strip());
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException("The target tempo must be a number of beats a minute.");
    }
  }

  private static int barIndex(ReadPassage passage, String label) {
    for (int i = 0; i < passage.passage().bars().size(); i++) {
      if (passage.passage().bars().get(i).label().equals(label)) {
        return i;
      }
    }
    throw new IllegalArgumentException("There is no bar " + label + " in this part.");
  }
}
