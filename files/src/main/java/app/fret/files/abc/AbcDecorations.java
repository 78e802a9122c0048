package app.fret.files.abc;

import app.fret.score.BowDirection;
import app.fret.score.Directions;
import app.fret.score.Finger;
import app.fret.score.Marks.Articulation;
import app.fret.score.Marks.Ornament;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/** What the signs before a note mean, by their names between two exclamation marks. */
final class AbcDecorations {
  private static final Map<String, Consumer<AbcSigns>> KNOWN = new HashMap<>();
  private static final Map<Character, String> LETTERS =
      Map.of(
          '.',
          "staccato",
          'H',
          "fermata",
          'L',
          "accent",
          'M',
          "lowermordent",
          'P',
          "uppermordent",
          'T',
          "trill",
          'u',
          "upbow",
          'v',
          "downbow",
          'S',
          "segno",
          'O',
          "coda");
  private static final Set<String> DYNAMICS =
      Set.of(
          "pppp", "ppp", "pp", "p", "mp", "mf", "f", "ff", "fff", "ffff", "sfz", "sf", "fp", "fz",
          "rfz");

  static {
    articulation(Articulation.STACCATO, "staccato", "stacc");
    articulation(Articulation.STACCATISSIMO, "wedge", "staccatissimo");
    articulation(Articulation.TENUTO, "tenuto");
    articulation(Articulation.ACCENT, "accent", ">", "emphasis");
    articulation(Articulation.STRONG_ACCENT, "marcato", "^");
    ornament(Ornament.TRILL, "trill");
    ornament(Ornament.MORDENT, "lowermordent", "mordent");
    ornament(Ornament.INVERTED_MORDENT, "uppermordent", "pralltriller");
    ornament(Ornament.TURN, "turn");
    ornament(Ornament.INVERTED_TURN, "invertedturn");
    KNOWN.put("upbow", s -> s.setBow(BowDirection.UP));
    KNOWN.put("downbow", s -> s.setBow(BowDirection.DOWN));
    KNOWN.put("fermata", AbcSigns::setFermata);
    KNOWN.put("segno", s -> s.add(new AbcSigns.Text(Directions.Words.SEGNO, true)));
    KNOWN.put("coda", s -> s.add(new AbcSigns.Text(Directions.Words.CODA, true)));
    KNOWN.put("open", s -> s.add(Finger.OPEN));
    KNOWN.put("thumb", s -> s.add(Finger.THUMB));
    for (Finger finger : Finger.values()) {
      KNOWN.put(finger.sign(), s -> s.add(finger));
    }
    DYNAMICS.forEach(sign -> KNOWN.put(sign, s -> s.addDynamic(sign)));
    wedge("crescendo", "<", AbcSigns.Wedge.GROWS);
    wedge("diminuendo", ">", AbcSigns.Wedge.FADES);
  }

  private AbcDecorations() {}

  private static void articulation(Articulation sign, String... names) {
    for (String name : names) {
      KNOWN.put(name, s -> s.add(sign));
    }
  }

  private static void ornament(Ornament sign, String... names) {
    for (String name : names) {
      KNOWN.put(name, s -> s.add(sign));
    }
  }

  private static void wedge(String word, String sign, AbcSigns.Wedge begin) {
    for (String name : new String[] {word, sign}) {
      KNOWN.put(name + "(", s -> s.add(begin));
      KNOWN.put(name + ")", s -> s.add(AbcSigns.Wedge.ENDS));
    }
  }

  /** What a name adds to a note; empty for one that no passage can hold. */
  static Optional<Consumer<AbcSigns>> named(String name) {
    return Optional.ofNullable(KNOWN.get(name));
  }

  /** The name that a letter before a note stands for; empty when it stands for none. */
  static Optional<String> ofLetter(char letter) {
    return Optional.ofNullable(LETTERS.get(letter));
  }
}
