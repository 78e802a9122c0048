package app.fret.bow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.search.BowJoints;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.Figures;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Slow practice keeps the amount; what does not speak slowly is played another way. */
class SlowStrokeTest {
  private static List<Stroke> strokes(Passage passage, double perMinute) {
    Player player = Player.of("", Instruments.named("violin"));
    Brief brief = Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, perMinute));
    return Bowed.plan(brief).strokes();
  }

  @Test
  void atHalfTheTempoTheSameBowGoesHalfAsFast() {
    Stroke stroke = strokes(Music.passage("C5/4 D5/4 E5/4 F5/4"), 90).get(1);
    SlowStroke half = SlowStroke.of(stroke, 0.5);
    assertThat(half.speedCmPerSecond()).isCloseTo(stroke.speedCmPerSecond() / 2, within(1e-9));
    assertThat(half.instead()).isEmpty();
    assertThat(half.words()).startsWith("the same bow at ").endsWith(" cm/s");
  }

  /** Dotted sixteenths at 108 bounce 7.2 a second; spiccato speaks from 3. */
  @Test
  void aBouncedStrokeIsPlayedOnTheStringUntilItSpeaks() {
    Stroke bounced = strokes(Signed.passage(NoteValue.SIXTEENTH, "mf", ". . . ."), 108).get(1);
    assertThat(bounced.kind()).isEqualTo(StrokeKind.SPICCATO);
    assertThat(SlowStroke.of(bounced, 0.4).instead())
        .hasValueSatisfying(i -> assertThat(i).contains("on the string"));
    assertThat(SlowStroke.of(bounced, 0.5).instead()).isEmpty();
    assertThat(SlowStroke.firstSpeaking(bounced, List.of(30.0, 40.0, 50.0, 108.0), 108))
        .contains(50.0);
    assertThat(SlowStroke.firstSpeaking(bounced, List.of(20.0), 108)).isEmpty();
  }

  @Test
  void aRetakeReachesAsFarAsTheTimeThereIs() {
    List<Stroke> strokes = strokes(Music.passage("C5/4 r/4 D5/4 E5/4"), 132);
    assertThat(strokes.get(1).retakeReach()).as("in the rest").isEqualTo(1);
    assertThat(strokes.get(2).retakeReach()).isBetween(0.5, 1.0);
    assertThat(BowJoints.reach(0.114)).isCloseTo(0.57, within(1e-9));
    assertThat(BowJoints.reach(0.07)).isZero();
  }

  @Test
  void figuresStartTheOtherWayOnPurposeWhenAsked() {
    String bar = "C5/4 D5/8 E5/8 F5/4 r/4";
    Passage passage = Music.passage(bar + " | " + bar + " | " + bar);
    Player player = Player.of("", Instruments.named("violin"));
    Brief brief = Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, 90));
    List<Stroke> same = Bowed.plan(brief).strokes();
    assertThat(same.get(4).direction()).isEqualTo(same.get(0).direction());
    BowLine line = Bowed.line(brief);
    List<Span> strokes = Bowed.drafts(line).stream().map(Draft::notes).toList();
    Figures alike = new Figures(line, strokes);
    Figures opposite = new Figures(line, strokes, true);
    assertThat(alike.isAgainst(4, true)).isTrue();
    assertThat(opposite.isAgainst(4, true)).isFalse();
    assertThat(opposite.isAgainst(4, false)).isTrue();
    assertThat(opposite.isAgainst(0, true)).as("the first figure is free").isFalse();
  }
}
