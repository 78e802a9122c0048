package app.fret.testing;

import app.fret.score.Accidental;
import app.fret.score.Bar;
import app.fret.score.BarAccidentals;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Finger;
import app.fret.score.Joins;
import app.fret.score.Key;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Step;
import app.fret.score.Tempo;
import app.fret.score.Ties;
import app.fret.score.Transposition;
import app.fret.score.Tuplet;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;

/** Generates passages that use every feature of the score model, from a seed. */
public final class RandomPassages {
  private final Random random;
  private final PassageBuilder builder = new PassageBuilder();
  private final List<Fraction> barOnsets = new ArrayList<>();
  private Metre metre = Metre.of(4, 4);

  private RandomPassages(long seed) {
    this.random = new Random(seed);
  }

  /** A passage of some bars with everything in it. */
  public static Passage full(long seed) {
    return new RandomPassages(seed).generate();
  }

  private Passage generate() {
    int count = 2 + random.nextInt(6);
    for (int bar = 0; bar < count; bar++) {
      addBar(bar, bar == count - 1);
    }
    addSlurs();
    Passage music = builder.title("Étude " + random.nextInt(100)).part("Part & more").build();
    Passage whole =
        builder
            .directions(directions(music.events()))
            .transposition(
                random.nextInt(4) == 0 ? Optional.of(new Transposition(-12)) : Optional.empty())
            .build();
    return BarAccidentals.completed(whole.withEvents(Joins.settled(Ties.settled(whole.events()))));
  }

  private <T> T one(List<T> choices) {
    return choices.get(random.nextInt(choices.size()));
  }

  private void addBar(int bar, boolean last) {
    if (random.nextInt(3) == 0) {
      metre =
          one(
              List.of(
                  Metre.of(3, 4),
                  Metre.of(6, 8),
                  Metre.of(2, 2),
                  new Metre(List.of(4), 4, Metre.Sign.COMMON),
                  new Metre(List.of(2), 2, Metre.Sign.CUT),
                  new Metre(List.of(4), 4, Metre.Sign.NONE),
                  new Metre(List.of(3, 2), 8, Metre.Sign.FIGURES)));
    }
    if (random.nextInt(3) == 0) {
      builder.key(new Key(random.nextInt(15) - 7));
    }
    boolean pickup = bar == 0 && !metre.isFree() && random.nextBoolean();
    Fraction start = builder.time();
    Fraction length = pickup ? Fraction.of(1, 4) : metre.barLength();
    builder.metre(metre).bar();
    barOnsets.add(start);
    if (random.nextInt(3) == 0) {
      builder.clef(one(List.of(Clef.ALTO, Clef.TENOR, Clef.BASS, new Clef(Clef.Sign.G, 2, 1))));
    }
    if (!pickup && random.nextInt(8) == 0) {
      builder.restForWholeBar();
    } else {
      fill(start, start.add(length));
    }
    builder.edges(edges(last));
    if (pickup) {
      builder.uncounted();
    }
  }

  private Bar.Edges edges(boolean last) {
    if (last) {
      return Bar.Edges.PLAIN.withLine(Bar.Line.FINAL);
    }
    return switch (random.nextInt(6)) {
      case 0 -> new Bar.Edges(true, 0, Optional.empty(), false, Bar.Line.PLAIN);
      case 1 -> new Bar.Edges(false, 2, Optional.of("1"), true, Bar.Line.PLAIN);
      case 2 -> Bar.Edges.PLAIN.withLine(Bar.Line.DOUBLE);
      default -> Bar.Edges.PLAIN;
    };
  }

  private void fill(Fraction start, Fraction end) {
    while (builder.time().compareTo(end) < 0) {
      Fraction left = end.subtract(builder.time());
      if (left.compareTo(Fraction.of(1, 4)) >= 0 && random.nextInt(5) == 0) {
        addTriplet();
        continue;
      }
      if (random.nextInt(8) == 0 && builder.time().compareTo(start) > 0) {
        builder.clef(one(List.of(Clef.TREBLE, Clef.BASS, Clef.TENOR)));
      }
      WrittenLength written = fitting(left);
      if (random.nextInt(7) == 0) {
        builder.rest(written);
      } else {
        if (random.nextInt(8) == 0) {
          WrittenLength eighth = WrittenLength.of(NoteValue.EIGHTH);
          builder.grace(eighth, Sounding.Grace.SLASHED, heads(), marks());
        }
        builder.sounding(written, heads(), marks());
      }
    }
  }

  private WrittenLength fitting(Fraction left) {
    while (true) {
      NoteValue value =
          one(List.of(NoteValue.HALF, NoteValue.QUARTER, NoteValue.EIGHTH, NoteValue.SIXTEENTH));
      WrittenLength written = WrittenLength.of(value, random.nextInt(4) == 0 ? 1 : 0);
      if (written.length().compareTo(left) <= 0) {
        Fraction rest = left.subtract(written.length());
        if (rest.multiply(16).getDenominator() == 1) {
          return written;
        }
      }
    }
  }

