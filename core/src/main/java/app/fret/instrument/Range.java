package app.fret.instrument;

import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.PlayedNote;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
import java.util.List;

/**
 * What an instrument can sound: from its lowest open string to the highest note used on string I.
 *
 * @param lowest lowest sounding pitch
 * @param highest highest sounding pitch
 * @param instrument the instrument
 */
public record Range(SoundingPitch lowest, SoundingPitch highest, Instrument instrument) {
  /** The range of an instrument. */
  public static Range of(Instrument instrument) {
    int lowest =
        instrument.strings().stream()
            .mapToInt(s -> s.pitch().midi() + s.lowestSemitone())
            .min()
            .orElseThrow();
    int highest = instrument.strings().stream().mapToInt(s -> s.pitch().midi()).max().orElseThrow();
    return new Range(
        new SoundingPitch(lowest),
        new SoundingPitch(highest + instrument.highestSemitone()),
        instrument);
  }

  /**
   * Makes sure that every note lies within.
   *
   * @throws OutOfRangeException naming the bar of the first that does not
   */
  public void require(Passage passage, List<PlayedNote> notes) throws OutOfRangeException {
    for (PlayedNote played : notes) {
      for (Note note : played.notes()) {
        SoundingPitch sounding = instrument.sounding(note.written(), passage.transposition());
        if (sounding.midi() < lowest.midi() || sounding.midi() > highest.midi()) {
          throw outside(passage, played, note.written(), sounding);
        }
      }
    }
  }

  private OutOfRangeException outside(
      Passage passage, PlayedNote played, WrittenPitch written, SoundingPitch sounding) {
    String bar = passage.bars().get(played.bar()).label();
    boolean below = sounding.midi() < lowest.midi();
    return new OutOfRangeException(
        bar,
        written.display()
            + (below ? " lies below the lowest string" : " lies above the highest note")
            + " of the "
            + instrument.name()
            + "; choose another instrument or part");
  }
}
