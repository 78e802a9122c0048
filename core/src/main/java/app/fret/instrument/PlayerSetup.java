package app.fret.instrument;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What a player tells about instrument and hand; the {@link Player} the planners know follows from
 * it.
 *
 * @param instrument name of the instrument, such as {@code violin}
 * @param comfortableMm span from first to fourth finger at ease, in mm
 * @param stringLengthMm vibrating length of the strings, in mm
 * @param a4Hz frequency of the A in Hz, 415 to 446
 * @param setUp name of the set-up where it is not the usual one, such as {@code low-c}
 * @param tuning what the open strings sound, string I first, where it is not the usual
 * @param school name of the school of the hand where there are several, such as {@code 1-3-4}
 * @param habits what the player was taught where schools differ
 */
public record PlayerSetup(
    String instrument,
    double comfortableMm,
    double stringLengthMm,
    double a4Hz,
    Optional<String> setUp,
    Optional<List<String>> tuning,
    Optional<String> school,
    Habits habits) {
  private static final double USUAL_A4_HZ = 440;

  /** Makes sure that a player follows from it. */
  public PlayerSetup {
    tuning = tuning.map(List::copyOf);
  }

  /** A player with a medium hand on an instrument as usual. */
  public static PlayerSetup usual(String instrument) {
    Instrument usual = Instruments.named(instrument);
    double span = Hand.of(Hand.Preset.MEDIUM, usual.handSize()).comfortableMm();
    return of(instrument, span, usual.stringLengthMm());
  }

  /** A player with this hand and string length, all else as usual. */
  public static PlayerSetup of(String instrument, double comfortableMm, double stringLengthMm) {
    return new PlayerSetup(
        instrument,
        comfortableMm,
        stringLengthMm,
        USUAL_A4_HZ,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Habits.USUAL);
  }

  /**
   * The player the planners know.
   *
   * @throws IllegalArgumentException when a figure, tuning, set-up or school does not fit the
   *     instrument, with a sentence that says which
   */
  public Player player(String name) {
    Instrument played = Instruments.named(instrument);
    Hand hand = Hand.ofSpanMm(comfortableMm, played.handSize());
    if (school.isPresent()) {
      played = Instruments.inSchool(played, school.get());
    }
    if (setUp.isPresent()) {
      played = Instruments.inSetUp(played, setUp.get());
    }
    if (tuning.isPresent()) {
      played = Instruments.tuned(played, tuning.get());
    }
    return new Player(name, played.withStringLengthMm(stringLengthMm).withA4Hz(a4Hz), hand, habits);
  }

  /** The same with another hand. */
  public PlayerSetup withComfortableMm(double mm) {
    return new PlayerSetup(instrument, mm, stringLengthMm, a4Hz, setUp, tuning, school, habits);
  }

  /** The same with another string length. */
  public PlayerSetup withStringLengthMm(double mm) {
    return new PlayerSetup(instrument, comfortableMm, mm, a4Hz, setUp, tuning, school, habits);
  }

  /** The same with another A. */
  public PlayerSetup withA4Hz(double hz) {
    return new PlayerSetup(
        instrument, comfortableMm, stringLengthMm, hz, setUp, tuning, school, habits);
  }

  /** The same in another set-up; empty for the usual one. */
  public PlayerSetup withSetUp(Optional<String> newSetUp) {
    return new PlayerSetup(
        instrument, comfortableMm, stringLengthMm, a4Hz, newSetUp, tuning, school, habits);
  }

  /** The same with other open strings, written as words; none for the usual ones. */
  public PlayerSetup withTuning(String words) {
    Optional<List<String>> strings =
        words.isBlank()
            ? Optional.empty()
            : Optional.of(Arrays.asList(words.strip().split("[,\\s]+")));
    return new PlayerSetup(
        instrument, comfortableMm, stringLengthMm, a4Hz, setUp, strings, school, habits);
  }

  /** The same in another school of the hand. */
  public PlayerSetup withSchool(Optional<String> newSchool) {
    return new PlayerSetup(
        instrument, comfortableMm, stringLengthMm, a4Hz, setUp, tuning, newSchool, habits);
  }

  /** The same with other habits. */
  public PlayerSetup withHabits(Habits newHabits) {
    return new PlayerSetup(
        instrument, comfortableMm, stringLengthMm, a4Hz, setUp, tuning, school, newHabits);
  }
}
