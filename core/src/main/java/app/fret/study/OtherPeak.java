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
  /**
   * The other ways for a phrase of a study, as they stand out: the notes that come next in height
   * and length under the strongest mark, and no peak. Each is planned whole.
   */
  public static List<OtherPeak> of(Study study, Phrase phrase) throws PinConflictException {
    List<OtherPeak> others = new ArrayList<>();
    for (int note : phrase.possiblePeaks()) {
      if (phrase.isLevel() || note != phrase.peak()) {
        others.add(planned(study, phrase, OptionalInt.of(note)));
      }
    }
    if (!phrase.isLevel()) {
      others.add(planned(study, phrase, OptionalInt.empty()));
    }
    return others;
  }

  private static OtherPeak planned(Study study, Phrase phrase, OptionalInt note)
      throws PinConflictException {
    Optional<NoteRef> peak =
        note.isPresent() ? Optional.of(study.places().top(note.getAsInt())) : Optional.empty();
    ShapeChoices shape =
        study.choices().shape().withPeak(study.places().top(phrase.firstNote()), peak);
    Study other = study.with(study.choices().with(shape));
    return new OtherPeak(note, other.effort() - study.effort());
  }
}
