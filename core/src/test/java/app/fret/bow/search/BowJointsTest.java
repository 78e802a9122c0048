package app.fret.bow.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.BowPlanner;
import app.fret.bow.Bowed;
import app.fret.bow.Signed;
import app.fret.bow.effort.BowTerm;
import app.fret.bow.effort.BowTerms;
import app.fret.bow.effort.BowWeights;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.Decided;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What it costs to go from one stroke to the next: common practice, no source. */
class BowJointsTest {
  private static BowLine line(Passage passage, double perMinute) {
    Player player = Player.of("", Instruments.named("violin"));
    return Bowed.line(Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, perMinute)));
  }

  private static BowJoints.Joint joint(BowLine line, BowSchool school, int stroke) {
    List<Draft> drafts = Bowed.drafts(line);
    BowJoints joints = new BowJoints(line, school, Bowed.NOTHING);
    return joints.between(drafts.get(stroke - 1), drafts.get(stroke));
  }

  private static BowJoints.Joint decided(Brief brief, int note, String decision) {
    BowChoices choices =
        BowChoices.none()
            .with(new StrokeAt(brief.reading().places().top(note), StrokeDecision.parse(decision)));
    Decided decided = new Decided(choices, brief.reading().places());
    BowLine line = Bowed.line(brief);
    List<Draft> drafts = new Candidates(line, BowSchool.PRINTED, decided).whole();
    BowJoints joints = new BowJoints(line, BowSchool.PRINTED, decided);
    return joints.between(drafts.get(note - 1), drafts.get(note));
  }

  @Test
  void turningCostsNothingAndAHookMuchWhereThePartIsKept() {
    BowLine line = line(Music.passage("C5/4 D5/4 E5/4 F5/4"), 90);
    assertThat(joint(line, BowSchool.PRINTED, 1).turn()).isZero();
    double printed = joint(line, BowSchool.PRINTED, 1).hook(BowDirection.UP);
    double free = joint(line, BowSchool.FREE, 1).hook(BowDirection.UP);
    assertThat(printed).isGreaterThan(2 * free);
    assertThat(joint(line, BowSchool.FREE, 1).hook(BowDirection.DOWN)).isGreaterThan(free);
  }

  @ParameterizedTest
  @EnumSource(BowSchool.class)
  void afterARestGoingOnTheSameWayIsCheapInEverySchool(BowSchool school) {
    BowLine line = line(Music.passage("C5/4 r/4 D5/4 E5/4"), 90);
    assertThat(joint(line, school, 1).hook(BowDirection.DOWN)).isLessThan(0.1);
  }

  @ParameterizedTest
  @EnumSource(BowSchool.class)
  void aDottedPairIsHookedRatherThanTakenApart(BowSchool school) {
    BowLine line = line(Music.passage("C5/8. D5/16 E5/4 F5/2"), 90);
    BowJoints.Joint pair = joint(line, school, 1);
    assertThat(pair.hook(BowDirection.DOWN)).isLessThan(pair.turn());
    BowJoints.Joint next = joint(line, school, 2);
    assertThat(next.hook(BowDirection.DOWN)).isGreaterThan(next.turn());
  }

  @Test
  void aLiftIsEasierAfterADotAndBeforeALoudAccent() {
    BowLine dotted = line(Signed.passage(NoteValue.QUARTER, "mf", ". - - -"), 90);
    BowLine plain = line(Signed.passage(NoteValue.QUARTER, "mf", "- - - -"), 90);
    BowLine accented = line(Signed.passage(NoteValue.QUARTER, "f", "- > - -"), 90);
    double singing = joint(plain, BowSchool.PRINTED, 1).lifted(.3, false, false, BowDirection.UP);
    assertThat(joint(dotted, BowSchool.PRINTED, 1).lifted(.3, false, false, BowDirection.UP))
        .isLessThan(singing - 0.5);
    assertThat(joint(accented, BowSchool.PRINTED, 1).lifted(.3, false, false, BowDirection.UP))
        .isLessThan(singing - 0.5);
  }

  @Test
  void aLiftTowardsTheTipIsDearerThanOneToTheFrog() {
    BowLine line = line(Music.passage("C5/2 D5/2"), 60);
    BowJoints.Joint joint = joint(line, BowSchool.PRINTED, 1);
    assertThat(joint.lifted(0.4, true, false, BowDirection.UP))
        .isGreaterThan(joint.lifted(0.4, false, false, BowDirection.UP));
  }

  @Test
  void aShortLiftInOneDirectionCostsAtLeastAHook() {
    BowLine line = line(Music.passage("C5/2 D5/2"), 60);
    BowJoints.Joint joint = joint(line, BowSchool.PRINTED, 1);
    assertThat(joint.lifted(0.05, false, true, BowDirection.DOWN))
        .isGreaterThanOrEqualTo(joint.hook(BowDirection.DOWN));
  }

  @Test
  void whatIsDecidedIsCheapAndTheRestDear() {
    Brief brief = line(Music.passage("C5/4 D5/4 E5/4 F5/4"), 80).brief();
    assertThat(decided(brief, 1, "hook").hook(BowDirection.DOWN)).isZero();
    assertThat(decided(brief, 1, "hook").turn()).isGreaterThan(100);
    assertThat(decided(brief, 1, "two").hook(BowDirection.UP)).isZero();
    assertThat(decided(brief, 1, "two").turn()).isGreaterThan(100);
    BowJoints.Joint retake = decided(brief, 1, "retake");
    assertThat(retake.turn()).isGreaterThan(100);
    assertThat(retake.lifted(0.3, false, true, BowDirection.DOWN)).isLessThan(3);
    assertThat(retake.lifted(0.01, false, true, BowDirection.DOWN)).isInfinite();
  }

  @Test
  void aNoteLeftEarlyGivesMoreTime() {
    Brief brief = line(Music.passage("C5/8 D5/8 E5/8 F5/8"), 160).brief();
    BowLine line = Bowed.line(brief);
    BowChoices choices =
        BowChoices.none()
            .with(new StrokeAt(brief.reading().places().top(0), StrokeDecision.parse("shorten")));
    BowJoints early =
        new BowJoints(line, BowSchool.PRINTED, new Decided(choices, brief.reading().places()));
    List<Draft> drafts = Bowed.drafts(line);
    double usual = Bowed.joints(line).availableSeconds(drafts.get(0), drafts.get(1));
    assertThat(early.availableSeconds(drafts.get(0), drafts.get(1))).isGreaterThan(1.5 * usual);
  }

  @Test
  void theReasonOfARetakeSaysWhatTheNoteBeforeGives() {
    BowLine line = line(Music.passage("C5/4 D5/4 r/4 E5/4"), 100);
    List<Draft> drafts = Bowed.drafts(line);
    BowJoints joints = Bowed.joints(line);
    assertThat(joints.reason(drafts.get(0), drafts.get(1), 0.8, 0.3))
        .contains("from 0.80 to 0.30")
        .contains("needs 0.10 s")
        .contains("left 0.10 s early");
    assertThat(joints.reason(drafts.get(1), drafts.get(2), 0.8, 0.3)).endsWith("in the rest.");
  }

  @Test
  void theTableHasEveryPriceOfEverySchool() {
    for (BowSchool school : BowSchool.values()) {
      BowWeights weights = BowWeights.of(school);
      for (String price :
          List.of("hook", "split-on-beat", "split-elsewhere", "join", "left-hand", "other-start")) {
        assertThat(weights.price(price)).as(school + " " + price).isPositive();
      }
      for (BowTerm term : BowTerms.all()) {
        assertThat(weights.term(term)).as(term.name()).isPositive();
      }
    }
    assertThat(BowWeights.of(BowSchool.FREE).price("left-hand"))
        .isCloseTo(BowPlanner.leftHandWeight(), within(1e-12));
    assertThatThrownBy(() -> BowWeights.of(BowSchool.FREE).price("rosin"))
        .hasMessageContaining("rosin");
  }
}
