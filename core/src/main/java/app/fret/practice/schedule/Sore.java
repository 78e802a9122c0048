package app.fret.practice.schedule;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.Optional;

/**
 * Something that hurt and has not come back in full.
 *
 * @param bar label of the bar that hurt; empty where nobody said where
 * @param hurtOn when it hurt last
 * @param contacts days since then on which the passage was played and nothing in it hurt
 * @param isOff whether it hurt twice within a few days, and stays off until the player puts it back
 */
record Sore(Optional<String> bar, LocalDate hurtOn, int contacts, boolean isOff) {
  /** How far it has come back. */
  enum Stage {
    /** It hurt today. */
    TODAY,
    /** Twice within a few days. */
    OFF,
    /** The passage was not played since. */
    FIRST,
    /** Not often enough without pain. */
    RESTS,
    /** It comes back, half as often as usual. */
    HALF
  }

  /** Its stage on a day, before anything is played on it. */
  Stage stage(LocalDate day) {
    if (hurtOn.equals(day)) {
      return Stage.TODAY;
    }
    if (isOff) {
      return Stage.OFF;
    }
    if (contacts == 0) {
      return Stage.FIRST;
    }
    return contacts < Model.count("hurt.free-contacts") ? Stage.RESTS : Stage.HALF;
  }

  /** Whether it is played in full again. */
  boolean isOver() {
    return !isOff && contacts > Model.count("hurt.free-contacts");
  }

  /** After a day on which the passage was played and nothing hurt. */
  Sore afterContact() {
    return isOff ? this : new Sore(bar, hurtOn, contacts + 1, false);
  }

  /** Put back by the player: it comes back as if it had rested long enough. */
  Sore putBack() {
    return new Sore(bar, hurtOn, Model.count("hurt.free-contacts"), false);
  }

  /** What it means for a day, as part of a sentence. */
  String words(LocalDate day) {
    String what = bar.map(b -> "bar " + b).orElse("it");
    return switch (stage(day)) {
      case TODAY ->
          what
              + " hurt today: "
              + (bar.isPresent()
                  ? "slower and without it for the rest of the day"
                  : "no more of it");
      case OFF ->
          what
              + " hurt twice within "
              + Model.count("hurt.again-days")
              + " days and is off until you put it back: see your teacher or a clinician first";
      case FIRST ->
          what
              + " hurt on "
              + day(hurtOn)
              + ": half the minutes, two rungs lower"
              + (bar.isPresent() ? ", without it" : "");
      case RESTS ->
          what
              + " hurt on "
              + day(hurtOn)
              + ": "
              + (bar.isPresent() ? "without it" : "half the minutes")
              + " until "
              + Model.count("hurt.free-contacts")
              + " days of it were free of pain, "
              + contacts
              + " so far";
      case HALF ->
          what
              + " comes back: "
              + (bar.isPresent()
                  ? "at most "
                      + SpotCount.HALF_CAP.inARow()
                      + " times in a row and "
                      + SpotCount.HALF_CAP.aDay()
                      + " today"
                  : "half the minutes");
    };
  }

  private static String day(LocalDate date) {
    return date.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH)
        + " "
        + date.getDayOfMonth()
        + " "
        + date.getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
  }
}
