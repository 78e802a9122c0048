package app.fret.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.lefthand.hand.Spans;
import app.fret.score.Finger;
import app.fret.score.Passage;
import app.fret.score.WrittenPitch;
import app.fret.testing.Music;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class InstrumentsTest {
  private final Instrument cello = Instruments.named("cello");
  private final Instrument bass = Instruments.named("bass");

  /** Tunings: common practice, no source. Sounding pitches, string I first. */
  @ParameterizedTest
  @CsvSource({
    "violin, 76 69 62 55, 328",
    "viola, 69 62 55 48, 375",
    "cello, 57 50 43 36, 690",
    "bass, 43 38 33 28, 1050"
  })
  void stringsSoundAsTuned(String name, String midi, double lengthMm) {
    Instrument instrument = Instruments.named(name);
    List<Integer> sounding = instrument.strings().stream().map(s -> s.pitch().midi()).toList();
    assertThat(sounding).isEqualTo(Arrays.stream(midi.split(" ")).map(Integer::valueOf).toList());
    assertThat(instrument.stringLengthMm()).isEqualTo(lengthMm);
  }

  /** Position names of cello and bass by the first finger: common practice, no source. */
  @ParameterizedTest
  @CsvSource({
    "cello, 1, half",
    "cello, 2, 1",
    "cello, 3, 2 low",
    "cello, 4, 2",
    "cello, 5, 3",
    "cello, 7, 4",
    "cello, 9, 5",
    "cello, 11, 6",
    "cello, 12, 7",
    "cello, 13, thumb",
    "cello, 17, thumb",
    "bass, 1, half",
    "bass, 2, 1",
    "bass, 3, 2",
    "bass, 4, 2½",
    "bass, 5, 3",
    "bass, 6, 3½",
    "bass, 7, 4",
    "bass, 8, 5",
    "bass, 9, 5½",
    "bass, 10, 6",
    "bass, 11, 6½",
    "bass, 12, 7",
    "bass, 14, thumb",
    "violin, 18, 10 high",
    "violin, 21, 12"
  })
  void positionsAreNamedByTheFirstFinger(String name, int base, String position) {
    assertThat(Instruments.named(name).positionName(base)).isEqualTo(position);
  }

  @Test
  void bassPartsAreWrittenAnOctaveAboveTheirSound() {
    assertThat(bass.sounding(WrittenPitch.parse("G3"), Optional.empty()).midi()).isEqualTo(43);
    assertThat(bass.writtenOpen(1)).isEqualTo(WrittenPitch.parse("G3"));
    assertThat(cello.sounding(WrittenPitch.parse("G3"), Optional.empty()).midi()).isEqualTo(55);
  }

  /** Solo tuning is a whole tone higher and reads parts written for the usual one (CP). */
  @Test
  void aSoloBassSoundsAToneHigherFromTheSamePart() {
    Instrument solo = Instruments.inSetUp(bass, "solo");
    assertThat(solo.open(1).midi()).isEqualTo(45);
    assertThat(solo.sounding(WrittenPitch.parse("G3"), Optional.empty()).midi()).isEqualTo(45);
  }

  /** The string lengthened by four semitones is 1322.9 mm long: equal temperament. */
  @Test
  void aLengthenedBassReachesCAndItsStringIsSoMuchLonger() throws OutOfRangeException {
    Instrument lowC = Instruments.inSetUp(bass, "low-c");
    Passage low = Music.passage("C2/1");
    Range.of(lowC).require(low);
    assertThatThrownBy(() -> Range.of(bass).require(low))
        .hasMessageContaining("below the lowest string of the bass");
    assertThat(lowC.lowestSemitone(4)).isEqualTo(-4);
    assertThat(lowC.geometry().remainingMm(-4)).isCloseTo(1322.9, within(0.05));
  }

  @Test
  void aFiveStringBassHasANumeralForEachString() {
    Instrument five = Instruments.inSetUp(bass, "five-string");
    assertThat(five.stringCount()).isEqualTo(5);
    assertThat(five.stringOf("V")).isEqualTo(5);
    assertThatThrownBy(() -> bass.stringOf("V")).hasMessageContaining("use I to IV");
  }

  @Test
  void schoolsOfTheBassHaveTheirOwnMiddleFinger() {
    assertThat(Instruments.schools("bass")).containsExactly("1-2-4", "1-3-4", "1-2-3-4");
    assertThat(neck(bass).of(Finger.THIRD)).isEmpty();
    assertThat(neck(Instruments.inSchool(bass, "1-3-4")).of(Finger.SECOND)).isEmpty();
    assertThatThrownBy(() -> Instruments.inSchool(bass, "4-3-2"))
        .hasMessageContaining("use 1-2-4, 1-3-4, 1-2-3-4");
    assertThatThrownBy(() -> Instruments.inSchool(cello, "1-2-4")).hasMessageContaining("has none");
  }

  private static HandFrame neck(Instrument instrument) {
    return instrument.frames().get(0);
  }

  @Test
  void anyTuningOfAsManyStringsIsTaken() {
    Instrument violin = Instruments.named("violin");
    Instrument retuned = Instruments.tuned(violin, List.of("E5", "A4", "D4", "A3"));
    assertThat(retuned.open(4).midi()).isEqualTo(57);
    assertThatThrownBy(() -> Instruments.tuned(violin, List.of("E5")))
        .hasMessageContaining("the violin has 4");
    assertThatThrownBy(() -> Instruments.tuned(violin, List.of("H5", "A4", "D4", "G3")))
        .hasMessageContaining("'H5' is no pitch");
  }

  @ParameterizedTest
  @CsvSource({"415, true", "446, true", "414.9, false", "446.1, false"})
  void theAIsOneInUse(double hz, boolean taken) {
    if (taken) {
      assertThat(cello.withA4Hz(hz).a4Hz()).isEqualTo(hz);
    } else {
      assertThatThrownBy(() -> cello.withA4Hz(hz)).hasMessageContaining("from 415 to 446 Hz");
    }
  }

  /** The extended hand B flat to D in first position, 134.4 mm, suits every preset (CP). */
  @ParameterizedTest
  @CsvSource({"SMALL", "MEDIUM", "LARGE"})
  void everyHandReachesTheExtendedFrameOfTheCello(Hand.Preset preset) {
    Player player = new Player("", cello, Hand.of(preset, cello.handSize()));
    double spanMm = cello.geometry().spanMm(1, 5);
    assertThat(spanMm).isCloseTo(134.4, within(0.05));
    assertThat(new Spans(player).greatestMm(Finger.FIRST, Finger.FOURTH)).isGreaterThan(spanMm);
  }

  /** A finger a semitone on the bass from base 7, 5 and 4 for the three presets (CP). */
  @ParameterizedTest
  @CsvSource({"SMALL, 7", "MEDIUM, 5", "LARGE, 4"})
  void aFingerASemitoneOpensFromItsPosition(Hand.Preset preset, int lowestBase) {
    Player player = new Player("", bass, Hand.of(preset, bass.handSize()));
    double greatestMm = new Spans(player).greatestMm(Finger.FIRST, Finger.FOURTH);
    assertThat(bass.geometry().spanMm(lowestBase, lowestBase + 3)).isLessThan(greatestMm);
    assertThat(bass.geometry().spanMm(lowestBase - 1, lowestBase + 2)).isGreaterThan(greatestMm);
  }

  /** T-3 on the cello: 117 mm at ease and 150 at most; on the bass 112 and 143 (CP). */
  @Test
  void thumbAndThirdFingerHaveASpanOfTheirOwn() {
    Spans celloSpans = new Spans(Player.of("", cello));
    assertThat(celloSpans.comfortableMm(Finger.THUMB, 12, Finger.THIRD))
        .isCloseTo(117, within(0.2));
    assertThat(celloSpans.greatestMm(Finger.THUMB, Finger.THIRD)).isCloseTo(150, within(0.2));
    Spans bassSpans = new Spans(Player.of("", bass));
    assertThat(bassSpans.comfortableMm(Finger.THUMB, 12, Finger.THIRD)).isCloseTo(112, within(0.2));
    assertThat(bassSpans.greatestMm(Finger.THUMB, Finger.THIRD)).isCloseTo(143, within(0.2));
  }

  /** Tenths in first position: viola 123.6 and 135.4 mm; equal temperament. */
  @Test
  void violaTenthsAreWiderThanViolinTenths() {
    StringGeometry viola = Instruments.named("viola").geometry();
    assertThat(viola.spanMm(2, 10)).isCloseTo(123.6, within(0.05));
    assertThat(viola.spanMm(2, 11)).isCloseTo(135.4, within(0.05));
  }

  @Test
  void crawlingFollowsTheInstrumentUnlessThePlayerSaysOtherwise() {
    assertThat(Player.of("", cello).crawlFromBase()).hasValue(9);
    assertThat(Player.of("", Instruments.named("violin")).crawlFromBase()).isEmpty();
    Habits never = Habits.USUAL.withCrawl(false);
    assertThat(Player.of("", cello).withHabits(never).crawlFromBase()).isEmpty();
    Habits always = Habits.USUAL.withCrawl(true);
    assertThat(Player.of("", Instruments.named("violin")).withHabits(always).crawlFromBase())
        .hasValue(1);
  }

  /** Programs: General MIDI level 1 sound set, 41 to 44 counted from 1 (from memory). */
  @ParameterizedTest
  @CsvSource({"violin, 40, G2", "viola, 41, C3", "cello, 42, F4", "bass, 43, F4"})
  void eachInstrumentsFileSaysWhatIsUsualBesidesTheLeftHand(
      String name, int program, String usualClef) {
    InstrumentCustoms customs = Instruments.customs(name);
    assertThat(customs.midiProgram()).isEqualTo(program);
    assertThat(customs.clefs().get(0).sign() + "" + customs.clefs().get(0).line())
        .isEqualTo(usualClef);
    assertThat(customs.archRadiusMm()).isGreaterThan(customs.outerSpacingMm() / 2);
  }
}
