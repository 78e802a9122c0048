package app.fret.edit;

/**
 * Where writing goes on.
 *
 * @param bar index of the bar
 * @param position how many notes and rests of the bar stand before it
 */
public record Caret(int bar, int position) {
  /** Before everything. */
  public static final Caret START = new Caret(0, 0);
}
