package app.fret.desktop.music;

/** Something seen whose content is worked out beside the window's thread. */
public interface Settling {
  /** Whether it shows all that it is to show. */
  boolean isSettled();
}
