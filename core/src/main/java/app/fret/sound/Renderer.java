package app.fret.sound;

import app.fret.sound.SoundPlan.Click;
import app.fret.sound.SoundPlan.Tone;
import java.util.ArrayList;
import java.util.List;

/**
 * Renders a plan to samples. Each sample is a function of its number alone, so that blocks of any
 * size give the same samples, and an event never drifts: it begins on the sample nearest to its
 * time, however long the plan is.
 */
public final class Renderer {
  /** Samples a second. */
  public static final int RATE = 44_100;

  private static final double CLICK_SECONDS = 0.03;
  private static final double CLICK_FADE_SECONDS = 0.007;

  /** A stick on wood: a knock without pitch, then two rings that are no harmonics of each other. */
  private static final double KNOCK_SECONDS = 0.0015;

  private static final double KNOCK_SHARE = 0.4;
  private static final double RING_SHARE = 0.4;
  private static final double SECOND_RING_SHARE = 0.2;
  private static final double SECOND_RING = 1.51;
  private static final double EDGE_SECONDS = 0.02;
  private static final double LOUDEST = 0.9;
  private static final double TONE_SHARE = 0.35;
  private static final double CLICK_SHARE = 0.6;

  /** Strength of the overtones of a tone, the first the tone itself. */
  private static final double[] PARTIALS = {1, 0.35, 0.2, 0.1};

  private static final double PARTIALS_SUM = 1.65;

  private final SoundPlan plan;
  private final List<Long> starts = new ArrayList<>();

  /** A renderer of a plan. */
  public Renderer(SoundPlan plan) {
    this.plan = plan;
    plan.clicks().forEach(c -> starts.add(sample(c.atSeconds())));
  }

  /** Number of the sample nearest to a time. */
  public static long sample(double seconds) {
    return Math.round(seconds * RATE);
  }

  /** How many samples the plan has. */
  public long length() {
    return sample(plan.seconds());
  }

  /**
   * Renders some samples.
   *
   * @param from number of the first
   * @param count how many; those behind the end are silent
   * @return samples from -1 to 1
   */
  public float[] render(long from, int count) {
    float[] samples = new float[count];
    double[] sums = new double[count];
    addClicks(from, sums);
    plan.tones().forEach(t -> add(t, from, sums));
    for (int i = 0; i < count; i++) {
      samples[i] = (float) Math.max(-LOUDEST, Math.min(LOUDEST, sums[i]));
    }
    return samples;
  }

  private void addClicks(long from, double[] sums) {
    int longest = (int) (CLICK_SECONDS * RATE);
    for (int k = firstClickFrom(from - longest); k < starts.size(); k++) {
      long start = starts.get(k);
      if (start >= from + sums.length) {
        return;
      }
      Click click = plan.clicks().get(k);
      int first = (int) Math.max(0, start - from);
      int end = (int) Math.min(sums.length, start + longest - from);
      for (int i = first; i < end; i++) {
        sums[i] += CLICK_SHARE * click.strength().gain() * click(from + i - start, click);
      }
    }
  }

  /** Number of the first click that begins at a sample or later. */
  private int firstClickFrom(long sample) {
    int low = 0;
    int high = starts.size();
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (starts.get(middle) < sample) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }

  private static double click(long age, Click click) {
    double seconds = (double) age / RATE;
    double turns = 2 * Math.PI * click.strength().hz() * seconds;
    double ring = RING_SHARE * Math.cos(turns) + SECOND_RING_SHARE * Math.cos(SECOND_RING * turns);
    return Math.exp(-seconds / CLICK_FADE_SECONDS) * ring
        + Math.exp(-seconds / KNOCK_SECONDS) * KNOCK_SHARE * noise(age);
  }

  /**
   * The same noise for every click, from a full stroke on. Source: the finaliser of SplitMix64,
   * Steele 2014.
   */
  private static double noise(long age) {
    if (age == 0) {
      return 1;
    }
    long mixed = age * 0x9E3779B97F4A7C15L;
    mixed = (mixed ^ mixed >>> 30) * 0xBF58476D1CE4E5B9L;
    mixed = (mixed ^ mixed >>> 27) * 0x94D049BB133111EBL;
    return (double) (mixed ^ mixed >>> 31) / Long.MAX_VALUE;
  }

  private static void add(Tone tone, long from, double[] sums) {
    long start = sample(tone.fromSeconds());
    long stop = sample(tone.toSeconds());
    int first = (int) Math.max(0, Math.min(sums.length, start - from));
    int end = (int) Math.max(0, Math.min(sums.length, stop - from));
    for (int i = first; i < end; i++) {
      long age = from + i - start;
      long left = stop - from - i;
      double edge = Math.min(1, Math.min(age, left) / (EDGE_SECONDS * RATE));
      sums[i] += TONE_SHARE * tone.gain() * edge * wave(tone.hz(), age);
    }
  }

  private static double wave(double hz, long age) {
    double sum = 0;
    for (int partial = 0; partial < PARTIALS.length; partial++) {
      double turns = hz * (partial + 1) * age / RATE;
      sum += PARTIALS[partial] * Math.sin(2 * Math.PI * (turns - Math.floor(turns)));
    }
    return sum / PARTIALS_SUM;
  }
}
