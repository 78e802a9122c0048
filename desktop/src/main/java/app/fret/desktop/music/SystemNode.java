package app.fret.desktop.music;

import app.fret.desktop.music.ink.Palette;
import app.fret.desktop.music.lane.Lane;
import app.fret.desktop.music.lane.SystemPlan;
import app.fret.engraving.Engraving;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.reading.PlayedNote;
import app.fret.score.Span;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;

/**
 * One system on screen: staff with its marks, lanes over and under it, the selected notes lit.
 *
 * <p>The music is painted on a canvas while the system is in view; what is lit are shapes behind
 * it, so that moving the cursor paints no music.
 */
final class SystemNode extends Pane {
  private static final double PADDING = 6;
  private static final double LANE_GAP = 10;
  private static final double LEAST_WIDTH = 24;

  private final SystemPlan plan;
  private final List<Lane> lanes;
  private final double space;
  private final double above;
  private final FlagRow flagRow = new FlagRow();
  private final Group litNotes = new Group();
  private final Group rangeNotes = new Group();
  private final Rectangle cursor = new Rectangle();
  private Optional<Canvas> music = Optional.empty();
  private Optional<Integer> draggedFrom = Optional.empty();

  /**
   * A system.
   *
   * @param space pixels to a staff space
   * @param above pixels kept free over the music, for tabs
   */
  SystemNode(SystemPlan plan, List<Lane> lanes, double space, double above, double width) {
    this.above = above;
    this.plan = plan;
    this.lanes = lanes;
    this.space = space;
    double height = height();
    setMinSize(width, height);
    setPrefSize(width, height);
    setMaxSize(width, height);
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    for (Group group : new Group[] {litNotes, rangeNotes}) {
      group.setManaged(false);
      group.setMouseTransparent(true);
    }
    cursor.setManaged(false);
    cursor.setMouseTransparent(true);
    cursor.setFill(Palette.SELECTION);
    cursor.setArcWidth(8);
    cursor.setArcHeight(8);
    cursor.setHeight(height);
    cursor.setVisible(false);
    getChildren().addAll(litNotes, rangeNotes, cursor, flagRow);
  }

  /** Paints the music when it comes into view, and lets it go when it is out of it. */
  void setInView(boolean inView) {
    if (inView && music.isEmpty()) {
      Canvas canvas = new Canvas(getPrefWidth(), getPrefHeight());
      paint(canvas.getGraphicsContext2D());
      getChildren().add(canvas);
      music = Optional.of(canvas);
    } else if (!inView && music.isPresent()) {
      getChildren().remove(music.get());
      music = Optional.empty();
    }
  }

  private Engraving.System system() {
    return plan.system();
  }

  private double height() {
    return underTop() + lanesHeight(false);
  }

  private double lanesHeight(boolean over) {
    return lanes.stream().filter(l -> l.isOver() == over).mapToDouble(l -> l.height(plan)).sum();
  }

  private double staffTop() {
    return above + lanesHeight(true) + PADDING - system().top() * space;
  }

  private double underTop() {
    boolean hasUnder = lanes.stream().anyMatch(l -> !l.isOver());
    return staffTop() + system().bottom() * space + (hasUnder ? LANE_GAP : PADDING);
  }

  private double firstLaneTop() {
    return lanes.get(0).isOver() ? above : underTop();
  }

  /** Follows drags that begin in the first lane. */
  void followDrags(ScoreView.LaneDrag onDragged, ScoreView.LaneDrag onDropped) {
    setOnMousePressed(
        e -> {
          boolean inLane =
              !lanes.isEmpty()
                  && e.getY() >= firstLaneTop()
                  && e.getY() <= firstLaneTop() + lanes.get(0).height(plan);
          draggedFrom = inLane ? noteAt(e.getX()) : Optional.empty();
        });
    setOnMouseDragged(e -> drag(e.getX(), onDragged));
    setOnMouseReleased(
        e -> {
          drag(e.getX(), onDropped);
          draggedFrom = Optional.empty();
        });
  }

  private void drag(double x, ScoreView.LaneDrag to) {
    Optional<Integer> here = noteAt(x);
    if (draggedFrom.isPresent() && here.isPresent()) {
      to.over(draggedFrom.get(), here.get());
    }
  }

  /** Lights a note if it stands here and puts out any other. */
  void select(Optional<Integer> selected) {
    Optional<Integer> here = selected.filter(this::shows);
    setAccessibleText(here.map(this::accessibleText).orElse("a line of the passage"));
    cursor.setVisible(here.isPresent());
    if (here.isPresent()) {
      Engraving.NotePlace place = plan.note(here.get()).place();
      double width = Math.max(LEAST_WIDTH, place.width() * space + 14);
      cursor.setX(place.middle() * space - width / 2);
      cursor.setWidth(width);
    }
  }

  /** Tints the notes of a selection of more than one. */
  void selectRange(Optional<Span> notes) {
    rangeNotes.getChildren().clear();
    if (notes.filter(n -> n.last() > n.first()).isPresent()) {
      for (SystemPlan.Seen seen : plan.seen()) {
        if (notes.get().holds(seen.number())) {
          rangeNotes.getChildren().add(tint(seen, Palette.RANGE));
        }
      }
    }
  }

  /** Lights notes, such as those a change has moved; none puts all out. */
  void light(Set<Integer> notes) {
    litNotes.getChildren().clear();
    for (SystemPlan.Seen seen : plan.seen()) {
      if (notes.contains(seen.number())) {
        litNotes.getChildren().add(tint(seen, Palette.CHANGED));
      }
    }
  }

  /** Puts tabs over notes that stand here. */
  void flag(List<Flag> flags) {
    flagRow.show(flags.stream().filter(f -> shows(f.note())).toList(), plan, space, staffTop());
  }

  private Rectangle tint(SystemPlan.Seen seen, Color colour) {
    Engraving.NotePlace place = seen.place();
    double from = place.x() * space - 4;
    double until = Math.max(place.until() * space - 4, from + place.width() * space + 8);
    Rectangle tint = new Rectangle(from, 0, until - from, height());
    tint.setFill(colour);
    return tint;
  }

  private String accessibleText(int note) {
    NotePlan taken = plan.note(note).plan();
    String pitch = taken.note().notes().get(taken.note().notes().size() - 1).written().display();
    return taken.placement().isLeftOut()
        ? pitch
        : pitch
            + ", finger "
            + taken.placement().top().finger().sign()
            + ", string "
            + taken.placement().top().string();
  }

  boolean shows(int note) {
    return plan.shows(note);
  }

  /** The note nearest to this place. */
  Optional<Integer> noteAt(double pixelX) {
    double x = pixelX / space;
    return plan.seen().stream()
        .min(Comparator.comparingDouble(s -> Math.abs(s.place().middle() - x)))
        .map(SystemPlan.Seen::number);
  }

  Optional<Point2D> screenPointOf(PlayedNote note) {
    return system()
        .placeOf(note.events().first())
        .map(place -> localToScreen(place.middle() * space, staffTop() + 2 * space));
  }

  private void paint(GraphicsContext graphics) {
    new MarkPainter(graphics, space, 0, staffTop()).paint(system().marks());
    paintLanes(graphics, true, above);
    paintLanes(graphics, false, underTop());
  }

  private void paintLanes(GraphicsContext graphics, boolean over, double from) {
    double top = from;
    for (Lane lane : lanes) {
      if (lane.isOver() == over) {
        lane.paint(graphics, plan, space, top);
        top += lane.height(plan);
      }
    }
  }
}
