package app.fret.desktop.model.work;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.desktop.model.practice.ProgrammeEntry;
import app.fret.instrument.PlayerSetup;
import app.fret.practice.Climb;
import app.fret.practice.Gate;
import app.fret.practice.Ladder;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class WordsTest {
  @Test
  void numbersHaveNoNeedlessDecimals() {
    assertThat(Words.number(96)).isEqualTo("96");
    assertThat(Words.number(92.5)).isEqualTo("92.5");
  }

  @Test
  void timesHaveUnitsThatFitThem() {
    assertThat(Words.seconds(7.25)).isEqualTo("7.3 s");
    assertThat(Words.seconds(33.4)).isEqualTo("33 s");
    assertThat(Words.seconds(168)).isEqualTo("2.8 min");
  }

  @Test
  void temposNameTheirBeat() {
    assertThat(Words.tempo(new Tempo(BeatUnit.QUARTER, 96))).isEqualTo("♩ = 96");
    assertThat(Words.tempo(new Tempo(BeatUnit.DOTTED_HALF, 50))).isEqualTo("dotted half = 50");
  }

  @Test
  void everySignatureNamesBothItsKeys() {
    assertThat(Words.key(-1)).isEqualTo("F major or D minor");
    for (int fifths = -7; fifths <= 7; fifths++) {
      assertThat(Words.key(fifths)).contains(" major or ").endsWith(" minor");
    }
  }

  @Test
  void oneIsNotSeveral() {
    assertThat(Words.count(1, "bar", "bars")).isEqualTo("1 bar");
    assertThat(Words.count(0, "bar", "bars")).isEqualTo("0 bars");
  }

  @Test
  void theProgrammeSaysTheNextTask() {
    Tempo target = new Tempo(BeatUnit.QUARTER, 120);
    Climb climb = Climb.start(Ladder.to(target, OptionalDouble.empty()), Gate.USUAL).clean();
    assertThat(entry(target, climb).nextTask()).isEqualTo("next: rung 60, 2 clean passes");
    assertThat(entry(target, climb).progress()).isZero();
    Climb further = climb.clean().clean();
    assertThat(entry(target, further).progress()).isEqualTo(0.5);
    while (!further.isDone()) {
      further = further.clean();
    }
    assertThat(entry(target, further).nextTask()).isEqualTo("upkeep: one clean run");
  }

  private static ProgrammeEntry entry(Tempo target, Climb climb) {
    return new ProgrammeEntry(
        new BookPlayer(1, "A", PlayerSetup.of("violin", 73, 328)),
        new BookPassage(1, 1, "S", "s.xml", new BookPassage.Cut(0, 0, 3), target, Optional.empty()),
        4,
        climb);
  }

  @Test
  void sentencesBeginWithACapitalUnlessAFilesNameBeginsThem() {
    assertThat(Words.sentence("only layout was left out")).isEqualTo("Only layout was left out.");
    assertThat(Words.sentence("mine.fretbook is damaged")).isEqualTo("mine.fretbook is damaged.");
    assertThat(Words.sentence("")).isEmpty();
  }
}
