package app.fret.practice.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Hand;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.practice.PracticeChoices;
import app.fret.score.BeatUnit;
import app.fret.score.Clef;
import app.fret.score.Metre;
import app.fret.score.NoteRef;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/**
 * What is hard is found, cut into chunks, and answered by drills; which fits is common practice.
 */
class DrillChoiceTest {
  private static final String FAST =
      "A4/16 B4/16 C5/16 D5/16 E5/16 F5/16 G5/16 A5/16 B5/16 C6/16 D6/16 E6/16 D6/16 C6/16 B5/16"
          + " A5/16 | G5/16 F5/16 E5/16 D5/16 C5/16 B4/16 A4/16 G4/16 A4/16 B4/16 C5/16 D5/16"
          + " E5/16 F5/16 G5/16 A5/16 | B5/1";

  private static Study study(Metre metre, String music, double perMinute) throws Exception {
    return Study.of(
        Music.passage(metre, 0, Clef.TREBLE, music),
        Player.of("", Instruments.named("violin")),
        Choices.at(new Tempo(BeatUnit.QUARTER, perMinute)));
  }

  private static Study study(String music, double perMinute) throws Exception {
    return study(Metre.of(4, 4), music, perMinute);
  }

  private static List<DrillKind> kinds(Study study) {
    return study.drills().stream().map(ProposedDrill::kind).toList();
  }

  /** Handbook values, common practice: 2, 2, 1.5 and 1.5 times the straight pass. */
  @Test
  void rhythmsTakeTwoTwoOneAndAHalfAndOneAndAHalfTimesTheStraightPass() throws Exception {
    Study study = study("C5/8 D5/8 E5/8 F5/8 G5/8 F5/8 E5/8 D5/8", 60);
    assertThat(RhythmDrills.shares(study.drillSource(), new Span(0, 7)))
        .containsExactly(1.0, 2.0, 2.0, 1.5, 1.5, 1.0);
  }

  @Test
  void keepingTheBeatEachRhythmTakesWhatThePrintTakes() throws Exception {
    Study study = study("C5/8 D5/8 E5/8 F5/8 G5/8 F5/8 E5/8 D5/8", 60);
    PracticeChoices keeping = study.choices().practice().withBeatKept(true);
    Study kept = study.with(study.choices().with(keeping));
    DrillMusic set = DrillKind.RHYTHM.make(kept.drillSource(), new Span(0, 7)).orElseThrow();
    assertThat(set.passage().bars()).hasSize(RhythmDrills.SET.size());
  }

  /** Handbook value, common practice: ten seconds of music at 120 take 14.8 minutes. */
  @Test
  void aWholeClimbOfTenSecondsTakesFourteenMinutesAndThreeQuarters() throws Exception {
    Study study = study("C5/8 D5/8 E5/8 F5/8 G5/8 F5/8 E5/8 D5/8 ".repeat(1).strip(), 120);
    List<Double> shares = RhythmDrills.shares(study.drillSource(), new Span(0, 7));
    double minutes = study.practice().wholeClimbMinutes(shares);
    double passSeconds = study.practice().passSeconds().get(6);
    assertThat(study.practice().ladder().rungs()).hasSize(7);
    assertThat(minutes * 10 / passSeconds).isCloseTo(14.76, within(0.01));
  }

  @Test
  void aFastRunAsksForRhythmsAndChains() throws Exception {
    assertThat(kinds(study(FAST, 108)))
        .contains(DrillKind.RHYTHM, DrillKind.CHAIN_FORWARD, DrillKind.CHAIN_BACK);
  }

  @Test
  void theSameNotesSlowlyDoNot() throws Exception {
    assertThat(kinds(study(FAST, 40))).doesNotContain(DrillKind.RHYTHM);
  }

  @Test
  void aHardShiftAsksForTheSlideInItsThreeForms() throws Exception {
    assertThat(kinds(study("G5/4 E6/4 G5/4 B6/4 | E6/4 G5/4 C7/2", 144)))
        .containsSubsequence(
            DrillKind.GUIDE_AND_BACK, DrillKind.GUIDE_SLIDE, DrillKind.GUIDE_SILENT);
  }

