package app.fret.desktop.model;

import app.fret.book.Book;
import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.book.NewPassage;
import app.fret.engraving.Paper;
import app.fret.engraving.PartPages;
import app.fret.files.ScoreRejectedException;
import app.fret.files.musicxml.MusicXmlReader;
import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.files.musicxml.ReadPassage;
import app.fret.files.pdf.MarkedPart;
import app.fret.files.pdf.PdfPart;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.PinConflictException;
import app.fret.practice.Climb;
import app.fret.practice.Climb.Pass;
import app.fret.practice.Ladder;
import app.fret.score.Excerpt;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.MarkedPassage;
import app.fret.study.Study;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The open book: its programme, and the passage that lies on the desk. */
public final class Desk {
  private final Book book;
  private final Clock clock;
  private final Executor background;
  private final Executor ui;
  private final ObservableList<ProgrammeEntry> programme = FXCollections.observableArrayList();
  private final ReadOnlyObjectWrapper<Optional<PassageDesk>> open =
      new ReadOnlyObjectWrapper<>(this, "open", Optional.empty());
  private final ReadOnlyObjectWrapper<Optional<String>> fault =
      new ReadOnlyObjectWrapper<>(this, "fault", Optional.empty());

  /**
   * A desk over a book.
   *
   * @param background runs what takes longer than a frame, one thing after the other
   * @param ui runs changes of the properties
   */
  public Desk(Book book, Clock clock, Executor background, Executor ui) {
    this.book = book;
    this.clock = clock;
    this.background = background;
    this.ui = ui;
    programme.setAll(readProgramme());
  }

  /** The passages of all players, in order. */
  public ObservableList<ProgrammeEntry> programme() {
    return programme;
  }

  /** The passage on the desk, if there is one. */
  public ReadOnlyObjectProperty<Optional<PassageDesk>> openProperty() {
    return open.getReadOnlyProperty();
  }

