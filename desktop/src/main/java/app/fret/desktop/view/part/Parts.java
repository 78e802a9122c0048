package app.fret.desktop.view.part;

import app.fret.desktop.model.passage.PassageDesk;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Small pieces of the window that look alike everywhere. */
public final class Parts {
  private Parts() {}

  /** A label of these styles. */
  public static Label label(String text, String... styles) {
    Label label = new Label(text);
    label.getStyleClass().addAll(styles);
    return label;
  }

  /** Words that wrap. */
  public static Label words(String text, String... styles) {
    Label label = label(text, styles);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    return label;
  }

  /** Content that scrolls up and down, never sideways, and takes the height there is. */
  public static ScrollPane scroll(Node content) {
    ScrollPane scroll = new ScrollPane(content);
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("plain-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    return scroll;
  }

  /**
   * Follows a value as long as a pane is shown, so that no closed pane is kept by what it saw. A
   * pane that is shown again catches up with what it missed.
   */
  public static <T> void whileShown(Node pane, ObservableValue<T> value, Runnable follow) {
    ChangeListener<T> listener = (property, before, now) -> follow.run();
    value.addListener(listener);
    pane.sceneProperty()
        .addListener(
            (property, before, now) -> {
              value.removeListener(listener);
              if (now != null) {
                value.addListener(listener);
              }
              if (now != null && before == null) {
                follow.run();
              }
            });
  }

  /** Follows all that practice shows of a passage: its music, its passes, the cards of the day. */
  public static void followPractice(Node pane, PassageDesk desk, Runnable follow) {
    desk.passes().climbProperty().addListener((property, before, now) -> follow.run());
    desk.studyProperty().addListener((property, before, now) -> follow.run());
    desk.day()
        .ifPresent(
            day -> {
              whileShown(pane, day.seenProperty(), follow);
              whileShown(pane, day.openProperty(), follow);
            });
  }

  /** Takes the room that is left. */
  public static Region stretch() {
    Region region = new Region();
    HBox.setHgrow(region, Priority.ALWAYS);
    VBox.setVgrow(region, Priority.ALWAYS);
    return region;
  }

  /** A button known by a name. */
  public static Button button(String id, String text, String style, Runnable action) {
    Button button = new Button(text);
    button.setId(id);
    button.getStyleClass().add(style);
    button.setOnAction(e -> action.run());
    return button;
  }

  /** A name and a figure in two columns. */
  public static HBox fact(String name, String value) {
    Label left = label(name, "quiet");
    left.setMinWidth(96);
    left.setPrefWidth(96);
    Label right = words(value);
    HBox.setHgrow(right, Priority.ALWAYS);
    return new HBox(left, right);
  }

  /** A heading over a section. */
  public static Label heading(String text) {
    return label(text, "section-heading");
  }
}
