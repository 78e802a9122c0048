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
import app.fret.score.Tempo;
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
 * rests, the parts of tuplets that belong together get their sign, and slurs are as long as a bow
 * reaches.
 */
final class Sheet {
  private final DrillSource source;
  private final Metre metre;
  private final PassageBuilder builder = new PassageBuilder();
  private final List<Integer> sources = new ArrayList<>();
  private final List<Directions.Words> words = new ArrayList<>();
  private final List<Directions.Dynamic> dynamics = new ArrayList<>();
  private final List<Directions.TempoMark> tempos = new ArrayList<>();
  private final List<WrittenLength> written = new ArrayList<>();
  private final List<SlurCut.Laid> laid = new ArrayList<>();
  private final Strokes strokes = new Strokes();
  private Fraction inBar = Fraction.ZERO;
  private int slurFrom = -1;
  private boolean isAgain;
  private boolean isAtOneLevel;
  private Optional<Piece> waiting = Optional.empty();

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

  /** An exercise that goes back and forth stays at the level it begins with. */
  Sheet atOneLevel() {
    isAtOneLevel = true;
    return this;
  }

  /** What follows is played anew: the bow is set again, so that it may go as the last one went. */
  void again() {
    isAgain = true;
  }

  /** How fast it goes from here. */
  void tempo(Tempo tempo) {
    endRest();
    tempos.add(new Directions.TempoMark(builder.time(), tempo));
  }

  /** Rests that follow each other are one. */
  void add(Piece piece) {
    if (piece.isRest() && piece.words().isEmpty()) {
      waiting =
          waiting.map(w -> w.lasting(w.length().add(piece.length()))).or(() -> Optional.of(piece));
      return;
    }
    endRest();
    put(piece);
  }

  private void endRest() {
    Optional<Piece> rest = waiting;
    waiting = Optional.empty();
    rest.ifPresent(this::put);
  }

  private void put(Piece piece) {
    boolean begins = slurFrom < 0 && !piece.isRest();
    if (begins && isAgain && strokes.wouldRepeat(piece.marks())) {
      lay(Piece.rest(piece.source(), metre.barLength()));
      strokes.rest();
    }
    isAgain &= piece.isRest();
    piece.words().ifPresent(w -> words.add(new Directions.Words(builder.time(), w, true)));
    if (piece.isRest()) {
      strokes.rest();
    } else {
      addLevel(source.dynamic(piece.source()));
    }
    int first = builder.nextEvent();
    // A stroke is signed where it begins, never within its slur.
    lay(piece.marked(begins ? strokes.begun(piece.marks()) : strokes.inside(piece.marks())));
    if (slurFrom < 0 && piece.isSlurred()) {
      slurFrom = first;
    } else if (slurFrom >= 0 && !piece.isSlurred()) {
      endSlur();
    }
  }

  /** One bow where one bow reaches at the slowest tempo; else several, cut at beats. */
  private void endSlur() {
    List<Span> cut =
        SlurCut.of(
            source,
            metre,
            new Span(slurFrom, builder.nextEvent() - 1),
            sources.get(slurFrom),
            laid::get);
    cut.stream().filter(s -> s.last() > s.first()).forEach(s -> builder.slur(s.first(), s.last()));
    strokes.cut(cut.size());
    slurFrom = -1;
  }

  /** Slow practice stays musical: the level is printed wherever it becomes another. */
  private void addLevel(String level) {
    boolean isNew =
        dynamics.isEmpty()
            || !isAtOneLevel && !dynamics.get(dynamics.size() - 1).sign().equals(level);
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
      part = piece.isRest() ? RestPlaces.next(metre, inBar, part) : part;
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
    laid.add(new SlurCut.Laid(builder.time(), value.length(), from));
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
    endRest();
    if (inBar.signum() > 0) {
      int last = sources.get(sources.size() - 1);
      put(Piece.rest(last, metre.barLength().subtract(inBar)));
    }
  }

  /** The music. */
  DrillMusic finish() {
    if (slurFrom >= 0) {
      endSlur();
    }
    endBar();
    addTuplets();
    builder.directions(new Directions(dynamics, List.of(), words, tempos, List.of(), List.of()));
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
