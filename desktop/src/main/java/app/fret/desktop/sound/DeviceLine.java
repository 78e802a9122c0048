package app.fret.desktop.sound;

import app.fret.sound.Renderer;
import java.util.Optional;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** The line of the system's own sound device: 16 bits, one channel. */
final class DeviceLine implements SoundLine {
  private static final AudioFormat FORMAT = new AudioFormat(Renderer.RATE, 16, 1, true, false);
  private static final int BYTES_A_SAMPLE = 2;
  private static final int HIGHEST = Short.MAX_VALUE;

  /** Enough to bridge a pause of the program, little enough to stop at once. */
  private static final double BUFFER_SECONDS = 0.12;

  private final SourceDataLine line;
  private volatile long discardedAt;

  DeviceLine(SourceDataLine line) {
    this.line = line;
  }

  /** Opens the system's line, or a silent one where there is none or another program holds it. */
  static SoundLine open() {
    try {
      SourceDataLine line = AudioSystem.getSourceDataLine(FORMAT);
      line.open(FORMAT, (int) (BUFFER_SECONDS * Renderer.RATE) * BYTES_A_SAMPLE);
      line.start();
      return new DeviceLine(line);
    } catch (LineUnavailableException e) {
      return new SilentLine(System::nanoTime, "the sound device is in use");
    } catch (IllegalArgumentException | SecurityException e) {
      return new SilentLine(System::nanoTime, "no sound device");
    }
  }

  @Override
  public void write(float[] samples) {
    byte[] bytes = new byte[samples.length * BYTES_A_SAMPLE];
    for (int i = 0; i < samples.length; i++) {
      int value = Math.round(samples[i] * HIGHEST);
      bytes[BYTES_A_SAMPLE * i] = (byte) value;
      bytes[BYTES_A_SAMPLE * i + 1] = (byte) (value >> Byte.SIZE);
    }
    line.write(bytes, 0, bytes.length);
  }

  @Override
  public long heard() {
    return line.getLongFramePosition() - discardedAt;
  }

  @Override
  public void discard() {
    line.stop();
    line.flush();
    discardedAt = line.getLongFramePosition();
    line.start();
  }

  @Override
  public Optional<String> silentBecause() {
    return Optional.empty();
  }

  @Override
  public void close() {
    line.close();
  }
}
