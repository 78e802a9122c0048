package app.fret.bench.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.BookException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Ten seconds of {@code ./fret fuzz}; a longer run is asked for by hand. */
class FuzzTest {
  private static final long SECONDS = 10;

  @TempDir private Path folder;

  @Test
  void noPromiseIsBrokenInTenSeconds() throws IOException, BookException {
    long seed = System.currentTimeMillis();
    System.out.println("fuzz seed " + seed);
    Fuzz fuzz = new Fuzz(folder);
    fuzz.run(seed, SECONDS);
    assertThat(fuzz.faults()).as("broken promises from seed " + seed).isEmpty();
    assertThat(fuzz.cases())
        .containsKeys(
            "books",
            "command lines with programmes",
            "packets",
            "ABC tunes",
            "MIDI files",
            "MusicXML files");
  }

  @Test
  void aBrokenPromiseWouldBeSeen() {
    assertThat(ScorePromises.isPlain("java.lang.IllegalStateException: q")).isFalse();
    assertThat(ScorePromises.isPlain("bar \u202e 3")).isFalse();
    assertThat(ScorePromises.isPlain("bar 3: it is empty")).isTrue();
    byte[] empty = "<x/>".getBytes(StandardCharsets.UTF_8);
    assertThat(ScorePromises.broken("a.musicxml", empty, false)).isEmpty();
  }
}
