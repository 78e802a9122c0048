package app.fret.bow.stroke;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/**
 * What a player decides of a stroke.
 *
 * @param act what is done
 * @param kind the kind of stroke asked for, of {@link Act#KIND} only
 * @param place place on the bow at its start, 0 at the frog to 1 at the tip, of {@link Act#AT} only
 * @param amountCm hair it takes, in cm, of {@link Act#AMOUNT} only
 */
public record StrokeDecision(
    Act act, Optional<StrokeKind> kind, OptionalDouble place, OptionalDouble amountCm) {
  private static final String KIND_SIGN = "kind:";
  private static final String AMOUNT_SIGN = "cm:";
  private static final String PLACE_SIGN = "at:";
  private static final double MOST_CM = 75;

  /** What can be decided; the sign is its name in files and commands. */
  public enum Act {
    DOWN("down", "down-bow"),
    UP("up", "up-bow"),
    /** The bow changes after this note. */
    SPLIT("split", "split after it"),
    /** It is slurred to the stroke before. */
    JOIN("join", "slurred to the stroke before"),
    /** It goes on the way of the stroke before, which stops. */
    HOOK("hook", "hooked to the stroke before"),
    /** It goes the way of the stroke before, lifted or not. */
    TWO("two", "two in one direction"),
    /** The bow is lifted and set anew before it. */
    RETAKE("retake", "retake before it"),
    /** It goes whatever way the one before leaves. */
    AS_IT_COMES("as-it-comes", "as it comes"),
    /** The bow changes once inside this note, on the beat nearest to its middle. */
    CHANGE_INSIDE("change-inside", "bow changed inside it"),
    /** This note is left early. */
    SHORTEN("shorten", "left early"),
    /** Slow with weight, near the bridge. */
    WEIGHT("weight", "slow with weight"),
    /** Light and fast near the fingerboard. */
    LIGHT("light", "light and fast near the fingerboard"),
    KIND("kind", "kind of stroke"),
    AT("at", "place on the bow"),
    AMOUNT("cm", "amount of bow");

    private final String sign;
    private final String words;

    Act(String sign, String words) {
      this.sign = sign;
      this.words = words;
    }

    private boolean needsNoMore() {
      return this != KIND && this != AT && this != AMOUNT;
    }

    /** Its name in files and commands. */
    public String sign() {
      return sign;
    }
  }

  /** All that can be decided, as it is written in files and commands. */
  public static final List<String> FORMS =
      Arrays.stream(Act.values())
          .map(
              act ->
                  switch (act) {
                    case KIND -> KIND_SIGN + "NAME";
                    case AT -> PLACE_SIGN + "PLACE";
                    case AMOUNT -> AMOUNT_SIGN + "AMOUNT";
                    default -> act.sign();
                  })
          .toList();

  public StrokeDecision {
    if (kind.isPresent() != (act == Act.KIND)
        || place.isPresent() != (act == Act.AT)
        || amountCm.isPresent() != (act == Act.AMOUNT)) {
      throw new IllegalArgumentException("a decision of the bow with what does not belong to it");
    }
    if (place.isPresent() && !(place.getAsDouble() >= 0 && place.getAsDouble() <= 1)) {
      throw new IllegalArgumentException(
          "no place on the bow: " + place.getAsDouble() + "; use 0 (frog) to 1 (tip)");
    }
    if (amountCm.isPresent()
        && !(amountCm.getAsDouble() > 0 && amountCm.getAsDouble() <= MOST_CM)) {
      throw new IllegalArgumentException(
          "no amount of bow: " + amountCm.getAsDouble() + " cm; use above 0 to 75");
    }
  }

  /** A decision that needs no more than its name. */
  public static StrokeDecision of(Act act) {
    return new StrokeDecision(
        act, Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty());
  }

  /** The stroke is of this kind. */
  public static StrokeDecision kind(StrokeKind kind) {
    return new StrokeDecision(
        Act.KIND, Optional.of(kind), OptionalDouble.empty(), OptionalDouble.empty());
  }

  /** The stroke starts at this place of the bow, from 0 to 1. */
  public static StrokeDecision at(double place) {
    return new StrokeDecision(
        Act.AT, Optional.empty(), OptionalDouble.of(place), OptionalDouble.empty());
  }

  /** The stroke takes so much hair, in cm, above 0. */
  public static StrokeDecision amountCm(double cm) {
    return new StrokeDecision(
        Act.AMOUNT, Optional.empty(), OptionalDouble.empty(), OptionalDouble.of(cm));
  }

  /**
   * Reads the form that {@link #toString} writes: {@code down}, {@code kind:spiccato}, {@code
   * at:0.4}, {@code cm:12.5}.
   *
   * @throws IllegalArgumentException saying what there is
   */
  public static StrokeDecision parse(String text) {
    if (text.startsWith(KIND_SIGN)) {
      return kind(kindNamed(text.substring(KIND_SIGN.length())));
    }
    if (text.startsWith(PLACE_SIGN)) {
      return at(place(text.substring(PLACE_SIGN.length())));
    }
    if (text.startsWith(AMOUNT_SIGN)) {
      return amountCm(cm(text.substring(AMOUNT_SIGN.length())));
    }
    for (Act act : Act.values()) {
      if (act.sign.equals(text) && act.needsNoMore()) {
        return of(act);
      }
    }
    throw new IllegalArgumentException(
        "no decision of the bow '" + text + "'; use " + String.join(", ", FORMS));
  }

  private static StrokeKind kindNamed(String name) {
    return Arrays.stream(StrokeKind.values())
        .filter(k -> k.sign().equals(name))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "no kind of stroke '"
                        + name
                        + "'; use "
                        + Arrays.stream(StrokeKind.values())
                            .map(StrokeKind::sign)
                            .collect(Collectors.joining(", "))));
  }

  private static double place(String text) {
    try {
      return Double.parseDouble(text);
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException(
          "no place on the bow: '" + text + "'; use 0 (frog) to 1 (tip)", e);
    }
  }

  private static double cm(String text) {
    try {
      return Double.parseDouble(text);
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException(
          "no amount of bow: '" + text + "'; use centimetres, such as cm:12", e);
    }
  }

  /**
   * Why it says nothing on a note of a passage; empty where it does.
   *
   * @param note number of the note
   * @param count notes of the passage
   */
  public Optional<String> whyWithoutEffect(int note, int count) {
    return switch (act) {
      case JOIN, HOOK, TWO, RETAKE ->
          note == 0 ? Optional.of("there is no stroke before the first note") : Optional.empty();
      case SPLIT ->
          note + 1 == count
              ? Optional.of("there is no stroke behind the last note")
              : Optional.empty();
      default -> Optional.empty();
    };
  }

  /** What it does, for players. */
  public String words() {
    return switch (act) {
      case KIND -> kind.orElseThrow().words();
      case AT -> "starts " + BowPlace.words(place.orElseThrow());
      case AMOUNT -> String.format(Locale.ROOT, "%.0f cm of bow", amountCm.orElseThrow());
      default -> act.words;
    };
  }

  /** Whether both cannot hold for one stroke, so that the newer takes the place of the older. */
  boolean excludes(StrokeDecision other) {
    return act == other.act || group() == other.group();
  }

  /** Decisions of one group answer one question. */
  private int group() {
    return switch (act) {
      case DOWN, UP, AS_IT_COMES -> 0;
      case JOIN, HOOK, TWO, RETAKE -> 1;
      case SPLIT -> 2;
      case CHANGE_INSIDE -> 3;
      case SHORTEN -> 4;
      case KIND -> 5;
      case AT -> 6;
      case WEIGHT, LIGHT -> 7;
      case AMOUNT -> 8;
    };
  }

  @Override
  public String toString() {
    return switch (act) {
      case KIND -> KIND_SIGN + kind.orElseThrow().sign();
      case AT -> PLACE_SIGN + place.orElseThrow();
      case AMOUNT -> AMOUNT_SIGN + amountCm.orElseThrow();
      default -> act.sign;
    };
  }
}
