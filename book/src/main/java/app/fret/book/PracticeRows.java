package app.fret.book;

import app.fret.practice.Gate;
import app.fret.practice.PracticeChoices;
import app.fret.score.NoteRef;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Decisions for practice as rows of text: {@code clean}, {@code clean-needed}, {@code strict},
 * {@code keep-beat}, {@code trial}, and a row for the first note of each chunk that the player cut.
 */
final class PracticeRows {
  /** The area of these rows. */
  static final String AREA = "practice";

  private static final String CLEAN = "clean";
  private static final String CLEAN_NEEDED = "clean-needed";
  private static final String STRICT = "strict";
  private static final String KEEP_BEAT = "keep-beat";
  private static final String CHUNK = "chunk ";
  private static final String TRIAL = "trial";
  private static final String YES = "yes";

  private PracticeRows() {}

  /** The rows of all that is not as it is without a decision. */
  static Map<String, String> of(PracticeChoices practice) {
    Map<String, String> rows = new LinkedHashMap<>();
    practice.cleanPerMinute().ifPresent(clean -> rows.put(CLEAN, String.valueOf(clean)));
    Gate gate = practice.gate();
    if (gate.cleanNeeded() != Gate.USUAL.cleanNeeded()) {
      rows.put(CLEAN_NEEDED, String.valueOf(gate.cleanNeeded()));
    }
    if (gate.isStrict()) {
      rows.put(STRICT, YES);
    }
    if (practice.keepsBeat()) {
      rows.put(KEEP_BEAT, YES);
    }
    practice.chunkStarts().forEach(start -> rows.put(CHUNK + start, YES));
    practice.trial().ifPresent(t -> rows.put(TRIAL, TrialText.of(t)));
    return rows;
  }

  /**
   * Takes a row into what is decided.
   *
   * @throws IllegalArgumentException when the row makes no sense
   */
  static PracticeChoices with(PracticeChoices practice, String item, String value) {
    if (item.startsWith(CHUNK)) {
      List<NoteRef> starts = new ArrayList<>(practice.chunkStarts());
      starts.add(NoteRef.parse(item.substring(CHUNK.length())));
      return practice.withChunkStarts(starts);
    }
    return switch (item) {
      case CLEAN -> practice.withClean(OptionalDouble.of(Double.parseDouble(value)));
      case CLEAN_NEEDED ->
          practice.with(new Gate(Integer.parseInt(value), practice.gate().isStrict()));
      case STRICT -> practice.with(new Gate(practice.gate().cleanNeeded(), value.equals(YES)));
      case TRIAL -> practice.withTrial(Optional.of(TrialText.read(value)));
      case KEEP_BEAT -> practice.withBeatKept(value.equals(YES));
      default -> throw new IllegalArgumentException("'" + item + "' is no decision of practice");
    };
  }
}
