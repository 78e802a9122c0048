package app.fret.lefthand.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Hand;
import app.fret.instrument.Instrument;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Shapes of the hand beyond the violin's first position. Positions: common practice, no source. */
class HandShapesTest {
  private static List<SoundingPitch> chord(Instrument instrument, String names) {
    return Arrays.stream(names.split("\\+"))
        .map(n -> new SoundingPitch(WrittenPitch.parse(n).semitone()))
        .toList();
  }

  private static List<Placement> of(Player player, String sounding) {
    return new Placements(player).of(chord(player.instrument(), sounding));
  }

  private static Player player(String instrument, Hand.Preset preset) {
    Instrument named = Instruments.named(instrument);
    return new Player("", named, Hand.of(preset, named.handSize()));
  }

  private static Set<String> ways(List<Placement> placements) {
    return placements.stream()
        .map(
            p ->
                p.frame().name()
                    + " "
                    + p.base()
                    + ": "
                    + p.stops().stream()
                        .map(s -> s.string() + "-" + s.finger().sign())
                        .collect(Collectors.joining(" ")))
        .collect(Collectors.toSet());
  }

  /** Cello third position has D E F under 1, 3, 4 on I and G A B flat on II. */
  @ParameterizedTest
  @CsvSource({
    "D4, closed 5: 1-1", "E4, closed 5: 1-3", "F4, closed 5: 1-4",
    "G3, closed 5: 2-1", "A3, closed 5: 2-3", "Bb3, closed 5: 2-4",
    "E4, closed 7: 1-1", "A3, closed 7: 2-1", "D3, closed 7: 3-1",
    "B3, extended-forward 2: 1-1", "C#4, extended-forward 2: 1-2", "D#4, extended-forward 2: 1-4",
    "Bb3, extended-back 1: 1-1", "C4, extended-back 1: 1-2", "D4, extended-back 1: 1-4",
    "A4, thumb-major 12: 1-T", "B4, thumb-major 12: 1-1", "D5, thumb-major 12: 1-3",
    "C5, thumb-minor 12: 1-2", "F#4, upper 9: 1-1", "A4, upper 9: 1-3"
  })
  void theCelloHandHasItsShapes(String pitch, String way) {
    assertThat(ways(of(player("cello", Hand.Preset.MEDIUM), pitch))).contains(way);
  }

  @Test
  void drawingTheFirstFingerBackIsTheSamePosition() {
    Placement back =
        of(player("cello", Hand.Preset.MEDIUM), "Bb3").stream()
            .filter(p -> p.frame().name().equals("extended-back"))
            .filter(p -> p.top().finger() == Finger.FIRST)
            .findFirst()
            .orElseThrow();
    assertThat(back.base()).isEqualTo(1);
    assertThat(back.hand()).isEqualTo(2);
    assertThat(Instruments.named("cello").positionName(back.base(), back.frame())).isEqualTo("1");
  }

  /** Thumb and third finger on neighbouring strings are an octave. */
  @ParameterizedTest
  @ValueSource(strings = {"D4+D5", "E4+E5", "G3+G4"})
  void thumbOctavesLieUnderThumbAndThird(String octave) {
    assertThat(of(player("cello", Hand.Preset.MEDIUM), octave))
        .anyMatch(
            p ->
                p.bottom().finger() == Finger.THUMB
                    && p.top().finger() == Finger.THIRD
                    && p.reachMm() == 0);
  }

  @ParameterizedTest
  @CsvSource({
    "1-2-4, A#2, neck-124 3: 1-1",
    "1-2-4, B2, neck-124 3: 1-2",
    "1-2-4, C3, neck-124 3: 1-4",
    "1-3-4, B2, neck-134 3: 1-3",
    "1-3-4, C3, neck-134 3: 1-4",
    "1-2-3-4, C3, pivot 2: 1-4",
    "1-2-3-4, F3, neck-1234 7: 1-4",
    "1-2-4, G3, thumb-major 12: 1-T",
    "1-2-4, C4, thumb-major 12: 1-3"
  })
  void theSchoolsOfTheBassHaveTheirShapes(String school, String sounding, String way) {
    Instrument bass = Instruments.inSchool(Instruments.named("bass"), school);
    assertThat(ways(of(Player.of("", bass), sounding))).contains(way);
  }

  @Test
  void aSmallHandHasNoFourFingersLowOnTheBass() {
    Instrument bass = Instruments.inSchool(Instruments.named("bass"), "1-2-3-4");
    Player small = new Player("", bass, Hand.of(Hand.Preset.SMALL, bass.handSize()));
    Set<String> low = ways(of(small, "D3"));
    assertThat(low).doesNotContain("neck-1234 4: 1-4").contains("pivot 4: 1-4");
    assertThat(ways(of(small, "F3"))).contains("neck-1234 7: 1-4");
  }

