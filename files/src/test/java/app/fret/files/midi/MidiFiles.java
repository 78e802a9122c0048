package app.fret.files.midi;

import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.scores.ScoreFiles;
import app.fret.reading.PlayedNote;
import app.fret.score.Passage;
import app.fret.score.Transposition;
import java.io.ByteArrayOutputStream;
import java.util.List;

/** Files of played notes in memory, and what sounds in them. */
final class MidiFiles {
  private MidiFiles() {}

  static byte[] written(Passage passage) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    MidiWriter.write(passage, out);
    return out.toByteArray();
  }

  static Score open(byte[] bytes) throws ScoreRejectedException {
    return new ScoreFiles().open("played.mid", bytes);
  }

  /** {@code onset end pitches} of every note that takes time. */
  static List<String> sounds(Passage passage) {
    int shift = passage.transposition().map(Transposition::semitones).orElse(0);
    return PlayedNote.of(passage).stream()
        .filter(n -> !n.isGrace())
        .map(
            n ->
                n.onset()
                    + " to "
                    + n.end()
                    + " "
                    + n.notes().stream()
                        .map(h -> h.written().semitone() + shift)
                        .distinct()
                        .sorted()
                        .toList())
        .toList();
  }
}
