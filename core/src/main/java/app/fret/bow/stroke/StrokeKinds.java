package app.fret.bow.stroke;

import app.fret.reading.Asked;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Tells which kind each stroke is, from its notes, their signs and the strokes beside it (common
 * practice, no source).
 */
public final class StrokeKinds {
  private static final int FEWEST_OF_CHORD = 3;
  private static final int FEWEST_OF_ARPEGGIO = 3;
  private static final double SLOWEST_ARPEGGIO = 6;
  private static final double FASTEST_ARPEGGIO = 12;
  private static final double DISTINCT_FROM = 8;
  private static final double LONG_SECONDS = 0.85;
  private static final double LIFTED_BELOW = 3;

  private static final double SPICCATO_BELOW = 8.5;
  private static final double SPICCATO_BELOW_LOW = 9.5;

  /** The bows of the low instruments have less hair than this, in mm. */
  private static final double HAIR_OF_LOW_INSTRUMENTS_MM = 620;

  private final BowLine line;
  private final List<Span> groups;
  private final double spiccatoBelow;

  /** The kinds of these strokes. */
  public StrokeKinds(BowLine line, List<Span> groups) {
    this.line = line;
    this.groups = groups;
    boolean isLow = line.brief().player().instrument().bowHairMm() < HAIR_OF_LOW_INSTRUMENTS_MM;
    this.spiccatoBelow = isLow ? SPICCATO_BELOW_LOW : SPICCATO_BELOW;
  }

  /**
   * The kind of a piece of a slur, or of two notes joined.
   *
   * @param whole the kind of the slur it is a piece of
   */
  public StrokeKind ofPiece(Span span, StrokeKind whole) {
    if (size(span) > 1) {
      return whole == StrokeKind.DETACHE ? StrokeKind.LEGATO : whole;
    }
    BowedNote note = line.note(span.first());
    return whole == StrokeKind.LEGATO && note.seconds() < LONG_SECONDS ? StrokeKind.DETACHE : whole;
  }

  /** The kind of each stroke. */
  public List<StrokeKind> all() {
    List<StrokeKind> kinds = new ArrayList<>();
    for (int i = 0; i < groups.size(); i++) {
      kinds.add(of(i));
    }
    return kinds;
  }

  private StrokeKind of(int group) {
    Span span = groups.get(group);
    BowedNote first = line.note(span.first());
    if (first.isPlucked()) {
      return StrokeKind.PIZZICATO;
    }
    if (first.strings().size() >= FEWEST_OF_CHORD) {
      return StrokeKind.CHORD;
    }
    return isSlur(group) ? slurred(group, line.withoutGraces(span)) : single(group, sole(span));
  }

  /** The note of a stroke that has no other but grace notes before it. */
  private BowedNote sole(Span span) {
    return line.note(line.withoutGraces(span).first());
  }

  private StrokeKind slurred(int group, Span span) {
    int shortNotes = 0;
    double seconds = 0;
    double level = 0;
    for (int i = span.first(); i <= span.last(); i++) {
      shortNotes += line.note(i).isShort() ? 1 : 0;
      seconds += line.note(i).seconds();
      level = Math.max(level, line.note(i).level());
    }
    double perSecond = size(span) / seconds;
    boolean pair = size(span) == 2 && HookedPair.is(line, span.first(), span.last());
    if (pair && shortNotes > 0) {
      return StrokeKind.HOOKED;
    }
    if (2 * shortNotes >= size(span) && !isSpringing(group, span, perSecond, level)) {
      return StrokeKind.STACCATO;
    }
    if (isSpringing(group, span, perSecond, level)) {
      return StrokeKind.SPRINGING_ARPEGGIO;
    }
    boolean distinct = perSecond >= DISTINCT_FROM && level <= BowedNote.SOFT;
    return distinct ? StrokeKind.DISTINCT : StrokeKind.LEGATO;
  }

  /** Equal notes over strings in one way, beside a slur over the same strings or back. */
  private boolean isSpringing(int group, Span span, double perSecond, double level) {
    boolean speaks = perSecond >= SLOWEST_ARPEGGIO && perSecond <= FASTEST_ARPEGGIO;
    if (size(span) < FEWEST_OF_ARPEGGIO || !speaks || level > BowedNote.LOUD) {
      return false;
    }
    List<Integer> strings = strings(span);
    if (!goesOneWay(strings) || !isEven(span)) {
      return false;
    }
    return isBeside(strings, group - 1) || isBeside(strings, group + 1);
  }

