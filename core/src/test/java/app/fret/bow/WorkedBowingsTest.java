package app.fret.bow;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.stroke.Stroke;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Metre;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Bowings that players would agree on, written before the planner was run on them (common practice,
 * no source): directions, and the part of the bow of the first stroke's middle.
 */
class WorkedBowingsTest {
  @ParameterizedTest(name = "{0}: {3}")
  @CsvSource({
    "violin, 4, 96, D5/4 E5/4 F5/4 G5/4 | A5/2 r/2, dudud, 0.2, 0.8",
    "violin, 4, 80, G4/4 | (C5/4 D5/4) E5/2 | C5/1, udud, 0.2, 0.8",
    "violin, 3, 100, (C5/4 D5/4) E5/4 | (F5/4 G5/4) A5/4 | G5/2., dudud, 0.2, 0.8",
    "violin, 4, 90, (C5/8 D5/8 E5/8) F5/8 (G5/8 A5/8 B5/8) C6/8 | C6/1, dudud, 0.2, 0.8",
    "viola, 4, 92, G4/4 | C4/4 D4/4 E4/4 F4/4 | C4/1, ududud, 0.2, 0.8",
    "viola, 4, 66, (C4/2 D4/2) | (E4/2 F4/2) | G4/1, dud, 0.3, 0.7",
    "viola, 4, 88, C4/4 D4/4 r/2 | E4/4 F4/4 r/2 | G4/1, dudud, 0.2, 0.8",
    "viola, 4, 72, (E4/4. D4/8) (C4/4. D4/8) | E4/2 C4/2, dudu, 0.2, 0.8",
    "cello, 4, 84, C3/8 D3/8 E3/8 F3/8 G3/8 A3/8 B3/8 C4/8 | C4/1, dudududud, 0.3, 0.7",
    "cello, 4, 72, (C3/2. D3/4) | (E3/2. F3/4) | G3/1, dud, 0.3, 0.7",
    "cello, 4, 90, G3/8 A3/8 | B3/4 C4/4 D4/4 E4/4 | F4/1, dududud, 0.2, 0.8",
    "cello, 4, 80, C3/4v D3/4v E3/2, ddu, 0.1, 0.8",
    "bass, 4, 76, C3/2 D3/2 | E3/2 F3/2 | G3/1, dudud, 0.3, 0.7",
    "bass, 4, 76, C3/4 r/4 r/2 | D3/4 r/4 r/2 | E3/1, ddd, 0.1, 0.7",
    "bass, 4, 70, G3/4 | C3/2 E3/2 | G3/1, udud, 0.2, 0.8",
    "bass, 4, 80, (C3/4 D3/4 E3/4 F3/4) | (G3/4 F3/4 E3/4 D3/4) | C3/1, dud, 0.3, 0.7"
  })
  void directionsAndPartsAreThoseOfPlayers(
      String instrument,
      int beats,
      double perMinute,
      String music,
      String directions,
      double from,
      double to) {
    Player player = Player.of("", Instruments.named(instrument));
    Tempo tempo = new Tempo(BeatUnit.QUARTER, perMinute);
    BowPlan plan = Bowed.plan(Briefs.of(Music.passage(Metre.of(beats, 4), music), player, tempo));
    String planned =
        plan.strokes().stream()
            .map(s -> s.direction() == BowDirection.DOWN ? "d" : "u")
            .collect(Collectors.joining());
    assertThat(planned).isEqualTo(directions);
    Stroke first = plan.strokes().get(0);
    assertThat((first.start() + first.end()) / 2).isBetween(from, to);
  }
}
