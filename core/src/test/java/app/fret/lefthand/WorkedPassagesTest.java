package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.BeatUnit;
import app.fret.score.Clef;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The plans of textbook passages against the fingers players agree on, note by note. */
class WorkedPassagesTest {
  /** One line of the file. */
  record Worked(String name, Tempo tempo, int fifths, String music, List<String> fingers) {
    static Worked parse(String line) {
      String[] parts = line.split("\\|");
      return new Worked(
          parts[0].strip(),
          new Tempo(BeatUnit.QUARTER, Double.parseDouble(parts[1].strip())),
          Integer.parseInt(parts[2].strip()),
          parts[3].strip(),
          Arrays.asList(parts[4].strip().split("\\s+")));
    }

    @Override
    public String toString() {
      return name;
    }
  }

  static Stream<Worked> passages() throws IOException {
    try (BufferedReader reader =
        new BufferedReader(
            new InputStreamReader(
                WorkedPassagesTest.class.getResourceAsStream("violin-passages.txt"),
                StandardCharsets.UTF_8))) {
      return reader
          .lines()
          .filter(l -> !l.startsWith("#") && !l.isBlank())
          .map(Worked::parse)
          .toList()
          .stream();
    }
  }

  @ParameterizedTest
  @MethodSource("passages")
  void fingersAreThosePlayersAgreeOn(Worked worked) throws PinConflictException {
    Passage passage = Music.passage(Metre.of(8, 4), worked.fifths(), Clef.TREBLE, worked.music());
    Player player = Player.of("", Instruments.named("violin"));
    LeftHandPlan plan =
        new LeftHandPlanner(player, Profiles.named("secure"))
            .plan(passage, worked.tempo(), List.of());
    assertThat(plan.notes()).hasSameSizeAs(worked.fingers());
    for (int i = 0; i < worked.fingers().size(); i++) {
      List<String> agreed = Arrays.asList(worked.fingers().get(i).split("/"));
      assertThat(agreed)
          .as("note %d of %s", i + 1, fingers(plan))
          .contains(finger(plan.notes().get(i)));
    }
  }

  private static String finger(NotePlan note) {
    return note.placement().stops().stream()
        .map(s -> s.finger().sign())
        .collect(Collectors.joining("+"));
  }

  private static String fingers(LeftHandPlan plan) {
    return plan.notes().stream().map(WorkedPassagesTest::finger).collect(Collectors.joining(" "));
  }
}
