package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Spot;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ProgrammeItemTest {
  /** The hand goes up within bar 2, by way of its first three notes. */
  private static final String SHIFT =
      "D5/4 E5/4 F5/4 E5/4 | D5/4 E5/4 D5/8 A6/8 G6/8 A6/8 | D5/4 E5/4 F5/4 E5/4";

  @Test
  void aSpotIsKnownByItsNotesByThoseBesideItAndByItsBar() throws Exception {
    Study study =
        Study.of(
            Music.passage(SHIFT),
            Player.of("", Instruments.named("violin")),
            Choices.at(new Tempo(BeatUnit.QUARTER, 120)));
    Item item = ProgrammeItem.of("a", "A", study, Optional.empty());
    Spot shift =
        item.spots().stream().filter(s -> s.place().equals("2:3")).findFirst().orElseThrow();
    assertThat(shift.around()).containsEntry("2:1", 0).containsEntry("2:3", 0);
    assertThat(shift.around()).containsEntry("2:4", 1).containsEntry("2:5", 2);
    assertThat(shift.around()).containsEntry("1:4", 1).containsEntry("1:3", 2);
    assertThat(shift.around()).as("only the bar is known").containsEntry("2", 0);
    assertThat(shift.around()).doesNotContainKeys("1:2", "2:6", "1", "3");
  }
}
