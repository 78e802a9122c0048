package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.PinConflictException;
import app.fret.score.BeatUnit;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.study.WholeShape.Idea;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Whole shapes for a page of few marks, and peaks that would change nothing. */
class WholeShapeTest {
  /** The top is in bar 2, what asks most to go on is the dominant in bar 3. */
  private static final Passage TUNE =
      Music.passage("C5/4 E5/4 G5/4 E5/4 | C5/4 E5/4 C6/4 G5/4 | B4/4 D5/4 F5/4 G4/4 | C5/1");

  private static Study study(Passage passage) throws Exception {
    return Study.of(
        passage,
        Player.of("Oda Merrin", Instruments.named("violin")),
        Choices.at(new Tempo(BeatUnit.QUARTER, 72)));
  }

  @Test
  void aPageOfFewMarksHasThreeShapesThatLeadElsewhere() throws Exception {
    Study study = study(TUNE);
    List<WholeShape> shapes = WholeShape.of(study);

    assertThat(WholeShape.hasFewMarks(study)).isTrue();
    assertThat(shapes).extracting(WholeShape::idea).containsExactly(Idea.values());
    assertThat(peak(shapes.get(0))).as("the top").isEqualTo(6);
    assertThat(peak(shapes.get(1))).as("the seventh of the dominant").isEqualTo(10);
    assertThat(shapes.get(2).study().levels().proposed(4))
        .as("a first beat leans")
        .isGreaterThan(shapes.get(2).study().levels().proposed(5));
  }

  private static int peak(WholeShape shape) {
    return shape.study().levels().phraseOf(0).peak();
  }

  @Test
  void eachSaysWhatTheBowDoesAndWhichOneIsInForce() throws Exception {
    Study study = study(TUNE);
    List<WholeShape> shapes = WholeShape.of(study);

    assertThat(shapes).filteredOn(s -> s.isInForce(study)).singleElement().isSameAs(shapes.get(0));
    assertThat(shapes.get(0).bow()).isEqualTo("the bow stays as it is");
    assertThat(shapes.get(2).bow()).matches("\\d+ cm of bow instead of \\d+ in bar \\d");
    assertThat(shapes.get(2).isInForce(study.with(study.choices().with(shapes.get(2).choices()))))
        .isTrue();
  }

  @Test
  void aPageFullOfMarksIsLeftAlone() throws Exception {
    Study study =
        study(Music.passage("=p C5/4 D5/4 E5/4 F5/4 | =f G5/4 F5/4 E5/4 D5/4 | =pp C5/1"));
    assertThat(WholeShape.hasFewMarks(study)).isFalse();
  }

  @Test
  void everyOtherPeakThatIsOfferedIsHeard() throws Exception {
    Study study = study(TUNE);
    List<OtherPeak> others = OtherPeak.of(study, study.levels().phraseOf(0));

    assertThat(others)
        .isNotEmpty()
        .noneMatch(p -> with(study, p).levels().soundsAs(study.levels()));
  }

  /** Two notes of a slow line: leading to the first or the second is the same arch of nothing. */
  @Test
  void aPeakThatWouldChangeNothingIsNotOffered() throws Exception {
    Study level = study(Music.passage("C5/1"));

    assertThat(OtherPeak.of(level, level.levels().phraseOf(0)))
        .allMatch(p -> Math.abs(change(level, with(level, p))) >= 0.2);
  }

  private static double change(Study before, Study after) {
    return after.levels().proposed(0) - before.levels().proposed(0);
  }

  private static Study with(Study study, OtherPeak peak) {
    Optional<NoteRef> at = peak.note().stream().mapToObj(study.places()::top).findFirst();
    NoteRef phrase = study.places().top(study.levels().phraseOf(0).firstNote());
    try {
      return study.with(study.choices().with(study.choices().shape().withPeak(phrase, at)));
    } catch (PinConflictException e) {
      throw new IllegalStateException(e);
    }
  }
}
