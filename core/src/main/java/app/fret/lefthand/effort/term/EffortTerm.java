package app.fret.lefthand.effort.term;

/**
 * One named reason why a way to play costs effort, or saves it when negative.
 *
 * <p>Effort itself has no unit: 1 is about one easy shift with time to spare. Each term says in
 * which unit it measures before weighing. The solver knows no term by name; weights come from the
 * profile.
 */
public sealed interface EffortTerm permits PlaceTerm, MoveTerm, TurnTerm, FigureTerm {
  /** What it says of itself. */
  TermHeader header();

  /** Key of its weight in the profile table. */
  default String name() {
    return header().name();
  }
}
