package app.fret.practice.drill;

import static app.fret.practice.drill.Piece.EIGHTH;
import static app.fret.practice.drill.Piece.HALF;
import static app.fret.practice.drill.Piece.QUARTER;
import static app.fret.practice.drill.Piece.WHOLE;

import app.fret.lefthand.Shift;
import app.fret.score.Span;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** Drills for one move of the hand. */
final class ShiftDrills {
  private static final Fraction THREE_EIGHTHS = Fraction.of(3, 8);

  private ShiftDrills() {}

  /** The hardest shift among some notes. */
  private static Optional<Move> move(DrillSource source, Span notes) {
    return source.leftHand().shifts().stream()
        .filter(s -> notes.holds(s.fromNote()) && notes.holds(s.toNote()))
        .filter(s -> s.leaving().usesHand() && s.landing().usesHand())
        .max(Comparator.comparingDouble(Shift::bits))
        .map(s -> new Move(source, s));
  }

  /** Fills a sheet with a shift. */
  private interface Filling {
    void put(Move move, Sheet sheet);
  }

  /** A drill by way of the guide note, where there is one. */
  private static Optional<DrillMusic> guided(DrillSource source, Span notes, Filling filling) {
    return move(source, notes).filter(m -> m.guide().isPresent()).isPresent()
        ? made(source, notes, filling)
        : Optional.empty();
  }

  private static Optional<DrillMusic> made(DrillSource source, Span notes, Filling filling) {
    return move(source, notes)
        .map(
            move -> {
              Sheet sheet = new Sheet(source, move.shift().fromNote(), true).atOneLevel();
              filling.put(move, sheet);
              return sheet.finish();
            });
  }

  static Optional<DrillMusic> guideSlide(DrillSource source, Span notes) {
    return guided(
        source,
        notes,
        (m, sheet) -> {
          slide(m, sheet, HALF, HALF, WHOLE, "slow");
          slide(m, sheet, QUARTER, QUARTER, HALF, "medium");
          slide(m, sheet, THREE_EIGHTHS, EIGHTH, HALF, "fast");
          sheet.add(m.from(HALF).slurred(m.isSlurred()).saying("as in the music"));
          sheet.add(m.to(HALF));
        });
  }

  /** One finger carries the hand, so the bow turns where the music turns it: at the landing. */
  private static void slide(
      Move move, Sheet sheet, Fraction from, Fraction guide, Fraction to, String words) {
    sheet.add(move.from(from).slurred(move.isOnItsStrings()).saying(words));
    sheet.add(move.guide(guide).slurred(move.isSlurred() && move.isOnItsStrings()));
    sheet.add(move.to(to));
  }

  static Optional<DrillMusic> guideAndBack(DrillSource source, Span notes) {
    return guided(
        source,
        notes,
        (m, sheet) -> {
          for (int i = 0; i < 2; i++) {
            boolean slurs = m.isOnItsStrings();
            sheet.add(m.from(QUARTER).slurred(slurs));
            sheet.add(m.guide(QUARTER).slurred(slurs));
            sheet.add((slurs ? m.from(QUARTER).unsigned() : m.from(QUARTER)).slurred(slurs));
            sheet.add(m.guide(QUARTER).slurred(slurs && m.isSlurred()));
            sheet.add(m.to(HALF));
            sheet.add(m.rest(HALF, "check"));
          }
        });
  }

  static Optional<DrillMusic> guideSilent(DrillSource source, Span notes) {
    return guided(
        source,
        notes,
        (m, sheet) -> {
          sheet.add(m.from(HALF));
          sheet.add(m.rest(QUARTER, "to the guide, silent"));
          sheet.add(m.guide(QUARTER).saying("check"));
          sheet.add(m.from(HALF));
          sheet.add(m.rest(QUARTER, "to the guide, silent"));
          sheet.add(Piece.rest(m.shift().toNote(), QUARTER));
          sheet.add(m.to(WHOLE));
        });
  }

  static Optional<DrillMusic> stopAndShift(DrillSource source, Span notes) {
    return made(
        source,
        notes,
        (m, sheet) -> {
          for (Fraction stop : List.of(HALF, QUARTER, EIGHTH)) {
            sheet.add(m.from(HALF));
            sheet.add(m.rest(stop, m.isSlurred() ? "stop in the bow, shift" : "stop, shift"));
            sheet.add(m.to(HALF.add(HALF.subtract(stop))));
            sheet.add(m.rest(HALF, "check"));
          }
        });
  }

  static Optional<DrillMusic> thereAndBack(DrillSource source, Span notes) {
    return made(
        source,
        notes,
        (m, sheet) -> {
          for (Fraction length : List.of(HALF, QUARTER, EIGHTH)) {
            for (int i = 0; i < 2; i++) {
              Piece from = m.from(length).slurred(m.isSlurred());
              sheet.add(i == 0 && length.equals(HALF) || !m.isSlurred() ? from : from.unsigned());
              sheet.add(m.to(length));
            }
          }
          sheet.endBar();
        });
  }

  static Optional<DrillMusic> frameLanding(DrillSource source, Span notes) {
    return made(
        source,
        notes,
        (m, sheet) -> {
          for (int i = 0; i < 2; i++) {
            sheet.add(m.from(HALF));
            sheet.add(m.rest(HALF, "land in silence, all fingers"));
            sheet.add(m.to(HALF));
            sheet.add(m.rest(HALF, "leave, and again"));
          }
        });
  }
}
