package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.practice.PractisePanel;
import app.fret.desktop.view.practice.PractiseStation;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.Node;

/**
 * A place of work on the open passage. Tabs, keys and help all read the one list {@link #ALL}: a
 * new station is a line there and a class for its work.
 *
 * @param id its name in the window
 * @param words its name for players
 * @param key key that goes there
 * @param own commands that are heard only there
 * @param work makes the middle of the window
 * @param why makes the panel of reasons at the right
 */
public record Station(
    String id,
    String words,
    String key,
    List<Command> own,
    BiFunction<PassageDesk, Services, Node> work,
    Function<PassageDesk, Node> why) {
  /** The page as printed. */
  public static final Station READ =
      new Station(
          "read",
          "Read",
          "Ctrl+1",
          List.of(Command.TICK),
          (d, s) -> new ReadStation(d),
          ReadPanel::new);

  /** Fingers and strings. */
  public static final Station LEFT_HAND =
      new Station(
          "left-hand", "Left hand", "Ctrl+2", List.of(), LeftHandStation::new, WhyPanel::new);

  /** Strokes on the bow. */
  public static final Station BOW =
      new Station(
          "bow",
          "Bow",
          "Ctrl+3",
          List.of(
              Command.DOWN_BOW,
              Command.UP_BOW,
              Command.SPLIT,
              Command.JOIN,
              Command.HOOK,
              Command.RETAKE,
              Command.FREE_STROKE,
              Command.PATTERNS),
          BowStation::new,
          BowPanel::new);

  /** Levels, phrases, vibrato. */
  public static final Station SHAPE =
      new Station(
          "shape",
          "Phrasing",
          "Ctrl+4",
          List.of(
              Command.PEAK_HERE,
              Command.PEAK_BACK,
              Command.PEAK_ON,
              Command.BEGIN_PHRASE,
              Command.BRING_OUT),
          (d, s) -> new ShapeStation(d),
          ShapePanel::new);

  /** The ladder. */
  public static final Station PRACTISE =
      new Station(
          "practise",
          "Practise",
          "Ctrl+5",
          practiseCommands(),
          (d, s) -> new PractiseStation(d),
          PractisePanel::new);

  /** All stations, in the order of the work. */
  public static final List<Station> ALL = List.of(READ, LEFT_HAND, BOW, SHAPE, PRACTISE);

  private static List<Command> practiseCommands() {
    List<Command> own = new ArrayList<>(Command.MISSED);
    own.addAll(
        List.of(
            Command.CLEAN,
            Command.MISS,
            Command.MISSED_TOO,
            Command.TAP,
            Command.HURTS,
            Command.SLIP,
            Command.CARD_DONE,
            Command.NEXT_CARD,
            Command.PREVIOUS_CARD,
            Command.CLICK));
    return List.copyOf(own);
  }

  /** What a station can ask of the window. */
  public interface Services {
    /** Lays plans of the open passage side by side. */
    void compare();

    /** Lays bowings of the open passage side by side. */
    void compareBowings();

    /** Shows hand, instrument and schools. */
    void showPlayer();

    /** Shows what the player's own choices weigh. */
    void showOwnWeights();
  }

  /** Whether a command is heard here; what is a station's own takes its key from all others. */
  public boolean hears(Command command) {
    boolean ofAnother = ALL.stream().anyMatch(s -> s.own().contains(command));
    return own.contains(command)
        || !ofAnother && own.stream().noneMatch(o -> o.sharesAKeyWith(command));
  }
}
