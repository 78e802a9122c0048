package app.fret.files.practice;

import app.fret.practice.schedule.Blocks;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardWords;
import app.fret.practice.schedule.Day;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.Offer;
import app.fret.practice.schedule.Schedule;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/** The days ahead as text to read at the stand. */
public final class ScheduleText {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM uuuu", Locale.ENGLISH);
  private static final DateTimeFormatter SHORT =
      DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  private ScheduleText() {}

  /** Writes a schedule as text. */
  public static String of(Schedule schedule) {
    StringBuilder text = new StringBuilder();
    for (ItemOutlook item : schedule.items()) {
      text.append(line(item)).append('\n');
    }
    for (Offer offer : schedule.offers()) {
      text.append("could give: ").append(offer.text()).append('\n');
    }
    for (Day day : schedule.days()) {
      text.append('\n').append(DAY.format(day.date()));
      text.append(day.isOff() ? ": no practice" : ", " + day.minutes() + " minutes").append('\n');
      List<List<Card>> blocks = Blocks.of(day.cards());
      for (List<Card> block : blocks) {
        block.forEach(c -> text.append(line(c)).append('\n'));
        if (block != blocks.get(blocks.size() - 1)) {
          text.append("  ").append(Blocks.restWords()).append('\n');
        }
      }
      day.spare().ifPresent(w -> text.append("  ").append(w).append('\n'));
    }
    return text.toString();
  }

  private static String line(ItemOutlook item) {
    StringBuilder line = new StringBuilder(item.item().title());
    if (!item.item().kind().equals(Item.Kind.PASSAGE)) {
      return line.append(": ")
          .append(item.item().minutes())
          .append(" minutes when it comes up")
          .toString();
    }
    line.append(": ").append(item.words());
    item.readyBy().ifPresent(d -> line.append(", should be ready by ").append(SHORT.format(d)));
    item.forecast()
        .ifPresent(
            f ->
                line.append(", likely ready between ")
                    .append(SHORT.format(f.low()))
                    .append(" and ")
                    .append(SHORT.format(f.high()))
                    .append(f.mayBeNever() ? " or not at all" : "")
                    .append(f.isProvisional() ? " (provisional)" : ""));
    item.warning().ifPresent(w -> line.append(". ").append(w));
    item.item().agreed().notes().forEach(n -> line.append(". Note: ").append(n));
    item.care().ifPresent(c -> line.append(item.warning().isPresent() ? " " : ". ").append(c));
    return line.toString();
  }

  private static String line(Card card) {
    return String.format(
        Locale.ROOT,
        "  %3d min  %s. %s",
        card.minutes(),
        CardWords.line(card),
        CardWords.why(card));
  }
}
