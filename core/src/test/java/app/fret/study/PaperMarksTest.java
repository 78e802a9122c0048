package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.Shift;
import app.fret.reading.Glossary;
import app.fret.reading.Reading;
import app.fret.score.BeatUnit;
import app.fret.score.Directions.Dynamic;
import app.fret.score.Directions.Hairpin;
import app.fret.score.Directions.Words;
import app.fret.score.Finger;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.shape.OwnLevel;
import app.fret.shape.OwnMarks;
import app.fret.shape.ShapeChoices;
import app.fret.testing.Music;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/** What a written part says beside fingers and bows. */
class PaperMarksTest {
  private static Choices choices() {
    return Choices.at(new Tempo(BeatUnit.QUARTER, 72));
  }

  private static Study study(Passage passage, Choices choices) throws Exception {
    return Study.of(passage, Player.of("Oda Merrin", Instruments.named("violin")), choices);
  }

  /** An open string between two positions: the hand moves while it sounds. */
  @Test
  void aPositionIsWrittenWhereTheHandSetsOut() throws Exception {
    Passage passage = Music.passage("A4/4 B4/4 A4/4 F5/4 | G5/1");
    Reading reading = Reading.of(passage);
    List<PinAt> pins =
        List.of(
            PinAt.of(Pin.of(1, 2, Finger.FIRST), reading.places()),
            PinAt.of(Pin.of(2, 2, Finger.OPEN), reading.places()),
            PinAt.of(Pin.of(3, 2, Finger.THIRD), reading.places()));
    Study study = study(passage, choices().withPins(pins));
    Shift shift = study.leftHand().shifts().get(0);
    assertThat(shift.toNote()).isEqualTo(3);
    assertThat(shift.markAtNote()).as("on the open string").isLessThan(3);

    List<Words> positions = PaperMarks.withPositions(study).directions().words();
    assertThat(positions).extracting(Words::text).containsExactly("pos. 1", "pos. 3");
    assertThat(positions.get(1).onset()).isEqualTo(study.notes().get(shift.markAtNote()).onset());
    assertThat(PaperMarks.own(study).directions().words()).as("brackets say it").isEmpty();
  }

  /** What Fret writes it does not call unknown when it reads it again. */
  @Test
  void theWordsOfAPositionAreKnown() {
    List<Words> words =
        List.of(
            new Words(Fraction.ZERO, "pos. 4 low", true),
            new Words(Fraction.ONE, "bring out", false),
            new Words(Fraction.ONE, "’", true));
    assertThat(Glossary.of(words)).isNotEmpty().allMatch(f -> f.entry().isPresent());
  }

  @Test
  void ownLevelsTakeThePlaceOfThePrintAndThePrintHoldsBehindThem() throws Exception {
    Passage passage = Music.passage("=f C5/4 D5/4 E5/4 F5/4 | =p G5/4 F5/4 E5/4 D5/4 | C5/1");
    Reading reading = Reading.of(passage);
    NoteRef first = reading.places().top(2);
    NoteRef last = reading.places().top(5);
    OwnMarks own = OwnMarks.NONE.with(new OwnLevel(first, last, 3, 8));
    Study study = study(passage, choices().with(ShapeChoices.none().with(own)));

    Passage paper = PaperMarks.own(study);
    assertThat(paper.directions().dynamics())
        .containsExactly(
            new Dynamic(Fraction.ZERO, "f"),
            new Dynamic(Fraction.of(1, 2), "pp"),
            new Dynamic(Fraction.of(5, 4), "ff"),
            new Dynamic(Fraction.of(3, 2), "p"));
    assertThat(paper.directions().hairpins())
        .containsExactly(new Hairpin(Fraction.of(1, 2), Fraction.of(5, 4), true));
    assertThat(study.passage()).as("the print is not mended").isEqualTo(passage);
  }

  @Test
  void phrasesAndNotesToBringOutAreWrittenToo() throws Exception {
    Passage passage = Music.passage("C5/4 D5/4 E5/4 F5/4 | G5/4 F5/4 E5/4 D5/4");
    Reading reading = Reading.of(passage);
    OwnMarks own =
        OwnMarks.NONE
            .withBorder(reading.places().top(2), true)
            .withBroughtOut(reading.places().top(5), true);
    Study study = study(passage, choices().with(ShapeChoices.none().with(own)));
    assertThat(PaperMarks.own(study).directions().words())
        .containsExactly(
            new Words(Fraction.of(1, 4), "’", true),
            new Words(Fraction.of(5, 4), "bring out", false));
  }
}
