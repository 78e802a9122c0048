package app.fret.files;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;

/**
 * Reads JSON that came from outside, within limits on size, depth and number of values, so that a
 * small file cannot fill the memory with brackets.
 */
public final class SafeJson {
  /** Largest description in bytes. */
  public static final int MOST_BYTES = 32 * 1024 * 1024;

  private static final int MOST_DEPTH = 64;
  private static final int MOST_NAME = 1_000;
  private static final int MOST_DIGITS = 100;

  /**
   * A hundred passes a day for years; as empty brackets they stay below a few hundred megabytes.
   */
  private static final long MOST_TOKENS = 3_000_000;

  private static final ObjectMapper MAPPER =
      new ObjectMapper(
          JsonFactory.builder()
              .streamReadConstraints(
                  StreamReadConstraints.builder()
                      .maxDocumentLength(MOST_BYTES)
                      .maxNestingDepth(MOST_DEPTH)
                      .maxTokenCount(MOST_TOKENS)
                      .maxNameLength(MOST_NAME)
                      .maxNumberLength(MOST_DIGITS)
                      .build())
              .build());

  private SafeJson() {}

  /**
   * Reads a text.
   *
   * @throws IOException when it is no JSON or holds more than any file of Fret may; a {@link
   *     com.fasterxml.jackson.core.exc.StreamConstraintsException} in the latter case
   */
  public static JsonNode read(byte[] text) throws IOException {
    return MAPPER.readTree(text);
  }
}