  private void addTriplet() {
    TupletRatio ratio = random.nextBoolean() ? new TupletRatio(3, 2) : new TupletRatio(5, 4);
    NoteValue value = ratio.actual() == 3 ? NoteValue.EIGHTH : NoteValue.SIXTEENTH;
    int first = builder.nextEvent();
    for (int i = 0; i < ratio.actual(); i++) {
      builder.sounding(new WrittenLength(value, 0, ratio), heads(), marks());
    }
    Span span = new Span(first, builder.nextEvent() - 1);
    builder.tuplet(new Tuplet(span, ratio, random.nextBoolean()));
  }

  private List<Note> heads() {
    List<Note> heads = new ArrayList<>();
    int octave = 3 + random.nextInt(3);
    heads.add(head(one(List.of(Step.C, Step.D, Step.E)), octave));
    if (random.nextInt(4) == 0) {
      heads.add(head(one(List.of(Step.G, Step.A, Step.B)), octave));
    }
    return heads;
  }

  private Note head(Step step, int octave) {
    int alter = random.nextInt(5) == 0 ? random.nextInt(5) - 2 : 0;
    Optional<Accidental> sign =
        alter != 0
            ? Optional.of(new Accidental(Accidental.Kind.ofAlter(alter), random.nextBoolean()))
            : Optional.empty();
    return new Note(
        new WrittenPitch(step, alter, octave),
        random.nextInt(6) == 0,
        random.nextInt(6) == 0,
        sign,
        random.nextInt(3) == 0 ? Optional.of(one(List.of(Finger.values()))) : Optional.empty(),
        random.nextInt(3) == 0 ? OptionalInt.of(1 + random.nextInt(4)) : OptionalInt.empty(),
        one(List.of(Note.Harmonic.NONE, Note.Harmonic.NONE, Note.Harmonic.NATURAL)));
  }

  private Marks marks() {
    Set<Marks.Articulation> articulations = EnumSet.noneOf(Marks.Articulation.class);
    for (Marks.Articulation sign : Marks.Articulation.values()) {
      if (random.nextInt(8) == 0) {
        articulations.add(sign);
      }
    }
    Set<Marks.Ornament> ornaments =
        random.nextInt(8) == 0
            ? EnumSet.of(one(List.of(Marks.Ornament.values())))
            : EnumSet.noneOf(Marks.Ornament.class);
    Optional<BowDirection> bow =
        random.nextInt(5) == 0
            ? Optional.of(one(List.of(BowDirection.values())))
            : Optional.empty();
    return new Marks(
        articulations,
        ornaments,
        bow,
        random.nextInt(12) == 0,
        random.nextInt(12) == 0 ? 1 + random.nextInt(4) : 0,
        random.nextInt(12) == 0 ? Optional.of(join()) : Optional.empty());
  }

  private Marks.Join join() {
    Marks.Join.Kind kind = one(List.of(Marks.Join.Kind.values()));
    return new Marks.Join(kind, kind == Marks.Join.Kind.TREMOLO ? 1 + random.nextInt(4) : 0);
  }

  private void addSlurs() {
    int event = 0;
    int events = builder.nextEvent();
    while (event + 1 < events) {
      int last = Math.min(events - 1, event + 1 + random.nextInt(4));
      if (random.nextInt(3) == 0) {
        builder.slur(event, last);
      }
      event = last + random.nextInt(2);
    }
  }

  private Directions directions(List<Event> events) {
    Fraction end = builder.time();
    Fraction lastBar = barOnsets.get(barOnsets.size() - 1);
    List<Directions.Dynamic> dynamics = new ArrayList<>();
    List<Directions.Words> words = new ArrayList<>();
    List<Directions.Rehearsal> rehearsals = new ArrayList<>();
    for (Event event : events) {
      boolean first =
          dynamics.isEmpty()
              || dynamics.get(dynamics.size() - 1).onset().compareTo(event.onset()) < 0;
      if (first && random.nextInt(6) == 0) {
        dynamics.add(
            new Directions.Dynamic(event.onset(), one(List.of("p", "mf", "sfz", "fp", "poco f"))));
        words.add(new Directions.Words(event.onset(), "sul tasto <&>", random.nextBoolean()));
      }
    }
    rehearsals.add(new Directions.Rehearsal(lastBar, "B"));
    List<Directions.Hairpin> hairpins =
        List.of(new Directions.Hairpin(Fraction.ZERO, end, random.nextBoolean()));
    List<Directions.OctaveShift> shifts =
        random.nextInt(3) == 0
            ? List.of(new Directions.OctaveShift(lastBar, end, random.nextBoolean() ? 1 : -2))
            : List.of();
    return new Directions(
        dynamics,
        hairpins,
        words,
        List.of(
            new Directions.TempoMark(Fraction.ZERO, new Tempo(one(BeatUnit.NOTES), 66)),
            new Directions.TempoMark(barOnsets.get(1), new Tempo(BeatUnit.QUARTER, 92.5))),
        rehearsals,
        shifts);
  }
}
