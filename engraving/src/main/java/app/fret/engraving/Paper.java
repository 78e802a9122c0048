package app.fret.engraving;

/** Sizes of paper. */
public enum Paper {
  /** ISO 216. */
  A4("A4", 210, 297),
  /** ANSI/ASME Y14.1 size A. */
  LETTER("Letter", 215.9, 279.4);

  private final String words;
  private final double widthMm;
  private final double heightMm;

  Paper(String words, double widthMm, double heightMm) {
    this.words = words;
    this.widthMm = widthMm;
    this.heightMm = heightMm;
  }

  /** Its name as players say it. */
  public String words() {
    return words;
  }

  /** Width in mm. */
  public double widthMm() {
    return widthMm;
  }

  /** Height in mm. */
  public double heightMm() {
    return heightMm;
  }
}
