package app.fret.practice.schedule;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One thing to do.
 *
 * @param kind what
 * @param item of which item; empty for a break or a warm-up
 * @param visit number of the visit within the day, from 1: cards of one visit stay with one item
 * @param perMinute how fast, in the beat of the item's target; empty where no tempo is asked
 * @param passes how often; 0 where it is not counted
 * @param minutes how long, in whole minutes
 * @param reason why, in one line
 * @param spot place it is for, if it is for one
 * @param drill name of the drill, of a drill card
 * @param easing how it goes easier since something hurt
 */
public record Card(
    CardKind kind,
    Optional<Item> item,
    int visit,
    OptionalDouble perMinute,
    int passes,
    int minutes,
    String reason,
    Optional<Spot> spot,
    Optional<String> drill,
    Easing easing) {

  /** One of a passage in which nothing hurt. */
  public Card(
      CardKind kind,
      Optional<Item> item,
      int visit,
      OptionalDouble perMinute,
      int passes,
      int minutes,
      String reason,
      Optional<Spot> spot,
      Optional<String> drill) {
    this(kind, item, visit, perMinute, passes, minutes, reason, spot, drill, Easing.NONE);
  }

  static Card plain(CardKind kind, Optional<Item> item, int visit, int minutes, String reason) {
    return new Card(
        kind,
        item,
        visit,
        OptionalDouble.empty(),
        0,
        minutes,
        reason,
        Optional.empty(),
        Optional.empty());
  }

  /** The same with more to its reason. */
  Card saying(String more) {
    return new Card(
        kind, item, visit, perMinute, passes, minutes, reason + "; " + more, spot, drill, easing);
  }

  /** The same, easier, at another tempo. */
  Card eased(Easing by, OptionalDouble newPerMinute) {
    return new Card(kind, item, visit, newPerMinute, passes, minutes, reason, spot, drill, by);
  }

  /** A part of it that takes fewer minutes. */
  Card part(int partMinutes) {
    int partPasses = Math.max(passes == 0 ? 0 : 1, passes * partMinutes / minutes);
    return new Card(
        kind, item, visit, perMinute, partPasses, partMinutes, reason, spot, drill, easing);
  }

  /**
   * What it is known by among the cards of its day, however they are planned anew: its item, kind,
   * drill, spot and visit.
   */
  public String name() {
    return String.join(
        " ",
        item.map(Item::id).orElse("-"),
        kind.id(),
        drill.map(d -> d.replace(' ', '_')).orElse("-"),
        spot.map(Spot::place).orElse("-"),
        String.valueOf(visit));
  }

  /** Whether it is played. */
  public boolean isPlayed() {
    return kind != CardKind.BREAK;
  }
}
