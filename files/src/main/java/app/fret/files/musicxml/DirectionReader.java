package app.fret.files.musicxml;

import app.fret.instrument.StatedTuning;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/** Reads what stands over and under the staff at a time: dynamics, wedges, words, tempos. */
final class DirectionReader {
  private static final Pattern NUMBER = Pattern.compile("\\d{1,6}(\\.\\d{1,6})?");

  private static final String DA_CAPO = "the jump 'da capo', which is not played";
  private static final String DAL_SEGNO = "the jump 'dal segno', which is not played";
  private static final String TO_CODA = "the jump to the coda, which is not played";
  private static final String FINE = "the end at 'fine', which is not played";

  /** Jumps as they are printed; many files print them and say no more. */
  private static final Map<Pattern, String> JUMPS =
      Map.of(
          Pattern.compile("\\bd(\\. ?c\\b|\\.c\\.|a capo\\b)"), DA_CAPO,
          Pattern.compile("\\bd(\\. ?s\\b|\\.s\\.|al segno\\b)"), DAL_SEGNO,
          Pattern.compile("^(to coda|al coda)\\b"), TO_CODA,
          Pattern.compile("^fine\\.?$"), FINE);

  /** What a sound element asks of a player, by its attribute. */
  private static final Map<String, String> ASKED_BY_SOUND =
      Map.of(
          "dacapo", DA_CAPO,
          "dalsegno", DAL_SEGNO,
          "tocoda", TO_CODA,
          "fine", FINE,
          "pizzicato", "plucking that only playback knows");

  private final Skipped skipped;
  private final List<Directions.Dynamic> dynamics = new ArrayList<>();
  private final List<Directions.Hairpin> hairpins = new ArrayList<>();
  private final List<Directions.Words> words = new ArrayList<>();
  private final List<Directions.TempoMark> tempos = new ArrayList<>();
  private final List<Directions.Rehearsal> rehearsals = new ArrayList<>();
  private final List<Directions.OctaveShift> octaveShifts = new ArrayList<>();
  private final Map<Integer, OpenWedge> openWedges = new HashMap<>();
  private final Map<Integer, OpenShift> openShifts = new HashMap<>();
  private final TuningReader tuning;
  private Optional<Tempo> playbackTempo = Optional.empty();

  private record OpenWedge(Fraction from, boolean growing) {}

  private record OpenShift(Fraction from, int octaves) {}

  DirectionReader(Skipped skipped) {
    this.skipped = skipped;
    this.tuning = new TuningReader(skipped);
  }

  void read(Source direction, Fraction onset, String bar) {
    boolean above = !direction.is("placement", "below");
    for (Source type : direction.children("direction-type")) {
      readWords(type, onset, above, bar);
      type.each().forEach(sign -> readSign(sign, onset, bar));
    }
    direction.children("sound").forEach(sound -> readSound(sound, bar));
  }

  /** Remembers the first tempo the file plays at; lists what else it asks for. */
  void readSound(Source sound, String bar) {
    ASKED_BY_SOUND.forEach(
        (attribute, asked) -> {
          if (sound.attribute(attribute).filter(a -> !a.equals("no")).isPresent()) {
            skipped.add(asked, bar);
          }
        });
    sound
        .attribute("tempo")
        .flatMap(DirectionReader::number)
        .filter(t -> Tempo.canBeAsked(t) && playbackTempo.isEmpty())
        .ifPresent(t -> playbackTempo = Optional.of(new Tempo(BeatUnit.QUARTER, t)));
  }

  private static Optional<Double> number(String text) {
    Matcher number = NUMBER.matcher(text);
    return number.find() ? Optional.of(Double.valueOf(number.group())) : Optional.empty();
  }

  /** A dynamic in a direction or at a note. */
  void readDynamics(Source group, Fraction onset) {
    StringBuilder sign = new StringBuilder();
    for (Source element : group.each()) {
      if (element.name().startsWith(XmlElement.FOREIGN)) {
        continue;
      }
      boolean other = element.took().name().equals("other-dynamics");
      sign.append(other ? element.words() : element.name());
    }
    if (!sign.isEmpty()) {
      dynamics.add(new Directions.Dynamic(onset, sign.toString().strip()));
    }
  }

