package app.fret.bow.stroke;

import app.fret.brief.Brief;
import app.fret.instrument.OpenString;
import app.fret.reading.Technique;
import app.fret.score.SoundingPitch;
import app.fret.shape.Character;
import java.util.List;

/** Where the bow touches the string, and how its hair lies (common practice, no source). */
public enum Contact {
  BRIDGE("bridge"),
  MIDDLE("middle"),
  FINGERBOARD("fingerboard");

  private static final double LOUD_STEP = -0.4;
  private static final double SOFT_STEP = 0.35;
  private static final double SLOW_STEP = -0.4;
  private static final double FAST_STEP = 0.4;
  private static final double HIGH_STEP = -0.4;
  private static final double CHARACTER_STEP = 0.4;
  private static final double EDGE = 0.3;
  private static final double SLOW = 0.55;
  private static final double FAST = 1.5;

  /** From so many half steps above the open string on a note is high. */
  static final int HIGH_SEMITONES = 12;

  private static final double FLAT_FROM_LEVEL = 7;
  private static final double TILT_PER_LEVEL = 7;
  private static final double MOST_TILT = 30;

  private final String words;

  Contact(String words) {
    this.words = words;
  }

  /** Its name for players and in files. */
  public String words() {
    return words;
  }

  /**
   * Where the bow touches the string on a note.
   *
   * @param beside amount of the stroke beside what its level asks for
   */
  public static Contact of(Brief brief, BowedNote note, Recipe recipe, double beside) {
    if (brief.reading().technique(note.number()).asked().isFlute()) {
      return FINGERBOARD;
    }
    Technique.Place printed = brief.reading().technique(note.number()).place();
    if (printed != Technique.Place.ORDINARY) {
      return printed == Technique.Place.BRIDGE ? BRIDGE : FINGERBOARD;
    }
    if (recipe == Recipe.LIGHT_AND_FAST) {
      return FINGERBOARD;
    }
    double lane = note.isLoud() ? LOUD_STEP : note.isSoft() ? SOFT_STEP : 0;
    lane += recipe == Recipe.WEIGHT_LED || beside < SLOW ? SLOW_STEP : 0;
    lane += beside > FAST ? FAST_STEP : 0;
    lane += isHigh(brief, note) ? HIGH_STEP : 0;
    lane +=
        CHARACTER_STEP
            * brief
                .levels()
                .phraseOf(note.number())
                .character()
                .map(Character::contactStep)
                .orElse(0);
    return lane < -EDGE ? BRIDGE : lane > EDGE ? FINGERBOARD : MIDDLE;
  }

  /** Whether a note lies high on its string. */
  public static boolean isHigh(Brief brief, BowedNote note) {
    return semitones(brief, note) >= HIGH_SEMITONES;
  }

  /** Whether it is an open string by itself. */
  public static boolean isOpen(Brief brief, BowedNote note) {
    return note.strings().size() == 1 && semitones(brief, note) == 0;
  }

  /** Half steps of its top note above the open string. */
  private static int semitones(Brief brief, BowedNote note) {
    List<SoundingPitch> heads = brief.pitches().get(note.number());
    OpenString string = brief.player().instrument().strings().get(note.topString() - 1);
    return heads.get(heads.size() - 1).midi() - string.pitch().midi();
  }

  /** How far the stick leans away from the bridge, in degrees: flat hair in forte. */
  public static double tiltDegrees(double level) {
    return Math.max(0, Math.min(MOST_TILT, (FLAT_FROM_LEVEL - level) * TILT_PER_LEVEL));
  }
}
