package app.fret.practice.drill;

import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Key;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.PassageBuilder;
import app.fret.score.Span;
import app.fret.score.Tuplet;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Lays pieces into bars: what crosses a bar line is tied over it, the last bar is filled with
 * rests, and the parts of tuplets that belong together get their sign.
 */
final class Sheet {
  private final DrillSource source;
  private final Metre metre;
  private final PassageBuilder builder = new PassageBuilder();
  private final List<Integer> sources = new ArrayList<>();
  private final List<Directions.Words> words = new ArrayList<>();
  private final List<Directions.Dynamic> dynamics = new ArrayList<>();
  private final List<WrittenLength> written = new ArrayList<>();
  private Fraction inBar = Fraction.ZERO;
  private int slurFrom = -1;

  /**
   * An empty sheet.
   *
   * @param like a bar whose key, clef and metre are taken
   */
  Sheet(DrillSource source, int firstNote, boolean inCommonTime) {
    this.source = source;
    Bar like = source.bar(firstNote);
    Clef clef = like.clefAt(source.note(firstNote).onset());
    Key key = like.key();
    boolean plain = inCommonTime || like.metre().isFree();
    this.metre = plain ? Metre.of(4, 4) : like.metre();
    builder.title(source.passage().title()).part(source.passage().partName());
    builder.transposition(source.passage().transposition());
    builder.metre(metre).key(key).clef(clef);
  }

  /** Leaves out what of the first bar lies before the first note. */
  void begin(Fraction place, int source) {
    if (place.signum() > 0 && place.compareTo(metre.barLength()) < 0) {
      add(Piece.rest(source, place));
    }
  }

  void add(Piece piece) {
    piece.words().ifPresent(w -> words.add(new Directions.Words(builder.time(), w, true)));
    if (!piece.isRest()) {
      addLevel(source.dynamic(piece.source()));
    }
    int first = builder.nextEvent();
    // A stroke is signed where it begins, never within its slur.
    boolean isInside = slurFrom >= 0;
    lay(isInside ? piece.marked(piece.marks().withBow(Optional.empty())) : piece);
    if (slurFrom < 0 && piece.isSlurred()) {
      slurFrom = first;
    } else if (slurFrom >= 0 && !piece.isSlurred()) {
      builder.slur(slurFrom, builder.nextEvent() - 1);
      slurFrom = -1;
    }
  }

  /** Slow practice stays musical: the level is printed wherever it becomes another. */
  private void addLevel(String level) {
    boolean isNew = dynamics.isEmpty() || !dynamics.get(dynamics.size() - 1).sign().equals(level);
    if (isNew) {
      dynamics.add(new Directions.Dynamic(builder.time(), level));
    }
  }

  private void lay(Piece piece) {
    Fraction left = piece.length();
    boolean tied = false;
    while (left.signum() > 0) {
      if (inBar.signum() == 0) {
        builder.bar();
      }
      Fraction room = metre.barLength().subtract(inBar);
      Fraction part = left.compareTo(room) <= 0 ? left : room;
      Fraction goesOn = left.subtract(part);
      List<WrittenLength> values = WrittenLength.filling(part);
      for (int i = 0; i < values.size(); i++) {
        boolean ends = i == values.size() - 1 && goesOn.signum() == 0;
        put(piece, values.get(i), tied, !ends);
        tied = true;
      }
      inBar = inBar.add(left.subtract(goesOn));
      if (inBar.compareTo(metre.barLength()) >= 0) {
        inBar = Fraction.ZERO;
      }
      left = goesOn;
    }
  }

  private void put(Piece piece, WrittenLength value, boolean from, boolean to) {
    written.add(value);
    sources.add(piece.source());
    if (piece.isRest()) {
      builder.rest(value);
      return;
    }
    List<Note> heads = piece.heads().stream().map(n -> n.withTies(from, to)).toList();
    List<Note> printed =
        from
            ? heads.stream()
                .map(n -> n.withFingering(Optional.empty(), OptionalInt.empty()))
                .toList()
            : heads;
    builder.sounding(value, printed, from ? Marks.NONE : piece.marks());
  }

  /** Fills the last bar. */
  void endBar() {
    if (inBar.signum() > 0) {
      int last = sources.get(sources.size() - 1);
      add(Piece.rest(last, metre.barLength().subtract(inBar)));
    }
  }

  /** The music. */
  DrillMusic finish() {
    if (slurFrom >= 0) {
      builder.slur(slurFrom, builder.nextEvent() - 1);
      slurFrom = -1;
    }
    endBar();
    addTuplets();
    builder.directions(new Directions(dynamics, List.of(), words, List.of(), List.of(), List.of()));
    return new DrillMusic(builder.build(), sources);
  }

  private void addTuplets() {
    int from = 0;
    while (from < written.size()) {
      TupletRatio ratio = written.get(from).ratio();
      if (ratio.isNone()) {
        from++;
        continue;
      }
      from = addTuplet(from, ratio) + 1;
    }
  }

  /** Adds the shortest whole group from here; the last event it holds. */
  private int addTuplet(int from, TupletRatio ratio) {
    Fraction sum = Fraction.ZERO;
    for (int i = from; i < written.size() && written.get(i).ratio().equals(ratio); i++) {
      sum = sum.add(written.get(i).length());
      Fraction unit = written.get(from).value().length().multiply(ratio.normal());
      if (sum.divide(unit).getDenominator() == 1) {
        builder.tuplet(new Tuplet(new Span(from, i), ratio, true));
        return i;
      }
    }
    return from;
  }
}
