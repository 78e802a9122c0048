package app.fret.engraving;

import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Step;
import java.util.ArrayList;
import java.util.List;

/**
 * Draws clefs, key and time signatures and says how wide they are.
 *
 * <p>Where the signs of a key stand follows the usual rows of each clef (common practice).
 */
final class Signatures {
  private static final double GAP = 0.7;
  private static final double PLUS_GAP = 0.2;
  private static final double AFTER_BAR_LINE = 0.6;
  private static final double KEY_STEP = 1.05;

  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Passage passage;

  Signatures(Passage passage) {
    this.passage = passage;
  }

  static Smufl sign(Clef clef) {
    return switch (clef.sign()) {
      case G -> Smufl.G_CLEF;
      case C -> Smufl.C_CLEF;
      case F -> Smufl.F_CLEF;
    };
  }

  static Smufl changeSign(Clef clef) {
    return switch (clef.sign()) {
      case G -> Smufl.G_CLEF_CHANGE;
      case C -> Smufl.C_CLEF_CHANGE;
      case F -> Smufl.F_CLEF_CHANGE;
    };
  }

  /**
   * Draws what stands before the first note of a bar.
   *
   * @param x where it starts
   * @param startsSystem whether clef and key are shown whatever came before
   * @return where it ends
   */
  double draw(int index, double x, boolean startsSystem, List<Mark> into) {
    Bar bar = passage.bars().get(index);
    Clef clef = bar.clefs().get(0).clef();
    double at = x;
    if (startsSystem || clefChanges(index)) {
      at = drawClef(clef, at + 0.5, !startsSystem, into) + GAP;
    }
    boolean metre = !bar.metre().isFree() && (index == 0 || metreChanges(index));
    if (at == x && (keyChanges(index) || metre)) {
      at += AFTER_BAR_LINE;
    }
    if (startsSystem || keyChanges(index)) {
      int before = keyChanges(index) ? passage.bars().get(index - 1).key().fifths() : 0;
      at = drawKey(bar.key(), before, clef, at, into);
    }
    if (metre) {
      at = drawMetre(bar.metre(), at, into) + GAP;
    }
    return at;
  }

  private boolean clefChanges(int index) {
    if (index == 0) {
      return false;
    }
    List<Bar.ClefAt> before = passage.bars().get(index - 1).clefs();
    return !before
        .get(before.size() - 1)
        .clef()
        .equals(passage.bars().get(index).clefs().get(0).clef());
  }

  private boolean keyChanges(int index) {
    return index > 0
        && !passage.bars().get(index).key().equals(passage.bars().get(index - 1).key());
  }

  private boolean metreChanges(int index) {
    return !passage.bars().get(index).metre().equals(passage.bars().get(index - 1).metre());
  }

  /** Draws a clef and returns its right edge. */
  double drawClef(Clef clef, double x, boolean small, List<Mark> into) {
    Smufl sign = small ? changeSign(clef) : sign(clef);
    double y = 4 - (clef.line() - 1);
    into.add(new Mark.Glyph(x, y, sign, 1, Mark.Role.NOTE));
    if (clef.octaves() != 0) {
      Smufl figure = Math.abs(clef.octaves()) == 1 ? Smufl.CLEF_8 : Smufl.CLEF_15;
      FontMetrics.Box box = metrics.box(sign);
      double middle = x + box.right() / 2 - metrics.width(figure) / 2;
      double at = clef.octaves() > 0 ? y + box.top() - 0.1 : y + box.bottom() + 0.9;
      into.add(new Mark.Glyph(middle, at, figure, 1, Mark.Role.NOTE));
    }
    return x + metrics.width(sign);
  }

  private double drawKey(Key key, int fifthsBefore, Clef clef, double x, List<Mark> into) {
    double at = x;
    if (key.fifths() == 0 && fifthsBefore != 0) {
      at = drawRow(new Key(fifthsBefore), Smufl.NATURAL, clef, at, into);
    } else if (key.fifths() != 0) {
      at = drawRow(key, key.fifths() > 0 ? Smufl.SHARP : Smufl.FLAT, clef, at, into);
    }
    return at > x ? at + GAP : at;
  }

  private double drawRow(Key key, Smufl sign, Clef clef, double x, List<Mark> into) {
    double at = x;
    for (int place = 0; place < Math.abs(key.fifths()); place++) {
      double y = heightInKey(key.stepAt(place), key.fifths() > 0, clef);
      into.add(new Mark.Glyph(at, y, sign, 1, Mark.Role.NOTE));
      at += KEY_STEP;
    }
    return at;
  }

  /** Height of a sign of the key: the row of each clef is a window of seven staff places. */
  private static double heightInKey(Step step, boolean sharp, Clef clef) {
    int top = topOfKeyWindow(sharp, clef);
    int place = Math.floorMod(step.ordinal() - clef.bottomLineStep(), 7);
    while (place + 7 <= top) {
      place += 7;
    }
    return 4 - (place > top ? place - 7 : place) / 2.0;
  }

  /** Highest place of the row, counted from the bottom line. */
  private static int topOfKeyWindow(boolean sharp, Clef clef) {
    return switch (clef.sign()) {
      case G -> sharp ? 9 : 7;
      case F -> sharp ? 7 : 5;
      case C -> sharp || clef.line() == 4 ? 8 : 6;
    };
  }

  private double drawMetre(Metre metre, double x, List<Mark> into) {
    if (metre.sign() != Metre.Sign.FIGURES) {
      Smufl sign = metre.sign() == Metre.Sign.COMMON ? Smufl.TIME_COMMON : Smufl.TIME_CUT;
      into.add(new Mark.Glyph(x, 2, sign, 1, Mark.Role.NOTE));
      return x + metrics.width(sign);
    }
    List<Smufl> upper = new ArrayList<>();
    for (int group : metre.groups()) {
      if (!upper.isEmpty()) {
        upper.add(Smufl.TIME_PLUS);
      }
      upper.addAll(figures(group));
    }
    List<Smufl> lower = figures(metre.unit());
    double width = Math.max(width(upper), width(lower));
    drawFigures(upper, x + (width - width(upper)) / 2, 1, into);
    drawFigures(lower, x + (width - width(lower)) / 2, 3, into);
    return x + width;
  }

  static List<Smufl> figures(int number) {
    return String.valueOf(number).chars().mapToObj(c -> Smufl.TIME_0.plus(c - '0')).toList();
  }

  private double width(List<Smufl> figures) {
    return figures.stream().mapToDouble(this::advance).sum();
  }

  /** A plus keeps clear of the figures it joins. */
  private double advance(Smufl figure) {
    return metrics.advance(figure) + 2 * besides(figure);
  }

  private static double besides(Smufl figure) {
    return figure == Smufl.TIME_PLUS ? PLUS_GAP : 0;
  }

  private void drawFigures(List<Smufl> figures, double x, double y, List<Mark> into) {
    double at = x;
    for (Smufl figure : figures) {
      into.add(new Mark.Glyph(at + besides(figure), y, figure, 1, Mark.Role.NOTE));
      at += advance(figure);
    }
  }

  /** Width of what stands before the first note of a bar. */
  double width(int index, boolean startsSystem) {
    return draw(index, 0, startsSystem, new ArrayList<>());
  }
}
