package app.fret.desktop.model;

import app.fret.book.Backups;
import app.fret.book.Book;
import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.book.Decided;
import app.fret.book.Found;
import app.fret.book.LogEntry;
import app.fret.desktop.model.exchange.Imports;
import app.fret.desktop.model.exchange.MarkedFiles;
import app.fret.desktop.model.exchange.Packets;
import app.fret.desktop.model.exchange.Papers;
import app.fret.desktop.model.passage.PassLog;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.passage.PulseDesk;
import app.fret.desktop.model.practice.PlannedPassages;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.model.practice.PracticeDays;
import app.fret.desktop.model.practice.ProgrammeEntry;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.model.work.Workers;
import app.fret.desktop.sound.SoundPlayer;
import app.fret.edit.Origins;
import app.fret.files.OtherParts;
import app.fret.files.ReadPassage;
import app.fret.files.Score;
import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.files.WholeFile;
import app.fret.files.packet.Packet;
import app.fret.files.scores.ScoreFiles;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.practice.Climb;
import app.fret.practice.Ladder;
import app.fret.practice.PracticeChoices;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.reading.Others;
import app.fret.score.Passage;
import app.fret.study.PossibleStudy;
import app.fret.study.Study;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.collections.ObservableMap;

/** The open book: its programme, and the passage that lies on the desk. */
public final class Desk {
  private final Book book;
  private final Clock clock;
  private final Workers workers;
  private final ObservableList<ProgrammeEntry> programme = FXCollections.observableArrayList();

  private final ObservableList<String> unreadable = FXCollections.observableArrayList();
  private final ReadOnlyObjectWrapper<Optional<PassageDesk>> open =
      new ReadOnlyObjectWrapper<>(this, "open", Optional.empty());
  private final ReadOnlyObjectWrapper<Optional<Preview>> preview =
      new ReadOnlyObjectWrapper<>(this, "preview", Optional.empty());
  private final ReadOnlyObjectWrapper<Optional<Notice>> fault =
      new ReadOnlyObjectWrapper<>(this, "fault", Optional.empty());

  /** What is being typed, as this window has it; the book has it a moment later. */
  private String draft;

  private String keptDraft;
  private boolean closed;

  private final PracticeDays days;
  private final PulseDesk pulse;
  private final Papers papers;
  private final MarkedFiles marked;
  private final Imports imports;
  private final Packets packets;

  /** Passage that is wanted on the desk, laid there already or still being read. */
  private long wanted;

  /** What the book keeps of one passage. */
  private record Kept(
      byte[] score,
      Optional<Packet.Mended> edited,
      Decided decided,
      Found<LogEntry> log,
      BookPlayer owner,
      Optional<String> lastPlan) {}

  /** The lines of the programme, and a sentence for each row of the book that cannot be read. */
  private record Read(List<ProgrammeEntry> entries, List<String> unreadable) {}

  /** A desk over a book, on which no sound is made. */
  public Desk(Book book, Clock clock, Workers workers) {
    this(book, clock, workers, SoundPlayer.silent());
  }

  /** A desk over a book. */
  public Desk(Book book, Clock clock, Workers workers, SoundPlayer player) {
    this.pulse = new PulseDesk(player);
    this.days =
        new PracticeDays(
            book,
            clock,
            workers,
            () -> List.copyOf(programme),
            this::study,
            this::tell,
            () ->
                open.get().map(d -> new PlannedPassages.OnDesk(d.opened().entry().id(), d.study())),
            this::openById);
    this.packets = new Packets(book, workers, this::write, this::reload, this::tellSoon);
    this.papers = new Papers(book, clock, workers, programme, this::study, this::write);
    this.imports = new Imports(book, workers, this::tellSoon, this::showAdded);
    this.marked = new MarkedFiles(book, workers, this::write, this::tellSoon);
    this.book = book;
    this.clock = clock;
    this.workers = workers;
    this.draft = book.draft();
    this.keptDraft = draft;
    show(readProgramme());
    workers.keep(() -> book.backUp(today()), this::tell);
  }

  /** How passages will fare, by their number in the book, as far as their day was planned. */
  public ObservableMap<Long, ItemOutlook> outlooks() {
    return days.outlooks();
  }

