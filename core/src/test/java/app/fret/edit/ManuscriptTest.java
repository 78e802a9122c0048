package app.fret.edit;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Step;
import app.fret.testing.Music;
import app.fret.testing.RandomPassages;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.BiFunction;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ManuscriptTest {
  /** What a pen can be asked, each with a number to choose something by. */
  private static final List<BiFunction<StaffPen, Integer, StaffPen>> KEYS =
      List.of(
          (pen, n) -> pen.note(Step.values()[n % 7]),
          (pen, n) -> pen.note(Step.values()[n % 7]),
          (pen, n) -> pen.perBeat(1 + n % 9),
          (pen, n) -> pen.rest(),
          (pen, n) -> pen.move(n % 9 - 4, n % 2 == 0),
          (pen, n) -> pen.moveBars(n % 3 - 1, n % 2 == 0),
          (pen, n) -> pen.delete(),
          (pen, n) -> pen.deleteNext(),
          (pen, n) -> pen.deleteBars(),
          (pen, n) -> pen.repeatBars(),
          (pen, n) -> pen.insertBar(),
          (pen, n) -> pen.paste(pen.copyBars()),
          (pen, n) -> pen.octave(n % 3 - 1),
          (pen, n) -> pen.step(n % 5 - 2),
          (pen, n) -> pen.alter(n % 3 - 1),
          (pen, n) -> pen.slur(),
          (pen, n) -> pen.tie(),
          (pen, n) -> pen.wedge(n % 2 == 0),
          (pen, n) -> pen.dot(),
          (pen, n) -> pen.longer(),
          (pen, n) -> pen.chord().note(Step.values()[n % 7]),
          (pen, n) -> pen.grace().note(Step.values()[n % 7]),
          (pen, n) -> pen.become(Step.values()[n % 7]),
          (pen, n) -> pen.becomeRest(),
          (pen, n) -> pen.becomePerBeat(1 + n % 9),
          (pen, n) -> pen.dynamic(n % 3 == 0 ? "" : "mf"),
          (pen, n) -> pen.words("dolce"),
          (pen, n) -> pen.nextBar(),
          (pen, n) -> pen.clef(app.fret.score.Clef.ALTO),
          (pen, n) -> pen.key(new app.fret.score.Key(n % 15 - 7)),
          (pen, n) -> pen.metre(app.fret.score.Metre.of(2 + n % 5, 4)));

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
  void whatIsNotEditedIsThePassageItWas(long seed) {
    Passage passage = RandomPassages.full(seed);
    assertThat(Manuscript.of(passage).passage()).isEqualTo(passage);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
  void anyKeysInAnyOrderLeaveAPassageThatReadsBackTheSame(long seed) {
    Random random = new Random(seed);
    StaffPen pen = StaffPen.over(RandomPassages.full(seed));
    for (int i = 0; i < 120; i++) {
      int key = random.nextInt(KEYS.size());
      pen = KEYS.get(key).apply(pen, random.nextInt(1000));
      Passage now = pen.music().passage();
      assertSame(Manuscript.of(now).passage(), now, "after key " + key);
      assertThat(pen.caret().bar()).isBetween(0, now.bars().size() - 1);
    }
  }

  /** Part by part, so that a difference can be read. */
  private static void assertSame(Passage one, Passage other, String when) {
    assertThat(one.bars()).as(when).isEqualTo(other.bars());
    assertThat(one.slurs()).as(when).isEqualTo(other.slurs());
    assertThat(one.tuplets()).as(when).isEqualTo(other.tuplets());
    assertThat(one.directions().hairpins()).as(when).isEqualTo(other.directions().hairpins());
    assertThat(one.directions().octaveShifts())
        .as(when)
        .isEqualTo(other.directions().octaveShifts());
    assertThat(one.directions()).as(when).isEqualTo(other.directions());
    assertThat(one.events()).as(when).isEqualTo(other.events());
    assertThat(one).as(when).isEqualTo(other);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void notesThatStayAreFoundAgainWhateverIsPutInBeforeThem(long seed) {
    Passage passage = RandomPassages.full(seed);
    StaffPen pen = StaffPen.over(passage).goTo(Caret.START).insertBar().perBeat(4);
    for (Step step : Step.values()) {
      pen = pen.note(step).repeatBars();
    }
    Passage now = pen.music().passage();
    Map<Integer, Integer> events = pen.music().eventsNow();
    for (int event = 0; event < passage.events().size(); event++) {
      Event before = passage.events().get(event);
      Event after = now.events().get(events.get(event));
      assertThat(after.written()).isEqualTo(before.written());
      if (before instanceof Sounding sounding) {
        assertThat(((Sounding) after).notes().get(0).written())
            .isEqualTo(sounding.notes().get(0).written());
      }
    }
  }

  @Test
  void aNoteThatIsGoneIsNotFound() {
    StaffPen pen = StaffPen.over(Music.passage("C5/4 D5/4 E5/4 F5/4")).goTo(1, false).delete();
    assertThat(pen.music().eventsNow()).containsOnlyKeys(0, 2, 3).containsEntry(2, 1);
  }

  @Test
  void signsOverMusicWithoutAnyNoteHangOnNothing() {
    Passage plain = Music.passage("C5/1");
    Passage bare =
        new Passage(
            plain.title(),
            plain.partName(),
            plain.bars(),
            List.of(),
            List.of(),
            List.of(),
            new Directions(
                List.of(),
                List.of(),
                List.of(new Directions.Words(Fraction.ZERO, "dolce", true)),
                List.of(),
                List.of(),
                List.of()),
            plain.transposition());
    assertThat(Manuscript.of(bare).passage().bars()).hasSize(1);
  }
}
