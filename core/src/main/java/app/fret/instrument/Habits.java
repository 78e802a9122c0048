package app.fret.instrument;

import java.util.Optional;

/**
 * What a player was taught where schools differ.
 *
 * @param reach whether to stretch for an odd note or to move the hand
 * @param crawl whether the hand may open and close its way along the string; empty for the custom
 *     of the instrument
 * @param slide when a shift begins
 * @param slidesAreHeard whether shifts may be heard; hidden is the safer way in auditions
 */
public record Habits(Reach reach, Optional<Boolean> crawl, Slide slide, boolean slidesAreHeard) {
  /** Reach for single notes, move in haste; crawl by custom; start early; hidden. */
  public static final Habits USUAL = new Habits(Reach.MIXED, Optional.empty(), Slide.EARLY, false);

  /** Schools of reaching. */
  public enum Reach {
    /** Reach for a single note in a held hand, but move rather than reach back in haste. */
    MIXED,
    /** Stretch for the odd note. */
    REACH,
    /** Move the whole hand. */
    MOVE
  }

  /** Schools of timing. */
  public enum Slide {
    /** At once with the bow change, unhurried. */
    EARLY,
    /** The note is held, then a quick move. */
    LATE
  }

  /** The same habits with another school of reaching. */
  public Habits withReach(Reach newReach) {
    return new Habits(newReach, crawl, slide, slidesAreHeard);
  }

  /** The same habits with crawling allowed or not. */
  public Habits withCrawl(boolean allowed) {
    return new Habits(reach, Optional.of(allowed), slide, slidesAreHeard);
  }

  /** The same habits with another timing of shifts. */
  public Habits withSlide(Slide newSlide) {
    return new Habits(reach, crawl, newSlide, slidesAreHeard);
  }
}
