package app.fret.files.musicxml;

import app.fret.files.PlainWords;
import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.WrittenLength;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Reads one measure with a cursor in time; its fields live as long. Gaps of the chosen voice become
 * rests.
 */
final class MeasureReader {
  /** No note stands where a chord note could join it. */
  private static final int NONE = -1;

  private final PartReader part;
  private final Skipped skipped;
  private final BarState state;
  private final List<Event> events;
  private final Source measure;
  private final int index;
  private final boolean edge;
  private final String bar;
  private final Fraction start;
  private Fraction cursor;
  private Fraction voiceEnd;
  private Fraction furthest;
  private Fraction lastOnset;
  private int chordBase = NONE;
  private final String base;
  private final Set<String> upon;
  private final List<SecondVoice.Held> held = new ArrayList<>();

  /** How far counted and exact time may lie apart by now, since tuplets were counted rounded. */
  private Fraction rounding = Fraction.ZERO;

  MeasureReader(PartReader part, Source measure, int index, boolean edge, Fraction start) {
    this.part = part;
    this.skipped = part.skipped();
    this.state = part.state();
    this.events = part.events();
    this.measure = measure;
    this.index = index;
    this.edge = edge;
    this.bar = PartReader.label(measure);
    this.start = start;
    this.cursor = start;
    this.voiceEnd = start;
    this.furthest = start;
    this.lastOnset = start;
    MeasureVoices voices = MeasureVoices.of(measure.element(), state.staff());
    this.base = voices.base(part.voice().name());
    this.upon = voices.upon(base);
  }

  private ScorePlace here() {
    return part.place().inBar(bar);
  }

  /** Reads it and returns when the next one starts. */
  Fraction read() throws ScoreRejectedException {
    state.startBar(start);
    for (Source item : measure.each()) {
      read(item);
    }
    int firstEvent = firstEvent();
    Fraction length = barLength();
    if (voiceEnd.equals(start)) {
      addWholeBarRest(length);
    } else {
      fillUpTo(start.add(length));
    }
    SecondVoice.lay(held, events, firstEvent)
        .forEach(left -> skipped.add("a note of a second voice that no hand could hold", bar));
    boolean notFull = length.compareTo(state.metre().barLength()) < 0;
    boolean uncounted =
        measure.is("implicit", "yes")
            || (index == 0 && notFull && !state.metre().isFree() && !measure.is("implicit", "no"));
    part.bars().add(state.finishBar(bar, uncounted, length));
    return start.add(length);
  }

  private int firstEvent() {
    int first = events.size();
    while (first > 0 && events.get(first - 1).bar() == index) {
      first--;
    }
    return first;
  }

  private void addWholeBarRest(Fraction length) {
    WrittenLength whole = WrittenLength.of(NoteValue.WHOLE);
    events.add(new Rest(index, start, length, whole, true));
  }

  private void read(Source item) throws ScoreRejectedException {
    switch (item.name()) {
      case "note" -> readNote(item.took());
      case "attributes" -> state.read(item.took(), cursor, start, bar);
      case "backup" -> readBackup(item.took());
      case "forward" -> advance(moved(item.took()));
      case "direction" -> readDirection(item.took());
      case "barline" -> state.readBarline(item.took(), bar);
      case "sound" -> part.directions().readSound(item.took(), bar);
      default -> {
        // Listed with all else that nobody took.
      }
    }
  }

  /** By how much a backup or forward moves the cursor. */
  private Fraction moved(Source move) {
    move.child("voice");
    move.child("staff");
    Fraction length =
        move.child("duration")
            .map(d -> state.length(d.number()))
            .orElseThrow(
                () -> new IllegalArgumentException("a " + move.name() + " names no duration"));
    if (length.signum() < 0) {
      throw new IllegalArgumentException("a " + move.name() + " lasts less than nothing");
    }
    return length;
  }

  private void readBackup(Source backup) {
    cursor = cursor.subtract(moved(backup));
    chordBase = NONE;
    if (cursor.compareTo(start.subtract(rounding)) < 0) {
      throw new IllegalArgumentException(
          "a backup goes to before the bar; correct the bar in your notation program");
    }
  }

  private void readDirection(Source direction) {
    boolean otherStaff =
        direction
            .textOf("staff")
            .filter(staff -> !staff.equals(String.valueOf(state.staff())))
            .isPresent();
    if (otherStaff) {
      direction.takeAll();
      skipped.add("directions of another staff", bar);
      return;
    }
    direction.child("voice");
    Fraction offset =
        direction.child("offset").map(o -> state.length(o.number())).orElse(Fraction.ZERO);
    Fraction at = cursor.add(offset);
    part.directions().read(direction, at.compareTo(start) < 0 ? start : at, bar);
  }

