package app.fret.files.musicxml;

import app.fret.score.Accidental;
import app.fret.score.BowDirection;
import app.fret.score.Event;
import app.fret.score.Finger;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Tuplet;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import jakarta.xml.bind.JAXBElement;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.xml.namespace.QName;
import org.apache.commons.numbers.fraction.Fraction;
import org.audiveris.proxymusic.AccidentalValue;
import org.audiveris.proxymusic.Articulations;
import org.audiveris.proxymusic.Empty;
import org.audiveris.proxymusic.EmptyPlacement;
import org.audiveris.proxymusic.Fermata;
import org.audiveris.proxymusic.Fingering;
import org.audiveris.proxymusic.Grace;
import org.audiveris.proxymusic.Harmonic;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.NoteType;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.Ornaments;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.Slur;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.StartStopContinue;
import org.audiveris.proxymusic.Step;
import org.audiveris.proxymusic.StrongAccent;
import org.audiveris.proxymusic.Technical;
import org.audiveris.proxymusic.Tie;
import org.audiveris.proxymusic.Tied;
import org.audiveris.proxymusic.TiedType;
import org.audiveris.proxymusic.TimeModification;
import org.audiveris.proxymusic.Tremolo;
import org.audiveris.proxymusic.TremoloType;
import org.audiveris.proxymusic.YesNo;

/** Makes the note elements of one event. */
final class NoteWriter {
  private final ObjectFactory factory;
  private final int divisionsPerQuarter;
  private final List<Span> slurs;
  private final List<Tuplet> tuplets;
  private final BeamWriter beams;
  private final NumberPool<Integer> slurNumbers = new NumberPool<>();
  private final NumberPool<Integer> tupletNumbers = new NumberPool<>();

  NoteWriter(ObjectFactory factory, int divisionsPerQuarter, Passage passage) {
    this.factory = factory;
    this.divisionsPerQuarter = divisionsPerQuarter;
    this.slurs = passage.slurs();
    this.tuplets = passage.tuplets();
    this.beams = new BeamWriter(passage);
  }

  /** A length in divisions. */
  BigDecimal duration(Fraction length) {
    Fraction counted = length.multiply(4 * divisionsPerQuarter);
    return BigDecimal.valueOf(counted.getNumerator());
  }

  /** The elements of an event: one for a rest, one for each head of a chord. */
  List<org.audiveris.proxymusic.Note> write(Event event, int index) {
    if (event instanceof Rest rest) {
      return List.of(rest(rest, index));
    }
    Sounding sounding = (Sounding) event;
    List<org.audiveris.proxymusic.Note> written = new ArrayList<>();
    for (int head = 0; head < sounding.notes().size(); head++) {
      written.add(note(sounding, head, index));
    }
    return written;
  }

  private org.audiveris.proxymusic.Note rest(Rest rest, int index) {
    org.audiveris.proxymusic.Note note = factory.createNote();
    note.setRest(factory.createRest());
    note.setDuration(duration(rest.length()));
    note.setVoice("1");
    if (rest.wholeBar()) {
      note.getRest().setMeasure(YesNo.YES);
    } else {
      writeLength(note, rest.written());
    }
    Notations notations = factory.createNotations();
    writeSpans(notations, index);
    addIfUsed(note, notations);
    return note;
  }

  private org.audiveris.proxymusic.Note note(Sounding sounding, int head, int index) {
    Note source = sounding.notes().get(head);
    org.audiveris.proxymusic.Note note = factory.createNote();
    if (sounding.isGrace()) {
      Grace grace = factory.createGrace();
      grace.setSlash(sounding.grace() == Sounding.Grace.SLASHED ? YesNo.YES : YesNo.NO);
      note.setGrace(grace);
    } else {
      note.setDuration(duration(sounding.length()));
    }
    if (head > 0) {
      note.setChord(new Empty());
    }
    note.setPitch(pitch(source));
    note.setVoice("1");
    writeLength(note, sounding.written());
    source.accidental().ifPresent(a -> note.setAccidental(accidental(a)));
    Notations notations = factory.createNotations();
    writeTies(note, notations, source);
    if (head == 0) {
      note.getBeam().addAll(beams.at(index));
      writeSpans(notations, index);
    }
    writeSigns(notations, source, head == 0 ? sounding.marks() : Marks.NONE);
    addIfUsed(note, notations);
    return note;
  }

