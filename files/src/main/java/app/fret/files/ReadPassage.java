package app.fret.files;

import app.fret.instrument.StatedTuning;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.study.Intake;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A passage as read, with what was not taken over.
 *
 * @param passage the music
 * @param playbackTempo tempo the file plays at where none is printed
 * @param tuning what the part says its open strings sound, where it says so
 * @param skipped what was left out or read otherwise, a phrase each with its bars
 * @param layout what Fret lays out anew, in one line; empty when the file says nothing of it
 */
public record ReadPassage(
    Passage passage,
    Optional<Tempo> playbackTempo,
    StatedTuning tuning,
    List<String> skipped,
    Optional<String> layout) {
  public ReadPassage {
    skipped = List.copyOf(skipped);
  }

  /** The part for a player to take a passage from. */
  public Intake intake() {
    return new Intake(passage, playbackTempo, tuning);
  }

  /** The same with other music, as a player has it written down. */
  public ReadPassage with(Passage music) {
    return new ReadPassage(music, playbackTempo, tuning, skipped, layout);
  }

  /** All that was not taken over as it stands, then the layout. */
  public List<String> left() {
    List<String> left = new ArrayList<>(skipped);
    layout.ifPresent(left::add);
    return left;
  }
}
