package app.fret.files.musicxml;

import app.fret.score.Accidental;
import app.fret.score.BowDirection;
import app.fret.score.Finger;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Step;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import jakarta.xml.bind.JAXBElement;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.audiveris.proxymusic.AccidentalMark;
import org.audiveris.proxymusic.Arpeggiate;
import org.audiveris.proxymusic.Articulations;
import org.audiveris.proxymusic.Fermata;
import org.audiveris.proxymusic.Fingering;
import org.audiveris.proxymusic.Glissando;
import org.audiveris.proxymusic.Harmonic;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.Ornaments;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.Slide;
import org.audiveris.proxymusic.Technical;
import org.audiveris.proxymusic.Tie;
import org.audiveris.proxymusic.Tied;
import org.audiveris.proxymusic.TiedType;
import org.audiveris.proxymusic.TimeModification;
import org.audiveris.proxymusic.Tremolo;
import org.audiveris.proxymusic.YesNo;

/** Reads what stands at one note: pitch, ties, accidental, finger, string and signs. */
final class NoteReader {
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

  NoteReader(Skipped skipped) {
    this.skipped = skipped;
  }

  /** The head of a pitched note. */
  Note head(org.audiveris.proxymusic.Note source, String bar) {
    Head head = new Head(bar);
    head.readTies(source);
    for (Notations notations : source.getNotations()) {
      notations.getTiedOrSlurOrTuplet().forEach(head::read);
    }
    if (!source.getLyric().isEmpty()) {
      skipped.add("lyrics", bar);
    }
    if (source.getNotehead() != null) {
      skipped.add("special note heads", bar);
    }
    return new Note(
        pitch(source.getPitch(), bar),
        head.tiedFrom,
        head.tiedTo,
        accidental(source, bar),
        head.finger,
        head.string,
        head.harmonic);
  }

  /** The signs at a note. */
  Marks marks(org.audiveris.proxymusic.Note source, String bar) {
    Signs signs = new Signs(bar);
    for (Notations notations : source.getNotations()) {
      notations.getTiedOrSlurOrTuplet().forEach(signs::read);
    }
    return new Marks(
        signs.articulations, signs.ornaments, signs.bow, signs.fermata, signs.tremoloStrokes);
  }

  private WrittenPitch pitch(Pitch pitch, String bar) {
    double alter = pitch.getAlter() == null ? 0 : pitch.getAlter().doubleValue();
    int semitones = (int) Math.max(-2, Math.min(2, Math.floor(alter)));
    if (semitones != alter) {
      skipped.add("alterations other than whole semitones", bar);
    }
    return new WrittenPitch(Step.valueOf(pitch.getStep().value()), semitones, pitch.getOctave());
  }

  private Optional<Accidental> accidental(org.audiveris.proxymusic.Note source, String bar) {
    if (source.getAccidental() == null) {
      return Optional.empty();
    }
    Accidental.Kind kind = ACCIDENTALS.get(source.getAccidental().getValue().value());
    if (kind == null) {
      skipped.add("accidentals smaller than a semitone", bar);
      return Optional.empty();
    }
    boolean cautionary =
        source.getAccidental().getParentheses() == YesNo.YES
            || source.getAccidental().getCautionary() == YesNo.YES;
    return Optional.of(new Accidental(kind, cautionary));
  }

  /** How the length is written; empty when the file names no note type. */
  static Optional<WrittenLength> written(org.audiveris.proxymusic.Note source) {
    if (source.getType() == null) {
      return Optional.empty();
    }
    TimeModification change = source.getTimeModification();
    TupletRatio ratio =
        change == null
            ? TupletRatio.NONE
            : new TupletRatio(
                change.getActualNotes().intValueExact(), change.getNormalNotes().intValueExact());
    int dots = Math.min(4, source.getDot().size());
    return Optional.of(new WrittenLength(Lengths.value(source.getType().getValue()), dots, ratio));
  }

