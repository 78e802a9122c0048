package app.fret.reading;

import app.fret.reading.Asked.Part;
import app.fret.reading.Asked.Stroke;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words that say how to play, in Italian, French, German and English, written out, abbreviated and
 * inflected, read as phrases: "non legato" is one sign. Common practice, no source.
 */
public final class PlayingWords {
  /** What goes before a word without changing what it asks. */
  private static final String DEGREE =
      "(?:(?:molto|sempre|ben|assai|poco|très|tres|sehr|immer|quasi) )?";

  private static final List<Rule> RULES = new ArrayList<>();

  static {
    stroke(
        Stroke.NON_LEGATO,
        "non leg(?:ato|\\.)|nicht gebunden|non lié|not joined|sciolt[oae]",
        "separate bows, clearly apart");
    stroke(
        Stroke.LEGATO,
        "leg(?:ato|atissimo|\\.)|gebunden|lié|legatiss(?:imo|\\.)",
        "changes of bow unheard");
    stroke(
        Stroke.DETACHE,
        "détach[ée]s?|detach[eé]s?|detached|breit gestrichen",
        "a bow to each note, on the string");
    stroke(Stroke.TENUTO, "ten(?:uto|ute|\\.)|tenu|gehalten", "full length");
    stroke(
        Stroke.SPICCATO,
        "spicc(?:ato|ata|ati|\\.)|springend|mit springendem bogen|springbogen|rebondi|off the string",
        "off the string");
    stroke(Stroke.SAUTILLE, "saut(?:illé|ille|illée)|saltando|saltato", "springing by itself");
    stroke(
        Stroke.STACCATO,
        "stacc(?:ato|atissimo|ata|ati|\\.)|gestoßen|gestossen|piqué|pique",
        "short");
    stroke(
        Stroke.MARTELE,
        "martel[eé](?:e|é)?|martellato|martell?\\.|gehämmert",
        "a bitten start, then a stop");
    stroke(
        Stroke.MARCATO,
        "marc(?:ato|atissimo|atiss\\.|ata|\\.)|markiert|marqué|marque",
        "each note marked");
    part(Part.FROG, "(?:au|du) talon|al tallone|am frosch|at the frog|alla nocca", "at the frog");
    part(
        Part.TIP,
        "(?:a )?punta d['’ ]?arco|alla punta|a la pointe|à la pointe|(?:an der )?spitze|at the (?:tip|point)",
        "at the tip");
    part(
        Part.MIDDLE,
        "au milieu(?: de l['’]archet)?|in der mitte(?: des bogens)?|middle of the bow|metà d['’ ]?arco",
        "in the middle of the bow");
    part(
        Part.LOWER_HALF,
        "untere hälfte|unterer halber bogen|lower half|moitié inférieure",
        "in the lower half");
    part(
        Part.UPPER_HALF,
        "obere hälfte|oberer halber bogen|upper half|moitié supérieure",
        "in the upper half");
    rule(
        "flaut(?:ando|ato|\\.)|flûté|flautend|wie eine flöte",
        Asked::asFlute,
        "fast, light and long near the fingerboard");
    rule(
        "restez|restare|restate|in posizione|in der lage bleiben|stay in position|remain in position|rester",
        Asked::staying,
        "the hand stays in its position");
    rule(
        "(?:modo )?ord(?:inario|inaire|\\.)?|nat(?:urale|ürlich|urel|\\.)|gewöhnlich|normal|arco|pizz(?:icato|\\.)?",
        a -> a.ordinary().moving(),
        "");
  }

  /** A word and what it changes. */
  private record Rule(
      Pattern pattern, UnaryOperator<Asked> change, String asks, Optional<Stroke> stroke) {}

  /**
   * A word that was found.
   *
   * @param text as printed
   * @param asks what it asks for, a phrase
   * @param stroke the kind of stroke it asks for, if it does
   */
  public record Obeyed(String text, String asks, Optional<Stroke> stroke) {}

  private record Found(int at, Rule rule, String text) {}

  private PlayingWords() {}

  private static void stroke(Stroke stroke, String words, String asks) {
    RULES.add(new Rule(pattern(words), a -> a.with(stroke), asks, Optional.of(stroke)));
  }

  private static void part(Part part, String words, String asks) {
    rule(words, a -> a.with(part), asks);
  }

  private static void rule(String words, UnaryOperator<Asked> change, String asks) {
    RULES.add(new Rule(pattern(words), change, asks, Optional.empty()));
  }

  private static Pattern pattern(String words) {
    String whole = "(?<![\\p{L}])" + DEGREE + "(?:" + words + ")(?![\\p{L}])";
    return Pattern.compile(whole, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  }

  /** The words in a text that say how to play, in order. */
  public static List<Obeyed> in(String text) {
    return found(text).stream()
        .filter(f -> !f.rule().asks().isEmpty())
        .map(f -> new Obeyed(f.text(), f.rule().asks(), f.rule().stroke()))
        .toList();
  }

  /** What is asked after a text. */
  static Asked after(Asked before, String text) {
    Asked now = before;
    for (Found found : found(text)) {
      now = found.rule().change().apply(now);
    }
    return now;
  }

  /** Earlier rules take their words away from later ones: "non legato" is no "legato". */
  private static List<Found> found(String text) {
    StringBuilder left = new StringBuilder(text.toLowerCase(Locale.ROOT));
    List<Found> found = new ArrayList<>();
    for (Rule rule : RULES) {
      Matcher matcher = rule.pattern().matcher(left);
      while (matcher.find()) {
        found.add(new Found(matcher.start(), rule, text.substring(matcher.start(), matcher.end())));
        for (int i = matcher.start(); i < matcher.end(); i++) {
          left.setCharAt(i, '|');
        }
        matcher.reset(left);
      }
    }
    found.sort(Comparator.comparingInt(Found::at));
    return found;
  }
}
