/**
 * MusicXML 4.0 in and out, plain and zipped.
 *
 * <p>{@link app.fret.files.musicxml.MusicXmlReader} opens a file into a {@link
 * app.fret.files.musicxml.ScoreFile}, which reads one part as a passage; {@link
 * app.fret.files.musicxml.MusicXmlWriter} writes a passage back. {@code SafeXml} and {@code
 * MxlArchive} stand guard; {@code PartReader} takes what it knows, {@code Leftovers} lists all
 * else.
 */
package app.fret.files.musicxml;