  private boolean isBeside(List<Integer> strings, int group) {
    if (group < 0 || group >= groups.size()) {
      return false;
    }
    List<Integer> other = strings(groups.get(group));
    List<Integer> back = new ArrayList<>(other);
    Collections.reverse(back);
    return strings.equals(other) || strings.equals(back);
  }

  private List<Integer> strings(Span span) {
    List<Integer> strings = new ArrayList<>();
    for (int i = span.first(); i <= span.last(); i++) {
      strings.add(line.note(i).topString());
    }
    return strings;
  }

  private static boolean goesOneWay(List<Integer> strings) {
    int way = Integer.signum(strings.get(1) - strings.get(0));
    for (int i = 1; i < strings.size(); i++) {
      if (way == 0 || Integer.signum(strings.get(i) - strings.get(i - 1)) != way) {
        return false;
      }
    }
    return true;
  }

  private boolean isEven(Span span) {
    double first = line.note(span.first()).seconds();
    for (int i = span.first(); i <= span.last(); i++) {
      if (Math.abs(line.note(i).seconds() - first) > 0.05 * first) {
        return false;
      }
    }
    return true;
  }

  /** Whether a single note is one of a pair that is hooked by custom. */
  private boolean isHooked(int group) {
    return isPair(group - 1, group) || isPair(group, group + 1);
  }

  private boolean isPair(int group, int next) {
    return group >= 0
        && next < groups.size()
        && HookedPair.is(line, groups.get(group), groups.get(next));
  }

  private StrokeKind single(int group, BowedNote note) {
    if (isHooked(group)) {
      return StrokeKind.HOOKED;
    }
    double perSecond = 1 / note.seconds();
    Optional<Asked.Stroke> asked = line.brief().reading().technique(note.number()).asked().stroke();
    if (!note.isShort() && asked.isPresent()) {
      return asked(asked.get(), note, perSecond);
    }
    if (!note.isShort()) {
      return note.seconds() >= LONG_SECONDS ? StrokeKind.LEGATO : StrokeKind.DETACHE;
    }
    if (isLone(group)) {
      return StrokeKind.LONE;
    }
    boolean bites = note.accent() > 0 && note.isLoud();
    if (bites && perSecond <= StrokeKind.MARTELE.fastestPerSecond()) {
      return StrokeKind.MARTELE;
    }
    return shortKind(perSecond);
  }

  /**
   * A word decides where no sign over the note does; a long note is none of a row of short ones.
   */
  private StrokeKind asked(Asked.Stroke asked, BowedNote note, double perSecond) {
    boolean isLong = note.seconds() >= LONG_SECONDS;
    if (asked.isJoined() || isLong && asked != Asked.Stroke.NON_LEGATO) {
      return StrokeKind.LEGATO;
    }
    boolean bites = perSecond <= StrokeKind.MARTELE.fastestPerSecond();
    return switch (asked) {
      case MARTELE, MARCATO -> bites ? StrokeKind.MARTELE : StrokeKind.DETACHE;
      case SPICCATO, STACCATO -> shortKind(perSecond);
      case SAUTILLE ->
          perSecond >= StrokeKind.SAUTILLE.slowestPerSecond()
              ? StrokeKind.SAUTILLE
              : shortKind(perSecond);
      default -> StrokeKind.DETACHE;
    };
  }

  private StrokeKind shortKind(double perSecond) {
    if (perSecond < LIFTED_BELOW) {
      return StrokeKind.SHORT;
    }
    return perSecond < spiccatoBelow ? StrokeKind.SPICCATO : StrokeKind.SAUTILLE;
  }

  /** Between slurs, or first or last of a row of such notes: like notes are played alike. */
  private boolean isLone(int group) {
    return isBetweenSlurs(group)
        || isSlur(group - 1) && isBetweenSlurs(group - 2)
        || isSlur(group + 1) && isBetweenSlurs(group + 2);
  }

  private boolean isBetweenSlurs(int group) {
    return group > 0
        && group + 1 < groups.size()
        && !isSlur(group)
        && isSlur(group - 1)
        && isSlur(group + 1);
  }

  private boolean isSlur(int group) {
    return group >= 0 && group < groups.size() && size(line.withoutGraces(groups.get(group))) > 1;
  }

  private static int size(Span span) {
    return span.last() - span.first() + 1;
  }
}
