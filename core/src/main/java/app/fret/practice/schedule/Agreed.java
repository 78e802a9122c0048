package app.fret.practice.schedule;

import java.util.List;

/**
 * What was agreed on of an item, beside its music.
 *
 * @param rounds the rounds it is asked in, earliest first
 * @param putBack what hurt twice and was put back by the player
 * @param notes what a teacher or a jury said of it, oldest first
 */
public record Agreed(List<Round> rounds, List<PutBack> putBack, List<String> notes) {
  /** Nothing. */
  public static final Agreed NOTHING = new Agreed(List.of(), List.of(), List.of());

  public Agreed {
    rounds = List.copyOf(rounds);
    putBack = List.copyOf(putBack);
    notes = List.copyOf(notes);
  }

  Agreed withPutBack(List<PutBack> back) {
    return new Agreed(rounds, back, notes);
  }

  Agreed withRounds(List<Round> newRounds) {
    return new Agreed(newRounds, putBack, notes);
  }

  Agreed withNotes(List<String> newNotes) {
    return new Agreed(rounds, putBack, newNotes);
  }
}
