package app.fret.bow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.Contact;
import app.fret.bow.stroke.DecidedGroups;
import app.fret.bow.stroke.Recipe;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeKind;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.leaning.OwnWeights;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a player decides of strokes is kept, and each decision does what it says. */
class StrokeDecisionsTest {
  private final Brief brief =
      Briefs.of(
          Music.passage("(C5/4 D5/4 E5/4 F5/4) | G5/4 A5/4 G5/4 F5/4 | E5/1"),
          Player.of("", Instruments.named("violin")),
          new Tempo(BeatUnit.QUARTER, 84));

  private StrokeAt at(int note, String decision) {
    return new StrokeAt(brief.reading().places().top(note), StrokeDecision.parse(decision));
  }

  private List<Stroke> strokes(BowChoices choices) {
    Brief decided = brief.bowed(DecidedGroups.of(brief.reading(), choices));
    return new BowPlanner().plan(decided, choices, Bowed.strings(brief)).strokes();
  }

  private List<Stroke> strokes(int note, String decision) {
    return strokes(BowChoices.none().with(at(note, decision)));
  }

  private static Stroke of(List<Stroke> strokes, int note) {
    return strokes.stream()
        .filter(s -> s.firstNote() <= note && note <= s.lastNote())
        .findFirst()
        .orElseThrow();
  }

  private static Stroke before(List<Stroke> strokes, int note) {
    return of(strokes, of(strokes, note).firstNote() - 1);
  }

  @Test
  void anAmountOfBowIsKept() {
    double free = of(strokes(BowChoices.none()), 4).amountCm();
    double wanted = free / 2;
    Stroke stroke = of(strokes(4, "cm:" + wanted), 4);
    assertThat(stroke.amountCm()).isCloseTo(wanted, within(0.1 * wanted + 0.6));
  }

  private double effortOf(String term, OwnWeights own) {
    Brief decided = brief.bowed(DecidedGroups.of(brief.reading(), BowChoices.none()));
    BowPlan plan =
        new BowPlanner().plan(decided, BowChoices.none().with(own), Bowed.strings(brief));
    return plan.effortByTerm().get(term) / own.factor(term);
  }

  /** What weighs more is not suffered more: a property of any least effort. */
  @ParameterizedTest
  @ValueSource(strings = {"amount", "place", "ends", "beat", "strong"})
  void aTermOfMoreWeightCostsNoMoreByItself(String term) {
    double asUsual = effortOf(term, OwnWeights.NONE);
    assertThat(effortOf(term, new OwnWeights(Map.of(term, 2.44))))
        .isLessThanOrEqualTo(asUsual + 1e-9);
    assertThat(effortOf(term, new OwnWeights(Map.of(term, 0.41))))
        .isGreaterThanOrEqualTo(asUsual - 1e-9);
  }

  @Test
  void aDirectionIsKept() {
    assertThat(of(strokes(0, "up"), 0).direction()).isEqualTo(BowDirection.UP);
    assertThat(of(strokes(0, "down"), 0).direction()).isEqualTo(BowDirection.DOWN);
    assertThat(of(strokes(2, "up"), 0).direction())
        .as("decided inside the slur")
        .isEqualTo(BowDirection.UP);
  }

  @Test
  void aSplitSlurIsTwoStrokes() {
    List<Stroke> strokes = strokes(1, "split");
    assertThat(strokes).hasSize(7);
    assertThat(of(strokes, 0).lastNote()).isEqualTo(1);
    assertThat(of(strokes, 2).firstNote()).isEqualTo(2);
    assertThat(of(strokes, 2).direction()).isNotEqualTo(of(strokes, 0).direction());
  }

  @Test
  void joinedNotesAreOneStroke() {
    List<Stroke> strokes = strokes(5, "join");
    assertThat(strokes).hasSize(5);
    assertThat(of(strokes, 5).firstNote()).isEqualTo(4);
    assertThat(of(strokes, 5).kind()).isEqualTo(StrokeKind.LEGATO);
  }

  @Test
  void aHookGoesOnWithoutALift() {
    List<Stroke> strokes = strokes(5, "hook");
    assertThat(of(strokes, 5).direction()).isEqualTo(before(strokes, 5).direction());
    assertThat(of(strokes, 5).retakeBefore()).isFalse();
    assertThat(of(strokes, 5).start()).isEqualTo(before(strokes, 5).end());
  }

  @Test
  void twoGoOneWay() {
    List<Stroke> strokes = strokes(6, "two");
    assertThat(of(strokes, 6).direction()).isEqualTo(before(strokes, 6).direction());
  }

