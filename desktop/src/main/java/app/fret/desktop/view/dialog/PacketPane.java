package app.fret.desktop.view.dialog;

import app.fret.book.Merged;
import app.fret.desktop.model.exchange.Packets;
import app.fret.desktop.model.exchange.Packets.Taken;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What came of taking a packet in, and what both sides decided differently. */
public final class PacketPane extends VBox {
  private static final double WIDTH = 640;
  private static final double MOST_LIST_HEIGHT = 320;

  private final Packets packets;
  private final Taken taken;
  private final VBox list = new VBox(10);
  private final List<Merged.Conflict> open;
  private final List<String> lost;

  /** What came of a packet. */
  public PacketPane(Packets packets, Taken taken, Runnable onClose) {
    super(14);
    this.packets = packets;
    this.taken = taken;
    this.open = new ArrayList<>(taken.merged().conflicts());
    this.lost = new ArrayList<>(taken.merged().setAside());
    setId("packet-pane");
    getStyleClass().add("dialog-card");
    setMaxSize(WIDTH, USE_PREF_SIZE);
    Merged merged = taken.merged();
    ScrollPane scroll = Parts.scroll(list);
    scroll.setMaxHeight(MOST_LIST_HEIGHT);
    HBox foot =
        new HBox(Parts.stretch(), Parts.button("packet-close", "Done", "main-action", onClose));
    getChildren()
        .addAll(
            Parts.label("Taken in: " + merged.player().name(), "why-title"),
            Parts.words(
                "New here: "
                    + Words.count(merged.newPassages(), "passage", "passages")
                    + ", "
                    + Words.count(merged.newPasses(), "pass", "passes")
                    + " in the log, "
                    + Words.count(merged.newDecisions(), "decision", "decisions")
                    + ". Nothing that was here is lost."),
            scroll,
            foot);
    show();
  }

  private void show() {
    list.getChildren().clear();
    if (!lost.isEmpty()) {
      list.getChildren()
          .add(
              Parts.words(
                  "Not taken over, as the notes here are others: "
                      + String.join(", ", lost)
                      + "."));
    }
    if (open.isEmpty()) {
      list.getChildren().add(Parts.words("Nothing is decided differently.", "quiet"));
      return;
    }
    list.getChildren()
        .add(Parts.words("Decided differently: what stands here stays, unless you take theirs."));
    for (int i = 0; i < open.size(); i++) {
      list.getChildren().add(line(open.get(i), i));
    }
  }

  private HBox line(Merged.Conflict conflict, int index) {
    VBox words =
        new VBox(
            Parts.words(what(conflict), "card-title"),
            Parts.words("here: " + conflict.here(), "small"),
            Parts.words("theirs: " + conflict.theirs(), "small"));
    HBox.setHgrow(words, Priority.ALWAYS);
    Button take =
        Parts.button("take-theirs-" + index, "Take theirs", "outline-action", () -> take(conflict));
    take.setMinWidth(USE_PREF_SIZE);
    HBox line = new HBox(12, words, take);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  private static String what(Merged.Conflict conflict) {
    String of = conflict.passage().map(p -> p.title() + ", ").orElse("");
    return switch (conflict.subject()) {
      case DECISION -> of + area(conflict.area()) + ": " + item(conflict.item());
      case WORDS_ON_PASS -> of + "your note on the pass of " + conflict.item().substring(0, 10);
      case MINUTES_BESIDE -> conflict.item() + ": minutes";
      default -> of + conflict.item();
    };
  }

  private static String area(String area) {
    return area.equals("left-hand") ? "left hand" : area;
  }

  /** Names of rows that are no places, as a player says them. */
  private static String item(String row) {
    return switch (row) {
      case "clean-needed" -> "clean passes that open a rung";
      case "strict" -> "back a rung at the first miss";
      case "keep-beat" -> "rhythms keep the beat";
      case "clean" -> "tempo that was clean";
      case "trial" -> "the trial of two ways";
      case "profile" -> "what the fingering is to be good for";
      case "own-weights" -> "the player's own weights";
      case "school" -> "how far the printed bowing binds";
      default -> row;
    };
  }

  private void take(Merged.Conflict conflict) {
    packets.takeTheirs(
        taken,
        conflict,
        setAside -> {
          open.remove(conflict);
          lost.addAll(setAside);
          show();
        });
  }
}
