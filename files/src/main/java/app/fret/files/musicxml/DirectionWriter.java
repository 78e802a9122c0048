package app.fret.files.musicxml;

import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Tempo;
import app.fret.score.WrittenLength;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;

/** Makes the directions of a passage, each with its onset, stops before starts. */
final class DirectionWriter {
  private static final Set<String> NAMED_DYNAMICS =
      Set.of(
          "p", "pp", "ppp", "pppp", "f", "ff", "fff", "ffff", "mp", "mf", "sf", "sfp", "sfpp", "fp",
          "rf", "rfz", "sfz", "sffz", "fz", "n", "pf", "sfzp");

  private static final int STOPS = 0;
  private static final int MARKS = 1;
  private static final int STARTS = 2;

  private final List<Placed> placed = new ArrayList<>();

  /**
   * A direction and when it stands.
   *
   * @param order which come first at one time
   * @param type what stands in its {@code direction-type}
   */
  record Placed(Fraction onset, int order, boolean above, XmlOut.Content type) {}

  /** All directions in order of time. */
  List<Placed> placed(Directions directions) {
    directions
        .rehearsals()
        .forEach(r -> mark(r.onset(), true, xml -> xml.leaf("rehearsal", r.text())));
    directions.tempos().forEach(t -> mark(t.onset(), true, tempo(t.tempo())));
    directions.words().forEach(w -> mark(w.onset(), w.above(), words(w.text())));
    directions.dynamics().forEach(d -> mark(d.onset(), false, dynamic(d.sign())));
    addHairpins(directions.hairpins());
    addOctaveShifts(directions.octaveShifts());
    placed.sort(Comparator.comparing(Placed::onset).thenComparingInt(Placed::order));
    return placed;
  }

  private void mark(Fraction onset, boolean above, XmlOut.Content type) {
    placed.add(new Placed(onset, MARKS, above, type));
  }

  private static XmlOut.Content words(String text) {
    return switch (text) {
      case Directions.Words.SEGNO -> xml -> xml.empty("segno");
      case Directions.Words.CODA -> xml -> xml.empty("coda");
      default -> xml -> xml.leaf("words", text);
    };
  }

  private static XmlOut.Content tempo(Tempo tempo) {
    BeatUnit beat = tempo.beat();
    boolean dotted = beat.length().getNumerator() == 3;
    Fraction plain = dotted ? beat.length().multiply(Fraction.of(2, 3)) : beat.length();
    String unit = Lengths.type(WrittenLength.longestWithin(plain).value());
    String perMinute = BigDecimal.valueOf(tempo.perMinute()).stripTrailingZeros().toPlainString();
    return xml -> {
      xml.open("metronome").leaf("beat-unit", unit);
      if (dotted) {
        xml.empty("beat-unit-dot");
      }
      xml.leaf("per-minute", perMinute).close();
    };
  }

  private static XmlOut.Content dynamic(String sign) {
    return xml -> {
      xml.open("dynamics");
      if (NAMED_DYNAMICS.contains(sign)) {
        xml.empty(sign);
      } else {
        xml.leaf("other-dynamics", sign);
      }
      xml.close();
    };
  }

  private void addHairpins(List<Directions.Hairpin> hairpins) {
    SpanNumbers numbers = new SpanNumbers();
    for (Directions.Hairpin hairpin : hairpins) {
      String number = numbers.of(hairpin.from(), hairpin.to());
      String kind = hairpin.growing() ? "crescendo" : "diminuendo";
      wedge(hairpin.from(), STARTS, kind, number);
      wedge(hairpin.to(), STOPS, "stop", number);
    }
  }

  private void wedge(Fraction onset, int order, String kind, String number) {
    placed.add(
        new Placed(onset, order, false, xml -> xml.empty("wedge", "type", kind, "number", number)));
  }

  private void addOctaveShifts(List<Directions.OctaveShift> shifts) {
    SpanNumbers numbers = new SpanNumbers();
    for (Directions.OctaveShift shift : shifts) {
      String number = numbers.of(shift.from(), shift.to());
      octaveShift(shift.from(), STARTS, shift.octaves() > 0 ? "down" : "up", shift, number);
      octaveShift(shift.to(), STOPS, "stop", shift, number);
    }
  }

  private void octaveShift(
      Fraction onset, int order, String kind, Directions.OctaveShift shift, String number) {
    String size = String.valueOf(7 * Math.abs(shift.octaves()) + 1);
    placed.add(
        new Placed(
            onset,
            order,
            shift.octaves() > 0,
            xml -> xml.empty("octave-shift", "type", kind, "number", number, "size", size)));
  }

  /** Numbers by which spans that overlap are told apart; asked in order of their starts. */
  private static final class SpanNumbers {
    private final NumberPool<Fraction[]> pool = new NumberPool<>();
    private final List<Fraction[]> open = new ArrayList<>();

    String of(Fraction from, Fraction to) {
      for (Fraction[] span : List.copyOf(open)) {
        if (span[1].compareTo(from) <= 0) {
          pool.free(span);
          open.remove(span);
        }
      }
      Fraction[] span = {from, to};
      open.add(span);
      return String.valueOf(pool.take(span));
    }
  }
}
