package app.fret.time;

import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Directions.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Regions at another tempo that words ask for, in shares of the tempo before, until the next such
 * word. Proposed only, to be taken: how much "a little slower" is, the player says (the shares are
 * common practice, no source).
 */
public final class TempoWords {
  private static final String LITTLE =
      "(?:un )?poco |un peu |etwas |ein wenig |a little |un pochettino ";
  private static final double A_LITTLE_OF_IT = 0.55;
  private static final double STILL_MORE = 0.6;
  private static final double LEAST_CHANGE = 0.01;

  /** Words by their share; the first that is found in a text counts. */
  private static final Map<Pattern, Double> SHARES = new LinkedHashMap<>();

  private static final Pattern BACK =
      word(
          "tempo i|tempo 1|tempo primo|tempo 1mo|a tempo|in tempo|hauptzeitma(?:ß|ss)|im (?:ersten )?zeitma(?:ß|ss)|erstes zeitma(?:ß|ss)|wieder im tempo|au mouvement|1er mouvement|mouvement initial");
  private static final Pattern MORE =
      word("noch mehr|ancora più|ancora di più|encore plus|still more");
  private static final Pattern A_LITTLE = Pattern.compile("(?<!\\p{L})(?:" + LITTLE + ")");

  static {
    SHARES.put(
        word(
            "meno(?: mosso| allegro| vivo)?|moins (?:vite|vif|animé)|weniger bewegt|less movement"),
        0.85);
    SHARES.put(
        word(
            "più (?:lento|tranquillo|calmo)|plus (?:lent|calme)|langsamer|ruhiger|breiter|slower|calmer"),
        0.85);
    SHARES.put(
        word(
            "più (?:mosso|animato|vivo|allegro|presto)|più|plus (?:vite|vif|animé)|schneller|rascher|lebhafter|belebter|bewegter|faster|quicker"),
        1.15);
    SHARES.put(word("frischer|fließender|fliessender|fresher"), 1.08);
  }

  private TempoWords() {}

  private static Pattern word(String words) {
    return Pattern.compile(
        "(?<!\\p{L})(?:" + words + ")(?!\\p{L})", Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  }

  /** A word with the share of the main tempo that it asks for. */
  private record Asked(Fraction onset, String text, double share) {}

  /** The regions for a passage in order; none where the player has a place there already. */
  public static List<TempoProposal> of(Reading reading, TempoChoices tempo) {
    List<Asked> asked = asked(reading);
    List<TempoProposal> proposals = new ArrayList<>();
    for (int i = 0; i < asked.size(); i++) {
      Asked one = asked.get(i);
      OptionalInt first = firstFrom(reading, one.onset());
      OptionalInt next =
          i + 1 < asked.size() ? firstFrom(reading, asked.get(i + 1).onset()) : OptionalInt.empty();
      int last = next.orElse(reading.notes().size()) - 1;
      boolean isOther = Math.abs(one.share() - 1) >= LEAST_CHANGE;
      if (isOther && first.isPresent() && first.getAsInt() <= last) {
        TempoPlace place = place(reading.places(), first.getAsInt(), last, tempo, one.share());
        boolean isTaken = tempo.places().stream().anyMatch(p -> meets(p, place));
        if (!isTaken) {
          proposals.add(new TempoProposal(place, words(one)));
        }
      }
    }
    return proposals;
  }

  private static TempoPlace place(
      NotePlaces places, int first, int last, TempoChoices tempo, double share) {
    return new TempoPlace(
        TempoPlace.Kind.REGION,
        places.top(first),
        places.top(last),
        Math.round(tempo.target().perMinute() * share));
  }

  private static boolean meets(TempoPlace one, TempoPlace other) {
    return one.from().bar() <= other.to().bar() && other.from().bar() <= one.to().bar();
  }

  private static String words(Asked asked) {
    return String.format(
        Locale.ROOT, "“%s”, about %.0f %% of the tempo", asked.text(), 100 * asked.share());
  }

  /** A word counts from the tempo before it; one for the main tempo goes back to that. */
  private static List<Asked> asked(Reading reading) {
    List<Asked> asked = new ArrayList<>();
    double share = 1;
    for (Words words : reading.passage().directions().words()) {
      double next = after(share, words.text());
      if (next != share) {
        asked.add(new Asked(words.onset(), words.text().strip(), next));
        share = next;
      }
    }
    return asked;
  }

  private static double after(double before, String text) {
    if (BACK.matcher(text).find()) {
      return 1;
    }
    if (MORE.matcher(text).find()) {
      return before * (1 + STILL_MORE * (before - 1));
    }
    String plain = text.toLowerCase(Locale.ROOT);
    for (Map.Entry<Pattern, Double> entry : SHARES.entrySet()) {
      if (entry.getKey().matcher(text).find()) {
        boolean isLittle = A_LITTLE.matcher(plain).find();
        double change = entry.getValue() - 1;
        return before * (1 + (isLittle ? A_LITTLE_OF_IT * change : change));
      }
    }
    return before;
  }

  private static OptionalInt firstFrom(Reading reading, Fraction onset) {
    return reading.notes().stream()
        .filter(n -> n.onset().compareTo(onset) >= 0)
        .mapToInt(PlayedNote::number)
        .findFirst();
  }
}
