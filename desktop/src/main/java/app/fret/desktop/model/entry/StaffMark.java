package app.fret.desktop.model.entry;

import app.fret.edit.StaffPen;
import app.fret.score.BeatUnit;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Understands a mark that is named in words: a loudness, a metre, a key, a clef, a tempo. */
public final class StaffMark {
  /** What can be asked, for a player who wonders. */
  public static final String EXAMPLES = "mf, dolce, 3/4, key D, key F minor, clef tenor, tempo 96";

  private static final Pattern DYNAMIC = Pattern.compile("p{1,4}|f{1,4}|mp|mf|s?f{1,2}z?|fp|rfz?");
  private static final Pattern METRE = Pattern.compile("(\\d{1,2}(?:\\+\\d{1,2}){0,5})/(\\d{1,2})");
  private static final Pattern KEY =
      Pattern.compile("key ([a-g])([#♯b♭]?)\\s?(m|minor|major)?", Pattern.CASE_INSENSITIVE);
  private static final Pattern CLEF = Pattern.compile("clef (treble|alto|tenor|bass)");
  private static final Pattern TEMPO =
      Pattern.compile("(?:tempo|([a-z-]+) =) (\\d{2,3})", Pattern.CASE_INSENSITIVE);

  /** Fifths of the major keys on the letters C to B. */
  private static final String LETTERS = "fcgdaeb";

  private static final int MINOR = 3;
  private static final int SHARP = 7;

  private StaffMark() {}

  /**
   * What the words do to a pen: those that name nothing else stand over the staff as they are.
   *
   * @throws IllegalArgumentException when they name a metre or key that there is not
   */
  public static UnaryOperator<StaffPen> of(String words) {
    String plain = words.strip();
    String lower = plain.toLowerCase(Locale.ROOT);
    if (plain.isEmpty()) {
      return p -> p.dynamic("").words("");
    }
    if (DYNAMIC.matcher(plain).matches()) {
      return p -> p.dynamic(plain);
    }
    return metre(lower)
        .<UnaryOperator<StaffPen>>map(m -> p -> p.metre(m))
        .or(() -> key(plain).map(k -> p -> p.key(k)))
        .or(() -> clef(lower).map(c -> p -> p.clef(c)))
        .or(() -> tempo(lower).map(t -> p -> p.tempo(t)))
        .orElse(p -> p.words(plain));
  }

  private static Optional<Metre> metre(String words) {
    Matcher matcher = METRE.matcher(words);
    if (!matcher.matches()) {
      return Optional.empty();
    }
    List<Integer> groups = new ArrayList<>();
    for (String group : matcher.group(1).split("\\+")) {
      groups.add(Integer.parseInt(group));
    }
    try {
      return Optional.of(new Metre(groups, Integer.parseInt(matcher.group(2)), Metre.Sign.FIGURES));
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException("there is no metre " + words + "; write one like 3/4", e);
    }
  }

  private static Optional<Key> key(String words) {
    Matcher matcher = KEY.matcher(words);
    if (!matcher.matches()) {
      return Optional.empty();
    }
    int fifths = LETTERS.indexOf(matcher.group(1).toLowerCase(Locale.ROOT)) - 1;
    String sign = matcher.group(2);
    fifths += sign.isEmpty() ? 0 : sign.equals("#") || sign.equals("♯") ? SHARP : -SHARP;
    String mode = matcher.group(3);
    fifths -= mode == null || mode.toLowerCase(Locale.ROOT).equals("major") ? 0 : MINOR;
    if (Math.abs(fifths) > SHARP) {
      throw new IllegalArgumentException(
          "no signature has " + Math.abs(fifths) + " signs; write a key like D or F minor");
    }
    return Optional.of(new Key(fifths));
  }

  private static Optional<Clef> clef(String words) {
    Matcher matcher = CLEF.matcher(words);
    return matcher.matches() ? Optional.of(Clef.NAMED.get(matcher.group(1))) : Optional.empty();
  }

  private static Optional<Tempo> tempo(String words) {
    Matcher matcher = TEMPO.matcher(words);
    if (!matcher.matches()) {
      return Optional.empty();
    }
    BeatUnit beat =
        matcher.group(1) == null
            ? BeatUnit.QUARTER
            : BeatUnit.named(matcher.group(1), Metre.of(4, 4));
    return Optional.of(Tempo.asked(beat, Integer.parseInt(matcher.group(2))));
  }
}
