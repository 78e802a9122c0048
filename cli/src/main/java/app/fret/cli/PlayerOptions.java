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

/** The options that say how the instrument is set up and who plays it. */
final class PlayerOptions {
  private static final String HAND = "hand";
  private static final String BASS_SCHOOL = "bass-school";
  private static final String SET_UP = "setup";
  private static final String TUNING = "tuning";
  private static final String STRING_LENGTH = "string-length";
  private static final String A4 = "a";
  private static final String REACH = "reach";
  private static final String CRAWL = "crawl";
  private static final String SLIDE = "slide";
  private static final String HALF_STEPS = "half-steps";

  private final Arguments given;

  PlayerOptions(Arguments given) {
    this.given = given;
  }

  /** Adds these options to those of a command. */
  static void addTo(OptionTable table) {
    table
        .value(HAND, "SIZE", "small, medium (the default), large, or the span in mm.")
        .value(BASS_SCHOOL, "SCHOOL", "1-2-4 (the default), 1-3-4 or 1-2-3-4.")
        .value(SET_UP, "SETUP", "For the bass: solo, low-c or five-string.")
        .value(TUNING, "PITCHES", "What the open strings sound, string I first: E5,A4,D4,A3.")
        .value(STRING_LENGTH, "MM", "Vibrating length of the strings.")
        .value(A4, "HZ", "Frequency of the A, 415 to 446; 440 by default.")
        .value(REACH, "HOW", "Stretch or shift: mixed (the default), reach, move.")
        .value(CRAWL, "YES|NO", "Whether the hand may crawl.")
        .value(SLIDE, "WHEN", "When a shift begins: early (the default) or late.")
        .value(
            HALF_STEPS,
            "HOW",
            "Runs of half steps on the violin and viola: mixed (the default: by the place) or"
                + " slides (two notes of one letter share a finger).");
  }

  /** Whether the open strings are named here. */
  boolean tunes() {
    return given.text(TUNING).isPresent();
  }

  /** The player these options describe, on an instrument of this name. */
  Player player(String instrumentName) {
    Instrument instrument = instrument(instrumentName.toLowerCase(Locale.ROOT));
    return new Player("", instrument, hand(instrument), habits());
  }

  private Instrument instrument(String name) {
    Instrument instrument = Instruments.named(name);
    Optional<String> school = given.text(BASS_SCHOOL);
    if (school.isPresent()) {
      instrument = Instruments.inSchool(instrument, school.get());
    }
    Optional<String> setUp = given.text(SET_UP);
    if (setUp.isPresent()) {
      instrument = Instruments.inSetUp(instrument, setUp.get());
    }
    Optional<String> tuning = given.text(TUNING);
    if (tuning.isPresent()) {
      List<String> strings = Arrays.asList(tuning.get().split("[,\\s]+"));
      instrument = Instruments.tuned(instrument, strings);
    }
    Optional<Double> lengthMm = given.number(STRING_LENGTH);
    if (lengthMm.isPresent()) {
      instrument = instrument.withStringLengthMm(lengthMm.get());
    }
    Optional<Double> a4Hz = given.number(A4);
    return a4Hz.isPresent() ? instrument.withA4Hz(a4Hz.get()) : instrument;
  }

  private Hand hand(Instrument instrument) {
    String hand = given.text(HAND).orElse("medium");
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
    Optional<String> reach = given.text(REACH);
    if (reach.isPresent()) {
      habits = habits.withReach(one(Habits.Reach.values(), reach.get(), REACH));
    }
    Optional<String> crawl = given.text(CRAWL);
    if (crawl.isPresent()) {
      habits = habits.withCrawl(yes(crawl.get()));
    }
    Optional<String> slide = given.text(SLIDE);
    if (slide.isPresent()) {
      habits = habits.withSlide(one(Habits.Slide.values(), slide.get(), SLIDE));
    }
    Optional<String> halfSteps = given.text(HALF_STEPS);
    return halfSteps.isPresent()
        ? habits.withHalfSteps(one(Habits.HalfSteps.values(), halfSteps.get(), HALF_STEPS))
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
    throw new IllegalArgumentException("--" + option + " '" + text + "'; use " + known);
  }
}
