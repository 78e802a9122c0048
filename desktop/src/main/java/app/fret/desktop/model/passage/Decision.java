package app.fret.desktop.model.passage;

import app.fret.edit.Origins;
import app.fret.instrument.PlayerSetup;
import app.fret.score.Passage;
import app.fret.study.Choices;

/**
 * All that a player has decided: what is undone and made again as one.
 *
 * @param choices what was decided for the passage
 * @param setup what the player says of instrument and hand
 * @param music the passage, as it was read or as it was mended
 * @param origins which notes of the music as it was read its notes are
 */
record Decision(Choices choices, PlayerSetup setup, Passage music, Origins origins) {
  Decision with(Choices newChoices) {
    return new Decision(newChoices, setup, music, origins);
  }

  Decision with(PlayerSetup newSetup) {
    return new Decision(choices, newSetup, music, origins);
  }

  Decision with(Passage newMusic, Origins newOrigins, Choices newChoices) {
    return new Decision(newChoices, setup, newMusic, newOrigins);
  }
}
