package app.fret.desktop.music;

import java.util.List;

/** Which lanes stand under the music, from above: a new lane is a class and a line here. */
public final class Lanes {
  /** None: the page as it is printed. */
  public static final List<Lane> NONE = List.of();

  /** The path of the left hand and how far it opens. */
  public static final List<Lane> LEFT_HAND = List.of(new PathLane(), new ReachStrip());

  private Lanes() {}
}
