package app.fret.reading;

import app.fret.reading.Technique.Manner;
import app.fret.reading.Technique.Place;
import app.fret.score.Bar;
import app.fret.score.Directions.Words;
import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Reads techniques from printed words. The words are the usual Italian ones, their short forms and
 * those of Fret's own drills (common practice, no source); others change nothing here.
 */
final class Techniques {
  private static final Map<String, UnaryOperator<Technique>> BEGINNINGS = new LinkedHashMap<>();

  static {
    BEGINNINGS.put("pizz", t -> t.with(Manner.PIZZICATO));
    BEGINNINGS.put("arco", t -> t.with(Manner.ARCO));
    BEGINNINGS.put("col legno", t -> t.with(Manner.COL_LEGNO));
    BEGINNINGS.put("c.l.", t -> t.with(Manner.COL_LEGNO));
    BEGINNINGS.put("sul tasto", t -> t.with(Place.FINGERBOARD));
    BEGINNINGS.put("sulla tastiera", t -> t.with(Place.FINGERBOARD));
    BEGINNINGS.put("sul pont", t -> t.with(Place.BRIDGE));
    BEGINNINGS.put("con sord", t -> t.withMute(true));
    BEGINNINGS.put("senza sord", t -> t.withMute(false));
    BEGINNINGS.put("via sord", t -> t.withMute(false));
    BEGINNINGS.put("senza vib", t -> t.withVibrato(false));
    BEGINNINGS.put("non vib", t -> t.withVibrato(false));
    BEGINNINGS.put("without vibrato", t -> t.withVibrato(false));
    BEGINNINGS.put("vibrato", t -> t.withVibrato(true));
    BEGINNINGS.put("con vib", t -> t.withVibrato(true));
    BEGINNINGS.put("molto vib", t -> t.withVibrato(true));
    BEGINNINGS.put("with vibrato", t -> t.withVibrato(true));
    BEGINNINGS.put("ord", t -> t.with(Manner.ARCO).with(Place.ORDINARY));
    BEGINNINGS.put("modo ord", t -> t.with(Manner.ARCO).with(Place.ORDINARY));
    BEGINNINGS.put("naturale", t -> t.with(Manner.ARCO).with(Place.ORDINARY));
  }

  private Techniques() {}

  /**
   * The technique of each note.
   *
   * @param passage whose words are read
   */
  static List<Technique> of(Passage passage, List<PlayedNote> notes) {
    List<Words> words = passage.directions().words();
    List<Technique> techniques = new ArrayList<>(notes.size());
    Technique now = Technique.ORDINARY;
    int next = 0;
    for (PlayedNote note : notes) {
      if (note.number() > 0 && beginsAnew(passage, notes.get(note.number() - 1), note)) {
        now = now.with(Asked.NOTHING);
      }
      while (next < words.size() && words.get(next).onset().compareTo(note.onset()) <= 0) {
        String text = words.get(next++).text();
        now = after(now, text).with(PlayingWords.after(now.asked(), text));
      }
      techniques.add(now);
    }
    return techniques;
  }

  /** A double bar, or a rest of a bar: what was asked before is over. */
  private static boolean beginsAnew(Passage passage, PlayedNote before, PlayedNote note) {
    Bar bar = passage.bars().get(before.bar());
    boolean line = note.bar() != before.bar() && bar.edges().line() == Bar.Line.DOUBLE;
    Fraction silence = note.onset().subtract(before.end());
    return line || silence.compareTo(bar.metre().barLength()) >= 0;
  }

  private static Technique after(Technique before, String text) {
    String plain = text.strip().toLowerCase(Locale.ROOT);
    for (Map.Entry<String, UnaryOperator<Technique>> known : BEGINNINGS.entrySet()) {
      if (plain.startsWith(known.getKey())) {
        return known.getValue().apply(before);
      }
    }
    return before;
  }
}
