package app.fret.desktop.model;

import app.fret.instrument.PlayerSetup;
import app.fret.score.Passage;
import app.fret.study.Choices;

/**
 * All that a player has decided: what is undone and made again as one.
 *
 * @param choices what was decided for the passage
 * @param setup what the player says of instrument and hand
 * @param music the passage, as it was read or as it was mended
 */
record Decision(Choices choices, PlayerSetup setup, Passage music) {
  Decision with(Choices newChoices) {
    return new Decision(newChoices, setup, music);
  }

  Decision with(PlayerSetup newSetup) {
    return new Decision(choices, newSetup, music);
  }

  Decision with(Passage newMusic, Choices newChoices) {
    return new Decision(newChoices, setup, newMusic);
  }
}
