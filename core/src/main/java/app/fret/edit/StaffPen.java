package app.fret.edit;

import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Step;
import app.fret.score.Tempo;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;

/**
 * A pen over the staff: the music, where writing goes on, and how long the next note will be.
 *
 * <p>What is written goes in at the caret; a bar that is full at its end hands on to the next. What
 * changes something changes the selected notes or, where none are, the one the caret stands behind.
 * Immutable: every key makes another pen, and undo is keeping the one before.
 */
public final class StaffPen {
  /** Notes to a beat that a pen can be set to at most. */
  public static final int MOST_PER_BEAT = 9;

  private final Manuscript music;
  private final Caret caret;
  private final Optional<Caret> held;
  private final int perBeat;
  private final boolean chord;
  private final boolean grace;
  private final OptionalInt slurFrom;
  private final OptionalInt wedgeFrom;

  private StaffPen(
      Manuscript music,
      Caret caret,
      Optional<Caret> held,
      int perBeat,
      boolean chord,
      boolean grace,
      OptionalInt slurFrom,
      OptionalInt wedgeFrom) {
    this.music = music;
    this.caret = caret;
    this.held = held;
    this.perBeat = perBeat;
    this.chord = chord;
    this.grace = grace;
    this.slurFrom = slurFrom;
    this.wedgeFrom = wedgeFrom;
  }

  /** A pen behind the last note of a passage, set to two notes a beat. */
  public static StaffPen over(Passage passage) {
    Manuscript music = Manuscript.of(passage);
    int last = music.measures().size() - 1;
    boolean silent = music.measures().get(last).isSilent();
    Caret end = silent ? new Caret(last, 0) : Bars.endOf(music, last);
    return new StaffPen(
        music, end, Optional.empty(), 2, false, false, OptionalInt.empty(), OptionalInt.empty());
  }

  /** What is written. */
  public Manuscript music() {
    return music;
  }

  /** Where writing goes on. */
  public Caret caret() {
    return caret;
  }

  /** How many of the next notes fill a beat. */
  public int perBeat() {
    return perBeat;
  }

  /** Whether the next letter joins the note before. */
  public boolean addsToChord() {
    return chord;
  }

  /** Whether the next letter is a grace note. */
  public boolean writesGrace() {
    return grace;
  }

  /** Whether a slur is begun and not ended. */
  public boolean slurIsOpen() {
    return slurFrom.isPresent();
  }

  /** Bars of the selection or of the caret: the first and the last. */
  public Span bars() {
    int other = held.map(Caret::bar).orElse(caret.bar());
    return new Span(Math.min(caret.bar(), other), Math.max(caret.bar(), other));
  }

  /** The event behind which the caret stands, by its number in the passage as it is now. */
  public OptionalInt currentEvent() {
    return current()
        .map(i -> OptionalInt.of(music.eventsNow().get(i.id())))
        .orElse(OptionalInt.empty());
  }

  /** The events that are selected. */
  public List<Integer> selectedEvents() {
    return held.isEmpty()
        ? List.of()
        : selection().stream().map(i -> music.eventsNow().get(i.id())).toList();
  }

  private StaffPen with(Manuscript newMusic, Caret newCaret) {
    return new StaffPen(
        newMusic, newCaret, Optional.empty(), perBeat, chord, grace, slurFrom, wedgeFrom);
  }

  private StaffPen with(Manuscript newMusic) {
    return new StaffPen(newMusic, caret, held, perBeat, chord, grace, slurFrom, wedgeFrom);
  }

  private StaffPen marked(OptionalInt newSlurFrom, OptionalInt newWedgeFrom) {
    return new StaffPen(music, caret, held, perBeat, chord, grace, newSlurFrom, newWedgeFrom);
  }

  private StaffPen ready(boolean forChord, boolean forGrace) {
    return new StaffPen(music, caret, held, perBeat, forChord, forGrace, slurFrom, wedgeFrom);
  }

  private Measure bar() {
    return music.measures().get(caret.bar());
  }

  private Optional<Item> current() {
    if (caret.position() > 0) {
      return Optional.of(bar().items().get(caret.position() - 1));
    }
    for (int b = caret.bar() - 1; b >= 0; b--) {
      List<Item> items = music.measures().get(b).items();
      if (!items.isEmpty()) {
        return Optional.of(items.get(items.size() - 1));
      }
    }
    return Optional.empty();
  }

