package app.fret.desktop;

import java.util.List;
import javafx.application.Application;

/** Entry point of the desktop program; not itself an application, so that it runs from jars. */
public final class Main {
  private Main() {}

  /** Starts the window: {@code demo [--pictures DIR]} or {@code open [FILE]}. */
  public static void main(String[] args) {
    FretApplication.openAhead(LaunchOptions.of(List.of(args)));
    Application.launch(FretApplication.class, args);
  }
}
