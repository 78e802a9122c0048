package app.fret.files.musicxml;

import app.fret.files.PlainWords;
import app.fret.score.Accidental;
import app.fret.score.BowDirection;
import app.fret.score.Finger;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Step;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/** Reads what stands at one note: pitch, ties, accidental, finger, string and signs. */
final class NoteReader {
  private static final int MOST_DOTS = 4;

  private static final Map<String, Marks.Articulation> ARTICULATIONS =
      Map.of(
          "staccato", Marks.Articulation.STACCATO,
          "tenuto", Marks.Articulation.TENUTO,
          "staccatissimo", Marks.Articulation.STACCATISSIMO,
          "accent", Marks.Articulation.ACCENT,
          "strong-accent", Marks.Articulation.STRONG_ACCENT,
          "detached-legato", Marks.Articulation.DETACHED_LEGATO);

  private static final Map<String, Marks.Ornament> ORNAMENTS =
      Map.of(
          "trill-mark", Marks.Ornament.TRILL,
          "mordent", Marks.Ornament.MORDENT,
          "inverted-mordent", Marks.Ornament.INVERTED_MORDENT,
          "turn", Marks.Ornament.TURN,
          "inverted-turn", Marks.Ornament.INVERTED_TURN);

  private static final Map<String, Accidental.Kind> ACCIDENTALS =
      Map.of(
          "sharp", Accidental.Kind.SHARP,
          "natural", Accidental.Kind.NATURAL,
          "flat", Accidental.Kind.FLAT,
          "double-sharp", Accidental.Kind.DOUBLE_SHARP,
          "sharp-sharp", Accidental.Kind.DOUBLE_SHARP,
          "flat-flat", Accidental.Kind.DOUBLE_FLAT,
          "natural-sharp", Accidental.Kind.SHARP,
          "natural-flat", Accidental.Kind.FLAT);

  private final Skipped skipped;

  /** Glissandi and slides that have begun, by name and number. */
  private final Set<String> openLines = new HashSet<>();

  NoteReader(Skipped skipped) {
    this.skipped = skipped;
  }

  /** The head of a pitched note. */
  Note head(Source source, String bar) {
    Head head = new Head(bar);
    head.readTies(source);
    for (Source notations : source.children("notations")) {
      notations.each().forEach(head::read);
    }
    if (source.is("print-object", "no")) {
      skipped.add("notes hidden on the page, read all the same", bar);
    }
    if (source.is("pizzicato", "yes")) {
      skipped.add("plucking that only playback knows", bar);
    }
    return new Note(
        pitch(source.child("pitch").orElseThrow(), bar),
        head.tiedFrom,
        head.tiedTo,
        accidental(source, bar),
        head.finger,
        head.string,
        head.harmonic);
  }

  /** The signs at a note. */
  Marks marks(Source source, String bar) {
    Signs signs = new Signs(bar);
    for (Source notations : source.children("notations")) {
      notations.each().forEach(signs::read);
    }
    return new Marks(
        signs.articulations,
        signs.ornaments,
        signs.bow,
        signs.fermata,
        signs.tremoloStrokes,
        signs.join);
  }

  private WrittenPitch pitch(Source pitch, String bar) {
    BigDecimal alter = pitch.child("alter").map(Source::number).orElse(BigDecimal.ZERO);
    int semitones = (int) Math.max(-2, Math.min(2, Math.floor(alter.doubleValue())));
    if (alter.compareTo(BigDecimal.valueOf(semitones)) != 0) {
      skipped.add("alterations other than whole semitones", bar);
    }
    int octave =
        pitch
            .wholeNumberOf("octave")
            .orElseThrow(() -> new IllegalArgumentException("a note names no octave"));
    return new WrittenPitch(step(pitch.textOf("step")), semitones, octave);
  }

  /**
   * The letter of a pitch.
   *
   * @throws IllegalArgumentException when there is none or it is not from A to G
   */
  static Step step(Optional<String> text) {
    String letter = text.orElseThrow(() -> new IllegalArgumentException("a note names no step"));
    if (!letter.matches("[A-G]")) {
      throw new IllegalArgumentException(
          "a note names the step '" + PlainWords.quoted(letter) + "', which is no letter A to G");
    }
    return Step.valueOf(letter);
  }

  private Optional<Accidental> accidental(Source source, String bar) {
    Optional<Source> sign = source.child("accidental");
    if (sign.isEmpty()) {
      return Optional.empty();
    }
    Accidental.Kind kind = ACCIDENTALS.get(sign.get().text());
    if (kind == null) {
      skipped.add("accidentals smaller than a semitone", bar);
      return Optional.empty();
    }
    boolean cautionary = sign.get().is("parentheses", "yes") || sign.get().is("cautionary", "yes");
    return Optional.of(new Accidental(kind, cautionary));
  }

  /** How the length is written; empty when the file names no note type that Fret knows. */
  Optional<WrittenLength> written(Source source, String bar) {
    Optional<String> type = source.textOf("type");
    int dots = source.children("dot").size();
    TupletRatio ratio = source.child("time-modification").map(this::ratio).orElse(TupletRatio.NONE);
    Optional<NoteValue> value = type.flatMap(Lengths::value);
    if (type.isPresent() && value.isEmpty()) {
      skipped.add("the note value '" + PlainWords.quoted(type.get()) + "'", bar);
    }
    if (dots > MOST_DOTS) {
      skipped.add("notes with more than " + MOST_DOTS + " dots", bar);
      return Optional.empty();
    }
    return value.map(v -> new WrittenLength(v, dots, ratio));
  }

  private TupletRatio ratio(Source change) {
    // Whatever value the tuplet is counted in, its notes last so much of their own.
    change.child("normal-type");
    change.children("normal-dot");
    return new TupletRatio(
        change.wholeNumberOf("actual-notes").orElse(1),
        change.wholeNumberOf("normal-notes").orElse(1));
  }

