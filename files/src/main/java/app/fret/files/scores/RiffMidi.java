package app.fret.files.scores;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;

/** MIDI that is wrapped in RIFF, as files that end in {@code .rmi} are. */
final class RiffMidi {
  private static final int HEAD = 12;
  private static final int CHUNK_HEAD = 8;

  private RiffMidi() {}

  /** The MIDI file inside (RIFF form RMID, chunk data); empty for any other file. */
  static Optional<byte[]> content(byte[] bytes) {
    if (bytes.length < HEAD || !text(bytes, 0).equals("RIFF") || !text(bytes, 8).equals("RMID")) {
      return Optional.empty();
    }
    ByteBuffer little = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
    int at = HEAD;
    while (at + CHUNK_HEAD <= bytes.length) {
      long size = Integer.toUnsignedLong(little.getInt(at + 4));
      int from = at + CHUNK_HEAD;
      int to = (int) Math.min(bytes.length, from + size);
      if (text(bytes, at).equals("data")) {
        return Optional.of(Arrays.copyOfRange(bytes, from, to));
      }
      at = to + (int) (size % 2);
    }
    return Optional.empty();
  }

  private static String text(byte[] bytes, int at) {
    return new String(bytes, at, 4, StandardCharsets.US_ASCII);
  }
}
