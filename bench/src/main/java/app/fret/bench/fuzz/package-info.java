/**
 * Damages scores, archives, books and command lines on purpose and holds Fret to its promises:
 * plain words, nothing lost, nothing left out in silence. Run it with {@code ./fret fuzz SECONDS}.
 *
 * <p>Open {@link app.fret.bench.fuzz.Fuzz}; {@link app.fret.bench.fuzz.ScorePromises} says what is
 * promised. Every case is made from a seed that is printed, so that it can be made again.
 */
package app.fret.bench.fuzz;
