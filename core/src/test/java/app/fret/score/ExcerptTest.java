package app.fret.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.testing.Music;
import app.fret.testing.RandomPassages;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

class ExcerptTest {
  private final Passage source =
      Music.passage("C5/2 D5/2 | (E5/2 F5/2~ | F5/2 G5/2) | A5/1 | B5/1");

  @Test
  void timesAndBarsStartAnewAtTheCut() {
    Passage cut = Excerpt.cut(source, 1, 2);
    assertThat(cut.bars()).extracting(Bar::label).containsExactly("2", "3");
    assertThat(cut.bars().get(0).onset()).isEqualTo(Fraction.ZERO);
    assertThat(cut.events()).hasSize(4);
    assertThat(cut.events().get(2).bar()).isEqualTo(1);
    assertThat(cut.slurs()).containsExactly(new Span(0, 3));
  }

  @Test
  void whatCrossesAnEdgeIsShortenedToTheCut() {
    Passage cut = Excerpt.cut(source, 2, 3);
    assertThat(cut.slurs()).containsExactly(new Span(0, 1));
    Note first = ((Sounding) cut.events().get(0)).notes().get(0);
    assertThat(first.tiedFrom()).isFalse();
  }

  @Test
  void theDynamicInForceIsCarriedToTheStart() {
    Directions directions =
        new Directions(
            List.of(
                new Directions.Dynamic(Fraction.ZERO, "f"),
                new Directions.Dynamic(Fraction.ONE, "p")),
            List.of(new Directions.Hairpin(Fraction.of(1, 2), Fraction.of(5, 2), true)),
            List.of(),
            List.of(),
            List.of(),
            List.of());
    Passage marked =
        new Passage(
            "t",
            "p",
            source.bars(),
            source.events(),
            source.slurs(),
            source.tuplets(),
            directions,
            source.transposition());
    Passage cut = Excerpt.cut(marked, 2, 4);
    assertThat(cut.directions().dynamics())
        .containsExactly(new Directions.Dynamic(Fraction.ZERO, "p"));
    assertThat(cut.directions().hairpins())
        .containsExactly(new Directions.Hairpin(Fraction.ZERO, Fraction.of(1, 2), true));
  }

  @Test
  void theWholePassageCutIsThePassage() {
    for (long seed = 0; seed < 20; seed++) {
      Passage passage = RandomPassages.full(seed);
      Passage cut = Excerpt.cut(passage, 0, passage.bars().size() - 1);
      assertThat(cut.bars()).isEqualTo(passage.bars());
      assertThat(cut.slurs()).isEqualTo(passage.slurs());
      assertThat(cut.directions()).isEqualTo(passage.directions());
    }
  }

  @Test
  void barsThatAreNotThereAreRefused() {
    assertThat(Excerpt.cut(source, 4, 4).bars()).hasSize(1);
    assertThatThrownBy(() -> Excerpt.cut(source, 4, 5)).hasMessageContaining("bars 4 to 5 of 5");
  }
}
