package app.fret.testing;

import app.fret.instrument.Instrument;
import app.fret.instrument.OpenString;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Span;
import app.fret.score.Step;
import app.fret.score.Tuplet;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.commons.numbers.fraction.Fraction;

/** Generates playable music for an instrument from a seed: runs, leaps, slurs, chords, rests. */
public final class RandomMelodies {
  private static final int STEPS = 7;
  private static final int MOST_STEPS = 17;

  private final Random random;
  private final PassageBuilder music = new PassageBuilder();
  private final Instrument instrument;
  private final int lowStep;
  private final Key key;
  private final List<Span> bowed = new ArrayList<>();
  private final Set<Integer> rests = new HashSet<>();
  private int at;

  private RandomMelodies(Instrument instrument, long seed) {
    this.random = new Random(seed);
    this.instrument = instrument;
    this.key = new Key(random.nextInt(7) - 3);
    this.lowStep = lowest(instrument);
    this.at = lowStep + 4 + random.nextInt(6);
  }

  /** Some bars. */
  public static Passage of(Instrument instrument, long seed) {
    return new RandomMelodies(instrument, seed).generate();
  }

  /**
   * Written step of the lowest open string; the double bass sounds an octave below what is written.
   */
  private static int lowest(Instrument instrument) {
    OpenString string = instrument.strings().get(instrument.strings().size() - 1);
    int octave = string.pitch().midi() / 12 - 1 + (instrument.name().equals("bass") ? 1 : 0);
    return Step.valueOf(string.letter().substring(0, 1)).ordinal() + STEPS * octave;
  }

  private <T> T one(List<T> choices) {
    return choices.get(random.nextInt(choices.size()));
  }

  private Passage generate() {
    Metre metre =
        one(
            List.of(
                Metre.of(4, 4), Metre.of(3, 4), Metre.of(6, 8), Metre.of(7, 8), Metre.of(2, 2)));
    Clef clef =
        switch (instrument.name()) {
          case "violin" -> Clef.TREBLE;
          case "viola" -> Clef.ALTO;
          default -> Clef.BASS;
        };
    music.title("Made").part(instrument.name()).metre(metre).key(key).clef(clef);
    int bars = 2 + random.nextInt(3);
    for (int bar = 0; bar < bars; bar++) {
      music.bar();
      fill(music.time().add(metre.barLength()));
    }
    addSlurs();
    return music.build();
  }

  private void fill(Fraction end) {
    while (music.time().compareTo(end) < 0) {
      Fraction left = end.subtract(music.time());
      if (left.compareTo(Fraction.of(1, 4)) >= 0 && random.nextInt(7) == 0) {
        addTriplet();
        continue;
      }
      if (left.compareTo(Fraction.of(1, 2)) >= 0 && random.nextInt(8) == 0 && isInFifths()) {
        addArpeggio();
        continue;
      }
      WrittenLength length = fitting(left);
      if (random.nextInt(12) == 0) {
        rests.add(music.nextEvent());
        music.rest(length);
      } else {
        music.sounding(length, heads(), Marks.NONE);
      }
    }
  }

  private boolean isInFifths() {
    return !instrument.name().equals("bass");
  }

  /** Up and down over the four strings, in one bow each way. */
  private void addArpeggio() {
    List<Integer> steps = List.of(1, 5, 10, 15, 15, 10, 5, 1);
    int first = music.nextEvent();
    for (int step : steps) {
      List<Note> head = List.of(Note.of(pitch(lowStep + step)));
      music.sounding(WrittenLength.of(NoteValue.SIXTEENTH), head, Marks.NONE);
    }
    bowed.add(new Span(first, first + 3));
    bowed.add(new Span(first + 4, first + 7));
  }

  private void addTriplet() {
    TupletRatio ratio = new TupletRatio(3, 2);
    int first = music.nextEvent();
    for (int i = 0; i < ratio.actual(); i++) {
      music.sounding(new WrittenLength(NoteValue.EIGHTH, 0, ratio), heads(), Marks.NONE);
    }
    music.tuplet(new Tuplet(new Span(first, first + ratio.actual() - 1), ratio, true));
  }

  private WrittenLength fitting(Fraction left) {
    List<WrittenLength> fit = new ArrayList<>();
    for (NoteValue value :
        List.of(NoteValue.HALF, NoteValue.QUARTER, NoteValue.EIGHTH, NoteValue.SIXTEENTH)) {
      WrittenLength length = WrittenLength.of(value);
      boolean staysEven =
          left.subtract(length.length()).multiply(8).getDenominator() == 1
              || value == NoteValue.SIXTEENTH;
      if (length.length().compareTo(left) <= 0 && staysEven) {
        fit.add(length);
      }
    }
    return one(fit);
  }

  /** A step or a leap on from the note before; now and then a sixth or an octave with it. */
  private List<Note> heads() {
    int leap = random.nextInt(5) == 0 ? random.nextInt(11) - 5 : random.nextBoolean() ? 1 : -1;
    at = Math.max(lowStep + 1, Math.min(lowStep + MOST_STEPS, at + leap));
    List<Note> heads = new ArrayList<>(List.of(Note.of(pitch(at))));
    if (random.nextInt(16) == 0 && isInFifths()) {
      return List.of(lowStep, lowStep + 4, lowStep + 9).stream()
          .map(step -> Note.of(pitch(step)))
          .toList();
    }
    boolean hasRoom = at + 5 <= lowStep + MOST_STEPS && isInFifths();
    if (random.nextInt(9) == 0 && hasRoom) {
      heads.add(Note.of(pitch(at + 5)));
    }
    return heads;
  }

  private WrittenPitch pitch(int step) {
    Step letter = Step.values()[Math.floorMod(step, STEPS)];
    return new WrittenPitch(letter, key.alterOf(letter), Math.floorDiv(step, STEPS));
  }

  /** Whether an event is a rest or in a slur already. */
  private boolean isNoneOfItsOwn(int event) {
    return rests.contains(event) || bowed.stream().anyMatch(s -> s.holds(event));
  }

  private void addSlurs() {
    bowed.forEach(s -> music.slur(s.first(), s.last()));
    int event = 0;
    while (event + 1 < music.nextEvent()) {
      int last = Math.min(music.nextEvent() - 1, event + 1 + random.nextInt(4));
      boolean sounds = IntStream.rangeClosed(event, last).noneMatch(this::isNoneOfItsOwn);
      if (sounds && random.nextInt(3) == 0) {
        music.slur(event, last);
      }
      event = last + 1;
    }
  }
}
