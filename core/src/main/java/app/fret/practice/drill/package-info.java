/**
 * Practice music made from a passage: every drill is a real passage, of which each note knows the
 * note it comes from, with its finger, its string, its direction and its level.
 *
 * <p>Open {@link app.fret.practice.drill.DrillKind} first: a new kind is a small function and a
 * line there. {@link app.fret.practice.drill.Problems} finds what is hard, {@link
 * app.fret.practice.drill.DrillChoice} which drills that asks for.
 */
package app.fret.practice.drill;