  private static void addIfUsed(org.audiveris.proxymusic.Note note, Notations notations) {
    if (!notations.getTiedOrSlurOrTuplet().isEmpty()) {
      note.getNotations().add(notations);
    }
  }

  private Pitch pitch(Note source) {
    Pitch pitch = factory.createPitch();
    pitch.setStep(Step.fromValue(source.written().step().name()));
    pitch.setOctave(source.written().octave());
    if (source.written().alter() != 0) {
      pitch.setAlter(BigDecimal.valueOf(source.written().alter()));
    }
    return pitch;
  }

  private void writeLength(org.audiveris.proxymusic.Note note, WrittenLength written) {
    NoteType type = factory.createNoteType();
    type.setValue(Lengths.type(written.value()));
    note.setType(type);
    for (int dot = 0; dot < written.dots(); dot++) {
      note.getDot().add(new EmptyPlacement());
    }
    TupletRatio ratio = written.ratio();
    if (!ratio.equals(TupletRatio.NONE)) {
      TimeModification change = factory.createTimeModification();
      change.setActualNotes(BigInteger.valueOf(ratio.actual()));
      change.setNormalNotes(BigInteger.valueOf(ratio.normal()));
      note.setTimeModification(change);
    }
  }

  private org.audiveris.proxymusic.Accidental accidental(Accidental source) {
    org.audiveris.proxymusic.Accidental accidental = factory.createAccidental();
    accidental.setValue(
        switch (source.kind()) {
          case DOUBLE_FLAT -> AccidentalValue.FLAT_FLAT;
          case FLAT -> AccidentalValue.FLAT;
          case NATURAL -> AccidentalValue.NATURAL;
          case SHARP -> AccidentalValue.SHARP;
          case DOUBLE_SHARP -> AccidentalValue.DOUBLE_SHARP;
        });
    if (source.cautionary()) {
      accidental.setParentheses(YesNo.YES);
    }
    return accidental;
  }

  private void writeTies(org.audiveris.proxymusic.Note note, Notations notations, Note source) {
    if (source.tiedFrom()) {
      note.getTie().add(tie(StartStop.STOP));
      notations.getTiedOrSlurOrTuplet().add(tied(TiedType.STOP));
    }
    if (source.tiedTo()) {
      note.getTie().add(tie(StartStop.START));
      notations.getTiedOrSlurOrTuplet().add(tied(TiedType.START));
    }
  }

  private Tie tie(StartStop type) {
    Tie tie = factory.createTie();
    tie.setType(type);
    return tie;
  }

  private Tied tied(TiedType type) {
    Tied tied = factory.createTied();
    tied.setType(type);
    return tied;
  }

  private void writeSpans(Notations notations, int event) {
    List<Object> into = notations.getTiedOrSlurOrTuplet();
    for (int i = 0; i < slurs.size(); i++) {
      if (slurs.get(i).last() == event && slurs.get(i).first() < event) {
        into.add(slur(StartStopContinue.STOP, slurNumbers.free(i)));
      }
    }
    for (int i = 0; i < slurs.size(); i++) {
      if (slurs.get(i).first() == event && slurs.get(i).last() > event) {
        into.add(slur(StartStopContinue.START, slurNumbers.take(i)));
      }
    }
    for (int i = 0; i < tuplets.size(); i++) {
      Tuplet tuplet = tuplets.get(i);
      if (tuplet.span().first() == event) {
        into.add(tuplet(StartStop.START, tupletNumbers.take(i), tuplet.bracket()));
      }
      if (tuplet.span().last() == event) {
        into.add(tuplet(StartStop.STOP, tupletNumbers.free(i), tuplet.bracket()));
      }
    }
  }

  private Slur slur(StartStopContinue type, int number) {
    Slur slur = factory.createSlur();
    slur.setType(type);
    slur.setNumber(number);
    return slur;
  }

  private org.audiveris.proxymusic.Tuplet tuplet(StartStop type, int number, boolean bracket) {
    org.audiveris.proxymusic.Tuplet tuplet = factory.createTuplet();
    tuplet.setType(type);
    tuplet.setNumber(number);
    if (type == StartStop.START) {
      tuplet.setBracket(bracket ? YesNo.YES : YesNo.NO);
    }
    return tuplet;
  }

