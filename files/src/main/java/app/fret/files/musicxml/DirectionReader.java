package app.fret.files.musicxml;

import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Tempo;
import jakarta.xml.bind.JAXBElement;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;
import org.audiveris.proxymusic.AboveBelow;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.DirectionType;
import org.audiveris.proxymusic.FormattedTextId;
import org.audiveris.proxymusic.Metronome;
import org.audiveris.proxymusic.Sound;
import org.audiveris.proxymusic.UpDownStopContinue;
import org.audiveris.proxymusic.Wedge;
import org.audiveris.proxymusic.WedgeType;

/** Reads what stands over and under the staff at a time: dynamics, wedges, words, tempos. */
final class DirectionReader {
  private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+)?");

  private final Skipped skipped;
  private final List<Directions.Dynamic> dynamics = new ArrayList<>();
  private final List<Directions.Hairpin> hairpins = new ArrayList<>();
  private final List<Directions.Words> words = new ArrayList<>();
  private final List<Directions.TempoMark> tempos = new ArrayList<>();
  private final List<Directions.Rehearsal> rehearsals = new ArrayList<>();
  private final List<Directions.OctaveShift> octaveShifts = new ArrayList<>();
  private final Map<Integer, OpenWedge> openWedges = new HashMap<>();
  private final Map<Integer, OpenShift> openShifts = new HashMap<>();
  private Optional<Tempo> playbackTempo = Optional.empty();

  private record OpenWedge(Fraction from, boolean growing) {}

  private record OpenShift(Fraction from, int octaves) {}

  DirectionReader(Skipped skipped) {
    this.skipped = skipped;
  }

  void read(Direction direction, Fraction onset, String bar) {
    boolean above = direction.getPlacement() != AboveBelow.BELOW;
    for (DirectionType type : direction.getDirectionType()) {
      read(type, onset, above, bar);
    }
    if (direction.getSound() != null) {
      readSound(direction.getSound());
    }
  }

  /** Remembers the first tempo the file plays at. */
  void readSound(Sound sound) {
    BigDecimal tempo = sound.getTempo();
    if (tempo != null && tempo.signum() > 0 && playbackTempo.isEmpty()) {
      playbackTempo = Optional.of(new Tempo(BeatUnit.QUARTER, Math.min(1000, tempo.doubleValue())));
    }
  }

  /** A dynamic attached to a note. */
  void readDynamics(org.audiveris.proxymusic.Dynamics group, Fraction onset) {
    StringBuilder sign = new StringBuilder();
    for (JAXBElement<?> element : group.getPOrPpOrPpp()) {
      String name = element.getName().getLocalPart();
      sign.append(
          name.equals("other-dynamics")
              ? ((org.audiveris.proxymusic.OtherText) element.getValue()).getValue()
              : name);
    }
    if (!sign.isEmpty()) {
      dynamics.add(new Directions.Dynamic(onset, sign.toString()));
    }
  }

  private void read(DirectionType type, Fraction onset, boolean above, String bar) {
    type.getDynamics().forEach(group -> readDynamics(group, onset));
    type.getRehearsal()
        .forEach(r -> rehearsals.add(new Directions.Rehearsal(onset, r.getValue().strip())));
    readWords(type, onset, above, bar);
    if (type.getWedge() != null) {
      readWedge(type.getWedge(), onset, bar);
    } else if (type.getOctaveShift() != null) {
      readOctaveShift(type.getOctaveShift(), onset, bar);
    } else if (type.getMetronome() != null) {
      readMetronome(type.getMetronome(), onset, bar);
    } else {
      readRest(type, bar);
    }
  }

  private void readWords(DirectionType type, Fraction onset, boolean above, String bar) {
    StringBuilder text = new StringBuilder();
    for (Object part : type.getWordsOrSymbol()) {
      if (part instanceof FormattedTextId piece && piece.getValue() != null) {
        text.append(text.isEmpty() ? "" : " ").append(piece.getValue().strip());
      } else {
        skipped.add("symbols among words", bar);
      }
    }
    if (!text.toString().isBlank()) {
      words.add(new Directions.Words(onset, text.toString(), above));
    }
  }

  private void readWedge(Wedge wedge, Fraction onset, String bar) {
    int number = wedge.getNumber() == null ? 1 : wedge.getNumber();
    if (wedge.getType() == WedgeType.STOP) {
      OpenWedge open = openWedges.remove(number);
      if (open == null || open.from().compareTo(onset) >= 0) {
        skipped.add("a hairpin without a beginning", bar);
      } else {
        hairpins.add(new Directions.Hairpin(open.from(), onset, open.growing()));
      }
    } else if (wedge.getType() != WedgeType.CONTINUE) {
      openWedges.put(number, new OpenWedge(onset, wedge.getType() == WedgeType.CRESCENDO));
    }
  }

  private void readOctaveShift(
      org.audiveris.proxymusic.OctaveShift shift, Fraction onset, String bar) {
    int number = shift.getNumber() == null ? 1 : shift.getNumber();
    if (shift.getType() == UpDownStopContinue.STOP) {
      OpenShift open = openShifts.remove(number);
      if (open == null) {
        skipped.add("an octave line without a beginning", bar);
      } else {
        octaveShifts.add(new Directions.OctaveShift(open.from(), onset, open.octaves()));
      }
    } else if (shift.getType() != UpDownStopContinue.CONTINUE) {
      int size = shift.getSize() == null ? 8 : shift.getSize().intValueExact();
      int octaves = Math.max(1, Math.min(3, (size - 1) / 7));
      boolean down = shift.getType() == UpDownStopContinue.DOWN;
      openShifts.put(number, new OpenShift(onset, down ? octaves : -octaves));
    }
  }

  private void readMetronome(Metronome metronome, Fraction onset, String bar) {
    Optional<Tempo> tempo = tempo(metronome);
    if (tempo.isPresent()) {
      tempos.add(new Directions.TempoMark(onset, tempo.get()));
    } else {
      skipped.add("a metronome mark without a plain number", bar);
    }
  }

  private static Optional<Tempo> tempo(Metronome metronome) {
    if (metronome.getBeatUnit() == null || metronome.getPerMinute() == null) {
      return Optional.empty();
    }
    Matcher number = NUMBER.matcher(metronome.getPerMinute().getValue());
    Fraction length = Lengths.value(metronome.getBeatUnit()).length();
    Fraction dotted =
        metronome.getBeatUnitDot().isEmpty() ? length : length.multiply(Fraction.of(3, 2));
    Optional<BeatUnit> unit =
        BeatUnit.NOTES.stream().filter(u -> u.length().equals(dotted)).findFirst();
    if (unit.isEmpty() || !number.find()) {
      return Optional.empty();
    }
    double perMinute = Double.parseDouble(number.group());
    return perMinute > 0 && perMinute <= 1000
        ? Optional.of(new Tempo(unit.get(), perMinute))
        : Optional.empty();
  }

  private void readRest(DirectionType type, String bar) {
    if (!type.getSegno().isEmpty() || !type.getCoda().isEmpty()) {
      skipped.add("segno and coda signs", bar);
    }
    if (type.getBracket() != null || type.getDashes() != null) {
      skipped.add("brackets and dashes", bar);
    }
    if (type.getPedal() != null) {
      skipped.add("pedal marks", bar);
    }
    if (type.getOtherDirection() != null) {
      skipped.add("other directions", bar);
    }
  }

  Optional<Tempo> playbackTempo() {
    return playbackTempo;
  }

  Directions directions() {
    if (!openWedges.isEmpty()) {
      skipped.add(openWedges.size() + " hairpins that never end");
    }
    if (!openShifts.isEmpty()) {
      skipped.add(openShifts.size() + " octave lines that never end");
    }
    return new Directions(
        sorted(dynamics, Directions.Dynamic::onset),
        sorted(hairpins, Directions.Hairpin::from),
        sorted(words, Directions.Words::onset),
        sorted(tempos, Directions.TempoMark::onset),
        sorted(rehearsals, Directions.Rehearsal::onset),
        sorted(octaveShifts, Directions.OctaveShift::from));
  }

  private static <T> List<T> sorted(List<T> marks, Function<T, Fraction> onset) {
    return marks.stream().sorted(Comparator.comparing(onset)).toList();
  }
}
