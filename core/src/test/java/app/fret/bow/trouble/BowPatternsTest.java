package app.fret.bow.trouble;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.BowPlanner;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Patterns over the strings and in the bow (common practice). */
class BowPatternsTest {
  private static List<BowPattern> patterns(String music, double perMinute, int... strings) {
    Player player = Player.of("", Instruments.named("violin"));
    Brief brief = Briefs.of(Music.passage(music), player, new Tempo(BeatUnit.QUARTER, perMinute));
    List<List<Integer>> all = new ArrayList<>();
    for (int i = 0; i < brief.notes().size(); i++) {
      all.add(List.of(strings[i % strings.length]));
    }
    return new BowPlanner().plan(brief, all).patterns();
  }

  @Test
  void slursOverTheStringsAndBackSpring() {
    String bar = "(G3/16 D4/16 A4/16 E5/16) (E5/16 A4/16 D4/16 G3/16) ";
    List<BowPattern> found = patterns(bar + bar.trim(), 120, 4, 3, 2, 1, 1, 2, 3, 4);
    assertThat(found).containsExactly(new BowPattern(BowPattern.Kind.SPRINGING_ARPEGGIO, 0, 15));
  }

  @Test
  void oneSweepIsNoSpringingArpeggio() {
    String bar = "(G3/16 D4/16 A4/16 E5/16) F5/4 G5/2";
    assertThat(patterns(bar, 120, 4, 3, 2, 1, 1, 1)).isEmpty();
  }

  @Test
  void aPitchThatStaysBesideANeighbouringStringIsBariolage() {
    String bar = "E5/16 A4/16 F5/16 A4/16 G5/16 A4/16 F5/16 A4/16 ";
    List<BowPattern> found = patterns(bar + bar.trim(), 100, 1, 2);
    assertThat(found).containsExactly(new BowPattern(BowPattern.Kind.BARIOLAGE, 0, 15));
  }

  @Test
  void aScaleIsNoBariolage() {
    String bar = "C5/16 D5/16 E5/16 F5/16 G5/16 A5/16 B5/16 C6/16 ";
    assertThat(patterns(bar + bar.trim(), 100, 2)).isEmpty();
  }

  @Test
  void slurAndSingleNoteThreeTimesIsAPattern() {
    String bar = "(C5/8 D5/8 E5/8) F5/8 ";
    List<BowPattern> found = patterns(bar + bar + "| " + bar + bar.trim(), 100, 2);
    assertThat(found).containsExactly(new BowPattern(BowPattern.Kind.THREE_AND_ONE, 0, 15));
  }
}
