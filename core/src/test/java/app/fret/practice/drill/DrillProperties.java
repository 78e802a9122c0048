package app.fret.practice.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import app.fret.instrument.Range;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.Event;
import app.fret.score.Note;
import app.fret.score.Sounding;
import app.fret.study.Choices;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/** What every drill keeps to, whatever it is made from. */
final class DrillProperties {
  private DrillProperties() {}

  static void barsAddUp(DrillMusic drill) {
    Fraction at = Fraction.ZERO;
    for (Bar bar : drill.passage().bars()) {
      assertThat(bar.onset()).isEqualTo(at);
      assertThat(bar.length()).isEqualTo(bar.metre().barLength());
      at = bar.end();
    }
    Fraction events = Fraction.ZERO;
    for (Event event : drill.passage().events()) {
      assertThat(event.onset()).isEqualTo(events);
      assertThat(event.length()).isEqualTo(event.written().length());
      events = event.end();
    }
    assertThat(events).isEqualTo(at).isGreaterThan(Fraction.ZERO);
  }

  static void everyNoteHasASource(DrillMusic drill, Study study) {
    assertThat(drill.sources())
        .hasSameSizeAs(drill.passage().events())
        .allSatisfy(s -> assertThat(s).isBetween(0, study.notes().size() - 1));
  }

  static void staysOnTheInstrument(DrillMusic drill, Study study) {
    assertThatCode(() -> Range.of(study.player().instrument()).require(drill.passage()))
        .doesNotThrowAnyException();
  }

  /** Fingers printed in a drill are those of the plan or of the guide, and a hand can take them. */
  static List<PinAt> playableFingers(DrillMusic drill, Study study) throws Exception {
    Choices choices = Choices.at(study.choices().target()).withProfile(study.choices().profile());
    Study plain = Study.of(drill.passage(), study.player(), choices);
    List<PinAt> pins = printed(plain);
    LeftHandPlan planned = plain.with(plain.choices().withPins(pins)).leftHand();
    assertThat(planned.leftOut()).isEmpty();
    return pins;
  }

  private static List<PinAt> printed(Study drill) {
    List<PinAt> pins = new ArrayList<>();
    for (PlayedNote note : drill.notes()) {
      Note head = note.notes().get(0);
      if (note.notes().size() == 1 && head.finger().isPresent() && head.string().isPresent()) {
        Pin pin = Pin.of(note.number(), head.string().getAsInt(), head.finger().get());
        pins.add(PinAt.of(pin, drill.places()));
      }
    }
    return pins;
  }

  /** The notes on which the links of a chain end. */
  static List<Integer> linkEnds(DrillMusic chain) {
    List<Integer> ends = new ArrayList<>();
    List<Event> events = chain.passage().events();
    for (int i = 0; i < events.size(); i++) {
      boolean isEnd =
          events.get(i) instanceof Sounding
              && (i + 1 == events.size()
                  || !(events.get(i + 1) instanceof Sounding)
                  || chain.sources().get(i + 1) < chain.sources().get(i));
      if (isEnd) {
        ends.add(chain.sources().get(i));
      }
    }
    return ends;
  }
}
