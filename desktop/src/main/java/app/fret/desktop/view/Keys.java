package app.fret.desktop.view;

import app.fret.desktop.model.passage.Command;
import app.fret.desktop.view.part.KeyPresses;
import app.fret.desktop.view.station.Station;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** Which key asks for what: read from the lists of commands and stations, as the help page is. */
final class Keys {
  private Keys() {}

  /** The command of a key press at a station, if there is one. */
  static Optional<Command> commandFor(KeyEvent event, Station station) {
    return Command.ALL.stream()
        .filter(station::hears)
        .filter(c -> KeyPresses.match(c.keys(), event))
        .findFirst();
  }

  /** The window's own command of a key press, if there is one. */
  static Optional<WindowCommand> windowCommandFor(KeyEvent event) {
    return WindowCommand.ALL.stream().filter(c -> KeyPresses.match(c.keys(), event)).findFirst();
  }

  /** The station of a key press, if there is one. */
  static Optional<Station> stationFor(KeyEvent event) {
    return Station.ALL.stream().filter(s -> KeyPresses.match(List.of(s.key()), event)).findFirst();
  }

  /** Keys and what they do; of several keys for one command the first. */
  static Map<String, String> help() {
    Map<String, String> help = new LinkedHashMap<>();
    Command.ALL.forEach(c -> help.put(shown(c.keys().get(0)) + at(c), c.words()));
    WindowCommand.ALL.stream()
        .filter(c -> !c.keys().isEmpty())
        .forEach(c -> help.put(shown(c.keys().get(0)), c.words()));
    Station.ALL.forEach(s -> help.put(shown(s.key()), "Go to " + s.words()));
    return help;
  }

  /** Where a key is heard, for those that one station alone hears. */
  private static String at(Command command) {
    return Station.ALL.stream()
        .filter(s -> s.own().contains(command))
        .findFirst()
        .map(s -> " in " + s.words())
        .orElse("");
  }

  private static String shown(String key) {
    return KeyCombination.valueOf(key).getDisplayText();
  }
}
