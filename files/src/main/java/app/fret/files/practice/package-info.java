/**
 * Practice as files: a programme with its log is read, the days ahead are written as JSON, text,
 * calendar and table.
 *
 * <p>Open {@link app.fret.files.practice.ProgrammeFile} first.
 */
package app.fret.files.practice;
