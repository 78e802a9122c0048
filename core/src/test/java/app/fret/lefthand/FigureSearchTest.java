package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.figure.Assumed;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.search.Lattice;
import app.fret.search.OtherPlans;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How figures are best taken: what is tried is kept only where the whole plan is cheaper. */
class FigureSearchTest {
  private static WeighedPassage weighed(String instrument, String profile, String music) {
    Player player = Player.of("", Instruments.named(instrument));
    Brief brief = Briefs.of(Music.passage(music), player, new Tempo(BeatUnit.QUARTER, 100));
    return new WeighedPassage(
        brief, new EffortModel(player, Profiles.named(profile)), Assumed.of(brief));
  }

  private static OtherPlans others(WeighedPassage weighed) {
    return new OtherPlans(weighed.chain(), weighed.stays(), (note, one, other) -> one != other, 3);
  }

  /** The effort of the plan under these models, its own figures held against each other. */
  private static double effort(WeighedPassage weighed, FigureModels models) {
    Lattice lattice = weighed.lattice().with(weighed.withFigures(weighed.stays(), models));
    return lattice.least() - weighed.tooMuch(lattice.path(), models);
  }

  @ParameterizedTest
  @CsvSource({
    "violin, secure",
    "violin, still-hand",
    "viola, even-colour",
    "cello, secure",
    "bass, brilliant"
  })
  void theModelsFoundMakeNoPlanDearerThanThoseOfThePlainPlan(String instrument, String profile) {
    String figure = "G4/16 B4/16 D5/16 B4/16 A4/16 C5/16 E5/16 C5/16";
    String music = figure + " G5/2 | " + figure + " E5/2 | " + figure + " G4/2";
    WeighedPassage weighed = weighed(instrument, profile, music);
    FigureModels plain = weighed.modelsOf(weighed.lattice().path());
    assertThat(plain.isEmpty()).isFalse();
    FigureModels found = new FigureSearch(weighed).best(others(weighed));
    assertThat(effort(weighed, found)).isLessThanOrEqualTo(effort(weighed, plain) + 1e-9);
  }

  @Test
  void withoutFiguresThereIsNothingToTry() {
    WeighedPassage weighed = weighed("violin", "secure", "G4/4 B4/8 D5/8 A4/2 | C5/1");
    assertThat(new FigureSearch(weighed).best(others(weighed)).isEmpty()).isTrue();
  }

  @Test
  void onALongPageTheFirstPlanSaysHowFiguresAreTaken() {
    List<String> bars = new ArrayList<>();
    for (int i = 0; i < 80; i++) {
      bars.add("G4/16 B4/16 D5/16 B4/16 A4/16 C5/16 E5/16 C5/16 F5/16 E5/16 D5/16 C5/16 B4/4");
    }
    WeighedPassage weighed = weighed("violin", "secure", String.join(" | ", bars));
    FigureModels plain = weighed.modelsOf(weighed.lattice().path());
    FigureModels found = new FigureSearch(weighed).best(others(weighed));
    for (int note = 0; note < weighed.layers().size(); note++) {
      assertThat(found.of(note)).isEqualTo(plain.of(note));
    }
  }

  @Test
  void aPlanHeldAgainstItsOwnFiguresIsAskedNothingTooMuch() {
    String figure = "G4/8 B4/8 D5/8 B4/8";
    WeighedPassage weighed = weighed("violin", "secure", figure + " G5/2 | " + figure + " E5/2");
    int[] path = weighed.lattice().path();
    assertThat(weighed.tooMuch(path, weighed.modelsOf(path))).isCloseTo(0, within(1e-12));
  }
}
