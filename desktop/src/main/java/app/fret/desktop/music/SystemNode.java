package app.fret.desktop.music;

import app.fret.engraving.Engraving;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.score.PlayedNote;
import app.fret.score.Span;
import app.fret.study.Study;
import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** One system on screen: staff with its marks, the path lane under it, the selected note lit. */
final class SystemNode extends Canvas {
  private static final double PADDING = 6;
  private static final double LANE_GAP = 10;

  private final Engraving.System system;
  private final Study study;
  private final boolean withPlan;
  private final double space;
  private int selected = -1;
  private Span range = new Span(0, 0);
  private Set<Integer> lit = Set.of();

  SystemNode(Engraving.System system, Study study, boolean withPlan, double space, double width) {
    super(width, height(system, study, withPlan, space));
    this.system = system;
    this.study = study;
    this.withPlan = withPlan;
    this.space = space;
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    paint();
  }

  private static double height(
      Engraving.System system, Study study, boolean withPlan, double space) {
    double staff = (system.bottom() - system.top()) * space + 2 * PADDING;
    int strings = study.player().instrument().stringCount();
    return staff + (withPlan ? LANE_GAP + PathLane.height(strings) + ReachStrip.HEIGHT : 0);
  }

  private double staffTop() {
    return PADDING - system.top() * space;
  }

  private double laneTop() {
    return staffTop() + system.bottom() * space + LANE_GAP;
  }

  /** Lights a note if it stands here and puts out any other. */
  void select(int note) {
    selected = note;
    setAccessibleText(accessibleText(note));
    paint();
  }

  /** Tints the notes of a selection. */
  void selectRange(Span notes) {
    range = notes;
    paint();
  }

  /** Lights notes, such as those a change has moved; none puts all out. */
  void light(Set<Integer> notes) {
    if (!notes.equals(lit)) {
      lit = Set.copyOf(notes);
      paint();
    }
  }

  private String accessibleText(int note) {
    if (!shows(note)) {
      return "a line of the passage";
    }
    NotePlan plan = study.leftHand().notes().get(note);
    String pitch = plan.note().notes().get(plan.note().notes().size() - 1).written().display();
    return plan.placement().isLeftOut()
        ? pitch
        : pitch
            + ", finger "
            + plan.placement().top().finger().sign()
            + ", string "
            + plan.placement().top().string();
  }

  boolean shows(int note) {
    return note >= 0
        && note < study.notes().size()
        && system.placeOf(study.notes().get(note).events().first()).isPresent();
  }

  /** The note nearest to this place. */
  Optional<Integer> noteAt(double pixelX) {
    double x = pixelX / space;
    return study.notes().stream()
        .filter(n -> shows(n.number()))
        .min(Comparator.comparingDouble(n -> Math.abs(place(n).middle() - x)))
        .map(PlayedNote::number);
  }

  private Engraving.NotePlace place(PlayedNote note) {
    return system.placeOf(note.events().first()).orElseThrow();
  }

  Optional<Point2D> screenPointOf(PlayedNote note) {
    return system
        .placeOf(note.events().first())
        .map(place -> localToScreen(place.middle() * space, staffTop() + 2 * space));
  }

  private void paint() {
    GraphicsContext graphics = getGraphicsContext2D();
    graphics.clearRect(0, 0, getWidth(), getHeight());
    lit.forEach(note -> tint(note, Palette.CHANGED));
    if (range.last() > range.first()) {
      for (int note = range.first(); note <= range.last(); note++) {
        tint(note, Palette.RANGE);
      }
    }
    if (shows(selected)) {
      Engraving.NotePlace place = place(study.notes().get(selected));
      double width = Math.max(24, place.width() * space + 14);
      graphics.setFill(Palette.SELECTION);
      graphics.fillRoundRect(place.middle() * space - width / 2, 0, width, getHeight(), 8, 8);
    }
    new MarkPainter(graphics, space, 0, staffTop()).paint(system.marks());
    if (withPlan) {
      new PathLane(graphics, study, system, space, 0, laneTop()).paint();
      int strings = study.player().instrument().stringCount();
      double stripTop = laneTop() + PathLane.height(strings);
      new ReachStrip(graphics, study, system, space, stripTop).paint();
    }
  }

  private void tint(int note, Color colour) {
    if (shows(note)) {
      Engraving.NotePlace place = place(study.notes().get(note));
      double from = place.x() * space - 4;
      double until = Math.max(place.until() * space - 4, from + place.width() * space + 8);
      graphics().setFill(colour);
      graphics().fillRect(from, 0, until - from, getHeight());
    }
  }

  private GraphicsContext graphics() {
    return getGraphicsContext2D();
  }
}
