package app.fret.sound;

/**
 * How one wants to be clicked to.
 *
 * @param kind what the click gives
 * @param clickedBars after so many bars with the click it falls silent; 0 for never
 * @param silentBars for so many bars, to test the inner pulse
 * @param countInBars bars that are counted in before the music
 */
public record ClickChoices(ClickKind kind, int clickedBars, int silentBars, int countInBars) {
  private static final int MOST_BARS = 16;

  public ClickChoices {
    boolean fits =
        clickedBars >= 0
            && clickedBars <= MOST_BARS
            && silentBars >= 0
            && silentBars <= MOST_BARS
            && countInBars >= 0
            && countInBars <= MOST_BARS;
    if (!fits || clickedBars == 0 && silentBars > 0) {
      throw new IllegalArgumentException(
          "silent bars are such as 2/1, click two and leave one out, each up to 16; a count-in has"
              + " up to 16 bars");
    }
  }

  /** The beat, never silent, not counted in. */
  public static ClickChoices of(ClickKind kind) {
    return new ClickChoices(kind, 0, 0, 0);
  }

  /** Whether the click is heard in a bar, counted from 0. */
  boolean isHeard(int bar) {
    return silentBars == 0 || bar % (clickedBars + silentBars) < clickedBars;
  }
}
