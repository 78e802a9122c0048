package app.fret.desktop.view;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.model.Command;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

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

  static Stream<Arguments> keysOfCommands() {
    return Stream.of(
        Arguments.of(KeyCode.DIGIT0, "", Command.PIN_OPEN),
        Arguments.of(KeyCode.DIGIT4, "", Command.PIN_FOURTH),
        Arguments.of(KeyCode.NUMPAD2, "", Command.PIN_SECOND),
        Arguments.of(KeyCode.DIGIT3, "alt", Command.PIN_STRING_3),
        Arguments.of(KeyCode.P, "", Command.PIN_AS_SHOWN),
        Arguments.of(KeyCode.DELETE, "", Command.FREE),
        Arguments.of(KeyCode.Z, "ctrl", Command.UNDO),
        Arguments.of(KeyCode.Z, "ctrl shift", Command.REDO),
        Arguments.of(KeyCode.LEFT, "", Command.PREVIOUS_NOTE),
        Arguments.of(KeyCode.C, "", Command.CLEAN),
        Arguments.of(KeyCode.M, "", Command.MISS),
        Arguments.of(KeyCode.S, "ctrl", Command.SAVE));
  }

  @ParameterizedTest
  @MethodSource("keysOfCommands")
  void keysAskForTheirCommands(KeyCode code, String held, Command command) {
    assertThat(Keys.commandFor(press(code, held))).contains(command);
  }

  @Test
  void keysGoToStationsAndPrint() {
    assertThat(Keys.stationFor(press(KeyCode.DIGIT1, "ctrl"))).contains(Station.READ);
    assertThat(Keys.stationFor(press(KeyCode.DIGIT5, "ctrl"))).contains(Station.PRACTISE);
    assertThat(Keys.stationFor(press(KeyCode.DIGIT5, ""))).isEmpty();
    assertThat(Keys.windowCommandFor(press(KeyCode.P, "ctrl")))
        .map(WindowCommand::id)
        .contains("menu-print");
  }

  @Test
  void passesAreHeardOnlyWhereTheLadderIsSeen() {
    assertThat(Station.ALL)
        .filteredOn(s -> s.hears(Command.CLEAN))
        .containsExactly(Station.PRACTISE);
    assertThat(Station.ALL).allMatch(s -> s.hears(Command.UNDO));
  }

  @ParameterizedTest
  @CsvSource({"DIGIT5,''", "Z,''", "C,ctrl", "DIGIT1,ctrl", "X,''"})
  void otherKeysAskForNothing(KeyCode code, String held) {
    assertThat(Keys.commandFor(press(code, held))).isEqualTo(Optional.empty());
  }

  @Test
  void everyCommandHasAKeyAndIsOnTheHelpPage() {
    Set<Command> reached = new HashSet<>();
    for (KeyCode code : KeyCode.values()) {
      for (String held : new String[] {"", "ctrl", "alt", "shift", "ctrl shift"}) {
        Keys.commandFor(press(code, held)).ifPresent(reached::add);
      }
    }
    assertThat(reached).containsExactlyInAnyOrderElementsOf(Command.ALL);
    assertThat(Keys.help().values()).containsAll(Command.ALL.stream().map(Command::words).toList());
    assertThat(Keys.help().keySet()).noneMatch(k -> k.contains("Numpad"));
  }
}
