package app.fret.bow.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.Bowed;
import app.fret.bow.Signed;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.Way;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The grid of the bow: half as fine, it moves places a little and decides the same. */
class BowGridTest {
  private static final int HALF_AS_FINE = 61;

  /** Where the optimum is flat, places move by up to so much. */
  private static final double MOVED = 0.1;

  private static List<Way> ways(BowLine line, int places) {
    return Bowed.ways(Bowed.search(line, places));
  }

  private static BowLine line(String instrument, Passage passage, double perMinute) {
    Player player = Player.of("", Instruments.named(instrument));
    return Bowed.line(Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, perMinute)));
  }

  @ParameterizedTest
  @CsvSource({
    "violin, 60, (C5/4 D5/4 E5/2) | F5/1 | (G5/8 A5/8) B5/2.",
    "viola, 92, G4/4 | C4/4 D4/4 E4/4 F4/4 | C4/1",
    "cello, 84, (C3/2. D3/4) | E3/4 F3/4 (G3/4 A3/4) | G3/1",
    "bass, 76, C3/4 r/4 r/2 | D3/4v r/4 r/2 | (E3/2 F3/2)"
  })
  void directionsAndLiftsAreTheSameOnBothGrids(String instrument, double perMinute, String music) {
    BowLine line = line(instrument, Music.passage(music), perMinute);
    List<Way> fine = ways(line, Way.PLACES);
    List<Way> coarse = ways(line, HALF_AS_FINE);
    assertThat(fine).hasSameSizeAs(coarse).hasSizeGreaterThan(2);
    for (int i = 0; i < fine.size(); i++) {
      assertThat(coarse.get(i).direction()).isEqualTo(fine.get(i).direction());
      assertThat(coarse.get(i).start()).isCloseTo(fine.get(i).start(), within(MOVED));
      assertThat(coarse.get(i).end()).isCloseTo(fine.get(i).end(), within(MOVED));
    }
  }

  @Test
  void theFinerGridIsNeverDearer() {
    BowLine line = Signed.line(Signed.passage(NoteValue.SIXTEENTH, "p", ". . . ."), 90, 2);
    double fine = Bowed.search(line, Way.PLACES).least();
    assertThat(fine).isPositive().isLessThanOrEqualTo(Bowed.search(line, HALF_AS_FINE).least());
  }

  /** Short soft strokes are a few cells long: a step of the grid is about half a centimetre. */
  @Test
  void aStepOfTheGridIsAboutHalfACentimetre() {
    assertThat(65.0 / (Way.PLACES - 1)).isBetween(0.4, 0.6);
  }
}
