package app.fret.book;

import app.fret.files.packet.Packet;
import app.fret.instrument.PlayerSetup;
import app.fret.leaning.KeptWay;
import app.fret.leaning.LearnedWeights;
import app.fret.leaning.Side;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.PutBack;
import app.fret.score.NoteRef;
import app.fret.study.Choices;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;

/**
 * A practice book on disk.
 *
 * <p>Every method that changes something returns after the change is committed, so that ending the
 * program, even by force, loses nothing that a method has returned from. Safe for several threads,
 * one call at a time. Any method throws {@link BookFaultException}, with a sentence for the player,
 * when the disk says no.
 *
 * <p>One program at a time changes a book. Where that is another one, or the file or its folder is
 * read-only, the book opens for reading: as a copy, so that nothing is left beside the file.
 */
public final class Book implements AutoCloseable {
  private final Path file;
  private final Handle handle;
  private final Optional<String> readOnlyReason;
  private final AutoCloseable held;
  private final Players players;
  private final Passages passages;
  private final Decisions decisions;
  private final PracticeLog log;
  private final PracticeDays days;
  private final KeptWays keptWays;
  private final OtherItems otherItems;
  private final PutBacks putBacks;
  private final Rounds rounds;
  private final PassageNotes notes;
  private final Draft draft;
  private final LastPlans lastPlans;

  private Book(Path file, Handle handle, Optional<String> readOnlyReason, AutoCloseable held) {
    this.file = file;
    this.handle = handle;
    this.readOnlyReason = readOnlyReason;
    this.held = held;
    this.players = new Players(handle);
    this.passages = new Passages(handle);
    this.decisions = new Decisions(handle);
    this.log = new PracticeLog(handle);
    this.days = new PracticeDays(handle);
    this.keptWays = new KeptWays(handle);
    this.otherItems = new OtherItems(handle);
    this.putBacks = new PutBacks(handle);
    this.rounds = new Rounds(handle);
    this.notes = new PassageNotes(handle);
    this.draft = new Draft(handle);
    this.lastPlans = new LastPlans(handle);
  }

  /**
   * Opens a book, making it if there is none; for reading where it cannot be changed, see {@link
   * #readOnlyReason()}.
   *
   * @throws BookException when the file is no book, is damaged or is newer than this program; the
   *     file is then unchanged
   */
  public static Book open(Path file) throws BookException {
    BookFile bookFile = new BookFile(file);
    try {
      Optional<String> reason = bookFile.readOnlyReason();
      if (reason.isPresent()) {
        return openForReading(file, reason.get());
      }
      Optional<BookLock> lock = BookLock.take(file);
      return lock.isPresent()
          ? openForWriting(bookFile, file, lock.get())
          : openForReading(file, "it is open in another window of Fret");
    } catch (JdbiException | IOException | LinkageError e) {
      throw new BookException(Causes.words(bookFile.name(), e), e);
    }
  }

  private static Book openForWriting(BookFile bookFile, Path file, BookLock lock)
      throws BookException, IOException {
    try {
      Handle handle = Jdbi.create(bookFile.prepare()).open();
      return new Book(file, handle, Optional.empty(), lock);
    } catch (BookException | JdbiException | LinkageError e) {
      lock.close();
      throw e;
    }
  }

  private static Book openForReading(Path file, String reason) throws BookException, IOException {
    if (new BookFile(file).look().kind() == BookLook.Kind.NOTHING) {
      throw new BookException(
          file.getFileName() + " holds nothing yet, and cannot be changed: " + reason);
    }
    Snapshot copy = Snapshot.ofFiles(file);
    try {
      Handle handle = Jdbi.create(new BookFile(copy.file()).prepare()).open();
      return new Book(file, handle, Optional.of(reason), copy);
    } catch (BookException | JdbiException | LinkageError e) {
      copy.close();
      throw e;
    }
  }

  /** The book's file. */
  public Path file() {
    return file;
  }

  /** Why this book can be read only, as the end of a sentence; empty when it can be changed. */
  public Optional<String> readOnlyReason() {
    return readOnlyReason;
  }

  private synchronized <T> T read(Supplier<T> reading) {
    try {
      return reading.get();
    } catch (JdbiException e) {
      throw new BookFaultException(sentence("The book cannot be read", e), e);
    }
  }

  private synchronized void change(Runnable changing) {
    if (readOnlyReason.isPresent()) {
      throw new BookFaultException(
          "This book is open for reading only, since "
              + readOnlyReason.get()
              + "; nothing was kept.");
    }
    try {
      handle.useTransaction(transaction -> changing.run());
    } catch (JdbiException e) {
      throw new BookFaultException(sentence("This was not kept", e), e);
    }
  }

  private String sentence(String what, JdbiException fault) {
    return what + ": " + Causes.words(String.valueOf(file.getFileName()), fault) + ".";
  }

  /** Makes many changes that are committed together, or not at all when one of them fails. */
  public void together(Runnable changes) {
    change(changes);
  }

