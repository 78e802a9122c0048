package app.fret.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.reading.Technique.Manner;
import app.fret.reading.Technique.Place;
import app.fret.score.Directions;
import app.fret.score.Directions.Dynamic;
import app.fret.score.Directions.Hairpin;
import app.fret.score.Directions.Words;
import app.fret.score.Metre;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Span;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import app.fret.testing.Music;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

class ReadingTest {
  @Test
  void tiedNotesArePlayedOnceAndCountedWhereTheyStart() {
    Passage passage = Music.passage("D5/4 E5/4 F5/2~ | F5/4 G5/4 r/4 A5/4");
    List<PlayedNote> notes = Reading.of(passage).notes();
    assertThat(notes).hasSize(5);
    assertThat(notes.get(2).length()).isEqualTo(Fraction.of(3, 4));
    assertThat(notes.get(3).indexInBar()).isEqualTo(1);
    assertThat(notes.get(3).bar()).isEqualTo(1);
  }

  @Test
  void aChordHeldOnlyInPartIsPlayedAnew() {
    Passage passage = Music.passage("D5+F5/2~ D5+G5/2");
    assertThat(Reading.of(passage).notes()).hasSize(2);
  }

  private static Fraction at(int numerator, int denominator) {
    return Fraction.of(numerator, denominator);
  }

  /** Eight quarters in two bars under these marks. */
  private static Reading under(List<Dynamic> dynamics, List<Hairpin> hairpins, List<Words> words) {
    PassageBuilder passage =
        new PassageBuilder()
            .directions(new Directions(dynamics, hairpins, words, List.of(), List.of(), List.of()));
    for (int note = 0; note < 8; note++) {
      if (note % 4 == 0) {
        passage.bar();
      }
      passage.note(WrittenLength.of(NoteValue.QUARTER), WrittenPitch.parse("C5"));
    }
    return Reading.of(passage.build());
  }

  private static double[] levels(List<Dynamic> dynamics, List<Hairpin> hairpins) {
    Reading reading = under(dynamics, hairpins, List.of());
    return IntStream.range(0, 8).mapToDouble(reading::level).toArray();
  }

  @Test
  void aLevelHoldsUntilTheNextMarkAndOtherWordsChangeNothing() {
    List<Dynamic> marks =
        List.of(
            new Dynamic(at(1, 4), "pp"),
            new Dynamic(at(2, 4), "morendo"),
            new Dynamic(at(1, 1), "ff"));
    assertThat(levels(marks, List.of())).containsExactly(6, 3, 3, 3, 8, 8, 8, 8);
  }

  /** Linear between the marks: p is 4, f is 7, a note a quarter. */
  @Test
  void aHairpinLeadsNoteByNoteToTheMarkAtItsEnd() {
    List<Dynamic> marks = List.of(new Dynamic(at(0, 1), "p"), new Dynamic(at(3, 4), "f"));
    List<Hairpin> growing = List.of(new Hairpin(at(0, 1), at(3, 4), true));
    assertThat(levels(marks, growing))
        .containsExactly(new double[] {4, 5, 6, 7, 7, 7, 7, 7}, within(1e-9));
  }

  @Test
  void aMarkWithinABarAfterTheHairpinIsItsGoal() {
    List<Dynamic> marks = List.of(new Dynamic(at(0, 1), "f"), new Dynamic(at(1, 1), "p"));
    List<Hairpin> fading = List.of(new Hairpin(at(0, 1), at(3, 4), false));
    assertThat(levels(marks, fading))
        .containsExactly(new double[] {7, 6, 5, 4, 4, 4, 4, 4}, within(1e-9));
  }

  @Test
  void withoutAGoalAHairpinGoesOneLevelAndASubitoIsNoGoal() {
    List<Hairpin> growing = List.of(new Hairpin(at(0, 1), at(2, 4), true));
    assertThat(levels(List.of(), growing))
        .containsExactly(new double[] {6, 6.5, 7, 7, 7, 7, 7, 7}, within(1e-9));
    List<Dynamic> subito = List.of(new Dynamic(at(2, 4), "p"));
    assertThat(levels(subito, growing))
        .containsExactly(new double[] {6, 6.5, 4, 4, 4, 4, 4, 4}, within(1e-9));
  }

  @Test
  void oneHairpinGoesOnFromTheOther() {
    List<Hairpin> swell =
        List.of(new Hairpin(at(0, 1), at(2, 4), true), new Hairpin(at(2, 4), at(1, 1), false));
    assertThat(levels(List.of(), swell))
        .containsExactly(new double[] {6, 6.5, 7, 6.5, 6, 6, 6, 6}, within(1e-9));
  }

