package app.fret.files.scores;

import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** Kinds of files that are no scores, by the bytes they begin with. */
final class FileKinds {
  private static final int LONGEST = 8;
  private static final Map<String, String> BY_HEAD = new LinkedHashMap<>();

  static {
    BY_HEAD.put("25504446", "a PDF");
    BY_HEAD.put("89504e47", "a picture (PNG)");
    BY_HEAD.put("ffd8ff", "a picture (JPEG)");
    BY_HEAD.put("47494638", "a picture (GIF)");
    BY_HEAD.put("52494646", "a sound file (RIFF)");
    BY_HEAD.put("494433", "a sound file (MP3)");
    BY_HEAD.put("664c6143", "a sound file (FLAC)");
    BY_HEAD.put("4f676753", "a sound file (Ogg)");
    BY_HEAD.put("d0cf11e0", "an office document");
  }

  private FileKinds() {}

  /** What a file is called, with its article; empty for one that may be a score. */
  static Optional<String> of(byte[] bytes) {
    String head = HexFormat.of().formatHex(bytes, 0, Math.min(LONGEST, bytes.length));
    return BY_HEAD.entrySet().stream()
        .filter(kind -> head.startsWith(kind.getKey()))
        .map(Map.Entry::getValue)
        .findFirst();
  }
}