  @Test
  void aFourthOnTheBassIsABar() {
    assertThat(ways(of(player("bass", Hand.Preset.MEDIUM), "E2+A2")))
        .contains("neck-124 2: 2-1 1-1");
  }

  @Test
  void aLengthenedStringIsOpenAtItsLowestNoteAndStoppedAbove() {
    Instrument lowC = Instruments.inSetUp(Instruments.named("bass"), "low-c");
    List<Placement> open = of(Player.of("", lowC), "C1");
    assertThat(open).isNotEmpty().allMatch(p -> p.top().isOpen() && p.top().semitone() == -4);
    List<Placement> stopped = of(Player.of("", lowC), "D1");
    assertThat(stopped).isNotEmpty().allMatch(p -> p.base() == -2 && p.usesHand());
  }

  /**
   * Natural harmonics: n = 3 is touched at a third of the string and sounds 2.0 cents high, n = 5
   * sounds 13.7 cents low. Source: mathematics of the vibrating string.
   */
  @Test
  void harmonicsLieAtTheirNodes() {
    assertThat(Harmonics.NODES).hasSize(1 + 2 + 2 + 4);
    Harmonics.Node fifth = new Harmonics.Node(3, 1);
    assertThat(fifth.touchedAt()).isEqualTo(7);
    assertThat(fifth.soundingSemitone()).isEqualTo(19);
    assertThat(fifth.cents()).isCloseTo(2.0, within(0.05));
    assertThat(new Harmonics.Node(4, 1).touchedAt()).isEqualTo(5);
    assertThat(new Harmonics.Node(5, 1).cents()).isCloseTo(-13.7, within(0.05));
    assertThatThrownBy(() -> Harmonics.of(new Stop(1, Finger.FIRST, 3, 3)))
        .hasMessageContaining("no harmonic");
  }

  @ParameterizedTest
  @CsvSource({"violin, A5, FOURTH", "cello, A4, THIRD", "bass, G3, THIRD", "bass, G3, THUMB"})
  void theOctaveHarmonicHasItsUsualFinger(String instrument, String sounding, Finger finger) {
    boolean found =
        of(player(instrument, Hand.Preset.MEDIUM), sounding).stream()
            .filter(Placement::onlyTouches)
            .anyMatch(p -> p.top().finger() == finger && p.top().touchedAt() == 12);
    assertThat(found).isTrue();
  }

  @Test
  void aNoteAskedForAsAHarmonicIsOneWhereOneSounds() {
    Placements placements = new Placements(player("cello", Hand.Preset.MEDIUM));
    Instrument cello = Instruments.named("cello");
    assertThat(placements.of(chord(cello, "E5"), true))
        .isNotEmpty()
        .allMatch(Placement::onlyTouches)
        .allMatch(p -> p.top().semitone() == 19);
    assertThat(placements.of(chord(cello, "F5"), true)).noneMatch(Placement::onlyTouches);
  }

  @Test
  void aTenthBeyondTheHandIsRefusedWithFingersAndMillimetres() {
    Player small = player("viola", Hand.Preset.SMALL);
    Refusal refusal =
        new Placements(small).refusal(chord(small.instrument(), "D3+F#4")).orElseThrow();
    assertThat(refusal.lower().finger()).isEqualTo(Finger.FIRST);
    assertThat(refusal.upper().finger()).isEqualTo(Finger.FOURTH);
    assertThat(refusal.neededMm()).isCloseTo(135.4, within(0.05));
    assertThat(refusal.greatestMm()).isCloseTo(83.8 * 0.92 * 1.45, within(0.3));
    assertThat(new Placements(small).refusal(chord(small.instrument(), "D3+B3"))).isEmpty();
  }

  @Test
  void notesWithoutStringsOfTheirOwnAreRefusedAsSuch() {
    Player violinist = player("violin", Hand.Preset.MEDIUM);
    Refusal refusal =
        new Placements(violinist).refusal(chord(violinist.instrument(), "A3+B3")).orElseThrow();
    assertThat(refusal.stops()).isEmpty();
  }

  @Test
  void chordsOfFourNotesTakeFourStrings() {
    assertThat(ways(of(player("violin", Hand.Preset.MEDIUM), "G3+D4+B4+G5")))
        .contains("letters 2: 4-0 3-0 2-1 1-2");
    assertThat(ways(of(player("cello", Hand.Preset.MEDIUM), "C2+G2+E3+C4")))
        .contains("closed 2: 4-0 3-0 2-1 1-2");
  }
}
