package app.fret.desktop.view.practice;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.practice.log.LogLine;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;

/** Passes put into words, several in one line; what is not understood stays to be mended. */
final class LogLineField extends TextField {
  private static final double WIDTH = 250;

  LogLineField(PassageDesk desk) {
    setId("log-line");
    setPromptText("Log in words: clean 96 x3, missed bar 7");
    setTooltip(new Tooltip("For example: " + LogLine.EXAMPLE));
    setAccessibleText("Log passes in words");
    setMinWidth(WIDTH);
    setPrefWidth(WIDTH);
    getStyleClass().add("note-field");
    setFocusTraversable(false);
    setOnAction(
        e -> {
          if (desk.practise().said().logLine(getText())) {
            clear();
            getScene().getRoot().requestFocus();
          }
        });
  }
}
