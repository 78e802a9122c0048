/**
 * What to practise on which day: from the log of every passage to the cards of each morning, the
 * day it will be ready, and what must give when a date cannot be met.
 *
 * <p>Open {@link app.fret.practice.schedule.Schedule} first. Dates and the seed of what is drawn
 * are passed in; nothing here reads a clock.
 */
package app.fret.practice.schedule;
