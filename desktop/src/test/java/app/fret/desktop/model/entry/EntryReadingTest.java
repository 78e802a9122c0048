package app.fret.desktop.model.entry;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.abc.AbcProblem;
import org.junit.jupiter.api.Test;

class EntryReadingTest {
  private static final String HEAD = "T:Grey Ferry\nM:4/4\nL:1/8\nK:Dm\n";

  @Test
  void tellsWhatIsUnderstoodSoFar() {
    EntryReading reading = EntryReading.of(HEAD + "d4 f4 | e2 A2");
    assertThat(reading.notes()).isEqualTo(4);
    assertThat(reading.keyWords()).isEqualTo("F major or D minor");
    assertThat(reading.metreWords()).isEqualTo("4/4");
    assertThat(reading.rangeWords()).isEqualTo("A4 to F5");
    assertThat(reading.toMend()).isEmpty();
    assertThat(reading.barWords()).isEqualTo("2 bars begun, 1 add up");
  }

  @Test
  void anEmptyTextHasNothingToTell() {
    EntryReading reading = EntryReading.of("");
    assertThat(reading.notes()).isZero();
    assertThat(reading.rangeWords()).isEqualTo("–");
    assertThat(reading.placeWords(0)).isEqualTo("before the first note");
    assertThat(reading.toMend()).extracting(AbcProblem::text).first().asString().contains("type");
  }

  @Test
  void theCaretHasAPlaceInTheMusic() {
    String text = HEAD + "d4 f4 | e2 A2";
    EntryReading reading = EntryReading.of(text);
    assertThat(reading.placeWords(text.length())).isEqualTo("bar 2, beat 2");
    assertThat(reading.eventAt(text.indexOf('f') + 1)).hasValue(1);
    assertThat(reading.placeWords(HEAD.length())).isEqualTo("before the first note");
    String half = HEAD + "d f";
    assertThat(EntryReading.of(half).placeWords(half.length())).isEqualTo("bar 1, beat 1½");
  }

  @Test
  void theNextProblemIsBehindTheCaretOrTheFirstOfAll() {
    String text = HEAD + "d4 ? f4 | e4 ? A4 |";
    EntryReading reading = EntryReading.of(text);
    int first = text.indexOf('?');
    int second = text.lastIndexOf('?');
    assertThat(reading.problemAfter(0)).map(AbcProblem::from).contains(first);
    assertThat(reading.problemAfter(first)).map(AbcProblem::from).contains(second);
    assertThat(reading.problemAfter(second)).map(AbcProblem::from).contains(first);
    assertThat(reading.problemAt(second)).map(AbcProblem::from).contains(second);
    assertThat(EntryReading.of(HEAD + "d8 |").problemAfter(0)).isEmpty();
  }
}
