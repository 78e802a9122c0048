package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.LogEntry;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.view.station.Station;
import app.fret.practice.drill.DrillKind;
import app.fret.practice.drill.ProposedDrill;
import app.fret.practice.schedule.CardKind;
import app.fret.study.ProgrammeItem;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/** A drill of selected notes, chosen by the player, in the real window. */
class OwnDrillJourneyTest extends Journey {
  private Optional<ProposedDrill> own() {
    return passage().practise().ownDrillProperty().get();
  }

  private void openChain(FxRobot robot) throws Exception {
    addScore(robot);
    waitFor(() -> passage().day().orElseThrow().seenProperty().get().isPresent());
    robot.interact(() -> window.show(Station.PRACTISE));
    robot.interact(() -> passage().select(0));
    for (int i = 0; i < 5; i++) {
      robot.interact(() -> passage().perform(Command.EXTEND_NEXT));
    }
    waitFor(() -> robot.lookup("#drill-here-chain-forward").tryQuery().isPresent());
    robot.interact(() -> robot.lookup("#drill-here-chain-forward").queryButton().fire());
    waitFor(() -> own().isPresent());
  }

  @Test
  void aDrillOfSelectedNotesIsPlayedAndLoggedBeforeTheCardsGoOn(FxRobot robot) throws Exception {
    openChain(robot);
    ProposedDrill drill = own().orElseThrow();
    assertThat(drill.kind()).isEqualTo(DrillKind.CHAIN_FORWARD);
    assertThat(text(robot, "#open-card-title")).isEqualTo(DrillKind.CHAIN_FORWARD.words());
    int before = passage().passes().entries().size();
    waitFor(
        () -> {
          robot.interact(() -> passage().perform(Command.CLEAN));
          return passage().passes().entries().size() > before;
        });
    List<LogEntry> entries = passage().passes().entries();
    LogEntry pass = entries.get(entries.size() - 1);
    assertThat(pass.played().card()).isEqualTo(CardKind.DRILL);
    assertThat(pass.played().spot())
        .contains(ProgrammeItem.place(passage().study(), drill.notes().last()));
    robot.interact(() -> robot.lookup("#back-to-cards").queryButton().fire());
    assertThat(own()).isEmpty();
    assertThat(text(robot, "#open-card-title")).isNotEqualTo(DrillKind.CHAIN_FORWARD.words());
  }

  @Test
  void aHurtEndsItAndAnotherCardTakesItsPlace(FxRobot robot) throws Exception {
    openChain(robot);
    robot.interact(() -> passage().perform(Command.HURTS));
    waitFor(() -> own().isEmpty());
    waitFor(() -> passage().passes().entries().stream().anyMatch(e -> e.played().hurts()));
    openAgain(robot);
    robot.interact(() -> passage().day().orElseThrow().step(1));
    assertThat(own()).isEmpty();
  }

  private void openAgain(FxRobot robot) throws Exception {
    waitFor(() -> robot.lookup("#drill-here-chain-forward").tryQuery().isPresent());
    robot.interact(() -> robot.lookup("#drill-here-chain-forward").queryButton().fire());
    waitFor(() -> own().isPresent());
  }
}
