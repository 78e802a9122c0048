package app.fret.desktop;

import java.util.List;
import javafx.application.Application;

/** Entry point of the desktop program; not itself an application, so that it runs from jars. */
public final class Main {
  private static final int BAD_ARGUMENTS = 2;

  private Main() {}

  /** Starts the window: {@code demo [--pictures DIR]} or {@code open [--book BOOK] [FILE]}. */
  public static void main(String[] args) {
    try {
      FretApplication.openAhead(LaunchOptions.of(List.of(args)));
    } catch (IllegalArgumentException e) {
      System.err.println("fret: " + e.getMessage() + "; see ./fret help");
      System.exit(BAD_ARGUMENTS);
    }
    Application.launch(FretApplication.class, args);
  }
}
