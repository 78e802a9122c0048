package app.fret.engraving;

import java.util.List;

/** One thing to draw. Lengths in staff spaces, y downwards from the top staff line. */
public sealed interface Mark permits Mark.Glyph, Mark.Line, Mark.Shape, Mark.Curve, Mark.Text {
  /** What it is for, from which its colour follows. */
  Role role();

  /** What a mark is for. */
  enum Role {
    STAFF,
    NOTE,
    EXPRESSION,
    BAR_NUMBER,
    FINGER,
    BOW,
    POSITION,
    CAUTION,
    STRING_1,
    STRING_2,
    STRING_3,
    STRING_4,
    STRING_5;

    /** The role of the numeral of a string, 1 the highest. */
    public static Role string(int string) {
      return values()[STRING_1.ordinal() + Math.min(string, 5) - 1];
    }
  }

  /** Faces of text. */
  enum Face {
    REGULAR,
    SEMI_BOLD,
    ITALIC
  }

  /**
   * A music sign.
   *
   * @param x left of its origin
   * @param y its baseline
   * @param sign the sign
   * @param scale size, 1 for full size
   */
  record Glyph(double x, double y, Smufl sign, double scale, Role role) implements Mark {}

  /** A straight line. */
  record Line(double x1, double y1, double x2, double y2, double thickness, Role role)
      implements Mark {}

  /**
   * A filled shape with straight edges.
   *
   * @param points x and y of its corners in turn
   */
  record Shape(List<Double> points, Role role) implements Mark {
    public Shape {
      points = List.copyOf(points);
    }
  }

  /**
   * A tapered curve, as slurs and ties are drawn, thickest in the middle.
   *
   * @param middle the curve half way between its edges
   */
  record Curve(Bezier middle, double thickness, Role role) implements Mark {
    /** How thick the line is that is drawn round it, in staff spaces. */
    public static final double OUTLINE = 0.06;

    /** Its upper edge, from the start to the end. */
    public Bezier upperEdge() {
      return middle.withControlsLower(-controlOffset());
    }

    /** Its lower edge, from the end back to the start. */
    public Bezier lowerEdge() {
      return middle.withControlsLower(controlOffset()).reversed();
    }

    /** At its middle a curve reaches three quarters of the way to its controls. */
    private double controlOffset() {
      return thickness / 2 * 4 / 3;
    }
  }

  /**
   * Words or figures.
   *
   * @param x left edge
   * @param y baseline
   * @param text what it says
   * @param size height of the letters' em square
   * @param face how it looks
   */
  record Text(double x, double y, String text, double size, Face face, Role role) implements Mark {}
}
