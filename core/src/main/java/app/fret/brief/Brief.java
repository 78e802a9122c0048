package app.fret.brief;

import app.fret.instrument.Instrument;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.instrument.Range;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.SoundingPitch;
import app.fret.score.TempoMap;
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
 * @param pitches what each note sounds, lowest first
 */
public record Brief(
    Player player,
    Reading reading,
    TempoMap tempos,
    Timeline timeline,
    List<List<SoundingPitch>> pitches) {
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
    Range.of(player.instrument()).require(reading.passage());
    return new Brief(
        player,
        reading,
        tempos,
        Timeline.of(reading, tempos),
        pitches(reading, player.instrument()));
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
    return new Brief(player, reading, otherTempos, Timeline.of(reading, otherTempos), pitches);
  }
}