  /** Collects what belongs to one head. */
  private final class Head {
    private final String bar;
    private boolean tiedFrom;
    private boolean tiedTo;
    private Optional<Finger> finger = Optional.empty();
    private OptionalInt string = OptionalInt.empty();
    private Note.Harmonic harmonic = Note.Harmonic.NONE;

    Head(String bar) {
      this.bar = bar;
    }

    void readTies(Source source) {
      for (Source tie : source.children("tie")) {
        tiedFrom |= tie.is("type", "stop");
        tiedTo |= tie.is("type", "start");
      }
    }

    void read(Source notation) {
      if (notation.name().equals("tied")) {
        readTied(notation.took());
      } else if (notation.name().equals("technical")) {
        notation.took().each().forEach(this::readTechnical);
      }
    }

    private void readTied(Source tied) {
      boolean goesOn = tied.is("type", "continue");
      tiedFrom |= tied.is("type", "stop") || goesOn;
      tiedTo |= tied.is("type", "start") || goesOn;
      if (tied.is("type", "let-ring")) {
        skipped.add("let-ring ties", bar);
      }
    }

    private void readTechnical(Source sign) {
      switch (sign.name()) {
        case "fingering" -> readFinger(sign.took());
        case "open-string" -> {
          sign.took();
          setFinger(Finger.OPEN);
        }
        case "thumb-position" -> {
          sign.took();
          setFinger(Finger.THUMB);
        }
        case "string" -> readString(sign.took());
        case "harmonic" -> {
          sign.took().child("natural");
          harmonic = sign.has("artificial") ? Note.Harmonic.ARTIFICIAL : Note.Harmonic.NATURAL;
        }
        default -> {
          // A bow sign belongs to the whole chord; all others are listed.
        }
      }
    }

    private void readFinger(Source fingering) {
      String sign = fingering.words();
      try {
        setFinger(Finger.ofSign(sign.toUpperCase(Locale.ROOT)));
      } catch (IllegalArgumentException e) {
        skipped.add("the printed finger '" + PlainWords.quoted(sign) + "'", bar);
      }
    }

    private void setFinger(Finger printed) {
      if (finger.isPresent() && finger.get() != printed) {
        skipped.add("a second printed finger on one note", bar);
      } else {
        finger = Optional.of(printed);
      }
    }

    private void readString(Source printed) {
      String number = printed.words();
      if (number.matches("[1-6]")) {
        string = OptionalInt.of(Integer.parseInt(number));
      } else {
        skipped.add("the printed string '" + PlainWords.quoted(number) + "'", bar);
      }
    }
  }

  /** Collects the signs of a note or chord. */
  private final class Signs {
    private final String bar;
    private final Set<Marks.Articulation> articulations = EnumSet.noneOf(Marks.Articulation.class);
    private final Set<Marks.Ornament> ornaments = EnumSet.noneOf(Marks.Ornament.class);
    private Optional<BowDirection> bow = Optional.empty();
    private boolean fermata;
    private int tremoloStrokes;
    private Optional<Marks.Join> join = Optional.empty();

    Signs(String bar) {
      this.bar = bar;
    }

    void read(Source notation) {
      switch (notation.name()) {
        case "articulations" -> notation.took().each().forEach(this::readArticulation);
        case "ornaments" -> notation.took().each().forEach(this::readOrnament);
        case "technical" -> notation.took().each().forEach(this::readTechnical);
        case "glissando" -> readLine(notation.took(), Marks.Join.Kind.GLISSANDO);
        case "slide" -> readLine(notation.took(), Marks.Join.Kind.SLIDE);
        case "fermata" -> {
          notation.took();
          fermata = true;
        }
        default -> {
          // Listed with all else that nobody took.
        }
      }
    }

    /** Where it ends is the next note; any other end is listed when the part is whole. */
    private void readLine(Source line, Marks.Join.Kind kind) {
      String key = line.name() + line.spanNumber();
      if (line.is("type", "start")) {
        openLines.add(key);
        join = Optional.of(new Marks.Join(kind, 0));
      } else if (!openLines.remove(key)) {
        skipped.add("the end of a glissando that does not begin", bar);
      }
    }

    private void readTechnical(Source sign) {
      if (sign.name().equals("snap-pizzicato")) {
        sign.took();
        articulations.add(Marks.Articulation.SNAP_PIZZICATO);
      }
      boolean up = sign.name().equals("up-bow");
      if (up || sign.name().equals("down-bow")) {
        sign.took();
        bow = Optional.of(up ? BowDirection.UP : BowDirection.DOWN);
      }
    }

    private void readArticulation(Source sign) {
      Marks.Articulation articulation = ARTICULATIONS.get(sign.name());
      if (articulation != null) {
        sign.took();
        articulations.add(articulation);
      }
    }

    private void readOrnament(Source sign) {
      Marks.Ornament ornament = ORNAMENTS.get(sign.name());
      if (ornament != null) {
        sign.took();
        ornaments.add(ornament);
      } else if (sign.name().equals("tremolo")) {
        readTremolo(sign.took());
      }
    }

    private void readTremolo(Source tremolo) {
      String type = tremolo.attribute("type").orElse("single");
      int strokes = tremolo.text().matches("[0-4]") ? Integer.parseInt(tremolo.text()) : -1;
      if (type.equals("single") && strokes >= 0) {
        tremoloStrokes = strokes;
      } else if (type.equals("start") && strokes > 0) {
        join = Optional.of(new Marks.Join(Marks.Join.Kind.TREMOLO, strokes));
      } else if (!type.equals("stop")) {
        skipped.add("the ornament 'tremolo'", bar);
      }
    }
  }
}