  private List<Item> selection() {
    if (held.isEmpty()) {
      return current().stream().toList();
    }
    int one = flat(caret);
    int other = flat(held.get());
    return music.items().subList(Math.min(one, other), Math.max(one, other));
  }

  private int flat(Caret at) {
    int before = 0;
    for (int b = 0; b < at.bar(); b++) {
      before += music.measures().get(b).items().size();
    }
    return before + at.position();
  }

  /** Sets how many of the next notes fill a beat, 1 to {@link #MOST_PER_BEAT}. */
  public StaffPen perBeat(int notes) {
    return new StaffPen(music, caret, held, notes, chord, grace, slurFrom, wedgeFrom);
  }

  /** Writes the letter's note nearest to the one before; or into its chord, or as a grace note. */
  public StaffPen note(Step letter) {
    if (chord) {
      return addHead(letter);
    }
    StaffPen at = room();
    WrittenPitch from = PenPitch.reference(at.music, at.caret);
    return at.write(PenPitch.nearest(letter, from, at.music, at.caret));
  }

  /**
   * Writes a note at a height of the staff.
   *
   * @param stepsAboveBottomLine lines and spaces above the lowest line; below it negative
   */
  public StaffPen noteAt(int stepsAboveBottomLine) {
    StaffPen at = room();
    int place = PenPitch.clefAt(at.music, at.caret).bottomLineStep() + stepsAboveBottomLine;
    return at.write(PenPitch.atPlace(place, at.music, at.caret));
  }

  private StaffPen write(WrittenPitch pitch) {
    List<Note> heads = List.of(Note.of(pitch));
    int id = music.nextId();
    if (grace) {
      WrittenLength eighth = WrittenLength.of(NoteValue.EIGHTH);
      Item small = new Item(id, eighth, Sounding.Grace.SLASHED, heads, Marks.NONE, false);
      return put(small).ready(false, false);
    }
    return put(Item.sounding(id, PenLength.of(bar().metre(), perBeat), heads));
  }

  /** Writes a rest. */
  public StaffPen rest() {
    StaffPen at = room();
    return at.put(Item.rest(at.music.nextId(), PenLength.of(at.bar().metre(), perBeat)));
  }

  /** A caret with room: behind a full bar it stands in the next, which is made where none is. */
  private StaffPen room() {
    Measure bar = bar();
    if (bar.isSilent()) {
      return with(music, new Caret(caret.bar(), 0));
    }
    boolean atEnd = caret.position() == bar.items().size();
    boolean graceFits = grace && !atEnd;
    if (!bar.isFull() || !atEnd || graceFits) {
      return with(music, caret);
    }
    return nextBar().room();
  }

  /**
   * Puts an item in; in a silent bar it takes the place of the rest, with what is printed there.
   */
  private StaffPen put(Item item) {
    boolean silent = bar().isSilent() && !bar().items().isEmpty();
    Manuscript with =
        silent
            ? music.change(bar().items().get(0).id(), rest -> item.withId(rest.id()))
            : music.withItem(caret.bar(), caret.position(), item);
    Manuscript grouped =
        with.with(Tuplets.regrouped(with.signs(), with.measures().get(caret.bar())));
    return with(grouped, new Caret(caret.bar(), caret.position() + 1));
  }

  /** Goes on in the next bar, which is made where none is; a short bar stays short. */
  public StaffPen nextBar() {
    boolean last = caret.bar() + 1 == music.measures().size();
    Manuscript longer = last ? Bars.withSilentBar(music, caret.bar() + 1) : music;
    return with(longer, new Caret(caret.bar() + 1, 0));
  }

  private StaffPen addHead(Step letter) {
    Optional<Item> item = current().filter(i -> !i.isRest());
    if (item.isEmpty()) {
      return ready(false, false);
    }
    List<Note> heads = new ArrayList<>(item.get().notes());
    WrittenPitch top = heads.get(heads.size() - 1).written();
    heads.add(Note.of(PenPitch.above(letter, top, music, caret)));
    return with(music.change(item.get().id(), i -> i.withNotes(heads))).ready(false, false);
  }