  private void readWords(Source type, Fraction onset, boolean above, String bar) {
    StringBuilder text = new StringBuilder();
    for (Source part : type.children("words")) {
      text.append(text.isEmpty() ? "" : " ").append(part.words());
    }
    if (!text.toString().isBlank()) {
      String said = text.toString().strip();
      words.add(new Directions.Words(onset, said, above));
      String plain = said.toLowerCase(Locale.ROOT);
      JUMPS.forEach(
          (jump, listed) -> {
            if (jump.matcher(plain).find()) {
              skipped.add(listed, bar);
            }
          });
    }
  }

  private void readSign(Source sign, Fraction onset, String bar) {
    switch (sign.name()) {
      case "dynamics" -> readDynamics(sign.took(), onset);
      case "rehearsal" -> readRehearsal(sign.took(), onset);
      case "wedge" -> readWedge(sign.took(), onset, bar);
      case "octave-shift" -> readOctaveShift(sign.took(), onset, bar);
      case "metronome" -> readMetronome(sign.took(), onset, bar);
      case "segno", "coda" -> {
        String text =
            sign.took().name().equals("coda") ? Directions.Words.CODA : Directions.Words.SEGNO;
        words.add(new Directions.Words(onset, text, true));
      }
      case "scordatura" -> tuning.readScordatura(sign.took(), bar);
      default -> {
        // Listed with all else that nobody took.
      }
    }
  }

  private void readRehearsal(Source rehearsal, Fraction onset) {
    String mark = rehearsal.words();
    if (!mark.isEmpty()) {
      rehearsals.add(new Directions.Rehearsal(onset, mark));
    }
  }

  private static int number(Source end) {
    return Math.max(1, Math.min(NumberPool.MOST, end.spanNumber()));
  }

  private void readWedge(Source wedge, Fraction onset, String bar) {
    int number = number(wedge);
    if (wedge.is("type", "stop")) {
      OpenWedge open = openWedges.remove(number);
      if (open == null || open.from().compareTo(onset) >= 0) {
        skipped.add("a hairpin without a beginning", bar);
      } else {
        hairpins.add(new Directions.Hairpin(open.from(), onset, open.growing()));
      }
    } else if (!wedge.is("type", "continue")
        && openWedges.put(number, new OpenWedge(onset, wedge.is("type", "crescendo"))) != null) {
      skipped.add("a hairpin without an end", bar);
    }
  }

  private void readOctaveShift(Source shift, Fraction onset, String bar) {
    int number = number(shift);
    if (shift.is("type", "stop")) {
      OpenShift open = openShifts.remove(number);
      if (open == null || open.from().compareTo(onset) >= 0) {
        skipped.add("an octave line without a beginning", bar);
      } else {
        octaveShifts.add(new Directions.OctaveShift(open.from(), onset, open.octaves()));
      }
    } else if (!shift.is("type", "continue")) {
      int size =
          shift
              .attribute("size")
              .map(String::strip)
              .filter(s -> s.matches("\\d{1,2}"))
              .map(Integer::valueOf)
              .orElse(8);
      int octaves = Math.max(1, Math.min(3, (size - 1) / 7));
      OpenShift opened = new OpenShift(onset, shift.is("type", "down") ? octaves : -octaves);
      if (openShifts.put(number, opened) != null) {
        skipped.add("an octave line without an end", bar);
      }
    }
  }

  private void readMetronome(Source metronome, Fraction onset, String bar) {
    Optional<Tempo> tempo = tempo(metronome);
    if (tempo.isPresent()) {
      tempos.add(new Directions.TempoMark(onset, tempo.get()));
    } else {
      metronome.takeAll();
      skipped.add("a metronome mark without a plain number", bar);
    }
  }

  private static Optional<Tempo> tempo(Source metronome) {
    Optional<Double> perMinute = metronome.textOf("per-minute").flatMap(DirectionReader::number);
    Optional<Fraction> length =
        metronome.textOf("beat-unit").flatMap(Lengths::value).map(v -> v.length());
    boolean dotted = !metronome.children("beat-unit-dot").isEmpty();
    boolean plain = metronome.children("beat-unit").size() == 1;
    Optional<BeatUnit> unit =
        length
            .filter(l -> plain)
            .map(l -> dotted ? l.multiply(Fraction.of(3, 2)) : l)
            .flatMap(l -> BeatUnit.NOTES.stream().filter(u -> u.length().equals(l)).findFirst());
    return perMinute.filter(Tempo::canBeAsked).flatMap(t -> unit.map(u -> new Tempo(u, t)));
  }

  Optional<Tempo> playbackTempo() {
    return playbackTempo;
  }

  /** What a scordatura sign says of the open strings. */
  StatedTuning tuning() {
    return tuning.stated();
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
