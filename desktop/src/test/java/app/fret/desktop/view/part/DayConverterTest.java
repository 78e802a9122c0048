package app.fret.desktop.view.part;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DayConverterTest {
  private static final LocalDate DAY = LocalDate.of(2027, 1, 9);

  private final List<String> refused = new ArrayList<>();
  private final DayConverter days = new DayConverter(refused::add);

  @ParameterizedTest
  @ValueSource(
      strings = {"9 January 2027", " 9  january 2027 ", "9 Jan 2027", "9.1.2027", "2027-01-09"})
  void daysAreReadAsPlayersWriteThem(String text) {
    assertThat(days.fromString(text)).isEqualTo(DAY);
    assertThat(refused).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"t 1t0201tc", "30 February 2027", "1/9/2027", "tomorrow"})
  void whatIsNoDayIsSaidAndNothingStandsInItsPlace(String text) {
    assertThat(days.fromString(text)).isNull();
    assertThat(refused)
        .containsExactly(
            "“"
                + text
                + "” is no day; write it as 9 January 2027, or choose it from the calendar.");
  }

  @Test
  void noTextIsNoDay() {
    assertThat(days.fromString(" ")).isNull();
    assertThat(days.toString(null)).isEmpty();
    assertThat(refused).isEmpty();
  }

  @Test
  void whatIsShownCanBeReadAgain() {
    assertThat(days.toString(DAY)).isEqualTo("9 January 2027");
    assertThat(days.fromString(days.toString(DAY))).isEqualTo(DAY);
  }
}
