package app.fret.shape;

import app.fret.reading.NoteMoves;
import app.fret.reading.NotePlaces;
import app.fret.score.NoteRef;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What the player writes into the part without mending the print: where phrases begin, levels and
 * hairpins over stretches, and notes to bring out.
 *
 * @param borders by a note: whether a phrase begins with it, against what is proposed there
 * @param levels levels of stretches; where two overlap the later one holds
 * @param broughtOut notes to bring out
 */
public record OwnMarks(
    Map<NoteRef, Boolean> borders, List<OwnLevel> levels, Set<NoteRef> broughtOut) {
  /** None. */
  public static final OwnMarks NONE = new OwnMarks(Map.of(), List.of(), Set.of());

  public OwnMarks {
    borders = Map.copyOf(borders);
    levels = List.copyOf(levels);
    broughtOut = Set.copyOf(broughtOut);
  }

  /** Whether nothing is written. */
  public boolean isEmpty() {
    return equals(NONE);
  }

  /** The same with a phrase that begins with a note, or does not. */
  public OwnMarks withBorder(NoteRef note, boolean begins) {
    Map<NoteRef, Boolean> changed = new LinkedHashMap<>(borders);
    changed.put(note, begins);
    return new OwnMarks(changed, levels, broughtOut);
  }

  /** The same with what is proposed before a note. */
  public OwnMarks withoutBorder(NoteRef note) {
    Map<NoteRef, Boolean> changed = new LinkedHashMap<>(borders);
    changed.remove(note);
    return new OwnMarks(changed, levels, broughtOut);
  }

  /** The same with a level over a stretch, in place of one over the very same notes. */
  public OwnMarks with(OwnLevel level) {
    List<OwnLevel> changed = new ArrayList<>(withoutLevel(level.first(), level.last()).levels);
    changed.add(level);
    return new OwnMarks(borders, changed, broughtOut);
  }

  /** The same without the level over these very notes. */
  public OwnMarks withoutLevel(NoteRef first, NoteRef last) {
    List<OwnLevel> changed = new ArrayList<>(levels);
    changed.removeIf(l -> l.first().equals(first) && l.last().equals(last));
    return new OwnMarks(borders, changed, broughtOut);
  }

  /** The same with a note that is to be brought out, or not. */
  public OwnMarks withBroughtOut(NoteRef note, boolean isBroughtOut) {
    Set<NoteRef> changed = new HashSet<>(broughtOut);
    if (isBroughtOut) {
      changed.add(note);
    } else {
      changed.remove(note);
    }
    return new OwnMarks(borders, levels, changed);
  }

  /**
   * The phrases of a passage under these borders.
   *
   * @param proposed the phrases that are proposed
   * @param notes how many notes there are
   */
  public List<Span> phrases(List<Span> proposed, NotePlaces places, int notes) {
    TreeSet<Integer> starts = new TreeSet<>();
    proposed.forEach(p -> starts.add(p.first()));
    borders.forEach(
        (at, begins) ->
            places
                .find(at)
                .map(NotePlaces.Head::note)
                .filter(n -> n > 0)
                .ifPresent(n -> change(starts, n, begins)));
    List<Span> phrases = new ArrayList<>();
    for (int start : starts) {
      Integer next = starts.higher(start);
      phrases.add(new Span(start, next == null ? notes - 1 : next - 1));
    }
    return List.copyOf(phrases);
  }

  private static void change(Set<Integer> starts, int note, boolean begins) {
    if (begins) {
      starts.add(note);
    } else {
      starts.remove(note);
    }
  }

  /** The level that was given last to a note's stretch; empty where the print holds. */
  public Optional<Given> levelOf(int note, NotePlaces places) {
    for (int i = levels.size() - 1; i >= 0; i--) {
      Optional<Integer> first = places.find(levels.get(i).first()).map(NotePlaces.Head::note);
      Optional<Integer> last = places.find(levels.get(i).last()).map(NotePlaces.Head::note);
      boolean isThere = first.isPresent() && last.isPresent();
      if (isThere && first.get() <= note && note <= last.get()) {
        return Optional.of(new Given(levels.get(i), first.get(), last.get()));
      }
    }
    return Optional.empty();
  }

  /**
   * A level with the numbers of its notes.
   *
   * @param first number of its first note
   * @param last number of its last note
   */
  public record Given(OwnLevel level, int first, int last) {}

  /** The numbers of the notes to bring out that a passage has. */
  Set<Integer> broughtOut(NotePlaces places) {
    return broughtOut.stream()
        .flatMap(at -> places.find(at).stream())
        .map(NotePlaces.Head::note)
        .collect(Collectors.toSet());
  }

  /** The same at the places their notes have after an edit. */
  OwnMarks moved(NoteMoves moves) {
    List<OwnLevel> levelsNow = new ArrayList<>();
    for (OwnLevel level : levels) {
      Optional<NoteRef> first = moves.of("a level", level.first());
      Optional<NoteRef> last = moves.of(level.last());
      if (first.isPresent() && last.isPresent()) {
        levelsNow.add(new OwnLevel(first.get(), last.get(), level.from(), level.to()));
      } else if (first.isPresent()) {
        moves.lose("a level", level.last());
      }
    }
    Set<NoteRef> broughtOutNow = new HashSet<>();
    broughtOut.forEach(n -> moves.of("bring out", n).ifPresent(broughtOutNow::add));
    return new OwnMarks(moves.keys("the border of a phrase", borders), levelsNow, broughtOutNow);
  }
}
