package app.fret.files.pdf;

import app.fret.engraving.Mark;
import java.awt.Color;

/** Inks on paper: black music, what the player adds in dark tones that print well in grey. */
final class PdfInk {
  private static final Color GREY = new Color(0x55, 0x55, 0x55);

  private PdfInk() {}

  static Color of(Mark.Role role) {
    return switch (role) {
      case STRING_1 -> new Color(0x8A, 0x35, 0x16);
      case STRING_2 -> new Color(0x6B, 0x50, 0x08);
      case STRING_3 -> new Color(0x25, 0x5A, 0x48);
      case STRING_4, STRING_5 -> new Color(0x2C, 0x47, 0x6B);
      case POSITION, BAR_NUMBER -> GREY;
      case CAUTION -> new Color(0x7C, 0x49, 0x00);
      default -> Color.BLACK;
    };
  }
}
