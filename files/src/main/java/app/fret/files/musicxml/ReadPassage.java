package app.fret.files.musicxml;

import app.fret.score.Passage;
import app.fret.score.Tempo;
import java.util.List;
import java.util.Optional;

/**
 * A passage as read, with what was not taken over.
 *
 * @param passage the music
 * @param playbackTempo tempo the file plays at where none is printed
 * @param skipped what was passed over, a phrase each with its bars
 */
public record ReadPassage(Passage passage, Optional<Tempo> playbackTempo, List<String> skipped) {
  public ReadPassage {
    skipped = List.copyOf(skipped);
  }
}
