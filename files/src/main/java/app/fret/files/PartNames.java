package app.fret.files;

import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Which instrument the name of a part means, in Italian, French, German and English (common
 * practice, no source).
 */
public final class PartNames {
  /**
   * Longer and more special names first: a contrabass is no bass clarinet, a Violoncello no viol.
   */
  private static final List<Map.Entry<String, Pattern>> NAMES =
      List.of(
          name(
              "cello",
              "violoncell[oi]|violoncellos?|violoncelles?|violoncelli?|violoncellen|cell[oi]|cellos"
                  + "|vcl?|vlc"),
          name(
              "bass",
              "contrabb?ass[oi]?|contrebasses?|kontrab[aä]sse?|double bass(es)?"
                  + "|string bass(es)?|bass(es)?|bassi|cb|kb|db|cbs"),
          name("viola", "violas?|viole|alto|altos|altviole|bratschen?|vla|vle|va|br"),
          name("violin", "violins?|violin[oie]|violinen|violons?|geigen?|vlns?|vni|vl|vn|viol"));

  /** What follows a string instrument's name when another is meant. */
  private static final Pattern OTHERS =
      Pattern.compile(
          "clarinet|clarinette|klarinette|clarinetto|saxophone?|sax|flute|flöte|flauto|voice|"
              + "trombone|posaune|drum|tuba|guitar|gitarre|recorder|horn|trumpet|d'?amore|da gamba"
              + "|solist|singer|chorus|chor|oboe|tenor|sopran");

  private PartNames() {}

  private static Map.Entry<String, Pattern> name(String instrument, String words) {
    return Map.entry(instrument, Pattern.compile("(^|[^a-zà-ÿ])(" + words + ")($|[^a-zà-ÿ])"));
  }

  /** The instrument a part is for; empty when its name tells none of ours. */
  public static Optional<String> instrumentOf(String partName) {
    String name = Normalizer.normalize(partName, Normalizer.Form.NFC).toLowerCase(Locale.ROOT);
    if (OTHERS.matcher(name).find()) {
      return Optional.empty();
    }
    return NAMES.stream()
        .filter(known -> known.getValue().matcher(name).find())
        .map(Map.Entry::getKey)
        .findFirst();
  }
}