  private static List<JAXBElement<?>> technicals(Object notation) {
    return notation instanceof Technical technical
        ? technical.getUpBowOrDownBowOrHarmonic()
        : List.of();
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

    void readTies(org.audiveris.proxymusic.Note source) {
      for (Tie tie : source.getTie()) {
        tiedFrom |= tie.getType().value().equals("stop");
        tiedTo |= tie.getType().value().equals("start");
      }
    }

    void read(Object notation) {
      if (notation instanceof Tied tied) {
        tiedFrom |= tied.getType() == TiedType.STOP || tied.getType() == TiedType.CONTINUE;
        tiedTo |= tied.getType() == TiedType.START || tied.getType() == TiedType.CONTINUE;
        if (tied.getType() == TiedType.LET_RING) {
          skipped.add("let-ring ties", bar);
        }
      }
      technicals(notation).forEach(this::readTechnical);
    }

    private void readTechnical(JAXBElement<?> element) {
      switch (element.getName().getLocalPart()) {
        case "fingering" -> readFinger((Fingering) element.getValue());
        case "open-string" -> setFinger(Finger.OPEN);
        case "thumb-position" -> setFinger(Finger.THUMB);
        case "string" -> readString((org.audiveris.proxymusic.String) element.getValue());
        case "harmonic" -> {
          Harmonic sign = (Harmonic) element.getValue();
          harmonic =
              sign.getArtificial() != null ? Note.Harmonic.ARTIFICIAL : Note.Harmonic.NATURAL;
        }
        case "up-bow", "down-bow" -> {
          // Read with the signs of the whole chord.
        }
        default -> skipped.add("the sign '" + element.getName().getLocalPart() + "'", bar);
      }
    }

    private void readFinger(Fingering fingering) {
      String sign = fingering.getValue() == null ? "" : fingering.getValue().strip();
      try {
        setFinger(Finger.ofSign(sign.toUpperCase(java.util.Locale.ROOT)));
      } catch (IllegalArgumentException e) {
        skipped.add("the printed finger '" + sign + "'", bar);
      }
    }

    private void setFinger(Finger printed) {
      if (finger.isPresent() && finger.get() != printed) {
        skipped.add("a second printed finger on one note", bar);
      } else {
        finger = Optional.of(printed);
      }
    }

    private void readString(org.audiveris.proxymusic.String printed) {
      int number = printed.getValue().intValueExact();
      if (number >= 1 && number <= 6) {
        string = OptionalInt.of(number);
      } else {
        skipped.add("the printed string " + number, bar);
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

    Signs(String bar) {
      this.bar = bar;
    }

    void read(Object notation) {
      if (notation instanceof Articulations group) {
        group.getAccentOrStrongAccentOrStaccato().forEach(this::readArticulation);
      } else if (notation instanceof Ornaments group) {
        group.getTrillMarkOrTurnOrDelayedTurn().forEach(this::readOrnament);
      } else if (notation instanceof Fermata) {
        fermata = true;
      } else if (notation instanceof Glissando || notation instanceof Slide) {
        skipped.add("glissandos and slides", bar);
      } else if (notation instanceof Arpeggiate) {
        skipped.add("arpeggio signs", bar);
      } else if (notation instanceof AccidentalMark) {
        skipped.add("accidentals over ornaments", bar);
      }
      technicals(notation).forEach(this::readBow);
    }

    private void readBow(JAXBElement<?> element) {
      String name = element.getName().getLocalPart();
      if (name.equals("up-bow") || name.equals("down-bow")) {
        bow = Optional.of(name.equals("up-bow") ? BowDirection.UP : BowDirection.DOWN);
      }
    }

    private void readArticulation(JAXBElement<?> element) {
      String name = element.getName().getLocalPart();
      if (ARTICULATIONS.containsKey(name)) {
        articulations.add(ARTICULATIONS.get(name));
      } else {
        skipped.add("the sign '" + name + "'", bar);
      }
    }

    private void readOrnament(JAXBElement<?> element) {
      String name = element.getName().getLocalPart();
      if (ORNAMENTS.containsKey(name)) {
        ornaments.add(ORNAMENTS.get(name));
      } else if (element.getValue() instanceof Tremolo tremolo
          && (tremolo.getType() == null || tremolo.getType().value().equals("single"))
          && tremolo.getValue() >= 0
          && tremolo.getValue() <= 4) {
        tremoloStrokes = tremolo.getValue();
      } else {
        skipped.add("the ornament '" + name + "'", bar);
      }
    }
  }
}
