package app.fret.instrument;

import app.fret.score.Event;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;

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
  public void require(Passage passage) throws OutOfRangeException {
    for (Event event : passage.events()) {
      if (event instanceof Sounding sounding) {
        for (Note note : sounding.notes()) {
          require(passage, sounding.bar(), note.written());
        }
      }
    }
  }

  private void require(Passage passage, int bar, WrittenPitch written) throws OutOfRangeException {
    SoundingPitch sounding = instrument.sounding(written, passage.transposition());
    boolean below = sounding.midi() < lowest.midi();
    if (below || sounding.midi() > highest.midi()) {
      throw new OutOfRangeException(
          passage.bars().get(bar).label(),
          written.display()
              + (below ? " lies below the lowest string" : " lies above the highest note")
              + " of the "
              + instrument.name()
              + "; choose another instrument or part");
    }
  }
}
