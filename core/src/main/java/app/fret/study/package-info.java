/**
 * The whole answer for one passage: what the other modules show, print and store.
 *
 * <p>Open {@link app.fret.study.Study}: {@code Study.of(passage, player, choices)} plans the left
 * hand, the bow and the practice; {@link app.fret.study.MarkedPassage} writes the plan into the
 * notes.
 */
package app.fret.study;
