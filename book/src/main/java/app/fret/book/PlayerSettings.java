package app.fret.book;

import app.fret.instrument.Habits;
import app.fret.instrument.PlayerSetup;
import app.fret.practice.schedule.Learner;
import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What a player says of hand, instrument and practice, setting by setting, so that two books can be
 * laid side by side.
 *
 * @param setup hand and instrument
 * @param learner how they practise
 */
record PlayerSettings(PlayerSetup setup, Learner learner) {

  /**
   * A setting.
   *
   * @param name what it is called
   * @param words what it says
   * @param taken settings with this one of others'
   */
  record Setting(
      String name,
      Function<PlayerSettings, String> words,
      BiFunction<PlayerSettings, PlayerSettings, PlayerSettings> taken) {}

  /** Strings and set-up are one setting: either alone could not be played. */
  static final List<Setting> ALL =
      List.of(
          new Setting(
              "the span of the hand",
              s -> s.setup.comfortableMm() + " mm",
              (s, o) -> s.with(s.setup.withComfortableMm(o.setup.comfortableMm()))),
          new Setting(
              "the strings", PlayerSettings::strings, (s, o) -> s.with(s.withStringsOf(o.setup))),
          new Setting(
              "the tuning of A",
              s -> s.setup.a4Hz() + " Hz",
              (s, o) -> s.with(s.setup.withA4Hz(o.setup.a4Hz()))),
          new Setting(
              "the school of the hand",
              s -> s.setup.school().orElse("the usual one"),
              (s, o) -> s.with(s.setup.withSchool(o.setup.school()))),
          new Setting(
              "habits of the hand",
              s -> habits(s.setup.habits()),
              (s, o) -> s.with(s.setup.withHabits(o.setup.habits()))),
          new Setting(
              "minutes a day",
              s -> s.learner.minutesPerDay() + " min",
              (s, o) -> s.with(s.learner.withMinutes(o.learner.minutesPerDay()))),
          new Setting(
              "minutes on days of the week",
              PlayerSettings::minutesByWeekday,
              (s, o) -> s.with(s.learner.withMinutesByWeekday(o.learner.minutesByWeekday()))),
          new Setting(
              "days off",
              PlayerSettings::daysOff,
              (s, o) -> s.with(s.learner.withDaysOff(o.learner.daysOff()))),
          new Setting(
              "days a week with a rhythm set",
              s -> String.valueOf(s.learner.rhythmDaysPerWeek()),
              (s, o) -> s.with(s.learner.withRhythmDays(o.learner.rhythmDaysPerWeek()))),
          new Setting(
              "what to do when not all can be ready",
              s ->
                  s.learner.stance() == Learner.Stance.EVEN
                      ? "keep the weakest highest"
                      : "as many ready as can be",
              (s, o) -> s.with(s.learner.with(o.learner.stance()))));

  private PlayerSettings with(PlayerSetup newSetup) {
    return new PlayerSettings(newSetup, learner);
  }

  private PlayerSettings with(Learner newLearner) {
    return new PlayerSettings(setup, newLearner);
  }

  private PlayerSetup withStringsOf(PlayerSetup other) {
    return setup
        .withStringLengthMm(other.stringLengthMm())
        .withSetUp(other.setUp())
        .withTuning(other.tuning().map(t -> String.join(" ", t)).orElse(""));
  }

  private String strings() {
    return setup.stringLengthMm()
        + " mm, "
        + setup.tuning().map(t -> "tuned " + String.join(" ", t)).orElse("tuned as usual")
        + setup.setUp().map(s -> ", " + s).orElse("");
  }

  private String minutesByWeekday() {
    String days =
        learner.minutesByWeekday().entrySet().stream()
            .sorted(Map.Entry.comparingByKey())
            .map(e -> day(e.getKey()) + " " + e.getValue() + " min")
            .collect(Collectors.joining(", "));
    return days.isEmpty() ? "the same every day" : days;
  }

  private static String day(DayOfWeek day) {
    return day.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
  }

  private String daysOff() {
    String days =
        learner.daysOff().stream()
            .sorted()
            .map(PlayerSettings::day)
            .collect(Collectors.joining(", "));
    return days.isEmpty() ? "none" : days;
  }

  private static String habits(Habits habits) {
    List<String> words = new ArrayList<>();
    words.add(
        switch (habits.reach()) {
          case MIXED -> "reaches or moves by the place";
          case REACH -> "reaches for an odd note";
          case MOVE -> "moves the hand for an odd note";
        });
    habits.crawl().ifPresent(c -> words.add(c ? "crawls" : "does not crawl"));
    words.add(habits.slide() == Habits.Slide.EARLY ? "shifts early" : "shifts late");
    words.add(habits.slidesAreHeard() ? "slides may be heard" : "slides are hidden");
    words.add(
        switch (habits.guide()) {
          case LOWER_FINGER -> "the lower finger carries";
          case DEPARTING_FINGER -> "the departing finger carries";
          case ARRIVING_FINGER -> "the arriving finger carries";
        });
    if (habits.halfSteps() == Habits.HalfSteps.SLIDES) {
      words.add("half steps slide");
    }
    return String.join(", ", words);
  }
}
