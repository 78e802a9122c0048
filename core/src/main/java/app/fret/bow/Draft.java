package app.fret.bow;

import app.fret.score.Span;

/**
 * A stroke before it is known which way it goes and where on the bow.
 *
 * @param notes its notes
 * @param kind how it is played
 * @param seconds how long it lasts, in s
 * @param targetCm bow it would best have
 * @param slowestCm least bow at which it still sounds full
 * @param fastestCm most bow it can spend
 * @param shares share of each note in the amount, together 1
 */
record Draft(
    Span notes,
    StrokeKind kind,
    double seconds,
    double targetCm,
    double slowestCm,
    double fastestCm,
    double[] shares) {

  private static final double MOST_OF_HAIR = 0.92;
  private static final double LEAST_SLOWEST_SHARE = 0.12;
  private static final double MOST_SLOWEST_SHARE = 0.45;
  private static final double ACCENTED = 1.55;
  private static final double BEFORE_ACCENT = 0.82;
  private static final double LEGATO_START = 0.85;
  private static final double FADING_END = 0.88;
  private static final double LOWEST_STRING_SHORT = 0.82;
  private static final double LOWEST_STRING = 0.9;
  private static final double SHORT_SECONDS = 0.5;
  private static final double HALF_LEVEL = 0.5;

  /** The stroke of some notes. */
  static Draft of(BowLine line, Span notes, StrokeKind kind) {
    int count = notes.last() - notes.first() + 1;
    double[] shares = new double[count];
    double usual = 0;
    double slowest = 0;
    double seconds = 0;
    for (int i = 0; i < count; i++) {
      BowedNote note = line.note(notes.first() + i);
      double boost = boost(line, notes, kind, i) * onLowestString(line, note);
      shares[i] =
          note.seconds() * BowSpeeds.usualCmPerSecond(note.level()) * kind.soundingShare() * boost;
      usual += shares[i];
      slowest += note.seconds() * BowSpeeds.slowestCmPerSecond(note.level()) * kind.soundingShare();
      seconds += note.seconds();
    }
    for (int i = 0; i < count; i++) {
      shares[i] /= usual;
    }
    slowest = Math.max(LEAST_SLOWEST_SHARE * usual, Math.min(MOST_SLOWEST_SHARE * usual, slowest));
    return new Draft(
        notes,
        kind,
        seconds,
        Math.min(usual, MOST_OF_HAIR * line.hairCm()),
        slowest,
        BowSpeeds.FASTEST_BESIDE_USUAL * usual,
        shares);
  }

  private static double boost(BowLine line, Span notes, StrokeKind kind, int index) {
    int number = notes.first() + index;
    BowedNote note = line.note(number);
    if (note.accent() > 0) {
      return ACCENTED;
    }
    double boost = 1;
    boolean isLast = number == notes.last();
    if (!isLast && line.note(number + 1).accent() > 0) {
      boost *= BEFORE_ACCENT;
    }
    boolean fades = line.note(notes.last()).level() < line.note(notes.first()).level() - HALF_LEVEL;
    boolean slurred = kind == StrokeKind.LEGATO && notes.last() > notes.first();
    if (slurred && index == 0 && !fades) {
      boost *= LEGATO_START;
    }
    return slurred && isLast && fades ? boost * FADING_END : boost;
  }

  private static double onLowestString(BowLine line, BowedNote note) {
    boolean lowest = note.strings().get(0) == line.stringCount();
    if (!lowest || !note.isLoud()) {
      return 1;
    }
    return note.seconds() < SHORT_SECONDS ? LOWEST_STRING_SHORT : LOWEST_STRING;
  }

  /** Levels by which it grows, negative when it fades. */
  double growth(BowLine line) {
    return line.note(notes.last()).level() - line.note(notes.first()).level();
  }

  double perSecond() {
    return (notes.last() - notes.first() + 1) / seconds;
  }
}
