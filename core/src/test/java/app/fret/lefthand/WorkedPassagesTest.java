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
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The plans of textbook passages against the fingers players agree on, note by note. The terms were
 * tuned on the first half of each file only.
 */
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
  }

  /** Notes that agree, of how many, and what was planned where they do not. */
  record Agreement(int notes, List<String> departures) {
    double share() {
      return 1 - (double) departures.size() / notes;
    }
  }

  @ParameterizedTest
  @CsvSource({
    "violin, tuned, 0.95",
    "violin, unseen, 0.95",
    "viola, tuned, 0.95",
    "viola, unseen, 0.95",
    "cello, tuned, 0.95",
    "cello, unseen, 0.95",
    "bass, tuned, 0.95",
    "bass, unseen, 0.95"
  })
  void fingersAreThosePlayersAgreeOn(String instrument, String half, double least) {
    Agreement agreement = agreement(instrument, half);
    assertThat(agreement.share())
        .as("%d notes, other fingers: %s", agreement.notes(), agreement.departures())
        .isGreaterThanOrEqualTo(least);
  }

  private static Agreement agreement(String instrument, String half) {
    List<String> departures = new ArrayList<>();
    int notes = 0;
    for (Worked worked : passages(instrument, half)) {
      LeftHandPlan plan = plan(instrument, worked);
      assertThat(plan.notes()).as(worked.name()).hasSameSizeAs(worked.fingers());
      for (int i = 0; i < worked.fingers().size(); i++) {
        notes++;
        List<String> agreed = Arrays.asList(worked.fingers().get(i).split("/"));
        if (!agreed.contains(finger(plan.notes().get(i)))) {
          departures.add(worked.name() + ", note " + (i + 1) + " of " + fingers(plan));
        }
      }
    }
    return new Agreement(notes, departures);
  }

  private static LeftHandPlan plan(String instrument, Worked worked) {
    Passage passage = Music.passage(Metre.of(8, 4), worked.fifths(), Clef.TREBLE, worked.music());
    Player player = Player.of("", Instruments.named(instrument));
    try {
      return new LeftHandPlanner(player, Profiles.named("secure"))
          .plan(Briefs.of(passage, player, worked.tempo()), List.of());
    } catch (PinConflictException e) {
      throw new AssertionError(e);
    }
  }

  private static List<Worked> passages(String instrument, String half) {
    List<Worked> found = new ArrayList<>();
    String section = "";
    try (BufferedReader reader =
        new BufferedReader(
            new InputStreamReader(
                WorkedPassagesTest.class.getResourceAsStream(instrument + "-passages.txt"),
                StandardCharsets.UTF_8))) {
      for (String line : reader.lines().toList()) {
        if (line.startsWith("[")) {
          section = line.substring(1, line.length() - 1);
        } else if (section.equals(half) && !line.isBlank()) {
          found.add(Worked.parse(line));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return found;
  }

  private static String finger(NotePlan note) {
    return note.placement().stops().stream()
        .map(s -> s.finger().sign())
        .collect(Collectors.joining("+"));
  }

  private static String fingers(LeftHandPlan plan) {
    return plan.notes().stream()
        .map(
            n ->
                finger(n)
                    + n.placement().stops().stream()
                        .map(s -> "@" + s.string())
                        .collect(Collectors.joining()))
        .collect(Collectors.joining(" "));
  }
}
