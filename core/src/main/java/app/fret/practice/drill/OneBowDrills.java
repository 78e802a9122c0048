package app.fret.practice.drill;

import app.fret.bow.stroke.StrokeKind;
import app.fret.practice.drill.Copies.Time;
import app.fret.score.Marks;
import app.fret.score.Marks.Articulation;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** Drills for several separate notes in one bow: hooked rhythms and the firm staccato. */
final class OneBowDrills {
  private static final int FEWEST_OF_STACCATO = 3;

  private OneBowDrills() {}

  /** First in separate bows with a stop, then hooked on open strings, then with the notes. */
  static Optional<DrillMusic> hookedDots(DrillSource source, Span notes) {
    boolean isHooked =
        source.timed(notes).stream().anyMatch(n -> source.stroke(n).kind() == StrokeKind.HOOKED);
    return isHooked
        ? Copies.through(
            source,
            notes,
            List.of(
                new Time("separate, with a stop", n -> stopped(source, n)),
                new Time("hooked, open strings", n -> List.of(onOpenStrings(source, n))),
                new Time("as written", n -> List.of(source.piece(n)))))
        : Optional.empty();
  }

  private static List<Piece> stopped(DrillSource source, int note) {
    Piece piece = source.plain(note).unsigned();
    if (!isHookedOn(source, note) && !isLongOfPair(source, note)) {
      return List.of(piece);
    }
    Fraction stop = piece.length().divide(2);
    Fraction next = source.note(note + 1).length();
    stop = next.signum() > 0 && next.compareTo(stop) < 0 ? next : stop;
    return List.of(piece.lasting(piece.length().subtract(stop)), Piece.rest(note, stop));
  }

  /** Whether a short note of the same figure follows: like pairs are played alike. */
  private static boolean isLongOfPair(DrillSource source, int note) {
    return note + 1 < source.count()
        && source.isPlayable(note + 1)
        && source.note(note + 1).length().signum() > 0
        && source.note(note).length().compareTo(source.note(note + 1).length().multiply(2)) >= 0;
  }

  /** Whether the note behind goes on in the same direction. */
  private static boolean isHookedOn(DrillSource source, int note) {
    return source.isSlurredOn(note)
        || note + 1 < source.count()
            && source.stroke(note + 1).kind() == StrokeKind.HOOKED
            && source.stroke(note).kind() == StrokeKind.HOOKED
            && source.stroke(note + 1).direction() == source.stroke(note).direction();
  }

  private static Piece onOpenStrings(DrillSource source, int note) {
    return source.bowed(note).with(source.openStrings(note));
  }

  /** One note repeated, two and four in a bow, then the notes two in a bow, then as written. */
  static Optional<DrillMusic> staccato(DrillSource source, Span notes) {
    List<Integer> own =
        source.timed(notes).stream()
            .filter(n -> isStaccato(source, n))
            .findFirst()
            .map(source::stroke)
            .map(s -> source.timed(new Span(s.firstNote(), s.lastNote())))
            .orElse(List.of());
    if (own.size() < FEWEST_OF_STACCATO) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, own.get(0), true);
    List<Integer> repeated = new ArrayList<>(own);
    repeated.replaceAll(n -> own.get(0));
    add(source, sheet, repeated, 2, "one note, two in a bow");
    add(source, sheet, repeated, 4, "one note, four in a bow");
    add(source, sheet, own, 2, "the notes, two in a bow");
    add(source, sheet, own, own.size(), "all in one bow");
    return Optional.of(sheet.finish());
  }

  static boolean isStaccato(DrillSource source, int note) {
    return source.stroke(note).kind() == StrokeKind.STACCATO;
  }

  private static void add(
      DrillSource source, Sheet sheet, List<Integer> notes, int inABow, String words) {
    sheet.again();
    for (int i = 0; i < notes.size(); i++) {
      int note = notes.get(i);
      Piece piece =
          Piece.of(note, source.heads(note), source.note(note).length())
              .marked(
                  Marks.NONE
                      .toggled(Articulation.STACCATO)
                      .withBow(i == 0 ? source.bowSign(note) : Optional.empty()))
              .slurred((i + 1) % inABow != 0 && i < notes.size() - 1);
      sheet.add(i == 0 ? piece.saying(words) : piece);
    }
    sheet.endBar();
  }
}
