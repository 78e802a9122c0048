package app.fret.desktop.demo;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.book.LogEntry;
import app.fret.book.NewPassage;
import app.fret.book.OtherItem;
import app.fret.files.ReadPassage;
import app.fret.files.ScoreRejectedException;
import app.fret.files.TemporaryFolder;
import app.fret.files.musicxml.MusicXmlReader;
import app.fret.instrument.PlayerSetup;
import app.fret.practice.Climb;
import app.fret.practice.Gate;
import app.fret.practice.Ladder;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Learner;
import app.fret.reading.Reading;
import app.fret.reading.layers.LayerChoices;
import app.fret.reading.layers.LayerMark;
import app.fret.reading.layers.Origin;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.PlayOrder;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import app.fret.study.Choices;
import app.fret.time.Broadening;
import app.fret.time.TempoPlace;
import app.fret.time.TempoProposal;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Makes the demo book anew at each start, in a temporary file: invented players, music composed for
 * Fret, weeks of invented log entries, dates relative to today.
 */
public final class DemoBook {
  private final Book book;
  private final LocalDate today;
  private final ZoneId zone;

  private DemoBook(Book book, Clock clock) {
    this.book = book;
    this.today = LocalDate.now(clock);
    this.zone = clock.getZone();
  }

  /** A filled demo book. */
  public static Book open(Clock clock) throws IOException, BookException {
    Book book = Book.open(TemporaryFolder.make().path().resolve("demo.fretbook"));
    DemoBook demo = new DemoBook(book, clock);
    try {
      book.together(demo::fill);
    } catch (UncheckedIOException e) {
      book.close();
      throw e.getCause();
    }
    return book;
  }

  // Weeks of invented practice: each word is a day, c a clean pass, m a miss.
  private static final String ON_COURSE = "ccccccm ccccmccc cccccc cccccmcc ccccccc cccm";
  private static final String READY =
      "cccccccccc cccccccccc ccccccccccc cccccccc cccccccc cccccc ccccc cccc cccc";
  private static final String BEHIND = "ccmcc mccmm cccmm mmccc mccmc cmccc";
  private static final String AT_A_PLATEAU = "cccc cccccc cmcmc cmcmc cmmcc cmcmc cmcmc cmcc";

  private static final LogEntry.Played COLD =
      new LogEntry.Played(
          CardKind.LADDER, true, Optional.empty(), false, false, 1, Optional.empty());

  private void fill() {
    BookPlayer violinist = book.addPlayer("Mirela Tavasson", PlayerSetup.of("violin", 73.3, 328));
    practises(violinist, 30);
    Added harbour = add(violinist, "harbour-wind.musicxml", 68);
    logDays(harbour, ON_COURSE, 24);
    markByOthers(harbour);
    Added lantern = add(violinist, "lantern-song.musicxml", 33);
    logDays(lantern, READY, 30);
    broadenAtTheEnd(lantern);
    logDays(add(violinist, "gate-of-bells.musicxml", 40), BEHIND, 30);
    logDays(add(violinist, "kestrel.musicxml", 47), AT_A_PLATEAU, 19);
    logDays(add(violinist, "glass-stair.musicxml", 47), "cccm cccmc cccc ccc", 20);
    BookPlayer violist = book.addPlayer("Odrin Halvek", PlayerSetup.of("viola", 80.0, 388));
    practises(violist, 50);
    logDays(add(violist, "mill-race.musicxml", 26), "cccc ccmccc cccc cccmcc cc", 22);
    logDays(add(violist, "low-water.musicxml", 26), "cccc cccc cccmc cccc ccc", 21);
    logDays(add(violist, "thistle-page.musicxml", 26), "cccc cmccc cccc ccmc", 20);
    BookPlayer cellist = book.addPlayer("Sanna Teivoll", PlayerSetup.of("cello", 97.8, 690));
    practises(cellist, 60);
    logDays(add(cellist, "salt-road.musicxml", 61), "cmcccm ccc cccmmc cccc ccc", 25);
    logDays(add(cellist, "copper-hill.musicxml", 61), "ccc cccc cmccc cc", 17);
    logDays(add(cellist, "under-the-eaves.musicxml", 61), "ccc cccm cccc ccc", 18);
    book.addOtherItem(cellist.id(), OtherItem.Kind.STUDY, "Study in thirds, second page", 6);
    OtherItem river =
        book.addOtherItem(
            cellist.id(), OtherItem.Kind.LISTENING, "Three recordings of Salt Road", 5);
    book.keepHeard(
        river.id(),
        new OtherItem.Heard(OptionalDouble.of(76), "one bow a bar", "much, from the frog", ""));
    BookPlayer bassist = book.addPlayer("Ilka Morvane", PlayerSetup.of("bass", 102.1, 1050));
    practises(bassist, 45);
    logDays(add(bassist, "tall-ship.musicxml", 40), "ccc mccc cccmc cccc", 20);
    logDays(add(bassist, "seven-steps.musicxml", 40), "cccc ccccm cccc ccc", 23);
    logDays(add(bassist, "slack-tide.musicxml", 40), "ccmc cccc cccm ccc", 19);
  }

