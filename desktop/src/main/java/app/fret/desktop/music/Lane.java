package app.fret.desktop.music;

import app.fret.study.Study;
import javafx.scene.canvas.GraphicsContext;

/** A strip under each system that shows one side of the plan. */
public interface Lane {
  /** Height in pixels. */
  double height(Study study);

  /**
   * Paints what belongs to one system.
   *
   * @param space pixels to a staff space
   * @param top upper edge of the strip in pixels
   */
  void paint(GraphicsContext graphics, SystemPlan plan, double space, double top);
}
