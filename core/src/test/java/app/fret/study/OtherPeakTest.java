package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.NoteRef;
import app.fret.score.Tempo;
import app.fret.shape.Phrase;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Other peaks of a phrase, with what a whole plan with them costs. */
class OtherPeakTest {
  private Study study;

  @BeforeEach
  void plan() throws Exception {
    study =
        Study.of(
            Music.passage("D5/4 E5/4 F5/4 A5/4 | G5/4 F5/4 E5/4 D5/4 | D5/1"),
            Player.of("", Instruments.named("violin")),
            Choices.at(new Tempo(BeatUnit.QUARTER, 60)));
  }

  private Phrase phrase() {
    return study.levels().phraseOf(0);
  }

  private Study withPeak(Optional<NoteRef> peak) throws Exception {
    NoteRef first = study.places().top(phrase().firstNote());
    return study.with(study.choices().with(study.choices().shape().withPeak(first, peak)));
  }

  @Test
  void theyAreTheNextHighestOrLongestNotesAndNone() throws Exception {
    // A whole note a third lower outweighs a quarter: each doubling of length counts a whole step.
    assertThat(phrase().peak()).isEqualTo(3);
    assertThat(OtherPeak.of(study, phrase()))
        .extracting(OtherPeak::note)
        .containsExactly(OptionalInt.of(4), OptionalInt.of(8), OptionalInt.empty());
  }

  @Test
  void eachSaysWhatThePlanWithItReallyCosts() throws Exception {
    List<OtherPeak> others = OtherPeak.of(study, phrase());
    Study later = withPeak(Optional.of(study.places().top(4)));
    Study level = withPeak(Optional.empty());
    assertThat(others.get(0).extraEffort())
        .isCloseTo(later.effort() - study.effort(), within(1e-9))
        .isNotZero();
    assertThat(others.get(2).extraEffort())
        .isCloseTo(level.effort() - study.effort(), within(1e-9));
  }

  @Test
  void ofAMovedPeakTheProposedOneIsAmongThem() throws Exception {
    study = withPeak(Optional.of(study.places().top(6)));
    assertThat(OtherPeak.of(study, phrase()))
        .extracting(OtherPeak::note)
        .containsExactly(
            OptionalInt.of(3), OptionalInt.of(4), OptionalInt.of(8), OptionalInt.empty());
  }

  @Test
  void aPhraseKeptLevelMayBeLedAgain() throws Exception {
    study = withPeak(Optional.empty());
    assertThat(OtherPeak.of(study, phrase()))
        .extracting(OtherPeak::note)
        .containsExactly(OptionalInt.of(3), OptionalInt.of(4), OptionalInt.of(8));
  }
}