  private void advance(Fraction length) {
    cursor = cursor.add(length);
    furthest = furthest.compareTo(cursor) < 0 ? cursor : furthest;
  }

  private void readNote(Source note) throws ScoreRejectedException {
    boolean chord = note.has("chord");
    boolean grace = note.has("grace");
    note.child("voice");
    note.child("staff");
    Fraction counted =
        grace
            ? Fraction.ZERO
            : note.child("duration").map(d -> state.length(d.number())).orElse(Fraction.ZERO);
    Fraction onset = chord ? lastOnset : cursor;
    String voice = Voice.nameOf(note.element());
    boolean otherStaff = Voice.staffOf(note.element()).orElse(state.staff()) != state.staff();
    if (!otherStaff && upon.contains(voice) && isHeld(note, grace)) {
      held.add(
          new SecondVoice.Held(
              onset,
              onset.add(counted),
              part.noteReader().head(note, bar),
              part.noteReader().marks(note, bar)));
      part.noteReader().written(note, bar);
    } else if (!voice.equals(base) || otherStaff) {
      passOver(note, chord, "voice " + PlainWords.quoted(voice));
    } else if (note.has("cue")) {
      passOver(note, chord, "cue notes");
    } else if (note.has("unpitched")) {
      passOver(note, chord, "notes without pitch");
    } else if (chord) {
      addToChord(note);
    } else {
      addEvent(note, onset, counted, grace);
    }
    if (!chord && !grace) {
      lastOnset = onset;
      advance(counted);
    }
  }

  private static boolean isHeld(Source note, boolean grace) {
    return !grace && note.element().child("pitch").isPresent() && !note.has("cue");
  }

  private void passOver(Source note, boolean chord, String kind) {
    chordBase = chord ? chordBase : NONE;
    boolean silent =
        note.element().child("rest").isPresent() && note.element().child("notations").isEmpty();
    note.takeAll();
    if (!silent) {
      skipped.add(kind, bar);
    }
  }

  private void addToChord(Source note) {
    if (chordBase == NONE || !note.has("pitch")) {
      note.takeAll();
      skipped.add("chord notes with no note to stand with", bar);
      return;
    }
    Sounding below = (Sounding) events.get(chordBase);
    List<Note> heads = new ArrayList<>(below.notes());
    Note head = part.noteReader().head(note, bar);
    part.noteReader().written(note, bar);
    boolean doubled = heads.stream().anyMatch(h -> h.written().equals(head.written()));
    if (doubled && head.finger().isEmpty()) {
      note.takeAll();
      skipped.add("a note head doubled on one pitch", bar);
      return;
    }
    heads.add(head);
    Marks marks = below.marks().and(part.noteReader().marks(note, bar));
    events.set(chordBase, below.withNotes(heads).withMarks(marks));
    part.spans().read(note, chordBase, below.written().ratio(), bar);
    readNoteDynamics(note, below.onset());
  }

  private void addEvent(Source note, Fraction onset, Fraction counted, boolean grace)
      throws ScoreRejectedException {
    Optional<Source> rest = note.child("rest");
    boolean wholeBar = rest.isPresent() && rest.get().is("measure", "yes");
    boolean silent = rest.isPresent() || !note.has("pitch");
    if (rest.isEmpty() && silent) {
      skipped.add("a note without a pitch, taken as a rest", bar);
    }
    if (!grace && counted.signum() <= 0) {
      throw new ScoreRejectedException(here(), "a note has no duration");
    }
    if (grace && silent) {
      note.takeAll();
      skipped.add("a rest among grace notes", bar);
      return;
    }
    Timed timed = timed(counted, part.noteReader().written(note, bar), grace, wholeBar);
    Fraction at = settle(onset, grace);
    events.add(
        silent
            ? new Rest(index, at, timed.length(), timed.written(), wholeBar)
            : sounding(note, at, timed));
    chordBase = silent ? NONE : events.size() - 1;
    part.spans().read(note, events.size() - 1, timed.written().ratio(), bar);
    readNoteDynamics(note, at);
    voiceEnd = at.add(timed.length());
  }

