package app.fret.bow.stroke;

import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.instrument.Instrument;
import app.fret.reading.Technique;
import app.fret.score.Span;
import app.fret.shape.Character;
import java.util.Optional;
import java.util.OptionalDouble;

/** Works out what strokes ask of the bow. Figures found by trying passages. */
public final class Drafts {
  private static final double MOST_OF_HAIR = 0.92;
  private static final double LEAST_SLOWEST_SHARE = 0.12;
  private static final double MOST_SLOWEST_SHARE = 0.45;
  private static final double BEFORE_ACCENT = 0.82;
  private static final double LEGATO_START = 0.85;
  private static final double FADING_END = 0.88;
  private static final double LOWEST_STRING_SHORT = 0.82;
  private static final double LOWEST_STRING = 0.9;
  private static final double SHORT_SECONDS = 0.5;
  private static final double HALF_LEVEL = 0.5;
  private static final double REST_SECONDS = 0.12;
  private static final double WEIGHT_SPEED = 0.5;
  private static final double LIGHT_SPEED = 2.4;
  private static final double LAST_LONG_SECONDS = 0.5;
  private static final double LONG_FOR_THE_PASSAGE = 1.9;

  private final BowLine line;
  private final Decided decided;
  private final SlursAndSingles figures;
  private final BowParts.Strengths strengths;

  /** Drafts over a passage, under what is decided. */
  public Drafts(BowLine line, Decided decided) {
    this.line = line;
    this.decided = decided;
    this.figures = new SlursAndSingles(line);
    this.strengths = BowParts.strengths(line.brief().player().instrument());
  }

  /** The stroke of some pieces. */
  public Draft of(Span notes, StrokeKind kind) {
    int count = notes.last() - notes.first() + 1;
    double[] shares = new double[count];
    Recipe recipe = recipe(notes);
    double recipeFactor = speedFactor(recipe);
    double usual = 0;
    double slowest = 0;
    double seconds = 0;
    for (int i = 0; i < count; i++) {
      BowedNote note = line.note(notes.first() + i);
      double boost = boost(notes, kind, i) * onLowestString(note);
      double sounding = note.seconds() * kind.soundingShare();
      shares[i] =
          recipeFactor
              * character(note)
              * sounding
              * BowSpeeds.usualCmPerSecond(note.played())
              * boost;
      usual += shares[i];
      slowest += sounding * BowSpeeds.slowestCmPerSecond(note.played());
      seconds += note.seconds();
    }
    for (int i = 0; i < count; i++) {
      shares[i] /= usual;
    }
    slowest = Math.max(LEAST_SLOWEST_SHARE * usual, Math.min(MOST_SLOWEST_SHARE * usual, slowest));
    double fastest = BowSpeeds.FASTEST_BESIDE_USUAL * usual;
    OptionalDouble cm = amountCm(notes);
    if (cm.isPresent()) {
      // What is decided is right, however slow or fast the stroke becomes by it.
      usual = cm.getAsDouble();
      slowest = Math.min(slowest, usual);
      fastest = Math.max(fastest, usual);
    }
    StrokeProfile demand = demand(notes, kind, seconds, usual, slowest, fastest);
    return new Draft(notes, demand, shares, joining(notes), recipe, 0);
  }

  /** As the player decided or the part asks; else speed makes the level. */
  private Recipe recipe(Span notes) {
    Optional<Act> asked =
        decided
            .within(number(notes.first()), number(notes.last()), Act.WEIGHT, Act.LIGHT)
            .map(StrokeDecision::act);
    if (asked.isPresent()) {
      return asked.get() == Act.WEIGHT ? Recipe.WEIGHT_LED : Recipe.LIGHT_AND_FAST;
    }
    if (line.brief().reading().technique(number(notes.first())).asked().isFlute()) {
      return Recipe.LIGHT_AND_FAST;
    }
    boolean flute =
        line.brief().reading().technique(number(notes.first())).place()
            == Technique.Place.FINGERBOARD;
    return flute && line.note(notes.first()).isSoft() ? Recipe.LIGHT_AND_FAST : Recipe.SPEED_LED;
  }

  private static double speedFactor(Recipe recipe) {
    return switch (recipe) {
      case SPEED_LED -> 1;
      case WEIGHT_LED -> WEIGHT_SPEED;
      case LIGHT_AND_FAST -> LIGHT_SPEED;
    };
  }

