/**
 * Practice music made from a passage: every drill is a real passage, of which each note knows the
 * note it comes from, with its finger, its string, its direction and its level.
 *
 * <p>Open {@link app.fret.practice.drill.Drill} first. A new kind is a small function and a line in
 * {@link app.fret.practice.drill.DrillKind}.
 */
package app.fret.practice.drill;
