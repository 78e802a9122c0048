package app.fret.practice.schedule;

import app.fret.practice.drill.DrillKind;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What went wrong at a miss, with the drills that help and what to mind (common practice, no
 * source).
 */
public enum MissKind {
  LOW("low", "low", "aim beyond it", Help.PITCH),
  HIGH("high", "high", "stop short of it", Help.PITCH),
  LATE("late", "late", "start the move earlier", Help.TIME),
  EARLY("early", "early", "wait for the beat", Help.TIME),
  SCRATCHED("scratched", "scratched", "set the bow before it moves", Help.TONE),
  STRING("string", "on the wrong string", "let the arm go first", Help.CROSSING),
  OUT_OF_BOW("out-of-bow", "out of bow", "save bow from the first note on", Help.BOW),
  MEMORY("memory", "forgotten", "say the next group before it comes", Help.MEMORY),
  OTHER("other", "missed", "", List.of());

  /** Drills by what they teach. */
  private static final class Help {
    static final List<DrillKind> PITCH =
        List.of(
            DrillKind.STOP_AND_SHIFT,
            DrillKind.GUIDE_SILENT,
            DrillKind.GUIDE_SLIDE,
            DrillKind.LOWER_BOTH_UPPER,
            DrillKind.CHORD_TUNING,
            DrillKind.DRONE,
            DrillKind.WITHOUT_VIBRATO,
            DrillKind.FRAME_LANDING);
    static final List<DrillKind> TIME =
        List.of(
            DrillKind.CLICK_OFF,
            DrillKind.ACCENTED_GROUPS,
            DrillKind.SYNCOPATION,
            DrillKind.WORDS,
            DrillKind.JOINT,
            DrillKind.THERE_AND_BACK,
            DrillKind.RECORD_AND_COMPARE);
    static final List<DrillKind> TONE =
        List.of(
            DrillKind.BOW_ALONE,
            DrillKind.SLUR_STOP_ACCENT,
            DrillKind.HOOKED_DOTS,
            DrillKind.ONE_BOW_STACCATO,
            DrillKind.PLANES_AT_PLACES);
    static final List<DrillKind> CROSSING =
        List.of(
            DrillKind.PLANES_AT_PLACES,
            DrillKind.LINGER_ON_BOTH,
            DrillKind.BOW_ALONE,
            DrillKind.STACKED_DOUBLE_STOPS);
    static final List<DrillKind> BOW =
        List.of(DrillKind.BOW_ALONE, DrillKind.CRESCENDO_SCALE, DrillKind.SUDDEN_LEVEL);
    static final List<DrillKind> MEMORY =
        List.of(
            DrillKind.CHAIN_BACK,
            DrillKind.LAST_FIRST,
            DrillKind.CHAIN_FORWARD,
            DrillKind.INNER_PULSE);

    private Help() {}
  }

  private final String id;
  private final String words;
  private final String advice;
  private final List<DrillKind> drills;

  MissKind(String id, String words, String advice, List<DrillKind> drills) {
    this.id = id;
    this.words = words;
    this.advice = advice;
    this.drills = drills;
  }

  /** What it is called in files. */
  public String id() {
    return id;
  }

  /** What it is called on screen. */
  public String words() {
    return words;
  }

  /** What to mind, as part of a sentence; blank where nothing is known. */
  public String advice() {
    return advice;
  }

  /** Whether a drill helps against it. */
  boolean isHelpedBy(String drill) {
    return DrillKind.ofId(drill).filter(drills::contains).isPresent();
  }

  /** The kind of a name in files. */
  public static Optional<MissKind> ofId(String id) {
    return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
  }
}
