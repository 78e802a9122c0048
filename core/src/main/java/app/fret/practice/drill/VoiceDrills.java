package app.fret.practice.drill;

import static app.fret.practice.drill.Piece.HALF;
import static app.fret.practice.drill.Piece.QUARTER;
import static app.fret.practice.drill.Piece.WHOLE;

import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.practice.drill.Copies.Time;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Drills for what sounds together, or could. */
final class VoiceDrills {
  private static final int FEWEST = 2;
  private static final int OCTAVE = 7;
  private static final int MOST_CHORDS = 4;
  private static final int MOST_PAIRS = 6;
  private static final int HEADS_OF_A_CHORD = 3;

  private VoiceDrills() {}

  private static List<Integer> chords(DrillSource source, Span notes, int fewestHeads) {
    return source.timed(notes).stream()
        .filter(n -> source.note(n).notes().size() >= fewestHeads)
        .toList();
  }

  /** Each voice alone, in octaves the lower first; of chords and pedal figures the tune alone. */
  static Optional<DrillMusic> voiceAlone(DrillSource source, Span notes) {
    List<Integer> chords = chords(source, notes, 2);
    if (chords.size() < FEWEST) {
      return PedalTune.among(source, notes).map(p -> tune(source, p, false));
    }
    Time upper = new Time("upper voice", n -> List.of(voice(source, n, true)));
    Time lower = new Time("lower voice", n -> List.of(voice(source, n, false)));
    if (chords.stream().anyMatch(n -> source.note(n).notes().size() > 2)) {
      return Copies.through(source, notes, List.of(upper));
    }
    boolean isOctaves = isMostlyOctaves(source, chords);
    return Copies.through(source, notes, isOctaves ? List.of(lower, upper) : List.of(upper, lower));
  }

  /** The voice that leads, then both: in octaves the lower leads, else the tune. */
  static Optional<DrillMusic> voiceAndPedal(DrillSource source, Span notes) {
    List<Integer> chords = chords(source, notes, 2);
    if (chords.size() < FEWEST) {
      return PedalTune.among(source, notes).map(p -> tune(source, p, true));
    }
    boolean isOctaves = isMostlyOctaves(source, chords);
    return Copies.through(
        source,
        notes,
        List.of(
            new Time(
                isOctaves ? "lower voice" : "the tune", n -> List.of(voice(source, n, !isOctaves))),
            new Time("both", n -> List.of(source.bowed(n)))));
  }

  private static Piece voice(DrillSource source, int note, boolean isUpper) {
    List<Note> heads = source.heads(note);
    return source.bowed(note).with(List.of(isUpper ? heads.get(heads.size() - 1) : heads.get(0)));
  }

  private static boolean isMostlyOctaves(DrillSource source, List<Integer> chords) {
    long octaves =
        chords.stream()
            .map(source::heads)
            .filter(
                h ->
                    h.size() == 2
                        && h.get(1).written().staffStep() - h.get(0).written().staffStep()
                            == OCTAVE)
            .count();
    return 2 * octaves > chords.size();
  }

  private static DrillMusic tune(DrillSource source, PedalTune pedal, boolean withPedal) {
    Sheet sheet = new Sheet(source, pedal.notes().first(), false);
    pedal.addTune(sheet, "the tune");
    if (withPedal) {
      Copies.add(
          source,
          source.timed(pedal.notes()),
          sheet,
          new Time("with the pedal", n -> List.of(source.bowed(n))));
    }
    return sheet.finish();
  }

  /** Pairs of single notes on neighbouring strings that one hand can hold at once. */
  private static List<Integer> pairs(DrillSource source, Span notes) {
    List<Integer> pairs = new ArrayList<>();
    List<Integer> timed = source.timed(notes);
    for (int i = 0; i + 1 < timed.size() && pairs.size() < MOST_PAIRS; i++) {
      boolean follows = timed.get(i + 1) == timed.get(i) + 1;
      if (follows && canStack(source.placement(timed.get(i)), source.placement(timed.get(i + 1)))) {
        pairs.add(timed.get(i));
      }
    }
    return pairs;
  }

  private static boolean canStack(Placement one, Placement other) {
    if (!one.isSingle() || !other.isSingle()) {
      return false;
    }
    Stop a = one.top();
    Stop b = other.top();
    boolean neighbours = Math.abs(a.string() - b.string()) == 1;
    boolean oneIsOpen = a.isOpen() || b.isOpen();
    boolean sameFrame =
        one.base() == other.base()
            && one.frame().name().equals(other.frame().name())
            && a.finger() != b.finger();
    return neighbours && (oneIsOpen || sameFrame);
  }

  private static Piece both(DrillSource source, int first) {
    List<Note> heads = new ArrayList<>(List.of(source.top(first), source.top(first + 1)));
    heads.sort(Comparator.comparing(Note::written));
    return Piece.of(first, heads, HALF);
  }

  static Optional<DrillMusic> stacked(DrillSource source, Span notes) {
    List<Integer> pairs = pairs(source, notes);
    if (pairs.isEmpty()) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, pairs.get(0), true);
    for (int first : pairs) {
      sheet.add(both(source, first));
      sheet.add(source.plain(first).lasting(QUARTER).marked(Marks.NONE));
      sheet.add(source.plain(first + 1).lasting(QUARTER).marked(Marks.NONE));
    }
    return Optional.of(sheet.finish());
  }

  static Optional<DrillMusic> lingerOnBoth(DrillSource source, Span notes) {
    List<Integer> pairs = pairs(source, notes);
    if (pairs.isEmpty()) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, pairs.get(0), true);
    for (int first : pairs) {
      sheet.add(source.plain(first).lasting(QUARTER).marked(Marks.NONE).slurred(true));
      sheet.add(both(source, first).slurred(true));
      sheet.add(source.plain(first + 1).lasting(QUARTER).marked(Marks.NONE));
    }
    return Optional.of(sheet.finish());
  }

  static Optional<DrillMusic> lowerBothUpper(DrillSource source, Span notes) {
    List<Integer> doubles =
        chords(source, notes, 2).stream()
            .filter(n -> source.note(n).notes().size() == 2)
            .limit(MOST_CHORDS)
            .toList();
    if (doubles.isEmpty()) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, doubles.get(0), true);
    // A bow for each: all three in one run out of hair where the tempo is slow and the level high.
    for (int n : doubles) {
      List<Note> heads = source.heads(n);
      sheet.add(Piece.of(n, heads.subList(0, 1), QUARTER));
      sheet.add(Piece.of(n, heads, HALF));
      sheet.add(Piece.of(n, heads.subList(1, 2), QUARTER));
    }
    return Optional.of(sheet.finish());
  }

  static Optional<DrillMusic> chordTuning(DrillSource source, Span notes) {
    List<Integer> chords =
        chords(source, notes, HEADS_OF_A_CHORD).stream().limit(MOST_CHORDS).toList();
    if (chords.isEmpty()) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, chords.get(0), true);
    for (int n : chords) {
      List<Note> heads = source.heads(n);
      sheet.add(Piece.of(n, heads.subList(0, 1), HALF).saying("in tune, then add"));
      for (int pair = 0; pair + 1 < heads.size(); pair++) {
        sheet.add(Piece.of(n, heads.subList(pair, pair + 2), HALF));
      }
      sheet.add(Piece.of(n, heads, WHOLE).saying("all"));
      sheet.endBar();
    }
    return Optional.of(sheet.finish());
  }
}
