package app.fret.desktop.music;

import app.fret.desktop.music.lane.Lane;
import app.fret.desktop.music.lane.SystemPlan;
import app.fret.engraving.Annotations;
import app.fret.engraving.Engraver;
import app.fret.engraving.Engraving;
import app.fret.reading.PlayedNote;
import app.fret.score.Span;
import app.fret.study.LayeredPage;
import app.fret.study.MarkedPassage;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.animation.PauseTransition;
import javafx.beans.binding.DoubleBinding;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Bounds;
import javafx.geometry.Insets;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/**
 * The engraved passage in systems that fill the width, with or without the plan.
 *
 * <p>With the plan, fingers, strings and bow signs stand over the staff and the path of the hand
 * under it. A click selects the nearest note.
 */
public final class ScoreView extends ScrollPane implements Settling {
  /** Pixels to a staff space where the music has the middle of the window to itself. */
  public static final double LARGE = 8.6;

  /** Pixels to a staff space where two plans stand side by side. */
  public static final double SMALL = 7.2;

  private static final double MARGIN = 20;
  private static final double GAP = 10;
  private static final double TOP = 8;
  private static final double BOTTOM = 24;

  /** Kept free for the scroll bar, so that music is not set anew when it turns out to be needed. */
  private static final double SCROLL_BAR = 10;

  /** A window that is being pulled changes its width many times a second. */
  private static final Duration SETTLED = Duration.millis(80);

  /** A study engraved for a width. */
  private record Laid(Optional<Study> study, double width, List<SystemPlan> systems) {
    static Laid nothing(double width) {
      return new Laid(Optional.empty(), width, List.of());
    }
  }

  private final ObjectProperty<Optional<Study>> study =
      new SimpleObjectProperty<>(this, "study", Optional.empty());
  private final ObjectProperty<Optional<Integer>> selectedNote =
      new SimpleObjectProperty<>(this, "selectedNote", Optional.empty());
  private final ObjectProperty<Optional<Span>> range =
      new SimpleObjectProperty<>(this, "range", Optional.empty());
  private final ObjectProperty<Set<Integer>> lit =
      new SimpleObjectProperty<>(this, "lit", Set.of());
  private final ObjectProperty<List<Flag>> flags =
      new SimpleObjectProperty<>(this, "flags", List.of());
  private List<Lane> lanes;
  private final double space;
  private final Background background;
  private final VBox systems = new VBox(GAP);
  private final List<SystemNode> nodes = new ArrayList<>();
  private final PauseTransition settle = new PauseTransition(SETTLED);
  private double above;
  private boolean asPrinted;
  private double laidOutWidth = -1;
  private final ReadOnlyDoubleWrapper tallest = new ReadOnlyDoubleWrapper(this, "tallest");
  private double viewportHeight = -1;
  private boolean waitsToScroll;
  private LaneDrag dragged = (from, to) -> {};
  private LaneDrag dropped = (from, to) -> {};

  /** The note last brought into view: who has scrolled away since is not taken back to it. */
  private Optional<Integer> broughtIntoView = Optional.empty();

  private boolean stale = true;

  /** What is seen; another study's music is never left standing under its title. */
  private Laid seen = Laid.nothing(0);

  /** Whether a study is to come that is still being worked out. */
  private boolean isExpecting;

  private final Label working = new Label("The music is being laid out.");

  /**
   * An empty view.
   *
   * @param id its name in the window
   * @param lanes what stands under the music; with none, the page is shown as it is printed
   * @param space pixels to a staff space
   * @param background engraves beside the window's thread
   */
  public ScoreView(String id, List<Lane> lanes, double space, Background background) {
    this.lanes = List.copyOf(lanes);
    this.asPrinted = lanes.isEmpty();
    this.space = space;
    this.background = background;
    setId(id);
    getStyleClass().add("score");
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setFitToWidth(true);
    setAccessibleRole(AccessibleRole.PARENT);
    systems.setPadding(new Insets(TOP, MARGIN, BOTTOM, MARGIN));
    setContent(systems);
    working.getStyleClass().add("quiet");
    study.addListener(
        (property, before, now) -> {
          isExpecting = false;
          layOut();
        });
    selectedNote.addListener((property, before, now) -> select(before, now));
    range.addListener((property, before, now) -> nodes.forEach(n -> n.selectRange(now)));
    lit.addListener((property, before, now) -> nodes.forEach(n -> n.light(now)));
    flags.addListener((property, before, now) -> nodes.forEach(n -> n.flag(now)));
    viewportBoundsProperty().addListener((property, before, now) -> viewportChanged(now));
    vvalueProperty().addListener((property, before, now) -> paintWhatIsInView());
    sceneProperty().addListener((property, before, now) -> layOutIfStale());
    settle.setOnFinished(e -> layOut());
  }

