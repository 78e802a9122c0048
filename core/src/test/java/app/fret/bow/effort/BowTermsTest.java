package app.fret.bow.effort;

import static app.fret.score.BowDirection.DOWN;
import static app.fret.score.BowDirection.UP;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.Bowed;
import app.fret.bow.Signed;
import app.fret.bow.plane.Planes;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;
import app.fret.score.Directions;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.testing.Music;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/** What each term says of one stroke drawn in two ways (common practice, no source). */
class BowTermsTest {
  private static double effort(BowLine line, int stroke, String term, Way way) {
    return term(term).effort(Bowed.drafts(line).get(stroke).demand(), way);
  }

  private static BowTerm term(String name) {
    return BowTerms.all().stream().filter(t -> t.name().equals(name)).findFirst().orElseThrow();
  }

  private static BowLine line(Passage passage, double perMinute) {
    return Signed.line(passage, perMinute, 2);
  }

  private static Way down(double start, double end) {
    return new Way(DOWN, start, end);
  }

  private static Way up(double start, double end) {
    return new Way(UP, start, end);
  }

  @Test
  void tooMuchAndTooLittleBowCostBothWays() {
    BowLine line = line(Music.passage("C5/4 D5/4"), 60);
    double usual = effort(line, 0, "amount", down(0.2, 0.65));
    assertThat(usual).isLessThan(0.1);
    assertThat(effort(line, 0, "amount", down(0, 1))).isGreaterThan(usual + 0.2);
    assertThat(effort(line, 0, "amount", down(0.5, 0.55))).isGreaterThan(6);
  }

  @Test
  void spiccatoSpeaksAboveTheBalanceAndNotAtTheTip() {
    BowLine line = line(Signed.passage(NoteValue.SIXTEENTH, "mf", ". . . ."), 90);
    assertThat(effort(line, 0, "place", down(0.34, 0.40))).isLessThan(0.01);
    assertThat(effort(line, 0, "place", down(0.80, 0.86))).isGreaterThan(3);
  }

  @Test
  void quickPianissimoStrokesLieNearTheTip() {
    BowLine soft = line(Signed.passage(NoteValue.EIGHTH, "pp", "- - - -"), 100);
    assertThat(effort(soft, 0, "place", down(0.8, 0.84)))
        .isLessThan(effort(soft, 0, "place", down(0.5, 0.54)));
    BowLine loud = line(Signed.passage(NoteValue.EIGHTH, "f", "- - - -"), 100);
    assertThat(effort(loud, 0, "place", down(0.8, 0.84)))
        .isGreaterThan(effort(loud, 0, "place", down(0.5, 0.54)));
  }

  @Test
  void aSoftStrokeDoesNotStartAtTheHeavyFrog() {
    BowLine soft = line(Signed.passage(NoteValue.HALF, "pp", "- -"), 60);
    double atTheFrog = effort(soft, 0, "soft-start", down(0.01, 0.4));
    assertThat(atTheFrog).isGreaterThan(0.3);
    assertThat(effort(soft, 0, "soft-start", down(0.15, 0.5))).isZero();
    BowLine loud = line(Signed.passage(NoteValue.HALF, "f", "- -"), 60);
    assertThat(effort(loud, 0, "soft-start", down(0.01, 0.4))).isZero();
  }

  @Test
  void aSoftStrokeThatGrowsMayStartThere() {
    Directions.Dynamic soft = new Directions.Dynamic(Fraction.ZERO, "p");
    Directions.Dynamic loud = new Directions.Dynamic(Fraction.of(3, 4), "f");
    Directions.Hairpin between = new Directions.Hairpin(Fraction.ZERO, Fraction.of(3, 4), true);
    Passage passage =
        Music.passage("(C5/4 D5/4 E5/4) F5/4")
            .withDirections(
                new Directions(
                    List.of(soft, loud),
                    List.of(between),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of()));
    assertThat(effort(line(passage, 60), 0, "soft-start", down(0.01, 0.8))).isZero();
  }

