package app.fret.lefthand.effort;

import static app.fret.lefthand.effort.Ways.VIOLIN;
import static app.fret.lefthand.effort.Ways.move;
import static app.fret.lefthand.effort.Ways.place;
import static app.fret.lefthand.effort.Ways.turn;
import static app.fret.lefthand.effort.Ways.way;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import org.junit.jupiter.api.Test;

/** Terms of strings (common practice, no source). */
class StringTermsTest {
  private static final Moment SLOW = Moment.of(1);
  private static final Moment FAST = Moment.of(0.1);

  private static Turn going(int from, int travel, int to) {
    return new Turn(new Trail(from, travel), to, false, false, false);
  }

  @Test
  void hoppingToAStringForOneNoteCostsMostOverAString() {
    double beside = turn(VIOLIN, "string-hop", FAST, new Trail(2, 0), going(3, 0, 2));
    assertThat(beside).isPositive();
    assertThat(turn(VIOLIN, "string-hop", FAST, new Trail(2, 0), going(4, 0, 2)))
        .isGreaterThan(beside);
    assertThat(turn(VIOLIN, "string-hop", FAST, new Trail(2, 0), going(3, 0, 4))).isZero();
  }

  @Test
  void aLoneTopStringNoteSticksOutMostInPiano() {
    Turn back = going(1, 0, 2);
    double loud = turn(VIOLIN, "lone-note", SLOW, new Trail(2, 0), back);
    assertThat(loud).isPositive();
    assertThat(turn(VIOLIN, "lone-note", SLOW.withLoudness(3), new Trail(2, 0), back))
        .isGreaterThan(loud);
    assertThat(turn(VIOLIN, "lone-note", SLOW, new Trail(3, 0), going(2, 0, 3))).isZero();
    Turn overOpen = new Turn(new Trail(2, 0), 3, true, false, false);
    assertThat(turn(VIOLIN, "lone-note", SLOW, new Trail(3, 0), overOpen)).isPositive();
  }

  @Test
  void changingTheStringInASlurChangesTheColour() {
    Placement onA = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Placement onE = way(VIOLIN, "F#5", 2, 1, Finger.FIRST);
    Moment slurred = SLOW.with(Moment.Sign.SLURRED);
    double inPhrase = move(VIOLIN, "colour", SLOW, onA, onE);
    assertThat(inPhrase).isPositive();
    assertThat(move(VIOLIN, "colour", slurred, onA, onE)).isGreaterThan(inPhrase);
    assertThat(move(VIOLIN, "colour", SLOW.withSilence(1), onA, onE)).isZero();
    assertThat(move(VIOLIN, "colour", FAST, onA, onE)).isZero();
  }

  @Test
  void loudFastMusicSpeaksBestOnTheUpperString() {
    Placement onE = way(VIOLIN, "A5", 2, 1, Finger.THIRD);
    Placement onA = way(VIOLIN, "A5", 9, 2, Finger.SECOND);
    Moment loud = FAST.withLoudness(8);
    assertThat(place(VIOLIN, "response", loud, onE)).isZero();
    assertThat(place(VIOLIN, "response", loud, onA))
        .isGreaterThan(place(VIOLIN, "response", SLOW, onA));
  }

  @Test
  void loudNotesOnInnerStringsCatchTheirNeighbours() {
    Moment loud = SLOW.withLoudness(8);
    Placement inner = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    assertThat(place(VIOLIN, "neighbours", loud, inner)).isPositive();
    assertThat(place(VIOLIN, "neighbours", SLOW, inner)).isZero();
    assertThat(place(VIOLIN, "neighbours", loud, way(VIOLIN, "A5", 2, 1, Finger.THIRD))).isZero();
  }

