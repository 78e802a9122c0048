package app.fret.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.reading.Reading;
import app.fret.score.BeatUnit;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import app.fret.sound.SoundPlan.Click;
import app.fret.sound.SoundPlan.Strength;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where clicks fall; what a bar of four quarters at 60 gives is common practice, no source. */
class PulseTest {
  private static final TempoMap SIXTY = TempoMap.constant(new Tempo(BeatUnit.QUARTER, 60));
  private static final String TWO_BARS = "C5/4 D5/4 E5/4 F5/4 | G5/1";

  private static Pulse.Timed timed(Passage passage, double slower, ClickChoices choices) {
    return Pulse.of(music(passage, SIXTY), slower, choices);
  }

  private static Pulse.Music music(Passage passage, TempoMap tempos) {
    return Pulse.Music.whole(
        passage, tempos, Reading.of(passage).beatGroups(), bar -> Optional.of(Fraction.of(1, 16)));
  }

  private static Pulse.Timed timed(String music, ClickKind kind) {
    return timed(Music.passage(music), 1, ClickChoices.of(kind));
  }

  private static List<Double> times(Pulse.Timed timed) {
    return timed.clicks().stream().map(c -> Math.round(1000 * c.atSeconds()) / 1000.0).toList();
  }

  @ParameterizedTest
  @CsvSource({
    "beat, 8",
    "2, 16",
    "3, 24",
    "4, 32",
    "half, 4",
    "3-against-2, 32",
    "running, 32",
    "none, 0"
  })
  void eachKindGivesSoManyClicksInTwoBars(String kind, int clicks) {
    assertThat(timed(TWO_BARS, ClickKind.named(kind)).clicks()).hasSize(clicks);
  }

  @Test
  void beatsFallOnTheBeatAndTheFirstOfABarIsStrongest() {
    Pulse.Timed timed = timed(TWO_BARS, ClickKind.BEAT);
    assertThat(times(timed)).containsExactly(0.0, 1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0);
    assertThat(timed.clicks())
        .extracting(Click::strength)
        .startsWith(Strength.BAR, Strength.BEAT, Strength.BEAT, Strength.BEAT, Strength.BAR);
    assertThat(timed.seconds()).isCloseTo(8, within(1e-12));
  }

  @Test
  void triplesDivideTheBeatInThree() {
    assertThat(times(timed(TWO_BARS, ClickKind.THIRDS))).startsWith(0.0, 0.333, 0.667, 1.0);
  }

  @Test
  void threeAgainstTwoHasBoth() {
    assertThat(times(timed(TWO_BARS, ClickKind.THREE_AGAINST_TWO)))
        .startsWith(0.0, 0.333, 0.5, 0.667, 1.0);
  }

  @Test
  void groupsOfAnUnevenBarAreStruckAndTheirUnitsAreSoft() {
    Passage seven = Music.passage(Metre.of(7, 8), "C5/8 D5/8 E5/8 F5/8 G5/8 A5/8 G5/8 | G5/2..");
    Pulse.Timed timed = timed(seven, 1, ClickChoices.of(ClickKind.GROUPED));
    List<Strength> first =
        timed.clicks().stream().filter(c -> c.atSeconds() < 3.5).map(Click::strength).toList();
    assertThat(first).hasSize(7).startsWith(Strength.BAR);
    assertThat(first).filteredOn(s -> s != Strength.PART).hasSize(3);
  }

  @Test
  void slowerPlayingSpreadsTheClicks() {
    Pulse.Timed timed = timed(Music.passage(TWO_BARS), 2, ClickChoices.of(ClickKind.BEAT));
    assertThat(times(timed)).startsWith(0.0, 2.0, 4.0);
    assertThat(timed.seconds()).isCloseTo(16, within(1e-12));
  }

