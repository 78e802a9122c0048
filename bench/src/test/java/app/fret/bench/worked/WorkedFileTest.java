package app.fret.bench.worked;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WorkedFileTest {
  private static final String TEXT =
      """
      # A remark.

      passage low-turn bass secure bass-school 1-3-4
      rule turns
      why One hand holds it.
      X:1
      T:low-turn
      M:2/4
      L:1/8
      Q:1/4=80
      K:C clef=bass
       B,, C, D,2 |
      want 0=III:1 1=III:3
      or 0=III:1|2 1=*:2
      """;

  @Test
  void aPassageIsReadWithItsMusicItsWaysItsRuleAndItsSchool() {
    WorkedPassage passage = WorkedFile.parse(TEXT).get(0);
    assertThat(passage.id()).isEqualTo("low-turn");
    assertThat(passage.school()).contains("1-3-4");
    assertThat(passage.rule()).contains("turns");
    assertThat(passage.why()).isEqualTo("One hand holds it.");
    assertThat(passage.ways())
        .extracting(List::toString)
        .containsExactly("[0=III:1, 1=III:3]", "[0=III:1|2, 1=*:2]");
    assertThat(passage.study().notes()).hasSize(3);
  }

  @Test
  void aPlanAgreesAsFarAsItsBestWay() {
    WorkedPassage passage = WorkedFile.parse(TEXT).get(0);
    assertThat(passage.agreement(passage.study().leftHand())).isEqualTo(1);
    assertThat(passage.misses(passage.study().leftHand())).isEmpty();
  }

  /** What a fit counts is what {@code ./fret bench agreement} counts. */
  @ParameterizedTest
  @ValueSource(strings = {"violin", "viola", "cello", "bass"})
  void aFitCountsAgreementAsAPlanDoes(String instrument) {
    WorkedPassage passage = WorkedFile.read("scales", instrument).get(0);
    Lesson lesson = new Lesson("scales", passage, passage.example());
    assertThat(lesson.agreement(FitWeights.shipped()))
        .isEqualTo(passage.agreement(passage.study().leftHand()));
  }

  @Test
  void everyGroupTestsARuleThatIsNamed() {
    for (String instrument : WorkedFile.INSTRUMENTS) {
      assertThat(WorkedFile.read("groups", instrument)).allMatch(p -> p.rule().isPresent());
      assertThat(WorkedFile.read("hard", instrument)).noneMatch(p -> p.rule().isPresent());
    }
  }

  @Test
  void whatIsNoWayToTakeANoteIsRefused() {
    assertThatThrownBy(() -> Want.parse("3:II")).hasMessage("'3:II' is not NOTE=STRINGS:FINGERS");
    assertThatThrownBy(() -> WorkedFile.read("worked", "harp"))
        .hasMessage("there is no file worked/harp.txt");
  }

  /** Ten passages at least for the rules on each instrument, in keys to five sharps and flats. */
  @Test
  void everyInstrumentHasItsPassagesAndNoneTwice() {
    Set<String> ids = new HashSet<>();
    int read = 0;
    for (String instrument : WorkedFile.INSTRUMENTS) {
      for (String collection : WorkedFile.COLLECTIONS) {
        List<WorkedPassage> passages = WorkedFile.read(collection, instrument);
        assertThat(passages).hasSizeGreaterThanOrEqualTo(10);
        assertThat(passages).allMatch(p -> p.instrument().equals(instrument));
        assertThat(passages).noneMatch(p -> p.why().isEmpty() || p.ways().isEmpty());
        passages.forEach(p -> ids.add(p.id()));
        read += passages.size();
      }
      assertThat(WorkedFile.read("rules", instrument))
          .anyMatch(p -> p.music().contains("K:Db "))
          .anyMatch(p -> p.music().contains("K:B ") || p.music().contains("K:E "));
    }
    assertThat(ids).hasSize(read);
  }
}