  @Test
  void pluckedNotesLikeLongStrings() {
    Moment plucked = SLOW.with(Moment.Sign.PLUCKED);
    Placement high = way(VIOLIN, "C6", 5, 1, Finger.THIRD);
    assertThat(place(VIOLIN, "plucked", plucked, high)).isPositive();
    assertThat(place(VIOLIN, "plucked", SLOW, high)).isZero();
    Placement chord = way(VIOLIN, "C4+A4+F5", 2, p -> p.pressed() == 3);
    assertThat(place(VIOLIN, "plucked", plucked, chord)).isGreaterThan(0.3);
  }

  @Test
  void harmonicsAreTakenWhereThePartAsks() {
    Placement harmonic = way(VIOLIN, "A5", 7, Placement::onlyTouches);
    double unasked = place(VIOLIN, "harmonic", SLOW, harmonic);
    assertThat(unasked).isGreaterThan(0.3);
    assertThat(place(VIOLIN, "harmonic", SLOW.with(Moment.Sign.HARMONIC), harmonic))
        .isLessThan(0.15);
    assertThat(place(VIOLIN, "harmonic", SLOW, way(VIOLIN, "A5", 2, 1, Finger.THIRD))).isZero();
  }

  @Test
  void aSkippedStringCostsMostWhereTheIntervalLiesNearer() {
    Placement low = way(VIOLIN, "B4", 5, 3, Finger.THIRD);
    Placement octave = way(VIOLIN, "B5", 5, 1, Finger.SECOND);
    Placement wide = way(VIOLIN, "D6", 5, 1, Finger.FOURTH);
    assertThat(move(VIOLIN, "string-crossing", SLOW, low, octave))
        .isGreaterThan(move(VIOLIN, "string-crossing", SLOW, low, wide) + 0.2);
  }

  @Test
  void anUpperStringIsBrighterThanALowerOne() {
    Placement upper = way(VIOLIN, "E5", 2, 2, Finger.FOURTH);
    Placement lower = way(VIOLIN, "E5", 9, 3, Finger.FOURTH);
    assertThat(place(VIOLIN, "brightness", SLOW, upper))
        .isLessThan(place(VIOLIN, "brightness", SLOW, lower));
    assertThat(place(VIOLIN, "brightness", SLOW, way(VIOLIN, "A5", 2, 1, Finger.THIRD))).isZero();
  }

  @Test
  void anOpenStringRingsInHasteAndInALoudPlaceOnly() {
    Placement open = way(VIOLIN, "A4", 2, 2, Finger.OPEN);
    assertThat(place(VIOLIN, "open-ring", SLOW, open)).isZero();
    assertThat(place(VIOLIN, "open-ring", FAST, open)).isNegative();
    assertThat(place(VIOLIN, "open-ring", SLOW.withLoudness(8), open)).isNegative();
    assertThat(place(VIOLIN, "open-ring", FAST, way(VIOLIN, "A4", 2, 3, Finger.FOURTH))).isZero();
  }

  @Test
  void aHarmonicNobodyAskedForIsLessSureInHaste() {
    Placement harmonic =
        way(VIOLIN, "A5", 7, p -> p.onlyTouches() && p.top().finger() == Finger.FOURTH);
    Moment asked = FAST.with(Moment.Sign.HARMONIC);
    assertThat(place(VIOLIN, "harmonic", FAST, harmonic))
        .isGreaterThan(place(VIOLIN, "harmonic", Moment.of(0.4), harmonic));
    assertThat(place(VIOLIN, "harmonic", asked, harmonic))
        .isLessThan(place(VIOLIN, "harmonic", FAST, harmonic));
  }

  @Test
  void aWideIntervalCrossesToTheNextStringMoreEasilyThanAStep() {
    Placement low = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Placement step = way(VIOLIN, "F5", 2, 1, Finger.FIRST);
    Placement fifth = way(VIOLIN, "A5", 2, 1, Finger.THIRD);
    assertThat(move(VIOLIN, "string-crossing", FAST, low, fifth))
        .isLessThan(move(VIOLIN, "string-crossing", FAST, low, step));
  }
}
