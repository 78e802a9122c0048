package app.fret.desktop.view;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.model.Command;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeysTest {
  private static KeyEvent press(KeyCode code, String held) {
    return new KeyEvent(
        KeyEvent.KEY_PRESSED,
        "",
        "",
        code,
        held.contains("shift"),
        held.contains("ctrl"),
        held.contains("alt"),
        false);
  }

  @ParameterizedTest
  @CsvSource({
    "DIGIT0,'',PIN_OPEN",
    "DIGIT4,'',PIN_FOURTH",
    "NUMPAD2,'',PIN_SECOND",
    "DIGIT3,alt,PIN_STRING_3",
    "P,'',PIN_AS_SHOWN",
    "DELETE,'',FREE",
    "Z,ctrl,UNDO",
    "Z,ctrl shift,REDO",
    "LEFT,'',PREVIOUS_NOTE",
    "C,'',CLEAN",
    "M,'',MISS",
    "S,ctrl,SAVE"
  })
  void keysAskForTheirCommands(KeyCode code, String held, Command command) {
    assertThat(Keys.commandFor(press(code, held))).contains(command);
  }

  @ParameterizedTest
  @CsvSource({"DIGIT5,''", "Z,''", "C,ctrl", "DIGIT1,ctrl", "X,''"})
  void otherKeysAskForNothing(KeyCode code, String held) {
    assertThat(Keys.commandFor(press(code, held))).isEqualTo(Optional.empty());
  }

  @Test
  void everyCommandHasAKeyAndIsOnTheHelpPage() {
    Set<Command> reached = EnumSet.noneOf(Command.class);
    for (KeyCode code : KeyCode.values()) {
      for (String held : new String[] {"", "ctrl", "alt", "shift", "ctrl shift"}) {
        Keys.commandFor(press(code, held)).ifPresent(reached::add);
      }
    }
    assertThat(reached).containsExactlyInAnyOrder(Command.values());
    assertThat(Keys.help().values())
        .containsAll(Arrays.stream(Command.values()).map(Command::words).toList());
    assertThat(Keys.help().keySet()).noneMatch(k -> k.contains("Numpad"));
  }
}
