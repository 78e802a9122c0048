package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.musicxml.MusicXmlReader;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import app.fret.reading.PlayedNote;
import app.fret.score.Finger;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each profile is best at what it claims to serve, over the passages of the demo book. */
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

  /** Over the whole demo book: on one short passage two profiles may well change places. */
  private void assertLeast(String profile, ToDoubleFunction<Study> quantity) throws Exception {
    assertLeast(profile, quantity, Set.of());
  }

  private void assertLeast(String profile, ToDoubleFunction<Study> quantity, Set<String> apart)
      throws Exception {
    Map<String, Double> sums = new HashMap<>();
    for (String passage : PASSAGES.keySet()) {
      studies(passage)
          .forEach((name, study) -> sums.merge(name, quantity.applyAsDouble(study), Double::sum));
    }
    assertThat(sums).hasSameSizeAs(NAMES);
    sums.keySet().removeAll(apart);
    sums.forEach(
        (name, sum) ->
            assertThat(sums.get(profile))
                .as("%s against %s", profile, name)
                .isLessThanOrEqualTo(sum + 1e-9));
  }

  /** Brilliant lies low too, since it looks for the upper strings, and is held apart. */
  @Test
  void secureHasALowerHandThanEveryProfileThatDoesNotLookForUpperStrings() throws Exception {
    assertLeast("secure", ProfilesTest::meanHandHeight, Set.of("brilliant"));
  }

  private static double meanHandHeight(Study study) {
    return study.leftHand().notes().stream()
        .map(NotePlan::placement)
        .filter(Placement::usesHand)
        .mapToInt(p -> Math.max(2, p.hand()))
        .average()
        .orElse(0);
  }

  @Test
  void evenColourChangesTheStringLeastInsideSlurs() throws Exception {
    assertLeast("even-colour", ProfilesTest::stringChangesInSlurs);
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
    assertLeast("singing", ProfilesTest::longNotesWithoutGoodVibrato);
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
    assertLeast("brilliant", ProfilesTest::meanString);
  }

  private static double meanString(Study study) {
    return study.leftHand().notes().stream()
        .mapToInt(n -> n.placement().top().string())
        .average()
        .orElse(0);
  }

  @Test
  void stillHandShiftsLeast() throws Exception {
    assertLeast("still-hand", s -> s.leftHand().totals().shifts());
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
