package app.fret.files.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.sound.Renderer;
import app.fret.sound.SoundPlan;
import app.fret.sound.SoundPlan.Click;
import app.fret.sound.SoundPlan.Strength;
import app.fret.sound.SoundPlan.Tone;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;

/** What is written is read back by the platform's own readers of WAV and MIDI. */
class SoundFilesTest {
  private final SoundPlan plan =
      new SoundPlan(
          2.5,
          List.of(
              new Click(0, Strength.BAR),
              new Click(0.75, Strength.BEAT),
              new Click(1.5, Strength.PART)),
          List.of(new Tone(0, 2.5, 220, 0.5)));

  @Test
  void aWavFileHasTheSamplesOfThePlan() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    WavWriter.write(plan, out);
    try (AudioInputStream in =
        AudioSystem.getAudioInputStream(new ByteArrayInputStream(out.toByteArray()))) {
      AudioFormat format = in.getFormat();
      assertThat(format.getSampleRate()).isEqualTo(44_100);
      assertThat(format.getSampleSizeInBits()).isEqualTo(16);
      assertThat(format.getChannels()).isEqualTo(1);
      assertThat(format.isBigEndian()).isFalse();
      assertThat(in.getFrameLength()).isEqualTo(Math.round(2.5 * 44_100));
      byte[] bytes = in.readAllBytes();
      float[] samples = new Renderer(plan).render(0, bytes.length / 2);
      for (int i = 0; i < samples.length; i += 97) {
        int read = (bytes[2 * i] & 0xFF) | bytes[2 * i + 1] << 8;
        assertThat((double) read).isCloseTo(samples[i] * Short.MAX_VALUE, within(0.51));
      }
    }
  }

  @Test
  void aMidiFileHasEveryClickAtItsTime() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ClickMidi.write(plan, out);
    Sequence sequence = MidiSystem.getSequence(new ByteArrayInputStream(out.toByteArray()));
    double ticksASecond = 2.0 * sequence.getResolution();
    List<Double> on = new ArrayList<>();
    for (int i = 0; i < sequence.getTracks()[0].size(); i++) {
      MidiEvent event = sequence.getTracks()[0].get(i);
      if (event.getMessage() instanceof ShortMessage message
          && message.getCommand() == ShortMessage.NOTE_ON
          && message.getData2() > 0) {
        on.add(event.getTick() / ticksASecond);
      }
    }
    assertThat(on).containsExactly(0.0, 0.75, 1.5);
  }

  @Test
  void whatLastsLongerThanThreeHoursIsRefused() {
    SoundPlan endless = new SoundPlan(4 * 60 * 60, List.of(), List.of());
    assertThatThrownBy(() -> WavWriter.write(endless, new ByteArrayOutputStream()))
        .hasMessageContaining("three hours");
  }
}
