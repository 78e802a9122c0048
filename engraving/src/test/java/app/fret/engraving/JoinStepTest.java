package app.fret.engraving;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What leads from a note to the next is drawn between their heads or stems. */
class JoinStepTest {
  private static Engraving.System system(String music, Marks.Join join) {
    Passage passage = Music.passage(music);
    List<Event> events = new ArrayList<>(passage.events());
    Sounding first = (Sounding) events.get(0);
    events.set(0, first.withMarks(first.marks().withJoin(Optional.of(join))));
    return new Engraver().engrave(passage.withEvents(events), 80).systems().get(0);
  }

  private static <T> List<T> all(Engraving.System system, Class<T> kind) {
    return system.marks().stream().filter(kind::isInstance).map(kind::cast).toList();
  }

  @Test
  void aSlideIsALineFromHeadToHead() {
    Engraving.System system = system("C5/4 A5/4 r/2", new Marks.Join(Marks.Join.Kind.SLIDE, 0));
    double fromX = system.notes().get(0).x() + system.notes().get(0).width();
    double toX = system.notes().get(1).x();
    // C5 lies in the third space, 1.5 below the middle of the staff's top; A5 over the staff.
    assertThat(all(system, Mark.Line.class))
        .filteredOn(l -> l.x1() > fromX && l.x2() < toX && l.y1() == 1.5 && l.y2() == -1)
        .hasSize(1);
  }

  @Test
  void theStrokesOfATremoloLieBetweenStemsOfOneDirection() {
    Marks.Join join = new Marks.Join(Marks.Join.Kind.TREMOLO, 3);
    Engraving.System system = system("G4/2 C5/2", join);
    double fromX = system.notes().get(0).x();
    double toX = system.notes().get(1).x();
    assertThat(all(system, Mark.Shape.class))
        .filteredOn(s -> s.points().get(0) > fromX && s.points().get(2) < toX)
        .hasSize(3);
    // C5 alone would turn its stem down; beside the G4 it reaches over the staff.
    assertThat(system.notes().get(1).top()).isLessThan(-1);
    assertThat(system("C5/2 r/2", new Marks.Join(Marks.Join.Kind.SLIDE, 0)).notes().get(0).top())
        .isGreaterThan(0);
  }
}