  /** The next letter joins the note before, above it; asked twice, it does not. */
  public StaffPen chord() {
    return ready(!chord, false);
  }

  /** The next letter is a grace note; asked twice, it is not. */
  public StaffPen grace() {
    return ready(false, !grace);
  }

  /** Makes the note before another letter, the nearest; a rest becomes that note. */
  public StaffPen become(Step letter) {
    return current()
        .map(
            item -> {
              Manuscript.Place place = music.placeOf(item.id()).orElseThrow();
              Caret at = new Caret(place.measure(), place.position());
              WrittenPitch from =
                  item.isRest() ? PenPitch.reference(music, at) : item.notes().get(0).written();
              WrittenPitch pitch = PenPitch.nearest(letter, from, music, at);
              return with(
                  music.change(item.id(), i -> sounding(i, at).withNotes(List.of(Note.of(pitch)))));
            })
        .orElse(this);
  }

  private Item sounding(Item item, Caret at) {
    Metre metre = music.measures().get(at.bar()).metre();
    return item.wholeBar() ? item.withWritten(PenLength.of(metre, 1)) : item;
  }

  /** Makes the selected notes rests of their length. */
  public StaffPen becomeRest() {
    return changed(i -> i.isGrace() ? i : i.withNotes(List.of()).withMarks(Marks.NONE));
  }

  private StaffPen changed(UnaryOperator<Item> how) {
    return with(PenChanges.each(music, selection(), how));
  }

  /** Makes the selected notes so long that so many fill a beat. */
  public StaffPen becomePerBeat(int notes) {
    return lengthened((length, metre) -> Optional.of(PenLength.of(metre, notes))).perBeat(notes);
  }

  /** Makes the selected notes a beat longer, where one note value is as long. */
  public StaffPen longer() {
    return lengthened(PenLength::longer);
  }

  /** Dots the selected notes: once, twice, not at all. */
  public StaffPen dot() {
    return lengthened(
        (w, metre) -> Optional.of(new WrittenLength(w.value(), (w.dots() + 1) % 3, w.ratio())));
  }

  private StaffPen lengthened(PenChanges.Lengthening how) {
    return with(PenChanges.lengthened(music, selection(), how));
  }

  /** Moves the selected notes by octaves. */
  public StaffPen octave(int octaves) {
    return moved((pitch, at) -> PenPitch.byOctave(pitch, octaves));
  }

  /** Moves the selected notes by steps of the key. */
  public StaffPen step(int steps) {
    return moved((pitch, at) -> PenPitch.byStep(pitch, steps, music, at));
  }

  /** Raises or lowers the selected notes by half steps on the same letter. */
  public StaffPen alter(int halfSteps) {
    return moved((pitch, at) -> PenPitch.altered(pitch, halfSteps));
  }

  private StaffPen moved(PenChanges.Move move) {
    return with(PenChanges.moved(music, selection(), move));
  }

  /** Ties the note before to the next of its pitch or, at the end, to one that is written so. */
  public StaffPen tie() {
    Optional<Item> from = current().filter(i -> !i.isRest() && !i.isGrace());
    if (from.isEmpty()) {
      return this;
    }
    boolean ties = from.get().notes().stream().anyMatch(Note::tiedTo);
    Manuscript tied =
        music.change(
            from.get().id(),
            i ->
                i.withNotes(i.notes().stream().map(n -> n.withTies(n.tiedFrom(), !ties)).toList()));
    boolean atEnd = flat(caret) == music.items().size();
    if (ties || !atEnd) {
      return with(tied);
    }
    StaffPen room = with(tied, caret).room();
    List<Note> heads =
        from.get().notes().stream().map(n -> Note.of(n.written()).withTies(true, false)).toList();
    WrittenLength length = PenLength.of(room.bar().metre(), perBeat);
    return room.put(Item.sounding(room.music.nextId(), length, heads));
  }

