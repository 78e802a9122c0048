package app.fret.desktop;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * How the program was asked to start.
 *
 * @param demo whether the demo book is shown instead of the player's own
 * @param pictures folder to write pictures of the main views to, then leave
 * @param file score to add once the window is there
 * @param book the book to open instead of the usual one
 * @param small whether the window starts at its least size
 */
record LaunchOptions(
    boolean demo,
    Optional<Path> pictures,
    Optional<Path> file,
    Optional<Path> book,
    boolean small) {
  static LaunchOptions of(List<String> arguments) {
    boolean demo = arguments.contains("demo");
    Optional<Path> pictures = after(arguments, "--pictures");
    Optional<Path> book = after(arguments, "--book");
    Optional<Path> file =
        arguments.size() > 1
                && arguments.get(0).equals("open")
                && !arguments.get(1).startsWith("--")
            ? Optional.of(Path.of(arguments.get(1)))
            : Optional.empty();
    return new LaunchOptions(demo, pictures, file, book, arguments.contains("--small"));
  }

  private static Optional<Path> after(List<String> arguments, String option) {
    int at = arguments.indexOf(option);
    return at >= 0 && at + 1 < arguments.size()
        ? Optional.of(Path.of(arguments.get(at + 1)))
        : Optional.empty();
  }
}
