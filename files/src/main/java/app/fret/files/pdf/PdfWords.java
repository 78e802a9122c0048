package app.fret.files.pdf;

import app.fret.engraving.Smufl;
import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.io.IOException;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * Words on a page. Flats, sharps and naturals in names ("Horn in B♭") are not in the fonts for
 * words and come from the font for music; any other sign that is missing is a question mark rather
 * than a page refused.
 */
final class PdfWords {
  private static final double GLYPH_UNITS = 1000;

  /** Size of an accidental from the font for music, as tall then as a capital beside it. */
  private static final double ACCIDENTAL_SCALE = 1.3;

  /** How far it stands above the line of the letters, of their size: its belly rests on it. */
  private static final double ACCIDENTAL_RISE = 0.23;

  /** Room beside it, of the size of the letters. */
  private static final double ACCIDENTAL_GAP = 0.06;

  private static final Map<Integer, Smufl> ACCIDENTALS =
      Map.of(0x266D, Smufl.FLAT, 0x266E, Smufl.NATURAL, 0x266F, Smufl.SHARP);

  private final PDPageContentStream stream;
  private final PDFont font;
  private final MusicOutlines outlines;
  private final String text;

  PdfWords(PDPageContentStream stream, PDFont font, MusicOutlines outlines, String text) {
    this.stream = stream;
    this.font = font;
    this.outlines = outlines;
    this.text = text;
  }

  /**
   * Their length in points.
   *
   * @param size of the letters in points
   */
  double width(double size) throws IOException {
    double width = 0;
    for (int point : text.codePoints().toArray()) {
      width += isAccidental(point) ? accidentalWidth(point, size) : width(letter(point), size);
    }
    return width;
  }

  /**
   * Sets them.
   *
   * @param size of the letters in points
   * @param x left end in points
   * @param y their line in points from below
   */
  void show(double size, double x, double y) throws IOException {
    double at = x;
    StringBuilder letters = new StringBuilder();
    for (int point : text.codePoints().toArray()) {
      if (isAccidental(point)) {
        at += letters(letters, size, at, y);
        accidental(point, size, at, y);
        at += accidentalWidth(point, size);
      } else {
        letters.append(letter(point));
      }
    }
    letters(letters, size, at, y);
  }

  /** Sets the letters gathered so far and forgets them; how long they are. */
  private double letters(StringBuilder letters, double size, double x, double y)
      throws IOException {
    if (letters.length() == 0) {
      return 0;
    }
    String run = letters.toString();
    letters.setLength(0);
    stream.beginText();
    stream.setFont(font, (float) size);
    stream.newLineAtOffset((float) x, (float) y);
    stream.showText(run);
    stream.endText();
    return width(run, size);
  }

  private double width(String letters, double size) throws IOException {
    return font.getStringWidth(letters) / GLYPH_UNITS * size;
  }

  private boolean isAccidental(int point) {
    return ACCIDENTALS.containsKey(point);
  }

  private void accidental(int point, double size, double x, double y) throws IOException {
    double scale = scale(size);
    AffineTransform place =
        AffineTransform.getTranslateInstance(x + ACCIDENTAL_GAP * size, y + ACCIDENTAL_RISE * size);
    place.scale(scale, scale);
    PdfPath.add(stream, outline(point).getPathIterator(place));
    stream.fill();
  }

  private double accidentalWidth(int point, double size) throws IOException {
    double right = outline(point).getBounds2D().getMaxX() * scale(size);
    return right + 2 * ACCIDENTAL_GAP * size;
  }

  private double scale(double size) {
    return ACCIDENTAL_SCALE * size / outlines.unitsPerEm();
  }

  private GeneralPath outline(int point) throws IOException {
    return outlines.of(ACCIDENTALS.get(point).codePoint());
  }

  private String letter(int point) {
    String letter = Character.toString(point);
    try {
      font.encode(letter);
      return letter;
    } catch (IOException | IllegalArgumentException e) {
      return "?";
    }
  }
}
