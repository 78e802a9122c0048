package app.fret.desktop.music.ink;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.engraving.Mark;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;

/** Contrast by the formula of WCAG 2.1, success criterion 1.4.3: at least 4.5 to 1 for text. */
class PaletteTest {
  private static double luminance(Color colour) {
    return 0.2126 * linear(colour.getRed())
        + 0.7152 * linear(colour.getGreen())
        + 0.0722 * linear(colour.getBlue());
  }

  private static double linear(double channel) {
    return channel <= 0.03928 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
  }

  private static double contrast(Color one, Color other) {
    double lighter = Math.max(luminance(one), luminance(other));
    double darker = Math.min(luminance(one), luminance(other));
    return (lighter + 0.05) / (darker + 0.05);
  }

  @Test
  void blackOnWhiteIsTwentyOneToOne() {
    assertThat(contrast(Color.BLACK, Color.WHITE)).isBetween(20.99, 21.01);
  }

  @Test
  void stringColoursCanBeReadOnPaperAndUnderWhite() {
    for (int string = 1; string <= 5; string++) {
      assertThat(contrast(Palette.string(string), Palette.CARD)).isGreaterThanOrEqualTo(4.5);
      assertThat(contrast(Palette.string(string), Palette.PAPER)).isGreaterThanOrEqualTo(4.5);
    }
  }

  @Test
  void everyMarkCanBeReadOnPaper() {
    for (Mark.Role role : Mark.Role.values()) {
      assertThat(contrast(Palette.of(role), Palette.PAPER)).as(role.name()).isGreaterThan(4.5);
    }
    assertThat(contrast(Palette.ACCENT, Palette.PAPER)).isGreaterThan(4.5);
    assertThat(contrast(Palette.CAUTION, Palette.PAPER)).isGreaterThan(4.5);
    assertThat(contrast(Palette.QUIET, Color.web("#F1ECE2"))).isGreaterThan(4.5);
  }
}