  /**
   * Slurs the selected notes; with none selected, begins a slur at the note before and, asked
   * again, ends it there. A slur that is there already goes.
   */
  public StaffPen slur() {
    List<Item> over = selection().stream().filter(i -> !i.isRest()).toList();
    if (over.isEmpty()) {
      return this;
    }
    int first = over.get(0).id();
    int last = over.get(over.size() - 1).id();
    if (held.isPresent()) {
      return with(PenSigns.slurred(music, first, last));
    }
    if (slurFrom.isEmpty()) {
      return marked(OptionalInt.of(last), wedgeFrom);
    }
    int from = slurFrom.getAsInt();
    return marked(OptionalInt.empty(), wedgeFrom)
        .with(isBefore(from, last) ? PenSigns.slurred(music, from, last) : music);
  }

  private boolean isBefore(int one, int other) {
    List<Integer> ids = music.items().stream().map(Item::id).toList();
    return ids.contains(one) && ids.indexOf(one) < ids.indexOf(other);
  }

  /**
   * Draws a wedge over the selected notes; with none selected, begins one at the note before and,
   * asked again, ends it there.
   */
  public StaffPen wedge(boolean growing) {
    List<Item> over = selection();
    if (over.isEmpty()) {
      return this;
    }
    int last = over.get(over.size() - 1).id();
    if (held.isPresent()) {
      return with(PenSigns.wedged(music, over.get(0).id(), last, growing));
    }
    if (wedgeFrom.isEmpty()) {
      return marked(slurFrom, OptionalInt.of(last));
    }
    int from = wedgeFrom.getAsInt();
    return marked(slurFrom, OptionalInt.empty())
        .with(isBefore(from, last) ? PenSigns.wedged(music, from, last, growing) : music);
  }

  /** Changes the signs at the selected notes. */
  public StaffPen signs(UnaryOperator<Marks> how) {
    return changed(i -> i.isRest() ? i : i.withMarks(how.apply(i.marks())));
  }

  /** Prints a loudness mark at the note before, in place of another there; empty takes it away. */
  public StaffPen dynamic(String sign) {
    return atFirst(item -> PenSigns.dynamic(music, item, sign));
  }

  /** Prints words at the note before, in place of others there; empty takes them away. */
  public StaffPen words(String words) {
    return atFirst(item -> PenSigns.words(music, item, words));
  }

  private StaffPen atFirst(IntFunction<Manuscript> how) {
    return selection().stream().findFirst().map(item -> with(how.apply(item.id()))).orElse(this);
  }

  /** Another metre from this bar on. */
  public StaffPen metre(Metre metre) {
    return with(Bars.withMetre(music, caret.bar(), metre));
  }

  /** Another key from this bar on; what is written sounds as before. */
  public StaffPen key(Key key) {
    return with(Bars.withKey(music, caret.bar(), key));
  }

  /** Another clef from the caret on; what is written sounds as before. */
  public StaffPen clef(Clef clef) {
    return with(Bars.withClef(music, caret, clef));
  }

  /** Another tempo from the start. */
  public StaffPen tempo(Tempo tempo) {
    return with(PenSigns.tempo(music, tempo));
  }

  /** Moves the caret by notes, and selects what it passes where that is asked. */
  public StaffPen move(int notes, boolean selecting) {
    Caret to = caret;
    for (int i = 0; i < Math.abs(notes); i++) {
      to = notes > 0 ? forward(to) : back(to);
    }
    return goTo(to, selecting);
  }

  private Caret forward(Caret from) {
    if (from.position() < music.measures().get(from.bar()).items().size()) {
      return new Caret(from.bar(), from.position() + 1);
    }
    boolean last = from.bar() + 1 == music.measures().size();
    return last ? from : stepInto(from.bar() + 1);
  }

  /** A bar is entered behind its first note, so that one key is one note; a silent one before. */
  private Caret stepInto(int bar) {
    return new Caret(bar, music.measures().get(bar).items().isEmpty() ? 0 : 1);
  }

  private Caret back(Caret from) {
    if (from.position() > 1 || from.position() == 1 && from.bar() == 0) {
      return new Caret(from.bar(), from.position() - 1);
    }
    return from.bar() == 0 ? Caret.START : Bars.endOf(music, from.bar() - 1);
  }

  /** Moves the caret by bars, to their beginning. */
  public StaffPen moveBars(int bars, boolean selecting) {
    boolean within = bars < 0 && caret.position() > 0;
    int to =
        Math.max(0, Math.min(music.measures().size() - 1, caret.bar() + bars + (within ? 1 : 0)));
    boolean beyond = bars > 0 && caret.bar() + bars > to;
    return goTo(beyond ? Bars.endOf(music, to) : new Caret(to, 0), selecting);
  }

