package app.fret.desktop.model.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.practice.schedule.Sparing;
import app.fret.practice.schedule.Spot;
import app.fret.practice.schedule.SpotCount;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class CareWordsTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 26);
  private static final Spot TENTH = new Spot("7:2", "bar 7, a tenth", List.of(), true);

  private static String words(SpotCount count) {
    return CareWords.of(Sparing.NONE, List.of(count), DAY);
  }

  @Test
  void nothingIsSaidOfASpotThatWasNotPlayed() {
    assertThat(words(new SpotCount(TENTH, 0, 0, SpotCount.CAP))).isEmpty();
  }

  @Test
  void aSpotIsCountedAgainstWhatItMayBePlayed() {
    assertThat(words(new SpotCount(TENTH, 3, 1, SpotCount.CAP)))
        .isEqualTo("Bar 7 stretches the hand: 1 of 5 in a row, 3 of 20 today.");
    assertThat(words(new SpotCount(TENTH, 1, 1, SpotCount.HALF_CAP)))
        .isEqualTo("Bar 7 comes back: 1 of 2 in a row, 1 of 10 today.");
    assertThat(words(new SpotCount(TENTH, 0, 0, SpotCount.HALF_CAP)))
        .isEqualTo("Bar 7 comes back: 0 of 2 in a row, 0 of 10 today.");
  }

  @Test
  void whatIsFullIsLeftOutOfTheNextPassOrForTheDay() {
    assertThat(words(new SpotCount(TENTH, 9, 5, SpotCount.CAP)))
        .isEqualTo(
            "Leave bar 7 out of the next pass: it was played 5 times in a row. That pass opens no"
                + " rung.");
    assertThat(words(new SpotCount(TENTH, 20, 2, SpotCount.CAP)))
        .isEqualTo("Leave bar 7 out for today: it was played 20 times.");
  }

  @Test
  void whatRestsIsLeftOutHoweverOftenItWasPlayed() {
    assertThat(words(new SpotCount(TENTH, 2, 0, SpotCount.NOT_AT_ALL)))
        .isEqualTo("Leave bar 7 out: it hurt.");
  }

  @Test
  void barsOfWhichTheSameIsSaidShareASentence() {
    Spot sameBar = new Spot("7:4", "bar 7, a fifth", List.of(), true);
    Spot before = new Spot("6:1", "bar 6, an octave", List.of(), true);
    Spot full = new Spot("9:1", "bar 9, a tenth", List.of(), true);
    List<SpotCount> counts =
        List.of(
            new SpotCount(TENTH, 1, 1, SpotCount.CAP),
            new SpotCount(sameBar, 1, 1, SpotCount.CAP),
            new SpotCount(full, 20, 1, SpotCount.CAP),
            new SpotCount(before, 1, 1, SpotCount.CAP));
    assertThat(CareWords.of(Sparing.NONE, counts, DAY))
        .isEqualTo(
            "Bars 6 and 7 stretch the hand: 1 of 5 in a row, 1 of 20 today. Leave bar 9 out for"
                + " today: it was played 20 times.");
  }
}
