package app.fret.practice.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.practice.log.TappedPass.BarBeats;
import app.fret.practice.log.TappedPass.BarTempo;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class TappedPassTest {
  private static final Offset<Double> NEAR = within(0.01);
  private static final List<BarBeats> FOUR =
      List.of(
          new BarBeats("1", 4), new BarBeats("2", 4), new BarBeats("3", 3), new BarBeats("4", 4));

  /** Taps of so many beats at each of some tempos. */
  private static List<Double> taps(double... perMinute) {
    List<Double> taps = new ArrayList<>(List.of(0.0));
    for (double each : perMinute) {
      taps.add(taps.get(taps.size() - 1) + 60 / each);
    }
    return taps;
  }

  private static double[] beats(int count, double perMinute) {
    double[] beats = new double[count];
    Arrays.fill(beats, perMinute);
    return beats;
  }

  @Test
  void beatsThatAreTappedGiveTheTempoOfEachBar() {
    double[] played = beats(15, 60);
    Arrays.fill(played, 4, 8, 72);
    TappedPass pass = TappedPass.of(taps(played), FOUR, 66);
    assertThat(pass.bars()).extracting(BarTempo::label).containsExactly("1", "2", "3", "4");
    assertThat(pass.bars().get(0).perMinute()).isCloseTo(60, NEAR);
    assertThat(pass.bars().get(1).perMinute()).isCloseTo(72, NEAR);
    assertThat(pass.perMinute().orElseThrow()).isCloseTo(15 / (11 / 60.0 + 4 / 72.0), NEAR);
  }

  @Test
  void barsThatAreTappedAreKnownByTheTempoThatWasMeant() {
    List<Double> taps = List.of(0.0, 4.0, 8.0, 11.0, 15.0);
    TappedPass pass = TappedPass.of(taps, FOUR, 60);
    assertThat(pass.bars())
        .hasSize(4)
        .allSatisfy(b -> assertThat(b.perMinute()).isCloseTo(60, NEAR));
  }

  @Test
  void aTapLeftOutIsFilledInAndOneTooManyIsPassedOver() {
    List<Double> taps = new ArrayList<>(taps(beats(15, 60)));
    taps.remove(6);
    taps.add(3, 2.1);
    TappedPass pass = TappedPass.of(taps, FOUR, 60);
    assertThat(pass.bars()).hasSize(4);
    assertThat(pass.bars()).allSatisfy(b -> assertThat(b.perMinute()).isCloseTo(60, within(2.0)));
  }

  @Test
  void barsAreReckonedOnlyAsFarAsTheyWereTapped() {
    assertThat(TappedPass.of(taps(beats(5, 60)), FOUR, 60).bars()).hasSize(1);
    assertThat(TappedPass.of(taps(beats(1, 60)), FOUR, 60).bars()).isEmpty();
    assertThat(TappedPass.of(List.of(), FOUR, 60).perMinute()).isEmpty();
  }

  @Test
  void aBeatThatIsNotInTheBarFallsBetweenTaps() {
    List<BarBeats> sevenEight = List.of(new BarBeats("1", 3.5), new BarBeats("2", 3.5));
    TappedPass pass = TappedPass.of(taps(beats(7, 80)), sevenEight, 84);
    assertThat(pass.bars())
        .hasSize(2)
        .allSatisfy(b -> assertThat(b.perMinute()).isCloseTo(80, NEAR));
  }

  /** Taps of people spread by some hundredths of a second. */
  @Test
  void unsteadyTapsGiveTheTempoAllTheSame() {
    Random random = new Random(4);
    List<Double> taps = new ArrayList<>();
    for (double exact : taps(beats(15, 88))) {
      taps.add(exact + 0.02 * random.nextGaussian());
    }
    TappedPass pass = TappedPass.of(taps, FOUR, 96);
    assertThat(pass.bars()).hasSize(4);
    assertThat(pass.perMinute().orElseThrow()).isCloseTo(88, within(1.5));
  }
}
