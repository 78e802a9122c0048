package app.fret.desktop.model.passage;

import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.work.Words;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.Day;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.LoggedPass;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** What a day's practice came to, in a few lines. */
public final class SessionSummary {
  private static final double SECONDS_A_MINUTE = 60;

  private SessionSummary() {}

  /** The lines: all in all, each passage, and what comes next. */
  public static List<String> lines(DayView seen, LocalDate today) {
    List<String> lines = new ArrayList<>();
    lines.add(allInAll(seen));
    for (ItemOutlook outlook : seen.schedule().items()) {
      List<LoggedPass> own =
          seen.today().stream().filter(p -> p.item().equals(outlook.item().id())).toList();
      if (!own.isEmpty()) {
        lines.add(line(outlook.item(), own));
      }
    }
    next(seen, today).ifPresent(lines::add);
    return lines;
  }

  private static String allInAll(DayView seen) {
    double seconds = seen.today().stream().mapToDouble(LoggedPass::seconds).sum();
    return String.format(
        Locale.ROOT,
        "%s, %s clean, %.0f minutes of music; %d of %s done.",
        Words.count(seen.today().size(), "pass", "passes"),
        seen.today().stream().filter(LoggedPass::isClean).count(),
        Math.ceil(seconds / SECONDS_A_MINUTE),
        seen.done(),
        Words.count(seen.tasks().size(), "card", "cards"));
  }

  private static String line(Item item, List<LoggedPass> passes) {
    long clean = passes.stream().filter(LoggedPass::isClean).count();
    OptionalDouble fastest =
        passes.stream()
            .filter(p -> p.isClean() && p.card().isWholePass() && !p.spotLeftOut())
            .mapToDouble(LoggedPass::perMinute)
            .max();
    boolean hurt = passes.stream().anyMatch(LoggedPass::hurts);
    return item.title()
        + ": "
        + clean
        + " of "
        + Words.count(passes.size(), "pass", "passes")
        + " clean"
        + (fastest.isPresent()
            ? ", the fastest at " + Words.tempo(item.target().at(fastest.getAsDouble()))
            : "")
        + (hurt ? "; it hurt: that place rests and comes back by halves" : "")
        + ".";
  }

  private static Optional<String> next(DayView seen, LocalDate today) {
    return seen.schedule().days().stream()
        .filter(d -> d.date().isAfter(today) && !d.isOff() && !d.cards().isEmpty())
        .findFirst()
        .map(SessionSummary::words);
  }

  private static String words(Day day) {
    Optional<Card> first = day.cards().stream().filter(c -> c.item().isPresent()).findFirst();
    return "Next, on "
        + Words.weekday(day.date())
        + ": "
        + Words.count(day.minutes(), "minute", "minutes")
        + first.map(c -> ", first " + c.item().orElseThrow().title()).orElse("")
        + ".";
  }
}
