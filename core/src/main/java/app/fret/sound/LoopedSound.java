package app.fret.sound;

import app.fret.sound.SoundPlan.Click;
import java.util.List;
import java.util.Optional;

/**
 * A sound plan that is heard once and another that then goes round without end: music that is
 * counted in the first time only. Like {@link Renderer}, each sample depends on its number alone.
 */
public final class LoopedSound {
  private final SoundPlan first;
  private final SoundPlan again;
  private final Renderer firstSamples;
  private final Renderer againSamples;

  /**
   * Sound that goes round.
   *
   * @param first what is heard once; it may be as long as nothing
   * @param again what is heard for ever after; it lasts at least one sample
   */
  public LoopedSound(SoundPlan first, SoundPlan again) {
    this.first = first;
    this.again = again;
    this.firstSamples = new Renderer(first);
    this.againSamples = new Renderer(again);
    if (againSamples.length() < 1) {
      throw new IllegalArgumentException("sound that goes round must last");
    }
  }

  /** Whether bars fall on the same samples, so that one can take over from the other in mid-bar. */
  public boolean isInStepWith(LoopedSound other) {
    return firstSamples.length() == other.firstSamples.length()
        && againSamples.length() == other.againSamples.length();
  }

  /**
   * Renders some samples.
   *
   * @param from number of the first
   * @return samples from -1 to 1
   */
  public float[] render(long from, int count) {
    float[] samples = new float[count];
    int done = 0;
    while (done < count) {
      long at = from + done;
      boolean isFirst = at < firstSamples.length();
      Renderer renderer = isFirst ? firstSamples : againSamples;
      long inside = isFirst ? at : inRound(at);
      int now = (int) Math.min(count - done, renderer.length() - inside);
      System.arraycopy(renderer.render(inside, now), 0, samples, done, now);
      done += now;
    }
    return samples;
  }

  private long inRound(long sample) {
    return (sample - firstSamples.length()) % againSamples.length();
  }

  /**
   * A click that has begun.
   *
   * @param ageSeconds how long ago
   */
  public record Heard(Click click, double ageSeconds) {}

  /** The newest click that has begun at a sample of the same round; empty before the first. */
  public Optional<Heard> clickAt(long sample) {
    boolean isFirst = sample < firstSamples.length();
    List<Click> clicks = isFirst ? first.clicks() : again.clicks();
    double seconds = (double) (isFirst ? sample : inRound(sample)) / Renderer.RATE;
    Optional<Heard> newest = Optional.empty();
    for (Click click : clicks) {
      if (click.atSeconds() > seconds) {
        return newest;
      }
      newest = Optional.of(new Heard(click, seconds - click.atSeconds()));
    }
    return newest;
  }
}
