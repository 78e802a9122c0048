package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LaunchOptionsTest {
  private static LaunchOptions of(String line) {
    return LaunchOptions.of(line.isEmpty() ? List.of() : Arrays.asList(line.split(" ")));
  }

  @Test
  void aBookAndAFileAreBothHeardInAnyOrder() {
    for (String line : List.of("open --book b.fretbook s.xml", "open s.xml --book b.fretbook")) {
      assertThat(of(line).book()).contains(Path.of("b.fretbook"));
      assertThat(of(line).file()).contains(Path.of("s.xml"));
      assertThat(of(line).demo()).isFalse();
    }
  }

  @Test
  void nothingMeansOnesOwnBook() {
    assertThat(of("")).isEqualTo(of("open"));
    assertThat(of("demo --pictures out --small").pictures()).contains(Path.of("out"));
    assertThat(of("demo --pictures out --small").small()).isTrue();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      textBlock =
          """
          open a.xml b.xml | 'b.xml' says nothing here; open takes --book BOOK and one FILE
          open --bok x | '--bok' says nothing here; open takes --book BOOK and one FILE
          open --book | after --book name a practice book
          open --book a --book b | '--book' says nothing here; open takes --book BOOK and one FILE
          demo now | 'now' says nothing here; demo takes --pictures DIR and --small
          demo --pictures | after --pictures name a folder
          play | 'play' is no command; say demo or open [--book BOOK] [FILE]
          """)
  void wordsThatSayNothingAreRefused(String line, String message) {
    assertThatThrownBy(() -> of(line))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage(message);
  }
}
