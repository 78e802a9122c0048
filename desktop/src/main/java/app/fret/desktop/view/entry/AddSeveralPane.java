package app.fret.desktop.view.entry;

import app.fret.book.BookPlayer;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.exchange.FileBatch;
import app.fret.desktop.view.part.Parts;
import app.fret.instrument.Instruments;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/**
 * Several files at once, with one summary: what each holds for this player, or why it is refused.
 */
public final class AddSeveralPane extends VBox {
  private static final String NEW_PLAYER = "a new player";
  private static final double WIDTH = 620;
  private static final double LIST_HEIGHT = 320;

  private final Desk desk;
  private final Runnable onClose;
  private final List<Path> files;
  private final ComboBox<String> player = new ComboBox<>();
  private final TextField newPlayer = new TextField();
  private final ComboBox<String> instrument = new ComboBox<>();
  private final HBox fresh = new HBox(8, newPlayer, instrument);
  private final Label summary = Parts.label("Reading …", "quiet");
  private final VBox rows = new VBox(8);
  private final Label fault = Parts.words("", "trouble");
  private final List<CheckBox> ticks = new ArrayList<>();
  private List<BookPlayer> players = List.of();
  private FileBatch batch = new FileBatch(List.of(), List.of());

  /** For these files. */
  public AddSeveralPane(Desk desk, List<Path> files, Runnable onClose) {
    super(12);
    this.desk = desk;
    this.files = List.copyOf(files);
    this.onClose = onClose;
    setId("add-several");
    getStyleClass().add("dialog-card");
    setMaxSize(WIDTH, USE_PREF_SIZE);
    summary.setId("several-summary");
    fault.setId("several-fault");
    fault.managedProperty().bind(fault.textProperty().isNotEmpty());
    newPlayer.setId("several-new-player");
    newPlayer.setPromptText("name");
    instrument.getItems().setAll(Instruments.NAMES);
    instrument.getSelectionModel().select(0);
    players = desk.imports().playersNow();
    players.forEach(p -> player.getItems().add(p.name() + ", " + p.instrument()));
    player.getItems().add(NEW_PLAYER);
    player.getSelectionModel().select(0);
    player.setOnAction(e -> read());
    instrument.setOnAction(e -> read());
    HBox who = new HBox(8, Parts.label("For", "quiet"), player, fresh);
    who.setAlignment(Pos.CENTER_LEFT);
    var list = Parts.scroll(rows);
    list.setMaxHeight(LIST_HEIGHT);
    HBox actions =
        new HBox(
            8,
            Parts.stretch(),
            Parts.button("several-cancel", "Cancel", "outline-action", onClose),
            Parts.button("several-add", "Add those ticked", "main-action", this::add));
    getChildren()
        .addAll(
            Parts.label("Add " + files.size() + " files", "why-title"),
            who,
            summary,
            list,
            fault,
            actions);
    read();
  }

  private Optional<BookPlayer> owner() {
    int chosen = player.getSelectionModel().getSelectedIndex();
    return chosen < players.size() ? Optional.of(players.get(chosen)) : Optional.empty();
  }

  private String instrument() {
    return owner().map(BookPlayer::instrument).orElse(instrument.getValue());
  }

  /** Which part of a score is meant depends on the player's instrument. */
  private void read() {
    fresh.setVisible(owner().isEmpty());
    fresh.setManaged(owner().isEmpty());
    desk.imports().offerAll(files, instrument(), this::show);
  }

  private void show(FileBatch read) {
    batch = read;
    summary.setText(read.summary());
    rows.getChildren().clear();
    ticks.clear();
    for (FileBatch.Item item : read.items()) {
      CheckBox tick = new CheckBox();
      tick.setSelected(item.isReadable());
      tick.setDisable(!item.isReadable());
      ticks.add(tick);
      Label name = Parts.label(String.valueOf(item.file().getFileName()), "passage-name");
      Label words = Parts.words(item.words(), item.isReadable() ? "quiet" : "trouble");
      words.setMaxWidth(WIDTH - 100);
      HBox row = new HBox(10, tick, new VBox(2, name, words));
      row.setAlignment(Pos.TOP_LEFT);
      rows.getChildren().add(row);
    }
  }

  private void add() {
    if (owner().isEmpty() && newPlayer.getText().isBlank()) {
      fault.setText("Give the new player a name.");
      return;
    }
    List<FileBatch.Item> chosen = new ArrayList<>();
    for (int i = 0; i < ticks.size(); i++) {
      if (ticks.get(i).isSelected()) {
        chosen.add(batch.items().get(i));
      }
    }
    if (chosen.isEmpty()) {
      fault.setText("Tick a file to add.");
      return;
    }
    desk.imports().addAll(chosen, owner(), newPlayer.getText().strip(), instrument());
    onClose.run();
  }
}
