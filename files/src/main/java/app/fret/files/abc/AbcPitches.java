package app.fret.files.abc;

import app.fret.score.Key;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What letters sound: by the key, by the signs of their bar, and by a tie from the bar before. */
final class AbcPitches {
  private static final Pattern PITCH = Pattern.compile("(\\^\\^|\\^|__|_|=)?([A-Ga-g])([,']{0,8})");
  private static final int HIGHEST_OCTAVE = 9;

  private final Map<Step, Integer> altersInBar = new EnumMap<>(Step.class);
  private final Map<Integer, Integer> altersOfTies = new HashMap<>();
  private Map<Step, Integer> signsOfKey = Map.of();
  private int octaves;

  /** Reads all letters so many octaves higher from here on. */
  void setOctaves(int newOctaves) {
    octaves = newOctaves;
  }

  /** Signs of the key that are no row of fifths: these letters are altered in every bar. */
  void setSigns(Map<Step, Integer> ofKey) {
    signsOfKey = Map.copyOf(ofKey);
  }

  /** Forgets the signs of the bar. */
  void barLine() {
    altersInBar.clear();
  }

  /** Forgets what ties carried: they have arrived. */
  void arrive() {
    altersOfTies.clear();
  }

  /** Carries the alteration of a tied head over the bar line. */
  void carry(AbcItem.Head head) {
    altersOfTies.put(head.pitch().staffStep(), head.pitch().alter());
  }

  /** Whether a note begins here. */
  static boolean isAt(AbcCursor cursor) {
    return cursor.match(PITCH).lookingAt();
  }

  /** Reads a note without its length; empty where it lies beyond all octaves. */
  Optional<AbcItem.Head> read(AbcCursor cursor, Key key) {
    Matcher matcher = cursor.match(PITCH);
    matcher.lookingAt();
    cursor.goTo(matcher.end());
    char letter = matcher.group(2).charAt(0);
    Step step = Step.valueOf(String.valueOf(Character.toUpperCase(letter)));
    int octave = (Character.isLowerCase(letter) ? 5 : 4) + octaves;
    for (char mark : matcher.group(3).toCharArray()) {
      octave += mark == '\'' ? 1 : -1;
    }
    if (octave < 0 || octave > HIGHEST_OCTAVE) {
      return Optional.empty();
    }
    int alter = alter(matcher.group(1), step, octave, key);
    boolean signed = matcher.group(1) != null;
    return Optional.of(new AbcItem.Head(new WrittenPitch(step, alter, octave), signed));
  }

  private int alter(String sign, Step step, int octave, Key key) {
    if (sign != null) {
      int alter =
          switch (sign.charAt(0)) {
            case '^' -> sign.length();
            case '_' -> -sign.length();
            default -> 0;
          };
      altersInBar.put(step, alter);
      return alter;
    }
    Integer tied = altersOfTies.get(7 * octave + step.ordinal());
    int ofKey = signsOfKey.getOrDefault(step, key.alterOf(step));
    return tied != null ? tied : altersInBar.getOrDefault(step, ofKey);
  }
}
