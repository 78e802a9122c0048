package app.fret.time;

import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Bar;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Where a passage may broaden: in its last two bars, and in the bar before an arrival, which is a
 * long note on a first beat that is the loudest so far in its phrase. Proposed only: nothing
 * broadens unasked (common practice, no source).
 */
public final class Broadening {
  private static final double END = 0.85;
  private static final double ARRIVAL = 0.93;
  private static final int FEWEST_BARS = 4;
  private static final Fraction LONG = Fraction.of(1, 2);

  private Broadening() {}

  /** The proposals for a passage, in order; none where the player has a place there already. */
  public static List<TempoProposal> of(Reading reading, TempoChoices tempo) {
    List<TempoProposal> proposals = new ArrayList<>();
    List<PlayedNote> notes = reading.notes();
    int bars = reading.passage().bars().size();
    if (notes.isEmpty() || bars < FEWEST_BARS) {
      return proposals;
    }
    for (Span phrase : reading.phrases()) {
      for (int n = phrase.first() + 1; n <= phrase.last(); n++) {
        if (notes.get(n).bar() < bars - 2 && isArrival(reading, phrase, n)) {
          add(
              reading,
              tempo,
              notes.get(n).bar() - 1,
              n - 1,
              ARRIVAL,
              "may broaden before the arrival in bar " + label(reading, notes.get(n).bar()),
              proposals);
        }
      }
    }
    add(
        reading,
        tempo,
        bars - 2,
        notes.size() - 1,
        END,
        "may broaden in the last two bars",
        proposals);
    return proposals;
  }

  private static String label(Reading reading, int bar) {
    return reading.passage().bars().get(bar).label();
  }

  private static boolean isArrival(Reading reading, Span phrase, int number) {
    PlayedNote note = reading.notes().get(number);
    Bar bar = reading.passage().bars().get(note.bar());
    boolean first = bar.placeInMetre(note.onset()).signum() == 0;
    if (!first || note.length().compareTo(LONG) < 0 || note.bar() == 0) {
      return false;
    }
    for (int before = phrase.first(); before < number; before++) {
      if (reading.level(before) >= reading.level(number)) {
        return false;
      }
    }
    return true;
  }

  private static void add(
      Reading reading,
      TempoChoices tempo,
      int fromBar,
      int lastNote,
      double share,
      String words,
      List<TempoProposal> proposals) {
    int first = -1;
    for (PlayedNote note : reading.notes()) {
      first =
          first < 0 && note.bar() >= fromBar && note.number() <= lastNote ? note.number() : first;
    }
    if (first < 0) {
      return;
    }
    TempoPlace place =
        new TempoPlace(
            TempoPlace.Kind.FREE,
            reading.places().top(first),
            reading.places().top(lastNote),
            Math.round(tempo.target().perMinute() * share));
    boolean taken =
        tempo.places().stream()
            .anyMatch(
                p -> p.from().bar() <= place.to().bar() && place.from().bar() <= p.to().bar());
    if (!taken) {
      proposals.add(new TempoProposal(place, words));
    }
  }
}