  /** Shows no music but that some is being worked out, until a study is there to show. */
  public void expect() {
    study.set(Optional.empty());
    isExpecting = true;
    showWorking();
  }

  private void showWorking() {
    show(Laid.nothing(laidOutWidth));
    systems.getChildren().setAll(working);
  }

  @Override
  public boolean isSettled() {
    Optional<Study> wanted = study.get();
    return !isExpecting && !stale && wanted.equals(seen.study()) || !isVisible();
  }

  /** The study to show; empty for none. */
  public ObjectProperty<Optional<Study>> studyProperty() {
    return study;
  }

  /** Number of the selected note; empty for none. */
  public ObjectProperty<Optional<Integer>> selectedNoteProperty() {
    return selectedNote;
  }

  /** First and last note of the selection; empty for none. */
  public ObjectProperty<Optional<Span>> rangeProperty() {
    return range;
  }

  /** Notes that are lit. */
  public ObjectProperty<Set<Integer>> litProperty() {
    return lit;
  }

  /** Tabs over notes, in order; for a view that was asked to keep room for them. */
  public ObjectProperty<List<Flag>> flagsProperty() {
    return flags;
  }

  /** Shows the page as it is printed, with room for tabs over each system. */
  public void showAsPrintedWithFlags() {
    above = FlagRow.HEIGHT;
    asPrinted = true;
  }

  /** Puts other lanes under the music. */
  public void setLanes(List<Lane> newLanes) {
    lanes = List.copyOf(newLanes);
    layOut();
  }

  /** A drag in the first lane, from one note to another. */
  public interface LaneDrag {
    /** Called with the numbers of both notes. */
    void over(int from, int to);
  }

  /** Follows drags in the first lane: while they go on, and when they end. */
  public void setOnLaneDragged(LaneDrag onDragged, LaneDrag onDropped) {
    dragged = onDragged;
    dropped = onDropped;
  }

  private void viewportChanged(Bounds viewport) {
    boolean otherWidth = Math.abs(musicWidth() - laidOutWidth) > 0.5;
    if (otherWidth && nodes.isEmpty()) {
      layOut();
    } else if (otherWidth) {
      settle.playFromStart();
    }
    if (viewport.getHeight() != viewportHeight) {
      viewportHeight = viewport.getHeight();
      scrollOnceLaidOut();
    }
    paintWhatIsInView();
  }

  private double musicWidth() {
    return Math.min(getViewportBounds().getWidth(), getWidth() - SCROLL_BAR);
  }

  private void layOutIfStale() {
    if (stale && getScene() != null) {
      layOut();
    }
  }

  /** Engraves the study for the width there is; out of sight that waits until it is seen. */
  private void layOut() {
    double width = musicWidth();
    stale = getScene() == null || width < 200;
    if (isExpecting) {
      return;
    }
    if (study.get().isEmpty()) {
      show(Laid.nothing(width));
      return;
    }
    Study shown = study.get().get();
    if (seen.study().filter(s -> s.passage().equals(shown.passage())).isEmpty()) {
      showWorking();
    }
    if (!stale) {
      background.latest(
          this,
          () -> laid(shown, width),
          laid -> {
            if (study.get().equals(laid.study())) {
              show(laid);
            }
          });
    }
  }

  private Laid laid(Study shown, double width) {
    double spaces = (width - 2 * MARGIN) / space;
    Engraving engraving;
    if (asPrinted) {
      LayeredPage page = LayeredPage.of(shown);
      Annotations beside = new Annotations(List.of(), Set.of(), page.beside());
      engraving = new Engraver().engrave(page.passage(), spaces, beside);
    } else {
      engraving = new Engraver().engrave(MarkedPassage.of(shown), spaces);
    }
    return new Laid(Optional.of(shown), width, SystemPlan.of(shown, engraving));
  }

