package app.fret.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.testing.Music;
import java.util.ArrayList;
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
  void aLongMetreIsCountedInThreesUnlessNotesSayOtherwise() {
    Metre eleven = Metre.of(11, 4);
    String even = "C5/4 D5/4 E5/4 F5/4 G5/4 A5/4 G5/4 F5/4 E5/4 D5/4 C5/4";
    String twos = "C5/2 D5/2 E5/2 F5/2. C5/2";
    assertThat(groups(eleven, even + " | " + twos))
        .extracting(BeatGroups::groups)
        .containsExactly(List.of(3, 3, 3, 2), List.of(2, 2, 2, 3, 2));
  }

  @Test
  void accentsSayWhereAGroupBegins() {
    Metre eleven = Metre.of(11, 8);
    String bar = "C5/8 D5/8 E5/8 F5/8 G5/8 A5/8 G5/8 F5/8 E5/8 D5/8 C5/8";
    Passage passage = Music.passage(eleven, bar);
    List<Event> events = new ArrayList<>(passage.events());
    for (int accented : new int[] {2, 4, 7, 9}) {
      Sounding note = (Sounding) events.get(accented);
      events.set(accented, note.withMarks(note.marks().toggled(Marks.Articulation.ACCENT)));
    }
    assertThat(Reading.of(passage.withEvents(events)).beatGroups().get(0).groups())
        .containsExactly(2, 2, 3, 2, 2);
  }

  @Test
  void evenMetresNeedNoWords() {
    BeatGroups bar = groups(Metre.of(4, 4), "C5/4 D5/4 E5/4 F5/4").get(0);
    assertThat(bar.uneven()).isFalse();
    assertThat(bar.lengths(Metre.of(4, 4))).hasSize(4);
  }
}
