package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.pattern.Pattern;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Bowing patterns for unmarked notes, by the habit of sections (common practice, no source). */
class PatternOfferTest {
  private static Study study(String music, double perMinute) throws Exception {
    return Study.of(
        Music.passage(music),
        Player.of("Oda Merrin", Instruments.named("violin")),
        Choices.at(new Tempo(BeatUnit.QUARTER, perMinute)));
  }

  private static List<PatternOffer> offers(String music, double perMinute) throws Exception {
    Study study = study(music, perMinute);
    return PatternOffer.of(study, new Span(0, study.notes().size() - 1));
  }

  private static Pattern first(String music, double perMinute) throws Exception {
    return offers(music, perMinute).get(0).pattern();
  }

  @Test
  void aPageOfBrokenChordsIsNoPageOfSingleStrokes() throws Exception {
    String bar =
        "D4/16 F#4/16 A4/16 D5/16 F#5/16 D5/16 A4/16 F#4/16"
            + " D4/16 F#4/16 A4/16 D5/16 F#5/16 D5/16 A4/16 F#4/16";
    assertThat(first("=p " + bar + " | " + bar + " | " + bar, 76)).isEqualTo(Pattern.BEAT);
  }

  @Test
  void aLoudRunGoesSeparatelyAndASoftTuneInLongBows() throws Exception {
    assertThat(first("=f C5/8 D5/8 E5/8 F5/8 G5/8 F5/8 E5/8 D5/8 | C5/8 E5/8 D5/8 F5/8 E5/2", 120))
        .isEqualTo(Pattern.SEPARATE);
    assertThat(first("=p C5/4 D5/8 E5/8 F5/4 E5/8 D5/8 | E5/4 F5/4 G5/2", 76))
        .isEqualTo(Pattern.HALF_BAR);
  }

  @Test
  void loudDottedPairsAreHooked() throws Exception {
    String pairs = "C5/8. D5/16 E5/8. F5/16 G5/8. F5/16 E5/8. D5/16";
    assertThat(first("=f " + pairs + " | " + pairs, 96)).isEqualTo(Pattern.HOOKED);
  }

  @Test
  void eachOfferSaysItsBowsAndTheOneInForceCostsNothing() throws Exception {
    List<PatternOffer> offers = offers("=f C5/8 D5/8 E5/8 F5/8 G5/8 F5/8 E5/8 D5/8", 120);
    assertThat(offers)
        .filteredOn(PatternOffer::isInForce)
        .singleElement()
        .satisfies(o -> assertThat(o.pattern()).isEqualTo(Pattern.SEPARATE))
        .satisfies(o -> assertThat(o.extraEffort()).isZero())
        .satisfies(o -> assertThat(o.strokes()).isEqualTo(8));
    assertThat(offers)
        .filteredOn(o -> o.pattern() == Pattern.BEAT)
        .singleElement()
        .satisfies(o -> assertThat(o.strokes()).isEqualTo(4));
  }

  @Test
  void aDecisionIsOfferedForTheFiguresLikeIt() throws Exception {
    String figure = "C5/16 D5/16 E5/16 C5/16 ";
    Study study = study(figure + "D5/16 E5/16 F5/16 D5/16 G5/2 | " + figure + "G5/2.", 96);
    StrokeAt join = new StrokeAt(study.places().top(1), StrokeDecision.of(Act.JOIN));
    Study joined = study.with(study.choices().with(study.choices().bow().with(join)));

    assertThat(LikeStrokes.elsewhere(study, 1)).isEmpty();
    assertThat(LikeStrokes.elsewhere(joined, 1))
        .isNotEmpty()
        .allMatch(s -> s.decision().act() == Act.JOIN)
        .extracting(s -> study.places().find(s.at()).orElseThrow().note())
        .contains(10)
        .doesNotContain(1);
  }
}
