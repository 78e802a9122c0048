package app.fret.desktop.view;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.model.passage.Command;
import app.fret.desktop.view.station.Station;
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
        Arguments.of(KeyCode.D, "", Command.DOWN_BOW),
        Arguments.of(KeyCode.U, "", Command.UP_BOW),
        Arguments.of(KeyCode.S, "", Command.SPLIT),
        Arguments.of(KeyCode.J, "", Command.JOIN),
        Arguments.of(KeyCode.H, "", Command.HOOK),
        Arguments.of(KeyCode.R, "", Command.RETAKE),
        Arguments.of(KeyCode.LEFT, "alt", Command.PEAK_BACK),
        Arguments.of(KeyCode.RIGHT, "alt", Command.PEAK_ON),
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
    Station station =
        Station.ALL.stream()
            .filter(s -> s.own().contains(command))
            .findFirst()
            .orElse(Station.LEFT_HAND);
    assertThat(Keys.commandFor(press(code, held), station)).contains(command);
  }

  @Test
  void theSameKeyIsTheStationsOwnWhereItHasOne() {
    KeyEvent delete = press(KeyCode.DELETE, "");
    assertThat(Keys.commandFor(delete, Station.BOW)).contains(Command.FREE_STROKE);
    assertThat(Keys.commandFor(delete, Station.LEFT_HAND)).contains(Command.FREE);
    KeyEvent p = press(KeyCode.P, "");
    assertThat(Keys.commandFor(p, Station.SHAPE)).contains(Command.PEAK_HERE);
    assertThat(Keys.commandFor(p, Station.LEFT_HAND)).contains(Command.PIN_AS_SHOWN);
    assertThat(Keys.commandFor(press(KeyCode.D, ""), Station.LEFT_HAND)).isEmpty();
  }

  @Test
  void noTwoCommandsHaveOneKeyAtOneStation() {
    for (Station station : Station.ALL) {
      for (Command one : Command.ALL) {
        for (Command other : Command.ALL) {
          boolean both = station.hears(one) && station.hears(other) && one != other;
          assertThat(both && one.sharesAKeyWith(other))
              .as(station.words() + ": " + one + " and " + other)
              .isFalse();
        }
      }
    }
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
  @CsvSource({"DIGIT5,''", "Z,''", "C,ctrl", "DIGIT1,ctrl", "X,''", "U,''"})
  void otherKeysAskForNothing(KeyCode code, String held) {
    assertThat(Keys.commandFor(press(code, held), Station.LEFT_HAND)).isEqualTo(Optional.empty());
  }

  @Test
  void everyCommandHasAKeyAndIsOnTheHelpPage() {
    Set<Command> reached = new HashSet<>();
    for (KeyCode code : KeyCode.values()) {
      for (String held : new String[] {"", "ctrl", "alt", "shift", "ctrl shift"}) {
        for (Station station : Station.ALL) {
          Keys.commandFor(press(code, held), station).ifPresent(reached::add);
        }
      }
    }
    assertThat(reached).containsExactlyInAnyOrderElementsOf(Command.ALL);
    assertThat(Keys.help().values()).containsAll(Command.ALL.stream().map(Command::words).toList());
    assertThat(Keys.help().keySet()).noneMatch(k -> k.contains("Numpad"));
  }
}
