package app.fret.files.musicxml;

import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.score.Bar;
import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.WrittenLength;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.FiguredBass;
import org.audiveris.proxymusic.Forward;
import org.audiveris.proxymusic.Harmony;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.Sound;
import org.audiveris.proxymusic.YesNo;

/**
 * Reads one part as a passage: walks its measures with a cursor in time and keeps the fullest
 * voice.
 *
 * <p>What other voices and unsupported signs hold is listed, never dropped silently. Gaps of the
 * chosen voice become rests.
 */
final class PartReader {
  private final ScorePartwise.Part part;
  private final ScorePlace place;
  private final String title;
  private final String partName;
  private final Skipped skipped;
  private final String voice;
  private final NoteReader noteReader;
  private final SpanReader spans;
  private final DirectionReader directions;
  private final BarState state;
  private final List<Bar> bars = new ArrayList<>();
  private final List<Event> events = new ArrayList<>();

  PartReader(
      ScorePartwise.Part part, ScorePlace place, String title, String partName, Skipped skipped) {
    this.part = part;
    this.place = place;
    this.title = title;
    this.partName = partName;
    this.skipped = skipped;
    this.voice = fullestVoice();
    this.noteReader = new NoteReader(skipped);
    this.spans = new SpanReader(skipped);
    this.directions = new DirectionReader(skipped);
    this.state = new BarState(skipped, staffOfVoice());
  }

  ReadPassage read() throws ScoreRejectedException {
    if (part.getMeasure().isEmpty()) {
      throw new ScoreRejectedException(place, "the part has no bars");
    }
    Fraction onset = Fraction.ZERO;
    for (int i = 0; i < part.getMeasure().size(); i++) {
      ScorePartwise.Part.Measure measure = part.getMeasure().get(i);
      try {
        onset = new MeasureReader(measure, i, onset).read();
      } catch (ArithmeticException e) {
        throw new ScoreRejectedException(
            place.inBar(label(measure)), "its note lengths cannot be counted exactly");
      } catch (IllegalArgumentException e) {
        throw new ScoreRejectedException(place.inBar(label(measure)), e.getMessage());
      } catch (NullPointerException e) {
        // The lenient binding leaves required elements null when a file omits them.
        throw new ScoreRejectedException(
            place.inBar(label(measure)), "an element that MusicXML requires is missing");
      }
    }
    Passage passage =
        new Passage(
            title,
            partName,
            bars,
            events,
            spans.slurs(),
            spans.tuplets(),
            directions.directions(),
            state.transposition());
    return new ReadPassage(passage, directions.playbackTempo(), skipped.list());
  }

  private static String label(ScorePartwise.Part.Measure measure) {
    return measure.getNumber() == null ? "?" : measure.getNumber();
  }

  private static String voiceOf(org.audiveris.proxymusic.Note note) {
    return note.getVoice() == null ? "1" : note.getVoice();
  }

  /** The voice with the most pitched notes, the first of equals. */
  private String fullestVoice() {
    Map<String, Integer> counts = new LinkedHashMap<>();
    for (ScorePartwise.Part.Measure measure : part.getMeasure()) {
      for (Object item : measure.getNoteOrBackupOrForward()) {
        if (item instanceof org.audiveris.proxymusic.Note note && note.getPitch() != null) {
          counts.merge(voiceOf(note), 1, Integer::sum);
        }
      }
    }
    String fullest = "1";
    int most = 0;
    for (Map.Entry<String, Integer> entry : counts.entrySet()) {
      if (entry.getValue() > most) {
        fullest = entry.getKey();
        most = entry.getValue();
      }
    }
    return fullest;
  }

  /** The staff the chosen voice stands on most, 1 when the part has one staff only. */
  private int staffOfVoice() {
    Map<Integer, Integer> counts = new HashMap<>();
    for (ScorePartwise.Part.Measure measure : part.getMeasure()) {
      for (Object item : measure.getNoteOrBackupOrForward()) {
        if (item instanceof org.audiveris.proxymusic.Note note
            && voiceOf(note).equals(voice)
            && note.getStaff() != null) {
          counts.merge(note.getStaff().intValue(), 1, Integer::sum);
        }
      }
    }
    return counts.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse(1);
  }

  /** Reads one measure; its fields live as long. */
  private final class MeasureReader {
    private final ScorePartwise.Part.Measure measure;
    private final int index;
    private final String bar;
    private final Fraction start;
    private Fraction cursor;
    private Fraction voiceEnd;
    private Fraction furthest;
    private Fraction lastOnset;

    MeasureReader(ScorePartwise.Part.Measure measure, int index, Fraction start) {
      this.measure = measure;
      this.index = index;
      this.bar = label(measure);
      this.start = start;
      this.cursor = start;
      this.voiceEnd = start;
      this.furthest = start;
      this.lastOnset = start;
    }

