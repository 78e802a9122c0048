package app.fret.book;

import java.time.Instant;

/**
 * One pass through a passage.
 *
 * @param passageId which passage
 * @param at when
 * @param perMinute tempo of the rung, in the target's beat unit
 * @param clean whether it was clean
 */
public record LogEntry(long passageId, Instant at, double perMinute, boolean clean) {}
