package app.fret.desktop.model;

import app.fret.instrument.PlayerSetup;
import app.fret.study.Choices;

/**
 * All that a player has decided: what is undone and made again as one.
 *
 * @param choices what was decided for the passage
 * @param setup what the player says of instrument and hand
 */
record Decision(Choices choices, PlayerSetup setup) {
  Decision with(Choices newChoices) {
    return new Decision(newChoices, setup);
  }

  Decision with(PlayerSetup newSetup) {
    return new Decision(choices, newSetup);
  }
}
