package app.fret.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.score.Passage;
import app.fret.score.Step;
import app.fret.testing.Music;
import java.util.Map;
import org.junit.jupiter.api.Test;

class OriginsTest {
  private final Passage imported = Music.passage("C5/4 D5/4 E5/4 F5/4 | G4/2 A4/2 | B4/1");

  @Test
  void itRemembersWhereEachNoteCameFromThroughSeveralEdits() {
    StaffPen first = StaffPen.over(imported).goTo(0, false).insertBar();
    Passage once = first.music().passage();
    Origins origins =
        Origins.unchanged(imported).mended(first.music().eventsNow(), once.events().size());
    StaffPen second = StaffPen.over(once).goTo(2, false).delete();
    Passage twice = second.music().passage();
    origins = origins.mended(second.music().eventsNow(), twice.events().size());
    assertThat(origins.back())
        .as("a silent bar is new, D5 is gone")
        .containsEntry(1, 0)
        .containsEntry(2, 2)
        .doesNotContainKey(0)
        .doesNotContainValue(1);
    assertThat(origins.fit(imported, twice)).isTrue();
    assertThat(origins.fit(imported, once)).isFalse();
  }

  @Test
  void itsTextIsReadBack() {
    StaffPen pen = StaffPen.over(imported).goTo(4, false).insertBar();
    Passage mended = pen.music().passage();
    Origins origins =
        Origins.unchanged(imported).mended(pen.music().eventsNow(), mended.events().size());
    assertThat(origins).hasToString("0x4 -x1 4x3");
    assertThat(Origins.parse(origins.toString())).isEqualTo(origins);
    assertThat(Origins.parse("").back()).isEmpty();
  }

  @Test
  void nonsenseIsRefusedWithItsWords() {
    assertThatThrownBy(() -> Origins.parse("0x4 nonsense"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("'nonsense' tells no origin of notes");
    assertThatThrownBy(() -> Origins.parse("0x999999 0x2"))
        .hasMessage("origins of more than a million notes");
  }

  @Test
  void withoutMemoryNotesAreToldByWhatTheyHold() {
    StaffPen pen =
        StaffPen.over(imported).goTo(0, false).insertBar().goTo(3, false).step(1).goTo(5, false);
    Passage mended = pen.note(Step.C).music().passage();
    Map<Integer, Integer> back = Origins.told(imported, mended).back();
    assertThat(back)
        .containsEntry(1, 0)
        .containsEntry(2, 1)
        .as("E5 became F5, which is another note")
        .doesNotContainEntry(3, 2)
        .containsEntry(5, 4)
        .containsEntry(mended.events().size() - 1, imported.events().size() - 1);
  }
}
