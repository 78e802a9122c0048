package app.fret.reading.traps;

import app.fret.reading.Asked;
import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Marks.Articulation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A word for a kind of stroke that the signs over the notes contradict: "legato" over dots,
 * "spiccato" over slurs. The first such note of each word is named; the signs are kept.
 */
final class MarkWordRule implements TrapRule {
  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    boolean[] shared = page.reading().strokes().shared();
    Optional<Asked.Stroke> told = Optional.empty();
    for (PlayedNote note : page.notes()) {
      Optional<Asked.Stroke> asked = page.reading().technique(note.number()).asked().stroke();
      if (!asked.equals(told)) {
        told = Optional.empty();
      }
      boolean isDotted = note.marks().articulations().contains(Articulation.STACCATO);
      boolean isSlurred = shared[note.number()] && !note.isGrace();
      Optional<String> against = asked.flatMap(a -> against(a, isDotted, isSlurred));
      if (against.isPresent() && told.isEmpty()) {
        traps.add(new Trap(Kind.WORD_AGAINST_MARK, note.number(), against.get()));
        told = asked;
      }
    }
    return traps;
  }

  private static Optional<String> against(Asked.Stroke asked, boolean isDotted, boolean isSlurred) {
    if (asked.isJoined() && isDotted) {
      return Optional.of("The word asks for joined notes, the dots for short ones: the dots hold.");
    }
    if (asked.isShort() && isSlurred && !isDotted) {
      return Optional.of("The word asks for short notes, the slur joins them: the slur holds.");
    }
    if (asked == Asked.Stroke.NON_LEGATO && isSlurred) {
      return Optional.of("The word asks for separate bows, the slur joins them: the slur holds.");
    }
    return Optional.empty();
  }
}
