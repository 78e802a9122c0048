package app.fret.engraving;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Directions.Hairpin;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

class OnsetIndexTest {
  private static boolean touches(Hairpin hairpin, Fraction start, Fraction end) {
    return hairpin.from().compareTo(end) <= 0 && hairpin.to().compareTo(start) >= 0;
  }

  @Test
  void findsWhatALookAtAllWouldFind() {
    Random random = new Random(7);
    List<Hairpin> hairpins = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      Fraction from = Fraction.of(random.nextInt(100), 4);
      // A few long ones reach over many short ones.
      int length = i % 15 == 0 ? 120 : random.nextInt(6);
      hairpins.add(new Hairpin(from, from.add(Fraction.of(length, 4)), true));
    }
    OnsetIndex<Hairpin> index = new OnsetIndex<>(hairpins, Hairpin::from, Hairpin::to);
    int found = 0;
    for (int start = 0; start < 110; start++) {
      Fraction from = Fraction.of(start, 4);
      Fraction to = from.add(Fraction.of(random.nextInt(9), 4));
      List<Hairpin> wanted = hairpins.stream().filter(h -> touches(h, from, to)).toList();
      assertThat(index.touching(from, to)).containsExactlyInAnyOrderElementsOf(wanted);
      found += wanted.size();
    }
    assertThat(found).isGreaterThan(500);
  }

  @Test
  void findsNothingInNothing() {
    OnsetIndex<Hairpin> none = new OnsetIndex<>(List.of(), Hairpin::from, Hairpin::to);
    assertThat(none.touching(Fraction.ZERO, Fraction.ONE)).isEmpty();
  }
}
