package app.fret.desktop.view.part;

import app.fret.practice.schedule.ItemOutlook;

/** How the words for where a passage is on its way are coloured; the words say it too. */
public final class StateStyle {
  private StateStyle() {}

  /** Style of the words for a state. */
  public static String of(ItemOutlook.State state) {
    return switch (state) {
      case READY, ON_TRACK -> "task-done";
      case BEHIND -> "caution";
      case CANNOT -> "trouble";
      case UNKNOWN -> "quiet";
    };
  }
}