  private Sounding sounding(Source note, Fraction at, Timed timed) {
    Optional<Source> grace = note.child("grace");
    Sounding.Grace kind =
        grace.isEmpty()
            ? Sounding.Grace.NONE
            : grace.get().is("slash", "yes") ? Sounding.Grace.SLASHED : Sounding.Grace.PLAIN;
    return new Sounding(
        index,
        at,
        timed.length(),
        timed.written(),
        kind,
        List.of(part.noteReader().head(note, bar)),
        part.noteReader().marks(note, bar));
  }

  private void readNoteDynamics(Source note, Fraction at) {
    for (Source notations : note.children("notations")) {
      notations.children("dynamics").forEach(d -> part.directions().readDynamics(d, at));
    }
  }

  /** How long an event lasts and how that is written. */
  private record Timed(Fraction length, WrittenLength written) {}

  /**
   * What counts is the duration, since the bar adds up by it. The printed length stands where it
   * says the same, or differs only because the file counts too coarsely for its tuplets.
   */
  private Timed timed(
      Fraction counted, Optional<WrittenLength> named, boolean grace, boolean wholeBar) {
    if (grace) {
      return new Timed(Fraction.ZERO, named.orElse(WrittenLength.of(NoteValue.EIGHTH)));
    }
    if (wholeBar) {
      return new Timed(counted, WrittenLength.of(NoteValue.WHOLE));
    }
    if (named.isEmpty()) {
      return new Timed(counted, WrittenLength.longestWithin(counted));
    }
    Fraction printed = named.get().length();
    Fraction off = printed.subtract(counted).abs();
    if (isRounded(named.get(), off)) {
      rounding = rounding.add(off);
      return new Timed(printed, named.get());
    }
    if (off.signum() > 0) {
      skipped.add("a printed length other than the duration, by which it is taken", bar);
      return new Timed(counted, WrittenLength.longestWithin(counted));
    }
    return new Timed(counted, named.get());
  }

  /** Whether a length differs because whole divisions cannot count it. */
  private boolean isRounded(WrittenLength printed, Fraction off) {
    Fraction division = state.oneDivision();
    boolean countable = printed.length().divide(division).getDenominator() == 1;
    Fraction most = printed.ratio().isNone() ? division.divide(2) : division;
    return !countable && off.compareTo(most) < 0;
  }

  /** Lets the event start where the voice ended if only rounding parts them; fills gaps. */
  private Fraction settle(Fraction onset, boolean grace) throws ScoreRejectedException {
    Fraction gap = onset.subtract(voiceEnd);
    if (gap.abs().compareTo(rounding) <= 0) {
      return voiceEnd;
    }
    if (gap.signum() < 0) {
      throw new ScoreRejectedException(
          here(),
          "two notes of voice "
              + PlainWords.quoted(part.voice().name())
              + " overlap; correct the bar in your notation program");
    }
    if (!grace || gap.signum() > 0) {
      fillUpTo(onset);
    }
    return onset;
  }

  private void fillUpTo(Fraction end) {
    Fraction gap = end.subtract(voiceEnd);
    if (gap.signum() <= 0) {
      return;
    }
    for (WrittenLength length : WrittenLength.filling(gap)) {
      Fraction left = end.subtract(voiceEnd);
      Fraction taken = length.length().compareTo(left) < 0 ? length.length() : left;
      events.add(new Rest(index, voiceEnd, taken, length, false));
      voiceEnd = voiceEnd.add(taken);
    }
  }

  private Fraction barLength() {
    Fraction full = state.metre().barLength();
    Fraction voiceLength = voiceEnd.subtract(start);
    Fraction reached = furthest.subtract(start);
    if (reached.subtract(voiceLength).abs().compareTo(rounding) <= 0) {
      reached = voiceLength;
    }
    boolean free = state.metre().isFree();
    if (!free && voiceLength.compareTo(full) <= 0 && reached.compareTo(full) > 0) {
      skipped.add("another voice is longer than the bar", bar);
      reached = full;
    }
    Fraction length = reached.compareTo(voiceLength) > 0 ? reached : voiceLength;
    if (length.signum() == 0) {
      return full;
    }
    if (length.compareTo(full) > 0 && !free) {
      skipped.add(
          Skipped.TOO_LONG + ": " + state.metre().sum(length) + " in " + state.metre(), bar);
    }
    if (length.compareTo(full) < 0 && !edge && !free && !measure.is("implicit", "yes")) {
      skipped.add("less than the metre asks for", bar);
    }
    return length;
  }
}
