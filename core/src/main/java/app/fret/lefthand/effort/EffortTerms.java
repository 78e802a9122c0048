package app.fret.lefthand.effort;

import app.fret.instrument.Player;
import java.util.List;

/** The terms in force, each made for one player. */
public final class EffortTerms {
  private EffortTerms() {}

  /** All terms, in the order their reasons are shown. */
  public static List<EffortTerm> of(Player player) {
    return List.of(
        new ShiftTerm(player),
        new ShiftKindTerm(),
        new StringCrossingTerm(),
        new SameFingerTerm(),
        new FingerOrderTerm(),
        new StretchTerm(),
        new DoubleStopTerm(),
        new OpenStringTerm(),
        new HighPositionTerm(player),
        new LandmarkTerm(player),
        new FingerStrengthTerm(),
        new TrillTerm(),
        new WeakPairTerm(),
        new LetterNameTerm(player));
  }
}
