package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.bow.stroke.Accents;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.score.NoteRef;
import app.fret.shape.Character;
import app.fret.shape.OwnLevel;
import app.fret.shape.OwnMarks;
import app.fret.shape.Proposal;
import app.fret.shape.ShapeChoices;
import app.fret.shape.Style;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Decisions for bow and shape come back from the book as they were. */
class BowAndShapeRowsTest {
  private static final NoteRef FIRST = NoteRef.parse("0@0/1 D5");
  private static final NoteRef LATER = NoteRef.parse("4@3/8 F#4 +1");

  private static BowChoices back(BowChoices bow) {
    BowChoices read = BowChoices.none();
    for (Map.Entry<String, String> row : BowRows.of(bow).entrySet()) {
      read = BowRows.with(read, row.getKey(), row.getValue());
    }
    return read;
  }

  private static ShapeChoices back(ShapeChoices shape) {
    ShapeChoices read = ShapeChoices.none();
    for (Map.Entry<String, String> row : ShapeRows.of(shape).entrySet()) {
      read = ShapeRows.with(read, row.getKey(), row.getValue());
    }
    return read;
  }

  @Test
  void nothingDecidedIsNoRow() {
    assertThat(BowRows.of(BowChoices.none())).isEmpty();
    assertThat(ShapeRows.of(ShapeChoices.none())).isEmpty();
  }

  @Test
  void ownPhrasesLevelsAndNotesToBringOutComeBackInTheirOrder() {
    OwnMarks own =
        OwnMarks.NONE
            .withBorder(FIRST, true)
            .withBorder(LATER, false)
            .with(new OwnLevel(FIRST, LATER, 3, 7.5))
            .with(new OwnLevel(LATER, LATER, 4, 4))
            .withBroughtOut(LATER, true);
    ShapeChoices shape = ShapeChoices.none().with(own);
    assertThat(back(shape)).isEqualTo(shape);
    assertThat(ShapeRows.of(shape)).hasSize(5);
  }

  @Test
  void aLevelWithoutItsEndIsRefused() {
    ShapeChoices none = ShapeChoices.none();
    assertThatThrownBy(() -> ShapeRows.with(none, "level 0000 0@0/1 D5", "3 to 4"))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void strokesAndSchoolComeBack() {
    BowChoices bow =
        BowChoices.none()
            .withSchool(BowSchool.FREE)
            .withOpposite(true)
            .with(Accents.SPEED)
            .with(new StrokeAt(FIRST, StrokeDecision.parse("up")))
            .with(new StrokeAt(FIRST, StrokeDecision.parse("kind:spiccato")))
            .with(new StrokeAt(LATER, StrokeDecision.parse("at:0.35")));
    assertThat(back(bow)).isEqualTo(bow);
    assertThat(BowRows.of(bow)).hasSize(5);
  }

  @Test
  void shapeComesBack() {
    ShapeChoices shape =
        ShapeChoices.none()
            .withStyle(Style.CLASSICAL)
            .withMustFrom(Fraction.of(1, 2))
            .with(Proposal.REPEAT_DIFFERS, true)
            .with(Proposal.ENDS_TAPER, false)
            .withPeak(FIRST, Optional.of(LATER))
            .withPeak(LATER, Optional.empty())
            .withCharacter(FIRST, Optional.of(Character.DIGNIFIED));
    assertThat(back(shape)).isEqualTo(shape);
  }

  @ParameterizedTest
  @CsvSource({"school, loose", "0@0/1 D5, sideways", "nowhere, up"})
  void aBowRowThatMakesNoSenseIsRefused(String item, String value) {
    assertThatThrownBy(() -> BowRows.with(BowChoices.none(), item, value))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @CsvSource({
    "style, baroque",
    "must-vibrate-from, long",
    "propose more, yes",
    "peak 0@0/1 D5, there",
    "character 0@0/1 D5, grim",
    "width, 3"
  })
  void aShapeRowThatMakesNoSenseIsRefused(String item, String value) {
    assertThatThrownBy(() -> ShapeRows.with(ShapeChoices.none(), item, value))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