  private double character(BowedNote note) {
    return line.brief()
        .levels()
        .phraseOf(note.number())
        .character()
        .map(Character::speedFactor)
        .orElse(1.0);
  }

  private StrokeProfile demand(
      Span notes, StrokeKind kind, double seconds, double usual, double slowest, double fastest) {
    BowedNote first = line.note(notes.first());
    Instrument instrument = line.brief().player().instrument();
    Optional<Act> way = way(notes);
    double balance = amountCm(notes).isPresent() ? 1 : figures.share(notes);
    boolean free = way.filter(w -> w == Act.AS_IT_COMES).isPresent();
    double perSecond = (notes.last() - notes.first() + 1) / seconds;
    return new StrokeProfile(
        kind,
        seconds,
        line.hairCm(),
        balance * Math.min(usual, MOST_OF_HAIR * line.hairCm()),
        balance,
        slowest,
        fastest,
        line.brief()
            .reading()
            .technique(first.number())
            .asked()
            .part()
            .map(BowParts::asked)
            .orElseGet(() -> BowParts.of(instrument, kind, first.level(), perSecond)),
        strengths,
        first.accent(),
        first.stress(),
        first.isLoud(),
        first.isSoft(),
        first.silenceSeconds() >= REST_SECONDS,
        line.note(notes.last()).level() - first.level(),
        seconds / line.barSeconds(notes.first()),
        leap(notes.first()),
        line.isFirstBeatOfAll(notes.first()) && !free,
        endsPassage(notes, first, seconds) && !free,
        first.printed(),
        way,
        place(notes),
        amountCm(notes).isPresent());
  }

  private int leap(int piece) {
    return piece == 0
        ? 0
        : Math.abs(line.note(piece).topString() - line.note(piece - 1).topString());
  }

  /** The last bowed stroke, on a strong beat or long for the passage. */
  private boolean endsPassage(Span notes, BowedNote first, double seconds) {
    return notes.last() == line.lastBowed()
        && seconds > LAST_LONG_SECONDS
        && (first.stress() >= BowedNote.HALF_BAR
            || seconds >= LONG_FOR_THE_PASSAGE * line.medianSeconds());
  }

  private Optional<Act> way(Span notes) {
    if (line.note(notes.first()).isInside()) {
      return Optional.empty();
    }
    return decided
        .within(number(notes.first()), number(notes.last()), Act.DOWN, Act.UP, Act.AS_IT_COMES)
        .map(StrokeDecision::act);
  }

  private int number(int piece) {
    return line.note(piece).number();
  }

  private OptionalDouble amountCm(Span notes) {
    boolean isCut = line.note(notes.first()).isInside();
    return isCut
        ? OptionalDouble.empty()
        : decided
            .find(number(notes.first()), Act.AMOUNT)
            .map(StrokeDecision::amountCm)
            .orElse(OptionalDouble.empty());
  }

  private OptionalDouble place(Span notes) {
    if (line.note(notes.first()).isInside()) {
      return OptionalDouble.empty();
    }
    return decided
        .find(number(notes.first()), Act.AT)
        .map(StrokeDecision::place)
        .orElse(OptionalDouble.empty());
  }

  private Draft.Joining joining(Span notes) {
    if (line.note(notes.first()).isInside()) {
      return Draft.Joining.TURN;
    }
    int first = number(notes.first());
    if (decided.has(first, Act.HOOK)) {
      return Draft.Joining.HOOK;
    }
    if (decided.has(first, Act.TWO)) {
      return Draft.Joining.SAME_WAY;
    }
    if (decided.has(first, Act.RETAKE)) {
      return Draft.Joining.RETAKE;
    }
    return decided.has(first, Act.AS_IT_COMES) ? Draft.Joining.TURN : Draft.Joining.FREE;
  }

  private double boost(Span notes, StrokeKind kind, int index) {
    int number = notes.first() + index;
    BowedNote note = line.note(number);
    if (note.accent() > 0) {
      return decided.accents().boost();
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

  private double onLowestString(BowedNote note) {
    boolean lowest = note.strings().get(0) == line.stringCount();
    if (!lowest || !note.isLoud()) {
      return 1;
    }
    return note.seconds() < SHORT_SECONDS ? LOWEST_STRING_SHORT : LOWEST_STRING;
  }
}