  private void show(Laid laid) {
    seen = laid;
    laidOutWidth = laid.width();
    nodes.clear();
    for (SystemPlan plan : laid.systems()) {
      SystemNode node = new SystemNode(plan, lanes, space, above, laid.width() - 2 * MARGIN);
      node.setOnMouseClicked(
          e -> node.noteAt(e.getX()).ifPresent(n -> selectedNote.set(Optional.of(n))));
      node.followDrags((from, to) -> dragged.over(from, to), (from, to) -> dropped.over(from, to));
      node.select(selectedNote.get());
      node.selectRange(range.get());
      node.light(lit.get());
      node.flag(flags.get());
      nodes.add(node);
    }
    systems.getChildren().setAll(nodes);
    tallest.set(nodes.stream().mapToDouble(SystemNode::getPrefHeight).max().orElse(0));
    if (!broughtIntoView.equals(selectedNote.get())) {
      scrollOnceLaidOut();
    }
    paintWhatIsInView();
  }

  /** How high a place is that shows each system whole, in px; small while nothing is laid out. */
  public DoubleBinding wholeSystemHeight() {
    return tallest.add(TOP + BOTTOM);
  }

  /** Systems in the viewport and half a viewport around it are painted, all others let go. */
  private void paintWhatIsInView() {
    double viewport = getViewportBounds().getHeight();
    double content = contentHeight();
    double from = getVvalue() * Math.max(0, content - viewport) - viewport / 2;
    double to = from + 2 * viewport;
    double top = TOP;
    for (SystemNode node : nodes) {
      double bottom = top + node.getPrefHeight();
      node.setInView(bottom >= from && top <= to);
      top = bottom + GAP;
    }
  }

  private void select(Optional<Integer> before, Optional<Integer> now) {
    for (SystemNode node : nodes) {
      if (before.filter(node::shows).isPresent() || now.filter(node::shows).isPresent()) {
        node.select(now);
      }
    }
    scrollToSelected();
  }

  /** The pane goes back to where it stood while its content is laid out, so this waits for that. */
  private void scrollOnceLaidOut() {
    Scene scene = getScene();
    if (scene != null && !waitsToScroll) {
      waitsToScroll = true;
      scene.addPostLayoutPulseListener(new ScrollOnce(scene));
    }
  }

  /** Scrolls after the next layout of its scene. */
  private final class ScrollOnce implements Runnable {
    private final Scene scene;

    ScrollOnce(Scene scene) {
      this.scene = scene;
    }

    @Override
    public void run() {
      scene.removePostLayoutPulseListener(this);
      waitsToScroll = false;
      scrollToSelected();
    }
  }

  /** Brings the system of the selected note into view; its place follows from the heights. */
  private void scrollToSelected() {
    double viewport = getViewportBounds().getHeight();
    double content = contentHeight();
    double top = TOP;
    broughtIntoView = nodes.isEmpty() ? broughtIntoView : selectedNote.get();
    for (SystemNode node : nodes) {
      double bottom = top + node.getPrefHeight();
      if (selectedNote.get().filter(node::shows).isPresent() && content > viewport) {
        double shownFrom = getVvalue() * (content - viewport);
        if (top < shownFrom) {
          setVvalue(top / (content - viewport));
        } else if (bottom > shownFrom + viewport) {
          setVvalue((bottom - viewport) / (content - viewport));
        }
      }
      top = bottom + GAP;
    }
  }

  private double contentHeight() {
    return TOP + nodes.stream().mapToDouble(n -> n.getPrefHeight() + GAP).sum() - GAP + BOTTOM;
  }

  /** Where a note stands on the screen, if it has been laid out. */
  public Optional<Point2D> screenPointOf(int note) {
    PlayedNote played = study.get().orElseThrow().notes().get(note);
    return nodes.stream().map(n -> n.screenPointOf(played)).flatMap(Optional::stream).findFirst();
  }
}
