package app.fret.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

class FormTest {
  private static List<Form.Return> returns(String music) {
    Passage passage = Music.passage(Metre.of(2, 4), music);
    return Form.of(passage, PlayedNote.of(passage));
  }

  private static String told(Form.Return each) {
    return each.firstBar()
        + "-"
        + each.lastBar()
        + " as "
        + each.earlierBar()
        + " "
        + each.kind().id()
        + ", "
        + each.words();
  }

  @Test
  void aStretchThatComesBackIsFoundAsLongAsItIs() {
    assertThat(
            returns(
                "C5/8 D5/8 E5/8 F5/8 | G5/4 E5/8 C5/8 | D5/8 D5/8 E5/4 | C5/8 D5/8 E5/8 F5/8"
                    + " | G5/4 E5/8 C5/8 | A4/8 A4/8 B4/8 B4/8"))
        .extracting(FormTest::told)
        .containsExactly("3-4 as 0 equal, as it was");
  }

  @Test
  void aStepHigherInTheKeyIsTransposedThoughHalfStepsDiffer() {
    assertThat(returns("C5/8 D5/8 E5/8 F5/8 | D5/8 E5/8 F5/8 G5/8"))
        .extracting(FormTest::told)
        .containsExactly("1-1 as 0 transposed, a step higher");
  }

  @Test
  void anotherOctaveIsNamedSo() {
    assertThat(returns("C5/8 D5/8 E5/8 F5/8 | C4/8 D4/8 E4/8 F4/8"))
        .extracting(FormTest::told)
        .containsExactly("1-1 as 0 octave, an octave lower");
  }

  @Test
  void oneNoteInEightMayDifferAndIsNamed() {
    List<Form.Return> found =
        returns(
            "C5/16 D5/16 E5/16 F5/16 G5/16 F5/16 E5/16 D5/16"
                + " | C5/16 D5/16 E5/16 F5/16 A5/16 F5/16 E5/16 D5/16");
    assertThat(found).extracting(FormTest::told).containsExactly("1-1 as 0 nearly, 1 note differs");
    assertThat(found.get(0).differs()).containsExactly(12);
  }

  @Test
  void twoNotesInEightAreAnotherBar() {
    assertThat(
            returns(
                "C5/16 D5/16 E5/16 F5/16 G5/16 F5/16 E5/16 D5/16"
                    + " | C5/16 D5/16 E5/16 G5/16 A5/16 F5/16 E5/16 D5/16"))
        .isEmpty();
  }

  @Test
  void anotherRhythmDoesNotComeBack() {
    assertThat(returns("C5/8 D5/8 E5/8 F5/8 | C5/8. D5/16 E5/8 F5/8")).isEmpty();
  }

  @Test
  void aSequenceFollowsItselfStepByStep() {
    assertThat(returns("C5/8 E5/8 G5/8 E5/8 | D5/8 F5/8 A5/8 F5/8 | E5/8 G5/8 B5/8 G5/8"))
        .extracting(FormTest::told)
        .containsExactly(
            "1-1 as 0 transposed, a step higher", "2-2 as 1 transposed, a step higher");
  }

  /** Where one breathes: common practice, no source. */
  @Test
  void sevenBarsStaySevenBars() {
    String bar = "C5/8 D5/8 E5/8 D5/8";
    String seven = String.join(" | ", bar, bar, bar, bar, bar, bar) + " | C5/4 r/4";
    Passage passage = Music.passage(Metre.of(2, 4), seven + " | " + bar + " | E5/4 r/4");
    assertThat(Reading.of(passage).phrases()).containsExactly(new Span(0, 24), new Span(25, 29));
  }

  /** Common practice, no source. */
  @Test
  void aLongNoteBeforeMaterialThatComesBackEndsAPhrase() {
    Passage passage =
        Music.passage(
            Metre.of(2, 4),
            "C5/8 D5/8 E5/8 F5/8 | G5/8 F5/8 E5/8 D5/8 | C5/2"
                + " | C5/8 D5/8 E5/8 F5/8 | G5/8 F5/8 E5/8 D5/8 | C5/2");
    assertThat(Reading.of(passage).phrases()).containsExactly(new Span(0, 8), new Span(9, 17));
  }

  @Test
  void stretchesThatGoBackToOneAreOneFamily() {
    List<Form.Return> found =
        returns("C5/8 D5/8 E5/8 F5/8 | C5/8 D5/8 E5/8 F5/8 | G4/2 | C5/8 D5/8 E5/8 F5/8");
    assertThat(Form.families(found)).hasSize(2);
    assertThat(found).allMatch(r -> r.kind() == Form.Kind.EQUAL);
  }

  @Test
  void everyNoteIsInOnePhrase() {
    Passage passage =
        Music.passage("C5/8 D5/8 E5/8 F5/8 G5/2 | A5/8 G5/8 F5/8 E5/8 D5/2 | C5/4 C5/4 C5/2");
    List<Span> phrases = Reading.of(passage).phrases();
    int next = 0;
    for (Span phrase : phrases) {
      assertThat(phrase.first()).isEqualTo(next);
      next = phrase.last() + 1;
    }
    assertThat(next).isEqualTo(13);
  }
}
