package app.fret.instrument;

import java.util.Optional;

/**
 * What a player was taught where schools differ.
 *
 * @param reach whether to stretch for an odd note or to move the hand
 * @param crawl whether the hand may open and close its way along the string; empty for the custom
 *     of the instrument
 * @param slide when a shift begins
 * @param guide which finger carries the hand in a shift
 * @param halfSteps how a run of half steps is fingered where each finger has a letter
 * @param slidesAreHeard whether shifts may be heard; hidden is the safer way in auditions
 */
public record Habits(
    Reach reach,
    Optional<Boolean> crawl,
    Slide slide,
    boolean slidesAreHeard,
    Guide guide,
    HalfSteps halfSteps) {
  /**
   * Reach for single notes, move in haste; crawl by custom; start early; hidden; half steps by the
   * place.
   */
  public static final Habits USUAL =
      new Habits(
          Reach.MIXED, Optional.empty(), Slide.EARLY, false, Guide.LOWER_FINGER, HalfSteps.MIXED);

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

  /** Schools of guide notes. */
  public enum Guide {
    /** The lower of the two fingers stays on the string and takes the hand along. */
    LOWER_FINGER,
    /** The finger that leaves carries. */
    DEPARTING_FINGER,
    /** The finger that lands carries. */
    ARRIVING_FINGER
  }

  /** Schools of half steps in a run, on the violin and viola. */
  public enum HalfSteps {
    /** Fingers of their own, a hand that moves on or a slide, by what is least where it stands. */
    MIXED,
    /** The older way: two notes of one letter share a finger, which slides. */
    SLIDES
  }

  /** The same habits with another school of half steps. */
  public Habits withHalfSteps(HalfSteps newHalfSteps) {
    return new Habits(reach, crawl, slide, slidesAreHeard, guide, newHalfSteps);
  }

  /** The same habits with another school of guide notes. */
  public Habits withGuide(Guide newGuide) {
    return new Habits(reach, crawl, slide, slidesAreHeard, newGuide, halfSteps);
  }

  /** The same habits with crawling by the custom of the instrument. */
  public Habits withCrawlByCustom() {
    return new Habits(reach, Optional.empty(), slide, slidesAreHeard, guide, halfSteps);
  }

  /** The same habits with shifts heard or hidden. */
  public Habits withSlidesHeard(boolean heard) {
    return new Habits(reach, crawl, slide, heard, guide, halfSteps);
  }

  /** The same habits with another school of reaching. */
  public Habits withReach(Reach newReach) {
    return new Habits(newReach, crawl, slide, slidesAreHeard, guide, halfSteps);
  }

  /** The same habits with crawling allowed or not. */
  public Habits withCrawl(boolean allowed) {
    return new Habits(reach, Optional.of(allowed), slide, slidesAreHeard, guide, halfSteps);
  }

  /** The same habits with another timing of shifts. */
  public Habits withSlide(Slide newSlide) {
    return new Habits(reach, crawl, newSlide, slidesAreHeard, guide, halfSteps);
  }
}
