/**
 * Writes the marked part as a PDF of vectors. Start at {@link app.fret.files.pdf.PdfPart}. Knows
 * nothing of how music is laid out: it draws the pages the engraving module makes.
 */
package app.fret.files.pdf;
