package app.fret.testing;

import app.fret.score.BowDirection;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Finger;
import app.fret.score.Key;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Sounding;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Writes passages in tests as a line of words: {@code "(D5/8 E5/8) r/4 | G4+B4/2~ G4+B4/2"}.
 *
 * <p>Each word is a pitch or pitches, a slash and a note value with dots; {@code r} rests; brackets
 * slur; {@code ~} ties to the next; {@code ^} is an up-bow, {@code v} a down-bow; {@code g} before
 * a note makes it a grace note; {@code t} behind a value is a triplet; {@code &1} is a printed
 * finger; {@code '} is a dot for short and {@code %} a tremolo of three strokes; a word such as
 * {@code =pp} is a level; a bar line stands between bars.
 */
public final class Music {
  private final PassageBuilder passage = new PassageBuilder().title("Test").part("Part");
  private final Metre metre;
  private final List<Directions.Dynamic> levels = new ArrayList<>();
  private int slurStart = -1;
  private boolean tied;

  private Music(Metre metre, int fifths, Clef clef) {
    this.metre = metre;
    passage.metre(metre).key(new Key(fifths)).clef(clef);
  }

  /** A passage in a metre, in C, in treble clef. */
  public static Passage passage(Metre metre, String words) {
    return passage(metre, 0, Clef.TREBLE, words);
  }

  /** A passage in common time. */
  public static Passage passage(String words) {
    return passage(Metre.of(4, 4), words);
  }

  /** A passage in any key and clef. */
  public static Passage passage(Metre metre, int fifths, Clef clef, String words) {
    return new Music(metre, fifths, clef).read(words);
  }

  private Passage read(String words) {
    String[] measures = words.split("\\|");
    for (int i = 0; i < measures.length; i++) {
      passage.bar();
      for (String word : measures[i].strip().split("\\s+")) {
        add(word);
      }
      boolean notFull = passage.time().compareTo(metre.barLength()) < 0;
      if (i == 0 && notFull && measures.length > 1) {
        passage.uncounted();
      }
    }
    passage.directions(
        new Directions(levels, List.of(), List.of(), List.of(), List.of(), List.of()));
    return passage.build();
  }

  private void add(String word) {
    if (word.startsWith("=")) {
      levels.add(new Directions.Dynamic(passage.time(), word.substring(1)));
      return;
    }
    boolean tiesOn = word.contains("~");
    Optional<BowDirection> bow =
        word.contains("^")
            ? Optional.of(BowDirection.UP)
            : word.contains("v") ? Optional.of(BowDirection.DOWN) : Optional.empty();
    Optional<Finger> finger =
        word.contains("&")
            ? Optional.of(Finger.ofSign(word.substring(word.indexOf('&') + 1)))
            : Optional.empty();
    String plain = word.replaceAll("&.*|[()~^v'%]", "");
    boolean grace = plain.startsWith("g");
    String[] parts = (grace ? plain.substring(1) : plain).split("/");
    WrittenLength written = length(parts[1]);
    if (word.startsWith("(")) {
      slurStart = passage.nextEvent();
    }
    if (parts[0].equals("r")) {
      passage.rest(written);
    } else {
      List<Note> heads = new ArrayList<>();
      for (String pitch : parts[0].split("\\+")) {
        heads.add(
            Note.of(WrittenPitch.parse(pitch))
                .withTies(tied, tiesOn)
                .withFingering(finger, OptionalInt.empty()));
      }
      Marks marks = marks(word).withBow(bow);
      if (grace) {
        passage.grace(written, Sounding.Grace.SLASHED, heads, marks);
      } else {
        passage.sounding(written, heads, marks);
      }
    }
    tied = tiesOn;
    if (word.contains(")")) {
      passage.slur(slurStart, passage.nextEvent() - 1);
    }
  }

  private static Marks marks(String word) {
    int strokes = word.contains("%") ? 3 : 0;
    Marks plain = new Marks(Set.of(), Set.of(), Optional.empty(), false, strokes);
    return word.contains("'") ? plain.toggled(Marks.Articulation.STACCATO) : plain;
  }

  private static WrittenLength length(String text) {
    int dots = text.length() - text.replace(".", "").length();
    int denominator = Integer.parseInt(text.replaceAll("[.t]", ""));
    TupletRatio ratio = text.contains("t") ? new TupletRatio(3, 2) : TupletRatio.NONE;
    for (NoteValue value : NoteValue.values()) {
      if (value.length().equals(Fraction.of(1, denominator))) {
        return new WrittenLength(value, dots, ratio);
      }
    }
    throw new IllegalArgumentException(text);
  }
}
