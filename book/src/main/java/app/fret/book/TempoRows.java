package app.fret.book;

import app.fret.score.NoteRef;
import app.fret.time.Occasion;
import app.fret.time.TempoChoices;
import app.fret.time.TempoPlace;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * Decisions on the tempo as rows of text: {@code slowest}, {@code ceiling}, {@code prescribed},
 * {@code occasion}, and each place under its first note as {@code ramp 88.0 to 4@0/1 D5}.
 */
final class TempoRows {
  /** The area of these rows. */
  static final String AREA = "tempo";

  private static final String SLOWEST = "slowest";
  private static final String CEILING = "ceiling";
  private static final String PRESCRIBED = "prescribed";
  private static final String OCCASION = "occasion";
  private static final String TO = " to ";

  private TempoRows() {}

  /** The rows of all that is not as it is without a decision. */
  static Map<String, String> of(TempoChoices tempo) {
    Map<String, String> rows = new LinkedHashMap<>();
    tempo.slowest().ifPresent(s -> rows.put(SLOWEST, String.valueOf(s)));
    tempo.ceiling().ifPresent(c -> rows.put(CEILING, String.valueOf(c)));
    if (tempo.prescribed()) {
      rows.put(PRESCRIBED, "yes");
    }
    if (tempo.occasion() != Occasion.AUDITION) {
      rows.put(OCCASION, tempo.occasion().id());
    }
    for (TempoPlace place : tempo.places()) {
      rows.put(
          place.from().toString(), place.kind().id() + " " + place.perMinute() + TO + place.to());
    }
    return rows;
  }

  /**
   * Takes a row into what is decided.
   *
   * @throws IllegalArgumentException when the row makes no sense
   */
  static TempoChoices with(TempoChoices tempo, String item, String value) {
    return switch (item) {
      case SLOWEST -> tempo.within(number(value), tempo.ceiling());
      case CEILING -> tempo.within(tempo.slowest(), number(value));
      case PRESCRIBED -> tempo.withPrescribed(value.equals("yes"));
      case OCCASION -> tempo.withOccasion(Occasion.named(value));
      default -> tempo.withPlace(place(NoteRef.parse(item), value));
    };
  }

  private static OptionalDouble number(String value) {
    return OptionalDouble.of(Double.parseDouble(value));
  }

  private static TempoPlace place(NoteRef from, String value) {
    int gap = value.indexOf(' ');
    int to = value.indexOf(TO);
    if (gap < 0 || to < gap) {
      throw new IllegalArgumentException("'" + value + "' is no place with a tempo");
    }
    for (TempoPlace.Kind kind : TempoPlace.Kind.values()) {
      if (kind.id().equals(value.substring(0, gap))) {
        double perMinute = Double.parseDouble(value.substring(gap + 1, to));
        return new TempoPlace(
            kind, from, NoteRef.parse(value.substring(to + TO.length())), perMinute);
      }
    }
    throw new IllegalArgumentException("'" + value + "' is no kind of place");
  }
}
