package app.fret.files.practice;

import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.PutBack;
import app.fret.practice.schedule.Round;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * A programme as a file holds it, before its scores are read.
 *
 * @param playerName who practises
 * @param learner how
 * @param items what, in the order of the file
 * @param log what was played, oldest first
 * @param putBack by item: what hurt twice within a week and was put back by the player
 * @param rounds rounds with lists and dates of their own
 */
public record Programme(
    String playerName,
    Learner learner,
    List<Entry> items,
    List<Pass> log,
    Map<String, List<PutBack>> putBack,
    List<Round> rounds) {
  public Programme {
    items = List.copyOf(items);
    log = List.copyOf(log);
    putBack = Map.copyOf(putBack);
    rounds = List.copyOf(rounds);
  }

  /**
   * One item.
   *
   * @param id its name in the log
   * @param title its name for the player
   * @param kind what it is
   * @param file its score, beside the programme; of a passage only
   * @param part number or name of the part
   * @param bars bars such as {@code 5-12}
   * @param instrument its instrument
   * @param hand size of the hand
   * @param setUp how the instrument is set up
   * @param profile what the fingering is to be good for
   * @param beat what its target counts
   * @param perMinute its target
   * @param clean what is clean today, in the same beat
   * @param due day it is for
   * @param occasion what it is for
   * @param minutes how long it takes; of all but passages
   * @param notes what a teacher or a jury said of it, oldest first
   */
  public record Entry(
      String id,
      String title,
      Item.Kind kind,
      Optional<String> file,
      Optional<String> part,
      Optional<String> bars,
      Optional<String> instrument,
      Optional<String> hand,
      Optional<String> setUp,
      Optional<String> profile,
      Optional<String> beat,
      OptionalDouble perMinute,
      OptionalDouble clean,
      Optional<LocalDate> due,
      Optional<String> occasion,
      OptionalInt minutes,
      List<String> notes) {
    public Entry {
      notes = List.copyOf(notes);
    }
  }

  /**
   * One pass.
   *
   * @param item what was played
   * @param date when
   * @param beat what the tempo counts; empty for the beat of the item's target
   * @param perMinute how fast
   * @param clean whether it was clean
   * @param seconds how long it took
   * @param cold whether it was the first of its day
   * @param spot where it missed, as BAR:INDEX
   * @param spotLeftOut whether a capped spot was left out
   * @param hurts whether it hurt or tired
   * @param card what it was played for
   * @param misses what went wrong, one for each place that was said
   */
  public record Pass(
      String item,
      LocalDate date,
      Optional<String> beat,
      double perMinute,
      boolean clean,
      double seconds,
      boolean cold,
      Optional<String> spot,
      boolean spotLeftOut,
      boolean hurts,
      CardKind card,
      List<Miss> misses) {
    public Pass {
      misses = List.copyOf(misses);
    }
  }
}