  /** Looks whether another day has begun while the window lay open. */
  public void wakeUp() {
    days.wakeUp();
  }

  /** Plans the day of every other player too, so that the programme shows how all will fare. */
  public void surveyOthers() {
    days.surveyOthers(programme.stream().map(ProgrammeEntry::owner).distinct().toList());
  }

  /** What is sent to and taken from other books. */
  public Packets packets() {
    return packets;
  }

  /** What of the practice is written to files. */
  public Papers papers() {
    return papers;
  }

  /** What is taken in. */
  public Imports imports() {
    return imports;
  }

  private void showAdded(Imports.Added added) {
    ProgrammeEntry entry = entry(added.owner(), added.passage());
    Read all = readProgramme();
    workers.show(
        () -> {
          if (added.offer().isTyped(draft)) {
            keepDraft("");
          }
          show(all);
          open(entry);
        });
  }

  /** What of the plans is written to files. */
  public MarkedFiles marked() {
    return marked;
  }

  /** The pulse of what lies open. */
  public PulseDesk pulse() {
    return pulse;
  }

  /** The passages of all players, in order. */
  public ObservableList<ProgrammeEntry> programme() {
    return programme;
  }

  /** A sentence for each player and passage of the book that cannot be read. */
  public ObservableList<String> unreadable() {
    return unreadable;
  }

  /** Why the book can only be read, as the end of a sentence; empty when it can be changed. */
  public Optional<String> readOnlyReason() {
    return book.readOnlyReason();
  }

  /** The passage on the desk, if there is one. */
  public ReadOnlyObjectProperty<Optional<PassageDesk>> openProperty() {
    return open.getReadOnlyProperty();
  }

  /** The music that is wanted on the desk while it is still being planned; empty for none. */
  public ReadOnlyObjectProperty<Optional<Preview>> previewProperty() {
    return preview.getReadOnlyProperty();
  }

  /** What went wrong last, in words for the player; empty when it has been read. */
  public ReadOnlyObjectProperty<Optional<Notice>> faultProperty() {
    return fault.getReadOnlyProperty();
  }

  /** Forgets the last fault. */
  public void faultRead() {
    fault.set(Optional.empty());
  }

  /** Today, by the desk's clock. */
  public LocalDate today() {
    return LocalDate.now(clock);
  }

  /** The players of the book. */
  List<BookPlayer> players() {
    return book.players().rows();
  }

  private void show(Read read) {
    programme.setAll(read.entries());
    unreadable.setAll(read.unreadable());
  }

  private Read readProgramme() {
    List<ProgrammeEntry> entries = new ArrayList<>();
    Found<BookPlayer> players = book.players();
    List<String> bad = new ArrayList<>(players.unreadable());
    for (BookPlayer player : players.rows()) {
      Found<BookPassage> passages = book.passages(player.id());
      bad.addAll(passages.unreadable());
      passages.rows().forEach(passage -> entries.add(entry(player, passage)));
    }
    return new Read(entries, bad);
  }

  /** Reads the book anew, after it was changed by more than the passage that lies open. */
  private void reload() {
    Optional<Long> shown = open.get().map(p -> p.opened().entry().id());
    workers.keep(
        () -> {
          Read read = readProgramme();
          workers.show(
              () -> {
                show(read);
                days.forget();
                open.set(Optional.empty());
                shown.ifPresent(this::openById);
                surveyOthers();
              });
        },
        this::tell);
  }

  private ProgrammeEntry entry(BookPlayer player, BookPassage passage) {
    PracticeChoices practice = book.choices(passage.id()).choices().practice();
    Ladder ladder = Ladder.to(passage.target(), practice.cleanPerMinute());
    Climb climb = PassLog.climb(ladder, practice.gate(), book.log(passage.id()).rows());
    int bars = passage.cut().lastBar() - passage.cut().firstBar() + 1;
    return new ProgrammeEntry(player, passage, bars, climb);
  }