  private void writeSigns(Notations notations, Note source, Marks marks) {
    Ornaments ornaments = ornaments(marks);
    if (!ornaments.getTrillMarkOrTurnOrDelayedTurn().isEmpty()) {
      notations.getTiedOrSlurOrTuplet().add(ornaments);
    }
    Technical technical = technical(source, marks);
    if (!technical.getUpBowOrDownBowOrHarmonic().isEmpty()) {
      notations.getTiedOrSlurOrTuplet().add(technical);
    }
    if (!marks.articulations().isEmpty()) {
      notations.getTiedOrSlurOrTuplet().add(articulations(marks));
    }
    if (marks.fermata()) {
      notations.getTiedOrSlurOrTuplet().add(new Fermata());
    }
  }

  private Ornaments ornaments(Marks marks) {
    Ornaments ornaments = factory.createOrnaments();
    List<JAXBElement<?>> into = ornaments.getTrillMarkOrTurnOrDelayedTurn();
    for (Marks.Ornament ornament : marks.ornaments()) {
      into.add(
          switch (ornament) {
            case TRILL -> factory.createOrnamentsTrillMark(factory.createEmptyTrillSound());
            case MORDENT -> factory.createOrnamentsMordent(factory.createMordent());
            case INVERTED_MORDENT ->
                factory.createOrnamentsInvertedMordent(factory.createMordent());
            case TURN -> factory.createOrnamentsTurn(factory.createHorizontalTurn());
            case INVERTED_TURN ->
                factory.createOrnamentsInvertedTurn(factory.createHorizontalTurn());
          });
    }
    if (marks.tremoloStrokes() > 0) {
      Tremolo tremolo = factory.createTremolo();
      tremolo.setType(TremoloType.SINGLE);
      tremolo.setValue(marks.tremoloStrokes());
      into.add(factory.createOrnamentsTremolo(tremolo));
    }
    return ornaments;
  }

  private Technical technical(Note source, Marks marks) {
    Technical technical = factory.createTechnical();
    List<JAXBElement<?>> into = technical.getUpBowOrDownBowOrHarmonic();
    marks
        .bow()
        .ifPresent(
            bow ->
                into.add(
                    bow == BowDirection.UP
                        ? factory.createTechnicalUpBow(new EmptyPlacement())
                        : factory.createTechnicalDownBow(new EmptyPlacement())));
    if (source.harmonic() != Note.Harmonic.NONE) {
      into.add(factory.createTechnicalHarmonic(harmonic(source.harmonic())));
    }
    source.finger().ifPresent(finger -> into.add(finger(finger)));
    source
        .string()
        .ifPresent(
            number -> {
              org.audiveris.proxymusic.String string = factory.createString();
              string.setValue(BigInteger.valueOf(number));
              into.add(factory.createTechnicalString(string));
            });
    return technical;
  }

  private JAXBElement<?> finger(Finger finger) {
    if (finger == Finger.THUMB) {
      return factory.createTechnicalThumbPosition(new EmptyPlacement());
    }
    Fingering fingering = factory.createFingering();
    fingering.setValue(finger.sign());
    return factory.createTechnicalFingering(fingering);
  }

  private Harmonic harmonic(Note.Harmonic kind) {
    Harmonic harmonic = factory.createHarmonic();
    if (kind == Note.Harmonic.NATURAL) {
      harmonic.setNatural(new Empty());
    } else {
      harmonic.setArtificial(new Empty());
    }
    return harmonic;
  }

  private Articulations articulations(Marks marks) {
    Articulations articulations = factory.createArticulations();
    for (Marks.Articulation articulation : marks.articulations()) {
      articulations.getAccentOrStrongAccentOrStaccato().add(articulation(articulation));
    }
    return articulations;
  }

  private JAXBElement<?> articulation(Marks.Articulation articulation) {
    if (articulation == Marks.Articulation.STRONG_ACCENT) {
      return factory.createArticulationsStrongAccent(new StrongAccent());
    }
    String name = articulation.name().toLowerCase(Locale.ROOT).replace('_', '-');
    return new JAXBElement<>(new QName(name), EmptyPlacement.class, new EmptyPlacement());
  }
}
