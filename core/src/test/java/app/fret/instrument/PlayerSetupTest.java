package app.fret.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.score.Finger;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PlayerSetupTest {
  @ParameterizedTest
  @ValueSource(strings = {"violin", "viola", "cello", "bass"})
  void theUsualSetupIsAMediumHandOnAUsualInstrument(String name) {
    Player player = PlayerSetup.usual(name).player("Oda");
    assertThat(player).isEqualTo(Player.of("Oda", Instruments.named(name)));
  }

  @Test
  void everythingAPlayerSaysReachesTheInstrument() {
    Player player =
        PlayerSetup.usual("bass")
            .withComfortableMm(96)
            .withStringLengthMm(1070)
            .withA4Hz(442)
            .withSchool(Optional.of("1-3-4"))
            .withSetUp(Optional.of("low-c"))
            .withHabits(Habits.USUAL.withGuide(Habits.Guide.DEPARTING_FINGER))
            .player("");
    assertThat(player.hand().comfortableMm()).isEqualTo(96);
    assertThat(player.instrument().stringLengthMm()).isEqualTo(1070);
    assertThat(player.instrument().a4Hz()).isEqualTo(442);
    assertThat(player.instrument().lowestSemitone(4)).isEqualTo(-4);
    assertThat(player.instrument().frames().get(0).of(Finger.THIRD)).isNotEmpty();
    assertThat(player.habits().guide()).isEqualTo(Habits.Guide.DEPARTING_FINGER);
  }

  @Test
  void openStringsAreGivenAsWordsAndNoWordsMeanTheUsual() {
    PlayerSetup tuned = PlayerSetup.usual("violin").withTuning(" E5, A4 D4  A3 ");
    assertThat(tuned.player("").instrument().open(4).midi()).isEqualTo(57);
    assertThat(tuned.withTuning(" ").tuning()).isEmpty();
  }

  @Test
  void whatCannotBeIsSaid() {
    assertThatThrownBy(() -> PlayerSetup.usual("violin").withA4Hz(500).player(""))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("500");
    assertThatThrownBy(() -> PlayerSetup.usual("violin").withTuning("E5 A4").player(""))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(
            () -> PlayerSetup.usual("violin").withSchool(Optional.of("1-3-4")).player(""))
        .hasMessageContaining("no school '1-3-4' for the violin");
  }
}
