/**
 * Draws engraved music, the plan's lanes and the ladder.
 *
 * <p>Open {@link app.fret.desktop.music.ScoreView}: passage or study in, systems with lanes out.
 * What stands where comes from the engraving module; here it is only painted.
 */
package app.fret.desktop.music;