  /** Lays a passage of the programme on the desk; one that lies there stays with all its undo. */
  public void open(ProgrammeEntry entry) {
    wanted = entry.passage().id();
    if (lies(wanted)) {
      preview.set(Optional.empty());
      return;
    }
    workers.planForShow(
        open,
        () -> {
          try {
            PassageDesk desk = load(entry, this::previewSoon);
            workers.show(() -> showIfWanted(desk));
          } catch (ScoreRejectedException | OutOfRangeException e) {
            tellSoon(Notice.of(e.getMessage()));
          } finally {
            workers.show(() -> endPreview(entry.passage().id()));
          }
        },
        this::tell);
  }

  private void previewSoon(Preview music) {
    workers.show(
        () -> {
          if (music.passageId() == wanted && !lies(wanted)) {
            preview.set(Optional.of(music));
          }
        });
  }

  /** Even after a mistake of Fret's own no preview stays behind. */
  private void endPreview(long passage) {
    if (passage == wanted) {
      preview.set(Optional.empty());
    }
  }

  private Study study(ProgrammeEntry entry) throws ScoreRejectedException, OutOfRangeException {
    return load(entry, music -> {}).study();
  }

  /**
   * Reads and plans a passage.
   *
   * @param onRead hears of its music before it is planned
   */
  private PassageDesk load(ProgrammeEntry entry, Consumer<Preview> onRead)
      throws ScoreRejectedException, OutOfRangeException {
    BookPassage stored = entry.passage();
    Kept kept = workers.askBook(() -> kept(stored));
    Score score = new ScoreFiles().open(stored.fileName(), kept.score());
    ReadPassage read = score.read(stored.cut().part());
    Passage passage = cut(read, stored).withTitle(stored.title());
    Decided decided = kept.decided();
    BookPlayer owner = kept.owner();
    Player player = read.intake().player(owner.setup(), owner.name());
    Passage mended = mended(kept.edited(), stored).orElse(passage);
    Origins origins = origins(kept.edited(), passage, mended);
    onRead.accept(Preview.of(stored.id(), mended, kept.lastPlan()));
    PossibleStudy possible = PossibleStudy.of(mended, player, decided.choices());
    Others others = OtherParts.of(score, stored.cut().part(), read.passage(), passage);
    List<String> skipped = new ArrayList<>(read.skipped());
    read.tuning().remark(owner.setup().tuning().isPresent()).ifPresent(skipped::add);
    List<String> remarks = new ArrayList<>(decided.remarks());
    remarks.addAll(possible.remarks());
    PassageDesk.Opened opened =
        new PassageDesk.Opened(
            owner,
            stored,
            passage,
            read.intake(),
            skipped,
            read.layout(),
            remarks,
            others,
            origins);
    return new PassageDesk(
        opened,
        book,
        possible.study().withOthers(opened.othersUnder(mended)),
        kept.log(),
        clock,
        workers);
  }

  private Kept kept(BookPassage stored) {
    return new Kept(
        book.score(stored.id()),
        book.edited(stored.id()),
        book.choices(stored.id()),
        book.log(stored.id()),
        owner(stored),
        book.lastPlan(stored.id()));
  }

  /** The music as it was mended in Fret; the file it came from stays as it was. */
  private static Optional<Passage> mended(Optional<Packet.Mended> edited, BookPassage stored)
      throws ScoreRejectedException {
    if (edited.isEmpty()) {
      return Optional.empty();
    }
    ReadPassage read =
        new ScoreFiles().open(stored.title() + ", mended.mxl", edited.get().music()).read(0);
    return Optional.of(read.passage().withTitle(stored.title()));
  }

  /** As they were kept with the music; an older Fret kept none, then they are told by the notes. */
  private static Origins origins(Optional<Packet.Mended> edited, Passage imported, Passage music) {
    try {
      Optional<Origins> kept = edited.flatMap(Packet.Mended::origins).map(Origins::parse);
      return kept.filter(o -> o.fit(imported, music))
          .orElseGet(() -> Origins.told(imported, music));
    } catch (IllegalArgumentException e) {
      return Origins.told(imported, music);
    }
  }

  private static Passage cut(ReadPassage read, BookPassage stored) throws ScoreRejectedException {
    try {
      return read.intake().cut(stored.cut().firstBar(), stored.cut().lastBar());
    } catch (IllegalArgumentException e) {
      throw new ScoreRejectedException(
          ScorePlace.file(stored.fileName()).inPart(read.passage().partName()),
          "the bars kept in the book are not there; add the passage again from its file");
    }
  }

