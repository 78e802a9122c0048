package app.fret.desktop.music.lane;

import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.desktop.music.ink.Palette;
import app.fret.study.Study;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/**
 * How much bow each stroke has, under a system, in cm; what a change of the shape has moved is
 * marked with what it was.
 */
public final class AmountLane implements Lane {
  private static final double HEIGHT = 26;
  private static final double NARROW = 24;

  /** Smaller changes are not worth a word, in cm. */
  private static final double WORTH_SAYING_CM = 1;

  private final Optional<Study> before;

  /** Amounts as they are. */
  public AmountLane() {
    this(Optional.empty());
  }

  /**
   * Amounts beside what they were.
   *
   * @param before the study before the last change, of the same passage
   */
  public AmountLane(Optional<Study> before) {
    this.before = before;
  }

  @Override
  public double height(SystemPlan plan) {
    return HEIGHT;
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    LanePen pen = new LanePen(graphics);
    double middle = top + HEIGHT / 2;
    pen.name("bow, cm", middle);
    List<Stroke> strokes = plan.study().bow().strokes();
    double lastEnd = 0;
    for (int i = 0; i < strokes.size(); i++) {
      Stroke stroke = strokes.get(i);
      if (!plan.shows(stroke.firstNote()) || stroke.kind() == StrokeKind.PIZZICATO) {
        continue;
      }
      double from = plan.note(stroke.firstNote()).place().x() * space;
      int last = plan.shows(stroke.lastNote()) ? stroke.lastNote() : stroke.firstNote();
      double to = plan.note(last).place().until() * space - 4;
      if (from >= lastEnd) {
        lastEnd = paint(pen, plan.study(), i, from, Math.max(to, from + NARROW), middle);
      }
    }
  }

  private double paint(
      LanePen pen, Study study, int number, double from, double to, double middle) {
    Stroke stroke = study.bow().strokes().get(number);
    String amount = cm(stroke);
    Optional<String> was = was(stroke);
    String words = was.map(w -> amount + ", was " + w).orElse(amount);
    boolean fits = to - from >= 6 * words.length();
    Color colour = was.isPresent() ? Palette.ACCENT : Palette.QUIET;
    pen.text(fits ? words : amount, from, middle, colour);
    return from + 6 * (fits ? words : amount).length() + 4;
  }

  private static String cm(Stroke stroke) {
    return String.format(Locale.ROOT, "%.0f", stroke.amountCm());
  }

  /** What the same stroke had before, where it was there and had much less or more. */
  private Optional<String> was(Stroke stroke) {
    return before.stream()
        .flatMap(b -> b.bow().strokes().stream())
        .filter(s -> s.firstNote() == stroke.firstNote() && s.lastNote() == stroke.lastNote())
        .filter(s -> Math.abs(s.amountCm() - stroke.amountCm()) >= WORTH_SAYING_CM)
        .findFirst()
        .map(AmountLane::cm);
  }
}
