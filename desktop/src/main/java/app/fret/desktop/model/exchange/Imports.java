package app.fret.desktop.model.exchange;

import app.fret.book.Book;
import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.book.NewPassage;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.model.work.Workers;
import app.fret.files.ReadPassage;
import app.fret.files.ScoreRejectedException;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.PinConflictException;
import app.fret.practice.Scale;
import app.fret.score.Passage;
import app.fret.study.Choices;
import app.fret.study.Study;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Takes music in: reads what is offered, asks nothing twice, and puts what is chosen into the book.
 */
public final class Imports {
  private final Book book;
  private final Workers workers;
  private final Consumer<Notice> tell;
  private final Consumer<Added> onAdded;

  /** What offering a file is for: of several the newest counts. */
  private final Object offering = new Object();

  /**
   * A passage that came into the book.
   *
   * @param offer what it was taken from
   * @param owner whose it is
   * @param passage its row
   */
  public record Added(ImportOffer offer, BookPlayer owner, BookPassage passage) {}

  /**
   * Over a book.
   *
   * @param onAdded hears, on the thread of the book, of the passage to lay open next
   */
  public Imports(Book book, Workers workers, Consumer<Notice> tell, Consumer<Added> onAdded) {
    this.book = book;
    this.workers = workers;
    this.tell = tell;
    this.onAdded = onAdded;
  }

  /**
   * Hands on what typed music offers.
   *
   * @throws ScoreRejectedException when it cannot stand as it is
   */
  public ImportOffer offerTyped(String abc) throws ScoreRejectedException {
    return ImportOffer.typed(abc, book.players().rows());
  }

  /**
   * Hands on a scale as music for a player.
   *
   * @throws IllegalArgumentException when their instrument has not so many octaves
   */
  public ImportOffer offerScale(Scale scale, BookPlayer player) {
    Passage music = scale.music(player.setup().player(player.name()).instrument());
    List<BookPlayer> theirsFirst = new ArrayList<>(book.players().rows());
    theirsFirst.removeIf(p -> p.id() == player.id());
    theirsFirst.add(0, player);
    return ImportOffer.made(music, theirsFirst);
  }

  /** The players of the book as they are now. */
  public List<BookPlayer> playersNow() {
    return book.players().rows();
  }

  /** Reads several files for a player of an instrument; of several askings the newest counts. */
  public void offerAll(List<Path> files, String instrument, Consumer<FileBatch> onRead) {
    workers.planForShow(
        offering,
        () -> {
          FileBatch batch = FileBatch.read(files, instrument, book.players().rows());
          workers.show(() -> onRead.accept(batch));
        },
        tell);
  }

  /**
   * Puts several passages into the book, those that can be played, and lays the first on the desk;
   * what cannot be added is told in one sentence each.
   *
   * @param newPlayer name of a new player where there is no owner
   */
  public void addAll(
      List<FileBatch.Item> items, Optional<BookPlayer> owner, String newPlayer, String instrument) {
    workers.plan(
        () -> {
          List<FileBatch.Item> playable = new ArrayList<>();
          List<String> refused = new ArrayList<>();
          for (FileBatch.Item item : items) {
            try {
              require(item.offer().orElseThrow(), item.choice(owner, newPlayer, instrument));
              playable.add(item);
            } catch (ScoreRejectedException | OutOfRangeException | PinConflictException e) {
              refused.add(item.file().getFileName() + ": " + e.getMessage());
            }
          }
          if (!playable.isEmpty()) {
            workers.keep(() -> keepAll(playable, owner, newPlayer, instrument), tell);
          }
          if (!refused.isEmpty()) {
            tell.accept(Notice.of("Not added: " + String.join("; ", refused) + "."));
          }
        },
        tell);
  }

  private void keepAll(
      List<FileBatch.Item> items, Optional<BookPlayer> owner, String newPlayer, String instrument) {
    List<Added> kept = new ArrayList<>();
    book.together(
        () -> {
          BookPlayer whose =
              owner.orElseGet(() -> book.addPlayer(newPlayer, PlayerSetup.usual(instrument)));
          for (FileBatch.Item item : items) {
            ImportChoice choice = item.choice(Optional.of(whose), "", instrument);
            kept.add(added(item.offer().orElseThrow(), choice));
          }
        });
    onAdded.accept(kept.get(0));
  }

  /** Reads a file and hands on what it offers, for the player to choose from. */
  public void offer(Path file, Consumer<ImportOffer> onRead) {
    workers.planForShow(
        offering,
        () -> {
          try {
            ImportOffer offer = ImportOffer.read(file, book.players().rows());
            workers.show(() -> onRead.accept(offer));
          } catch (ScoreRejectedException e) {
            tell.accept(Notice.of(e.getMessage()));
          }
        },
        tell);
  }

  /**
   * Reads a part of an offered file.
   *
   * @param asker who asks: of several askings of one the newest counts
   * @param onRead hears what was read
   * @param onRefused hears why it cannot be read
   */
  public void readPart(
      Object asker,
      ImportOffer offer,
      int part,
      Consumer<ReadPassage> onRead,
      Consumer<String> onRefused) {
    workers.layOut(
        asker,
        () -> {
          try {
            ReadPassage read = offer.score().read(part);
            return (Runnable) () -> onRead.accept(read);
          } catch (ScoreRejectedException e) {
            return (Runnable) () -> onRefused.accept(e.getMessage());
          }
        },
        Runnable::run,
        tell);
  }

  /** Puts what the player chose into the book and lays it on the desk. */
  public void add(ImportOffer offer, ImportChoice choice) {
    workers.plan(
        () -> {
          try {
            require(offer, choice);
            workers.keep(() -> keep(offer, choice), tell);
          } catch (ScoreRejectedException | OutOfRangeException | PinConflictException e) {
            tell.accept(Notice.of(e.getMessage()));
          }
        },
        tell);
  }

  /** Plans once before anything is stored, so that a passage that cannot be played stays out. */
  private static void require(ImportOffer offer, ImportChoice choice)
      throws ScoreRejectedException, OutOfRangeException, PinConflictException {
    ReadPassage read = offer.score().read(choice.part());
    Passage passage = read.intake().cut(choice.firstBar(), choice.lastBar());
    Player player = read.intake().player(setup(choice), "");
    Study.of(passage, player, Choices.at(choice.target()));
  }

  private static PlayerSetup setup(ImportChoice choice) {
    return choice.owner().map(BookPlayer::setup).orElse(PlayerSetup.usual(choice.instrument()));
  }

  private void keep(ImportOffer offer, ImportChoice choice) {
    Added[] kept = new Added[1];
    book.together(() -> kept[0] = added(offer, choice));
    onAdded.accept(kept[0]);
  }

  private Added added(ImportOffer offer, ImportChoice choice) {
    BookPlayer owner =
        choice.owner().orElseGet(() -> book.addPlayer(choice.newPlayer(), setup(choice)));
    BookPassage stored =
        book.addPassage(
            new NewPassage(
                owner.id(),
                choice.title(),
                offer.fileName(),
                offer.bytes(),
                new BookPassage.Cut(choice.part(), choice.firstBar(), choice.lastBar()),
                choice.target(),
                choice.dueOn()));
    return new Added(offer, owner, stored);
  }
}
