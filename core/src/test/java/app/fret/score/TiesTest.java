package app.fret.score;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.reading.PlayedNote;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

class TiesTest {
  private static Sounding with(Event event, boolean from, boolean to) {
    Sounding sounding = (Sounding) event;
    return sounding.withNotes(sounding.notes().stream().map(n -> n.withTies(from, to)).toList());
  }

  private static int played(Passage passage) {
    return PlayedNote.of(passage).size();
  }

  @Test
  void aTieNamedAtEitherEndIsOne() {
    Passage plain = Music.passage("G4/2 G4/2");
    List<Event> events = plain.events();
    List<List<Event>> oneSided =
        List.of(
            List.of(with(events.get(0), false, true), events.get(1)),
            List.of(events.get(0), with(events.get(1), true, false)));
    for (List<Event> each : oneSided) {
      assertThat(played(plain.withEvents(Ties.settled(each)))).isEqualTo(1);
    }
    assertThat(played(plain)).isEqualTo(2);
  }

  @Test
  void oneHeadOfADoubleStopIsTiedAndTheOtherIsNot() {
    Passage plain = Music.passage("D4+A4/2 D4+B4/2");
    Sounding first = (Sounding) plain.events().get(0);
    List<Note> heads = List.of(first.notes().get(0).withTies(false, true), first.notes().get(1));
    List<Event> ties = Ties.settled(List.of(first.withNotes(heads), plain.events().get(1)));
    Sounding second = (Sounding) ties.get(1);
    assertThat(second.notes()).extracting(Note::tiedFrom).containsExactly(true, false);
  }

  @Test
  void aTieIntoARestOrAnotherPitchStaysAsPrinted() {
    Passage plain = Music.passage("G4/2 r/2 | G4/2 A4/2");
    List<Event> events =
        List.of(
            with(plain.events().get(0), false, true),
            plain.events().get(1),
            with(plain.events().get(2), false, true),
            plain.events().get(3));
    assertThat(Ties.settled(events)).isEqualTo(events);
  }
}