  /** All players, in the order they were added. */
  public Found<BookPlayer> players() {
    return read(players::all);
  }

  /** Adds a player and returns them with their number. */
  public BookPlayer addPlayer(String name, PlayerSetup setup) {
    BookPlayer[] added = new BookPlayer[1];
    change(() -> added[0] = players.add(name, setup));
    return added[0];
  }

  /** The passages of a player in audition order. */
  public Found<BookPassage> passages(long playerId) {
    return read(() -> passages.of(playerId));
  }

  /** Adds a passage at the end of its player's list; it begins with the player's own weights. */
  public BookPassage addPassage(NewPassage passage) {
    BookPassage[] added = new BookPassage[1];
    change(
        () -> {
          added[0] = passages.add(passage);
          for (Side side : Side.values()) {
            List<LearnedWeights> leanings =
                LearnedWeights.of(keptWays.of(passage.playerId(), side));
            decisions.beginWith(added[0].id(), side, LearnedWeights.weights(leanings));
          }
        });
    return added[0];
  }

  /**
   * Keeps what a decided way costs more than the planned one; it counts as long as it is decided.
   *
   * @param at the note head on which it is decided
   */
  public void keepWay(long passageId, Side side, NoteRef at, KeptWay way) {
    change(() -> keptWays.keep(passageId, side, at.toString(), way));
  }

  /** The ways a player kept in place of the planned ones, as far as they count. */
  public List<KeptWay> keptWays(long playerId, Side side) {
    return read(() -> keptWays.of(playerId, side));
  }

  /** What a player kept so far no longer moves the weight of a term. */
  public void takeLeaningBack(long playerId, Side side, String term) {
    change(() -> keptWays.takeBack(playerId, side, term));
  }

  /** The file of a passage as it was read. */
  public byte[] score(long passageId) {
    return read(() -> passages.score(passageId));
  }

  /** The music of a passage as it was mended; empty where it is as it was read. */
  public Optional<Packet.Mended> edited(long passageId) {
    return read(() -> passages.edited(passageId));
  }

  /**
   * Keeps the music of a passage as it was mended, beside the file; empty goes back to the file.
   */
  public void keepEdited(long passageId, Optional<Packet.Mended> music) {
    change(() -> passages.keepEdited(passageId, music));
  }

  /** Keeps the day a passage is for; empty for none. */
  public void keepDue(long passageId, Optional<LocalDate> day) {
    change(() -> passages.keepDue(passageId, day));
  }

  /** What was decided for a passage. */
  public Decided choices(long passageId) {
    return read(() -> decisions.read(passageId, passages.target(passageId)));
  }

  /**
   * Keeps what was decided anew for a passage. Only what differs is written, so that decisions this
   * program does not know, or does not see, stay as they are.
   *
   * @param before what was decided until now
   * @param after what is decided from now on
   */
  public void keepChoices(long passageId, Choices before, Choices after) {
    change(
        () -> {
          if (!before.target().equals(after.target())) {
            passages.keepTarget(passageId, after.target());
          }
          decisions.change(passageId, before, after);
        });
  }

  /**
   * The marks of the last plan of a passage; empty where something has changed that it followed
   * from.
   */
  public Optional<String> lastPlan(long passageId) {
    return read(() -> lastPlans.read(passageId));
  }

  /** Keeps the marks of the plan that follows from what the book holds now of a passage. */
  public void keepLastPlan(long passageId, String marks) {
    change(() -> lastPlans.keep(passageId, marks));
  }

  /** Keeps what a player says of instrument and hand, in place of what was said before. */
  public void keepSetup(long playerId, PlayerSetup setup) {
    change(() -> players.keepSetup(playerId, setup));
  }

  /** What is being typed and not yet taken; empty for nothing. */
  public String draft() {
    return read(draft::read);
  }

  /** Keeps what is being typed. */
  public void keepDraft(String text) {
    change(() -> draft.keep(text));
  }

  /** Writes a pass into the log. */
  public void addToLog(LogEntry entry) {
    change(() -> log.add(entry));
  }

  /** Notes words on a pass; none take them away. */
  public void noteOn(LogEntry pass, Optional<String> words) {
    change(() -> log.note(pass, words));
  }

  /** Keeps what went wrong in a pass. */
  public void keepMisses(LogEntry pass, List<Miss> misses) {
    change(() -> log.keepMisses(pass, misses));
  }

  /** Takes a pass back, a slip; it does not return with a packet. */
  public void takeBack(LogEntry pass) {
    change(() -> log.takeBack(pass));
  }

  /** The pass of a passage that was logged last in this book, whatever the clocks said. */
  public Optional<LogEntry> lastLogged(long passageId) {
    return read(() -> log.lastLogged(passageId));
  }

  /** How a player practises. */
  public Practised learner(long playerId) {
    return read(() -> days.learner(players.person(playerId)));
  }

