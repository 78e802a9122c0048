/**
 * The strips over and under a system that each show one side of the plan: a new one is a {@link
 * app.fret.desktop.music.lane.Lane} and its line in {@link app.fret.desktop.music.lane.Lanes}.
 */
package app.fret.desktop.music.lane;
