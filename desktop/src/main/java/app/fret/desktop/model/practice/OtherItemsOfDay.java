package app.fret.desktop.model.practice;

import app.fret.book.Book;
import app.fret.book.OtherItem;
import app.fret.practice.Gate;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.LoggedPass;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Studies and recordings as the schedule sees them. */
final class OtherItemsOfDay {
  private static final String PREFIX = OtherItem.ITEM_PREFIX;

  /** Nothing of them has a tempo; the schedule asks for one all the same. */
  private static final double ANY_TEMPO = 60;

  private OtherItemsOfDay() {}

  /** The number in the book of an item that has no music there; empty for a passage. */
  static Optional<Long> number(Item item) {
    return item.isPassage()
        ? Optional.empty()
        : Optional.of(Long.valueOf(item.id().substring(PREFIX.length())));
  }

  static Item item(OtherItem other) {
    return new Item(
        PREFIX + other.id(),
        other.title(),
        other.kind() == OtherItem.Kind.STUDY ? Item.Kind.STUDY : Item.Kind.LISTENING,
        new Tempo(BeatUnit.QUARTER, ANY_TEMPO),
        ANY_TEMPO,
        Gate.USUAL,
        Optional.empty(),
        0,
        0,
        "",
        other.minutes(),
        List.of(),
        Optional.empty());
  }

  /** Their turns so far, as passes, so that the next to come up is known. */
  static List<LoggedPass> turns(Book book, List<OtherItem> others, long playerId) {
    Map<Long, List<LocalDate>> turns = book.turns(playerId);
    List<LoggedPass> passes = new ArrayList<>();
    for (OtherItem other : others) {
      turns.getOrDefault(other.id(), List.of()).forEach(day -> passes.add(turn(other, day)));
    }
    return passes;
  }

  private static LoggedPass turn(OtherItem other, LocalDate day) {
    boolean isStudy = other.kind() == OtherItem.Kind.STUDY;
    return new LoggedPass(
        PREFIX + other.id(),
        day,
        ANY_TEMPO,
        true,
        60.0 * other.minutes(),
        false,
        Optional.empty(),
        false,
        false,
        isStudy ? CardKind.STUDY : CardKind.LISTENING);
  }
}
