package app.fret.bow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.bow.stroke.Accents;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.Stroke;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Accents by weight, by speed or by both, as the player was taught (common practice, no source).
 */
class AccentsTest {
  private static Stroke accented(Accents accents) throws Exception {
    Passage plain = Music.passage("C5/4 D5/4 E5/4 F5/4 | G5/2 F5/2");
    List<Event> events = new ArrayList<>(plain.events());
    Sounding third = (Sounding) events.get(2);
    events.set(2, third.withMarks(third.marks().toggled(Marks.Articulation.ACCENT)));
    Study study =
        Study.of(
            plain.withEvents(events),
            Player.of("Oda Merrin", Instruments.named("violin")),
            Choices.at(new Tempo(BeatUnit.QUARTER, 88)).with(BowChoices.none().with(accents)));
    return study.bow().strokes().get(2);
  }

  @Test
  void anAccentBySpeedTakesMoreBowThanOneByWeight() throws Exception {
    double weight = accented(Accents.WEIGHT).amountCm();
    double both = accented(Accents.BOTH).amountCm();
    double speed = accented(Accents.SPEED).amountCm();
    assertThat(both).isGreaterThan(1.15 * weight).isLessThan(speed);
  }

  @ParameterizedTest
  @EnumSource
  void theHintSaysWhichItIs(Accents accents) throws Exception {
    assertThat(accented(accents).hints()).contains(accents.hint());
    assertThat(Accents.named(accents.id())).isEqualTo(accents);
  }

  @Test
  void anUnknownWayNamesThoseThereAre() {
    assertThatThrownBy(() -> Accents.named("force")).hasMessageContaining("both, weight, speed");
  }

  @Test
  void slowSungStrokesAreCushionedAtTheChange() throws Exception {
    Study slow =
        Study.of(
            Music.passage("=p (C5/2 D5/2) | (E5/2 F5/2)"),
            Player.of("Oda Merrin", Instruments.named("violin")),
            Choices.at(new Tempo(BeatUnit.QUARTER, 60)));
    assertThat(slow.bow().strokes().get(1).hints()).anyMatch(h -> h.startsWith("Cushion"));
    assertThat(slow.bow().strokes().get(0).hints()).noneMatch(h -> h.startsWith("Cushion"));
  }
}
