package app.fret.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.reading.traps.ReadingChoices;
import app.fret.reading.traps.TypedRunning;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.testing.Music;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/** What is said of other parts is common practice, no source. */
class OthersTest {
  private static Passage part(String name, String music) {
    Passage passage = Music.passage(music);
    return new Passage(
        passage.title(),
        name,
        passage.bars(),
        passage.events(),
        passage.slurs(),
        passage.tuplets(),
        passage.directions(),
        passage.transposition());
  }

  private static final Passage OWN = part("Viola", "C4/1 | r/1 | r/1 | D4/2 E4/2");

  private static final Passage RUNS =
      part(
          "Violin I",
          "C5/8 D5/8 C5/8 D5/8 C5/8 D5/8 C5/8 D5/8"
              + " | C5/8 D5/8 C5/8 D5/8 C5/8 D5/8 C5/8 D5/8 | G5/2 F5/4 E5/4 | C5/1");

  private static final Passage SLOW = part("Cello", "C3/4 C3/4 C3/4 C3/4 | C3/1 | G2/1 | C3/1");

  @Test
  void theSmallestValueThatRunsIsFoundAndWhereItStops() {
    Others others = Others.of(List.of(SLOW, RUNS), OWN);
    assertThat(others.running())
        .containsExactly(new Others.Running(0, 1, Fraction.of(1, 8), "Violin I"));
    assertThat(others.stops(4)).containsExactly(2);
  }

  @Test
  void beforeAnEntryAfterALongRestItIsSaidWhoIsHeard() {
    assertThat(Others.of(List.of(SLOW, RUNS), OWN).cues())
        .containsExactly(new Others.Cue(3, "Violin I plays G5 F5 E5 before you"));
  }

  @Test
  void aPartOfOtherBarsSaysNothing() {
    Passage other = part("Oboe", "C5/8 D5/8 C5/8 D5/8 C5/8 D5/8 C5/8 D5/8");
    assertThat(Others.of(List.of(other), OWN)).isEqualTo(Others.NONE);
  }

  @Test
  void whatThePlayerSaysStandsInPlaceOfWhatThePartsSay() {
    Others heard = Others.of(List.of(SLOW, RUNS), OWN);
    NoteRef first = NoteRef.parse("0@0/1 C4");
    TypedRunning typed = new TypedRunning(first, first, Fraction.of(1, 16));
    ReadingChoices choices = ReadingChoices.none().withRunning(typed);
    assertThat(choices.over(heard).running())
        .containsExactly(new Others.Running(0, 0, Fraction.of(1, 16), ""));
    assertThat(choices.withoutRunning(typed).over(heard)).isEqualTo(heard);
    assertThat(TypedRunning.parse(first, typed.valueText())).isEqualTo(typed);
  }

  @Test
  void aBarOfAFewNotesDoesNotRun() {
    assertThat(Others.of(List.of(part("Oboe", "C5/2 D5/2 | r/1 | r/1 | C5/1")), OWN).running())
        .isEmpty();
  }
}
