package app.fret.desktop.sound;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.sound.LoopedSound;
import app.fret.sound.SoundPlan;
import app.fret.sound.SoundPlan.Click;
import app.fret.sound.SoundPlan.Strength;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** The one line and the thread that feeds it, over a line that a test reads. */
class SoundPlayerTest {
  /** A line that takes a block only when the test asks for one. */
  private static final class TestLine implements SoundLine {
    private final BlockingQueue<Boolean> wanted = new LinkedBlockingQueue<>();
    private final BlockingQueue<float[]> blocks = new LinkedBlockingQueue<>();
    private final BlockingQueue<String> events = new LinkedBlockingQueue<>();
    private volatile long heard;

    @Override
    public void write(float[] samples) throws InterruptedException {
      wanted.take();
      heard += samples.length;
      blocks.add(samples);
    }

    float[] next() throws InterruptedException {
      wanted.add(true);
      return blocks.poll(10, TimeUnit.SECONDS);
    }

    @Override
    public long heard() {
      return heard;
    }

    @Override
    public void discard() {
      heard = 0;
      events.add("discard");
    }

    @Override
    public Optional<String> silentBecause() {
      return Optional.of("a test");
    }

    @Override
    public void close() {
      events.add("close");
    }
  }

  private final TestLine line = new TestLine();
  private final SoundPlayer player = new SoundPlayer(() -> line);

  @AfterEach
  void close() {
    player.close();
  }

  private static LoopedSound clicks(double seconds, double at, Strength strength) {
    SoundPlan plan = new SoundPlan(seconds, List.of(new Click(at, strength)), List.of());
    return new LoopedSound(plan, plan);
  }

  private List<Float> heard(int blocks) throws InterruptedException {
    List<Float> samples = new ArrayList<>();
    for (int i = 0; i < blocks; i++) {
      for (float sample : line.next()) {
        samples.add(sample);
      }
    }
    return samples;
  }

  private static List<Float> samples(LoopedSound sound, long from, int count) {
    List<Float> samples = new ArrayList<>();
    for (float sample : sound.render(from, count)) {
      samples.add(sample);
    }
    return samples;
  }

  @Test
  void theLineIsFedWithTheSoundFromItsStart() throws Exception {
    LoopedSound sound = clicks(0.05, 0.01, Strength.BEAT);
    player.play(sound);
    List<Float> heard = heard(4);
    assertThat(heard).isEqualTo(samples(sound, 0, heard.size()));
  }

  @Test
  void aSoundInStepTakesOverInMidBar() throws Exception {
    LoopedSound beats = clicks(1, 0, Strength.BAR);
    LoopedSound parts = clicks(1, 0, Strength.PART);
    player.play(beats);
    int before = heard(2).size();
    player.change(parts);
    List<Float> after = heard(3);
    int block = before / 2;
    assertThat(after.subList(block, after.size()))
        .as("the block on its way may still be the old sound; those behind it are not")
        .isEqualTo(samples(parts, before + block, 2 * block));
  }

  @Test
  void aSoundOutOfStepBeginsAtItsStart() throws Exception {
    player.play(clicks(1, 0, Strength.BAR));
    heard(2);
    LoopedSound other = clicks(0.5, 0.002, Strength.BAR);
    player.change(other);
    int block = 1024;
    List<Float> heard = heard(4);
    List<Float> start = samples(other, 0, block);
    List<List<Float>> blocks =
        List.of(
            heard.subList(0, block),
            heard.subList(block, 2 * block),
            heard.subList(2 * block, 3 * block));
    assertThat(blocks).contains(start);
  }

  @Test
  void theClickThatIsHeardCanBeSeenToo() throws Exception {
    assertThat(player.clickNow()).isEmpty();
    player.play(clicks(1, 0.01, Strength.BEAT));
    heard(1);
    assertThat(player.clickNow().orElseThrow().click().strength()).isEqualTo(Strength.BEAT);
    player.stop();
    assertThat(player.clickNow()).isEmpty();
  }

  @Test
  void whereThereIsNoDeviceTheStandInSaysWhy() throws Exception {
    assertThat(player.silentBecause()).as("nobody tried yet").isEmpty();
    player.play(clicks(1, 0, Strength.BEAT));
    heard(1);
    assertThat(player.silentBecause()).contains("a test");
  }

  @Test
  void closingFreesTheLineOnceAndForAll() throws Exception {
    player.play(clicks(1, 0, Strength.BEAT));
    heard(1);
    player.close();
    player.close();
    String event = line.events.poll(10, TimeUnit.SECONDS);
    while (!"close".equals(event)) {
      assertThat(event).isEqualTo("discard");
      event = line.events.poll(10, TimeUnit.SECONDS);
    }
    assertThat(line.events).isEmpty();
  }

  @Test
  void theSilentLineKeepsTime() throws Exception {
    AtomicLong nanos = new AtomicLong(5_000);
    SilentLine silent = new SilentLine(nanos::get, "no sound device");
    silent.write(new float[4_000]);
    assertThat(silent.heard()).isZero();
    nanos.addAndGet(TimeUnit.MILLISECONDS.toNanos(50));
    assertThat(silent.heard()).isEqualTo(2_205);
    nanos.addAndGet(TimeUnit.SECONDS.toNanos(1));
    assertThat(silent.heard()).as("no more than it was given").isEqualTo(4_000);
    silent.discard();
    assertThat(silent.heard()).isZero();
    assertThat(silent.silentBecause()).contains("no sound device");
  }
}
