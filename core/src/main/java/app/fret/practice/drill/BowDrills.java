package app.fret.practice.drill;

import static app.fret.practice.drill.Piece.EIGHTH;
import static app.fret.practice.drill.Piece.HALF;
import static app.fret.practice.drill.Piece.QUARTER;

import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.score.BowDirection;
import app.fret.score.Marks;
import app.fret.score.Marks.Articulation;
import app.fret.score.Note;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Drills for the right hand. */
final class BowDrills {
  private static final int FEWEST_TIMES = 2;

  private BowDrills() {}

  static Optional<DrillMusic> doubledNotes(DrillSource source, Span notes) {
    return Copies.of(
        source,
        notes,
        n -> {
          Piece piece = source.plain(n).marked(Marks.NONE);
          return List.of(piece, piece);
        });
  }

  /** The rhythm and the strokes on the open strings that the notes lie on. */
  static Optional<DrillMusic> bowAlone(DrillSource source, Span notes) {
    return Copies.of(source, notes, n -> List.of(source.piece(n).with(source.openStrings(n))));
  }

  /**
   * From the string to the springing stroke: slurred over open strings, up-bow from the lowest,
   * twice; then the notes of the music.
   */
  static Optional<DrillMusic> springingSteps(DrillSource source, Span notes) {
    Optional<Stroke> stroke =
        source.bow().strokes().stream()
            .filter(s -> s.kind() == StrokeKind.SPRINGING_ARPEGGIO)
            .filter(s -> s.firstNote() <= notes.last() && s.lastNote() >= notes.first())
            .findFirst();
    return stroke.flatMap(s -> springingSteps(source, s));
  }

  private static Optional<DrillMusic> springingSteps(DrillSource source, Stroke stroke) {
    List<Integer> own = source.timed(new Span(stroke.firstNote(), stroke.lastNote()));
    if (own.size() < FEWEST_TIMES) {
      return Optional.empty();
    }
    List<Integer> rising = new ArrayList<>(own);
    rising.sort(Comparator.comparingInt(n -> -source.placement(n).top().string()));
    Sheet sheet = new Sheet(source, own.get(0), true);
    for (String words : List.of("on the string, even", "fingers lifted from the stick")) {
      for (boolean up : new boolean[] {true, false}) {
        List<Integer> order = up ? rising : reversed(rising);
        for (int i = 0; i < order.size(); i++) {
          Note open = source.open(source.placement(order.get(i)).top().string(), order.get(i));
          Piece piece = Piece.of(order.get(i), List.of(open), EIGHTH);
          piece = i == 0 && up ? piece.saying(words) : piece;
          sheet.add(turned(piece, i == 0, up).slurred(i < order.size() - 1));
        }
      }
      sheet.endBar();
    }
    for (boolean up : new boolean[] {true, false}) {
      List<Integer> order = up ? rising : reversed(rising);
      for (int i = 0; i < order.size(); i++) {
        Piece piece = source.plain(order.get(i)).lasting(EIGHTH).marked(Marks.NONE);
        piece = i == 0 && up ? piece.saying("the chord") : piece;
        sheet.add(turned(piece, i == 0, up).slurred(i < order.size() - 1));
      }
    }
    return Optional.of(sheet.finish());
  }

  private static Piece turned(Piece piece, boolean first, boolean up) {
    return first
        ? piece.marked(Marks.NONE.withBow(Optional.of(up ? BowDirection.UP : BowDirection.DOWN)))
        : piece;
  }

  private static List<Integer> reversed(List<Integer> notes) {
    List<Integer> back = new ArrayList<>(notes);
    Collections.reverse(back);
    return back;
  }

  /** Each string that these notes use, at the frog, in the middle and at the tip, with time. */
  static Optional<DrillMusic> planesAtPlaces(DrillSource source, Span notes) {
    List<Integer> timed = source.timed(notes);
    Map<Integer, Integer> firstOn = new TreeMap<>();
    for (int note : timed) {
      source.placement(note).stops().forEach(s -> firstOn.putIfAbsent(s.string(), note));
    }
    if (firstOn.size() < FEWEST_TIMES) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, timed.get(0), true);
    firstOn.forEach(
        (string, note) -> {
          List<Note> open = List.of(source.open(string, note));
          for (String place : List.of("frog", "middle", "tip")) {
            sheet.add(Piece.of(note, open, QUARTER).saying(place));
            sheet.add(Piece.rest(note, QUARTER));
          }
          sheet.endBar();
        });
    return Optional.of(sheet.finish());
  }

  /** The notes of the first slur: slurred, each stopped, the first accented. */
  static Optional<DrillMusic> slurStopAccent(DrillSource source, Span notes) {
    List<Integer> timed = source.timed(notes);
    Optional<Stroke> slur =
        timed.stream()
            .map(source::stroke)
            .filter(s -> source.timed(new Span(s.firstNote(), s.lastNote())).size() > 1)
            .filter(s -> notes.holds(s.firstNote()) && notes.holds(s.lastNote()))
            .findFirst();
    if (slur.isEmpty()) {
      return Optional.empty();
    }
    List<Integer> own = source.timed(new Span(slur.get().firstNote(), slur.get().lastNote()));
    Sheet sheet = new Sheet(source, own.get(0), true);
    for (int i = 0; i < own.size(); i++) {
      Piece piece = source.plain(own.get(i)).lasting(QUARTER).slurred(i < own.size() - 1);
      sheet.add(i == 0 ? piece.saying("slur") : piece);
    }
    sheet.endBar();
    for (int i = 0; i < own.size(); i++) {
      Marks dot = Marks.NONE.toggled(Articulation.STACCATO);
      Piece piece = source.plain(own.get(i)).lasting(QUARTER).marked(dot);
      sheet.add(i == 0 ? piece.saying("stop") : piece);
    }
    sheet.endBar();
    Marks accent = Marks.NONE.toggled(Articulation.ACCENT);
    for (int i = 0; i < FEWEST_TIMES; i++) {
      Piece piece = source.plain(own.get(0)).lasting(QUARTER).marked(accent);
      sheet.add(i == 0 ? piece.saying("accent") : piece);
      sheet.add(Piece.rest(own.get(0), HALF.subtract(QUARTER)));
    }
    return Optional.of(sheet.finish());
  }
}
