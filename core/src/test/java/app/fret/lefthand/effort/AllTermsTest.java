package app.fret.lefthand.effort;

import static app.fret.lefthand.effort.Ways.VIOLIN;
import static app.fret.lefthand.effort.Ways.move;
import static app.fret.lefthand.effort.Ways.place;
import static app.fret.lefthand.effort.Ways.term;
import static app.fret.lefthand.effort.Ways.way;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.finger.SequenceTerm;
import app.fret.lefthand.effort.term.EffortTerm;
import app.fret.lefthand.effort.term.FigureTerm;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What holds for every term, and what the part and figures ask for (common practice, no source).
 */
class AllTermsTest {
  private static final Moment SLOW = Moment.of(1);
  private static final Moment FAST = Moment.of(0.1);

  @Test
  void figuresThatComeBackTakeTheSameFingers() {
    SequenceTerm term = (SequenceTerm) term(VIOLIN, FigureTerm.class, "sequence");
    Placement second = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    Placement first = way(VIOLIN, "C5", 3, 2, Finger.FIRST);
    Placement onD = way(VIOLIN, "C5", 7, 3, Finger.SECOND);
    assertThat(term.effort(second, second, true)).isZero();
    assertThat(term.effort(first, second, true)).isPositive();
    assertThat(term.effort(onD, second, true)).isPositive();
    assertThat(term.effort(onD, second, false)).as("only repeats keep the string").isZero();
  }

  @Test
  void printedFingersCountEachSignNotKept() {
    Placement second = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    Moment.Printed print = new Moment.Printed(Optional.of(Finger.FIRST), OptionalInt.of(3));
    Moment moment =
        new Moment(
            1,
            1,
            0,
            6,
            Moment.Signs.NONE,
            List.of(WrittenPitch.parse("C5")),
            List.of(print),
            0,
            0,
            0);
    assertThat(place(VIOLIN, "printed", moment, second)).isEqualTo(2);
    assertThat(place(VIOLIN, "printed", SLOW, second)).isZero();
  }

  @ParameterizedTest
  @ValueSource(strings = {"violin", "viola", "cello", "bass"})
  void noTermIsSilentAboutWhatItSaysItCannotSpeakOf(String instrument) {
    Player player = Player.of("", Instruments.named(instrument));
    int low = player.instrument().open(1).midi();
    Placements placements = new Placements(player);
    List<Placement> from = placements.of(List.of(new SoundingPitch(low + 3)));
    List<Placement> to = placements.of(List.of(new SoundingPitch(low + 5)));
    Moment moment = FAST.with(Moment.Sign.SLURRED);
    for (EffortTerm term : EffortTerms.of(player)) {
      if (term instanceof MoveTerm move) {
        for (Placement one : from) {
          for (Placement other : to) {
            boolean travels = one.hand() != other.hand();
            boolean crosses = one.top().string() != other.top().string();
            if (!move.canSpeak(moment, travels, crosses)) {
              assertThat(move.effort(moment, one, other)).as(term.name()).isZero();
            }
          }
        }
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"secure", "even-colour", "singing", "brilliant", "still-hand", "as-printed"})
  void everyProfileWeighsTermsThereAre(String name) {
    Profile profile = Profiles.named(name);
    List<String> names = EffortTerms.of(VIOLIN).stream().map(EffortTerm::name).toList();
    assertThat(names).containsAll(profile.weights().keySet());
    assertThat(profile.label()).isNotBlank().doesNotContain("-");
  }
}
