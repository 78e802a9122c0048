package app.fret.files.musicxml;

import app.fret.files.PartNames;
import app.fret.files.ReadPassage;
import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.instrument.StatedTuning;
import app.fret.score.Bar;
import app.fret.score.BarAccidentals;
import app.fret.score.EightBelow;
import app.fret.score.Event;
import app.fret.score.Joins;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Sounding;
import app.fret.score.Ties;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Reads one part as a passage, measure by measure, keeping the fullest voice.
 *
 * <p>What other voices and unsupported signs hold is listed, never dropped silently: a reading
 * notes every element it takes, and {@link Leftovers} names all others.
 */
final class PartReader {
  private final Source root;
  private final Source part;
  private final ScorePlace place;
  private final String title;
  private final String partName;
  private final Skipped skipped;
  private final Leftovers leftovers;
  private final Voice voice;
  private final NoteReader noteReader;
  private final SpanReader spans;
  private final DirectionReader directions;
  private final BarState state;
  private static final String BASS = "bass";

  private final List<Bar> bars = new ArrayList<>();
  private final List<Event> events = new ArrayList<>();

  PartReader(
      Source root, Source part, ScorePlace place, String title, String partName, Skipped skipped) {
    this.root = root;
    this.part = part;
    this.place = place;
    this.title = title;
    this.partName = partName;
    this.skipped = skipped;
    this.leftovers = new Leftovers(skipped);
    this.voice = Voice.main(part.element());
    this.noteReader = new NoteReader(skipped);
    this.spans = new SpanReader(skipped);
    this.directions = new DirectionReader(skipped);
    this.state = new BarState(skipped, voice.staff());
  }

  ReadPassage read() throws ScoreRejectedException {
    List<Source> measures = part.children("measure");
    if (measures.isEmpty()) {
      throw new ScoreRejectedException(place, "the part has no bars");
    }
    Fraction onset = Fraction.ZERO;
    for (int i = 0; i < measures.size(); i++) {
      String bar = label(measures.get(i));
      try {
        boolean edge = i == 0 || i == measures.size() - 1;
        onset = new MeasureReader(this, measures.get(i), i, edge, onset).read();
      } catch (ArithmeticException e) {
        throw new ScoreRejectedException(
            place.inBar(bar), "its note lengths cannot be counted exactly");
      } catch (IllegalArgumentException e) {
        throw new ScoreRejectedException(place.inBar(bar), e.getMessage());
      }
      leftovers.ofBar(measures.get(i), bar);
    }
    leftovers.ofHead(root);
    part.each().stream()
        .filter(other -> !other.name().equals("measure"))
        .forEach(other -> skipped.add(SignNames.words(other.name(), "part")));
    return new ReadPassage(
        passage(),
        directions.playbackTempo(),
        state.tuning().equals(StatedTuning.NONE) ? directions.tuning() : state.tuning(),
        skipped.list(),
        leftovers.layout());
  }

  private Passage passage() throws ScoreRejectedException {
    PassageBuilder builder =
        new PassageBuilder()
            .title(title)
            .part(partName)
            .directions(directions.directions())
            .transposition(state.transposition());
    int next = 0;
    for (int bar = 0; bar < bars.size(); bar++) {
      int first = next;
      while (next < events.size() && events.get(next).bar() == bar) {
        next++;
      }
      builder.bar(bars.get(bar), events.subList(first, next));
    }
    spans.slurs().forEach(slur -> builder.slur(slur.first(), slur.last()));
    spans.tuplets().forEach(builder::tuplet);
    Passage built = builder.build();
    List<Event> events = Joins.settled(Ties.settled(built.events()));
    Passage passage = EightBelow.settled(BarAccidentals.completed(built.withEvents(events)));
    if (EightBelow.isOpen(passage)
        && PartNames.instrumentOf(passage.partName()).orElse(BASS).equals(BASS)) {
      skipped.add(
          "no transposition under a clef with an 8: taken to sound where the clef puts it, not an"
              + " octave lower");
    }
    listLostJoins(built.events(), passage);
    if (Divisions.of(passage).isEmpty()) {
      throw new ScoreRejectedException(
          place,
          "its note lengths have no common measure that a score can count in; look for tuplets"
              + " of unusual numbers");
    }
    return passage;
  }

  private void listLostJoins(List<Event> read, Passage passage) {
    for (int i = 0; i < read.size(); i++) {
      boolean kept =
          passage.events().get(i) instanceof Sounding now && now.marks().join().isPresent();
      if (read.get(i) instanceof Sounding then && then.marks().join().isPresent() && !kept) {
        skipped.add(
            "a glissando or tremolo that leads to no note", passage.bars().get(then.bar()).label());
      }
    }
  }

  /** Elements of the file that this reading took, by number, for the test that asks of each. */
  Source source() {
    return part;
  }

  /** Number of a bar as printed. */
  static String label(Source measure) {
    return measure
        .attribute("number")
        .map(app.fret.files.PlainWords::quoted)
        .filter(n -> !n.isEmpty())
        .orElse("?");
  }

  ScorePlace place() {
    return place;
  }

  Skipped skipped() {
    return skipped;
  }

  Voice voice() {
    return voice;
  }

  NoteReader noteReader() {
    return noteReader;
  }

  SpanReader spans() {
    return spans;
  }

  DirectionReader directions() {
    return directions;
  }

  BarState state() {
    return state;
  }

  List<Bar> bars() {
    return bars;
  }

  List<Event> events() {
    return events;
  }
}
