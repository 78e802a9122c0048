/**
 * The bow arm's way over the strings: the angle for every note and what moves the bow at each
 * crossing. Start at {@link app.fret.bow.plane.Planes}. Knows string planes, not fingers.
 */
package app.fret.bow.plane;
