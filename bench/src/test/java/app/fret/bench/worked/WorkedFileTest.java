package app.fret.bench.worked;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class WorkedFileTest {
  private static final String TEXT =
      """
      # A remark.

      passage low-turn bass secure bass-school 1-3-4
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
  void aPassageIsReadWithItsMusicItsWaysAndItsSchool() {
    WorkedPassage passage = WorkedFile.parse(TEXT).get(0);
    assertThat(passage.id()).isEqualTo("low-turn");
    assertThat(passage.school()).contains("1-3-4");
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