    /** Reads it and returns when the next one starts. */
    Fraction read() throws ScoreRejectedException {
      state.startBar(start);
      for (Object item : measure.getNoteOrBackupOrForward()) {
        read(item);
      }
      Fraction length = barLength();
      if (voiceEnd.equals(start)) {
        addWholeBarRest(length);
      } else {
        fillUpTo(start.add(length));
      }
      boolean notFull = length.compareTo(state.metre().barLength()) < 0;
      boolean uncounted =
          measure.getImplicit() == YesNo.YES || (index == 0 && notFull && !state.metre().isFree());
      bars.add(state.finishBar(bar, uncounted, length));
      return start.add(length);
    }

    private void addWholeBarRest(Fraction length) {
      WrittenLength whole = WrittenLength.of(NoteValue.WHOLE);
      events.add(new Rest(index, start, length, whole, true));
    }

    private void read(Object item) throws ScoreRejectedException {
      if (item instanceof org.audiveris.proxymusic.Note note) {
        readNote(note);
      } else if (item instanceof Attributes attributes) {
        state.read(attributes, cursor, start, place.inBar(bar));
      } else if (item instanceof Backup backup) {
        cursor = cursor.subtract(state.length(backup.getDuration()));
      } else if (item instanceof Forward forward) {
        advance(state.length(forward.getDuration()));
      } else if (item instanceof Direction direction) {
        readDirection(direction);
      } else if (item instanceof Barline barline) {
        state.readBarline(barline, bar);
      } else if (item instanceof Sound sound) {
        directions.readSound(sound);
      } else if (item instanceof Harmony) {
        skipped.add("chord symbols", bar);
      } else if (item instanceof FiguredBass) {
        skipped.add("figured bass", bar);
      }
    }

    private void readDirection(Direction direction) {
      boolean otherStaff =
          direction.getStaff() != null && direction.getStaff().intValue() != state.staff();
      if (otherStaff) {
        skipped.add("directions of another staff", bar);
        return;
      }
      Fraction offset =
          direction.getOffset() == null
              ? Fraction.ZERO
              : state.length(direction.getOffset().getValue());
      Fraction at = cursor.add(offset);
      directions.read(direction, at.compareTo(start) < 0 ? start : at, bar);
    }

    private void advance(Fraction length) {
      cursor = cursor.add(length);
      furthest = furthest.compareTo(cursor) < 0 ? cursor : furthest;
    }

