package app.fret.bow;

import static app.fret.score.BowDirection.DOWN;
import static app.fret.score.BowDirection.UP;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.stroke.Stroke;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The rules of direction checked here are common practice, no source. */
class BowPlannerTest {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 100);
  private static final Player VIOLINIST = Player.of("", Instruments.named("violin"));

  private static BowPlan plan(Passage passage) {
    return Bowed.plan(Briefs.of(passage, VIOLINIST, TEMPO));
  }

  private static List<BowDirection> directions(Passage passage) {
    return plan(passage).strokes().stream().map(Stroke::direction).toList();
  }

  private static List<String> strokes(BowPlan plan) {
    return plan.strokes().stream()
        .map(s -> s.firstNote() + "-" + s.lastNote() + " " + s.direction())
        .toList();
  }

  @Test
  void strokesAlternateFromADownBow() {
    assertThat(directions(Music.passage("C5/4 D5/4 E5/4 F5/4")))
        .containsExactly(DOWN, UP, DOWN, UP);
  }

  @Test
  void aPickupGoesUpSoThatTheFirstBeatGoesDown() {
    assertThat(directions(Music.passage("G4/4 | C5/2 D5/2"))).containsExactly(UP, DOWN, UP);
  }

  @Test
  void twoPickupNotesLeadDownUpToTheBeat() {
    assertThat(directions(Music.passage("G4/8 A4/8 | C5/2 D5/2")))
        .containsExactly(DOWN, UP, DOWN, UP);
  }

  @Test
  void aGraceNoteGoesInTheBowOfItsNoteAndMakesNoOtherFigureOfIt() {
    Passage plain = Music.passage("G4/4. B4/8 A4/4. C5/8");
    Passage graced = Music.passage("gA4/16 G4/4. B4/8 A4/4. C5/8");
    assertThat(plan(graced).strokes()).hasSameSizeAs(plan(plain).strokes());
    assertThat(directions(graced)).isEqualTo(directions(plain));
  }

  @Test
  void ofSlursThatTakeTurnsWithSingleNotesTheBowStaysWhereItIs() {
    String bar = "(D4/16 F#4/16 A4/16) D5/16 (C#5/16 A4/16 F#4/16) D4/16 ";
    BowPlan plan = plan(Music.passage(bar + bar + "| " + bar + bar.trim()));
    assertThat(plan.strokes()).hasSize(16);
    assertThat(plan.strokes()).extracting(Stroke::retakeBefore).containsOnly(false);
    double first = plan.strokes().get(0).start();
    assertThat(plan.strokes().get(14).start()).isCloseTo(first, within(0.3));
    double slurCm = plan.strokes().get(6).amountCm();
    double singleCm = plan.strokes().get(7).amountCm();
    assertThat(slurCm).isLessThan(2 * singleCm);
  }

  @Test
  void aSlurIsOneStroke() {
    BowPlan plan = plan(Music.passage("(C5/4 D5/4 E5/4) F5/4"));
    assertThat(strokes(plan)).containsExactly("0-2 DOWN", "3-3 UP");
  }

  @Test
  void aTieInsideASlurChangesNothing() {
    BowPlan plan = plan(Music.passage("(C5/2~ C5/4 E5/4) | F5/1"));
    assertThat(strokes(plan)).containsExactly("0-1 DOWN", "2-2 UP");
  }

  @Test
  void afterARestTheFirstBeatGoesDownAgain() {
    assertThat(directions(Music.passage("C5/4 D5/4 r/2 | E5/4 F5/4 G5/4 A5/4 | C5/4 r/2.")))
        .containsExactly(DOWN, UP, DOWN, UP, DOWN, UP, DOWN);
    assertThat(directions(Music.passage(Metre.of(3, 4), "C5/2 r/4 | E5/4 F5/4 r/4 | A5/2.")))
        .containsExactly(DOWN, DOWN, UP, DOWN);
  }

  @Test
  void withoutARestTheBowDoesNotTurnTwice() {
    assertThat(directions(Music.passage(Metre.of(3, 4), "C5/4 D5/4 E5/4 | F5/4 G5/4 A5/4")))
        .containsExactly(DOWN, UP, DOWN, UP, DOWN, UP);
  }

  @Test
  void aPrintedBowSignIsKept() {
    assertThat(directions(Music.passage("C5/4^ D5/4 E5/4^ F5/4")))
        .containsExactly(UP, DOWN, UP, DOWN);
    assertThat(directions(Music.passage("C5/4v D5/4v E5/4"))).startsWith(DOWN, DOWN);
  }

  @Test
  void aPassageOfRestsHasNoStrokes() {
    assertThat(directions(Music.passage("r/1"))).isEmpty();
  }
}
