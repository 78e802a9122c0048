package app.fret.bow;

import static java.util.Collections.nCopies;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.stroke.Contact;
import app.fret.bow.stroke.Recipe;
import app.fret.bow.stroke.Stroke;
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

/** What the hand does meanwhile, and where the bow lies on the string (common practice). */
class HintsAndContactTest {
  private static List<Stroke> strokes(Passage passage, double perMinute, int... strings) {
    Player player = Player.of("", Instruments.named("violin"));
    Brief brief = Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, perMinute));
    List<List<Integer>> all = new ArrayList<>();
    for (int i = 0; i < brief.notes().size(); i++) {
      all.add(List.of(strings[i % strings.length]));
    }
    return new BowPlanner().plan(brief, all).strokes();
  }

  private static Passage with(String music, String level, String word) {
    return Music.passage(music)
        .withDirections(
            new Directions(
                List.of(new Directions.Dynamic(Fraction.ZERO, level)),
                List.of(),
                word.isEmpty()
                    ? List.of()
                    : List.of(new Directions.Words(Fraction.ZERO, word, true)),
                List.of(),
                List.of(),
                List.of()));
  }

  private static List<String> hints(List<Stroke> strokes, int stroke) {
    return strokes.get(stroke).hints();
  }

  @Test
  void anAccentTakesWeightInAndOut() {
    List<Stroke> strokes = strokes(Signed.passage(NoteValue.QUARTER, "f", "> - - -"), 90, 2);
    assertThat(hints(strokes, 0)).anyMatch(h -> h.startsWith("Weight in and a quick start"));
    assertThat(hints(strokes, 1)).noneMatch(h -> h.startsWith("Weight in"));
  }

  @Test
  void theLastNoteUnderASlurIsNotClippedBeforeAnotherStroke() {
    List<Stroke> strokes = strokes(Music.passage("(C5/4 D5/4) (E5/4 F5/4)"), 90, 2);
    assertThat(hints(strokes, 0)).anyMatch(h -> h.contains("last note of the stroke"));
    assertThat(hints(strokes, 1)).noneMatch(h -> h.contains("last note of the stroke"));
  }

  @Test
  void quickSlursAreNotToldOfTheirLastNotes() {
    List<Stroke> strokes = strokes(Music.passage("(C5/16 D5/16) (E5/16 F5/16) r/4 r/2"), 120, 2);
    assertThat(hints(strokes, 0)).noneMatch(h -> h.contains("last note of the stroke"));
  }

  @Test
  void theSameHintComesAgainOnlyAfterFourBars() {
    String bar = "(C5/4 D5/4) (E5/4 F5/4)";
    List<Stroke> strokes = strokes(Music.passage(String.join(" | ", nCopies(9, bar))), 90, 2);
    assertThat(strokes)
        .filteredOn(s -> s.hints().stream().anyMatch(h -> h.contains("last note of the stroke")))
        .extracting(Stroke::firstNote)
        .containsExactly(0, 16, 32);
  }

  @Test
  void plainAlternationGivesNoReasonForItsDirections() {
    List<Stroke> strokes = strokes(Music.passage("C5/8 D5/8 E5/8 F5/8 E5/8 D5/8 C5/8 D5/8"), 90, 2);
    assertThat(strokes)
        .hasSize(8)
        .allSatisfy(s -> assertThat(s.reasons()).noneMatch(r -> r.contains("weak place")));
  }

  @Test
  void softlyOntoTheTopStringIsLighter() {
    assertThat(hints(strokes(with("C5/4 D5/4 E5/4 F5/4", "p", ""), 90, 2, 1), 1))
        .contains("Lighter onto the top string.");
    assertThat(hints(strokes(with("C5/4 D5/4 E5/4 F5/4", "f", ""), 90, 2, 1), 1))
        .doesNotContain("Lighter onto the top string.");
  }

  @Test
  void aShortLastNoteGoesOnInTheAir() {
    List<Stroke> strokes = strokes(Music.passage("C5/2. r/8 D5/8"), 120, 2);
    assertThat(hints(strokes, 1)).anyMatch(h -> h.contains("in the air"));
    assertThat(hints(strokes, 0)).noneMatch(h -> h.contains("in the air"));
  }

  @Test
  void aHighNoteOnAnInnerStringSpeaksLate() {
    assertThat(hints(strokes(Music.passage("B5/2 C6/2"), 60, 3), 0))
        .anyMatch(h -> h.contains("speaks late"));
    assertThat(hints(strokes(Music.passage("B5/2 C6/2"), 60, 1), 0))
        .noneMatch(h -> h.contains("speaks late"));
  }

  @Test
  void anOpenStringLeftInsideASlurRingsOn() {
    List<Stroke> crossing = strokes(Music.passage("(G3/4 D4/4) A3/2"), 72, 4, 3, 4);
    assertThat(hints(crossing, 0)).anyMatch(h -> h.contains("rings on"));
    List<Stroke> staying = strokes(Music.passage("(G3/4 A3/4) B3/2"), 72, 4);
    assertThat(hints(staying, 0)).noneMatch(h -> h.contains("rings on"));
    List<Stroke> quick = strokes(Music.passage("(G3/16 D4/16) A3/2"), 120, 4, 3, 4);
    assertThat(hints(quick, 0)).noneMatch(h -> h.contains("rings on"));
  }

  @Test
  void loudAndHighLieNearTheBridgeAndSoftFullBowsNearTheFingerboard() {
    Stroke loud = strokes(with("C5/4 D5/4 E5/4 F5/4", "ff", ""), 90, 2).get(0);
    assertThat(loud.manner().from()).isEqualTo(Contact.BRIDGE);
    assertThat(loud.manner().tiltDegrees()).as("flat hair").isZero();
    Stroke soft = strokes(with("C5/4 D5/4 E5/4 F5/4", "pp", ""), 90, 2).get(0);
    assertThat(soft.manner().from()).isEqualTo(Contact.FINGERBOARD);
    assertThat(soft.manner().tiltDegrees()).isGreaterThan(15);
    Stroke usual = strokes(with("C5/4 D5/4 E5/4 F5/4", "mf", ""), 90, 2).get(0);
    assertThat(usual.manner().from()).isEqualTo(Contact.MIDDLE);
  }

  @Test
  void wordsForThePlaceAreKept() {
    Stroke bridge = strokes(with("C5/4 D5/4 E5/4 F5/4", "p", "sul pont."), 90, 2).get(0);
    assertThat(bridge.manner().from()).isEqualTo(Contact.BRIDGE);
    Stroke flute = strokes(with("C5/4 D5/4 E5/4 F5/4", "p", "sul tasto"), 90, 2).get(0);
    assertThat(flute.manner().from()).isEqualTo(Contact.FINGERBOARD);
    assertThat(flute.manner().recipe()).isEqualTo(Recipe.LIGHT_AND_FAST);
  }

  /** A whole bow in pianissimo near the fingerboard is what the words ask for. */
  @Test
  void nearTheFingerboardAWholeBowInPianissimoIsNoTrouble() {
    Player player = Player.of("", Instruments.named("violin"));
    Passage passage = with("C5/2 D5/2 | E5/2 F5/2", "pp", "sul tasto");
    Brief brief = Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, 60));
    BowPlan plan = Bowed.plan(brief);
    assertThat(plan.troubles()).isEmpty();
    assertThat(plan.strokes().get(0).amountCm()).isGreaterThan(45);
    assertThat(plan.strokes().get(0).workable().fastestCmPerSecond())
        .isGreaterThan(plan.strokes().get(0).speedCmPerSecond());
  }

  @Test
  void workableSpeedsLieAroundTheOneTaken() {
    for (Stroke stroke : strokes(Music.passage("C5/4 D5/4 (E5/4 F5/4) | G5/1"), 80, 2)) {
      assertThat(stroke.speedCmPerSecond())
          .isBetween(
              stroke.workable().slowestCmPerSecond() - 1,
              stroke.workable().fastestCmPerSecond() + 1);
    }
  }
}