  /** Keeps how a player practises. */
  public void keepLearner(long playerId, Learner learner) {
    change(() -> days.keep(players.person(playerId), learner));
  }

  /** Names of the cards of a day that a player ticked off. */
  public Set<String> cardsDone(long playerId, LocalDate day) {
    return read(() -> days.done(players.person(playerId), day));
  }

  /**
   * Ticks a card of a day off, or takes the tick back.
   *
   * @param card its name among the cards of its day
   */
  public void tickCard(long playerId, LocalDate day, String card, boolean done) {
    change(() -> days.tick(players.person(playerId), day, card, done));
  }

  /** What was agreed on with others: rounds, drawn lists, notes. */
  public Agreements agreements() {
    Agreements.Access access =
        new Agreements.Access() {
          @Override
          public <T> T read(Supplier<T> work) {
            return Book.this.read(work);
          }

          @Override
          public void change(Runnable work) {
            Book.this.change(work);
          }
        };
    return new Agreements(access, players, rounds, notes);
  }

  /** What of a passage hurt twice within a week and was put back by the player. */
  public Found<PutBack> putBacks(long passageId) {
    return read(() -> putBacks.of(passageId));
  }

  /** Puts something of a passage back that hurt twice within a week. */
  public void putBack(long passageId, PutBack back) {
    change(() -> putBacks.add(passageId, back));
  }

  /** What a player practises without music in the book, in the order it was added. */
  public Found<OtherItem> otherItems(long playerId) {
    return read(() -> otherItems.of(players.person(playerId)));
  }

  /**
   * Adds something to practise that has no music in the book.
   *
   * @throws IllegalArgumentException when title or minutes cannot stand, with a sentence
   */
  public OtherItem addOtherItem(long playerId, OtherItem.Kind kind, String title, int minutes) {
    AtomicReference<OtherItem> added = new AtomicReference<>();
    change(() -> added.set(otherItems.add(players.person(playerId), kind, title, minutes)));
    return added.get();
  }

  /** Takes one off, with all that was noted of it. */
  public void removeOtherItem(long id) {
    change(() -> otherItems.remove(id));
  }

  /** Keeps what was heard in a recording. */
  public void keepHeard(long id, OtherItem.Heard heard) {
    change(() -> otherItems.keep(id, heard));
  }

  /** Ticks the turn of one on a day, or takes the tick back. */
  public void tickOtherItem(long id, LocalDate day, boolean done) {
    change(() -> otherItems.tick(id, day, done));
  }

  /** The days on which a player's other items had their turn, by their numbers, oldest first. */
  public Map<Long, List<LocalDate>> turns(long playerId) {
    return read(() -> otherItems.turns(players.person(playerId)));
  }

  /** The newest passes of a passage, a few thousand at most, oldest first. */
  public Found<LogEntry> log(long passageId) {
    return read(() -> log.of(passageId));
  }

  /** All that belongs to a player, to be sent. */
  public Packet packet(long playerId) {
    return read(() -> packets().packet(playerId));
  }

  /** Takes a packet in, all of it or, when something fails, nothing. */
  public Merged take(Packet packet) {
    AtomicReference<Merged> merged = new AtomicReference<>();
    change(() -> merged.set(packets().take(packet)));
    return merged.get();
  }

  /**
   * Takes what a packet says in place of what stands here.
   *
   * @param merged what came of taking the packet in
   * @return a phrase for each decision whose note the music that stands now does not have
   */
  public List<String> takeTheirs(Packet packet, Merged merged, List<Merged.Conflict> conflicts) {
    List<String> setAside = new ArrayList<>();
    change(
        () ->
            conflicts.forEach(
                c -> setAside.addAll(packets().takeTheirs(packet, merged.player().id(), c))));
    return setAside;
  }

  private PacketTaking packets() {
    return new PacketTaking(
        players,
        passages,
        decisions,
        log,
        days,
        otherItems,
        new PacketTerms(players, passages, otherItems, days, rounds, notes, putBacks));
  }

  /** The copies of this book, one for each day of use. */
  public Backups backups() {
    return new Backups(file);
  }

  /** Makes today's copy of the book if there is none yet. */
  public synchronized void backUp(LocalDate today) {
    if (readOnlyReason.isPresent()) {
      return;
    }
    try {
      backups().makeFor(today, handle.getConnection());
    } catch (IOException | SQLException e) {
      throw new BookFaultException(
          "Today's copy of the book could not be made: "
              + Causes.words(String.valueOf(file.getFileName()), e)
              + ". The older copies are kept.",
          e);
    }
  }

  /** Lets the file grow to so many pages at most, as a full disk would; for tests. */
  synchronized void limitPages(int pages) {
    handle.execute("PRAGMA max_page_count = " + pages);
  }

  /** Closes the file. */
  @Override
  public synchronized void close() {
    handle.close();
    try {
      held.close();
    } catch (Exception e) {
      throw new BookFaultException("The book is closed, but something of it was left behind.", e);
    }
  }
}
