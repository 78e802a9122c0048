package app.fret.files.midi;

import app.fret.files.PartNames;
import app.fret.instrument.Instruments;
import app.fret.score.BarAccidentals;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Key;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.score.Transposition;
import app.fret.score.Tuplet;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.numbers.fraction.Fraction;

/** Writes the notes of a MIDI part down in bars. */
final class MidiPassage {
  /** Longest music that is taken, in bars. */
  static final int MOST_BARS = 20_000;

  private static final Fraction QUARTER = Fraction.of(1, 4);
  private static final int OCTAVE = 12;
  private static final int MIDDLE = 57;
  private static final int MOST_TEMPOS = 32;
  private static final int FINEST = 64;

  private final MidiPart part;
  private final MidiSigns signs;
  private final int ticksPerQuarter;
  private final PassageBuilder builder = new PassageBuilder();
  private final List<Fraction> barOnsets = new ArrayList<>();
  private final List<Metre> metres = new ArrayList<>();
  private final List<String> left = new ArrayList<>();
  private final Optional<String> instrument;
  private final int writtenAbove;
  private Fraction end = Fraction.ZERO;
  private KeyFinder.Found assumed = new KeyFinder.Found(new Key(0), false);
  private final MidiSettings settings;
  private Quantiser quantiser;
  private NoteEnds ends;
  private Optional<Swing> swing = Optional.empty();
  private List<Quantiser.Placed> placed = List.of();
  private int nextPlaced;
  private boolean held;
  private Optional<Open> tuplet = Optional.empty();

  /** A tuplet that is being written: its first event, when it is over, what it says. */
  private record Open(int from, Fraction end, TupletRatio ratio) {}

  /** Says that the music is too long. */
  static final class TooLongException extends Exception {
    private static final long serialVersionUID = 1L;
  }

  MidiPassage(MidiPart part, MidiSigns signs, int ticksPerQuarter, MidiSettings settings) {
    this.settings = settings;
    this.part = part;
    this.signs = signs;
    this.ticksPerQuarter = ticksPerQuarter;
    this.instrument = PartNames.instrumentOf(part.name());
    this.writtenAbove = instrument.filter("bass"::equals).isPresent() ? OCTAVE : 0;
  }

  /** What was rounded or left out, a phrase each. */
  List<String> left() {
    return left;
  }

  Passage passage(String title) throws TooLongException {
    layBars();
    placed = placed();
    assumed = KeyFinder.of(weights());
    for (int bar = 0; bar < barOnsets.size(); bar++) {
      writeBar(bar);
    }
    listWhatWasRounded();
    Passage passage =
        builder
            .title(title)
            .part(part.name())
            .directions(directions())
            .transposition(
                writtenAbove > 0
                    ? Optional.of(new Transposition(-writtenAbove))
                    : Optional.<Transposition>empty())
            .build();
    return BarAccidentals.completed(passage);
  }

  private List<Quantiser.Placed> placed() {
    MidiClock clock = new MidiClock(signs.tempos(), ticksPerQuarter);
    quantiser = new Quantiser(ticksPerQuarter, clock, settings, windows(), end);
    ends = new NoteEnds(ticksPerQuarter, settings, quantiser, end);
    List<Struck> played = Struck.of(part.notes(), clock);
    swing = settings.swing() ? Swing.of(played, ticksPerQuarter) : Optional.empty();
    List<Struck> struck = swing.map(s -> s.evened(played, ticksPerQuarter)).orElse(played);
    ExactTimes exact = new ExactTimes(ticksPerQuarter);
    Optional<List<Quantiser.Placed>> asWritten =
        settings.parts().isEmpty()
            ? exact
                .place(struck)
                .map(byOnset -> ends.of(byOnset, exact::at))
                .filter(MidiPassage::isWritable)
            : Optional.empty();
    return asWritten.orElseGet(
        () -> {
          ends = new NoteEnds(ticksPerQuarter, settings, quantiser, end);
          return ends.of(quantiser.place(struck), tick -> Optional.empty());
        });
  }

