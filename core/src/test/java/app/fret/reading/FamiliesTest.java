package app.fret.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

class FamiliesTest {
  private static List<Families.Family> figures(String music) {
    return Reading.of(Music.passage(music)).families();
  }

  @Test
  void barsThatRepeatAreOneFigureWhereverTheyStand() {
    String figure = "C5/8 D5/8 E5/8 C5/8 G4/2";
    List<Families.Family> found = figures(figure + " | A4/1 | " + figure);
    assertThat(found).hasSize(1);
    assertThat(found.get(0).samePitch()).isTrue();
    assertThat(found.get(0).spans()).extracting(s -> s.first()).containsExactly(0, 6);
  }

  @Test
  void aFigureOnOtherDegreesIsASequenceWhenItFollows() {
    List<Families.Family> found = figures("C5/8 D5/8 E5/8 C5/8 D5/8 E5/8 F5/8 D5/8 | G5/1");
    assertThat(found).isEmpty();
    found = figures("C5/4 D5/4 E5/4 C5/4 | D5/4 E5/4 F5/4 D5/4 | G5/1");
    assertThat(found).hasSize(1);
    assertThat(found.get(0).samePitch()).isFalse();
    assertThat(found.get(0).size()).isEqualTo(4);
  }

  @Test
  void beatsOfAFastPassageAreFiguresToo() {
    List<Families.Family> found = figures("C5/16 D5/16 E5/16 F5/16 D5/16 E5/16 F5/16 G5/16 A4/2");
    assertThat(found).hasSize(1);
    assertThat(found.get(0).size()).isEqualTo(4);
  }

  @Test
  void otherRhythmIsAnotherFigure() {
    assertThat(figures("C5/4 D5/4 E5/4 C5/4 | C5/4. D5/8 E5/4 C5/4")).isEmpty();
  }

  @Test
  void leapsInPairsAreASequenceWhereThreeFollowEachOther() {
    assertThat(figures("B4/8 B5/8 C5/8 C6/8 D5/8 D6/8 r/4 | G5/1")).hasSize(1);
    assertThat(figures("B4/8 B5/8 C5/8 C6/8 r/2 | G5/1")).isEmpty();
    assertThat(figures("B4/8 C5/8 C5/8 D5/8 D5/8 E5/8 r/4 | G5/1"))
        .as("steps in pairs are a scale, no figure")
        .isEmpty();
  }
}
