package app.fret.files.pdf;

import app.fret.engraving.Engraver;
import app.fret.engraving.Mark;
import app.fret.engraving.Paper;
import app.fret.engraving.PartPages;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Writes the pages of a part as PDF: vectors and embedded text fonts, no pictures. */
public final class PdfPart {
  private static final double POINTS_PER_MM = 72 / 25.4;

  private PdfPart() {}

  /**
   * Writes the pages.
   *
   * @throws IOException when they cannot be written
   */
  public static void write(List<PartPages.Page> pages, String title, Paper paper, OutputStream out)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      document.getDocumentInformation().setTitle(title);
      Map<Mark.Face, PDFont> fonts = fonts(document);
      MusicOutlines outlines = MusicOutlines.read();
      for (PartPages.Page page : pages) {
        PDPage sheet =
            new PDPage(
                new PDRectangle(
                    (float) (paper.widthMm() * POINTS_PER_MM),
                    (float) (paper.heightMm() * POINTS_PER_MM)));
        document.addPage(sheet);
        try (PDPageContentStream stream = new PDPageContentStream(document, sheet)) {
          new PdfPage(stream, paper, fonts, outlines).draw(page);
        }
      }
      document.save(out);
    }
  }

  private static Map<Mark.Face, PDFont> fonts(PDDocument document) throws IOException {
    Map<Mark.Face, PDFont> fonts = new EnumMap<>(Mark.Face.class);
    fonts.put(Mark.Face.REGULAR, font(document, "SourceSans3-Regular.ttf"));
    fonts.put(Mark.Face.SEMI_BOLD, font(document, "SourceSans3-SemiBold.ttf"));
    fonts.put(Mark.Face.ITALIC, font(document, "SourceSans3-Italic.ttf"));
    return fonts;
  }

  /**
   * A font without its ligatures: looking for them took the library longer than all else on a page,
   * and whoever searches the page or copies from it would miss the letters that are joined.
   */
  private static PDFont font(PDDocument document, String name) throws IOException {
    try (InputStream in = Engraver.class.getResourceAsStream(name)) {
      TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
      font.setEnableGsub(false);
      return PDType0Font.load(document, font, true);
    }
  }
}
