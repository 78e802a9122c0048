package app.fret.edit;

import app.fret.score.Bar;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.WrittenLength;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import org.apache.commons.numbers.fraction.Fraction;

/** What can be done with a bar that holds more than its metre asks for. */
public enum LongBars {
  /** A bar line wherever the metre is full; a note over it is tied. */
  SPLIT("Split it", LongBars::split),
  /** Without metre, as a cadenza is; from the next bar on the metre holds again. */
  FREE("Make it free", LongBars::free),
  /** What lies behind the end of the metre goes. */
  DROP("Drop what is too long", LongBars::drop);

  private final String words;
  private final BiFunction<Manuscript, Integer, Manuscript> mend;

  LongBars(String words, BiFunction<Manuscript, Integer, Manuscript> mend) {
    this.words = words;
    this.mend = mend;
  }

  /** What it is called on a button. */
  public String words() {
    return words;
  }

  /**
   * Does it.
   *
   * @param bar index of a bar that is too long
   */
  public Manuscript mend(Manuscript music, int bar) {
    return mend.apply(music, bar);
  }

  private static Manuscript free(Manuscript music, int bar) {
    Metre metre = music.measures().get(bar).metre();
    Metre none = new Metre(metre.groups(), metre.unit(), Metre.Sign.NONE);
    return music.withMeasure(bar, music.measures().get(bar).withMetre(none));
  }

  private static Manuscript drop(Manuscript music, int bar) {
    Manuscript cut = cutAtEnd(music, bar);
    Measure measure = cut.measures().get(bar);
    Set<Integer> behind = new HashSet<>();
    for (int i = 0; i < measure.items().size(); i++) {
      if (measure.onsetOf(i).compareTo(measure.metre().barLength()) >= 0) {
        behind.add(measure.items().get(i).id());
      }
    }
    Manuscript left = cut.without(behind);
    return left.with(Tuplets.regrouped(left.signs(), left.measures().get(bar)));
  }

  private static Manuscript split(Manuscript music, int bar) {
    Manuscript now = music;
    int at = bar;
    while (isTooLong(now.measures().get(at))) {
      now = cutAtEnd(now, at);
      int first = firstBehind(now.measures().get(at));
      if (first == now.measures().get(at).items().size()) {
        return now; // a tuplet lies over the end: nothing stands behind it
      }
      now = withLine(now, at, first);
      at++;
    }
    return now;
  }

  private static boolean isTooLong(Measure bar) {
    return !bar.metre().isFree() && bar.length().compareTo(bar.metre().barLength()) > 0;
  }

  /** The first item that begins where the metre is full, or behind that. */
  private static int firstBehind(Measure bar) {
    int first = 0;
    while (first < bar.items().size()
        && bar.onsetOf(first).compareTo(bar.metre().barLength()) < 0) {
      first++;
    }
    return first;
  }

  private static Manuscript withLine(Manuscript music, int bar, int first) {
    Measure whole = music.measures().get(bar);
    Bar.Edges edges = whole.edges();
    Bar.Edges left =
        new Bar.Edges(edges.repeatStart(), 0, edges.endingStart(), false, Bar.Line.PLAIN);
    Bar.Edges right =
        new Bar.Edges(
            false, edges.repeatTimes(), Optional.empty(), edges.endingStop(), edges.line());
    List<Item> before = whole.items().subList(0, first);
    List<Item> behind = whole.items().subList(first, whole.items().size());
    Measure second =
        new Measure(
            "",
            false,
            whole.metre(),
            whole.key(),
            PenPitch.clefAt(music, new Caret(bar, first)),
            right,
            behind,
            true);
    return music
        .withMeasure(bar, whole.withItems(before).withEdges(left).counted())
        .withBars(bar + 1, List.of(second), music.nextId());
  }

  /** A note or rest that lies over the end of the metre becomes two, tied. */
  private static Manuscript cutAtEnd(Manuscript music, int bar) {
    Measure measure = music.measures().get(bar);
    int last = firstBehind(measure) - 1;
    Item item = measure.items().get(last);
    Fraction onset = measure.onsetOf(last);
    Fraction within = measure.metre().barLength().subtract(onset);
    Fraction over = item.length(measure.metre()).subtract(within);
    if (over.signum() <= 0 || !item.written().ratio().isNone()) {
      return music;
    }
    List<Item> items = new ArrayList<>(measure.items().subList(0, last));
    List<WrittenLength> pieces = new ArrayList<>(WrittenLength.filling(within));
    pieces.addAll(WrittenLength.filling(over));
    int id = music.nextId();
    for (int i = 0; i < pieces.size(); i++) {
      boolean isFirst = i == 0;
      boolean isLast = i == pieces.size() - 1;
      Item piece = item.withWritten(pieces.get(i)).withNotes(tied(item, isFirst, isLast));
      items.add(
          isFirst
              ? piece
              : new Item(id++, piece.written(), piece.grace(), piece.notes(), Marks.NONE, false));
    }
    items.addAll(measure.items().subList(last + 1, measure.items().size()));
    return music.withMeasure(bar, measure.withItems(items)).withNextId(id);
  }

  private static List<Note> tied(Item item, boolean isFirst, boolean isLast) {
    return item.notes().stream()
        .map(n -> n.withTies(n.tiedFrom() || !isFirst, n.tiedTo() || !isLast))
        .toList();
  }
}
