package app.fret.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Grouping of uneven metres: common practice, no source. */
class BeatGroupsTest {
  private static List<BeatGroups> groups(Metre metre, String music) {
    Passage passage = Music.passage(metre, music);
    return BeatGroups.of(passage, PlayedNote.of(passage));
  }

  @Test
  void printedGroupsAreKeptAndHaveWords() {
    Metre metre = new Metre(List.of(2, 3), 8, Metre.Sign.FIGURES);
    BeatGroups bar = groups(metre, "C5/8 D5/8 E5/8 F5/8 G5/8").get(0);
    assertThat(bar.groups()).containsExactly(2, 3);
    assertThat(bar.words()).containsExactly("one two", "one two three");
  }

  @Test
  void otherGroupsFollowTheNotesBarByBar() {
    List<BeatGroups> bars =
        groups(Metre.of(7, 8), "C5/8 D5/8 E5/8 F5/4 G5/4 | C5/4 D5/4 E5/8 F5/8 G5/8");
    assertThat(bars)
        .extracting(BeatGroups::groups)
        .containsExactly(List.of(3, 2, 2), List.of(2, 2, 3));
  }

  @Test
  void evenMetresNeedNoWords() {
    BeatGroups bar = groups(Metre.of(4, 4), "C5/4 D5/4 E5/4 F5/4").get(0);
    assertThat(bar.uneven()).isFalse();
    assertThat(bar.lengths(Metre.of(4, 4))).hasSize(4);
  }
}
