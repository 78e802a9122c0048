package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.Pin;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** A bar that hurt twice is offered a fingering that opens the hand less. */
class LessStretchTest {
  /** Semitones above the open string. */
  private static final int FIRST_POSITION = 2;

  private static Study study(String music) throws Exception {
    return Study.of(
        Music.passage(music),
        Player.of("", Instruments.named("violin")),
        Choices.at(new Tempo(BeatUnit.QUARTER, 80)));
  }

  /** The player keeps first position for C6, a half step above the fourth finger's place. */
  @Test
  void theNoteThatOpensTheHandMostHasAnotherFinger() throws Exception {
    Study free = study("E5/8 F5/8 G5/8 A5/8 B5/8 C6/8 B5/8 G5/8 | F5/8 E5/8 D5/8 C5/8 B4/2");
    Pin stretched =
        new Pin(5, OptionalInt.of(1), Optional.of(Finger.FOURTH), OptionalInt.of(FIRST_POSITION));
    Study study = free.with(free.pinned(free.choices(), List.of(stretched)));
    double now =
        study.leftHand().notes().stream().mapToDouble(n -> n.placement().reachMm()).max().orElse(0);
    assertThat(now).as("the hand is stretched").isGreaterThan(2);
    Optional<LessStretch> less = LessStretch.in(study, "1");
    assertThat(less).isPresent();
    int note = less.get().note();
    double before = study.leftHand().notes().get(note).placement().reachMm();
    assertThat(before).isEqualTo(now);
    assertThat(less.get().placement().reachMm()).isLessThan(before);
    assertThat(less.get().words()).matches("\\d+ mm less stretch");
  }

  @Test
  void aBarWithoutStretchesHasNone() throws Exception {
    Study study = study("D5/4 E5/4 F5/4 G5/4 | A5/1");
    assertThat(LessStretch.in(study, "1")).isEmpty();
    assertThat(LessStretch.in(study, "9")).isEmpty();
  }
}
