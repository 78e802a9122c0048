package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.brief.Brief;
import app.fret.instrument.Habits;
import app.fret.instrument.Habits.HalfSteps;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Two schools of half steps in a run (common practice, no source). */
class SchoolsOfHalfStepsTest {
  private static final String RUN =
      "D4/16 Eb4/16 E4/16 F4/16 F#4/16 G4/16 G#4/16 A4/16 Bb4/16 B4/16 C5/16 C#5/16 D5/4";

  private static List<String> fingers(HalfSteps school) throws PinConflictException {
    Player violist =
        Player.of("", Instruments.named("viola")).withHabits(Habits.USUAL.withHalfSteps(school));
    Brief brief = Briefs.of(Music.passage(RUN), violist, new Tempo(BeatUnit.QUARTER, 88));
    return new LeftHandPlanner(violist, Profiles.named("secure"))
        .plan(brief, List.of()).notes().stream()
            .map(n -> n.placement().top().finger().sign())
            .toList();
  }

  @Test
  void inTheOlderSchoolNotesOfOneLetterShareAFingerThatSlides() throws PinConflictException {
    assertThat(fingers(HalfSteps.SLIDES))
        .startsWith("0", "1", "1", "2", "2", "3")
        .endsWith("1", "1", "2", "2", "3");
  }
}
