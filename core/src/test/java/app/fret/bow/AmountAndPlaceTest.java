package app.fret.bow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.search.BowJoints;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowParts;
import app.fret.bow.stroke.BowSpeeds;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How much bow and where: common practice without a source but where one is named. */
class AmountAndPlaceTest {
  private static Brief brief(String instrument, String music, double perMinute) {
    Player player = Player.of("", Instruments.named(instrument));
    return Briefs.of(Music.passage(music), player, new Tempo(BeatUnit.QUARTER, perMinute));
  }

  private static List<Stroke> strokes(String instrument, String music, double perMinute) {
    return Bowed.plan(brief(instrument, music, perMinute)).strokes();
  }

  /** Order of size: Askenfelt, JASA 1986 and 1989, as the trade quotes it, from memory. */
  @ParameterizedTest
  @CsvSource({"3, 12", "4, 18", "5, 25", "6, 32", "7, 45", "8, 65"})
  void usualSpeedsFollowTheLevel(int level, double cmPerSecond) {
    assertThat(BowSpeeds.usualCmPerSecond(level)).isEqualTo(cmPerSecond);
    assertThat(BowSpeeds.slowestCmPerSecond(level)).isLessThan(0.5 * cmPerSecond);
    assertThat(BowSpeeds.usualCmPerSecond(level + 0.5)).isGreaterThan(cmPerSecond);
  }

  @Test
  void beyondTheLadderTheEndsHold() {
    assertThat(BowSpeeds.usualCmPerSecond(0)).isEqualTo(BowSpeeds.usualCmPerSecond(1));
    assertThat(BowSpeeds.usualCmPerSecond(12)).isEqualTo(BowSpeeds.usualCmPerSecond(10));
  }

  @Test
  void aStrokeStaysOnTheHairAndItsSharesAreItsAmount() {
    List<Stroke> strokes = strokes("violin", "(C5/4 D5/4 E5/2) | F5/1 | (G5/8 A5/8) B5/2.", 60);
    assertThat(strokes).hasSize(4);
    assertThat(strokes)
        .allSatisfy(
            s -> {
              assertThat(s.start()).isBetween(0.0, 1.0);
              assertThat(s.end()).isBetween(0.0, 1.0);
              assertThat(s.amountCm()).isCloseTo(65 * Math.abs(s.end() - s.start()), within(1e-9));
              double shares = s.sharesCm().stream().mapToDouble(cm -> cm).sum();
              assertThat(shares).isCloseTo(s.amountCm(), within(1e-9));
              assertThat(s.sharesCm()).hasSize(s.lastNote() - s.firstNote() + 1);
            });
  }

  @Test
  void withoutALiftAStrokeBeginsWhereTheOneBeforeEnded() {
    List<Stroke> strokes = strokes("viola", "C4/4 D4/4 E4/4 F4/4 | G4/2 A4/2 | G4/1", 72);
    assertThat(strokes).hasSizeGreaterThan(5);
    for (int i = 1; i < strokes.size(); i++) {
      assertThat(strokes.get(i).retakeBefore()).isFalse();
      assertThat(strokes.get(i).start()).isEqualTo(strokes.get(i - 1).end());
    }
  }

  @Test
  void aLongerNoteHasMoreBowAndQuickNotesStayNearTheMiddle() {
    List<Stroke> quick = strokes("violin", "C5/16 D5/16 E5/16 F5/16 G5/16 A5/16 G5/16 F5/16", 100);
    assertThat(quick).hasSize(8);
    assertThat(quick)
        .allSatisfy(s -> assertThat(s.kind()).isEqualTo(StrokeKind.DETACHE))
        .allSatisfy(s -> assertThat((s.start() + s.end()) / 2).isBetween(0.38, 0.70));
    Stroke longer = strokes("violin", "C5/2 D5/2", 60).get(0);
    assertThat(longer.amountCm()).isGreaterThan(5 * quick.get(0).amountCm());
    assertThat(longer.kind()).isEqualTo(StrokeKind.LEGATO);
  }

  @Test
  void aBassUsesLessHairThanItHasInEveryStroke() {
    List<Stroke> strokes = strokes("bass", "C3/1 | D3/1 | E3/1", 50);
    assertThat(strokes).hasSize(3).allSatisfy(s -> assertThat(s.amountCm()).isBetween(20.0, 55.0));
  }

  @Test
  void aRetakeNeedsTimeInProportionToItsWay() {
    assertThat(BowJoints.neededSeconds(1)).isEqualTo(0.20);
    assertThat(BowJoints.neededSeconds(0.57)).isCloseTo(0.114, within(1e-9));
    assertThat(BowJoints.neededSeconds(0.1)).isEqualTo(0.08);
  }

  /** A quarter at 132 left a quarter of its time early leaves 0.114 s: about 0.57 of the hair. */
  @Test
  void withoutARestOnlyWhatTheNoteBeforeGivesIsThere() {
    BowLine line = Bowed.line(brief("violin", "C5/4 D5/4v E5/4v F5/4", 132));
    List<Draft> drafts = Bowed.drafts(line);
    BowJoints joints = Bowed.joints(line);
    double available = joints.availableSeconds(drafts.get(1), drafts.get(2));
    assertThat(available).isCloseTo(0.35 * 60.0 / 132, within(1e-5));
    BowJoints.Joint joint = joints.between(drafts.get(1), drafts.get(2));
    assertThat(joint.lifted(0.9, false, true, BowDirection.DOWN)).isInfinite();
    assertThat(joint.lifted(0.5, false, true, BowDirection.DOWN)).isFinite();
  }

  @Test
  void aRestMakesALiftCheap() {
    BowLine line = Bowed.line(brief("violin", "C5/4 r/4 D5/4 E5/4", 80));
    List<Draft> drafts = Bowed.drafts(line);
    BowJoints joints = Bowed.joints(line);
    BowJoints.Joint afterRest = joints.between(drafts.get(0), drafts.get(1));
    BowJoints.Joint close = joints.between(drafts.get(1), drafts.get(2));
    double inRest = afterRest.lifted(0.5, false, true, BowDirection.DOWN);
    double without = close.lifted(0.5, false, true, BowDirection.DOWN);
    assertThat(inRest).isLessThan(0.2);
    assertThat(without).isGreaterThan(7 * inRest);
  }

  @Test
  void downBowsAreStrongNearTheFrogAndUpBowsFurtherOut() {
    for (String name : List.of("violin", "viola", "cello", "bass")) {
      BowParts.Strengths strengths = BowParts.strengths(Instruments.named(name));
      assertThat(strengths.at(BowDirection.DOWN, 0.2))
          .isGreaterThan(strengths.at(BowDirection.DOWN, 0.9));
      assertThat(strengths.at(BowDirection.UP, 0.5))
          .isGreaterThan(strengths.at(BowDirection.UP, 0.05));
    }
    assertThat(BowParts.strengths(Instruments.named("bass")).at(BowDirection.UP, 0.85))
        .isGreaterThan(BowParts.strengths(Instruments.named("violin")).at(BowDirection.UP, 0.85));
  }
}
