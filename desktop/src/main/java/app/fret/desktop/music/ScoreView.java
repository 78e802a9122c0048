package app.fret.desktop.music;

import app.fret.engraving.Engraver;
import app.fret.engraving.Engraving;
import app.fret.reading.PlayedNote;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.study.MarkedPassage;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Bounds;
import javafx.geometry.Insets;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

/**
 * The engraved passage in systems that fill the width, with or without the plan.
 *
 * <p>With the plan, fingers, strings and bow signs stand over the staff and the path of the hand
 * under it. A click selects the nearest note.
 */
public final class ScoreView extends ScrollPane {
  /** Pixels to a staff space where the music has the middle of the window to itself. */
  public static final double LARGE = 8.6;

  /** Pixels to a staff space where two plans stand side by side. */
  public static final double SMALL = 7.2;

  private static final double MARGIN = 20;

  /** How much of the plan is shown. */
  public enum Layer {
    PRINTED,
    LEFT_HAND
  }

  private final ObjectProperty<Optional<Study>> study =
      new SimpleObjectProperty<>(this, "study", Optional.empty());
  private final ObjectProperty<Optional<Integer>> selectedNote =
      new SimpleObjectProperty<>(this, "selectedNote", Optional.empty());
  private final ObjectProperty<Optional<Span>> range =
      new SimpleObjectProperty<>(this, "range", Optional.empty());
  private final ObjectProperty<Set<Integer>> lit =
      new SimpleObjectProperty<>(this, "lit", Set.of());
  private final Layer layer;
  private final double space;
  private final VBox systems = new VBox(10);
  private final List<SystemNode> nodes = new ArrayList<>();
  private double laidOutWidth = -1;

  /** An empty view that will show this much of its study, large. */
  public ScoreView(Layer layer) {
    this(layer, LARGE);
  }

  /**
   * An empty view that will show this much of its study.
   *
   * @param space pixels to a staff space
   */
  public ScoreView(Layer layer, double space) {
    this.layer = layer;
    this.space = space;
    setId(layer == Layer.PRINTED ? "read-score" : "left-hand-score");
    getStyleClass().add("score");
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setFitToWidth(true);
    setAccessibleRole(AccessibleRole.PARENT);
    systems.setPadding(new Insets(8, MARGIN, 24, MARGIN));
    setContent(systems);
    study.addListener((property, before, now) -> layOut());
    selectedNote.addListener((property, before, now) -> select(before, now));
    range.addListener((property, before, now) -> nodes.forEach(n -> n.selectRange(now)));
    lit.addListener((property, before, now) -> nodes.forEach(n -> n.light(now)));
    viewportBoundsProperty().addListener((property, before, now) -> widthChanged(now));
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

  private void widthChanged(Bounds viewport) {
    if (Math.abs(viewport.getWidth() - laidOutWidth) > 0.5) {
      layOut();
    }
  }

  private void layOut() {
    nodes.clear();
    systems.getChildren().clear();
    double width = getViewportBounds().getWidth();
    laidOutWidth = width;
    if (study.get().isEmpty() || width < 200) {
      return;
    }
    Study shown = study.get().get();
    Passage passage = layer == Layer.PRINTED ? shown.passage() : MarkedPassage.of(shown);
    Engraving engraving = new Engraver().engrave(passage, (width - 2 * MARGIN) / space);
    for (SystemPlan plan : SystemPlan.of(shown, engraving)) {
      SystemNode node = new SystemNode(plan, layer == Layer.LEFT_HAND, space, width - 2 * MARGIN);
      node.setOnMouseClicked(
          e -> node.noteAt(e.getX()).ifPresent(n -> selectedNote.set(Optional.of(n))));
      node.select(selectedNote.get());
      node.selectRange(range.get());
      node.light(lit.get());
      nodes.add(node);
    }
    systems.getChildren().setAll(nodes);
  }

  private void select(Optional<Integer> before, Optional<Integer> now) {
    for (SystemNode node : nodes) {
      if (before.filter(node::shows).isPresent() || now.filter(node::shows).isPresent()) {
        node.select(now);
      }
    }
    nodes.stream()
        .filter(n -> now.filter(n::shows).isPresent())
        .findFirst()
        .ifPresent(this::scrollTo);
  }

  private void scrollTo(Node node) {
    double content = systems.getHeight();
    double viewport = getViewportBounds().getHeight();
    if (content <= viewport) {
      return;
    }
    double top = node.getBoundsInParent().getMinY();
    double bottom = node.getBoundsInParent().getMaxY();
    double shownFrom = getVvalue() * (content - viewport);
    if (top < shownFrom) {
      setVvalue(top / (content - viewport));
    } else if (bottom > shownFrom + viewport) {
      setVvalue((bottom - viewport) / (content - viewport));
    }
  }

  /** Where a note stands on the screen, if it has been laid out. */
  public Optional<Point2D> screenPointOf(int note) {
    PlayedNote played = study.get().orElseThrow().notes().get(note);
    return nodes.stream().map(n -> n.screenPointOf(played)).flatMap(Optional::stream).findFirst();
  }
}
