package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import org.junit.jupiter.api.Test;

/** Marks of a plan as text, set into the same music again. */
class PencilMarksTest {
  private static final Player VIOLINIST = Player.of("", Instruments.named("violin"));
  private static final String MUSIC = "D5/8 E5/8 r/4 G3+B4/4 A5/4 | B5/4 C6/4 D6/2";

  private static Study study(String music) throws Exception {
    return Study.of(Music.passage(music), VIOLINIST, Choices.at(new Tempo(BeatUnit.QUARTER, 96)));
  }

  @Test
  void theMusicGetsBackWhatThePlanWroteIntoIt() throws Exception {
    Study study = study(MUSIC);
    Passage marked = MarkedPassage.of(study);
    assertThat(marked.events()).isNotEqualTo(study.passage().events());
    Passage again = PencilMarks.on(study.passage(), PencilMarks.of(study)).orElseThrow();
    assertThat(again.events()).isEqualTo(marked.events());
    assertThat(again.slurs()).isEqualTo(marked.slurs());
  }

  @Test
  void everyStoppedNoteHasItsFinger() throws Exception {
    Study study = study(MUSIC);
    Passage again = PencilMarks.on(study.passage(), PencilMarks.of(study)).orElseThrow();
    assertThat(again.events())
        .filteredOn(Sounding.class::isInstance)
        .hasSize(7)
        .allSatisfy(
            e ->
                assertThat(((Sounding) e).notes())
                    .isNotEmpty()
                    .allSatisfy(n -> assertThat(n.finger()).isPresent()));
  }

  @Test
  void aLastNoteWithoutMarksIsKeptToo() throws Exception {
    Study study = study("D5/4 E5/4 F5/2 | G5/2~ G5/2");
    assertThat(PencilMarks.on(study.passage(), PencilMarks.of(study)).orElseThrow().events())
        .isEqualTo(MarkedPassage.of(study).events());
  }

  @Test
  void marksOfOtherMusicAreNotTaken() throws Exception {
    String marks = PencilMarks.of(study(MUSIC));
    assertThat(PencilMarks.on(Music.passage("D5/8 E5/8 r/4 G3+B4/4 A5/4"), marks)).isEmpty();
    assertThat(PencilMarks.on(Music.passage("D5/8 E5/8 r/4 B4/4 A5/4 | B5/4 C6/4 D6/2"), marks))
        .isEmpty();
    assertThat(PencilMarks.on(Music.passage("D5/1 | D5/1"), "")).isEmpty();
  }

  @Test
  void marksThatAreNoneAreNotTaken() {
    assertThat(PencilMarks.on(Music.passage("D5/1"), "\nfinger=nine")).isEmpty();
    assertThat(PencilMarks.on(Music.passage("D5/1"), "0-x\nfinger=1")).isEmpty();
    assertThat(PencilMarks.on(Music.passage("D5/1"), "0-9\nfinger=1")).isEmpty();
  }
}
