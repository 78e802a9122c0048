package app.fret.desktop.view.practice;

import app.fret.book.PassageNote;
import app.fret.book.PassageNote.By;
import app.fret.book.PassageNote.VideoPlace;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What a teacher, a jury or the player said of the open passage, with the place in a video. */
public final class NotesPane extends VBox {
  private static final double WIDTH = 640;
  private static final List<String> WHO = List.of("teacher", "jury", "me");

  private final PassageDesk desk;
  private final PracticeDay day;
  private final VBox rows = new VBox(6);
  private final ChoiceBox<String> by = new ChoiceBox<>();
  private final TextField bar = new TextField();
  private final TextField words = new TextField();
  private final TextField video = new TextField();
  private final TextField time = new TextField();
  private final Label fault = Parts.words("", "trouble");

  /** Of the open passage. */
  public NotesPane(PassageDesk desk, PracticeDay day, Runnable onClose) {
    super(10);
    this.desk = desk;
    this.day = day;
    setId("notes-pane");
    getStyleClass().add("dialog-card");
    setMaxSize(WIDTH, USE_PREF_SIZE);
    fault.setId("notes-fault");
    fault.managedProperty().bind(fault.textProperty().isNotEmpty());
    HBox foot =
        new HBox(Parts.stretch(), Parts.button("notes-close", "Done", "main-action", onClose));
    getChildren()
        .addAll(
            Parts.label("Notes on " + desk.study().passage().title(), "why-title"),
            rows,
            Parts.heading("Add a note"),
            said(),
            place(),
            fault,
            foot);
    Parts.whileShown(this, day.notesProperty(), this::show);
    day.askNotes(desk.opened().entry().id());
    show();
  }

  private HBox said() {
    by.setId("note-by");
    by.getItems().addAll(WHO);
    by.getSelectionModel().select(0);
    bar.setId("note-bar");
    bar.setPromptText("bar");
    bar.setPrefColumnCount(4);
    words.setId("note-words");
    words.setPromptText("what was said");
    HBox.setHgrow(words, Priority.ALWAYS);
    Button add = Parts.button("note-add", "Add", "outline-action", this::add);
    add.setMinWidth(USE_PREF_SIZE);
    words.setOnAction(e -> add());
    return line(by, bar, words, add);
  }

  private HBox place() {
    video.setId("note-video");
    video.setPromptText("file of the lesson's video, if there is one");
    HBox.setHgrow(video, Priority.ALWAYS);
    time.setId("note-time");
    time.setPromptText("12:34");
    time.setPrefColumnCount(6);
    return line(Parts.label("in"), video, Parts.label("at"), time);
  }

  private static HBox line(Node... nodes) {
    HBox line = new HBox(8, nodes);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  private void show() {
    List<PassageNote> notes = day.notesProperty().get();
    rows.getChildren().setAll(notes.stream().map(this::row).toList());
    if (notes.isEmpty()) {
      rows.getChildren().add(Parts.words("Nothing so far.", "quiet"));
    }
  }

  private Node row(PassageNote note) {
    Label said = Parts.words(Words.sentence(note.line()));
    HBox.setHgrow(said, Priority.ALWAYS);
    Button remove =
        Parts.button(
            "note-remove",
            "Take away",
            "link-action",
            () -> day.removeNote(desk.opened().entry().id(), note));
    remove.setMinWidth(USE_PREF_SIZE);
    return line(said, remove);
  }

  private void add() {
    fault.setText("");
    try {
      Optional<String> of = Optional.of(bar.getText().strip()).filter(b -> !b.isEmpty());
      if (of.filter(b -> !hasBar(b)).isPresent()) {
        fault.setText("This passage has no bar " + of.get() + ".");
        return;
      }
      day.note(
          desk.opened().entry().id(),
          By.values()[by.getSelectionModel().getSelectedIndex()],
          of,
          words.getText().strip(),
          videoPlace());
      List.of(bar, words, time).forEach(TextField::clear);
    } catch (IllegalArgumentException e) {
      fault.setText(e.getMessage());
    }
  }

  private boolean hasBar(String label) {
    return desk.study().passage().bars().stream().anyMatch(b -> b.label().equals(label));
  }

  private Optional<VideoPlace> videoPlace() {
    boolean isGiven = !time.getText().isBlank();
    if (isGiven && video.getText().isBlank()) {
      throw new IllegalArgumentException("Name the file of the video, too.");
    }
    return isGiven
        ? Optional.of(new VideoPlace(video.getText().strip(), VideoPlace.seconds(time.getText())))
        : Optional.empty();
  }
}
