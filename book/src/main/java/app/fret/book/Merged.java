package app.fret.book;

import java.util.List;

/**
 * What came of taking a packet in. Nothing of either side is lost: passes and decisions that one
 * side lacked are added, and where both decided the same thing differently, what stood in this book
 * stays and the other is told here.
 *
 * @param player whose passages they are
 * @param newPassages passages that were not there before
 * @param newPasses passes that were not in the log before
 * @param newDecisions decisions that were not there before
 * @param conflicts what both sides decided differently
 */
public record Merged(
    BookPlayer player, int newPassages, int newPasses, int newDecisions, List<Conflict> conflicts) {
  public Merged {
    conflicts = List.copyOf(conflicts);
  }

  /**
   * Something that both sides decided differently.
   *
   * @param passage where
   * @param area what it is of, such as {@code bow}
   * @param item what was decided, such as a place
   * @param here what stands in this book
   * @param theirs what the packet says
   * @param version version of the form of what the packet says
   */
  public record Conflict(
      BookPassage passage, String area, String item, String here, String theirs, int version) {}
}
