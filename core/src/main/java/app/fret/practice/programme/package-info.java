/**
 * What window, command and simulated students alike make of a programme: the days planned from it,
 * and today's cards with what was done of them. Open {@link
 * app.fret.practice.programme.ProgrammeDays}. Knows no book and no file.
 */
package app.fret.practice.programme;
