package app.fret.files.sound;

import app.fret.sound.Renderer;
import app.fret.sound.SoundPlan;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** Writes a plan as WAV: RIFF, PCM of 16 bit, one channel, 44,100 samples a second. */
public final class WavWriter {
  private static final int HEADER = 44;
  private static final int BYTES_A_SAMPLE = 2;
  private static final int BLOCK = 8192;
  private static final int FORMAT_BYTES = 16;
  private static final short PCM = 1;
  private static final short ONE_CHANNEL = 1;

  /** Longest plan a file can hold, in s: its length is a 32 bit number. */
  public static final double MOST_SECONDS = 3 * 60 * 60;

  private WavWriter() {}

  /**
   * Writes a plan.
   *
   * @param out where to; left open
   * @throws IllegalArgumentException when it is longer than three hours
   */
  public static void write(SoundPlan plan, OutputStream out) throws IOException {
    if (plan.seconds() > MOST_SECONDS) {
      throw new IllegalArgumentException("the sound lasts longer than three hours; loop it less");
    }
    Renderer renderer = new Renderer(plan);
    long length = renderer.length();
    out.write(header((int) (length * BYTES_A_SAMPLE)));
    for (long from = 0; from < length; from += BLOCK) {
      int count = (int) Math.min(BLOCK, length - from);
      ByteBuffer bytes = ByteBuffer.allocate(count * BYTES_A_SAMPLE).order(ByteOrder.LITTLE_ENDIAN);
      for (float sample : renderer.render(from, count)) {
        bytes.putShort((short) Math.round(sample * Short.MAX_VALUE));
      }
      out.write(bytes.array());
    }
  }

  private static byte[] header(int dataBytes) {
    ByteBuffer header = ByteBuffer.allocate(HEADER).order(ByteOrder.LITTLE_ENDIAN);
    header.put(ascii("RIFF")).putInt(HEADER - 8 + dataBytes).put(ascii("WAVE"));
    header.put(ascii("fmt ")).putInt(FORMAT_BYTES).putShort(PCM).putShort(ONE_CHANNEL);
    header.putInt(Renderer.RATE).putInt(Renderer.RATE * BYTES_A_SAMPLE);
    header.putShort((short) BYTES_A_SAMPLE).putShort((short) (8 * BYTES_A_SAMPLE));
    header.put(ascii("data")).putInt(dataBytes);
    return header.array();
  }

  private static byte[] ascii(String text) {
    return text.getBytes(StandardCharsets.US_ASCII);
  }
}
