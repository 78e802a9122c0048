package app.fret.desktop.model.exchange;

import app.fret.book.BookPlayer;
import app.fret.desktop.model.work.Words;
import app.fret.files.ReadPassage;
import app.fret.files.ScoreRejectedException;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Several files that were opened at once, each read for a player of one instrument or refused with
 * a sentence.
 *
 * @param items the files, in the order they were given
 * @param players the players of the book
 */
public record FileBatch(List<Item> items, List<BookPlayer> players) {
  public FileBatch {
    items = List.copyOf(items);
    players = List.copyOf(players);
  }

  /**
   * One file.
   *
   * @param file where it lies
   * @param offer what it holds; empty where it is refused
   * @param part index of the part that is meant
   * @param passage that part
   * @param target the tempo it names, else the usual one
   * @param words what is worth saying of it: the part and its bars, or why it is refused
   */
  public record Item(
      Path file,
      Optional<ImportOffer> offer,
      int part,
      Optional<Passage> passage,
      Optional<Tempo> target,
      String words) {
    /** Whether it can be added. */
    public boolean isReadable() {
      return offer.isPresent();
    }

    /** What is added of it: the whole part. */
    public ImportChoice choice(Optional<BookPlayer> owner, String newPlayer, String instrument) {
      return new ImportChoice(
          offer.orElseThrow().score().title(),
          part,
          0,
          passage.orElseThrow().bars().size() - 1,
          owner,
          newPlayer,
          instrument,
          target.orElseThrow(),
          Optional.empty());
    }
  }

  /** Reads files for a player of an instrument. */
  static FileBatch read(List<Path> files, String instrument, List<BookPlayer> players) {
    List<Item> items = new ArrayList<>();
    files.forEach(file -> items.add(item(file, instrument, players)));
    return new FileBatch(items, players);
  }

  private static Item item(Path file, String instrument, List<BookPlayer> players) {
    try {
      ImportOffer offer = ImportOffer.read(file, players);
      int part = offer.score().likelyPart(instrument);
      ReadPassage read = offer.score().read(part);
      Passage passage = read.passage();
      Tempo target = read.intake().target(passage, Optional.empty(), Optional.empty());
      return new Item(
          file,
          Optional.of(offer),
          part,
          Optional.of(passage),
          Optional.of(target),
          words(offer, part, read, target));
    } catch (ScoreRejectedException e) {
      return new Item(
          file, Optional.empty(), 0, Optional.empty(), Optional.empty(), e.getMessage());
    }
  }

  private static String words(ImportOffer offer, int part, ReadPassage read, Tempo target) {
    List<String> names = offer.score().partNames();
    String bars = Words.count(read.passage().bars().size(), "bar", "bars");
    String of = names.size() > 1 ? names.get(part) + " of " + names.size() + " parts, " : "";
    String left =
        read.skipped().isEmpty()
            ? ""
            : "; left out, or read otherwise: " + String.join("; ", read.skipped());
    return of + bars + ", " + Words.tempo(target) + left;
  }

  /** How many can be added and how many cannot, in a sentence. */
  public String summary() {
    int good = (int) items.stream().filter(Item::isReadable).count();
    int bad = items.size() - good;
    String can = Words.count(good, "file", "files") + " can be added";
    return bad == 0 ? can + "." : can + ", " + bad + " cannot.";
  }
}
