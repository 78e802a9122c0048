package app.fret.lefthand.moment;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Directions.Words;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words that bind notes to a string (common practice, no source). */
class StringWordsTest {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 60);

  private static int[] strings(String instrument, String music, Words... words) {
    Passage plain = Music.passage(music);
    Directions said = plain.directions();
    List<Words> all = new ArrayList<>(said.words());
    all.addAll(List.of(words));
    Passage passage =
        plain.withDirections(
            new Directions(
                said.dynamics(),
                said.hairpins(),
                all,
                said.tempos(),
                said.rehearsals(),
                said.octaveShifts()));
    Player player = Player.of("", Instruments.named(instrument));
    return StringWords.of(Briefs.of(passage, player, TEMPO));
  }

  private static Words at(int quarters, String text) {
    return new Words(Fraction.of(quarters, 4), text, true);
  }

  @ParameterizedTest
  @CsvSource({
    "violin, sul G, 4",
    "violin, Sul D, 3",
    "violin, IV corda, 4",
    "violin, 4a corda, 4",
    "violin, sulla III corda, 3",
    "violin, G-Saite, 4",
    "violin, auf der G-Saite, 4",
    "violin, 4. Saite, 4",
    "violin, corde de sol, 4",
    "violin, on the D string, 3",
    "viola, sul C, 4",
    "cello, II corda, 2",
    "bass, sul A, 3",
    "violin, sul ponticello, 0",
    "violin, sul tasto, 0",
    "violin, sul C, 0",
    "violin, V corda, 0",
    "violin, dolce, 0",
    "violin, A, 0"
  })
  void theWordsOfFourLanguagesNameAString(String instrument, String words, int string) {
    assertThat(strings(instrument, "G5/4 A5/4 B5/4 A5/4", at(0, words)))
        .containsExactly(string, string, string, string);
  }

  @Test
  void theyHoldUntilOtherWordsOrOrdinary() {
    assertThat(
            strings(
                "violin",
                "D5/4 E5/4 F5/4 G5/4 | A5/4 G5/4 F5/4 E5/4",
                at(1, "sul G"),
                at(3, "sul D"),
                at(5, "ord.")))
        .containsExactly(0, 4, 4, 3, 3, 0, 0, 0);
  }

  @Test
  void aLongRestOrANoteBelowTheStringEndsThem() {
    assertThat(strings("violin", "D5/4 E5/4 r/2 | F5/4 G5/4 A5/4 G5/4", at(0, "sul G")))
        .containsExactly(4, 4, 0, 0, 0, 0);
    assertThat(strings("violin", "D5/4 C4/4 D5/4 E5/4", at(0, "sul D")))
        .containsExactly(3, 0, 0, 0);
  }
}
