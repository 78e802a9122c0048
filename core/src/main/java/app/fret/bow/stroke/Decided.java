package app.fret.bow.stroke;

import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.reading.NotePlaces;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The decisions in force on a passage, by the numbers of its notes. */
public final class Decided {
  private final Map<Integer, List<StrokeDecision>> byNote = new HashMap<>();
  private final Accents accents;

  /** The decisions that find their notes in a passage. */
  public Decided(BowChoices choices, NotePlaces places) {
    this.accents = choices.accents();
    for (StrokeAt stroke : choices.strokes()) {
      places
          .find(stroke.at())
          .ifPresent(
              head ->
                  byNote
                      .computeIfAbsent(head.note(), n -> new ArrayList<>())
                      .add(stroke.decision()));
    }
  }

  /** How accents are made. */
  Accents accents() {
    return accents;
  }

  /** All decisions on a note. */
  public List<StrokeDecision> of(int note) {
    return byNote.getOrDefault(note, List.of());
  }

  /** Whether a note has a decision of a kind. */
  public boolean has(int note, Act act) {
    return find(note, act).isPresent();
  }

  /** The decision of a kind on a note, if there is one. */
  public Optional<StrokeDecision> find(int note, Act act) {
    return of(note).stream().filter(d -> d.act() == act).findFirst();
  }

  /** The first of some acts that is decided for any note of a stroke. */
  public Optional<StrokeDecision> within(int first, int last, Act... acts) {
    for (int note = first; note <= last; note++) {
      for (Act act : acts) {
        Optional<StrokeDecision> found = find(note, act);
        if (found.isPresent()) {
          return found;
        }
      }
    }
    return Optional.empty();
  }
}