  @Test
  void aMarkBehindTheNextHairpinIsNotTheGoalOfTheFirst() {
    List<Hairpin> swell =
        List.of(new Hairpin(at(0, 1), at(2, 4), true), new Hairpin(at(2, 4), at(1, 1), false));
    List<Dynamic> marks = List.of(new Dynamic(at(0, 1), "p"), new Dynamic(at(1, 1), "ff"));
    assertThat(levels(marks, swell))
        .containsExactly(new double[] {4, 4.5, 5, 4.5, 8, 8, 8, 8}, within(1e-9));
  }

  @Test
  void wordsBecomeTechniquesAndHoldUntilTheyAreTakenBack() {
    List<Words> words =
        List.of(
            new Words(at(1, 4), "Pizz.", true),
            new Words(at(2, 4), "con sordino", true),
            new Words(at(3, 4), "arco, dolce", true),
            new Words(at(1, 1), "sul pont.", true),
            new Words(at(5, 4), "espressivo", true),
            new Words(at(6, 4), "ord.", true),
            new Words(at(7, 4), "senza sord.", true));
    Reading reading = under(List.of(), List.of(), words);
    assertThat(reading.technique(0)).isEqualTo(Technique.ORDINARY);
    assertThat(reading.technique(1).isPlucked()).isTrue();
    assertThat(reading.technique(2))
        .isEqualTo(new Technique(Manner.PIZZICATO, Place.ORDINARY, true, false, Asked.NOTHING));
    assertThat(reading.technique(3))
        .isEqualTo(new Technique(Manner.ARCO, Place.ORDINARY, true, false, Asked.NOTHING));
    assertThat(reading.technique(5))
        .isEqualTo(new Technique(Manner.ARCO, Place.BRIDGE, true, false, Asked.NOTHING));
    assertThat(reading.technique(6).place()).isEqualTo(Place.ORDINARY);
    assertThat(reading.technique(7)).isEqualTo(Technique.ORDINARY);
  }

  @Test
  void slursShareAStrokeUnlessABowSignAsksForANewOne() {
    Passage passage = Music.passage("(C5/8 D5/8 E5/8^ F5/8) G5/4 A5/4");
    StrokeGroups strokes = Reading.of(passage).strokes();
    assertThat(strokes.groups())
        .containsExactly(new Span(0, 1), new Span(2, 3), new Span(4, 4), new Span(5, 5));
    assertThat(strokes.joined()).containsExactly(false, true, false, true, false, false);
    assertThat(strokes.shared()).containsExactly(true, true, true, true, false, false);
    assertThat(Reading.of(Music.passage("r/1")).strokes().groups()).isEmpty();
  }

  @Test
  void aGraceNoteSharesTheStrokeOfItsNoteUnlessItIsPlucked() {
    Passage passage = Music.passage("gA4/16 G4/4 gC5/16 ^B4/4 D5/2");
    Span[] together = {new Span(0, 1), new Span(2, 3), new Span(4, 4)};
    assertThat(Reading.of(passage).strokes().groups()).containsExactly(together);
    Words plucked = new Words(Fraction.ZERO, "pizz.", true);
    Passage pizzicato =
        passage.withDirections(
            new Directions(
                List.of(), List.of(), List.of(plucked), List.of(), List.of(), List.of()));
    assertThat(Reading.of(pizzicato).strokes().groups()).hasSize(5);
  }

  @Test
  void aToneHeldInADoubleStopKeepsTheStrokeUnlessABowSignAsksForANewOne() {
    Reading held = Reading.of(Music.passage("D4+A4/2~ D4+B4/2 | D4/1"));
    assertThat(held.strokes().groups()).containsExactly(new Span(0, 1), new Span(2, 2));
    Reading retaken = Reading.of(Music.passage("D4+A4/2~ ^D4+B4/2 | D4/1"));
    assertThat(retaken.strokes().groups()).hasSize(3);
  }

  @Test
  void beatsAreFoundInTheMetreAndBeforeTheFirstBarLine() {
    Beats beats = Reading.of(Music.passage(Metre.of(3, 4), "C5/8 D5/4 | E5/4. F5/8 G5/4")).beats();
    assertThat(IntStream.range(0, 5).filter(beats::begins)).containsExactly(1, 2, 4);
    assertThat(IntStream.range(0, 5).map(beats::beatOf)).containsExactly(1, 2, 0, 1, 2);
  }
}
