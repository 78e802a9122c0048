/**
 * Open formats in and out. Here: what all readers share, such as the place of a fault in a file.
 *
 * <p>Open {@link app.fret.files.musicxml.MusicXmlReader} for reading scores and {@link
 * app.fret.files.plan.PlanJson} for the plan as data. Files are taken to be hostile: sizes, depth
 * and archives are limited and nothing outside the file is ever fetched.
 */
package app.fret.files;
