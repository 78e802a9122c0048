package app.fret.bow;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.DecidedGroups;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.trouble.BowTrouble;
import app.fret.bow.trouble.BowTrouble.Kind;
import app.fret.bow.trouble.Mend;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/** Each kind of trouble in a plan, and each of its mends taken: the trouble is gone. */
class MendsTest {
  private static Brief brief(Passage passage, double perMinute) {
    Player player = Player.of("", Instruments.named("violin"));
    return Bowed.asPrinted(Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, perMinute)));
  }

  private static BowPlan plan(Brief brief, List<List<Integer>> strings, BowChoices choices) {
    Brief decided = brief.bowed(DecidedGroups.of(brief.reading(), choices));
    return new BowPlanner().plan(decided, choices, strings);
  }

  private static BowChoices decided(Brief brief, String... decisions) {
    BowChoices choices = BowChoices.none();
    for (String decision : decisions) {
      int note = Integer.parseInt(decision.substring(0, decision.indexOf('=')));
      StrokeDecision parsed = StrokeDecision.parse(decision.substring(decision.indexOf('=') + 1));
      choices = choices.with(new StrokeAt(brief.reading().places().top(note), parsed));
    }
    return choices;
  }

  /** Finds the trouble, takes each of its mends in turn, and looks again. */
  private static void eachMendRemoves(
      Kind kind, Brief brief, List<List<Integer>> strings, String... decisions) {
    BowChoices choices = decided(brief, decisions);
    List<BowTrouble> found =
        plan(brief, strings, choices).troubles().stream().filter(t -> t.kind() == kind).toList();
    assertThat(found).as("trouble before").hasSize(1);
    assertThat(found.get(0).mends()).isNotEmpty();
    for (Mend mend : found.get(0).mends()) {
      assertThat(mend.decisions().isEmpty() && mend.freed().isEmpty()).isFalse();
      assertThat(mend.words()).matches("[A-Z].*\\.");
      BowPlan mended = plan(brief, strings, mend.in(choices));
      assertThat(mended.troubles()).as(mend.words()).noneMatch(t -> t.kind() == kind);
    }
  }

  private static void eachMendRemoves(Kind kind, Brief brief, String... decisions) {
    eachMendRemoves(kind, brief, Bowed.strings(brief), decisions);
  }

  @Test
  void aSlurThatRunsOutIsCutAsOftenAsItMustBe() {
    eachMendRemoves(Kind.RUNS_OUT, brief(Music.passage("(C5/1 | D5/1)"), 60));
    eachMendRemoves(
        Kind.RUNS_OUT, brief(Music.passage("(C5/2 D5/2 | E5/2 F5/2 | G5/2 A5/2 | G5/1)"), 50));
  }

  @Test
  void aLongNoteThatRunsOutChangesTheBowInside() {
    eachMendRemoves(Kind.RUNS_OUT, brief(Music.passage("C5/1"), 30));
  }

  @Test
  void aStrokeBeyondItsSpeedFindsRoom() {
    eachMendRemoves(
        Kind.BEYOND_SPEED,
        brief(Music.passage("C5/4 (D5/2. | E5/4) r/4 r/2"), 60),
        "1=at:0.2",
        "1=up");
  }

  @Test
  void aFigureThatDriftsIsLiftedOrHooked() {
    String bar = "(C5/4 D5/4 E5/4) F5/4";
    String music = String.join(" | ", bar, bar, bar, bar);
    eachMendRemoves(Kind.DRIFT, brief(Music.passage(music), 70));
  }

  @Test
  void twoPrintedDownBowsWithoutTimeAreHookedOrGivenTime() {
    eachMendRemoves(
        Kind.NO_TIME_TO_RETAKE, brief(Music.passage("C5/16v D5/16v E5/16 F5/16 r/2."), 100));
    eachMendRemoves(
        Kind.NO_TIME_TO_RETAKE, brief(Music.passage("C5/8 D5/8 E5/8 F5/8 r/2"), 220), "1=retake");
  }

  @Test
  void anAccentInAWeakPlaceIsMoved() {
    Brief brief = brief(Signed.passage(NoteValue.QUARTER, "mf", "> - - -"), 100);
    eachMendRemoves(Kind.WEAK_PLACE, brief, "0=at:0.85", "0=down");
    eachMendRemoves(Kind.WEAK_PLACE, brief, "0=at:0.08", "0=up");
  }

  @Test
  void whatWasSpentTooSoonIsSaved() {
    Brief brief = brief(Signed.passage(NoteValue.QUARTER, "f", "- > o o"), 80);
    eachMendRemoves(Kind.SPENDS_TOO_SOON, brief, "0=down", "1=hook", "1=at:0.85");
  }

  private static Brief hairpin(String from, String to, boolean growing) {
    Passage plain = Music.passage("(C5/4 D5/4 E5/4 F5/4) | G5/4 r/2.");
    Fraction end = Fraction.of(3, 4);
    return brief(
        plain.withDirections(
            new Directions(
                List.of(
                    new Directions.Dynamic(Fraction.ZERO, from), new Directions.Dynamic(end, to)),
                List.of(new Directions.Hairpin(Fraction.ZERO, end, growing)),
                List.of(),
                List.of(),
                List.of(),
                List.of())),
        42);
  }

  @Test
  void aFadingUpBowAndAGrowingDownBowAreTurned() {
    eachMendRemoves(Kind.FADES_AT_FROG, hairpin("f", "p", false), "0=up", "0=at:0.9");
    eachMendRemoves(Kind.GROWS_AT_TIP, hairpin("p", "f", true), "0=down", "0=at:0.1");
  }

  @Test
  void aStrokeThatCannotStartWhereItIsPutStartsElsewhere() {
    Brief brief = brief(Music.passage("C5/4 (D5/2. | E5/2.) r/4"), 60);
    eachMendRemoves(Kind.NEXT_CANNOT_START, brief, "1=at:0.15", "1=up");
  }

  @Test
  void aStrokeOutsideItsRangeIsPlayedAnotherWay() {
    eachMendRemoves(
        Kind.OUTSIDE_STROKE_RANGE,
        brief(Signed.passage(NoteValue.SIXTEENTH, "mf", ". . . . . . . ."), 220));
    eachMendRemoves(
        Kind.OUTSIDE_STROKE_RANGE,
        brief(Music.passage("C5/16 D5/16 E5/16 F5/16 G5/16 A5/16 G5/16 F5/16 r/2"), 200));
    eachMendRemoves(
        Kind.OUTSIDE_STROKE_RANGE,
        brief(Signed.passage(NoteValue.QUARTER, "mf", "- - - -"), 90),
        "0=kind:spiccato");
  }

  private static Passage withPlucked(String music, Fraction from, Fraction to) {
    return Music.passage(music)
        .withDirections(
            new Directions(
                List.of(),
                List.of(),
                List.of(
                    new Directions.Words(from, "pizz.", true),
                    new Directions.Words(to, "arco", true)),
                List.of(),
                List.of(),
                List.of()));
  }

  @Test
  void aChangeToPluckingWithoutTimeIsGivenTimeOrLeft() {
    Passage passage =
        withPlucked("C5/4 D5/4 E5/4 r/4 | r/1 | F5/1", Fraction.of(1, 4), Fraction.of(2, 1));
    eachMendRemoves(Kind.PLUCKED_CHANGE, brief(passage, 96));
  }

  @Test
  void aWideLeapAtTheTipIsPlayedLower() {
    Brief brief = brief(Signed.passage(NoteValue.EIGHTH, "f", "- - - -"), 150);
    List<List<Integer>> strings = new ArrayList<>();
    for (int string : new int[] {4, 1, 1, 1}) {
      strings.add(List.of(string));
    }
    eachMendRemoves(Kind.WIDE_LEAP_AT_TIP, brief, strings, "1=at:0.9");
  }

  @Test
  void aSlurWithTooManyNotesIsCut() {
    String run = "C5/32 D5/32 E5/32 F5/32 ".repeat(8);
    eachMendRemoves(
        Kind.TOO_MANY_NOTES,
        brief(Music.passage("(" + run.trim() + ")"), 150),
        "0=at:0.9",
        "0=down");
  }
}
