package app.fret.desktop.view.practice;

import app.fret.book.OtherItem;
import app.fret.book.OtherItem.Heard;
import app.fret.desktop.model.passage.TappedTempo;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.view.part.Parts;
import java.time.Clock;
import java.util.Locale;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is noted while listening: the tempo tapped along, bowings, amount of bow, shape. */
final class HeardFields extends VBox {
  private static final double NAME_WIDTH = 110;

  private final PracticeDay day;
  private final OtherItem item;
  private final TappedTempo taps = new TappedTempo(Clock.systemUTC());
  private final Label tempo = Parts.label("", "heard-tempo");
  private final TextField bowings = field("heard-bowings", "which notes share a bow, up or down");
  private final TextField amount = field("heard-amount", "much or little, where in the bow");
  private final TextField shape = field("heard-shape", "where it grows and falls");
  private OptionalDouble perMinute;

  HeardFields(PracticeDay day, OtherItem item) {
    super(6);
    this.day = day;
    this.item = item;
    this.perMinute = item.heard().perMinute();
    setId("heard-fields");
    tempo.setId("heard-tempo");
    bowings.setText(item.heard().bowings());
    amount.setText(item.heard().bowAmount());
    shape.setText(item.heard().shape());
    Button tap = Parts.button("heard-tap", "Tap the beat", "outline-action", this::tap);
    tap.setFocusTraversable(false);
    getChildren()
        .addAll(
            row("Tempo", tapped(tap)),
            row("Bowings", bowings),
            row("Amount of bow", amount),
            row("Shape", shape));
    showTempo();
  }

  /** Whether they are for an item, whatever was noted of it meanwhile. */
  boolean isFor(OtherItem other) {
    return item.id() == other.id();
  }

  private TextField field(String id, String hint) {
    TextField field = new TextField();
    field.setId(id);
    field.setPromptText(hint);
    field.setOnAction(e -> keep());
    field
        .focusedProperty()
        .addListener(
            (property, before, now) -> {
              if (!now) {
                keep();
              }
            });
    return field;
  }

  private static HBox row(String name, Node value) {
    Label label = Parts.label(name);
    label.setMinWidth(NAME_WIDTH);
    HBox.setHgrow(value, Priority.ALWAYS);
    HBox row = new HBox(8, label, value);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private HBox tapped(Button tap) {
    HBox tapped = new HBox(10, tap, tempo);
    tapped.setAlignment(Pos.CENTER_LEFT);
    return tapped;
  }

  private void tap() {
    OptionalDouble now = taps.tap();
    if (now.isPresent()) {
      perMinute = now;
      keep();
    }
    showTempo();
  }

  private void showTempo() {
    tempo.setText(
        perMinute.isPresent()
            ? String.format(Locale.ROOT, "%.0f beats a minute", perMinute.getAsDouble())
            : "tap along four times and more");
  }

  private void keep() {
    Heard heard = new Heard(perMinute, bowings.getText(), amount.getText(), shape.getText());
    day.keepHeard(item, heard);
  }
}
