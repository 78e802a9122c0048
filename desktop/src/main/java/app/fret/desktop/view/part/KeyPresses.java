package app.fret.desktop.view.part;

import java.util.List;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** Tells which key was pressed. */
public final class KeyPresses {
  private KeyPresses() {}

  /** Whether a key press is any of these keys, such as {@code Ctrl+Z}. */
  public static boolean match(List<String> keys, KeyEvent event) {
    return keys.stream().anyMatch(k -> KeyCombination.valueOf(k).match(event));
  }
}
