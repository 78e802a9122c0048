package app.fret.practice.schedule;

import java.time.LocalDate;
import java.util.Optional;

/**
 * How an item will fare.
 *
 * @param item the item
 * @param standing how it stands today
 * @param readyBy the day by which it should be ready, if it has a date
 * @param forecast the day it will be ready; empty where that cannot be told yet
 * @param state where that leaves it
 * @param why why it cannot be told, where it cannot
 * @param warning what to know, in a sentence; empty where there is nothing
 * @param care what is spared since something hurt, in sentences; empty where nothing did
 */
public record ItemOutlook(
    Item item,
    Standing standing,
    Optional<LocalDate> readyBy,
    Optional<Forecast> forecast,
    State state,
    Optional<Why> why,
    Optional<String> warning,
    Optional<String> care) {
  /** What cannot be told yet is not told, nor when what is ready will be. */
  public ItemOutlook {
    if (state == State.UNKNOWN || state == State.READY) {
      forecast = Optional.empty();
    }
  }

  /** Where it is, for players: where that cannot be told, why. */
  public String words() {
    return why.map(Why::words).orElse(state.words());
  }

  /** Why it cannot be told where an item is on its way. */
  public enum Why {
    NO_DATE("no-date", "no date set"),
    TOO_EARLY("too-early", "too early to say"),
    EITHER_WAY("either-way", "could go either way");

    private final String id;
    private final String words;

    Why(String id, String words) {
      this.id = id;
      this.words = words;
    }

    /** What it is called in files. */
    public String id() {
      return id;
    }

    /** What it is called on screen. */
    public String words() {
      return words;
    }
  }

  /** Where an item is on its way. */
  public enum State {
    ON_TRACK("on-track", "on track"),
    BEHIND("behind", "behind"),
    READY("ready", "ready"),
    CANNOT("cannot", "out of reach by the date"),
    UNKNOWN("unknown", "cannot tell yet");

    private final String id;
    private final String words;

    State(String id, String words) {
      this.id = id;
      this.words = words;
    }

    /** What it is called in files. */
    public String id() {
      return id;
    }

    /** What it is called on screen. */
    public String words() {
      return words;
    }
  }
}
