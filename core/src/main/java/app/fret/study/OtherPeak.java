package app.fret.study;

import app.fret.lefthand.PinConflictException;
import app.fret.score.NoteRef;
import app.fret.shape.Phrase;
import app.fret.shape.ShapeChoices;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Another way to lead a phrase.
 *
 * @param note the note it would lead to; empty for no peak
 * @param extraEffort what both hands' best plan with it costs more than the present one, less than
 *     0 where it costs less
 */
public record OtherPeak(OptionalInt note, double extraEffort) {
  /** A smaller difference of levels is not heard. */
  private static final double LEAST_LEVEL = 0.2;

  /**
   * The other ways for a phrase of a study, as they stand out: the notes that come next in height
   * and length under the strongest mark, and no peak. Each is planned whole; one that neither the
   * ear nor the bow would notice is not offered.
   */
  public static List<OtherPeak> of(Study study, Phrase phrase) throws PinConflictException {
    List<OtherPeak> others = new ArrayList<>();
    for (int note : phrase.possiblePeaks()) {
      if (phrase.isLevel() || note != phrase.peak()) {
        planned(study, phrase, OptionalInt.of(note)).ifPresent(others::add);
      }
    }
    if (!phrase.isLevel()) {
      planned(study, phrase, OptionalInt.empty()).ifPresent(others::add);
    }
    return others;
  }

  private static Optional<OtherPeak> planned(Study study, Phrase phrase, OptionalInt note)
      throws PinConflictException {
    Optional<NoteRef> peak =
        note.isPresent() ? Optional.of(study.places().top(note.getAsInt())) : Optional.empty();
    ShapeChoices shape =
        study.choices().shape().withPeak(study.places().top(phrase.firstNote()), peak);
    Study other = study.with(study.choices().with(shape));
    return changesNothing(study, other, phrase)
        ? Optional.empty()
        : Optional.of(new OtherPeak(note, other.effort() - study.effort()));
  }

  private static boolean changesNothing(Study study, Study other, Phrase phrase) {
    for (int i = phrase.firstNote(); i <= phrase.lastNote(); i++) {
      double change = other.levels().proposed(i) - study.levels().proposed(i);
      if (Math.abs(change) >= LEAST_LEVEL) {
        return false;
      }
    }
    return other.bow().strokes().equals(study.bow().strokes());
  }
}
