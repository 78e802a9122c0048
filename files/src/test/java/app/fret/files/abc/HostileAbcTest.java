package app.fret.files.abc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.testing.RandomPassages;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Whatever is typed, the reader goes on; whatever is in a file, it is read or refused in a line.
 */
class HostileAbcTest {
  private static final String SIGNS =
      "CDEFGABcdefgab^_=,'123456789/<>|:[](){}-.~!\"zxZy& \n\\%XKMLQVTw*$+H\u202e\u0000é";

  static LongStream seeds() {
    return LongStream.range(0, 400);
  }

  private static void requireCalm(String text) {
    AbcTune tune = AbcReader.read(text);
    assertThat(tune.problems())
        .allSatisfy(
            p -> {
              assertThat(p.from()).isBetween(0, Math.max(0, text.length()));
              assertThat(p.to()).isGreaterThan(p.from());
              assertThat(p.text()).doesNotContain("Exception", "null", "\n");
            });
    for (AbcProblem problem : tune.problems()) {
      for (AbcMend mend : problem.mends()) {
        assertThatCode(() -> mend.applied(text)).doesNotThrowAnyException();
      }
    }
    tune.passage().ifPresent(p -> assertThat(tune.places()).hasSameSizeAs(p.events()));
    assertThatCode(
            () -> {
              try {
                new AbcScore(ScorePlace.file("x.abc"), text, Optional.empty()).read(0);
              } catch (ScoreRejectedException e) {
                assertThat(e.getMessage()).startsWith("x.abc").doesNotContain("\n");
              }
            })
        .doesNotThrowAnyException();
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aDamagedTuneIsReadAsFarAsItGoes(long seed) {
    Random random = new Random(seed);
    StringBuilder text = new StringBuilder(AbcWriter.write(RandomPassages.full(seed)).text());
    for (int i = 0; i < 1 + random.nextInt(12); i++) {
      int at = random.nextInt(text.length());
      char sign = SIGNS.charAt(random.nextInt(SIGNS.length()));
      switch (random.nextInt(4)) {
        case 0 -> text.insert(at, sign);
        case 1 -> text.setCharAt(at, sign);
        case 2 -> text.delete(at, Math.min(text.length(), at + 1 + random.nextInt(6)));
        default -> text.insert(at, text.substring(at, Math.min(text.length(), at + 20)));
      }
    }
    requireCalm(text.toString());
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void noiseIsReadCalmly(long seed) {
    Random random = new Random(seed);
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < 120; i++) {
      text.append(SIGNS.charAt(random.nextInt(SIGNS.length())));
    }
    requireCalm(text.toString());
    requireCalm("X:1\nK:C\n" + text);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "C9999/9999 D9999999",
        "C//////////////// D",
        "(99:99:99CDE",
        "(2:0:5CDE",
        "Z9999",
        "Z99999",
        "[M:64/64]C",
        "[M:9999/4]C",
        "[M:0/4]C",
        "[M:4/0]C",
        "[L:1/0]C",
        "[L:0]C",
        "[Q:1/4=0]C",
        "[Q:1/4=9999]C",
        "[Q:9/7=60]C",
        "[K:C###]C",
        "[K:clef=treble9]C",
        "C'''''''''''' D,,,,,,,,",
        "[[[[[[CE",
        "((((((((((C",
        "))))))",
        "{{{{{{C",
        "C>>>>>>D",
        "C-C-C-C-^C",
        "|:|:|:::::|[1[2[3",
        "X:1\nX:2\nX:3",
        "K:",
        "M:",
        "L:",
        "Q:",
        "T:",
        "V:",
        "C\\",
        "%",
        "\"",
        "!",
        "C2/3/4/5"
      })
  void oddTextsAreReadCalmly(String text) {
    requireCalm(text);
    requireCalm("X:1\nT:Odd\nM:4/4\nL:1/8\nK:C\n" + text);
  }

  @Test
  void aVeryLongTuneIsRefusedInALineAndALongOneIsRead() {
    String bars = "cdef gabc'|".repeat(10_000);
    AbcTune tune = AbcReader.read("X:1\nM:4/4\nL:1/8\nK:C\n" + bars);
    assertThat(tune.passage().orElseThrow().bars()).hasSize(10_000);
    assertThatCode(() -> new AbcScore(ScorePlace.file("x.abc"), bars.repeat(40), Optional.empty()))
        .isInstanceOf(ScoreRejectedException.class)
        .hasMessageStartingWith("x.abc: it is longer than two million letters");
  }

  @Test
  void deepNestingDoesNotOverflow() {
    requireCalm("(".repeat(20_000) + "C" + ")".repeat(20_000));
    requireCalm("[".repeat(20_000));
    requireCalm("{".repeat(20_000));
  }
}
