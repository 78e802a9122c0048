package app.fret.study;

import app.fret.instrument.OutOfRangeException;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.practice.drill.DrillMusic;
import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.score.Note;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** A drill worked out as every passage is, with the fingers it carries over decided. */
public final class DrillStudy {
  private DrillStudy() {}

  /**
   * Works a drill out. A finger that cannot be met where the drill puts it, such as of a note that
   * stands alone now, is left to the plan.
   *
   * @param source what the drill was made from
   * @param tempo how fast it is played
   * @throws OutOfRangeException when the instrument lacks a note, which no drill should bring about
   */
  public static Study of(Study source, DrillMusic drill, Tempo tempo) throws OutOfRangeException {
    Choices choices =
        Choices.at(tempo).withProfile(source.choices().profile()).withPins(pins(drill.passage()));
    return PossibleStudy.of(drill.passage(), source.player(), choices).study();
  }

  private static List<PinAt> pins(Passage drill) {
    List<PlayedNote> notes = PlayedNote.of(drill);
    NotePlaces places = NotePlaces.of(drill, notes);
    List<PinAt> pins = new ArrayList<>();
    for (PlayedNote note : notes) {
      List<NoteRef> heads = places.of(note.number());
      for (int i = 0; i < note.notes().size(); i++) {
        Note head = note.notes().get(i);
        if (head.finger().isPresent() && head.string().isPresent()) {
          boolean single = note.notes().size() == 1;
          pins.add(
              single
                  ? PinAt.of(
                      Pin.of(note.number(), head.string().getAsInt(), head.finger().get()), places)
                  : new PinAt(
                      heads.get(i),
                      false,
                      head.string(),
                      head.finger(),
                      Optional.empty(),
                      OptionalInt.empty()));
        }
      }
    }
    return pins;
  }
}
