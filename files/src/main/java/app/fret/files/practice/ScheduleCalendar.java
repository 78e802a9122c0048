package app.fret.files.practice;

import app.fret.practice.schedule.Blocks;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardWords;
import app.fret.practice.schedule.Day;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.Schedule;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.UUID;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * The days ahead as a calendar, iCalendar 2.0 (RFC 5545): a day of practice is an all-day entry.
 */
public final class ScheduleCalendar {
  private ScheduleCalendar() {}

  /**
   * Writes a schedule.
   *
   * @param today the day it was planned, which stamps every entry
   * @param out where to; left open
   */
  public static void write(Schedule schedule, LocalDate today, OutputStream out)
      throws IOException {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Fret//Practice plan//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    Instant stamp = today.atStartOfDay(ZoneOffset.UTC).toInstant();
    for (Day day : schedule.days()) {
      if (!day.cards().isEmpty()) {
        String what = day.minutes() + " minutes of practice";
        calendar.add(event(day.date(), what, words(day), stamp, "day"));
      }
    }
    for (ItemOutlook item : schedule.items()) {
      for (LocalDate due : item.item().dates()) {
        String name = item.item().dueName(due);
        String words =
            name.equals(Item.THE_DATE) ? "The day it is for." : "It is asked: " + name + ".";
        calendar.add(event(due, item.item().title(), words, stamp, "due " + item.item().id()));
      }
    }
    // The library closes what it writes to.
    ByteArrayOutputStream whole = new ByteArrayOutputStream();
    new CalendarOutputter(false).output(calendar, whole);
    whole.writeTo(out);
  }

  private static VEvent event(
      LocalDate date, String title, String words, Instant stamp, String what) {
    VEvent event = new VEvent(date, title);
    event.removeAll("DTSTAMP");
    event.add(new DtStamp(stamp));
    String name = "fret " + what + " " + date;
    event.add(new Uid(UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)).toString()));
    event.add(new Description(words));
    return event;
  }

  private static String words(Day day) {
    String cards =
        Blocks.of(day.cards()).stream()
            .map(b -> b.stream().map(ScheduleCalendar::words).collect(Collectors.joining("\n")))
            .collect(Collectors.joining("\n" + Blocks.restWords() + "\n"));
    return cards + day.spare().map(w -> "\n" + w).orElse("");
  }

  private static String words(Card card) {
    return card.minutes() + " min " + CardWords.line(card) + ". " + CardWords.why(card);
  }
}
