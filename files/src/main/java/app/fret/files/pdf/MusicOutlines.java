package app.fret.files.pdf;

import app.fret.engraving.Engraver;
import java.awt.geom.GeneralPath;
import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.Map;
import org.apache.fontbox.cff.CFFFont;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.OTFParser;
import org.apache.fontbox.ttf.OpenTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/**
 * Outlines of the music font's signs. They are drawn as paths, since PDF readers take fonts of this
 * kind of outline only with reservations.
 */
final class MusicOutlines {
  private final CFFFont outlines;
  private final CmapLookup characters;
  private final double unitsPerEm;
  private final Map<Integer, GeneralPath> known = new HashMap<>();

  private MusicOutlines(OpenTypeFont font) throws IOException {
    outlines = font.getCFF().getFont();
    characters = font.getUnicodeCmapLookup();
    unitsPerEm = font.getUnitsPerEm();
  }

  static MusicOutlines read() throws IOException {
    try (InputStream in = Engraver.class.getResourceAsStream("Bravura.otf")) {
      return new MusicOutlines(new OTFParser().parse(new RandomAccessReadBuffer(in)));
    }
  }

  /** Units of the outlines to the em, which is four staff spaces. */
  double unitsPerEm() {
    return unitsPerEm;
  }

  /** Outline of a character in font units, y upwards. */
  GeneralPath of(int character) throws IOException {
    GeneralPath path = known.get(character);
    if (path == null) {
      path = outlines.getType2CharString(characters.getGlyphId(character)).getPath();
      known.put(character, path);
    }
    return path;
  }
}
