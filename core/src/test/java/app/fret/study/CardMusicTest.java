package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.score.BeatUnit;
import app.fret.score.Clef;
import app.fret.score.Metre;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a card has one play. */
class CardMusicTest {
  private static final Tempo TARGET = new Tempo(BeatUnit.QUARTER, 100);

  private static Study study(String instrument, int fifths, Clef clef, String words)
      throws Exception {
    Player player = Player.of("", Instruments.named(instrument));
    return Study.of(Music.passage(Metre.of(4, 4), fifths, clef, words), player, Choices.at(TARGET));
  }

  private static Card card(CardKind kind) {
    return new Card(
        kind,
        Optional.empty(),
        1,
        OptionalDouble.empty(),
        0,
        4,
        "why",
        Optional.empty(),
        Optional.empty());
  }

  private static String first(Study study) {
    return study.notes().get(0).notes().get(0).written().toString();
  }

  /** From the lowest tonic, wherever the passage lies: the warm-up is played with a loose hand. */
  @ParameterizedTest
  @CsvSource({
    "violin, 1, E6/4 F#6/4 G6/2, G3, 29",
    "violin, 2, A5/4 C#6/4 D6/2, D4, 29",
    "violin, -3, Eb6/4 Bb5/4 Eb5/2, Eb4, 29",
    "violin, 0, A5/4 G#5/4 A5/2, A3, 29"
  })
  void aWarmUpIsTheScaleOfTheKeyFromTheLowestTonic(
      String instrument, int fifths, String words, String low, int notes) throws Exception {
    Study study = study(instrument, fifths, Clef.TREBLE, words);
    CardMusic.Made made = CardMusic.of(study, card(CardKind.WARM_UP), CardMusic.warmUpTempo(study));
    assertThat(first(made.study())).isEqualTo(low);
    assertThat(made.study().notes()).hasSize(notes);
    assertThat(made.study().choices().target().perMinute()).isEqualTo(50);
    assertThat(made.study().leftHand().leftOut()).isEmpty();
  }

  @Test
  void aPassThroughTheWholeIsThePassageItself() throws Exception {
    Study study = study("violin", 0, Clef.TREBLE, "A4/4 B4/4 C5/2");
    CardMusic.Made made = CardMusic.of(study, card(CardKind.LADDER), TARGET);
    assertThat(made.study()).isSameAs(study);
    assertThat(made.hits()).isEqualTo(1);
  }
}