  @Test
  void anAccentIsWeakAtTheTipAndBetterDown() {
    BowLine line = line(Signed.passage(NoteValue.QUARTER, "f", "> - - -"), 100);
    double frog = effort(line, 0, "strong", down(0.15, 0.5));
    assertThat(frog).isLessThan(0.05);
    assertThat(effort(line, 0, "strong", down(0.9, 1))).isGreaterThan(frog + 0.5);
    assertThat(effort(line, 0, "strong", up(0.5, 0.2))).isGreaterThan(frog + 0.3);
    assertThat(effort(line, 1, "strong", down(0.9, 1))).isLessThan(0.2);
  }

  @Test
  void downOnTheBeatAndUpBeforeIt() {
    BowLine line = line(Music.passage("C5/4 D5/8 E5/8 F5/2"), 100);
    assertThat(effort(line, 0, "beat", up(0.6, 0.3))).isPositive();
    assertThat(effort(line, 0, "beat", down(0.3, 0.6))).isZero();
    assertThat(effort(line, 2, "beat", down(0.3, 0.6))).isPositive();
    assertThat(effort(line, 2, "beat", up(0.6, 0.3))).isZero();
    assertThat(effort(line, 0, "first", up(0.6, 0.3))).isEqualTo(1);
    assertThat(effort(line, 3, "last", up(0.6, 0.3))).isPositive();
    assertThat(effort(line, 3, "last", down(0.3, 0.6))).isZero();
  }

  @Test
  void theFirstBeatAfterAPickupCountsAsTheFirstOfAll() {
    BowLine line = line(Music.passage("C5/4 | D5/2 E5/2"), 100);
    assertThat(effort(line, 0, "first", up(0.6, 0.3))).isZero();
    assertThat(effort(line, 1, "first", up(0.6, 0.3))).isEqualTo(1);
  }

  @Test
  void aPrintedSignIsWorthMoreThanAnythingElseWhereThePartIsKept() {
    assertThat(BowWeights.of(BowSchool.PRINTED).price("against-sign")).isGreaterThan(30);
    assertThat(BowWeights.of(BowSchool.FREE).price("against-sign")).isLessThan(1);
    BowLine line = line(Music.passage("C5/4^ D5/4"), 100);
    assertThat(effort(line, 0, "against-sign", down(0.3, 0.6))).isPositive();
    assertThat(effort(line, 0, "against-sign", up(0.6, 0.3))).isZero();
    assertThat(effort(line, 1, "against-sign", up(0.6, 0.3))).isZero();
  }

  @Test
  void chordsGoDownFromTheFrog() {
    BowLine line = Bowed.line(line(Music.passage("G3+D4+B4/2 C5/2"), 80).brief());
    assertThat(Bowed.drafts(line).get(0).kind()).isEqualTo(StrokeKind.CHORD);
    assertThat(effort(line, 0, "chord", down(0.1, 0.6))).isZero();
    assertThat(effort(line, 0, "chord", down(0.6, 0.9))).isPositive();
    assertThat(effort(line, 0, "chord", up(0.6, 0.1))).isGreaterThanOrEqualTo(2);
    assertThat(effort(line, 1, "chord", up(0.6, 0.1))).isZero();
  }

  @Test
  void aLeapOverAStringIsDearerFurtherOut() {
    BowLine line = Signed.line(Music.passage("C5/8 D5/8 E5/8 F5/8 r/2"), 100, 1, 3, 2, 2);
    double near = effort(line, 1, "leap", up(0.2, 0.1));
    assertThat(near).isPositive();
    assertThat(effort(line, 1, "leap", up(0.9, 0.8))).isGreaterThan(5 * near);
    assertThat(effort(line, 2, "leap", down(0.9, 0.95))).isZero();
    assertThat(Planes.leapMm(line, 0.9, 2)).isGreaterThan(2 * Planes.leapMm(line, 0.2, 2));
  }

  @Test
  void everyTermThatSpeaksHasAReasonInPlainWords() {
    BowLine line = line(Signed.passage(NoteValue.QUARTER, "f", "> - - -"), 100);
    StrokeProfile demand = Bowed.drafts(line).get(0).demand();
    assertThat(BowTerms.all())
        .hasSizeGreaterThan(10)
        .allSatisfy(
            t -> {
              assertThat(t.name()).matches("[a-z-]+");
              assertThat(t.reason(demand, up(0.95, 0.02))).matches("(?s)[A-Z0-9].*\\.");
            });
  }
}
