package app.fret.desktop.view;

import app.fret.desktop.model.Command;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** Which key asks for which command: one table, which the help page prints too. */
final class Keys {
  private static final Map<KeyCombination, Command> TABLE = table();

  /** Asked of the window, not of the passage. */
  static final KeyCombination PRINT =
      new KeyCodeCombination(KeyCode.P, KeyCombination.CONTROL_DOWN);

  private Keys() {}

  private static Map<KeyCombination, Command> table() {
    Map<KeyCombination, Command> table = new LinkedHashMap<>();
    table.put(new KeyCodeCombination(KeyCode.RIGHT), Command.NEXT_NOTE);
    table.put(new KeyCodeCombination(KeyCode.LEFT), Command.PREVIOUS_NOTE);
    table.put(
        new KeyCodeCombination(KeyCode.RIGHT, KeyCombination.SHIFT_DOWN), Command.EXTEND_NEXT);
    table.put(
        new KeyCodeCombination(KeyCode.LEFT, KeyCombination.SHIFT_DOWN), Command.EXTEND_PREVIOUS);
    Command[] fingers = {
      Command.PIN_OPEN, Command.PIN_FIRST, Command.PIN_SECOND, Command.PIN_THIRD, Command.PIN_FOURTH
    };
    for (int digit = 0; digit < fingers.length; digit++) {
      table.put(new KeyCodeCombination(KeyCode.getKeyCode("" + digit)), fingers[digit]);
      table.put(new KeyCodeCombination(KeyCode.getKeyCode("Numpad " + digit)), fingers[digit]);
    }
    Command[] strings = {
      Command.PIN_STRING_1,
      Command.PIN_STRING_2,
      Command.PIN_STRING_3,
      Command.PIN_STRING_4,
      Command.PIN_STRING_5
    };
    for (int string = 1; string <= strings.length; string++) {
      table.put(
          new KeyCodeCombination(KeyCode.getKeyCode("" + string), KeyCombination.ALT_DOWN),
          strings[string - 1]);
    }
    table.put(new KeyCodeCombination(KeyCode.T), Command.PIN_THUMB);
    table.put(new KeyCodeCombination(KeyCode.P), Command.PIN_AS_SHOWN);
    table.put(new KeyCodeCombination(KeyCode.DELETE), Command.FREE);
    table.put(new KeyCodeCombination(KeyCode.Z, KeyCombination.CONTROL_DOWN), Command.UNDO);
    table.put(
        new KeyCodeCombination(KeyCode.Z, KeyCombination.CONTROL_DOWN, KeyCombination.SHIFT_DOWN),
        Command.REDO);
    table.put(new KeyCodeCombination(KeyCode.C), Command.CLEAN);
    table.put(new KeyCodeCombination(KeyCode.M), Command.MISS);
    table.put(new KeyCodeCombination(KeyCode.S, KeyCombination.CONTROL_DOWN), Command.SAVE);
    return table;
  }

  /** The command of a key press, if there is one. */
  static Optional<Command> commandFor(KeyEvent event) {
    return TABLE.entrySet().stream()
        .filter(entry -> entry.getKey().match(event))
        .map(Map.Entry::getValue)
        .findFirst();
  }

  /** Keys and what they do, in the order of the table; digits of the number pad left out. */
  static Map<String, String> help() {
    Map<String, String> help = new LinkedHashMap<>();
    TABLE.forEach(
        (keys, command) -> {
          if (!keys.getDisplayText().contains("Numpad")) {
            help.put(keys.getDisplayText(), command.words());
          }
        });
    return help;
  }
}
