package app.fret.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Phrases, levels, notes to bring out and bowing patterns on the command line. */
class ShapeOptionsTest {
  @TempDir Path folder;
  private Path score;

  @BeforeEach
  void writeScore() throws IOException {
    score =
        Files.writeString(
            folder.resolve("tune.abc"),
            "X:1\nT:Tune\nM:4/4\nL:1/4\nQ:1/4=80\nK:C\nCDEF|GFED|EFGA|BAGF|EDCD|C4|]\n");
  }

  private String run(List<String> options, int exit) {
    List<String> line =
        new ArrayList<>(List.of("plan", score.toString(), "--instrument", "violin"));
    line.addAll(options);
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    int code =
        Main.run(
            new PrintWriter(out, true), new PrintWriter(err, true), line.toArray(String[]::new));
    assertThat(code).as(err.toString()).isEqualTo(exit);
    return exit == 0 ? out.toString() : err.toString();
  }

  private JsonNode shape(String... options) throws IOException {
    return new ObjectMapper().readTree(run(List.of(options), 0)).get("shape");
  }

  @Test
  void aPhraseALevelAndANoteToBringOutAreInTheShape() throws IOException {
    JsonNode shape = shape("--phrase", "3:1=start", "--level", "3:1-4:4=p>f", "--bring-out", "2:2");

    assertThat(shape.get("phrases")).extracting(p -> p.get("firstNote").asInt()).contains(8);
    assertThat(shape.get("notes").get(8).get("level").asDouble()).isEqualTo(4);
    assertThat(shape.get("notes").get(15).get("level").asDouble()).isEqualTo(7);
    assertThat(shape.get("notes").get(5).get("broughtOut").asBoolean()).isTrue();
    assertThat(shape.get("notes").get(6).has("broughtOut")).isFalse();
  }

  @Test
  void aPhraseThePlayerSetSaysSoAndAJoinedOneIsGone() throws IOException {
    JsonNode set = shape("--phrase", "2:3=start").get("phrases");
    JsonNode joined = shape("--phrase", "2:3=start", "--phrase", "2:3=join").get("phrases");

    assertThat(set)
        .filteredOn(p -> p.get("firstNote").asInt() == 6)
        .singleElement()
        .satisfies(p -> assertThat(p.get("why").get(0).asText()).isEqualTo("you set it"));
    assertThat(joined).noneMatch(p -> p.get("firstNote").asInt() == 6);
  }

  @Test
  void barsAreBowedInAPatternAndASingleStrokeIsDecidedAgainstIt() throws IOException {
    JsonNode strokes =
        new ObjectMapper()
            .readTree(run(List.of("--pattern", "1-2=two-and-two", "--stroke", "1:1=split"), 0))
            .get("bow")
            .get("strokes");

    assertThat(strokes)
        .extracting(s -> s.get("firstNote").asInt() + "-" + s.get("lastNote").asInt())
        .contains("2-3", "4-5", "6-7", "8-8");
  }

  @ParameterizedTest
  @CsvSource({
    "--phrase, 3:1=begin, write BAR:INDEX=start or BAR:INDEX=join",
    "--phrase, 1:1=start, the first phrase begins with the first note in any case",
    "--phrase, 9:1=start, bar 9 has no note 1",
    "--level, 3:1=f, write BAR:INDEX-BAR:INDEX=LEVEL",
    "--level, 3:4-3:1=f, it ends before it begins",
    "--level, 3:1-3:4=loud, is no level",
    "--level, 3:1-3:4=p>f>p, a hairpin has two levels",
    "--bring-out, 3, write BAR:INDEX",
    "--pattern, 3=zigzag, there is no pattern",
    "--pattern, 3-9=beat, no note begins in bar 9",
    "--pattern, 4-2=beat, it ends before it begins",
    "--pattern, beat, write BAR-BAR=PATTERN",
    "--pattern, 1-2=hooked, nothing in these bars can be bowed so",
  })
  void whatCannotBeMeantIsRefusedInOneLine(String option, String value, String says) {
    assertThat(run(List.of(option, value), 2)).contains(option).contains(says).hasLineCount(1);
  }
}