  @Test
  void aCountInComesBeforeTheMusic() {
    ClickChoices choices = new ClickChoices(ClickKind.NONE, 0, 0, 2);
    Pulse.Timed timed = timed(Music.passage(TWO_BARS), 1, choices);
    assertThat(timed.clicks()).hasSize(8);
    assertThat(timed.barStarts()).containsExactly(8.0, 12.0, 16.0);
  }

  @Test
  void silentBarsAreLeftOut() {
    ClickChoices choices = new ClickChoices(ClickKind.BEAT, 1, 1, 0);
    assertThat(times(timed(Music.passage(TWO_BARS), 1, choices)))
        .containsExactly(0.0, 1.0, 2.0, 3.0);
  }

  @Test
  void clicksFollowTheTempoMap() {
    TempoMap map =
        new TempoMap(
            List.of(
                new TempoMap.Change(Fraction.ZERO, new Tempo(BeatUnit.QUARTER, 60)),
                new TempoMap.Change(Fraction.ONE, new Tempo(BeatUnit.QUARTER, 120))));
    Passage passage = Music.passage(TWO_BARS);
    Pulse.Timed timed = Pulse.of(music(passage, map), 1, ClickChoices.of(ClickKind.BEAT));
    assertThat(times(timed)).containsExactly(0.0, 1.0, 2.0, 3.0, 4.0, 4.5, 5.0, 5.5);
  }

  @Test
  void someBarsAreCountedInByTheirOwnTempo() {
    TempoMap map =
        new TempoMap(
            List.of(
                new TempoMap.Change(Fraction.ZERO, new Tempo(BeatUnit.QUARTER, 60)),
                new TempoMap.Change(Fraction.ONE, new Tempo(BeatUnit.QUARTER, 120))));
    Pulse.Timed timed =
        Pulse.of(
            music(Music.passage(TWO_BARS), map).only(new Span(1, 1)),
            1,
            new ClickChoices(ClickKind.BEAT, 0, 0, 1));
    assertThat(times(timed)).containsExactly(0.0, 0.5, 1.0, 1.5, 2.0, 2.5, 3.0, 3.5);
    assertThat(timed.barStarts()).containsExactly(2.0, 4.0);
  }

  @ParameterizedTest
  @CsvSource({"0,1,0", "17,1,0", "2,17,0", "2,1,17", "-1,0,0"})
  void barsThatMakeNoSenseAreRefused(int clicked, int silent, int countIn) {
    assertThatThrownBy(() -> new ClickChoices(ClickKind.BEAT, clicked, silent, countIn))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void anUnknownClickNamesThoseThereAre() {
    assertThatThrownBy(() -> ClickKind.named("5")).hasMessageContaining("3-against-2");
  }

  @Test
  void sixEighthsAreGroupedInTwoThrees() {
    Passage six = Music.passage(Metre.of(6, 8), "C5/8 D5/8 E5/8 F5/8 G5/8 A5/8");
    List<Click> clicks = timed(six, 1, ClickChoices.of(ClickKind.GROUPED)).clicks();
    assertThat(clicks)
        .extracting(Click::strength)
        .containsExactly(
            Strength.BAR,
            Strength.PART,
            Strength.PART,
            Strength.BEAT,
            Strength.PART,
            Strength.PART);
  }

  @Test
  void halfOfSevenEighthsIsItsGroupsAndHalfOfThreeQuartersTheBar() {
    Passage seven = Music.passage(Metre.of(7, 8), "(C5/8 D5/8) (E5/8 F5/8) (G5/8 A5/8 G5/8)");
    assertThat(times(timed(seven, 1, ClickChoices.of(ClickKind.HALF))))
        .containsExactly(0.0, 1.0, 2.0);
    Passage three = Music.passage(Metre.of(3, 4), "C5/4 D5/4 E5/4 | F5/2.");
    assertThat(times(timed(three, 1, ClickChoices.of(ClickKind.HALF)))).containsExactly(0.0, 3.0);
  }
}
