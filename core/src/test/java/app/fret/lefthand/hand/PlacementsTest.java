package app.fret.lefthand.hand;

import static org.assertj.core.api.Assertions.assertThat;
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

class PlacementsTest {
  private final Instrument violin = Instruments.named("violin");
  private final Player medium = Player.of("", violin);

  private List<Placement> of(Player player, String... pitches) {
    return new Placements(player).of(chord(pitches));
  }

  private static List<SoundingPitch> chord(String... pitches) {
    return Arrays.stream(pitches)
        .map(p -> new SoundingPitch(WrittenPitch.parse(p).semitone()))
        .toList();
  }

  private static Set<String> ways(List<Placement> placements) {
    return placements.stream()
        .map(
            p ->
                p.base()
                    + ":"
                    + p.stops().stream()
                        .map(s -> s.string() + "-" + s.finger().sign())
                        .collect(Collectors.joining("+")))
        .collect(Collectors.toSet());
  }

  /** Fingers of first position on the A string: common practice, no source. */
  @ParameterizedTest
  @CsvSource({"Bb4,2-1", "B4,2-1", "C5,2-2", "C#5,2-2", "D5,2-3", "D#5,2-3", "Eb5,2-4", "E5,2-4"})
  void firstPositionOffersTheUsualFinger(String pitch, String way) {
    assertThat(ways(of(medium, pitch))).contains("2:" + way);
  }

  /** Violin, first position on the A string: B to E is 73.3 mm (geometry of equal temperament). */
  @Test
  void theHandIsMeasuredFromItsBaseToTheHighestFinger() {
    Placement fourth =
        of(medium, "E5").stream()
            .filter(p -> p.base() == 2 && p.top().finger() == Finger.FOURTH)
            .filter(p -> p.top().string() == 2)
            .findFirst()
            .orElseThrow();
    assertThat(fourth.openMm(violin.geometry())).isCloseTo(73.3, within(0.05));
  }

  @Test
  void anOpenStringLetsTheHandWaitAnywhere() {
    List<Placement> open = of(medium, "A4").stream().filter(p -> !p.usesHand()).toList();
    assertThat(open).hasSize(24).allMatch(p -> p.top().finger() == Finger.OPEN);
  }

  @Test
  void noStopLiesBeyondTwoOctavesOrBehindTheNut() {
    for (String pitch : List.of("G3", "A4", "E6", "E7")) {
      assertThat(of(medium, pitch))
          .allSatisfy(p -> assertThat(p.top().semitone()).isBetween(0, 24));
    }
  }

  @Test
  void everyStopSoundsItsPitch() {
    List<Placement> chord = of(medium, "D4", "B4", "G5");
    assertThat(chord).isNotEmpty();
    for (Placement placement : chord) {
      for (int i = 0; i < 3; i++) {
        Stop stop = placement.stops().get(i);
        int sounding = violin.open(stop.string()).midi() + stop.semitone();
        assertThat(sounding).isEqualTo(List.of(62, 71, 79).get(i));
      }
    }
  }

  /** First-position tenths on the violin are 108.1 mm (minor) and 118.5 mm (major). */
  @Test
  void tenthsNeedAWideHandInFirstPosition() {
    Player small = new Player("", violin, Hand.of(Hand.Preset.SMALL, violin.handSize()));
    Player large = new Player("", violin, Hand.of(Hand.Preset.LARGE, violin.handSize()));
    assertThat(ways(of(large, "B4", "D6"))).contains("2:2-1+1-4");
    assertThat(ways(of(large, "B4", "D#6"))).contains("2:2-1+1-4");
    assertThat(ways(of(small, "B4", "D#6"))).doesNotContain("2:2-1+1-4");
  }

  @Test
  void whatIsAStretchBelowIsNoneHighUp() {
    Placement low = sixthAboveBase(2);
    Placement high = sixthAboveBase(14);
    assertThat(low.reachMm()).isGreaterThan(5);
    assertThat(high.reachMm()).isZero();
  }

  /** The fourth finger six semitones above the base. */
  private Placement sixthAboveBase(int base) {
    SoundingPitch pitch = new SoundingPitch(violin.open(1).midi() + base + 6);
    return new Placements(medium)
        .of(List.of(pitch)).stream()
            .filter(p -> p.base() == base && p.top().finger() == Finger.FOURTH)
            .filter(p -> p.top().string() == 1)
            .findFirst()
            .orElseThrow();
  }

  @Test
  void chordsUseNeighbouringStringsOnly() {
    assertThat(of(medium, "G3", "B6")).allMatch(Placement::isLeftOut);
    assertThat(of(medium, "D4", "B4"))
        .allSatisfy(p -> assertThat(Math.abs(p.top().string() - p.bottom().string())).isEqualTo(1));
  }

  @Test
  void oneFingerServesTwoStringsOnlyAsABar() {
    assertThat(of(medium, "E4", "C5")).noneMatch(p -> p.bottom().finger() == p.top().finger());
    assertThat(ways(of(medium, "E4", "B4"))).contains("2:3-1+2-1");
  }

  @Test
  void lowerFingersNeverStandAboveHigherOnes() {
    for (Placement placement : of(medium, "B4", "A5")) {
      for (Stop one : placement.stops()) {
        for (Stop other : placement.stops()) {
          if (!one.isOpen() && !other.isOpen() && one.finger().compareTo(other.finger()) < 0) {
            assertThat(one.semitone()).isLessThanOrEqualTo(other.semitone());
          }
        }
      }
    }
  }

  @Test
  void theOrderIsAlwaysTheSame() {
    assertThat(of(medium, "A4", "F5")).isEqualTo(of(medium, "A4", "F5"));
    assertThat(of(medium, "A5").stream().map(Placement::base).toList()).isSorted();
  }

  /** Across strings the forearm turns, and the hand opens further (common practice, no source). */
  @Test
  void aMediumCellistReachesFiveSemitonesAcrossThreeStringsInFourthPosition() {
    Player cellist = Player.of("", Instruments.named("cello"));
    assertThat(ways(of(cellist, "D3", "B3", "A4"))).contains("7:3-1+2-3+1-4");
    assertThat(ways(of(cellist, "D3", "Bb3", "A4"))).contains("7:3-1+2-2+1-4");
    assertThat(new Placements(cellist).refusal(chord("C#3", "B3", "A4"))).isPresent();
  }
}