  @Test
  void aRetakeSetsTheBowElsewhere() {
    List<Stroke> strokes = strokes(6, "retake");
    assertThat(of(strokes, 6).retakeBefore()).isTrue();
    assertThat(Math.abs(of(strokes, 6).start() - before(strokes, 6).end()))
        .isGreaterThanOrEqualTo(0.05);
    assertThat(of(strokes, 6).reasons().get(0)).contains("taken back");
  }

  @Test
  void aPlaceAndAKindAreKept() {
    Stroke placed = of(strokes(4, "at:0.2"), 4);
    assertThat(placed.start()).isCloseTo(0.2, within(0.01));
    assertThat(of(strokes(4, "kind:martele"), 4).kind()).isEqualTo(StrokeKind.MARTELE);
    assertThat(of(strokes(4, "kind:pizzicato"), 4).amountCm()).isZero();
  }

  @Test
  void aNoteChangesTheBowInside() {
    List<Stroke> strokes = strokes(8, "change-inside");
    assertThat(strokes).hasSize(7);
    Stroke second = strokes.get(6);
    assertThat(second.firstNote()).isEqualTo(8);
    assertThat(second.from()).isCloseTo(0.5, within(0.01));
    assertThat(second.beginsInside()).isTrue();
    assertThat(second.direction()).isNotEqualTo(strokes.get(5).direction());
    assertThat(second.sharesCm()).hasSize(1);
    assertThat(second.seconds() + strokes.get(5).seconds()).isCloseTo(4 * 60.0 / 84, within(1e-3));
  }

  @Test
  void asItComesNeverAsksForALift() {
    BowChoices choices = BowChoices.none();
    for (int note = 4; note < 9; note++) {
      choices = choices.with(at(note, "as-it-comes"));
    }
    List<Stroke> strokes = strokes(choices);
    for (int i = 1; i < strokes.size(); i++) {
      assertThat(strokes.get(i).direction()).isNotEqualTo(strokes.get(i - 1).direction());
      assertThat(strokes.get(i).retakeBefore()).isFalse();
    }
  }

  @Test
  void recipesMakeALevelWithMoreOrLessBow() {
    double usual = of(strokes(BowChoices.none()), 8).amountCm();
    Stroke weight = of(strokes(8, "weight"), 8);
    assertThat(weight.amountCm()).isLessThan(0.9 * usual);
    assertThat(weight.manner().recipe()).isEqualTo(Recipe.WEIGHT_LED);
    assertThat(weight.manner().from()).isEqualTo(Contact.BRIDGE);
    Stroke light = of(strokes(4, "light"), 4);
    assertThat(light.amountCm()).isGreaterThan(of(strokes(BowChoices.none()), 4).amountCm());
    assertThat(light.manner().from()).isEqualTo(Contact.FINGERBOARD);
  }

  @Test
  void aNewDecisionTakesThePlaceOfWhatItExcludes() {
    BowChoices choices = BowChoices.none().with(at(4, "up")).with(at(4, "retake"));
    assertThat(choices.strokes()).hasSize(2);
    BowChoices turned = choices.with(at(4, "down")).with(at(4, "hook"));
    assertThat(turned.strokes())
        .extracting(s -> s.decision().toString())
        .containsExactlyInAnyOrder("down", "hook");
    assertThat(turned.without(List.of(brief.reading().places().top(4))).strokes()).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "down",
        "up",
        "split",
        "join",
        "hook",
        "two",
        "retake",
        "as-it-comes",
        "change-inside",
        "shorten",
        "weight",
        "light",
        "kind:spiccato",
        "at:0.4",
        "cm:12.5"
      })
  void everyDecisionIsReadAsItIsWritten(String text) {
    StrokeDecision decision = StrokeDecision.parse(text);
    assertThat(decision.toString()).isEqualTo(text);
    assertThat(decision.words()).isNotBlank();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "sideways",
        "kind:whistled",
        "at:1.5",
        "at:here",
        "cm:0",
        "cm:80",
        "cm:lots",
        "kind",
        "at",
        ""
      })
  void whatIsNoDecisionIsRefusedSayingWhatThereIs(String text) {
    assertThatThrownBy(() -> StrokeDecision.parse(text))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("use");
  }

  @Test
  void schoolsAreKnownByTheirNames() {
    for (BowSchool school : BowSchool.values()) {
      assertThat(BowSchool.named(school.id())).isEqualTo(school);
    }
    assertThatThrownBy(() -> BowSchool.named("strict")).hasMessageContaining("printed");
  }
}
