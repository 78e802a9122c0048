package app.fret.study;

import app.fret.instrument.Player;
import app.fret.instrument.PlayerSetup;
import app.fret.instrument.StatedTuning;
import app.fret.score.BeatUnit;
import app.fret.score.Excerpt;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import java.util.Optional;

/**
 * Takes a passage in: the bars that are wanted, the tempo it is to go at, the player as the part
 * tunes them. Window and command both come in here, so that neither repeats the other.
 *
 * @param part the whole part as it was read
 * @param playbackTempo tempo its source plays at where none is printed
 * @param tuning what the part says its open strings sound
 */
public record Intake(Passage part, Optional<Tempo> playbackTempo, StatedTuning tuning) {
  /** Where nothing says how fast, a passage is planned at this. */
  public static final Tempo ASSUMED_TEMPO = new Tempo(BeatUnit.QUARTER, 96);

  /**
   * The index of a bar.
   *
   * @param label its number as printed
   * @throws IllegalArgumentException when there is none, with the bars there are
   */
  public int bar(String label) {
    for (int i = 0; i < part.bars().size(); i++) {
      if (part.bars().get(i).label().equals(label)) {
        return i;
      }
    }
    throw new IllegalArgumentException(
        "it has no bar "
            + label
            + "; its bars are "
            + part.bars().get(0).label()
            + " to "
            + part.bars().get(part.bars().size() - 1).label());
  }

  /**
   * Some bars of the part, by index.
   *
   * @throws IllegalArgumentException when they are not there
   */
  public Passage cut(int firstBar, int lastBar) {
    return Excerpt.cut(part, firstBar, lastBar);
  }

  /** The tempo that a passage of this part names, printed or played; empty when it names none. */
  public Optional<Tempo> statedTempo(Passage passage) {
    return passage.printedTempo().or(() -> playbackTempo);
  }

  /**
   * The tempo a passage is to go at.
   *
   * @param perMinute beats a minute, where the player says so
   * @param beat name of what is counted, where the player says so
   * @throws IllegalArgumentException when either is no such thing
   */
  public Tempo target(Passage passage, Optional<Double> perMinute, Optional<String> beat) {
    Metre metre = passage.bars().get(0).metre();
    Optional<BeatUnit> unit = beat.map(name -> BeatUnit.named(name, metre));
    Optional<Tempo> stated = statedTempo(passage);
    if (perMinute.isPresent()) {
      BeatUnit counted = unit.orElse(stated.map(Tempo::beat).orElse(BeatUnit.QUARTER));
      return Tempo.asked(counted, perMinute.get());
    }
    Tempo tempo = stated.orElse(ASSUMED_TEMPO);
    return unit.map(tempo::in).orElse(tempo);
  }

  /** The player with the strings tuned as the part asks, unless they have said how they tune. */
  public Player player(Player player, boolean tunesOtherwise) {
    return tunesOtherwise ? player : player.tunedFor(tuning);
  }

  /** The player of a setup, with the strings tuned as the part asks unless the setup tunes them. */
  public Player player(PlayerSetup setup, String name) {
    return player(setup.player(name), setup.tuning().isPresent());
  }
}
