package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import org.junit.jupiter.api.Test;

/** The marked part carries the strokes as they are bowed. */
class BowedSlursTest {
  private static final String MUSIC = "(C5/4 D5/4 E5/4 F5/4) | G5/4 A5/4 (B5/4 C6/4) | C6/1";

  private static Study study(String... decisions) throws Exception {
    Player player = Player.of("", Instruments.named("violin"));
    Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, 72));
    Study plain = Study.of(Music.passage(MUSIC), player, choices);
    BowChoices bow = BowChoices.none();
    for (String decision : decisions) {
      int note = Integer.parseInt(decision.substring(0, decision.indexOf('=')));
      String what = decision.substring(decision.indexOf('=') + 1);
      bow = bow.with(new StrokeAt(plain.places().top(note), StrokeDecision.parse(what)));
    }
    return plain.with(choices.with(bow));
  }

  private static BowDirection sign(Passage passage, int note) {
    return ((Sounding) passage.events().get(note)).marks().bow().orElseThrow();
  }

  @Test
  void withoutADecisionTheSlursStandAsPrinted() throws Exception {
    assertThat(MarkedPassage.of(study()).slurs()).containsExactly(new Span(0, 3), new Span(6, 7));
  }

  @Test
  void aGraceNoteNeedsNoSlurAndTheSignStandsOverItsNote() throws Exception {
    Study graced =
        Study.of(
            Music.passage("gC5/16 D5/4 E5/4 F5/2"),
            Player.of("", Instruments.named("violin")),
            Choices.at(new Tempo(BeatUnit.QUARTER, 72)));
    Passage marked = MarkedPassage.of(graced);
    assertThat(marked.slurs()).isEmpty();
    assertThat(sign(marked, 1)).isEqualTo(BowDirection.DOWN);
    assertThat(((Sounding) marked.events().get(0)).marks().bow()).isEmpty();
  }

  @Test
  void aSplitSlurIsTwoSlurs() throws Exception {
    assertThat(MarkedPassage.of(study("1=split")).slurs())
        .containsExactly(new Span(0, 1), new Span(2, 3), new Span(6, 7));
    assertThat(MarkedPassage.of(study("2=split")).slurs())
        .containsExactly(new Span(0, 2), new Span(6, 7));
  }

  @Test
  void joinedNotesAreSlurred() throws Exception {
    assertThat(MarkedPassage.of(study("5=join")).slurs())
        .containsExactly(new Span(0, 3), new Span(4, 5), new Span(6, 7));
    assertThat(MarkedPassage.of(study("6=join")).slurs())
        .containsExactly(new Span(0, 3), new Span(5, 7));
  }

  @Test
  void aHookShowsTheSameSignTwice() throws Exception {
    Passage marked = MarkedPassage.of(study("5=hook"));
    assertThat(sign(marked, 5)).isEqualTo(sign(marked, 4));
  }

  @Test
  void pluckedNotesHaveNoBowSign() throws Exception {
    Passage marked = MarkedPassage.of(study("4=kind:pizzicato", "5=kind:pizzicato"));
    assertThat(((Sounding) marked.events().get(4)).marks().bow()).isEmpty();
    assertThat(((Sounding) marked.events().get(5)).marks().bow()).isEmpty();
    assertThat(((Sounding) marked.events().get(0)).marks().bow()).isPresent();
  }

  @Test
  void aChangeInsideANoteIsSaid() throws Exception {
    Study study = study("8=change-inside");
    assertThat(MarkedPassage.of(study).directions().words())
        .extracting(w -> w.text())
        .anyMatch(w -> w.startsWith("change, "));
    assertThat(study.bow().strokes().get(study.bow().strokes().size() - 1).beginsInside()).isTrue();
  }
}
