package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Tempo;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import app.fret.shape.Character;
import app.fret.shape.Proposal;
import app.fret.testing.Music;
import app.fret.time.Occasion;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What both hands make of a note's shape (common practice). */
class NoteShapeTest {
  private static final String TUNE = "D5/4 E5/4 F5/4 A5/4 | G5/4 F5/4 E5/4 D5/4";

  private static Study study(Passage passage) throws Exception {
    Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, 72));
    return Study.of(passage, Player.of("", Instruments.named("violin")), choices);
  }

  private static Passage accented(NoteValue value) {
    PassageBuilder passage = new PassageBuilder().title("Test").part("Part");
    passage.bar();
    for (int i = 0; i < 4; i++) {
      Marks marks = i == 1 ? Marks.NONE.toggled(Marks.Articulation.ACCENT) : Marks.NONE;
      passage.sounding(WrittenLength.of(value), List.of(Note.of(WrittenPitch.parse("B4"))), marks);
    }
    return passage.build();
  }

  @Test
  void slursSoundAllOfTheirLengthAndSeparateNotesLess() throws Exception {
    List<NoteShape> shapes = NoteShape.of(study(Music.passage("(D5/4 E5/4) F5/8 G5/8 A5/4")));
    assertThat(shapes).hasSize(5);
    assertThat(shapes.get(1).soundingShare()).as("the last under a slur").isEqualTo(1);
    assertThat(shapes.get(2).soundingShare()).isBetween(0.8, 0.99);
  }

  @Test
  void anAccentAmongEqualNotesIsMadeByLengthAndALongOneByVibrato() throws Exception {
    assertThat(NoteShape.of(study(accented(NoteValue.EIGHTH))).get(1).accent())
        .contains(NoteShape.Accent.LENGTH);
    assertThat(NoteShape.of(study(accented(NoteValue.HALF))).get(1).accent())
        .contains(NoteShape.Accent.VIBRATO);
    assertThat(NoteShape.of(study(accented(NoteValue.HALF))).get(0).accent()).isEmpty();
    assertThat(NoteShape.Accent.values()).allMatch(a -> !a.words().isBlank());
  }

  @Test
  void aWordOfCharacterShortensSeparateNotesAndSpeedsTheBow() throws Exception {
    Study plain = study(Music.passage(TUNE));
    Choices light =
        plain
            .choices()
            .with(
                plain
                    .choices()
                    .shape()
                    .withCharacter(plain.places().top(0), Optional.of(Character.LIGHT)));
    Study played = plain.with(light);
    assertThat(NoteShape.of(played).get(2).soundingShare())
        .isLessThan(NoteShape.of(plain).get(2).soundingShare());
    assertThat(played.bow().effort()).isNotEqualTo(plain.bow().effort());
  }

  @Test
  void occasionsChangeTheShapeAndSaySo() throws Exception {
    Study plain = study(Music.passage(TUNE));
    Choices section = plain.choices().with(plain.choices().tempo().withOccasion(Occasion.SECTION));
    Choices concert = plain.choices().with(plain.choices().tempo().withOccasion(Occasion.CONCERT));
    assertThat(plain.with(section).levels().proposed(3))
        .isLessThan(plain.with(concert).levels().proposed(3));
    assertThat(Occasion.SECTION.changes()).anyMatch(c -> c.contains("Swells"));
    assertThat(Occasion.AUDITION.changes()).anyMatch(c -> c.contains("Soft passages"));
  }

  @Test
  void theBowFollowsTheShapeAtOnce() throws Exception {
    Study plain = study(Music.passage(TUNE));
    Study level =
        plain.with(
            plain.choices().with(plain.choices().shape().with(Proposal.RISING_GROWS, false)));
    assertThat(plain.bow().strokes().get(3).amountCm())
        .isGreaterThan(level.bow().strokes().get(3).amountCm());
    assertThat(level.leftHand())
        .as("the left hand is not planned again")
        .isSameAs(plain.leftHand());
  }
}
