package app.fret.engraving;

/**
 * Estimates how wide a text is in the text font, so that marks beside it keep clear.
 *
 * <p>The layout must not depend on a screen's font machinery; letters are counted by class. Widths
 * are shares of the em square, read from the advance widths of Source Sans 3.
 */
final class TextWidth {
  private static final String NARROW = "iIjl.,:;'|!() ";
  private static final String WIDE = "mMwW";
  private static final double NARROW_EM = 0.27;
  private static final double WIDE_EM = 0.80;
  private static final double CAPITAL_EM = 0.58;
  private static final double PLAIN_EM = 0.50;

  private TextWidth() {}

  /** Width in staff spaces of a text whose em square is {@code size} spaces high. */
  static double of(String text, double size) {
    double em = 0;
    for (int i = 0; i < text.length(); i++) {
      char letter = text.charAt(i);
      em +=
          NARROW.indexOf(letter) >= 0
              ? NARROW_EM
              : WIDE.indexOf(letter) >= 0
                  ? WIDE_EM
                  : Character.isUpperCase(letter) ? CAPITAL_EM : PLAIN_EM;
    }
    return em * size;
  }
}
