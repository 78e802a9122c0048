package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.stroke.Contact;
import app.fret.bow.stroke.Stroke;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Directions.Dynamic;
import app.fret.score.Directions.Hairpin;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.shape.OwnLevel;
import app.fret.shape.OwnMarks;
import app.fret.shape.ShapeChoices;
import app.fret.study.AlongNote.Point;
import app.fret.testing.Music;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/** What happens inside a long note (common practice, no source). */
class AlongNoteTest {
  private static Passage hairpin(boolean grows) {
    List<Dynamic> marks =
        List.of(
            new Dynamic(Fraction.ZERO, grows ? "p" : "f"),
            new Dynamic(Fraction.ONE, grows ? "f" : "p"));
    List<Hairpin> hairpins = List.of(new Hairpin(Fraction.ZERO, Fraction.ONE, grows));
    return Music.passage("C5/1 | D5/2 E5/2")
        .withDirections(
            new Directions(marks, hairpins, List.of(), List.of(), List.of(), List.of()));
  }

  private static Study study(Passage passage, Choices choices) throws Exception {
    return Study.of(passage, Player.of("Oda Merrin", Instruments.named("violin")), choices);
  }

  private static Choices choices() {
    return Choices.at(new Tempo(BeatUnit.QUARTER, 80));
  }

  @Test
  void aNoteThatGrowsGoesFasterTowardsTheBridgeAndVibratesWider() throws Exception {
    Study study = study(hairpin(true), choices());
    List<Point> points = AlongNote.of(study, 0).orElseThrow().points();

    assertThat(points).hasSize(5);
    assertThat(points.get(4).level() - points.get(0).level()).isCloseTo(3, within(1e-9));
    assertThat(points.get(4).speedCmPerSecond())
        .isGreaterThan(2 * points.get(0).speedCmPerSecond());
    assertThat(points.get(0).contact()).isNotEqualTo(Contact.BRIDGE);
    assertThat(points.get(4).contact()).isEqualTo(Contact.BRIDGE);
    assertThat(points.get(4).vibratoCents()).isGreaterThan(points.get(0).vibratoCents());
  }

  /** The trapezium under the five speeds is the bow the note has. */
  @Test
  void theSpeedsMakeTheBowOfTheNote() throws Exception {
    Study study = study(hairpin(false), choices());
    List<Point> points = AlongNote.of(study, 0).orElseThrow().points();
    double seconds = study.brief().timeline().lengthSeconds(0);
    double cm = 0;
    for (int i = 1; i < points.size(); i++) {
      double mean = (points.get(i - 1).speedCmPerSecond() + points.get(i).speedCmPerSecond()) / 2;
      cm += mean * seconds / 4;
    }
    Stroke stroke = study.bow().strokes().get(0);
    assertThat(cm).isCloseTo(stroke.sharesCm().get(0), within(1e-6));
    assertThat(points.get(0).speedCmPerSecond()).isGreaterThan(points.get(4).speedCmPerSecond());
  }

  @Test
  void aHairpinOfThePlayersDoesTheSame() throws Exception {
    Passage plain = Music.passage("C5/1 | D5/2 E5/2");
    Study before = study(plain, choices());
    OwnMarks own =
        OwnMarks.NONE.with(new OwnLevel(before.places().top(0), before.places().top(2), 3, 8));
    Study study = study(plain, choices().with(ShapeChoices.none().with(own)));

    assertThat(AlongNote.of(before, 0)).isEmpty();
    assertThat(AlongNote.of(study, 0)).isPresent();
    assertThat(AlongNote.of(study, 2)).as("where it ends").isEmpty();
  }

  @Test
  void aBowThatIsToldWhereToGoStaysThere() throws Exception {
    Passage passage = hairpin(true);
    Directions own = passage.directions();
    List<Directions.Words> word = List.of(new Directions.Words(Fraction.ZERO, "sul tasto", true));
    Passage told =
        passage.withDirections(
            new Directions(own.dynamics(), own.hairpins(), word, List.of(), List.of(), List.of()));
    assertThat(AlongNote.of(study(told, choices()), 0).orElseThrow().points())
        .extracting(Point::contact)
        .containsOnly(Contact.FINGERBOARD);
  }

  @Test
  void aShortNoteHasOneFigureOnly() throws Exception {
    Study fast = study(hairpin(true), Choices.at(new Tempo(BeatUnit.QUARTER, 250)));
    assertThat(AlongNote.of(fast, 0)).isEmpty();
  }
}
