package app.fret.reading.layers;

import app.fret.reading.NoteMoves;
import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.score.Directions;
import app.fret.score.Note;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the player has decided of whose marks are shown.
 *
 * @param printedBy who printed what stands in the part: composer or editor
 * @param added marks of others, by origin and note head
 * @param hidden origins that are not shown
 */
public record LayerChoices(
    Origin printedBy, Map<Origin, Map<NoteRef, LayerMark>> added, Set<Origin> hidden) {
  public LayerChoices {
    if (!printedBy.isPrinted()) {
      throw new IllegalArgumentException("a part is printed by its composer or its editor");
    }
    Map<Origin, Map<NoteRef, LayerMark>> copy = new EnumMap<>(Origin.class);
    added.forEach((origin, marks) -> copy.put(origin, Map.copyOf(marks)));
    added = Map.copyOf(copy);
    hidden = Set.copyOf(hidden);
  }

  /** The part as its editor printed it, all shown. */
  public static LayerChoices none() {
    return new LayerChoices(Origin.EDITOR, Map.of(), Set.of());
  }

  /** The same with what is printed put down to composer or editor. */
  public LayerChoices withPrintedBy(Origin origin) {
    return new LayerChoices(origin, added, hidden);
  }

  /** The same with marks of an origin in place of those it had; with none, without it. */
  public LayerChoices with(Origin origin, Map<NoteRef, LayerMark> marks) {
    Map<Origin, Map<NoteRef, LayerMark>> all = new EnumMap<>(Origin.class);
    all.putAll(added);
    all.remove(origin);
    if (!marks.isEmpty()) {
      all.put(origin, marks);
    }
    return new LayerChoices(printedBy, all, hidden);
  }

  /** The same with an origin shown or hidden. */
  public LayerChoices withShown(Origin origin, boolean shown) {
    Set<Origin> now = EnumSet.noneOf(Origin.class);
    now.addAll(hidden);
    if (shown) {
      now.remove(origin);
    } else {
      now.add(origin);
    }
    return new LayerChoices(printedBy, added, now);
  }

  /** Whether an origin is shown. */
  public boolean shows(Origin origin) {
    return !hidden.contains(origin);
  }

  /** What a passage prints at its notes: fingers, strings, bow signs, loudness. */
  public static Map<NoteRef, LayerMark> printed(
      Passage passage, List<PlayedNote> notes, NotePlaces places) {
    Map<NoteRef, LayerMark> marks = new LinkedHashMap<>();
    for (PlayedNote note : notes) {
      List<NoteRef> heads = places.of(note.number());
      for (int head = 0; head < heads.size(); head++) {
        boolean top = head == heads.size() - 1;
        Note printed = note.notes().get(head);
        LayerMark mark =
            new LayerMark(
                printed.finger(),
                printed.string(),
                top ? note.marks().bow() : Optional.empty(),
                top ? dynamicAt(passage, note) : Optional.empty());
        if (!mark.isEmpty()) {
          marks.put(heads.get(head), mark);
        }
      }
    }
    return marks;
  }

  private static Optional<String> dynamicAt(Passage passage, PlayedNote note) {
    return passage.directions().dynamics().stream()
        .filter(d -> d.onset().equals(note.onset()) && !note.isGrace())
        .map(Directions.Dynamic::sign)
        .findFirst();
  }

  /** The same with marks that stay with their notes. */
  public LayerChoices moved(NoteMoves moves) {
    LayerChoices now = new LayerChoices(printedBy, Map.of(), hidden);
    for (var layer : added.entrySet()) {
      String what = "the " + layer.getKey().words() + "'s mark";
      now = now.with(layer.getKey(), moves.keys(what, layer.getValue()));
    }
    return now;
  }
}