  private long tick(Fraction time) {
    return Math.round(time.doubleValue() * 4 * ticksPerQuarter);
  }

  private void layBars() throws TooLongException {
    long lastTick = part.notes().stream().mapToLong(MidiPart.Note::off).max().orElse(1);
    long lastOnset = part.notes().stream().mapToLong(MidiPart.Note::on).max().orElse(0);
    do {
      Metre metre = signs.metreAt(tick(end));
      barOnsets.add(end);
      metres.add(metre);
      end = end.add(metre.barLength());
      if (barOnsets.size() > MOST_BARS) {
        throw new TooLongException();
      }
    } while (tick(end) <= lastOnset || tick(end) < lastTick - ticksPerQuarter / 8);
  }

  private List<Fraction> windows() {
    List<Fraction> windows = new ArrayList<>();
    for (int bar = 0; bar < barOnsets.size(); bar++) {
      Fraction barEnd = bar + 1 < barOnsets.size() ? barOnsets.get(bar + 1) : end;
      for (Fraction at = barOnsets.get(bar); at.compareTo(barEnd) < 0; at = at.add(QUARTER)) {
        windows.add(at);
      }
    }
    return windows;
  }

  /**
   * Between two plain moments all notes must lie in one kind of tuplet, and none may be so fine
   * that no note value is left for it.
   */
  private static boolean isWritable(List<Quantiser.Placed> notes) {
    int open = 1;
    int finest = FINEST;
    for (Quantiser.Placed note : notes) {
      for (Fraction moment : List.of(note.onset(), note.end())) {
        int odd = odd(moment);
        finest = odd > 3 ? FINEST / 2 : finest;
        if (odd != 1 && open != 1 && odd != open) {
          return false;
        }
        open = odd;
      }
    }
    int most = finest;
    return notes.stream()
        .flatMap(n -> Stream.of(n.onset(), n.end()))
        .allMatch(m -> Integer.lowestOneBit(m.getDenominator()) <= most);
  }

  private double[] weights() {
    double[] weights = new double[OCTAVE];
    for (Quantiser.Placed note : placed) {
      double length = note.end().subtract(note.onset()).doubleValue();
      note.pitches().forEach(p -> weights[p % OCTAVE] += length);
    }
    return weights;
  }

  private Clef clef() {
    double mean = part.notes().stream().mapToInt(MidiPart.Note::pitch).average().orElse(MIDDLE);
    return instrument
        .map(name -> Instruments.customs(name).clefs().get(0))
        .orElse(mean < MIDDLE ? Clef.BASS : Clef.TREBLE);
  }

  private void writeBar(int bar) {
    Fraction from = barOnsets.get(bar);
    Fraction to = bar + 1 < barOnsets.size() ? barOnsets.get(bar + 1) : end;
    KeyFinder.Found key = signs.keyAt(tick(from), assumed);
    builder.metre(metres.get(bar)).key(key.key()).bar().clef(clef());
    KeySpelling spelling = new KeySpelling(key.key(), key.minor());
    if (!held && onset(nextPlaced).compareTo(to) >= 0) {
      builder.restForWholeBar();
      return;
    }
    Fraction at = from;
    while (at.compareTo(to) < 0) {
      while (nextPlaced < placed.size() && placed.get(nextPlaced).end().compareTo(at) <= 0) {
        nextPlaced++; // its time went into the note before
      }
      boolean sounds = held || onset(nextPlaced).compareTo(at) <= 0;
      Fraction wanted = sounds ? placed.get(nextPlaced).end() : onset(nextPlaced);
      Fraction until = wanted.compareTo(to) > 0 ? to : wanted;
      if (tuplet.isEmpty()) {
        until = beginTuplet(at, until, from, to);
      }
      Fraction limit = tuplet.map(t -> t.end).orElse(to);
      until = until.compareTo(limit) > 0 ? limit : until;
      writePiece(at.subtract(from), until.subtract(at), metres.get(bar), sounds, spelling);
      if (sounds && until.compareTo(wanted) >= 0) {
        nextPlaced++;
        held = false;
      }
      at = until;
      endTuplet(at);
    }
  }