  @Test
  void doubleStopsAndChordsAskForTheirTuning() throws Exception {
    assertThat(kinds(study("D4+B4/4 E4+C5/4 G3+D4+B4/2 | D4+B4/1", 60)))
        .contains(DrillKind.LOWER_BOTH_UPPER, DrillKind.VOICE_ALONE, DrillKind.CHORD_TUNING);
  }

  @Test
  void anUnevenMetreAsksForWords() throws Exception {
    Study study = study(Metre.of(7, 8), "C5/8 D5/8 E5/8 F5/8 G5/8 A5/8 G5/8 | G5/2..", 100);
    assertThat(kinds(study)).contains(DrillKind.WORDS);
  }

  @Test
  void aSlowLineAsksForTone() throws Exception {
    assertThat(kinds(study("C5/2 D5/2 | E5/2 F5/2 | G5/1", 60)))
        .contains(DrillKind.DRONE, DrillKind.VIBRATO_PULSES);
  }

  @Test
  void noDrillRunsOverTenMinutesAndEachSaysWhy() throws Exception {
    List<ProposedDrill> drills = new ArrayList<>(study(FAST, 108).drills());
    drills.addAll(study("D4+B4/4 E4+C5/4 G3+D4+B4/2 | D4+B4/1", 60).drills());
    assertThat(drills)
        .isNotEmpty()
        .allSatisfy(
            d -> {
              assertThat(d.seconds()).isBetween(1.0, 600.0);
              assertThat(d.times()).isPositive();
              assertThat(d.reason()).startsWith("bar");
            });
    assertThat(study(FAST, 108).drills())
        .extracting(ProposedDrill::number)
        .startsWith(1, 2, 3)
        .isSorted();
  }

  @Test
  void aWideReachIsCapped() throws Exception {
    Player small =
        new Player(
            "",
            Instruments.named("violin"),
            Hand.of(Hand.Preset.SMALL, Instruments.named("violin").handSize()),
            Player.of("", Instruments.named("violin")).habits());
    Study study =
        Study.of(
            Music.passage("A3+C5/2 B3+D5/2 | C4+E5/1"),
            small,
            Choices.at(new Tempo(BeatUnit.QUARTER, 60)));
    assertThat(study.leftHand().advice().wideReaches()).isNotEmpty();
    assertThat(study.drills()).anySatisfy(d -> assertThat(d.cap()).isPresent());
  }

  @Test
  void chunksHoldEveryNoteOnceAndBeginOnBeats() throws Exception {
    Study study = study(FAST, 108);
    List<Integer> notes = new ArrayList<>();
    for (Span chunk : study.chunks()) {
      assertThat(study.brief().reading().beats().begins(chunk.first())).isTrue();
      for (int note = chunk.first(); note <= chunk.last(); note++) {
        notes.add(note);
      }
    }
    assertThat(notes).hasSize(study.notes().size()).isSorted().doesNotHaveDuplicates();
  }

  @Test
  void thePlayerMovesABorder() throws Exception {
    Study study = study(FAST, 108);
    NoteRef at = study.places().top(8);
    Study cut =
        study.with(study.choices().with(study.choices().practice().withChunkStarts(List.of(at))));
    assertThat(cut.chunks()).containsExactly(new Span(0, 7), new Span(8, 32));
  }

  @Test
  void theLadderBeginsWithWhatIsClean() throws Exception {
    Study study = study(FAST, 108);
    Study clean =
        study.with(
            study.choices().with(study.choices().practice().withClean(OptionalDouble.of(90))));
    assertThat(clean.practice().ladder().rungs().get(0)).isEqualTo(90);
  }

  @Test
  void anEmptyPassageAsksForNothing() throws Exception {
    Study rests = study("r/1", 60);
    assertThat(rests.drills()).isEmpty();
    assertThat(rests.chunks()).isEmpty();
  }
}
