package app.fret.bow.stroke;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.Signed;
import app.fret.score.BowDirection;
import app.fret.score.NoteValue;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which kind a stroke is: common practice, no source. */
class StrokeKindsTest {
  private static List<StrokeKind> kinds(BowLine line) {
    return new StrokeKinds(line, line.groups()).all();
  }

  private static List<StrokeKind> kinds(
      NoteValue value, String dynamic, String words, double perMinute, int... strings) {
    return kinds(Signed.line(Signed.passage(value, dynamic, words), perMinute, strings));
  }

  /** Dotted sixteenths: 2.7, 6, 8 and 10 a second. */
  @ParameterizedTest
  @CsvSource({"40, SHORT", "90, SPICCATO", "120, SPICCATO", "150, SAUTILLE"})
  void dottedNotesAreLiftedBouncedOrLeftToBounceByTheirSpeed(double perMinute, StrokeKind kind) {
    assertThat(kinds(NoteValue.SIXTEENTH, "mf", ". . . .", perMinute, 2))
        .hasSize(4)
        .containsOnly(kind);
  }

  @Test
  void plainNotesAreDetacheAndLongOnesLegato() {
    assertThat(kinds(NoteValue.EIGHTH, "mf", "- - - -", 100, 2)).containsOnly(StrokeKind.DETACHE);
    assertThat(kinds(NoteValue.HALF, "mf", "- -", 60, 2)).containsOnly(StrokeKind.LEGATO);
  }

  @Test
  void aLoudDotWithAnAccentBites() {
    assertThat(kinds(NoteValue.QUARTER, "f", ".> .> .>", 120, 2)).containsOnly(StrokeKind.MARTELE);
    assertThat(kinds(NoteValue.QUARTER, "p", ".> .> .>", 120, 2))
        .doesNotContain(StrokeKind.MARTELE);
  }

  @Test
  void dotsUnderASlurAreOneStaccatoStroke() {
    assertThat(kinds(NoteValue.EIGHTH, "mf", "(. . . .)", 100, 2))
        .containsExactly(StrokeKind.STACCATO);
    assertThat(kinds(NoteValue.EIGHTH, "mf", "(- - - -)", 100, 2))
        .containsExactly(StrokeKind.LEGATO);
  }

  @Test
  void aDottedNoteBetweenTwoSlursStandsAlone() {
    assertThat(kinds(NoteValue.EIGHTH, "mf", "(- -) . (- -)", 100, 2))
        .containsExactly(StrokeKind.LEGATO, StrokeKind.LONE, StrokeKind.LEGATO);
  }

  @Test
  void aGraceNoteInTheBowOfItsNoteMakesNoOtherStrokeOfIt() {
    BowLine line = Signed.line(Music.passage("(gC5/16 D5/8) A4/8 D5/8 A4/8 r/2"), 100, 2);
    assertThat(kinds(line)).hasSize(4).containsOnly(StrokeKind.DETACHE);
    assertThat(line.note(0).stress()).isEqualTo(line.note(1).stress());
  }

  @Test
  void aGraceNoteTakesTheSignAndTheAccentOfItsNote() {
    BowLine line = Signed.line(Music.passage("gC5/16 ^D5/4 A4/4 r/2"), 100, 2);
    assertThat(line.groups()).hasSize(2);
    assertThat(line.note(0).printed()).contains(BowDirection.UP);
    assertThat(line.note(0).accent()).isEqualTo(line.note(1).accent());
  }

  @Test
  void aDottedPairIsHookedAndARunAfterALongNoteIsNot() {
    BowLine dotted = Signed.line(Music.passage("C5/8. D5/16 C5/8. D5/16 r/2"), 80, 2);
    assertThat(kinds(dotted)).hasSize(4).containsOnly(StrokeKind.HOOKED);
    BowLine run = Signed.line(Music.passage("C5/4 D5/16 E5/16 F5/16 G5/16 r/2"), 80, 2);
    assertThat(kinds(run)).hasSize(5).doesNotContain(StrokeKind.HOOKED);
  }

  @Test
  void aRowOfDottedNotesBetweenSlursIsPlayedAlikeToItsLast() {
    assertThat(kinds(NoteValue.EIGHTH, "mf", "(- -) . (- -) . (- -) .", 100, 2))
        .containsExactly(
            StrokeKind.LEGATO,
            StrokeKind.LONE,
            StrokeKind.LEGATO,
            StrokeKind.LONE,
            StrokeKind.LEGATO,
            StrokeKind.LONE);
  }

  @Test
  void aFastSoftSlurIsKeptShortSoThatItsNotesAreDistinct() {
    assertThat(kinds(NoteValue.SIXTEENTH, "p", "(- - - -)", 140, 2))
        .containsExactly(StrokeKind.DISTINCT);
    assertThat(kinds(NoteValue.SIXTEENTH, "f", "(- - - -)", 140, 2))
        .containsExactly(StrokeKind.LEGATO);
  }

  @Test
  void slursOverStringsThereAndBackSpring() {
    assertThat(kinds(NoteValue.SIXTEENTH, "mf", "(- - -) (- - -)", 120, 3, 2, 1, 1, 2, 3))
        .containsOnly(StrokeKind.SPRINGING_ARPEGGIO);
    assertThat(kinds(NoteValue.SIXTEENTH, "mf", "(- - -) - - -", 120, 3, 2, 1, 1, 2, 3))
        .as("one sweep is no pattern")
        .doesNotContain(StrokeKind.SPRINGING_ARPEGGIO);
    assertThat(kinds(NoteValue.SIXTEENTH, "mf", "(- - -) (- - -)", 50, 3, 2, 1, 1, 2, 3))
        .as("too slow to spring")
        .doesNotContain(StrokeKind.SPRINGING_ARPEGGIO);
  }

  @Test
  void everyKindHasASignAndWordsAndSoundsForSomeOfItsTime() {
    assertThat(StrokeKind.values())
        .extracting(StrokeKind::sign)
        .doesNotHaveDuplicates()
        .contains("springing-arpeggio", "sautille", "detache");
    assertThat(StrokeKind.values())
        .allSatisfy(
            k -> {
              assertThat(k.soundingShare()).isBetween(0.3, 1.0);
              assertThat(k.slowestPerSecond()).isLessThan(k.fastestPerSecond());
              assertThat(k.words()).isNotBlank().doesNotContain("_");
            });
  }
}
