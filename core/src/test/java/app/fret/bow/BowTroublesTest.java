package app.fret.bow;

import static app.fret.score.BowDirection.DOWN;
import static app.fret.score.BowDirection.UP;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.search.BowSearch;
import app.fret.bow.search.BowedPath;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowSpeeds;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.Way;
import app.fret.bow.trouble.BowTrouble;
import app.fret.bow.trouble.BowTrouble.Kind;
import app.fret.bow.trouble.BowTroubles;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Tempo;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/** Each kind of trouble on a bowing that is in it, and the same music without (common practice). */
class BowTroublesTest {
  private static BowLine line(Passage passage, double perMinute) {
    Player player = Player.of("", Instruments.named("violin"));
    return Bowed.line(
        Bowed.asPrinted(Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, perMinute))));
  }

  private static List<BowTrouble> find(BowLine line, Way... ways) {
    List<Draft> drafts = Bowed.drafts(line);
    assertThat(drafts).hasSameSizeAs(ways);
    List<BowSearch.Drawn> strokes = new ArrayList<>();
    for (int i = 0; i < ways.length; i++) {
      strokes.add(new BowSearch.Drawn(drafts.get(i), ways[i], i));
    }
    BowedPath path = new BowedPath(line, strokes, Bowed.joints(line), Bowed.figures(line));
    return new BowTroubles(path, Bowed.NOTHING).find();
  }

  private static List<Kind> kinds(BowLine line, Way... ways) {
    return find(line, ways).stream().map(BowTrouble::kind).toList();
  }

  private static Way down(double start, double end) {
    return new Way(DOWN, start, end);
  }

  private static Way up(double start, double end) {
    return new Way(UP, start, end);
  }

  @Test
  void aSlurTooLongForTheBowRunsOut() {
    BowLine line = line(Music.passage("(C5/1 | D5/1)"), 60);
    List<BowTrouble> found = find(line, down(0, 1));
    assertThat(found).extracting(BowTrouble::kind).containsExactly(Kind.RUNS_OUT);
    assertThat(found.get(0).text()).contains("84 cm").contains("65 cm");
    assertThat(found.get(0).mend()).contains("at its note 2");
    assertThat(kinds(line(Music.passage("(C5/1 | D5/1)"), 120), down(0, 1))).isEmpty();
  }

  @Test
  void aWholeBowOnAShortNoteIsBeyondItsSpeed() {
    BowLine line = line(Music.passage("C5/4 D5/4"), 120);
    assertThat(kinds(line, down(0, 1), up(1, 0.8))).containsExactly(Kind.BEYOND_SPEED);
    assertThat(kinds(line, down(0.4, 0.62), up(0.62, 0.4))).isEmpty();
  }

  @Test
  void anAccentAtTheTipOnADownBowIsWeak() {
    Marks accent = Marks.NONE.toggled(Marks.Articulation.ACCENT);
    Passage passage =
        new PassageBuilder()
            .title("Test")
            .part("Part")
            .bar()
            .sounding(
                WrittenLength.of(NoteValue.QUARTER),
                List.of(Note.of(WrittenPitch.parse("C5"))),
                accent)
            .build();
    BowLine line = line(passage, 120);
    List<BowTrouble> found = find(line, down(0.82, 0.98));
    assertThat(found).extracting(BowTrouble::kind).containsExactly(Kind.WEAK_PLACE);
    assertThat(found.get(0).text()).contains("0.82");
    assertThat(kinds(line, down(0.2, 0.5))).isEmpty();
  }

  private static Passage hairpin(boolean growing) {
    Passage plain = Music.passage("(C5/4 D5/4 E5/4 F5/4)");
    Directions.Dynamic from = new Directions.Dynamic(Fraction.ZERO, growing ? "p" : "f");
    Directions.Dynamic to = new Directions.Dynamic(Fraction.of(3, 4), growing ? "f" : "p");
    Directions.Hairpin between = new Directions.Hairpin(Fraction.ZERO, Fraction.of(3, 4), growing);
    return plain.withDirections(
        new Directions(
            List.of(from, to), List.of(between), List.of(), List.of(), List.of(), List.of()));
  }

  @Test
  void aFadingUpBowEndsAtTheHeavyFrogAndAGrowingDownBowAtTheLightTip() {
    assertThat(kinds(line(hairpin(false), 100), up(0.9, 0.04))).containsExactly(Kind.FADES_AT_FROG);
    assertThat(kinds(line(hairpin(false), 100), up(0.98, 0.3))).isEmpty();
    assertThat(kinds(line(hairpin(true), 100), down(0.1, 0.97))).containsExactly(Kind.GROWS_AT_TIP);
    assertThat(kinds(line(hairpin(true), 100), down(0.1, 0.8))).isEmpty();
  }

  @Test
  void twoPrintedDownBowsWithoutTimeCannotBeTakenBack() {
    BowLine line = line(Music.passage("C5/16v D5/16v E5/16 F5/16"), 100);
    assertThat(kinds(line, down(.4, .45), down(.45, .5), up(.5, .45), down(.45, .5)))
        .containsExactly(Kind.NO_TIME_TO_RETAKE);
    BowLine slow = line(Music.passage("C5/4v D5/4v"), 60);
    assertThat(kinds(slow, down(.2, .6), down(.2, .6))).isEmpty();
  }

  @Test
  void aLongUpBowCannotBeginAtTheFrog() {
    BowLine line = line(Music.passage("C5/4 (D5/2. | E5/4)"), 60);
    assertThat(kinds(line, down(0, 0.2), up(0.2, 0.05)))
        .contains(Kind.NEXT_CANNOT_START, Kind.BEYOND_SPEED);
    assertThat(kinds(line, down(0.5, 0.97), up(0.97, 0.1))).isEmpty();
  }

  @Test
  void detacheFasterThanItSpeaksIsNamedOnceForTheRun() {
    BowLine line = line(Music.passage("C5/16 D5/16 E5/16 F5/16"), 200);
    List<BowTrouble> found = find(line, down(.5, .52), up(.52, .5), down(.5, .52), up(.52, .5));
    assertThat(found).extracting(BowTrouble::kind).containsExactly(Kind.OUTSIDE_STROKE_RANGE);
    assertThat(found.get(0).text()).startsWith("Détaché at 13.3 notes a second");
  }

  @Test
  void theSpeedThatIsToldCountsNoGraceNotes() {
    BowLine plain = line(Music.passage("C5/16 D5/16 E5/16 r/16"), 200);
    BowLine graced = line(Music.passage("gB4/16 C5/16 D5/16 E5/16 r/16"), 200);
    String told = find(plain, down(.5, .52), up(.52, .5), down(.5, .52)).get(0).text();
    assertThat(told).startsWith("Détaché at 13.3 notes a second");
    BowTrouble trouble = find(graced, down(.5, .52), up(.52, .5), down(.5, .52)).get(0);
    assertThat(trouble.text()).startsWith("Détaché at 13.3 notes a second");
  }

  @Test
  void aGraceNoteIsAsShortAsItIs() {
    BowLine line = line(Music.passage("C5/4 gD5/16 C5/4 r/2"), 100);
    assertThat(kinds(line, down(.3, .6), up(.6, .3))).isEmpty();
  }

  @Test
  void aNoteWithHardlyAnyBowIsOneTooManyUnderTheSlur() {
    String slur = "(C5/1 | D5/16 E5/16 F5/16 G5/16) r/2.";
    List<BowTrouble> found = find(line(Music.passage(slur), 100), down(0.4, 0.55));
    assertThat(found).extracting(BowTrouble::kind).contains(Kind.BEYOND_SPEED);
    List<BowTrouble> tiny = find(line(Music.passage(slur), 100), down(0.45, 0.5));
    assertThat(tiny).extracting(BowTrouble::kind).contains(Kind.TOO_MANY_NOTES);
    assertThat(kinds(line(Music.passage(slur), 100), down(0.02, 0.98))).isEmpty();
  }

  @Test
  void aFigureThatLeavesTheBowFurtherAlongDrifts() {
    String bar = "(C5/4 D5/4 E5/4) F5/4";
    BowLine line = line(Music.passage(bar + " | " + bar + " | " + bar), 70);
    List<BowTrouble> found =
        find(line, down(.1, .8), up(.8, .4), down(.4, 1), up(1, .6), down(.6, 1), up(1, .6));
    assertThat(found).extracting(BowTrouble::kind).contains(Kind.DRIFT);
    BowTrouble drift = found.stream().filter(t -> t.kind() == Kind.DRIFT).findFirst().orElseThrow();
    assertThat(drift.firstNote()).isZero();
    assertThat(drift.lastNote()).isEqualTo(11);
    assertThat(drift.text()).contains("3 times");
  }

  @Test
  void aFigureForWhichTheBowIsSetAnewEachTimeDoesNotDrift() {
    String bar = "(C5/4 D5/4 E5/4) F5/4";
    BowLine line = line(Music.passage(bar + " | " + bar + " | " + bar), 70);
    List<BowTrouble> found =
        find(line, down(.1, .8), up(.8, .4), down(.1, .8), up(.8, .4), down(.1, .8), up(.8, .4));
    assertThat(found).extracting(BowTrouble::kind).doesNotContain(Kind.DRIFT);
  }

  @Test
  void aStrokeThatNeedsTheWholeHairDoesNotRunOut() {
    assertThat(BowSpeeds.runsOut(64.9, 65)).isFalse();
    assertThat(BowSpeeds.runsOut(65.4, 65)).isFalse();
    assertThat(BowSpeeds.runsOut(66, 65)).isTrue();
  }

  @Test
  void everyTroubleSaysWhatItIsAndWhatWouldMendIt() {
    BowLine line = line(Music.passage("(C5/1 | D5/1)"), 40);
    assertThat(find(line, down(0, 1)))
        .hasSize(1)
        .allSatisfy(
            t -> {
              assertThat(t.text()).endsWith(".").doesNotContain("%");
              assertThat(t.mends()).isNotEmpty();
              assertThat(t.mend()).endsWith(".").matches("[A-Z].*");
            });
  }
}
