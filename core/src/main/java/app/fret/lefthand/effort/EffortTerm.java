package app.fret.lefthand.effort;

/**
 * One named reason why a way to play costs effort, or saves it when negative.
 *
 * <p>Effort itself has no unit: 1 is about one easy shift with time to spare. Each term says in
 * which unit it measures before weighing. The solver knows no term by name; weights come from the
 * profile.
 */
public sealed interface EffortTerm permits PlaceTerm, MoveTerm, TurnTerm, FigureTerm {
  /** Key of its weight in the profile table. */
  String name();

  /** What it is about, so that one can say "more" or "less" of it: {@code crossing of strings}. */
  String inShort();

  /** What it measures, such as {@code mm} or {@code bits}. */
  String unit();

  /**
   * The sides of a moment that its effort and its reason depend on. It is shown no other, so that
   * moments alike in them share what was weighed; a test of all terms varies each side in turn.
   */
  Facets facets();
}
