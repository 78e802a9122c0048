package app.fret.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.reading.Reading;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import app.fret.testing.Music;
import app.fret.time.Occasion;
import app.fret.time.Timeline;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/** Levels as printed and as proposed (common practice, no source). */
class LevelsTest {
  private static final String TUNE = "C5/4 D5/4 E5/4 A5/4 | G5/4 F5/4 E5/4 D5/4";

  private static Levels levels(Passage passage, ShapeChoices choices) {
    Reading reading = Reading.of(passage);
    TempoMap tempos = TempoMap.constant(new Tempo(BeatUnit.QUARTER, 72));
    return Levels.of(reading, Timeline.of(reading, tempos), choices, Occasion.CONCERT);
  }

  private static ShapeChoices only(Proposal... proposals) {
    ShapeChoices choices = ShapeChoices.none();
    for (Proposal proposal : Proposal.values()) {
      choices = choices.with(proposal, List.of(proposals).contains(proposal));
    }
    return choices;
  }

  private static Passage with(String music, Directions.Dynamic... dynamics) {
    return Music.passage(music)
        .withDirections(
            new Directions(
                List.of(dynamics), List.of(), List.of(), List.of(), List.of(), List.of()));
  }

  private static Passage withWord(String music, String word) {
    Directions.Words words = new Directions.Words(Fraction.ZERO, word, false);
    List<Directions.Dynamic> marks =
        List.of(
            new Directions.Dynamic(Fraction.ZERO, "p"),
            new Directions.Dynamic(Fraction.of(7, 4), "f"));
    return Music.passage(music)
        .withDirections(
            new Directions(marks, List.of(), List.of(words), List.of(), List.of(), List.of()));
  }

  @Test
  void withoutProposalsTheLineIsPlayedAsPrinted() {
    Levels levels = levels(Music.passage(TUNE), only());
    for (int i = 0; i < 8; i++) {
      assertThat(levels.proposed(i)).isEqualTo(levels.printed(i)).isEqualTo(6);
    }
  }

  @Test
  void aPhraseGrowsToItsPeakAndComesBack() {
    Levels levels = levels(Music.passage(TUNE), only(Proposal.RISING_GROWS));
    assertThat(levels.phrases()).hasSize(1);
    assertThat(levels.phrases().get(0).peak()).as("the highest").isEqualTo(3);
    assertThat(levels.isPeak(3)).isTrue();
    for (int i = 1; i <= 3; i++) {
      assertThat(levels.proposed(i)).isGreaterThan(levels.proposed(i - 1));
    }
    for (int i = 4; i < 8; i++) {
      assertThat(levels.proposed(i)).isLessThan(levels.proposed(i - 1));
    }
    assertThat(levels.proposed(3)).isCloseTo(6.8, within(0.01));
  }

  @Test
  void aMovedPeakIsFollowedAndNoPeakLeavesTheLineLevel() {
    Passage passage = Music.passage(TUNE);
    var places = Reading.of(passage).places();
    ShapeChoices moved =
        only(Proposal.RISING_GROWS).withPeak(places.top(0), Optional.of(places.top(5)));
    Levels levels = levels(passage, moved);
    assertThat(levels.phrases().get(0).proposedPeak()).isEqualTo(3);
    assertThat(levels.phrases().get(0).peak()).isEqualTo(5);
    assertThat(levels.proposed(5)).isGreaterThan(levels.proposed(3));
    Levels level = levels(passage, moved.withPeak(places.top(0), Optional.empty()));
    assertThat(level.phrases().get(0).isLevel()).isTrue();
    assertThat(level.proposed(3)).isEqualTo(6);
    assertThat(levels(passage, moved.withoutPeak(places.top(0))).phrases().get(0).peak())
        .isEqualTo(3);
  }

  @Test
  void theEndTapersAndAnUpbeatIsLighter() {
    Levels tapered = levels(Music.passage(TUNE), only(Proposal.ENDS_TAPER));
    assertThat(tapered.proposed(7)).isCloseTo(5.4, within(0.01));
    assertThat(tapered.proposed(3)).isEqualTo(6);
    Levels upbeat = levels(Music.passage("G4/4 | " + TUNE), only(Proposal.LIGHT_UPBEATS));
    assertThat(upbeat.proposed(0)).isCloseTo(5.6, within(0.01));
    assertThat(upbeat.proposed(1)).isEqualTo(6);
  }

  @Test
  void aPedalStaysUnderTheTune() {
    String bar = "E5/8 A4/8 F5/8 A4/8 G5/8 A4/8 F5/8 A4/8";
    Levels levels = levels(Music.passage(bar), only(Proposal.VOICE_UNDER));
    assertThat(levels.proposed(3)).isCloseTo(5.2, within(0.01));
    assertThat(levels.proposed(4)).isEqualTo(6);
  }

