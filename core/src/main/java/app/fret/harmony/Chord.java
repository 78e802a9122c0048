package app.fret.harmony;

import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * A chord that notes spell.
 *
 * @param root letter of its root
 * @param alter sharps or flats of its root
 * @param quality what kind it is
 */
public record Chord(Step root, int alter, Quality quality) {
  private static final int LETTERS = 7;
  private static final int SEMITONES = 12;

  /** Kinds of chord, by the semitones of third, fifth and seventh above the root. */
  public enum Quality {
    MAJOR("major", "", 4, 7),
    MINOR("minor", "", 3, 7),
    DIMINISHED("diminished", "°", 3, 6),
    AUGMENTED("augmented", "+", 4, 8),
    DOMINANT_SEVENTH("dominant seventh", "7", 4, 7, 10),
    MINOR_SEVENTH("minor seventh", "7", 3, 7, 10),
    MAJOR_SEVENTH("major seventh", "maj7", 4, 7, 11),
    HALF_DIMINISHED("half-diminished seventh", "ø7", 3, 6, 10),
    DIMINISHED_SEVENTH("diminished seventh", "°7", 3, 6, 9);

    private static final int PURE_FIFTH = 7;

    private final String words;
    private final String suffix;
    private final List<Integer> semitones;

    Quality(String words, String suffix, Integer... semitones) {
      this.words = words;
      this.suffix = suffix;
      this.semitones = List.of(semitones);
    }

    /** Third, fifth and seventh in semitones above the root. */
    List<Integer> semitonesAboveRoot() {
      return semitones;
    }

    /** Whether its seventh wants to fall: a dominant or a diminished seventh. */
    public boolean isDominant() {
      return this == DOMINANT_SEVENTH || this == HALF_DIMINISHED || this == DIMINISHED_SEVENTH;
    }

    /** Whether its fifth is diminished. */
    public boolean isDiminished() {
      return this == DIMINISHED || this == DIMINISHED_SEVENTH || this == HALF_DIMINISHED;
    }

    /** Whether its fifth is no pure one, so that the chord is another without it. */
    boolean isFifthTold() {
      return semitones.get(1) != PURE_FIFTH;
    }

    boolean isMinorThird() {
      return semitones.get(0) == 3;
    }
  }

  /** A letter with its signs, octaves left out. */
  private record Name(Step step, int alter) {
    int semitone() {
      return step.semitonesAboveC() + alter;
    }
  }

  /** The chord these pitches spell when each of its notes is there and no other. */
  public static Optional<Chord> of(Collection<WrittenPitch> pitches) {
    Set<Name> names = new LinkedHashSet<>();
    pitches.forEach(p -> names.add(new Name(p.step(), p.alter())));
    for (Name root : names) {
      for (Quality quality : Quality.values()) {
        if (names.size() == quality.semitones.size() + 1 && spells(names, root, quality)) {
          return Optional.of(new Chord(root.step(), root.alter(), quality));
        }
      }
    }
    return Optional.empty();
  }

  private static boolean spells(Set<Name> names, Name root, Quality quality) {
    for (int third = 0; third < quality.semitones.size(); third++) {
      Step letter = Step.values()[(root.step().ordinal() + 2 * (third + 1)) % LETTERS];
      int wanted = (root.semitone() + quality.semitones.get(third)) % SEMITONES;
      boolean there =
          names.stream()
              .anyMatch(
                  n -> n.step() == letter && Math.floorMod(n.semitone() - wanted, SEMITONES) == 0);
      if (!there) {
        return false;
      }
    }
    return true;
  }

  /** Its sign over a staff, such as {@code Am}, {@code D7} or {@code F♯ø7}. */
  public String sign() {
    boolean isLettered = quality == Quality.MINOR || quality == Quality.MINOR_SEVENTH;
    return Tonic.name(root, alter) + (isLettered ? "m" : "") + quality.suffix;
  }

  /** Its name, such as {@code B♭ major} or {@code F♯ half-diminished seventh}. */
  public String words() {
    return Tonic.name(root, alter) + " " + quality.words;
  }

  /** Its degree in a key, such as {@code V7}, {@code ii} or {@code ♭VI}. */
  public String degree(Tonic tonic) {
    String[] numerals = {"I", "II", "III", "IV", "V", "VI", "VII"};
    int step = Math.floorMod(root.ordinal() - tonic.step().ordinal(), LETTERS);
    int usual = tonic.semitonesOf(step);
    int semitones =
        Math.floorMod(
            root.semitonesAboveC() + alter - tonic.step().semitonesAboveC() - tonic.alter(),
            SEMITONES);
    int away = Math.floorMod(semitones - usual + SEMITONES / 2, SEMITONES) - SEMITONES / 2;
    // The leading note of minor is raised in any case: its chord bears no sign for it.
    boolean leads = tonic.minor() && step == LETTERS - 1 && away == 1 && quality.isDiminished();
    String sign = leads ? "" : away < 0 ? "♭".repeat(-away) : "♯".repeat(away);
    String numeral =
        quality.isMinorThird() ? numerals[step].toLowerCase(Locale.ROOT) : numerals[step];
    return sign + numeral + quality.suffix;
  }
}