  private void practises(BookPlayer player, int minutesPerDay) {
    Learner learner = new Learner(minutesPerDay, Set.of(DayOfWeek.SUNDAY), 2, Learner.Stance.EVEN);
    book.keepLearner(player.id(), learner);
  }

  /** Bow signs and fingers of section and coach, which differ at two notes. */
  private void markByOthers(Added added) {
    Reading reading = Reading.of(added.music());
    Map<NoteRef, LayerMark> section =
        Map.of(
            reading.places().top(0), LayerMark.parse("bow=up"),
            reading.places().top(8), LayerMark.parse("finger=2"),
            reading.places().top(16), LayerMark.parse("bow=down"));
    Map<NoteRef, LayerMark> coach =
        Map.of(
            reading.places().top(0), LayerMark.parse("bow=down"),
            reading.places().top(8), LayerMark.parse("finger=3"),
            reading.places().top(16), LayerMark.parse("bow=down"));
    Choices before = book.choices(added.entry().id()).choices();
    LayerChoices layers = before.layers().with(Origin.SECTION, section).with(Origin.COACH, coach);
    book.keepChoices(added.entry().id(), before, before.with(layers));
  }

  private void broadenAtTheEnd(Added added) {
    Reading reading = Reading.of(added.music());
    Choices before = book.choices(added.entry().id()).choices();
    List<TempoProposal> proposals = Broadening.of(reading, before.tempo());
    TempoPlace last = proposals.get(proposals.size() - 1).place();
    book.keepChoices(added.entry().id(), before, before.with(before.tempo().withPlace(last)));
  }

  /** A passage in the book and its music. */
  private record Added(BookPassage entry, Passage music) {}

  private Added add(BookPlayer player, String file, int daysLeft) {
    try (InputStream in = DemoBook.class.getResourceAsStream(file)) {
      byte[] score = in.readAllBytes();
      ReadPassage read = new MusicXmlReader().open(file, score).read(0);
      Tempo target = read.passage().printedTempo().orElseThrow();
      BookPassage entry =
          book.addPassage(
              new NewPassage(
                  player.id(),
                  read.passage().title(),
                  file,
                  score,
                  new BookPassage.Cut(0, 0, read.passage().bars().size() - 1),
                  target,
                  Optional.of(today.plusDays(daysLeft))));
      return new Added(entry, read.passage());
    } catch (ScoreRejectedException e) {
      throw new UncheckedIOException(new IOException("the demo music cannot be read", e));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Logs passes as a player would have: each word is a day, each letter a clean pass (c) or a miss
   * (m), on the rung the gate then stands at.
   */
  private void logDays(Added added, String days, int firstDayAgo) {
    BookPassage passage = added.entry();
    Ladder ladder = Ladder.to(passage.target(), OptionalDouble.empty());
    Climb climb = Climb.start(ladder, Gate.USUAL);
    String[] words = days.split(" ");
    for (int day = 0; day < words.length; day++) {
      int ago = 1 + (words.length - 1 - day) * (firstDayAgo - 1) / (words.length - 1);
      Instant at = today.minusDays(ago).atTime(LocalTime.of(17, 10)).atZone(zone).toInstant();
      for (int pass = 0; pass < words[day].length(); pass++) {
        boolean clean = words[day].charAt(pass) == 'c';
        Tempo tempo = ladder.tempo(climb.rung());
        OptionalDouble seconds =
            OptionalDouble.of(PlayOrder.seconds(added.music(), TempoMap.constant(tempo)));
        LogEntry.Played played = pass == 0 ? COLD : LogEntry.Played.ON_LADDER;
        book.addToLog(
            new LogEntry(passage.id(), at.plusSeconds(95L * pass), tempo, seconds, clean, played));
        climb = clean ? climb.clean() : climb.miss();
      }
    }
  }
}
