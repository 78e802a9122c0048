package app.fret.bow.stroke;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.Bowed;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Figures that come back (common practice; the counts found by trying passages). */
class FiguresTest {
  private static Figures figures(Passage passage) {
    Player player = Player.of("", Instruments.named("violin"));
    return Bowed.figures(Bowed.line(Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, 80))));
  }

  private static List<Span> units(Passage passage) {
    List<Figures.Run> runs = figures(passage).runs();
    assertThat(runs).hasSize(1);
    return runs.get(0).units();
  }

  @Test
  void fourBeatsAlikeAreFourFigures() {
    String beat = "(C5/16 D5/16 E5/16) F5/16 ";
    List<Span> units = units(Music.passage(beat.repeat(4).trim()));
    assertThat(units)
        .containsExactly(new Span(0, 3), new Span(4, 7), new Span(8, 11), new Span(12, 15));
  }

  @Test
  void threeBeatsAreTooFewForBeatsButTwoBarsAreEnough() {
    String bar = "(C5/4 D5/4) E5/4";
    assertThat(units(Music.passage(Metre.of(3, 4), bar + " | " + bar)))
        .containsExactly(new Span(0, 2), new Span(3, 5));
  }

  @Test
  void halfBarsComeBackThreeTimes() {
    String half = "(C5/4 D5/8) E5/8 ";
    assertThat(units(Music.passage(half + half + "| " + half + "F5/2")))
        .containsExactly(new Span(0, 2), new Span(3, 5), new Span(6, 8));
  }

  @Test
  void aFigureNeedsTwoGesturesOrARest() {
    String one = "(C5/4 D5/4 E5/4 F5/4)";
    assertThat(figures(Music.passage(one + " | " + one + " | " + one)).runs()).isEmpty();
    String rest = "(C5/4 D5/4) r/2";
    assertThat(figures(Music.passage(rest + " | " + rest)).runs()).hasSize(1);
  }

  @Test
  void aLongNoteWithAShortOneBehindItIsOneGesture() {
    String pair = "C5/8. D5/16 ";
    assertThat(figures(Music.passage(pair.repeat(4).trim())).runs())
        .as("beats of one gesture each are no figures; half bars of two are too few")
        .isEmpty();
  }

  @Test
  void otherSlursRhythmsOrAccentsAreOtherFigures() {
    assertThat(figures(Music.passage("(C5/2 D5/4) E5/4 | C5/4 (D5/2 E5/4)")).runs()).isEmpty();
    assertThat(figures(Music.passage("(C5/2 D5/4) E5/4 | (C5/4 D5/2) E5/4")).runs()).isEmpty();
  }

  @Test
  void theFirstBeginsTheOthersRepeatAndTheLastIsKnown() {
    String bar = "(C5/2 D5/4) E5/4";
    Figures figures = figures(Music.passage(bar + " | " + bar + " | " + bar));
    assertThat(figures.begins(0)).isTrue();
    assertThat(figures.repeats(0)).isFalse();
    assertThat(figures.repeats(3)).isTrue();
    assertThat(figures.repeats(6)).isTrue();
    assertThat(figures.isLast(3)).isFalse();
    assertThat(figures.isLast(6)).isTrue();
    assertThat(figures.begins(1)).isFalse();
  }

  @Test
  void aStrokeOverTheBarLineBreaksTheFigure() {
    assertThat(figures(Music.passage("(C5/2 D5/4) (E5/4 | C5/2 D5/4) E5/4")).runs()).isEmpty();
  }
}
