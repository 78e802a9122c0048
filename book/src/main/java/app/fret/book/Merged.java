package app.fret.book;

import app.fret.files.packet.Packet;
import java.util.List;
import java.util.Optional;

/**
 * What came of taking a packet in. Nothing of either side is lost: passes and decisions that one
 * side lacked are added, and where both say the same thing differently, what stood in this book
 * stays and the other is told here.
 *
 * @param player whose passages they are
 * @param newPassages passages that were not there before
 * @param newPasses passes that were not in the log before
 * @param newDecisions decisions that were not there before
 * @param conflicts what both sides say differently
 * @param setAside a phrase for each decision whose note the music that stands does not have
 */
public record Merged(
    BookPlayer player,
    int newPassages,
    int newPasses,
    int newDecisions,
    List<Conflict> conflicts,
    List<String> setAside) {
  public Merged {
    conflicts = List.copyOf(conflicts);
    setAside = List.copyOf(setAside);
  }

  /** What two books may say differently. */
  public enum Subject {
    DECISION,
    TITLE,
    TARGET,
    DUE,
    MENDED_MUSIC,
    WORDS_ON_PASS,
    PLAYER,
    MINUTES_BESIDE,
    ROUND
  }

  /**
   * Something that both sides say differently.
   *
   * @param subject what it is of
   * @param passage where; empty for what holds for the player
   * @param area of a decision, such as {@code bow}
   * @param item which of its subject, such as a place, a setting of the player or a moment
   * @param here what stands in this book
   * @param theirs what the packet says
   * @param row of a decision: the row that is theirs
   */
  public record Conflict(
      Subject subject,
      Optional<BookPassage> passage,
      String area,
      String item,
      String here,
      String theirs,
      Optional<Packet.Row> row) {
    static Conflict of(
        Subject subject, Optional<BookPassage> passage, String item, String here, String theirs) {
      return new Conflict(subject, passage, "", item, here, theirs, Optional.empty());
    }

    static Conflict of(BookPassage passage, Packet.Row theirs, String here) {
      return new Conflict(
          Subject.DECISION,
          Optional.of(passage),
          theirs.area(),
          theirs.item(),
          here,
          theirs.value(),
          Optional.of(theirs));
    }
  }
}