  private Fraction onset(int index) {
    return index < placed.size() ? placed.get(index).onset() : end.add(1);
  }

  /** The part of a denominator that no halving reaches: 3 in a triplet, 1 outside all tuplets. */
  private static int odd(Fraction time) {
    int below = time.getDenominator();
    return below / Integer.lowestOneBit(below);
  }

  /**
   * Where a note ends inside a tuplet, begins one; it lasts to the next moment that is plain. Of a
   * long note that leads into one only the last beat belongs to it.
   *
   * @return how far the piece that is to be written reaches
   */
  private Fraction beginTuplet(Fraction at, Fraction until, Fraction barOnset, Fraction barEnd) {
    int actual = odd(until);
    if (actual == 1) {
      return until;
    }
    int beats = (int) Math.floor(until.subtract(barOnset).doubleValue() * 4);
    Fraction beat = barOnset.add(QUARTER.multiply(beats));
    if (until.subtract(at).compareTo(QUARTER) > 0 && beat.compareTo(at) > 0) {
      return beat;
    }
    Fraction tupletEnd = tupletEnd(at, actual, barOnset, barEnd);
    if (tupletEnd.compareTo(at) <= 0) {
      return nextPlain(at, until, barEnd); // two kinds of tuplet in one beat: one is given up
    }
    TupletRatio ratio = new TupletRatio(actual, Integer.highestOneBit(actual));
    tuplet = Optional.of(new Open(builder.nextEvent(), tupletEnd, ratio));
    return until;
  }

  /** The plain moment before {@code until}, or the first behind {@code at}. */
  private static Fraction nextPlain(Fraction at, Fraction until, Fraction barEnd) {
    Fraction step = Fraction.of(1, FINEST);
    Fraction before = step.multiply((int) Math.floor(until.doubleValue() * FINEST));
    Fraction next = step.multiply((int) Math.floor(at.doubleValue() * FINEST) + 1);
    Fraction plain = before.compareTo(at) > 0 ? before : next;
    return plain.compareTo(barEnd) > 0 ? barEnd : plain;
  }

  /**
   * The next plain moment; where another kind of tuplet comes first, the beat that it begins on.
   */
  private Fraction tupletEnd(Fraction at, int actual, Fraction barOnset, Fraction barEnd) {
    for (int i = nextPlaced; i < placed.size(); i++) {
      for (Fraction moment : List.of(placed.get(i).onset(), placed.get(i).end())) {
        if (moment.compareTo(barEnd) >= 0) {
          return barEnd;
        }
        if (moment.compareTo(at) > 0 && odd(moment) == 1) {
          return moment;
        }
        if (moment.compareTo(at) > 0 && odd(moment) != actual) {
          int beats = (int) Math.floor(moment.subtract(barOnset).doubleValue() * 4);
          return barOnset.add(QUARTER.multiply(beats));
        }
      }
    }
    return barEnd;
  }

  private void endTuplet(Fraction at) {
    if (tuplet.isPresent() && at.compareTo(tuplet.get().end) >= 0) {
      Span span = new Span(tuplet.get().from, builder.nextEvent() - 1);
      builder.tuplet(new Tuplet(span, tuplet.get().ratio, false));
      tuplet = Optional.empty();
    }
  }

  private void writePiece(
      Fraction inBar, Fraction length, Metre metre, boolean sounds, KeySpelling spelling) {
    TupletRatio ratio = tuplet.map(t -> t.ratio).orElse(TupletRatio.NONE);
    List<WrittenLength> pieces =
        ratio.isNone()
            ? Pieces.of(inBar, length, metre)
            : WrittenLength.filling(length.divide(ratio.factor())).stream()
                .map(w -> new WrittenLength(w.value(), w.dots(), ratio))
                .toList();
    Fraction wanted = sounds ? placed.get(nextPlaced).end() : end;
    for (WrittenLength piece : pieces) {
      write(piece, sounds, builder.time().add(piece.length()).compareTo(wanted) >= 0, spelling);
    }
  }

