package app.fret.desktop;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
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

  /**
   * Reads the words of the command line: {@code demo [--pictures DIR [--small]]} or {@code open
   * [--book BOOK] [FILE]}.
   *
   * @throws IllegalArgumentException for any word that says nothing, in a sentence
   */
  static LaunchOptions of(List<String> arguments) {
    Deque<String> words = new ArrayDeque<>(arguments);
    String command = words.isEmpty() ? "open" : words.pop();
    return switch (command) {
      case "demo" -> demo(words);
      case "open" -> open(words);
      default ->
          throw new IllegalArgumentException(
              "'" + command + "' is no command; say demo or open [--book BOOK] [FILE]");
    };
  }

  private static LaunchOptions demo(Deque<String> words) {
    Optional<Path> pictures = Optional.empty();
    boolean small = false;
    while (!words.isEmpty()) {
      String word = words.pop();
      switch (word) {
        case "--pictures" -> pictures = Optional.of(path(words, word, "a folder"));
        case "--small" -> small = true;
        default -> throw unknown(word, "demo takes --pictures DIR and --small");
      }
    }
    return new LaunchOptions(true, pictures, Optional.empty(), Optional.empty(), small);
  }

  private static LaunchOptions open(Deque<String> words) {
    Optional<Path> book = Optional.empty();
    Optional<Path> file = Optional.empty();
    while (!words.isEmpty()) {
      String word = words.pop();
      if (word.equals("--book") && book.isEmpty()) {
        book = Optional.of(path(words, word, "a practice book"));
      } else if (word.startsWith("--") || word.isBlank() || file.isPresent()) {
        throw unknown(word, "open takes --book BOOK and one FILE");
      } else {
        file = Optional.of(Path.of(word));
      }
    }
    return new LaunchOptions(false, Optional.empty(), file, book, false);
  }

  private static Path path(Deque<String> words, String option, String what) {
    if (words.isEmpty() || words.peek().isBlank()) {
      throw new IllegalArgumentException("after " + option + " name " + what);
    }
    return Path.of(words.pop());
  }

  private static IllegalArgumentException unknown(String word, String known) {
    return new IllegalArgumentException("'" + word + "' says nothing here; " + known);
  }
}
