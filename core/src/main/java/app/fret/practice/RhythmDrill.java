package app.fret.practice;

import app.fret.score.Bar;
import app.fret.score.Event;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Equal notes in pairs, one long and one short, within the beat: the long one leaves time to think,
 * the short one has to be quick (common practice, no source).
 */
public enum RhythmDrill implements DrillKind {
  /** The first of two is dotted. */
  LONG_SHORT("long and short", 1, 0),
  /** The second of two is dotted. */
  SHORT_LONG("short and long", 0, 1);

  private final String words;
  private final int dotsOfFirst;
  private final int dotsOfSecond;

  RhythmDrill(String words, int dotsOfFirst, int dotsOfSecond) {
    this.words = words;
    this.dotsOfFirst = dotsOfFirst;
    this.dotsOfSecond = dotsOfSecond;
  }

  @Override
  public String words() {
    return words;
  }

  @Override
  public Optional<DerivedPassage> from(Passage source) {
    List<Event> events = new ArrayList<>(source.events());
    boolean changed = false;
    for (int i = 0; i + 1 < events.size(); i++) {
      if (makePair(source, events, i)) {
        changed = true;
        i++;
      }
    }
    return changed ? Optional.of(derived(source, events)) : Optional.empty();
  }

  private static DerivedPassage derived(Passage source, List<Event> events) {
    Passage passage =
        new Passage(
            source.title(),
            source.partName(),
            source.bars(),
            events,
            source.slurs(),
            source.tuplets(),
            source.directions(),
            source.transposition());
    return new DerivedPassage(passage, IntStream.range(0, events.size()).boxed().toList());
  }

  /** Makes an event and the next a pair where they are equal and lie as pairs in the metre. */
  private boolean makePair(Passage source, List<Event> events, int first) {
    if (!(events.get(first) instanceof Sounding one)
        || !(events.get(first + 1) instanceof Sounding other)
        || !canPair(source.bars().get(one.bar()), one, other)) {
      return false;
    }
    NoteValue value = one.written().value();
    Sounding lengthened = with(one, one.onset(), value, dotsOfFirst);
    events.set(first, lengthened);
    events.set(first + 1, with(other, lengthened.end(), value, dotsOfSecond));
    return true;
  }

  private static boolean canPair(Bar bar, Sounding one, Sounding other) {
    return one.bar() == other.bar()
        && !one.isGrace()
        && !other.isGrace()
        && one.written().equals(other.written())
        && one.written().equals(WrittenLength.of(one.written().value()))
        && one.written().value() != NoteValue.HUNDRED_TWENTY_EIGHTH
        && bar.placeInMetre(one.onset()).divide(one.length().multiply(2)).getDenominator() == 1;
  }

  private static Sounding with(Sounding note, Fraction onset, NoteValue value, int dots) {
    NoteValue printed = dots == 0 ? NoteValue.values()[value.ordinal() + 1] : value;
    WrittenLength written = new WrittenLength(printed, dots, TupletRatio.NONE);
    return new Sounding(
        note.bar(), onset, written.length(), written, note.grace(), note.notes(), note.marks());
  }
}
