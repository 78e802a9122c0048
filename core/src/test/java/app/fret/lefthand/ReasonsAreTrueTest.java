package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instrument;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every reason that is said of generated music holds of the note it stands on. */
class ReasonsAreTrueTest {
  private static final Pattern SHIFT = Pattern.compile("Shift of (\\d+) mm .*");
  private static final Pattern CROSSING =
      Pattern.compile(
          "Crossing from string ([IV]+) to ([IV]+)( skips a string| inside a slur)?\\.");
  private static final Pattern RESPONSE = Pattern.compile("String ([IV]+) speaks .*");
  private static final Pattern WEAK =
      Pattern.compile("Fingers (\\S) and (\\S) in quick turn are a weak pair\\.");
  private static final Pattern COUNTED = Pattern.compile("On (\\d+) of (\\d+) notes: (.*)");

  private static Instrument instrument(String name) {
    return Instruments.named(name);
  }

  private static LeftHandPlan plan(String instrument, String profile, int seed) throws Exception {
    Player player = Player.of("", Instruments.named(instrument));
    int lowest =
        player.instrument().strings().stream().mapToInt(s -> s.pitch().midi()).min().orElseThrow();
    Random random = new Random(seed);
    String[] names = {"C", "C#", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B"};
    int written = lowest + (instrument.equals("bass") ? 12 : 0);
    StringBuilder words = new StringBuilder();
    int pitch = written + 10;
    for (int i = 0; i < 64; i++) {
      pitch = Math.max(written, Math.min(written + 30, pitch + random.nextInt(11) - 5));
      boolean slurs = i % 4 == 0 && i / 4 % 2 == 0;
      words.append(slurs ? "(" : "");
      words.append(names[pitch % 12]).append(pitch / 12 - 1).append("/8");
      words
          .append(i % 4 == 3 && i / 4 % 2 == 0 ? ")" : "")
          .append(i % 8 == 7 && i < 63 ? " | " : " ");
    }
    return new LeftHandPlanner(player, Profiles.named(profile))
        .plan(
            Briefs.of(Music.passage(words.toString()), player, new Tempo(BeatUnit.QUARTER, 120)),
            List.of());
  }

  @ParameterizedTest
  @CsvSource({
    "violin, secure, 1", "violin, brilliant, 2", "viola, singing, 3", "viola, still-hand, 4",
    "cello, secure, 5", "cello, even-colour, 6", "bass, secure, 7", "bass, singing, 8"
  })
  void whatIsSaidIsTrueOfItsNote(String name, String profile, int seed) throws Exception {
    LeftHandPlan plan = plan(name, profile, seed);
    int checked = 0;
    for (int i = 1; i < plan.notes().size(); i++) {
      Placement before = plan.notes().get(i - 1).placement();
      Placement at = plan.notes().get(i).placement();
      for (Reason reason : plan.notes().get(i).reasons()) {
        checked += check(instrument(name), reason.text(), before, at);
      }
    }
    assertThat(checked).isGreaterThan(20);
  }

  /** 1 where the sentence says something that can be held against the plan. */
  private static int check(Instrument instrument, String text, Placement before, Placement at) {
    String here = Instrument.numeral(at.top().string());
    String there = Instrument.numeral(before.top().string());
    Matcher shift = SHIFT.matcher(text);
    if (shift.matches()) {
      double mm = instrument.geometry().spanMm(before.hand(), at.hand());
      assertThat(Double.parseDouble(shift.group(1))).as(text).isEqualTo(Math.rint(mm));
      return 1;
    }
    Matcher crossing = CROSSING.matcher(text);
    if (crossing.matches()) {
      assertThat(List.of(crossing.group(1), crossing.group(2)))
          .as(text)
          .isEqualTo(List.of(there, here));
      return 1;
    }
    Matcher response = RESPONSE.matcher(text);
    if (response.matches()) {
      assertThat(response.group(1)).as(text).isEqualTo(here);
      return 1;
    }
    Matcher weak = WEAK.matcher(text);
    if (weak.matches()) {
      assertThat(List.of(weak.group(1), weak.group(2)))
          .as(text)
          .isEqualTo(List.of(before.top().finger().sign(), at.top().finger().sign()));
      return 1;
    }
    if (text.startsWith("The open string")) {
      assertThat(at.top().isOpen()).as(text).isTrue();
      return 1;
    }
    return 0;
  }

  @Test
  void whatIsCountedIsSoOften() throws Exception {
    int counts = 0;
    for (String name : List.of("violin", "viola", "cello", "bass")) {
      for (int seed = 1; seed < 4; seed++) {
        LeftHandPlan plan = plan(name, "brilliant", seed);
        for (String sentence : new DecidingReasons(plan).ofPassage()) {
          check(plan, sentence);
          counts++;
        }
      }
    }
    assertThat(counts).isGreaterThan(3);
  }

  private static void check(LeftHandPlan plan, String sentence) {
    Matcher counted = COUNTED.matcher(sentence);
    assertThat(counted.matches()).as(sentence).isTrue();
    long notes =
        plan.notes().stream()
            .map(NotePlan::reasons)
            .filter(
                reasons ->
                    reasons.stream().anyMatch(r -> r.text().equalsIgnoreCase(counted.group(3))))
            .count();
    assertThat(Long.parseLong(counted.group(1))).as(sentence).isLessThanOrEqualTo(notes);
    assertThat(Integer.parseInt(counted.group(2))).isEqualTo(plan.notes().size());
    assertThat(notes).as(sentence).isGreaterThanOrEqualTo(plan.notes().size() / 4);
  }
}