    private void readNote(org.audiveris.proxymusic.Note note) throws ScoreRejectedException {
      boolean chord = note.getChord() != null;
      boolean grace = note.getGrace() != null;
      Fraction counted =
          grace || note.getDuration() == null ? Fraction.ZERO : state.length(note.getDuration());
      Fraction onset = chord ? lastOnset : cursor;
      if (!voiceOf(note).equals(voice)) {
        passOver(note, "voice " + voiceOf(note));
      } else if (note.getCue() != null) {
        passOver(note, "cue notes");
      } else if (note.getUnpitched() != null) {
        passOver(note, "notes without pitch");
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

    private void passOver(org.audiveris.proxymusic.Note note, String kind) {
      if (note.getRest() == null) {
        skipped.add(kind, bar);
      }
    }

    private void addToChord(org.audiveris.proxymusic.Note note) throws ScoreRejectedException {
      if (events.isEmpty() || !(events.get(events.size() - 1) instanceof Sounding below)) {
        throw new ScoreRejectedException(
            place.inBar(bar), "a chord note has no note to stand with");
      }
      List<Note> heads = new ArrayList<>(below.notes());
      Note head = noteReader.head(note, bar);
      boolean doubled = heads.stream().anyMatch(h -> h.written().equals(head.written()));
      if (doubled && head.finger().isEmpty()) {
        skipped.add("a note head doubled on one pitch", bar);
        return;
      }
      heads.add(head);
      Marks marks = joined(below.marks(), noteReader.marks(note, bar));
      events.set(events.size() - 1, below.withNotes(heads).withMarks(marks));
      spans.read(note, events.size() - 1, below.written().ratio(), bar);
    }

    private static Marks joined(Marks one, Marks other) {
      EnumSet<Marks.Articulation> articulations = EnumSet.noneOf(Marks.Articulation.class);
      articulations.addAll(one.articulations());
      articulations.addAll(other.articulations());
      EnumSet<Marks.Ornament> ornaments = EnumSet.noneOf(Marks.Ornament.class);
      ornaments.addAll(one.ornaments());
      ornaments.addAll(other.ornaments());
      return new Marks(
          articulations,
          ornaments,
          one.bow().or(other::bow),
          one.fermata() || other.fermata(),
          Math.max(one.tremoloStrokes(), other.tremoloStrokes()));
    }

    private void addEvent(
        org.audiveris.proxymusic.Note note, Fraction onset, Fraction counted, boolean grace)
        throws ScoreRejectedException {
      boolean wholeBar = note.getRest() != null && note.getRest().getMeasure() == YesNo.YES;
      Optional<WrittenLength> named = NoteReader.written(note);
      if (!grace && counted.signum() == 0) {
        throw new ScoreRejectedException(place.inBar(bar), "a note has no duration");
      }
      Fraction length = grace ? Fraction.ZERO : exact(counted, named);
      WrittenLength written =
          wholeBar
              ? WrittenLength.of(NoteValue.WHOLE)
              : named.orElseGet(() -> Lengths.longestWithin(length));
      Fraction at = settle(onset, grace);
      events.add(
          note.getRest() != null || note.getPitch() == null
              ? new Rest(index, at, length, written, wholeBar)
              : sounding(note, at, length, written));
      spans.read(note, events.size() - 1, written.ratio(), bar);
      readNoteDynamics(note, at);
      voiceEnd = at.add(length);
    }

    private Sounding sounding(
        org.audiveris.proxymusic.Note note, Fraction at, Fraction length, WrittenLength written) {
      Sounding.Grace grace =
          note.getGrace() == null
              ? Sounding.Grace.NONE
              : note.getGrace().getSlash() == YesNo.YES
                  ? Sounding.Grace.SLASHED
                  : Sounding.Grace.PLAIN;
      return new Sounding(
          index,
          at,
          length,
          written,
          grace,
          List.of(noteReader.head(note, bar)),
          noteReader.marks(note, bar));
    }

    private void readNoteDynamics(org.audiveris.proxymusic.Note note, Fraction at) {
      for (Notations notations : note.getNotations()) {
        notations.getTiedOrSlurOrTuplet().stream()
            .filter(org.audiveris.proxymusic.Dynamics.class::isInstance)
            .map(org.audiveris.proxymusic.Dynamics.class::cast)
            .forEach(d -> directions.readDynamics(d, at));
      }
    }

    /**
     * The exact length: the written one when the counted one differs by rounding only, as files
     * with too few divisions for their tuplets have it.
     */
    private Fraction exact(Fraction counted, Optional<WrittenLength> named) {
      if (named.isEmpty()) {
        return counted;
      }
      Fraction written = named.get().length();
      Fraction off = written.subtract(counted).abs();
      return off.compareTo(state.oneDivision()) < 0 ? written : counted;
    }

    /** Lets the event start where the voice ended if only rounding parts them; fills gaps. */
    private Fraction settle(Fraction onset, boolean grace) throws ScoreRejectedException {
      Fraction gap = onset.subtract(voiceEnd);
      if (gap.abs().compareTo(state.oneDivision().multiply(2)) < 0) {
        cursor = cursor.equals(onset) ? voiceEnd : cursor;
        return voiceEnd;
      }
      if (gap.signum() < 0) {
        throw new ScoreRejectedException(
            place.inBar(bar),
            "two notes of voice " + voice + " overlap; correct the bar in your notation program");
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
      for (WrittenLength length : Lengths.filling(gap)) {
        Fraction left = end.subtract(voiceEnd);
        Fraction taken = length.length().compareTo(left) < 0 ? length.length() : left;
        events.add(new Rest(index, voiceEnd, taken, length, false));
        voiceEnd = voiceEnd.add(taken);
      }
    }

    private Fraction barLength() throws ScoreRejectedException {
      Fraction full = state.metre().barLength();
      Fraction voiceLength = voiceEnd.subtract(start);
      Fraction held = furthest.subtract(start);
      if (held.subtract(voiceLength).abs().compareTo(state.oneDivision().multiply(4)) < 0) {
        held = voiceLength;
      }
      Fraction length = held.compareTo(voiceLength) > 0 ? held : voiceLength;
      if (length.signum() == 0) {
        return full;
      }
      if (length.compareTo(full) > 0 && !state.metre().isFree()) {
        throw new ScoreRejectedException(
            place.inBar(bar),
            "notes add up to "
                + length
                + " in a bar of "
                + state.metre()
                + "; correct the bar in your notation program");
      }
      boolean edge = index == 0 || index == part.getMeasure().size() - 1;
      boolean free = state.metre().isFree();
      if (length.compareTo(full) < 0 && !edge && !free && measure.getImplicit() != YesNo.YES) {
        skipped.add("no music, but note: less than the metre asks for", bar);
      }
      return length;
    }
  }
}
