package app.fret.lefthand.effort.term;

import app.fret.lefthand.moment.Facets;

/**
 * What every term says of itself.
 *
 * @param name key of its weight in the profile table
 * @param inShort what it is about, so that one can say "more" or "less" of it: {@code crossing of
 *     strings}
 * @param unit what it measures, such as {@code mm} or {@code bits}
 * @param facets the sides of a moment that its effort and its reason depend on. It is shown no
 *     other, so that moments alike in them share what was weighed; a test of all terms varies each
 *     side in turn
 * @param look what of two placements the effort of a move depends on; a test of all terms holds
 *     them to it
 */
public record TermHeader(String name, String inShort, String unit, Facets facets, MoveLook look) {

  /** A term that may look at all of both placements. */
  public TermHeader(String name, String inShort, String unit, Facets facets) {
    this(name, inShort, unit, facets, MoveLook.ALL);
  }
}
