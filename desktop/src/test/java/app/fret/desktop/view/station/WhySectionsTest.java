package app.fret.desktop.view.station;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.view.part.NoteWords;
import app.fret.instrument.Habits;
import app.fret.instrument.Player;
import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Pin;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** What the panel at the right says, section by section. */
class WhySectionsTest {
  private static final Habits USUAL = Habits.USUAL;

  @BeforeAll
  static void startToolkit() throws TimeoutException {
    FxToolkit.registerPrimaryStage();
  }

  private static Study study(String instrument, Habits habits, String music, Pin... pins)
      throws Exception {
    Player player = PlayerSetup.usual(instrument).withHabits(habits).player("Oda Merrin");
    Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, 80));
    Study free = Study.of(Music.passage(music), player, choices);
    return free.with(free.pinned(choices, List.of(pins)));
  }

  private static Pin at(int note, int string, Finger finger, int base) {
    return new Pin(note, OptionalInt.of(string), Optional.of(finger), OptionalInt.of(base));
  }

  /** All words of some nodes, a line each. */
  private static List<String> words(List<Node> nodes) {
    List<String> words = new ArrayList<>();
    for (Node node : nodes) {
      if (node instanceof Labeled labeled && !labeled.getText().isEmpty()) {
        words.add(labeled.getText());
      } else if (node instanceof Parent parent) {
        words.add(String.join(" | ", words(parent.getChildrenUnmodifiable())));
      }
    }
    return words;
  }

  private static NotePlan plan(Study study, int note) {
    return study.leftHand().notes().get(note);
  }

  private static List<String> shift(Study study, int note) {
    return words(new WhyShift(study, new NoteWords(study)).into(plan(study, note)));
  }

  /** Viola, 1 on II in first position to 4 on I in third: lower and departing G4, arriving G5. */
  @Test
  void theThreeSchoolsOfGuideNotesStandSideBySide() throws Exception {
    Study study =
        study(
            "viola",
            USUAL,
            "E4/2 D5/2 | G5/1",
            at(0, 2, Finger.FIRST, 2),
            at(1, 1, Finger.FIRST, 5));
    Study viola =
        study("viola", USUAL, "E4/2 G5/2", at(0, 2, Finger.FIRST, 2), at(1, 1, Finger.FOURTH, 5));
    assertThat(shift(viola, 1))
        .contains("lower finger | guide G4, yours", "departing | guide G4", "arriving | guide E5")
        .anyMatch(w -> w.startsWith("difficulty | ") && w.endsWith("bits at ±10 cents"))
        .anyMatch(w -> w.matches("travel \\| \\d+ mm in 0\\.60 s, \\d+ mm/s"));
    assertThat(shift(study, 2)).isEmpty();
  }

  @Test
  void thePlayersOwnSchoolComesFirst() throws Exception {
    Habits departing = USUAL.withGuide(Habits.Guide.DEPARTING_FINGER);
    Study study =
        study(
            "viola", departing, "E4/2 G5/2", at(0, 2, Finger.FIRST, 2), at(1, 1, Finger.FOURTH, 5));
    List<String> said = shift(study, 1);
    assertThat(said.indexOf("departing | guide G4, yours"))
        .isPositive()
        .isLessThan(said.indexOf("lower finger | guide G4"));
  }

  @Test
  void aShiftInARestTakesNothingAndFreesTheBow() throws Exception {
    Study study =
        study(
            "violin", USUAL, "B4/4 r/4 A5/2", at(0, 2, Finger.FIRST, 2), at(1, 1, Finger.FIRST, 5));
    assertThat(shift(study, 1))
        .contains(
            "the slide | in the rest or under the open string, unheard",
            "the bow | rests, or plays the open string");
  }

  @Test
  void aDoubleStopSaysWhichHeadMovesByHowMuch() throws Exception {
    Study study = study("cello", USUAL, "E3+C4/1");
    List<String> said = words(new WhyTuning(study, new NoteWords(study)).of(plan(study, 0)));
    assertThat(said).contains("In tune");
    assertThat(said).anyMatch(w -> w.matches("minor sixth \\| \\w\\d 14 cents (higher|lower), .*"));
    assertThat(said).anyMatch(w -> w.startsWith("drone | "));
  }

  /** A on the D string of a violin sounds the open A (a fact of the tuning). */
  @Test
  void aNoteNamesTheOpenStringThatChecksIt() throws Exception {
    Study study = study("violin", USUAL, "D5/1", at(0, 2, Finger.THIRD, 2));
    List<String> said = words(new WhyTuning(study, new NoteWords(study)).of(plan(study, 0)));
    assertThat(said).anyMatch(w -> w.startsWith("check with | open III (octave)"));
  }

  @Test
  void aChordSaysWhichFingersStayAndHowItBreaks() throws Exception {
    Study study = study("violin", USUAL, "G4+B4/2 G4+C5/2 | A3+E4+C#5+A5/1");
    assertThat(words(new WhyHand(study, new NoteWords(study)).at(plan(study, 1))))
        .contains("Fingers", "stay | 3", "land | 2");
    assertThat(words(new WhyHand(study, new NoteWords(study)).at(plan(study, 2))))
        .contains("breaks | IV+III, then II+I");
  }

  @Test
  void aWideReachBringsTheCautions() throws Exception {
    Study study = study("violin", USUAL, "A3+C#5/1");
    List<String> said = words(new WhyHand(study, new NoteWords(study)).at(plan(study, 0)));
    assertThat(said).contains("Take care").anyMatch(w -> w.contains("stop at any pain"));
    Study easy = study("violin", USUAL, "A3/1");
    assertThat(words(new WhyHand(easy, new NoteWords(easy)).at(plan(easy, 0))))
        .doesNotContain("Take care");
  }

  @Test
  void reasonsSayHowLongTheHandStaysAndNameNoTermTwice() throws Exception {
    Study study =
        study(
            "violin",
            USUAL,
            "B4/4 C5/4 D5/4 C5/4 | D5/1",
            at(0, 2, Finger.FIRST, 2),
            at(4, 2, Finger.FIRST, 5));
    List<String> said = words(new WhyReasons(study, new NoteWords(study)).of(plan(study, 0)));
    assertThat(said)
        .contains("The hand stays in first position for 4 notes, this one included.")
        .doesNotHaveDuplicates();
    assertThat(words(new WhyReasons(study, new NoteWords(study)).of(plan(study, 3))))
        .contains("The hand is in first position for this note and moves on.");
  }

  @Test
  void chordsAndPlacesAreNamedInPlainWords() throws Exception {
    Study study = study("violin", USUAL, "G3+D4+B4/1 | D5/1", at(1, 2, Finger.THIRD, 2));
    NoteWords words = new NoteWords(study);
    assertThat(words.place(0)).isEqualTo("G3, D4 and B4, bar 1");
    assertThat(words.how(plan(study, 1).placement()))
        .isEqualTo("string II, finger 3; first position");
    assertThat(NoteWords.finger(Finger.THUMB)).isEqualTo("thumb");
  }
}
