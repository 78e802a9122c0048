package app.fret.engraving;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Bar;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Passage;
import app.fret.score.Rest;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class LongRestsTest {
  /** Five bars, the middle three of rest. */
  private static Passage resting() {
    Passage plain = Music.passage("C5/1 | r/1 | r/1 | r/1 | D5/1");
    List<Event> events = new ArrayList<>();
    for (Event event : plain.events()) {
      events.add(
          event instanceof Rest rest
              ? new Rest(rest.bar(), rest.onset(), rest.length(), rest.written(), true)
              : event);
    }
    return plain.withEvents(events);
  }

  private static Passage with(Passage passage, Directions directions, List<Bar> bars) {
    return new Passage(
        passage.title(),
        passage.partName(),
        bars,
        passage.events(),
        passage.slurs(),
        passage.tuplets(),
        directions,
        Optional.empty());
  }

  @Test
  void barsOfRestAreDrawnAsOneWithTheirNumber() {
    LongRests rests = new LongRests(resting());
    assertThat(rests.barsDrawnAs(1)).isEqualTo(3);
    assertThat(rests.isHidden(2)).isTrue();
    assertThat(rests.isHidden(3)).isTrue();
    assertThat(rests.barsDrawnAs(4)).isEqualTo(1);
    Engraving engraving = new Engraver().engrave(resting(), 100);
    List<Mark> marks = engraving.systems().get(0).marks();
    assertThat(marks)
        .filteredOn(m -> m instanceof Mark.Glyph g && g.sign() == Smufl.REST_WHOLE)
        .isEmpty();
    assertThat(marks)
        .filteredOn(m -> m instanceof Mark.Glyph g && g.sign() == Smufl.TIME_3 && g.y() < 0)
        .hasSize(1);
    assertThat(engraving.systems().get(0).bars()).hasSize(5);
  }

  @Test
  void aRehearsalMarkEndsTheRun() {
    Passage plain = resting();
    Directions directions =
        new Directions(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(new Directions.Rehearsal(plain.bars().get(2).onset(), "B")),
            List.of());
    LongRests rests = new LongRests(with(plain, directions, plain.bars()));
    assertThat(rests.barsDrawnAs(1)).isEqualTo(1);
    assertThat(rests.barsDrawnAs(2)).isEqualTo(2);
  }

  @Test
  void aDoubleBarEndsTheRun() {
    Passage plain = resting();
    List<Bar> bars = new ArrayList<>(plain.bars());
    Bar second = bars.get(1);
    bars.set(
        1,
        new Bar(
            second.label(),
            second.uncounted(),
            second.onset(),
            second.length(),
            second.metre(),
            second.key(),
            second.clefs(),
            Bar.Edges.PLAIN.withLine(Bar.Line.DOUBLE)));
    LongRests rests = new LongRests(with(plain, Directions.NONE, bars));
    assertThat(rests.barsDrawnAs(1)).isEqualTo(1);
    assertThat(rests.barsDrawnAs(2)).isEqualTo(2);
  }

  @Test
  void oneBarOfRestKeepsItsSign() {
    Passage one = Music.passage("C5/1 | r/1 | D5/1");
    assertThat(new LongRests(one).barsDrawnAs(1)).isEqualTo(1);
  }
}
