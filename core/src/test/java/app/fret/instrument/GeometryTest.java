package app.fret.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.score.Passage;
import app.fret.score.Transposition;
import app.fret.score.WrittenPitch;
import app.fret.testing.Music;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GeometryTest {
  private final StringGeometry violin = Instruments.named("violin").geometry();
  private final StringGeometry bass = new StringGeometry(1050);

  /** Distances on a 328 mm string: equal temperament, d = L (1 - 2^(-s/12)). */
  @ParameterizedTest
  @CsvSource({"1,18.4", "2,35.8", "5,82.3", "7,109.1", "12,164.0"})
  void notesLieWhereEqualTemperamentPutsThem(int semitone, double mm) {
    assertThat(violin.fromNutMm(semitone)).isCloseTo(mm, within(0.05));
  }

  /** First-position frames: cello s 2 to 5 is 97.8 mm, bass s 2 to 4 is 102.1 mm. */
  @Test
  void framesOfTheLowInstrumentsHaveTheirSpans() {
    assertThat(new StringGeometry(690).spanMm(2, 5)).isCloseTo(97.8, within(0.05));
    assertThat(bass.spanMm(2, 4)).isCloseTo(102.1, within(0.05));
  }

  /** Ten cents on a violin: 1.69 mm at s = 2, 0.63 mm at s = 19. */
  @Test
  void tenCentsAreFewerMillimetresHigherUp() {
    assertThat(violin.centsToMm(10, 2)).isCloseTo(1.69, within(0.005));
    assertThat(violin.centsToMm(10, 19)).isCloseTo(0.63, within(0.005));
  }

  /** Minor third, major third, fourth in equal temperament from the open bass string, in mm. */
  @Test
  void theOctaveSplitsIntoUnequalTravelInEqualTemperament() {
    assertThat(bass.spanMm(0, 3)).isCloseTo(167, within(0.5));
    assertThat(bass.spanMm(3, 7)).isCloseTo(182, within(0.5));
    assertThat(bass.spanMm(7, 12)).isCloseTo(176, within(0.5));
  }

  /** Position names by letter steps: common practice, no source. */
  @ParameterizedTest
  @CsvSource({"1,half", "2,1", "4,2", "5,3", "7,4", "9,5", "11,6", "12,7", "14,8", "17,10"})
  void positionsAreNamedByTheFirstFinger(int base, String name) {
    assertThat(Instruments.named("violin").positionName(base)).isEqualTo(name);
  }

  /** Spans at ease: closed first-position frames 73.3 mm (violin) and 83.8 mm (viola). */
  @Test
  void presetsAreSharesOfTheStandardFrame() {
    Instrument named = Instruments.named("violin");
    assertThat(named.geometry().spanMm(2, 7)).isCloseTo(73.3, within(0.05));
    assertThat(Instruments.named("viola").geometry().spanMm(2, 7)).isCloseTo(83.8, within(0.05));
    assertThat(Hand.of(Hand.Preset.SMALL, named.handSize()).comfortableMm())
        .isCloseTo(67.4, within(0.05));
    assertThat(Hand.of(Hand.Preset.LARGE, named.handSize()).greatestMm())
        .isCloseTo(128.2, within(0.05));
  }

  @Test
  void aLongerViolaDoesNotMakeABiggerHand() {
    Instrument viola = Instruments.named("viola");
    Instrument longer = viola.withStringLengthMm(400);
    assertThat(Hand.of(Hand.Preset.MEDIUM, longer.handSize()))
        .isEqualTo(Hand.of(Hand.Preset.MEDIUM, viola.handSize()));
  }

  @Test
  void whatThePartStatesGoesBeforeCustom() {
    Instrument named = Instruments.named("violin");
    WrittenPitch written = WrittenPitch.parse("A4");
    assertThat(named.sounding(written, Optional.empty()).midi()).isEqualTo(69);
    assertThat(named.sounding(written, Optional.of(new Transposition(-2))).midi()).isEqualTo(67);
  }

  @Test
  void theHighestNoteIsTwoOctavesAboveTheTopString() throws OutOfRangeException {
    Instrument named = Instruments.named("violin");
    Passage fits = Music.passage("G3/2 E7/2");
    Range.of(named).require(fits);
    Passage tooHigh = Music.passage("G3/1 | F7/1");
    assertThatThrownBy(() -> Range.of(named).require(tooHigh))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessage(
            "bar 2: F7 lies above the highest note of the violin; choose another instrument or"
                + " part");
    Passage tooLow = Music.passage("F#3/1");
    assertThatThrownBy(() -> Range.of(named).require(tooLow))
        .hasMessageContaining("bar 1: F♯3 lies below the lowest string");
  }

  @Test
  void anUnknownInstrumentIsAnsweredWithThoseThereAre() {
    assertThatThrownBy(() -> Instruments.named("theorbo"))
        .hasMessageContaining("use violin, viola, cello or bass");
  }
}
