package app.fret.lefthand.advice;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Hand;
import app.fret.instrument.Instrument;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Finger;
import app.fret.score.Marks;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

class AdviceTest {
  private static final Tempo SIXTY = new Tempo(BeatUnit.QUARTER, 60);

  private static Advice advice(Player player, Passage passage, Pin... pins) {
    try {
      LeftHandPlan plan =
          new LeftHandPlanner(player, Profiles.named("secure"))
              .plan(Briefs.of(passage, player, SIXTY), List.of(pins));
      return plan.advice();
    } catch (PinConflictException e) {
      throw new AssertionError(e);
    }
  }

  private static Player player(String instrument) {
    return Player.of("", Instruments.named(instrument));
  }

  private static Passage with(Passage plain, String dynamic, String word) {
    Directions directions =
        new Directions(
            List.of(new Directions.Dynamic(Fraction.ZERO, dynamic)),
            List.of(),
            List.of(new Directions.Words(Fraction.ZERO, word, true)),
            List.of(),
            List.of(),
            List.of());
    return new Passage(
        plain.title(),
        plain.partName(),
        plain.bars(),
        plain.events(),
        plain.slurs(),
        plain.tuplets(),
        directions,
        plain.transposition());
  }

  @Test
  void aFingerIsReadyFromWhenItIsFree() {
    Advice advice =
        advice(
            player("violin"),
            Music.passage("F#4/4 G4/4 C5/4 B4/4"),
            Pin.of(0, 3, Finger.SECOND),
            Pin.of(1, 3, Finger.THIRD),
            Pin.of(2, 2, Finger.SECOND),
            Pin.of(3, 2, Finger.FIRST));
    ReadyMark second = advice.ready().stream().filter(r -> r.note() == 2).findFirst().orElseThrow();
    assertThat(second.fromNote()).as("2 is busy on F sharp, free on G").isEqualTo(1);
    assertThat(second.secondsAhead()).isEqualTo(1);
    ReadyMark first = advice.ready().stream().filter(r -> r.note() == 3).findFirst().orElseThrow();
    assertThat(first.fromNote()).as("1 lies behind all others").isZero();
  }

  @Test
  void aChordChangeSaysWhichFingersStaySlideHopAndLand() {
    Advice advice =
        advice(
            player("violin"),
            Music.passage("C4+E4/2 E4+C5/2"),
            Pin.of(0, 4, Finger.THIRD),
            Pin.of(1, 3, Finger.FIRST));
    ChordChange change = advice.chordChanges().get(0);
    assertThat(change.stay()).containsExactly(Finger.FIRST);
    assertThat(change.land()).containsExactly(Finger.SECOND);
    assertThat(change.lift()).containsExactly(Finger.THIRD);
    assertThat(change.first()).contains(Finger.SECOND);
    assertThat(change.words()).isEqualTo("1 stays, 2 lands, 3 leaves, 2 goes first");
  }

  @Test
  void noChordNoChange() {
    assertThat(advice(player("violin"), Music.passage("C5/2 D5/2")).chordChanges()).isEmpty();
  }

  @Test
  void trillsNameTheirUpperFinger() {
    Passage plain = Music.passage("B4/1");
    Sounding note = (Sounding) plain.events().get(0);
    Marks trill = new Marks(Set.of(), Set.of(Marks.Ornament.TRILL), Optional.empty(), false, 0);
    Passage trilled = plain.withEvents(List.of(note.withMarks(trill)));
    TrillFinger finger =
        advice(
                player("violin"),
                trilled,
                new Pin(0, OptionalInt.of(2), Optional.of(Finger.FIRST), OptionalInt.of(2)))
            .trills()
            .get(0);
    assertThat(finger.halfStep()).contains(Finger.SECOND);
    assertThat(finger.wholeStep()).contains(Finger.SECOND);
  }

  @Test
  void loudInnerStringsSkippedStringsAndClippedOpenOnesAreHazards() {
    Passage loud = with(Music.passage("D5/4 B3/4 A4+E4/2"), "ff", "");
    Advice advice =
        advice(
            player("violin"),
            loud,
            Pin.of(0, 2, Finger.THIRD),
            Pin.of(1, 4, Finger.SECOND),
            Pin.of(2, 2, Finger.OPEN));
    assertThat(advice.hazards())
        .extracting(Hazard::kind)
        .contains(
            Hazard.Kind.CAUGHT_NEIGHBOUR,
            Hazard.Kind.BRUSHED_STRING,
            Hazard.Kind.CLIPPED_OPEN_STRING);
    assertThat(advice.hazards())
        .allSatisfy(h -> assertThat(h.answer()).endsWith("."))
        .allSatisfy(h -> assertThat(h.words()).isNotBlank());
    assertThat(advice(player("violin"), Music.passage("D5/4 E5/4 D5/2")).hazards()).isEmpty();
  }

