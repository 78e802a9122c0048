package app.fret.book;

import app.fret.practice.schedule.Round;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;

/** What a player agreed on with others: rounds, lists drawn by lot, notes on passages. */
public final class Agreements {
  private final Access access;
  private final Players players;
  private final Rounds rounds;
  private final PassageNotes notes;

  /** How the book is read and changed. */
  interface Access {
    <T> T read(Supplier<T> work);

    void change(Runnable work);
  }

  Agreements(Access access, Players players, Rounds rounds, PassageNotes notes) {
    this.access = access;
    this.players = players;
    this.rounds = rounds;
    this.notes = notes;
  }

  /** The rounds of a person, earliest first; their items are passages by their numbers. */
  public Found<Round> rounds(long playerId) {
    return access.read(() -> rounds.of(players.person(playerId)));
  }

  /** Keeps a person's rounds in place of those before. */
  public void keepRounds(long playerId, List<Round> all) {
    access.change(() -> rounds.keep(players.person(playerId), all));
  }

  /** The passages drawn by lot for a day, in the order they are asked; empty where none were. */
  public List<String> drawn(long playerId, LocalDate day) {
    return access.read(() -> rounds.drawn(players.person(playerId), day));
  }

  /** Keeps the list drawn for a day; an empty one takes it off. */
  public void keepDrawn(long playerId, LocalDate day, List<String> passages) {
    access.change(() -> rounds.keepDrawn(players.person(playerId), day, passages));
  }

  /** What was said of a passage, oldest first. */
  public Found<PassageNote> notes(long passageId) {
    return access.read(() -> notes.of(passageId));
  }

  /**
   * Notes what was said of a passage.
   *
   * @return whether it is new; one of the same moment stays
   */
  public boolean note(long passageId, PassageNote note) {
    AtomicBoolean isNew = new AtomicBoolean();
    access.change(() -> isNew.set(notes.add(passageId, note)));
    return isNew.get();
  }

  /** Takes a note away. */
  public void removeNote(long passageId, PassageNote note) {
    access.change(() -> notes.remove(passageId, note));
  }
}
