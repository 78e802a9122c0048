package app.fret.files.abc;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.edit.Caret;
import app.fret.edit.StaffPen;
import app.fret.score.Passage;
import app.fret.score.Step;
import app.fret.testing.RandomPassages;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AbcRewriterTest {
  private static final String HEAD = "T:Slate Quay\nM:2/4\nL:1/8\nK:D clef=treble\n";

  private static String edited(String text, UnaryOperator<StaffPen> how) {
    AbcTune tune = AbcReader.read(text);
    StaffPen pen = StaffPen.over(tune.passage().orElseThrow());
    return AbcRewriter.rewrite(text, tune, how.apply(pen).music().passage());
  }

  @Test
  void onlyTheBarThatChangedIsWrittenAnew() {
    String text = HEAD + "d>e  f2 | g2 a2 | % a remark\nb4 |\n";
    assertThat(edited(text, p -> p.goTo(4, false).become(Step.C)))
        .isEqualTo(HEAD + "d>e  f2 | g2 c'2 | % a remark\nb4 |\n");
  }

  @Test
  void barsAtTheEndAreAppended() {
    String text = HEAD + "d2 e2";
    assertThat(edited(text, p -> p.perBeat(1).note(Step.F).note(Step.G).note(Step.A)))
        .isEqualTo(HEAD + "d2 e2 | f2 g2 | a2 |");
  }

  @Test
  void barsAreTakenOutAndPutIn() {
    String text = HEAD + "d2 e2 | f2 g2 | a4 |";
    assertThat(edited(text, p -> p.goTo(new Caret(1, 0)).deleteBars()))
        .isEqualTo(HEAD + "d2 e2 | a4 |");
    assertThat(edited(text, p -> p.goTo(new Caret(2, 0)).deleteBars()))
        .isEqualTo(HEAD + "d2 e2 | f2 g2 |");
    assertThat(edited(text, p -> p.goTo(new Caret(0, 0)).repeatBars()))
        .isEqualTo(HEAD + "d2 e2 | d2 e2 | f2 g2 | a4 |");
  }

  @Test
  void lettersKeepTheLengthTheyHaveInTheirText() {
    String text = "M:2/4\nL:1/16\nK:C\nc4 d4 |";
    assertThat(edited(text, p -> p.perBeat(4).note(Step.E)))
        .isEqualTo("M:2/4\nL:1/16\nK:C\nc4 d4 | e |");
  }

  @Test
  void anEmptyTuneKeepsItsHead() {
    AbcTune silent = AbcReader.read(HEAD + "Z |\n");
    StaffPen pen = StaffPen.over(silent.passage().orElseThrow()).perBeat(2).note(Step.D);
    String text = AbcRewriter.rewrite(HEAD, AbcReader.read(HEAD), pen.music().passage());
    assertThat(text).isEqualTo(HEAD + "d |");
  }

  @Test
  void aChangeThatTheHeadHoldsWritesTheWholeTune() {
    String text = HEAD + "d2 e2 |";
    String edited = edited(text, p -> p.key(new app.fret.score.Key(0)));
    assertThat(edited).contains("T:Slate Quay", "K:C clef=treble", "d2 e2");
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void whateverIsTypedOnTheStaffTheTextSaysTheSame(long seed) {
    Random random = new Random(seed);
    String text = AbcWriter.write(RandomPassages.full(seed)).text();
    StaffPen pen = StaffPen.over(AbcReader.read(text).passage().orElseThrow());
    for (int i = 0; i < 25; i++) {
      int choice = random.nextInt(6);
      int number = random.nextInt(7);
      pen =
          switch (choice) {
            case 0 -> pen.move(number - 3, false);
            case 1 -> pen.perBeat(1 + number).note(Step.values()[number]);
            case 2 -> pen.delete();
            case 3 -> pen.repeatBars();
            case 4 -> pen.alter(number % 2 == 0 ? 1 : -1);
            default -> pen.rest();
          };
      Passage music = pen.music().passage();
      text = AbcRewriter.rewrite(text, AbcReader.read(text), music);
      Passage back = AbcReader.read(text).passage().orElseThrow();
      assertThat(AbcWriter.write(back).text()).isEqualTo(AbcWriter.write(music).text());
    }
  }
}
