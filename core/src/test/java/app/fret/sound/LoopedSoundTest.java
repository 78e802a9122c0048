package app.fret.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.sound.SoundPlan.Click;
import app.fret.sound.SoundPlan.Strength;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Sound that goes round and round. */
class LoopedSoundTest {
  private static SoundPlan clicks(double seconds, double... at) {
    return new SoundPlan(
        seconds, Arrays.stream(at).mapToObj(t -> new Click(t, Strength.BEAT)).toList(), List.of());
  }

  private final LoopedSound sound = new LoopedSound(clicks(1, 0, 0.5), clicks(0.4, 0.1));

  private static int firstLoud(float[] samples, int from) {
    for (int i = from; i < samples.length; i++) {
      if (Math.abs(samples[i]) > 0.3) {
        return i;
      }
    }
    return -1;
  }

  @Test
  void whatComesAgainComesAtOnceAfterWhatIsHeardOnce() {
    float[] samples = sound.render(0, 3 * Renderer.RATE);
    int rate = Renderer.RATE;
    assertThat(firstLoud(samples, 0)).isZero();
    assertThat(firstLoud(samples, rate / 4)).isEqualTo(rate / 2);
    assertThat(firstLoud(samples, 3 * rate / 4)).isEqualTo((int) (1.1 * rate));
    assertThat(firstLoud(samples, (int) (1.3 * rate))).isEqualTo((int) Math.round(1.5 * rate));
  }

  @Test
  void blocksOfAnySizeGiveTheSameSamples() {
    float[] whole = sound.render(0, 100_000);
    int from = 0;
    for (int size = 1; from + size <= whole.length; size = size * 3 + 1) {
      float[] block = sound.render(from, size);
      assertThat(block).containsExactly(Arrays.copyOfRange(whole, from, from + size));
      from += size;
    }
    assertThat(from).isGreaterThan(1000);
  }

  @Test
  void tenMinutesOnAClickIsStillOnItsSample() {
    long round = Math.round(0.4 * Renderer.RATE);
    long start = Renderer.RATE + 1500 * round + Math.round(0.1 * Renderer.RATE);
    float[] samples = sound.render(start - 1, 3);
    assertThat(samples[0]).isZero();
    assertThat(samples[1]).isGreaterThan(0.3f);
  }

  @Test
  void theNewestClickIsTheOneThatIsLit() {
    assertThat(sound.clickAt(Renderer.RATE / 4).orElseThrow().ageSeconds()).isEqualTo(0.25);
    assertThat(sound.clickAt(Renderer.RATE + 10)).as("before the first of a round").isEmpty();
    assertThat(sound.clickAt((long) (1.2 * Renderer.RATE)).orElseThrow().click())
        .isEqualTo(new Click(0.1, Strength.BEAT));
  }

  @Test
  void soundWithoutAnyLengthCannotGoRound() {
    assertThatThrownBy(() -> new LoopedSound(clicks(1), clicks(0)))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void onlySoundOfTheSameBarsCanTakeOver() {
    assertThat(sound.isInStepWith(new LoopedSound(clicks(1), clicks(0.4)))).isTrue();
    assertThat(sound.isInStepWith(new LoopedSound(clicks(1), clicks(0.5)))).isFalse();
  }
}
