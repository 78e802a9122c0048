package app.fret.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Bar;
import app.fret.score.Event;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.testing.Music;
import app.fret.testing.RandomPassages;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DrillKindTest {
  static Stream<DrillKind> kinds() {
    return DrillKind.ALL.stream();
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void whatIsMadeAddsUpAndKnowsItsSources(DrillKind kind) {
    int made = 0;
    for (long seed = 0; seed < 80; seed++) {
      Passage source = RandomPassages.full(seed);
      if (kind.from(source).isPresent()) {
        requireSound(kind.from(source).get(), source);
        made++;
      }
    }
    assertThat(made).isGreaterThan(20);
  }

  private static void requireSound(DerivedPassage drill, Passage source) {
    Passage passage = drill.passage();
    for (int bar = 0; bar < passage.bars().size(); bar++) {
      assertThat(lengthOf(passage, bar)).isEqualTo(passage.bars().get(bar).length());
    }
    for (int i = 0; i < passage.events().size(); i++) {
      Event from = source.events().get(drill.sources().get(i));
      assertThat(passage.events().get(i)).hasSameClassAs(from);
      if (from instanceof Sounding sounding) {
        assertThat(((Sounding) passage.events().get(i)).notes()).isEqualTo(sounding.notes());
      }
    }
  }

  private static Fraction lengthOf(Passage passage, int bar) {
    Fraction sum = Fraction.ZERO;
    Bar whole = passage.bars().get(bar);
    for (Event event : passage.events()) {
      if (event.bar() == bar) {
        assertThat(event.onset()).isEqualTo(whole.onset().add(sum));
        sum = sum.add(event.length());
      }
    }
    return sum;
  }

  @Test
  void equalNotesBecomeLongAndShortWithinTheBeat() {
    Passage source = Music.passage("D5/8 E5/8 F5/8 G5/8 A5/2");
    DerivedPassage drill = RhythmDrill.LONG_SHORT.from(source).orElseThrow();
    assertThat(drill.passage().events())
        .extracting(Event::length)
        .containsExactly(
            Fraction.of(3, 16),
            Fraction.of(1, 16),
            Fraction.of(3, 16),
            Fraction.of(1, 16),
            Fraction.of(1, 2));
    assertThat(drill.sources()).isEqualTo(List.of(0, 1, 2, 3, 4));
  }

  @Test
  void notesWithoutAnEqualNeighbourGiveNoDrill() {
    assertThat(RhythmDrill.SHORT_LONG.from(Music.passage("D5/2 E5/4 F5/8 r/8"))).isEmpty();
  }
}