  /** The player as the book knows them now: their setup may have changed at another passage. */
  private BookPlayer owner(BookPassage passage) {
    return players().stream().filter(p -> p.id() == passage.playerId()).findFirst().orElseThrow();
  }

  private boolean lies(long passage) {
    return open.get().filter(p -> p.opened().entry().id() == passage).isPresent();
  }

  /**
   * While it was read, another passage may have been chosen, or the one that lies open again, or
   * this one a second time: then the first lies there already, and may be worked on.
   */
  private void showIfWanted(PassageDesk desk) {
    long read = desk.opened().entry().id();
    if (read == wanted && !lies(read)) {
      show(desk);
    }
  }

  private void openById(long passage) {
    programme.stream().filter(e -> e.passage().id() == passage).findFirst().ifPresent(this::open);
  }

  private void show(PassageDesk desk) {
    PracticeDay today = days.of(desk.opened().owner());
    desk.practise().setDay(today);
    desk.practise().setPulse(pulse);
    pulse.follow(today);
    pulse.lay(desk);
    desk.passes().climbProperty().addListener((property, before, now) -> refresh(desk));
    desk.dueProperty().addListener((property, before, now) -> refresh(desk));
    desk.mistakeProperty().addListener((property, before, now) -> now.ifPresent(this::tell));
    open.set(Optional.of(desk));
    preview.set(Optional.empty());
    workers.afterFirstMusic(desk::keepFirstMarks);
    today.refresh();
  }

  /** Brings the programme's line of the open passage up to date. */
  private void refresh(PassageDesk desk) {
    for (int i = 0; i < programme.size(); i++) {
      ProgrammeEntry entry = programme.get(i);
      if (entry.passage().id() == desk.opened().entry().id()) {
        Climb climb = desk.passes().climbProperty().get();
        BookPassage passage = entry.passage().withDue(desk.dueProperty().get());
        programme.set(i, new ProgrammeEntry(entry.owner(), passage, entry.bars(), climb));
      }
    }
  }

  /** The folder in which the book lies. */
  public Path folder() {
    return book.file().toAbsolutePath().getParent();
  }

  /** Whether nothing is being worked out, kept or shown any more. */
  public boolean isIdle() {
    return workers.isIdle();
  }

  /**
   * Lays something out beside the window's thread, newest first.
   *
   * @param purpose whose work it is
   */
  public <T> void layOut(Object purpose, Supplier<T> work, Consumer<T> show) {
    workers.layOut(purpose, work, show, this::tell);
  }

  /** What was typed last and not taken yet, today or another day. */
  public String draft() {
    return draft;
  }

  /** Holds what is being typed, to be kept at the latest when the desk is closed. */
  public void holdDraft(String text) {
    draft = text;
  }

  /** Keeps what is being typed; in a book that can only be read, as long as the window is open. */
  public void keepDraft(String text) {
    draft = text;
    keptDraft = text;
    if (!closed && readOnlyReason().isEmpty()) {
      workers.keep(() -> book.keepDraft(text), this::tell);
    }
  }

  /** The dialog has asked before another file is replaced. */
  private void write(Path file, Consumer<Path> onWritten, WholeFile.Content content) {
    workers.plan(
        () -> {
          try {
            WholeFile.write(file, true, content);
            workers.show(() -> onWritten.accept(file));
          } catch (IOException e) {
            tellSoon(Notice.of(e.getMessage() + "."));
          }
        },
        this::tell);
  }

  /** The copies of the book beside it, the newest first. */
  public List<Backups.Backup> backups() {
    try {
      return book.backups().list();
    } catch (IOException e) {
      return List.of();
    }
  }

  /** Waits until all that was decided and played is in the book, then closes it. */
  public void close() {
    if (!draft.equals(keptDraft)) {
      keepDraft(draft);
    }
    closed = true; // a pane may still want to keep what it has: it is kept now
    pulse.close();
    workers.finish();
    book.close();
  }

  /** Tells the player something from any thread. */
  private void tellSoon(Notice notice) {
    workers.show(() -> tell(notice));
  }

  /** Tells the player something; called on the window's thread. */
  public void tell(Notice notice) {
    fault.set(Optional.of(notice));
  }
}