  @Test
  void whatComesBackAtOnceIsAnEchoWhenAsked() {
    String music = TUNE + " | " + TUNE;
    Levels levels = levels(Music.passage(music), only(Proposal.REPEAT_DIFFERS));
    assertThat(levels.proposed(2)).isEqualTo(6);
    assertThat(levels.proposed(10)).isCloseTo(5.3, within(0.01));
  }

  @Test
  void aProposalNeverGoesFurtherThanALevelFromTheMark() {
    String bar = "E5/8 A4/8 F5/8 A4/8 G5/8 A4/8 F5/8 A4/8";
    Levels levels = levels(Music.passage(bar + " | " + bar), only(Proposal.values()));
    for (int i = 0; i < 16; i++) {
      assertThat(levels.proposed(i)).isBetween(5.0, 7.0);
    }
  }

  @Test
  void inClassicalMusicForteLeavesAStep() {
    Passage loud = with("C5/1 | D5/1", new Directions.Dynamic(Fraction.ZERO, "f"));
    assertThat(levels(loud, only()).printed(0)).isEqualTo(7);
    ShapeChoices classical = only().withStyle(Style.CLASSICAL);
    assertThat(levels(loud, classical).printed(0)).isEqualTo(6.5);
    Passage fortissimo = with("C5/1", new Directions.Dynamic(Fraction.ZERO, "ff"));
    assertThat(levels(fortissimo, classical).printed(0)).isEqualTo(8);
  }

  @Test
  void wordsForGrowingLeadToTheNextMark() {
    Levels levels = levels(withWord(TUNE, "cresc."), only());
    assertThat(levels.printed(0)).isEqualTo(4);
    assertThat(levels.printed(3)).isBetween(5.0, 6.0);
    assertThat(levels.printed(6)).isBetween(6.0, 7.0);
    assertThat(levels.printed(7)).isEqualTo(7);
    assertThat(levels(withWord(TUNE, "espressivo"), only()).printed(3)).isEqualTo(4);
  }

  @Test
  void aSuddenMarkJumps() {
    Passage sudden =
        with(
            TUNE,
            new Directions.Dynamic(Fraction.ZERO, "f"),
            new Directions.Dynamic(Fraction.ONE, "p"));
    Levels levels = levels(sudden, only());
    assertThat(levels.printed(3)).isEqualTo(7);
    assertThat(levels.printed(4)).isEqualTo(4);
  }

  @Test
  void namesAreReadAsTheyAreWritten() {
    for (Proposal proposal : Proposal.values()) {
      assertThat(Proposal.named(proposal.id())).isEqualTo(proposal);
      assertThat(proposal.sentence()).endsWith(".");
    }
    for (Style style : Style.values()) {
      assertThat(Style.named(style.id())).isEqualTo(style);
    }
    for (Character character : Character.values()) {
      assertThat(Character.named(character.words())).isEqualTo(character);
      assertThat(character.changes()).hasSize(4);
    }
    assertThatThrownBy(() -> Character.named("grim")).hasMessageContaining("heroic");
    assertThatThrownBy(() -> Proposal.named("none")).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Style.named("none")).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void whatComesBackLaterIsSofterAndWhatComesAtOnceIsNot() {
    String tune = "C5/4 E5/4 G5/4 E5/4 | D5/4 F5/4 A5/4 F5/4";
    String other = "B5/2 A5/2 | G5/2 F5/2";
    Passage passage = Music.passage(tune + " | " + other + " | " + tune);
    Levels levels = levels(passage, only(Proposal.RETURN_SOFTER));
    assertThat(levels.proposed(0)).isEqualTo(6);
    assertThat(levels.proposed(12)).isCloseTo(5.3, within(1e-9));
    Levels echo = levels(Music.passage(tune + " | " + tune), only(Proposal.RETURN_SOFTER));
    assertThat(echo.proposed(8)).isEqualTo(6);
  }

  @Test
  void theLowLineOfAFigureGrowsAsItRises() {
    Passage passage =
        Music.passage(
            "C4/16 G4/16 E5/16 G4/16 D4/16 A4/16 F5/16 A4/16"
                + " E4/16 B4/16 G5/16 B4/16 F4/16 C5/16 A5/16 C5/16");
    Levels levels = levels(passage, only(Proposal.LOW_LINE));
    assertThat(levels.proposed(0)).isEqualTo(6);
    assertThat(levels.proposed(12)).isCloseTo(6.6, within(1e-9));
    assertThat(levels.proposed(4)).isBetween(6.1, 6.5);
    assertThat(levels.proposed(13)).isEqualTo(6);
  }

  @Test
  void theFirstBeatLeansAndWhatLiesBetweenBeatsIsLighter() {
    Levels levels =
        levels(Music.passage("C5/8 D5/8 E5/8 F5/8 G5/4 A5/4"), only(Proposal.BEATS_LEAN));
    assertThat(levels.proposed(0)).isCloseTo(6.4, within(1e-9));
    assertThat(levels.proposed(1)).isCloseTo(5.8, within(1e-9));
    assertThat(levels.proposed(2)).isEqualTo(6);
  }
}
