package app.fret.bow;

import app.fret.score.BowDirection;

/**
 * One stroke of the bow.
 *
 * @param firstNote number of its first note
 * @param lastNote number of its last note
 * @param direction which way it goes
 */
public record Stroke(int firstNote, int lastNote, BowDirection direction) {}
