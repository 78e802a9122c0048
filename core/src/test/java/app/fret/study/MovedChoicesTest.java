package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.edit.StaffPen;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap;
import app.fret.reading.traps.TrapAt;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Passage;
import app.fret.score.Step;
import app.fret.score.Tempo;
import app.fret.shape.Character;
import app.fret.shape.ShapeChoices;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class MovedChoicesTest {
  private final Passage passage = Music.passage("C5/4 D5/4 E5/4 F5/4 | G4+B4/2 C5/2");
  private final NotePlaces places = NotePlaces.of(passage, PlayedNote.of(passage));
  private final Choices choices =
      Choices.at(new Tempo(BeatUnit.QUARTER, 80))
          .withPins(
              List.of(
                  PinAt.of(Pin.finger(2, Finger.THIRD), places),
                  PinAt.of(Pin.finger(5, Finger.SECOND), places)));

  private MovedChoices moved(StaffPen pen) {
    return MovedChoices.of(choices, passage, pen.music().passage(), pen.music().eventsNow());
  }

  private List<Integer> pinned(MovedChoices moved, StaffPen pen) {
    Passage now = pen.music().passage();
    NotePlaces placesNow = NotePlaces.of(now, PlayedNote.of(now));
    return moved.choices().pins().stream().map(p -> p.in(placesNow).orElseThrow().note()).toList();
  }

  @Test
  void decisionsMoveWithTheirNotes() {
    StaffPen pen = StaffPen.over(passage).goTo(0, false).note(Step.A).note(Step.B);
    MovedChoices moved = moved(pen);
    assertThat(moved.lost()).isEmpty();
    assertThat(pinned(moved, pen)).containsExactly(4, 7);
  }

  @Test
  void strokesPeaksAndCharactersMoveWithTheirNotesOrAreNamed() {
    Choices shaped =
        choices
            .with(BowChoices.none().with(new StrokeAt(places.top(2), StrokeDecision.parse("up"))))
            .with(
                ShapeChoices.none()
                    .withPeak(places.top(0), Optional.of(places.top(3)))
                    .withCharacter(places.top(0), Optional.of(Character.SINGING)));
    StaffPen more = StaffPen.over(passage).goTo(1, false).note(Step.A);
    MovedChoices moved =
        MovedChoices.of(shaped, passage, more.music().passage(), more.music().eventsNow());
    assertThat(moved.lost()).isEmpty();
    NotePlaces now = NotePlaces.of(more.music().passage(), PlayedNote.of(more.music().passage()));
    assertThat(moved.choices().bow().strokes())
        .extracting(s -> now.find(s.at()).orElseThrow().note())
        .hasSize(1)
        .allMatch(n -> n == 3);
    assertThat(moved.choices().shape().peaks()).hasSize(1);
    assertThat(moved.choices().shape().characters()).containsValue(Character.SINGING);
    StaffPen gone = StaffPen.over(passage).goTo(2, false).delete();
    assertThat(
            MovedChoices.of(shaped, passage, gone.music().passage(), gone.music().eventsNow())
                .lost())
        .contains("the decision for the bow on E5 in bar 1");
  }

  @Test
  void aDecisionIsNamedWhenItsNoteGoesOrBecomesAnother() {
    StaffPen gone = StaffPen.over(passage).goTo(2, false).delete();
    assertThat(moved(gone).lost()).containsExactly("the pin on E5 in bar 1");
    assertThat(pinned(moved(gone), gone)).containsExactly(4);
    StaffPen other = StaffPen.over(passage).goTo(5, false).step(1);
    assertThat(moved(other).lost()).containsExactly("the pin on C5 in bar 2");
  }

  @Test
  void aHeadOfAChordKeepsItsDecisionWhenAnotherJoins() {
    StaffPen pen = StaffPen.over(passage).goTo(4, false).chord().note(Step.D);
    assertThat(moved(pen).lost()).isEmpty();
    Choices seen =
        choices.with(
            choices.reading().withSeen(new TrapAt(Trap.Kind.DIVIDED, places.top(4)), true));
    MovedChoices moved =
        MovedChoices.of(seen, passage, pen.music().passage(), pen.music().eventsNow());
    assertThat(moved.choices().reading().seen()).hasSize(1);
  }
}
