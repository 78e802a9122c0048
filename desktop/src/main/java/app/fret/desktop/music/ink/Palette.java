package app.fret.desktop.music.ink;

import app.fret.engraving.Mark;
import javafx.scene.paint.Color;

/** Colours of the music desk by role; the style sheet holds the same for controls. */
public final class Palette {
  public static final Color PAPER = Color.web("#FAF7F1");
  public static final Color CARD = Color.web("#FFFFFF");
  public static final Color INK = Color.web("#23262B");
  public static final Color QUIET = Color.web("#6B6559");
  public static final Color LINE = Color.web("#D9D2C5");
  public static final Color ACCENT = Color.web("#1D6A72");
  public static final Color CAUTION = Color.web("#9C5C00");
  public static final Color TROUBLE = Color.web("#A33B3B");
  public static final Color DONE = Color.web("#37734A");
  public static final Color BOARD = Color.web("#EFE6D6");
  public static final Color REACH = Color.web("#A9B8AE");
  public static final Color MEND = Color.web("#A33B3B", 0.14);
  public static final Color HATCH = Color.web("#A33B3B", 0.30);
  public static final Color CHANGED = Color.web("#9C5C00", 0.16);
  public static final Color RANGE = Color.web("#1D6A72", 0.06);
  public static final Color SELECTION = Color.web("#1D6A72", 0.12);
  private static final Color[] STRINGS = {
    Color.web("#AD4B28"),
    Color.web("#8C6A14"),
    Color.web("#3B7562"),
    Color.web("#3F5B86"),
    Color.web("#5A4A78")
  };

  private Palette() {}

  /** Colour of a string, 1 the highest. */
  public static Color string(int string) {
    return STRINGS[Math.min(string, STRINGS.length) - 1];
  }

  /** Colour of a mark. */
  public static Color of(Mark.Role role) {
    return switch (role) {
      case STAFF -> Color.web("#57534B");
      case NOTE, EXPRESSION, FINGER, BOW -> INK;
      case BAR_NUMBER, POSITION -> QUIET;
      case CAUTION -> CAUTION;
      case STRING_1, STRING_2, STRING_3, STRING_4, STRING_5 ->
          string(role.ordinal() - Mark.Role.STRING_1.ordinal() + 1);
    };
  }
}
