package app.fret.files.scores;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/**
 * The text of a file that is plain text.
 *
 * @param text the text
 * @param remark how its letters were read, where that had to be guessed
 */
record PlainText(String text, Optional<String> remark) {
  private static final Charset WESTERN = Charset.forName("windows-1252");

  /** The text of a file; empty for one of markup or of other bytes. */
  static Optional<PlainText> of(byte[] bytes) {
    if (bytes.length == 0 || isMarkup(bytes) || !isText(bytes)) {
      return Optional.empty();
    }
    try {
      String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
      return Optional.of(
          new PlainText(text.startsWith("\uFEFF") ? text.substring(1) : text, Optional.empty()));
    } catch (CharacterCodingException e) {
      return Optional.of(
          new PlainText(
              new String(bytes, WESTERN),
              Optional.of("the letters of the file, which are no UTF-8, were read as Latin-1")));
    }
  }

  private static boolean isMarkup(byte[] bytes) {
    int at = 0;
    while (at < bytes.length && Character.isWhitespace(bytes[at])) {
      at++;
    }
    return at < bytes.length && bytes[at] == '<' || bytes[0] == 'P' && isZip(bytes);
  }

  private static boolean isZip(byte[] bytes) {
    return bytes.length > 3 && bytes[1] == 'K' && bytes[2] < ' ';
  }

  /** Text has no bytes that no letter is written with. */
  private static boolean isText(byte[] bytes) {
    for (byte each : bytes) {
      boolean control = each >= 0 && each < ' ' && each != '\n' && each != '\r' && each != '\t';
      if (control && each != '\f') {
        return false;
      }
    }
    return true;
  }
}
