package app.fret.brief;

import app.fret.instrument.Instrument;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.instrument.Range;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.reading.StrokeGroups;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.SoundingPitch;
import app.fret.score.TempoMap;
import app.fret.shape.Levels;
import app.fret.shape.ShapeChoices;
import app.fret.time.Occasion;
import app.fret.time.Timeline;
import java.util.ArrayList;
import java.util.List;

/**
 * A passage for a player at a tempo, worked out once and given to every planner.
 *
 * @param player who plays
 * @param reading the passage as it reads
 * @param tempos how fast it goes
 * @param timeline when its notes sound
 * @param levels how loud its notes are, printed and proposed
 * @param pitches what each note sounds, lowest first
 * @param strokes which notes share a stroke: as printed, or as decided or planned
 */
public record Brief(
    Player player,
    Reading reading,
    TempoMap tempos,
    Timeline timeline,
    Levels levels,
    List<List<SoundingPitch>> pitches,
    StrokeGroups strokes) {
  public Brief {
    pitches = List.copyOf(pitches);
  }

  /**
   * The brief of a passage.
   *
   * @throws OutOfRangeException when the instrument lacks a note
   */
  public static Brief of(Passage passage, Player player, TempoMap tempos)
      throws OutOfRangeException {
    return of(Reading.of(passage), player, tempos);
  }

  /**
   * The brief of a passage that has been read.
   *
   * @throws OutOfRangeException when the instrument lacks a note
   */
  public static Brief of(Reading reading, Player player, TempoMap tempos)
      throws OutOfRangeException {
    return of(reading, player, tempos, ShapeChoices.none(), Occasion.CONCERT);
  }

  /**
   * The brief of a passage that has been read, in a shape.
   *
   * @throws OutOfRangeException when the instrument lacks a note
   */
  public static Brief of(
      Reading reading, Player player, TempoMap tempos, ShapeChoices shape, Occasion occasion)
      throws OutOfRangeException {
    Range.of(player.instrument()).require(reading.passage());
    Timeline timeline = Timeline.of(reading, tempos);
    return new Brief(
        player,
        reading,
        tempos,
        timeline,
        Levels.of(reading, timeline, shape, occasion),
        pitches(reading, player.instrument()),
        reading.strokes());
  }

  private static List<List<SoundingPitch>> pitches(Reading reading, Instrument instrument) {
    List<List<SoundingPitch>> pitches = new ArrayList<>();
    for (PlayedNote note : reading.notes()) {
      List<SoundingPitch> heads = new ArrayList<>();
      for (Note head : note.notes()) {
        heads.add(instrument.sounding(head.written(), reading.passage().transposition()));
      }
      pitches.add(List.copyOf(heads));
    }
    return pitches;
  }

  /** The passage. */
  public Passage passage() {
    return reading.passage();
  }

  /** Its notes, by number. */
  public List<PlayedNote> notes() {
    return reading.notes();
  }

  /** The same passage and player at other tempos. */
  public Brief at(TempoMap otherTempos) {
    Timeline times = Timeline.of(reading, otherTempos);
    Levels shaped = Levels.of(reading, times, levels.choices(), levels.occasion());
    return new Brief(player, reading, otherTempos, times, shaped, pitches, strokes);
  }

  /** The same in another shape. */
  public Brief shaped(ShapeChoices shape) {
    return shaped(shape, levels.occasion());
  }

  /** The same in another shape for another occasion. */
  public Brief shaped(ShapeChoices shape, Occasion occasion) {
    Levels shaped = Levels.of(reading, timeline, shape, occasion);
    return new Brief(player, reading, tempos, timeline, shaped, pitches, strokes);
  }

  /** The same with other notes sharing a stroke. */
  public Brief bowed(StrokeGroups otherStrokes) {
    return new Brief(player, reading, tempos, timeline, levels, pitches, otherStrokes);
  }
}
