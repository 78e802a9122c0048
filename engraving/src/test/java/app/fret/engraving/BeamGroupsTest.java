package app.fret.engraving;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Metre;
import app.fret.score.Span;
import app.fret.testing.Music;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Groups as notation primers give them: common practice, no source. */
class BeamGroupsTest {
  private static String groups(Metre metre, String words) {
    List<Span> groups = BeamGroups.of(Music.passage(metre, words));
    return groups.stream().map(g -> g.first() + "-" + g.last()).collect(Collectors.joining(" "));
  }

  @ParameterizedTest
  @CsvSource({
    "2,4,4,'0-3'",
    "3,4,6,'0-5'",
    "4,4,8,'0-3 4-7'",
    "6,8,6,'0-2 3-5'",
    "9,8,9,'0-2 3-5 6-8'",
    "5,8,5,'0-2 3-4'",
    "2,2,8,'0-3 4-7'",
    "3,8,3,'0-2'"
  })
  void eighthsAreBeamedByTheMetre(int upper, int unit, int notes, String expected) {
    assertThat(groups(Metre.of(upper, unit), "D5/8 ".repeat(notes))).isEqualTo(expected);
  }

  @Test
  void sixteenthsAreBeamedByTheBeat() {
    assertThat(groups(Metre.of(4, 4), "D5/16 ".repeat(16))).isEqualTo("0-3 4-7 8-11 12-15");
    assertThat(groups(Metre.of(6, 8), "D5/16 ".repeat(12))).isEqualTo("0-5 6-11");
  }

  @Test
  void oneSixteenthInABarMakesItBeamByTheBeat() {
    assertThat(groups(Metre.of(2, 4), "D5/8 D5/8 D5/8. D5/16")).isEqualTo("0-1 2-3");
  }

  @Test
  void restsAndLongNotesBreakABeam() {
    assertThat(groups(Metre.of(4, 4), "D5/8 r/8 D5/8 D5/8 D5/4 D5/8 D5/8")).isEqualTo("2-3 5-6");
  }

  @Test
  void beamsEndAtTheBarLine() {
    assertThat(groups(Metre.of(2, 4), "D5/4 D5/8 D5/8 | D5/8 D5/8 D5/4")).isEqualTo("1-2 3-4");
  }

  @Test
  void aPickupIsBeamedByItsPlaceBeforeTheBarLine() {
    assertThat(groups(Metre.of(4, 4), "C5/8 D5/8 E5/8 F5/8 G5/8 | G5/1")).isEqualTo("1-4");
  }

  @Test
  void graceNotesBeamAmongThemselvesOnly() {
    assertThat(groups(Metre.of(4, 4), "gC5/16 gD5/16 E5/8 F5/8 G5/2.")).isEqualTo("0-1 2-3");
  }
}
