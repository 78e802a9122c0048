package app.fret.cli;

import app.fret.instrument.Habits;
import app.fret.instrument.Hand;
import app.fret.instrument.Instrument;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import picocli.CommandLine.Option;

/** The options that say how the instrument is set up and who plays it. */
final class PlayerOptions {
  @Option(
      names = "--hand",
      defaultValue = "medium",
      description = "small, medium, large, or the span from first to fourth finger in mm.")
  private String hand;

  @Option(names = "--bass-school", description = "1-2-4 (the default), 1-3-4 or 1-2-3-4.")
  private Optional<String> bassSchool;

  @Option(names = "--setup", description = "For the bass: solo, low-c or five-string.")
  private Optional<String> setUp;

  @Option(
      names = "--tuning",
      description = "What the open strings sound, string I first, such as E5,A4,D4,A3.")
  private Optional<String> tuning;

  @Option(names = "--string-length", description = "Vibrating length of the strings in mm.")
  private Optional<Double> stringLengthMm;

  @Option(names = "--a", description = "Frequency of the A in Hz, 415 to 446; 440 by default.")
  private Optional<Double> a4Hz;

  @Option(names = "--reach", description = "Stretch or shift: mixed (the default), reach, move.")
  private Optional<String> reach;

  @Option(names = "--crawl", description = "Whether the hand may crawl: yes or no.")
  private Optional<String> crawl;

  @Option(names = "--slide", description = "When a shift begins: early (the default) or late.")
  private Optional<String> slide;

  /** Whether the open strings are named here. */
  boolean tunes() {
    return tuning.isPresent();
  }

  /** The player these options describe, on an instrument of this name. */
  Player player(String instrumentName) {
    Instrument instrument = instrument(instrumentName.toLowerCase(Locale.ROOT));
    return new Player("", instrument, hand(instrument), habits());
  }

  private Instrument instrument(String name) {
    Instrument instrument = Instruments.named(name);
    if (bassSchool.isPresent()) {
      instrument = Instruments.inSchool(instrument, bassSchool.get());
    }
    if (setUp.isPresent()) {
      instrument = Instruments.inSetUp(instrument, setUp.get());
    }
    if (tuning.isPresent()) {
      List<String> strings = Arrays.asList(tuning.get().split("[,\\s]+"));
      instrument = Instruments.tuned(instrument, strings);
    }
    if (stringLengthMm.isPresent()) {
      instrument = instrument.withStringLengthMm(stringLengthMm.get());
    }
    return a4Hz.isPresent() ? instrument.withA4Hz(a4Hz.get()) : instrument;
  }

  private Hand hand(Instrument instrument) {
    for (Hand.Preset preset : Hand.Preset.values()) {
      if (preset.name().equalsIgnoreCase(hand)) {
        return Hand.of(preset, instrument.handSize());
      }
    }
    try {
      return Hand.ofSpanMm(Double.parseDouble(hand), instrument.handSize());
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException(
          "'" + hand + "' is no hand; use small, medium, large or a span in mm");
    }
  }

  private Habits habits() {
    Habits habits = Habits.USUAL;
    if (reach.isPresent()) {
      habits = habits.withReach(one(Habits.Reach.values(), reach.get(), "--reach"));
    }
    if (crawl.isPresent()) {
      habits = habits.withCrawl(yes(crawl.get()));
    }
    return slide.isPresent()
        ? habits.withSlide(one(Habits.Slide.values(), slide.get(), "--slide"))
        : habits;
  }

  private static boolean yes(String text) {
    if (!text.equals("yes") && !text.equals("no")) {
      throw new IllegalArgumentException("--crawl '" + text + "'; say yes or no");
    }
    return text.equals("yes");
  }

  private static <E extends Enum<E>> E one(E[] values, String text, String option) {
    for (E value : values) {
      if (value.name().equalsIgnoreCase(text)) {
        return value;
      }
    }
    String known =
        String.join(
            ", ", Arrays.stream(values).map(v -> v.name().toLowerCase(Locale.ROOT)).toList());
    throw new IllegalArgumentException(option + " '" + text + "'; use " + known);
  }
}
