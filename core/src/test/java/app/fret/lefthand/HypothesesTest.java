package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is recognised of a figure is a guess that the search may take or leave. */
class HypothesesTest {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 100);
  private static final Player CELLIST = Player.of("", Instruments.named("cello"));

  private static List<Placement> plan(String music) throws PinConflictException {
    Brief brief = Briefs.of(Music.passage(music), CELLIST, TEMPO);
    return new LeftHandPlanner(CELLIST, Profiles.named("secure"))
        .plan(brief, List.of()).notes().stream().map(LeftHandPlan.NotePlan::placement).toList();
  }

  @Test
  void aFigureOverOneLowThumbKeepsItFromItsFirstNoteToItsLast() throws PinConflictException {
    List<Placement> plan =
        plan("Bb3/16 D4/16 C4/16 Eb4/16 D4/16 F4/16 Eb4/16 G4/16 F4/16 A4/16 G4/16 Bb4/16 A4/2");
    assertThat(plan).allSatisfy(p -> assertThat(p.inThumbPosition()).isTrue());
    assertThat(plan).extracting(Placement::base).containsOnly(8);
  }

  @Test
  void aThumbThatSavesTooLittleIsNotSet() throws PinConflictException {
    assertThat(plan("A3/4 B3/4 A3/4 D4/4 B3/4 E4/4 C4/4 A4/4 F4/4"))
        .as("slow, and with an open string below")
        .noneMatch(p -> p.inThumbPosition() && p.base() < 8);
  }
}
