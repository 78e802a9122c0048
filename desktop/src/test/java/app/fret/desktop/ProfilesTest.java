package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.musicxml.MusicXmlReader;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.effort.Profiles;
import app.fret.reading.PlayedNote;
import app.fret.score.Finger;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each profile is best at what it claims to serve, in every passage of the demo book. */
class ProfilesTest {
  private static final Map<String, String> PASSAGES =
      Map.of(
          "harbour-wind", "violin",
          "lantern-song", "violin",
          "kestrel", "violin",
          "gate-of-bells", "violin",
          "low-water", "viola",
          "mill-race", "viola",
          "salt-road", "cello",
          "copper-hill", "cello",
          "tall-ship", "bass",
          "seven-steps", "bass");
  private static final List<String> NAMES =
      List.of("secure", "even-colour", "singing", "brilliant", "still-hand");

  /** Semitones of the hand above the open string. */
  private static final int FOURTH_POSITION = 7;

  @TempDir private Path folder;

  private Map<String, Study> studies(String passage) throws Exception {
    Map<String, Study> studies = new HashMap<>();
    Passage music = read(passage);
    Tempo tempo = music.printedTempo().orElseThrow();
    Player player = Player.of("", Instruments.named(PASSAGES.get(passage)));
    for (String name : NAMES) {
      Choices choices = Choices.at(tempo).withProfile(Profiles.named(name));
      studies.put(name, Study.of(music, player, choices));
    }
    return studies;
  }

  private Passage read(String passage) throws Exception {
    Path file = folder.resolve(passage + ".musicxml");
    try (InputStream in = ProfilesTest.class.getResourceAsStream("demo/" + passage + ".musicxml")) {
      Files.write(file, in.readAllBytes());
    }
    return new MusicXmlReader().open(file).read(0).passage();
  }

  /**
   * Passage by passage no profile is better than this one at what it serves.
   *
   * @param apart profiles that are not compared
   */
  private void assertLeastEverywhere(
      String profile, ToDoubleFunction<Study> quantity, Set<String> apart) throws Exception {
    List<String> shortfalls = new ArrayList<>();
    for (String passage : PASSAGES.keySet()) {
      Map<String, Study> studies = studies(passage);
      double own = quantity.applyAsDouble(studies.get(profile));
      for (String name : NAMES) {
        double other = quantity.applyAsDouble(studies.get(name));
        if (!apart.contains(name) && other < own - 1e-9) {
          shortfalls.add("%s: %s %.2f, %s %.2f".formatted(passage, profile, own, name, other));
        }
      }
    }
    assertThat(shortfalls).isEmpty();
  }

  /** Brilliant looks for the upper strings, which keeps it low, and is held apart. */
  @Test
  void secureHasTheFewestNotesAboveFourthPosition() throws Exception {
    assertLeastEverywhere("secure", ProfilesTest::notesAboveFourthPosition, Set.of("brilliant"));
  }

  private static double notesAboveFourthPosition(Study study) {
    return study.leftHand().notes().stream()
        .map(NotePlan::placement)
        .filter(p -> p.usesHand() && p.hand() > FOURTH_POSITION)
        .count();
  }

  /** Where brilliant stays on the top string it need not cross, and is held apart. */
  @Test
  void evenColourChangesTheStringLeastInsideSlurs() throws Exception {
    assertLeastEverywhere("even-colour", ProfilesTest::stringChangesInSlurs, Set.of("brilliant"));
  }

  private static double stringChangesInSlurs(Study study) {
    List<NotePlan> notes = study.leftHand().notes();
    int changes = 0;
    for (int i = 1; i < notes.size(); i++) {
      boolean slurred = isSlurred(study.passage(), notes.get(i - 1).note(), notes.get(i).note());
      boolean changed =
          notes.get(i).placement().top().string() != notes.get(i - 1).placement().top().string();
      changes += slurred && changed ? 1 : 0;
    }
    return changes;
  }

  private static boolean isSlurred(Passage passage, PlayedNote one, PlayedNote next) {
    return passage.slurs().stream()
        .anyMatch(s -> s.holds(one.events().last()) && s.holds(next.events().first()));
  }

  @Test
  void singingHasTheFewestLongNotesThatCannotVibrateWell() throws Exception {
    assertLeastEverywhere("singing", ProfilesTest::longNotesWithoutGoodVibrato, Set.of());
  }

  private static double longNotesWithoutGoodVibrato(Study study) {
    Tempo tempo = study.choices().target();
    return study.leftHand().notes().stream()
        .filter(n -> tempo.seconds(n.note().length()) >= 0.45)
        .map(n -> n.placement().top())
        .filter(s -> s.isOpen() || s.isHarmonic() || s.finger() == Finger.FOURTH)
        .count();
  }

  @Test
  void brilliantPlaysOnTheUpperStrings() throws Exception {
    assertLeastEverywhere("brilliant", ProfilesTest::meanString, Set.of());
  }

  private static double meanString(Study study) {
    return study.leftHand().notes().stream()
        .mapToInt(n -> n.placement().top().string())
        .average()
        .orElse(0);
  }

  @Test
  void stillHandShiftsLeast() throws Exception {
    assertLeastEverywhere("still-hand", s -> s.leftHand().totals().shifts(), Set.of());
  }

  @Test
  void noProfileIsACopyOfAnother() throws Exception {
    Map<String, Study> studies = studies("harbour-wind");
    assertThat(NAMES.stream().map(n -> fingers(studies.get(n).leftHand())).distinct())
        .hasSameSizeAs(NAMES);
  }

  private static List<Object> fingers(LeftHandPlan plan) {
    return plan.notes().stream().map(n -> (Object) n.placement().stops()).toList();
  }

  @ParameterizedTest
  @CsvSource({"harbour-wind", "lantern-song"})
  void asPrintedKeepsEveryFingerThePartPrints(String passage) throws Exception {
    Passage music = read(passage);
    Player player = Player.of("", Instruments.named("violin"));
    Choices choices = Choices.at(music.printedTempo().orElseThrow());
    Study brilliant = Study.of(music, player, choices.withProfile(Profiles.named("brilliant")));
    Passage marked = app.fret.study.MarkedPassage.of(brilliant);
    Study printed = Study.of(marked, player, choices.withProfile(Profiles.named("as-printed")));
    assertThat(printed.leftHand().notes().stream().map(n -> n.placement().top().finger()).toList())
        .isEqualTo(
            brilliant.leftHand().notes().stream().map(n -> n.placement().top().finger()).toList());
  }
}
