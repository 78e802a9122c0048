package app.fret.desktop.model.exchange;

import app.fret.book.Book;
import app.fret.book.BookPlayer;
import app.fret.book.LogEntry;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.practice.ProgrammeEntry;
import app.fret.desktop.model.practice.StudyLoader;
import app.fret.desktop.model.work.Workers;
import app.fret.engraving.Paper;
import app.fret.files.ScoreRejectedException;
import app.fret.files.WholeFile;
import app.fret.files.pdf.PdfPart;
import app.fret.files.practice.LogTable;
import app.fret.files.practice.ScheduleCalendar;
import app.fret.files.practice.WeekSheet;
import app.fret.instrument.OutOfRangeException;
import app.fret.practice.schedule.Schedule;
import app.fret.study.Study;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** What of a player's practice is written to files: the week's sheet, the calendar, the log. */
public final class Papers {
  private final Book book;
  private final Clock clock;
  private final Workers workers;
  private final List<ProgrammeEntry> programme;
  private final StudyLoader loader;
  private final FileWriter writer;

  /** Writes a file beside the window's thread, whole or not at all. */
  public interface FileWriter {
    /** Writes it and says where it is. */
    void write(Path file, Consumer<Path> onWritten, WholeFile.Content content);
  }

  /** Papers of a book. */
  public Papers(
      Book book,
      Clock clock,
      Workers workers,
      List<ProgrammeEntry> programme,
      StudyLoader loader,
      FileWriter writer) {
    this.book = book;
    this.clock = clock;
    this.workers = workers;
    this.programme = programme;
    this.loader = loader;
    this.writer = writer;
  }

  private static Optional<Schedule> schedule(PassageDesk desk) {
    return desk.day().flatMap(d -> d.seenProperty().get()).map(DayView::schedule);
  }

  /** Writes the week of the player whose passage lies open as a practice sheet. */
  public void writeWeek(PassageDesk desk, Path file, Paper paper, Consumer<Path> onWritten) {
    Optional<Schedule> schedule = schedule(desk);
    if (schedule.isEmpty()) {
      desk.say("The day is still being planned; try again in a moment.");
      return;
    }
    BookPlayer player = desk.opened().owner();
    Study open = desk.study();
    long openId = desk.opened().entry().id();
    List<ProgrammeEntry> mine = of(player);
    writer.write(
        file,
        onWritten,
        out -> {
          Map<String, Study> studies = studies(mine, openId, open);
          String title = WeekSheet.title(player.name());
          PdfPart.write(
              WeekSheet.pages(player.name(), schedule.get(), studies, paper), title, paper, out);
        });
  }

  private List<ProgrammeEntry> of(BookPlayer player) {
    return programme.stream().filter(e -> e.owner().id() == player.id()).toList();
  }

  /** A passage that cannot be worked out is missing here; the sheet says so at its drills. */
  private Map<String, Study> studies(List<ProgrammeEntry> mine, long openId, Study open) {
    Map<String, Study> studies = new HashMap<>();
    for (ProgrammeEntry entry : mine) {
      long id = entry.passage().id();
      try {
        studies.put(String.valueOf(id), id == openId ? open : loader.load(entry));
      } catch (ScoreRejectedException | OutOfRangeException e) {
        studies.remove(String.valueOf(id));
      }
    }
    return studies;
  }

  /** Writes the days ahead as a calendar. */
  public void writeCalendar(PassageDesk desk, Path file, Consumer<Path> onWritten) {
    Optional<Schedule> schedule = schedule(desk);
    LocalDate today = LocalDate.now(clock);
    schedule.ifPresentOrElse(
        s -> writer.write(file, onWritten, out -> ScheduleCalendar.write(s, today, out)),
        () -> desk.say("The day is still being planned; try again in a moment."));
  }

  /** Writes the log of all passages of the player whose passage lies open as a table. */
  public void writeLog(PassageDesk desk, Path file, Consumer<Path> onWritten) {
    List<ProgrammeEntry> mine = of(desk.opened().owner());
    writer.write(file, onWritten, out -> writeLog(mine, out));
  }

  private void writeLog(List<ProgrammeEntry> mine, OutputStream out) throws IOException {
    List<LogTable.Row> table = new ArrayList<>();
    for (ProgrammeEntry entry : mine) {
      String title = entry.passage().title();
      List<LogEntry> rows = workers.askBook(() -> book.log(entry.passage().id()).rows());
      rows.forEach(row -> table.add(row(title, row)));
    }
    table.sort(Comparator.comparing(LogTable.Row::at));
    LogTable.write(table, out);
  }

  private LogTable.Row row(String title, LogEntry entry) {
    LogEntry.Played played = entry.played();
    return new LogTable.Row(
        entry.at().atZone(clock.getZone()).toLocalDateTime(),
        title,
        entry.tempo(),
        entry.clean(),
        entry.seconds(),
        played.card(),
        played.cold(),
        played.spot(),
        played.spotLeftOut(),
        played.hurts(),
        played.repeats(),
        played.words());
  }
}
