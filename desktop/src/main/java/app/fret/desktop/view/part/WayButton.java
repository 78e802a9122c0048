package app.fret.desktop.view.part;

import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/** Another way to do something, with what it costs more; a click takes it. */
public final class WayButton extends Button {
  private static final double PADDING = 20;

  /** Shown as none. */
  private static final double NEXT_TO_NOTHING = 0.05;

  /**
   * A way.
   *
   * @param id name of the button
   * @param words what is done
   * @param extraEffort what it costs more, less than 0 where it costs less
   * @param spoken what a click does, for who hears the window
   */
  public WayButton(String id, Node words, double extraEffort, String spoken, Runnable take) {
    Label figure = Parts.label(figure(extraEffort), "extra-effort");
    figure.setMinWidth(USE_PREF_SIZE);
    HBox line = new HBox(10, words, Parts.stretch(), figure);
    line.setAlignment(Pos.CENTER_LEFT);
    setGraphic(line);
    line.prefWidthProperty().bind(widthProperty().subtract(PADDING));
    setMaxWidth(Double.MAX_VALUE);
    setId(id);
    getStyleClass().add("other-way");
    setFocusTraversable(false);
    setAccessibleText(spoken);
    setOnAction(e -> take.run());
  }

  private static String figure(double extraEffort) {
    return Math.abs(extraEffort) < NEXT_TO_NOTHING
        ? "equal"
        : String.format(Locale.ROOT, "%+.1f", extraEffort).replace('-', '\u2212');
  }

  /** The line over a list of them. */
  public static HBox heading(String words) {
    HBox head =
        new HBox(Parts.heading(words), Parts.stretch(), Parts.label("extra effort", "small"));
    head.setAlignment(Pos.BASELINE_LEFT);
    return head;
  }
}
