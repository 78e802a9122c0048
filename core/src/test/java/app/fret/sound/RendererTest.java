package app.fret.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.sound.SoundPlan.Click;
import app.fret.sound.SoundPlan.Strength;
import app.fret.sound.SoundPlan.Tone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Samples are exact and do not depend on how they are asked for. */
class RendererTest {
  private static final int TEN_MINUTES = 600;

  private static SoundPlan clicks(double perMinute, double seconds) {
    List<Click> clicks = new ArrayList<>();
    int count = (int) Math.floor(seconds * perMinute / 60);
    for (int i = 0; i < count; i++) {
      clicks.add(new Click(i * 60 / perMinute, i % 4 == 0 ? Strength.BAR : Strength.BEAT));
    }
    return new SoundPlan(seconds, clicks, List.of());
  }

  /** At 97 a minute no click but the first falls on a whole sample. */
  @Test
  void noClickIsOffByMoreThanOneSampleOverTenMinutes() {
    SoundPlan plan = clicks(97, TEN_MINUTES);
    float[] samples = new Renderer(plan).render(0, TEN_MINUTES * Renderer.RATE);
    assertThat(plan.clicks()).hasSize(970);
    for (int i = 0; i < plan.clicks().size(); i++) {
      double exact = i * 60.0 / 97 * Renderer.RATE;
      int first = (int) Math.round(exact);
      while (samples[first] == 0) {
        first++;
      }
      while (first > 0 && samples[first - 1] != 0) {
        first--;
      }
      assertThat(Math.abs(first - exact)).as("click %d", i).isLessThanOrEqualTo(1);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 7, 64, 441, 1000, 4096, 44100})
  void anyBlockSizeGivesTheSameSamples(int block) {
    SoundPlan clicks = clicks(133, 2);
    SoundPlan plan =
        new SoundPlan(
            2, clicks.clicks(), List.of(new Tone(0.1, 1.9, 220, 1), new Tone(0, 2, 331, 0.5)));
    Renderer renderer = new Renderer(plan);
    int length = (int) renderer.length();
    float[] whole = renderer.render(0, length);
    float[] pieced = new float[length];
    for (int from = 0; from < length; from += block) {
      int count = Math.min(block, length - from);
      System.arraycopy(renderer.render(from, count), 0, pieced, from, count);
    }
    assertThat(Arrays.equals(pieced, whole)).isTrue();
    assertThat(whole).contains(0f);
  }

  /** Counted by its rising zero crossings: 220 a second. */
  @Test
  void aToneHasItsPitch() {
    float[] samples =
        new Renderer(new SoundPlan(2, List.of(), List.of(new Tone(0, 2, 220, 1))))
            .render(0, 2 * Renderer.RATE);
    int from = Renderer.RATE / 2;
    int rising = 0;
    for (int i = from; i < from + Renderer.RATE; i++) {
      rising += samples[i - 1] < 0 && samples[i] >= 0 ? 1 : 0;
    }
    assertThat((double) rising).isCloseTo(220, within(1.0));
  }

  @Test
  void nothingIsLouderThanFullAndBehindTheEndIsSilence() {
    SoundPlan plan =
        new SoundPlan(
            1,
            List.of(new Click(0, Strength.BAR), new Click(0, Strength.BAR)),
            List.of(new Tone(0, 1, 440, 1), new Tone(0, 1, 440, 1), new Tone(0, 1, 440, 1)));
    Renderer renderer = new Renderer(plan);
    for (float sample : renderer.render(0, Renderer.RATE)) {
      assertThat(Math.abs(sample)).isLessThanOrEqualTo(0.9f);
    }
    for (float sample : renderer.render(2 * Renderer.RATE, 100)) {
      assertThat(sample).isZero();
    }
  }

  /** A pure click would repeat itself after one period; wood does not. */
  @Test
  void aClickIsAKnockAndNoTone() {
    SoundPlan plan =
        new SoundPlan(1, List.of(new SoundPlan.Click(0, SoundPlan.Strength.BEAT)), List.of());
    float[] samples = new Renderer(plan).render(0, 200);
    int period = (int) Math.round(Renderer.RATE / SoundPlan.Strength.BEAT.hz());
    double alike = 0;
    double all = 0;
    for (int i = 0; i + period < samples.length; i++) {
      alike += samples[i] * samples[i + period];
      all += samples[i] * samples[i];
    }
    assertThat(all).isPositive();
    assertThat(alike / all).isLessThan(0.6);
  }

  @Test
  void strongAndWeakBeatsAreFarApart() {
    SoundPlan.Strength bar = SoundPlan.Strength.BAR;
    SoundPlan.Strength beat = SoundPlan.Strength.BEAT;
    assertThat(12 * Math.log(bar.hz() / beat.hz()) / Math.log(2)).isGreaterThan(5);
    assertThat(20 * Math.log10(bar.gain() / beat.gain())).isGreaterThan(4);
    assertThat(SoundPlan.Strength.values())
        .allSatisfy(s -> assertThat(s.hz()).isBetween(2000.0, 5000.0));
  }
}