  private StaffPen goTo(Caret to, boolean selecting) {
    Optional<Caret> from = selecting ? Optional.of(held.orElse(caret)) : Optional.<Caret>empty();
    return new StaffPen(music, to, from, perBeat, false, false, slurFrom, wedgeFrom);
  }

  /** Goes behind an event, by its number in the passage as it is now. */
  public StaffPen goTo(int event, boolean selecting) {
    OptionalInt item = music.itemAt(event);
    if (item.isEmpty()) {
      return this;
    }
    Manuscript.Place place = music.placeOf(item.getAsInt()).orElseThrow();
    return goTo(new Caret(place.measure(), place.position() + 1), selecting);
  }

  /** Goes to a place that a mouse points at, as near as there is one. */
  public StaffPen goTo(Caret place) {
    int bar = Math.max(0, Math.min(music.measures().size() - 1, place.bar()));
    int items = music.measures().get(bar).items().size();
    return goTo(new Caret(bar, Math.max(0, Math.min(items, place.position()))), false);
  }

  /** Takes out the selected notes or the one before the caret; in an empty bar, the bar. */
  public StaffPen delete() {
    if (held.isEmpty() && bar().items().isEmpty() && music.measures().size() > 1) {
      return deleteBars();
    }
    List<Integer> gone = selection().stream().map(Item::id).toList();
    return gone.isEmpty() ? this : deleted(gone);
  }

  /** Takes out the selected notes or the one behind the caret. */
  public StaffPen deleteNext() {
    if (held.isPresent()) {
      return delete();
    }
    StaffPen next = move(1, false);
    return next.caret.equals(caret) ? this : next.delete();
  }

  private StaffPen deleted(List<Integer> gone) {
    Manuscript.Place first = music.placeOf(gone.get(0)).orElseThrow();
    Manuscript left = music.without(gone);
    for (int bar = first.measure(); bar < left.measures().size(); bar++) {
      left = left.with(Tuplets.regrouped(left.signs(), left.measures().get(bar)));
    }
    return with(left, new Caret(first.measure(), first.position()));
  }

  /** Takes out the bars of the selection or of the caret. */
  public StaffPen deleteBars() {
    Span bars = bars();
    Manuscript left = Bars.without(music, bars.first(), bars.last());
    int bar = Math.min(bars.first(), left.measures().size() - 1);
    boolean atEnd = bars.first() > bar;
    return with(left, atEnd ? Bars.endOf(left, bar) : new Caret(bar, 0));
  }

  /** Writes the bars of the selection or of the caret once more behind them. */
  public StaffPen repeatBars() {
    Span bars = bars();
    return paste(copyBars(), bars.last() + 1);
  }

  /** Puts a silent bar in before this one. */
  public StaffPen insertBar() {
    return with(Bars.withSilentBar(music, caret.bar()), new Caret(caret.bar(), 0));
  }

  /** Copies the bars of the selection or of the caret. */
  public BarClip copyBars() {
    Span bars = bars();
    return BarClip.of(music, bars.first(), bars.last());
  }

  /** Puts copied bars in behind this one; in place of it where it is silent. */
  public StaffPen paste(BarClip clip) {
    if (bar().isSilent() && music.measures().size() > 1) {
      Manuscript left = Bars.without(music, caret.bar(), caret.bar());
      return with(left, Caret.START).paste(clip, caret.bar());
    }
    return paste(clip, caret.bar() + 1);
  }

  private StaffPen paste(BarClip clip, int at) {
    Manuscript with = clip.into(music, at);
    return with(with, Bars.endOf(with, at + clip.size() - 1));
  }

  /** The same without a bar at the end that was begun and never written in. */
  public StaffPen tidied() {
    int last = music.measures().size() - 1;
    boolean begun = last > 0 && music.measures().get(last).items().isEmpty();
    if (!begun) {
      return this;
    }
    Manuscript left = music.withoutBars(last, last);
    return with(left, caret.bar() == last ? Bars.endOf(left, last - 1) : caret);
  }
}