  @Test
  void chordsOfFourBreakFromLowToHigh() {
    Advice advice = advice(player("violin"), Music.passage("G3+D4+B4+G5/1"));
    assertThat(advice.brokenChords().get(0).words()).isEqualTo("IV+III, then II+I");
    Advice three = advice(player("cello"), Music.passage("C2+G2+E3/1"));
    assertThat(three.brokenChords().get(0).words()).isEqualTo("IV+III, then III+II");
  }

  /** First-position tenths are 118.5 mm on the violin; a small hand opens to 109 mm. */
  @Test
  void aChordBeyondTheHandIsLeftOutWithItsReasonAndTheRestIsPlanned() {
    Instrument violin = Instruments.named("violin");
    Player small = new Player("", violin, Hand.of(Hand.Preset.SMALL, violin.handSize()));
    Advice advice = advice(small, Music.passage("A3+C#5/2 C5/2"));
    assertThat(advice.leftOut()).hasSize(1);
    assertThat(advice.leftOut().get(0).words())
        .startsWith(
            "fingers 1 on A3 and 4 on C♯5 would stand 118 mm apart; this hand opens to 109");
  }

  @Test
  void wideStretchesAreCautionedAndNamedWithTheirLimits() {
    Advice advice = advice(player("violin"), Music.passage("A3+C#5/1"), Pin.of(0, 4, Finger.FIRST));
    assertThat(advice.cautions()).hasSize(1);
    assertThat(advice.cautions().get(0))
        .startsWith(
            "1 note opens the hand almost as far as it goes, at most 45 mm beyond its comfortable"
                + " span (bar 1).")
        .contains("stop at any pain")
        .contains("at most 5 times in a row and 20 times a day");
    assertThat(advice(player("violin"), Music.passage("A4/2 B4/2")).cautions()).isEmpty();
  }

  /** From E flat to G is the everyday extension of the cello: common practice, no source. */
  @Test
  void anEverydayExtensionIsNoReasonToWarn() {
    Advice low = advice(player("cello"), Music.passage("Eb3/2 G3/2"), Pin.of(1, 2, Finger.FOURTH));
    assertThat(low.cautions()).isEmpty();
    assertThat(low.wideReaches()).isEmpty();
    Advice octave =
        advice(
            player("cello"),
            Music.passage("D4/2 D5/2"),
            Pin.of(0, 2, Finger.THUMB),
            Pin.of(1, 1, Finger.THIRD));
    assertThat(octave.cautions()).isEmpty();
  }

  @Test
  void longLoudPassagesAndPluckedChordsAreCautioned() {
    String bar = "D5/4 E5/4 D5/4 E5/4";
    Passage loud =
        with(Music.passage(String.join(" | ", List.of(bar, bar, bar, bar, bar, bar))), "ff", "");
    assertThat(advice(player("violin"), loud).cautions())
        .anyMatch(c -> c.startsWith("24 s of loud playing"));
    Passage plucked = with(Music.passage("C4+A4+F5/1"), "mf", "pizz.");
    assertThat(advice(player("violin"), plucked).cautions())
        .anyMatch(c -> c.startsWith("Plucked chords"));
  }

  @Test
  void runsOfShiftsOnTheBassSayHowEvenTheyAre() {
    Advice advice =
        advice(
            player("bass"),
            Music.passage("A3/4 C4/4 E4/4 G4/4"),
            Pin.of(0, 1, Finger.FIRST),
            Pin.of(1, 1, Finger.FIRST),
            Pin.of(2, 1, Finger.FIRST));
    EqualTravel run = advice.equalTravel().get(0);
    assertThat(run.firstNote()).isZero();
    assertThat(run.travelMm()).hasSizeGreaterThanOrEqualTo(2);
    assertThat(run.unevenness()).isBetween(0.0, 1.0);
    assertThat(advice(player("cello"), Music.passage("A3/4 C4/4 E4/4 G4/4")).equalTravel())
        .isEmpty();
  }

  @Test
  void crawlsNameTheirAnchorAndSpan() {
    Advice advice =
        advice(
            player("cello"),
            Music.passage("F#4/2 A4/2"),
            new Pin(0, OptionalInt.of(1), Optional.of(Finger.FIRST), OptionalInt.of(9)),
            new Pin(1, OptionalInt.of(1), Optional.of(Finger.SECOND), OptionalInt.of(10)));
    assertThat(advice.crawls()).hasSize(1);
    assertThat(advice.crawls().get(0).anchor()).isEqualTo(Finger.FIRST);
    assertThat(advice.crawls().get(0).spanMm()).isBetween(60.0, 70.0);
  }
}
