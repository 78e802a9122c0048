package app.fret.lefthand.figure;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import org.junit.jupiter.api.Test;

/** Pedal figures (common practice, no source). */
class PedalFiguresTest {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 96);

  private static int[] strings(String instrument, String music) {
    Player player = Player.of("", Instruments.named(instrument));
    Brief brief = Briefs.of(Music.passage(music), player, TEMPO);
    int[] strings = new int[brief.notes().size()];
    for (PedalFigure figure : PedalFigures.of(brief)) {
      for (int i = 0; i < figure.size(); i++) {
        strings[figure.first() + i] = figure.strings().get(i);
      }
    }
    return strings;
  }

  @Test
  void anOpenPedalHasItsStringAndTheTuneTheOneBelow() {
    assertThat(strings("violin", "B3/16 D4/16 A3/16 D4/16 C4/16 D4/16 B3/16 r/16"))
        .containsExactly(4, 3, 4, 3, 4, 3, 4);
  }

  @Test
  void theTuneStaysBelowThePedalAlsoWhereItRisesAboveIt() {
    assertThat(strings("cello", "G3/16 A3/16 F#3/16 A3/16 B3/16 A3/16 C4/16 A3/16"))
        .containsExactly(2, 1, 2, 1, 2, 1, 2, 1);
  }

  @Test
  void aStoppedPedalLiesWhereOneHandHoldsTheTuneToo() {
    assertThat(strings("viola", "G4/16 B4/16 A4/16 B4/16 G4/16 B4/16 F#4/16 B4/16"))
        .containsExactly(2, 1, 2, 1, 2, 1, 2, 1);
  }

  @Test
  void aPedalOnEveryThirdNoteIsOneToo() {
    assertThat(strings("violin", "D4/16 B3/16 A3/16 D4/16 C4/16 B3/16 D4/16 A3/16 G3/16 D4/16"))
        .containsExactly(3, 4, 4, 3, 4, 4, 3, 4, 4, 3);
  }

  @Test
  void twoTimesAreNoFigure() {
    assertThat(strings("violin", "B3/16 D4/16 A3/16 D4/16 G3/4")).containsOnly(0);
  }

  @Test
  void aTuneThatLiesOverItsOpenStringByItselfIsNoPedalFigure() {
    assertThat(strings("violin", "D4/16 E4/16 D4/16 F4/16 D4/16 G4/16 D4/16 F4/16"))
        .containsOnly(0);
  }

  @Test
  void brokenChordsAreNoTune() {
    assertThat(strings("violin", "F4/8 A4/8 D5/8 A4/8 F4/8 A4/8 D5/8 A4/8")).containsOnly(0);
  }

  @Test
  void aRestOrAnotherPaceEndsTheFigure() {
    assertThat(strings("violin", "B3/16 D4/16 A3/16 D4/16 C4/16 r/16 D4/8 B3/16 r/16"))
        .containsOnly(0);
  }

  @Test
  void tremoloOfTwoPitchesIsNoTune() {
    assertThat(strings("violin", "B3/16 D4/16 B3/16 D4/16 B3/16 D4/16 B3/16 D4/16"))
        .containsOnly(0);
  }

  @Test
  void theTuneMayTouchThePedalsPitch() {
    assertThat(strings("violin", "B3/16 D4/16 C4/16 D4/16 D4/16 D4/16 B3/16 D4/16"))
        .containsExactly(4, 3, 4, 3, 4, 3, 4, 3);
  }

  @Test
  void aScaleFigureThatComesBackHasNoTune() {
    assertThat(strings("violin", "D4/16 B3/16 C4/16 D4/16 B3/16 C4/16 D4/16 B3/16 C4/16 D4/16"))
        .containsOnly(0);
  }

  @Test
  void aLineThatTurnsByStepsAboutANoteHasNoPedal() {
    assertThat(strings("cello", "C3/16 D3/16 E3/16 D3/16 C3/16 D3/16 E3/16 D3/16 E3/16 D3/16"))
        .containsOnly(0);
  }

  @Test
  void aNoteOfAFallingSequenceThatComesBackEveryThirdTimeIsNoPedal() {
    assertThat(
            strings(
                "violin",
                "B5/16 A5/16 G5/16 F#5/16 A5/16 G5/16 F#5/16 E5/16"
                    + " G5/16 F#5/16 E5/16 D5/16 F#5/16 E5/16 D5/16 C5/16"))
        .containsOnly(0);
  }

  @Test
  void theNotesBesideAFigureDoNotDecideOverIt() {
    assertThat(strings("violin", "B3/16 D4/16 A3/16 D4/16 C4/16 D4/16 E6/16 r/16"))
        .startsWith(4, 3, 4, 3, 4, 3);
  }
}
