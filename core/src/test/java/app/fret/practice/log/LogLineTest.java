package app.fret.practice.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.practice.log.SaidPass.Result;
import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.MissKind;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LogLineTest {
  private static List<SaidPass> read(String line) throws LogLineException {
    return LogLine.read(line, Set.of("7", "9", "12", "7a", "B2")::contains);
  }

  private static Miss miss(String place, MissKind kind) {
    return new Miss(Optional.of(place), kind);
  }

  @Test
  void tempoTimesAndPlaceAreReadInOneLine() throws LogLineException {
    assertThat(read("clean 96 x3, missed bar 7"))
        .containsExactly(
            new SaidPass(Result.CLEAN, 3, OptionalDouble.of(96), List.of()),
            new SaidPass(
                Result.MISSED, 1, OptionalDouble.empty(), List.of(miss("7", MissKind.OTHER))));
  }

  @Test
  void whatHasNoResultOfItsOwnBelongsToThePassBefore() throws LogLineException {
    assertThat(read("missed bar 7 low, bar 9 late"))
        .containsExactly(
            new SaidPass(
                Result.MISSED,
                1,
                OptionalDouble.empty(),
                List.of(miss("7", MissKind.LOW), miss("9", MissKind.LATE))));
  }

  @ParameterizedTest
  @CsvSource({
    "missed 7:3 high, 7:3, HIGH",
    "missed bar 7 note 3 sharp, 7:3, HIGH",
    "miss at 88 in bar 7a out of bow, 7a, OUT_OF_BOW",
    "Missed bar 12 on the wrong string, 12, STRING",
    "missed bar 9 forgot, 9, MEMORY",
    "MISSED Bar B2 Low, B2, LOW"
  })
  void aPlaceAndAKindAreSaidInSeveralWays(String line, String place, MissKind kind)
      throws LogLineException {
    assertThat(read(line).get(0).misses()).containsExactly(miss(place, kind));
  }

  @ParameterizedTest
  @ValueSource(strings = {"clean x4", "clean 4x", "clean 4 times", "clean \u00d74"})
  void timesAreSaidInSeveralWays(String line) throws LogLineException {
    assertThat(read(line))
        .containsExactly(new SaidPass(Result.CLEAN, 4, OptionalDouble.empty(), List.of()));
  }

  @Test
  void aHurtHasItsPlace() throws LogLineException {
    assertThat(read("hurts bar 9").get(0))
        .isEqualTo(
            new SaidPass(
                Result.HURT, 1, OptionalDouble.empty(), List.of(miss("9", MissKind.OTHER))));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "missed bar 70 | no bar 70",
        "clean 96 wobbly | \u201cwobbly\u201d is not understood",
        "96 clean | \u201c96\u201d is not understood",
        "clean x0 | 1 to 50 passes",
        "clean x51 | 1 to 50 passes",
        "clean 5000 | between 1 and 1000",
        "clean bar 7 | a clean pass has no place",
        "missed bar | \u201cbar\u201d is not understood",
        ", ; | Write for example"
      })
  void whatIsNotUnderstoodIsSaidAndNothingCounts(String line, String sentence) {
    assertThatThrownBy(() -> read(line))
        .isInstanceOf(LogLineException.class)
        .hasMessageContaining(sentence);
  }
}