  /** What went wrong last, in words for the player; empty when it has been read. */
  public ReadOnlyObjectProperty<Optional<String>> faultProperty() {
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
  public List<BookPlayer> players() {
    return book.players();
  }

  private List<ProgrammeEntry> readProgramme() {
    List<ProgrammeEntry> entries = new ArrayList<>();
    for (BookPlayer player : book.players()) {
      for (BookPassage passage : book.passages(player.id())) {
        entries.add(entry(player, passage));
      }
    }
    return entries;
  }

  private ProgrammeEntry entry(BookPlayer player, BookPassage passage) {
    List<Pass> passes =
        book.log(passage.id()).stream().map(e -> new Pass(e.perMinute(), e.clean())).toList();
    Climb climb = Climb.after(Ladder.to(passage.target(), OptionalDouble.empty()), passes);
    int bars = passage.cut().lastBar() - passage.cut().firstBar() + 1;
    return new ProgrammeEntry(player, passage, bars, climb);
  }

  /** Lays a passage of the programme on the desk; one that lies there stays with all its undo. */
  public void open(ProgrammeEntry entry) {
    long wanted = entry.passage().id();
    if (open.get().map(p -> p.opened().entry().id() == wanted).orElse(false)) {
      return;
    }
    work(
        () -> {
          try {
            PassageDesk desk = load(entry);
            ui.execute(() -> show(desk));
          } catch (ScoreRejectedException | OutOfRangeException | PinConflictException e) {
            tell(e.getMessage());
          }
        });
  }

  private PassageDesk load(ProgrammeEntry entry)
      throws ScoreRejectedException, OutOfRangeException, PinConflictException {
    BookPassage stored = entry.passage();
    ReadPassage read =
        new MusicXmlReader()
            .open(stored.fileName(), book.score(stored.id()))
            .read(stored.cut().part());
    Passage passage =
        Excerpt.cut(read.passage(), stored.cut().firstBar(), stored.cut().lastBar())
            .withTitle(stored.title());
    Choices choices = book.choices(stored.id());
    BookPlayer owner = owner(stored);
    Study study = Study.of(passage, owner.player(), choices);
    return new PassageDesk(
        new PassageDesk.Opened(owner, stored, passage, read.left()),
        book,
        study,
        clock,
        background,
        ui);
  }

  /** The player as the book knows them now: their setup may have changed at another passage. */
  private BookPlayer owner(BookPassage passage) {
    return book.players().stream()
        .filter(p -> p.id() == passage.playerId())
        .findFirst()
        .orElseThrow();
  }

  private void show(PassageDesk desk) {
    desk.climbProperty().addListener((property, before, now) -> refresh(desk));
    open.set(Optional.of(desk));
  }

  /** Brings the programme's line of the open passage up to date. */
  private void refresh(PassageDesk desk) {
    for (int i = 0; i < programme.size(); i++) {
      ProgrammeEntry entry = programme.get(i);
      if (entry.passage().id() == desk.opened().entry().id()) {
        programme.set(
            i,
            new ProgrammeEntry(
                entry.owner(), entry.passage(), entry.bars(), desk.climbProperty().get()));
      }
    }
  }

  /** Reads a file and hands on what it offers, for the player to choose from. */
  public void offer(Path file, Consumer<ImportOffer> onRead) {
    work(
        () -> {
          try {
            ImportOffer offer = ImportOffer.read(file);
            ui.execute(() -> onRead.accept(offer));
          } catch (ScoreRejectedException | IOException e) {
            tell(e.getMessage());
          }
        });
  }

  /** Puts what the player chose into the book and lays it on the desk. */
  public void add(ImportOffer offer, ImportChoice choice) {
    work(
        () -> {
          try {
            ProgrammeEntry entry = keep(offer, choice);
            PassageDesk desk = load(entry);
            List<ProgrammeEntry> all = readProgramme();
            ui.execute(
                () -> {
                  programme.setAll(all);
                  show(desk);
                });
          } catch (ScoreRejectedException | OutOfRangeException | PinConflictException e) {
            tell(e.getMessage());
          }
        });
  }

  private ProgrammeEntry keep(ImportOffer offer, ImportChoice choice)
      throws ScoreRejectedException, OutOfRangeException, PinConflictException {
    ReadPassage read = offer.score().read(choice.part());
    Passage passage = Excerpt.cut(read.passage(), choice.firstBar(), choice.lastBar());
    PlayerSetup setup =
        choice.owner().map(BookPlayer::setup).orElse(PlayerSetup.usual(choice.instrument()));
    Tempo target = choice.target();
    // Planned once before anything is stored, so that a passage that cannot be played stays out.
    Study.of(passage, setup.player(""), Choices.at(target));
    BookPlayer owner = choice.owner().orElseGet(() -> book.addPlayer(choice.newPlayer(), setup));
    BookPassage stored =
        book.addPassage(
            new NewPassage(
                owner.id(),
                choice.title(),
                offer.fileName(),
                offer.bytes(),
                new BookPassage.Cut(choice.part(), choice.firstBar(), choice.lastBar()),
                target,
                choice.dueOn()));
    return entry(owner, stored);
  }

  /** Writes the open passage with its marks as MusicXML. */
  public void writeMarked(Path file, Consumer<Path> onWritten) {
    PassageDesk desk =
        open.get().orElseThrow(() -> new IllegalStateException("no passage lies on the desk"));
    Study study = desk.study();
    work(
        () -> {
          try (OutputStream out = Files.newOutputStream(file)) {
            new MusicXmlWriter().write(MarkedPassage.of(study), out);
            ui.execute(() -> onWritten.accept(file));
          } catch (IOException e) {
            tell(file.getFileName() + " cannot be written there; choose another folder.");
          }
        });
  }

  /** Writes the open passage with its marks as PDF. */
  public void writePdf(Path file, Paper paper, Consumer<Path> onWritten) {
    Study study =
        open.get().orElseThrow(() -> new IllegalStateException("no passage is open")).study();
    work(
        () -> {
          try (OutputStream out = Files.newOutputStream(file)) {
            List<PartPages.Page> pages = new MarkedPart(study).pages(paper);
            PdfPart.write(pages, study.passage().title(), paper, out);
            ui.execute(() -> onWritten.accept(file));
          } catch (IOException e) {
            tell(file.getFileName() + " cannot be written there; choose another folder.");
          }
        });
  }

  /** Runs work in the background; even a mistake of Fret's own is said, never swallowed. */
  private void work(Runnable task) {
    background.execute(
        () -> {
          try {
            task.run();
          } catch (RuntimeException e) {
            tell(Words.ownMistake(e));
          }
        });
  }

  private void tell(String what) {
    ui.execute(() -> fault.set(Optional.of(what)));
  }
}
