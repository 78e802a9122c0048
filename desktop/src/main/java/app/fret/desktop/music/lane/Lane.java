package app.fret.desktop.music.lane;

import javafx.scene.canvas.GraphicsContext;

/** A strip under or over each system that shows one side of the plan. */
public interface Lane {
  /** Height in pixels. */
  double height(SystemPlan plan);

  /** Whether it stands over the music and not under it. */
  default boolean isOver() {
    return false;
  }

  /**
   * Paints what belongs to one system.
   *
   * @param space pixels to a staff space
   * @param top upper edge of the strip in pixels
   */
  void paint(GraphicsContext graphics, SystemPlan plan, double space, double top);
}
