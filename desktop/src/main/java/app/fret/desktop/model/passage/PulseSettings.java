package app.fret.desktop.model.passage;

import app.fret.sound.ClickChoices;
import app.fret.sound.ClickKind;
import app.fret.sound.Drone;
import java.util.Optional;

/**
 * What one wants to hear.
 *
 * @param kind the click; empty for the one whose unit follows the ladder
 * @param clicks whether the click is on
 * @param clickedBars after so many bars with the click it falls silent; 0 for never
 * @param silentBars for so many bars
 * @param countInBars bars that are counted in
 * @param drone tone to play over
 * @param loopsSelection whether only the bars of the selected notes go round
 */
public record PulseSettings(
    Optional<ClickKind> kind,
    boolean clicks,
    int clickedBars,
    int silentBars,
    int countInBars,
    Optional<Drone> drone,
    boolean loopsSelection) {
  /** The beat by the ladder, one bar counted in. */
  public static final PulseSettings USUAL =
      new PulseSettings(Optional.empty(), true, 0, 0, 1, Optional.empty(), false);

  /** The same with another click, which is then on. */
  public PulseSettings withKind(Optional<ClickKind> other) {
    return new PulseSettings(
        other, true, clickedBars, silentBars, countInBars, drone, loopsSelection);
  }

  /** The same with the click on or off. */
  public PulseSettings withClicks(boolean on) {
    return new PulseSettings(kind, on, clickedBars, silentBars, countInBars, drone, loopsSelection);
  }

  /** The same with bars that are left out, such as one behind two; 0 and 0 for none. */
  public PulseSettings withSilentBars(int clicked, int silent) {
    return new PulseSettings(kind, clicks, clicked, silent, countInBars, drone, loopsSelection);
  }

  /** The same with other bars counted in. */
  public PulseSettings withCountIn(int bars) {
    return new PulseSettings(kind, clicks, clickedBars, silentBars, bars, drone, loopsSelection);
  }

  /** The same with another drone, or none. */
  public PulseSettings withDrone(Optional<Drone> other) {
    return new PulseSettings(
        kind, clicks, clickedBars, silentBars, countInBars, other, loopsSelection);
  }

  /** The same for the selected bars or for all. */
  public PulseSettings withLoop(boolean selection) {
    return new PulseSettings(kind, clicks, clickedBars, silentBars, countInBars, drone, selection);
  }

  /**
   * The click to make.
   *
   * @param onLadder the kind that follows the ladder
   */
  ClickChoices click(ClickKind onLadder) {
    ClickKind now = clicks ? kind.orElse(onLadder) : ClickKind.NONE;
    return new ClickChoices(now, clickedBars, silentBars, countInBars);
  }
}
