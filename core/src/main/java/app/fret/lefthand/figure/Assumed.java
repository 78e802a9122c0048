package app.fret.lefthand.figure;

import app.fret.brief.Brief;
import java.util.List;

/**
 * What is assumed of the figures of a passage while it is weighed; another weighing may assume
 * otherwise, and the cheaper one holds.
 *
 * @param pedals the pedal figures
 * @param thumbs where the thumb rests on the strings
 */
public record Assumed(List<PedalFigure> pedals, List<ThumbStretch> thumbs) {
  /** Nothing. */
  public static final Assumed NOTHING = new Assumed(List.of(), List.of());

  public Assumed {
    pedals = List.copyOf(pedals);
    thumbs = List.copyOf(thumbs);
  }

  /** Every pedal figure that there is, and the thumb nowhere. */
  public static Assumed of(Brief brief) {
    return new Assumed(PedalFigures.of(brief), List.of());
  }
}
