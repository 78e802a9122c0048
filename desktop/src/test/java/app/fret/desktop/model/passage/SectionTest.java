package app.fret.desktop.model.passage;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Directions;
import app.fret.score.Passage;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SectionTest {
  @Test
  void aSectionGoesFromItsMarkToTheNext() {
    Passage plain = Music.passage("C5/1 | D5/1 | E5/1 | F5/1 | G5/1");
    Passage marked = marked(plain, "A", 1, "B", 3);
    assertThat(Section.of(marked)).containsExactly(new Section("A", 1, 2), new Section("B", 3, 4));
    assertThat(Section.of(plain)).isEmpty();
  }

  private static Passage marked(Passage plain, String one, int first, String other, int second) {
    Directions directions =
        new Directions(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(
                new Directions.Rehearsal(plain.bars().get(first).onset(), one),
                new Directions.Rehearsal(plain.bars().get(second).onset(), other)),
            List.of());
    return new Passage(
        plain.title(),
        plain.partName(),
        plain.bars(),
        plain.events(),
        plain.slurs(),
        plain.tuplets(),
        directions,
        Optional.empty());
  }
}
