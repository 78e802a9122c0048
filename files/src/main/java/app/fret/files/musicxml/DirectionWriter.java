package app.fret.files.musicxml;

import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Tempo;
import jakarta.xml.bind.JAXBElement;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import javax.xml.namespace.QName;
import org.apache.commons.numbers.fraction.Fraction;
import org.audiveris.proxymusic.AboveBelow;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.DirectionType;
import org.audiveris.proxymusic.Dynamics;
import org.audiveris.proxymusic.Empty;
import org.audiveris.proxymusic.FormattedTextId;
import org.audiveris.proxymusic.Metronome;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.OtherText;
import org.audiveris.proxymusic.PerMinute;
import org.audiveris.proxymusic.UpDownStopContinue;
import org.audiveris.proxymusic.Wedge;
import org.audiveris.proxymusic.WedgeType;

/** Makes the directions of a passage, each with its onset, stops before starts. */
final class DirectionWriter {
  private static final Set<String> NAMED_DYNAMICS =
      Set.of(
          "p", "pp", "ppp", "pppp", "f", "ff", "fff", "ffff", "mp", "mf", "sf", "sfp", "sfpp", "fp",
          "rf", "rfz", "sfz", "sffz", "fz", "n", "pf", "sfzp");

  private final ObjectFactory factory;

  /** A direction and when it stands. */
  record Placed(Fraction onset, int order, Direction direction) {}

  DirectionWriter(ObjectFactory factory) {
    this.factory = factory;
  }

  List<Placed> write(Directions directions) {
    List<Placed> placed = new ArrayList<>();
    directions.rehearsals().forEach(r -> placed.add(rehearsal(r)));
    directions.tempos().forEach(t -> placed.add(tempo(t)));
    directions.words().forEach(w -> placed.add(words(w)));
    directions.dynamics().forEach(d -> placed.add(dynamic(d)));
    addHairpins(directions.hairpins(), placed);
    addOctaveShifts(directions.octaveShifts(), placed);
    placed.sort(Comparator.comparing(Placed::onset).thenComparingInt(Placed::order));
    return placed;
  }

  private Placed placed(Fraction onset, int order, DirectionType type, AboveBelow side) {
    Direction direction = factory.createDirection();
    direction.getDirectionType().add(type);
    direction.setPlacement(side);
    return new Placed(onset, order, direction);
  }

  private Placed rehearsal(Directions.Rehearsal rehearsal) {
    DirectionType type = factory.createDirectionType();
    FormattedTextId text = factory.createFormattedTextId();
    text.setValue(rehearsal.text());
    type.getRehearsal().add(text);
    return placed(rehearsal.onset(), 1, type, AboveBelow.ABOVE);
  }

  private Placed words(Directions.Words words) {
    DirectionType type = factory.createDirectionType();
    FormattedTextId text = factory.createFormattedTextId();
    text.setValue(words.text());
    type.getWordsOrSymbol().add(text);
    return placed(words.onset(), 1, type, words.above() ? AboveBelow.ABOVE : AboveBelow.BELOW);
  }

  private Placed tempo(Directions.TempoMark mark) {
    Tempo tempo = mark.tempo();
    DirectionType type = factory.createDirectionType();
    Metronome metronome = factory.createMetronome();
    writeBeat(metronome, tempo.beat());
    PerMinute perMinute = factory.createPerMinute();
    perMinute.setValue(BigDecimal.valueOf(tempo.perMinute()).stripTrailingZeros().toPlainString());
    metronome.setPerMinute(perMinute);
    type.setMetronome(metronome);
    return placed(mark.onset(), 1, type, AboveBelow.ABOVE);
  }

  private static void writeBeat(Metronome metronome, BeatUnit beat) {
    boolean dotted = beat.length().getNumerator() == 3;
    Fraction plain = dotted ? beat.length().multiply(Fraction.of(2, 3)) : beat.length();
    metronome.setBeatUnit(Lengths.type(Lengths.longestWithin(plain).value()));
    if (dotted) {
      metronome.getBeatUnitDot().add(new Empty());
    }
  }

  private Placed dynamic(Directions.Dynamic dynamic) {
    DirectionType type = factory.createDirectionType();
    Dynamics group = factory.createDynamics();
    group.getPOrPpOrPpp().add(dynamicSign(dynamic.sign()));
    type.getDynamics().add(group);
    return placed(dynamic.onset(), 1, type, AboveBelow.BELOW);
  }

  private static JAXBElement<?> dynamicSign(String sign) {
    if (NAMED_DYNAMICS.contains(sign)) {
      return new JAXBElement<>(new QName(sign), Empty.class, new Empty());
    }
    OtherText other = new OtherText();
    other.setValue(sign);
    return new JAXBElement<>(new QName("other-dynamics"), OtherText.class, other);
  }

  private void addHairpins(List<Directions.Hairpin> hairpins, List<Placed> placed) {
    for (int i = 0; i < hairpins.size(); i++) {
      Directions.Hairpin hairpin = hairpins.get(i);
      WedgeType start = hairpin.growing() ? WedgeType.CRESCENDO : WedgeType.DIMINUENDO;
      placed.add(wedge(hairpin.from(), 2, start, i));
      placed.add(wedge(hairpin.to(), 0, WedgeType.STOP, i));
    }
  }

  private Placed wedge(Fraction onset, int order, WedgeType kind, int index) {
    DirectionType type = factory.createDirectionType();
    Wedge wedge = factory.createWedge();
    wedge.setType(kind);
    wedge.setNumber(index % 16 + 1);
    type.setWedge(wedge);
    return placed(onset, order, type, AboveBelow.BELOW);
  }

  private void addOctaveShifts(List<Directions.OctaveShift> shifts, List<Placed> placed) {
    for (int i = 0; i < shifts.size(); i++) {
      Directions.OctaveShift shift = shifts.get(i);
      UpDownStopContinue start =
          shift.octaves() > 0 ? UpDownStopContinue.DOWN : UpDownStopContinue.UP;
      placed.add(octaveShift(shift.from(), 2, start, shift, i));
      placed.add(octaveShift(shift.to(), 0, UpDownStopContinue.STOP, shift, i));
    }
  }

  private Placed octaveShift(
      Fraction onset, int order, UpDownStopContinue kind, Directions.OctaveShift shift, int index) {
    DirectionType type = factory.createDirectionType();
    org.audiveris.proxymusic.OctaveShift line = factory.createOctaveShift();
    line.setType(kind);
    line.setNumber(index % 16 + 1);
    line.setSize(BigInteger.valueOf(7L * Math.abs(shift.octaves()) + 1));
    type.setOctaveShift(line);
    return placed(onset, order, type, shift.octaves() > 0 ? AboveBelow.ABOVE : AboveBelow.BELOW);
  }
}
