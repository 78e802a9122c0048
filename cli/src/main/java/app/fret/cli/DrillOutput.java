package app.fret.cli;

import app.fret.files.WholeFile;
import app.fret.files.sound.WavWriter;
import app.fret.study.Study;
import app.fret.study.StudySound;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/**
 * Where a drill is written, as music or, to a .wav, as sound.
 *
 * @param overwrite whether another file of that name may be replaced
 */
record DrillOutput(Path file, boolean overwrite) {
  private MarkedOutput music() {
    return new MarkedOutput(file, overwrite, false);
  }

  private boolean isSound() {
    return String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT).endsWith(".wav");
  }

  /**
   * Makes sure, before any work is done, that something can be written there.
   *
   * @throws IllegalArgumentException when the name asks for no form Fret writes, or it is the input
   */
  void require(ScoreInput input) {
    if (!isSound()) {
      music().require(input, false);
    } else if (input.isSame(file)) {
      throw new IllegalArgumentException(
          "--out " + file.getFileName() + " is the input itself, which is never replaced");
    }
  }

  /**
   * Writes the drill, whole or not at all.
   *
   * @param words how it is to be played
   */
  void write(Study study, List<String> words) throws IOException {
    if (isSound()) {
      WholeFile.write(file, overwrite, out -> WavWriter.write(StudySound.played(study), out));
    } else {
      music().write(study, words);
    }
  }
}
