package app.fret.book;

import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.MissKind;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What went wrong in a pass, as the book keeps it: a line for each place, its kind first. */
final class MissText {
  private static final String END = "\n";

  private MissText() {}

  /** The text; empty where nothing was said. */
  static Optional<String> of(List<Miss> misses) {
    return Optional.of(misses.stream().map(MissText::line).collect(Collectors.joining(END)))
        .filter(text -> !text.isEmpty());
  }

  private static String line(Miss miss) {
    return miss.kind().id() + miss.spot().map(s -> " " + s).orElse("");
  }

  /** Read again; a kind of a newer Fret is kept as a miss that says no more. */
  static List<Miss> read(String text) {
    return text.lines().map(MissText::miss).toList();
  }

  private static Miss miss(String line) {
    int blank = line.indexOf(' ');
    String kind = blank < 0 ? line : line.substring(0, blank);
    Optional<String> spot = blank < 0 ? Optional.empty() : Optional.of(line.substring(blank + 1));
    return new Miss(spot, MissKind.ofId(kind).orElse(MissKind.OTHER));
  }
}