  private void write(WrittenLength length, boolean sounds, boolean ends, KeySpelling spelling) {
    if (!sounds) {
      builder.rest(length);
      return;
    }
    Quantiser.Placed note = placed.get(nextPlaced);
    if (!held) {
      writeGraces(note, spelling);
    }
    int next = nextPlaced + 1 < placed.size() ? top(placed.get(nextPlaced + 1)) : top(note);
    List<Note> heads = new ArrayList<>();
    for (int pitch : note.pitches()) {
      boolean alone = note.pitches().size() == 1;
      WrittenPitch written =
          spelling.spell(pitch + writtenAbove, (alone ? next : pitch) + writtenAbove);
      heads.add(Note.of(written).withTies(held, !ends));
    }
    builder.sounding(length, heads, Marks.NONE);
    held = !ends;
  }

  private void writeGraces(Quantiser.Placed note, KeySpelling spelling) {
    for (int pitch : note.graces()) {
      WrittenPitch written = spelling.spell(pitch + writtenAbove, top(note) + writtenAbove);
      builder.grace(
          WrittenLength.of(NoteValue.EIGHTH),
          Sounding.Grace.SLASHED,
          List.of(Note.of(written)),
          Marks.NONE);
    }
  }

  private static int top(Quantiser.Placed note) {
    return note.pitches().stream().mapToInt(p -> p).max().orElseThrow();
  }

  private Directions directions() {
    List<Directions.TempoMark> tempos = new ArrayList<>();
    if (signs.tempos().size() <= MOST_TEMPOS) {
      for (Map.Entry<Long, Tempo> tempo : signs.tempos().entrySet()) {
        Fraction at = Fraction.from(Math.rint(tempo.getKey() * 16.0 / ticksPerQuarter) / 64, 64);
        if (at.compareTo(end) < 0) {
          tempos.add(new Directions.TempoMark(at, tempo.getValue()));
        }
      }
    } else {
      tempos.add(new Directions.TempoMark(Fraction.ZERO, signs.tempos().firstEntry().getValue()));
      left.add(signs.tempos().size() - 1 + " changes of tempo after the first");
    }
    return new Directions(List.of(), List.of(), List.of(), tempos, List.of(), List.of());
  }

  private void listWhatWasRounded() {
    swing.ifPresent(
        s ->
            left.add(
                "swung eighths, the first at "
                    + s.words()
                    + " of a quarter, written even; read without swing they stand as played"));
    long graces = placed.stream().mapToLong(p -> p.graces().size()).sum();
    if (graces > 0) {
      left.add(
          graces + (graces == 1 ? " short note" : " short notes") + ", written as grace notes");
    }
    if (quantiser.moved() > 0) {
      left.add(
          String.format(
              java.util.Locale.ROOT,
              "%d onsets beside the beat, moved to it by up to %.2f of a quarter",
              quantiser.moved(),
              quantiser.furthest()));
    }
    if (ends.cut() > 0) {
      left.add(
          "the ends of "
              + ends.cut()
              + (ends.cut() == 1 ? " note that sounds" : " notes that sound")
              + " into the next; one voice is read");
    }
    if (signs.isKeyless()) {
      left.add("no key is stated; " + words(assumed) + " is assumed from its tones");
    }
    if (signs.isStrange()) {
      left.add("a metre, key or tempo that is none");
    }
  }

  private static String words(KeyFinder.Found found) {
    int fifths = found.key().fifths();
    String signs = fifths == 0 ? "no sign" : Math.abs(fifths) + (fifths > 0 ? " sharp" : " flat");
    return signs + (Math.abs(fifths) > 1 ? "s" : "") + (found.minor() ? ", minor" : ", major");
  }
}
