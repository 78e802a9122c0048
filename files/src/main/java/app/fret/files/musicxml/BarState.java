package app.fret.files.musicxml;

import app.fret.files.PlainWords;
import app.fret.instrument.StatedTuning;
import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Transposition;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.apache.commons.numbers.fraction.Fraction;

/** What holds from bar to bar while a part is read: divisions, clef, key, metre, bar lines. */
final class BarState {
  /** Until the first time signature nothing says how long a bar is. */
  private static final Metre WITHOUT = new Metre(List.of(4), 4, Metre.Sign.NONE);

  /** Further than any instrument transposes, in semitones. */
  private static final int WIDEST_TRANSPOSITION = 48;

  private final Skipped skipped;
  private final int staff;
  private final TuningReader tuning;
  private BigDecimal divisionsPerQuarter = BigDecimal.ONE;
  private Clef clef = Clef.TREBLE;
  private Clef clefAtStart = clef;
  private Key key = new Key(0);
  private Metre metre = WITHOUT;
  private Metre nextMetre = metre;
  private Optional<Transposition> transposition = Optional.empty();
  private Fraction start = Fraction.ZERO;
  private Key barKey = key;
  private final List<Bar.ClefAt> clefs = new ArrayList<>();
  private boolean repeatStart;
  private int repeatTimes;
  private Optional<String> endingStart = Optional.empty();
  private boolean endingStop;
  private Bar.Line line = Bar.Line.PLAIN;

  BarState(Skipped skipped, int staff) {
    this.skipped = skipped;
    this.staff = staff;
    this.tuning = new TuningReader(skipped);
  }

  int staff() {
    return staff;
  }

  Metre metre() {
    return metre;
  }

  Optional<Transposition> transposition() {
    return transposition;
  }

  /** What the staff says of the open strings. */
  StatedTuning tuning() {
    return tuning.stated();
  }

  /** A counted duration as a fraction of a whole note. */
  Fraction length(BigDecimal duration) {
    return Lengths.ofDuration(duration, divisionsPerQuarter);
  }

  /** The finest step the file counts in. */
  Fraction oneDivision() {
    return length(BigDecimal.ONE);
  }

  void startBar(Fraction onset) {
    start = onset;
    metre = nextMetre;
    barKey = key;
    clefs.clear();
    repeatStart = false;
    repeatTimes = 0;
    endingStart = Optional.empty();
    endingStop = false;
    line = Bar.Line.PLAIN;
  }

  Bar finishBar(String label, boolean uncounted, Fraction length) {
    Fraction end = start.add(length);
    List<Bar.ClefAt> inBar = new ArrayList<>();
    inBar.add(new Bar.ClefAt(start, clefAtStart));
    for (Bar.ClefAt change : clefs) {
      boolean sameTime = inBar.get(inBar.size() - 1).onset().equals(change.onset());
      if (sameTime) {
        inBar.set(inBar.size() - 1, change);
      } else if (change.onset().compareTo(end) < 0) {
        inBar.add(change);
      }
    }
    clefAtStart = clef;
    return new Bar(
        label,
        uncounted,
        start,
        length,
        metre,
        barKey,
        inBar,
        new Bar.Edges(repeatStart, repeatTimes, endingStart, endingStop, line));
  }

  void read(Source attributes, Fraction cursor, Fraction barStart, String bar) {
    attributes.child("staves");
    attributes.child("divisions").ifPresent(this::readDivisions);
    boolean atBarLine = cursor.equals(barStart);
    ours(attributes, "key").forEach(k -> readKey(k, atBarLine, bar));
    ours(attributes, "time").forEach(t -> readTime(t, atBarLine, bar));
    ours(attributes, "clef").forEach(c -> readClef(c, cursor, bar));
    attributes.children("transpose").forEach(t -> readTranspose(t, bar));
    ours(attributes, "staff-details").forEach(d -> readStaffDetails(d, bar));
  }

  private void readDivisions(Source divisions) {
    divisionsPerQuarter = divisions.number();
    if (divisionsPerQuarter.signum() <= 0) {
      throw new IllegalArgumentException(
          "it counts in " + PlainWords.quoted(divisions.text()) + " divisions of a quarter");
    }
  }

  /** The elements of this name that hold for the staff that is read. */
  private List<Source> ours(Source attributes, String name) {
    List<Source> ours = new ArrayList<>();
    for (Source source : attributes.children(name)) {
      boolean other =
          source
              .attribute("number")
              .filter(n -> !n.strip().equals(String.valueOf(staff)))
              .isPresent();
      if (other) {
        source.takeAll();
      } else {
        ours.add(source);
      }
    }
    return ours;
  }

  private void readStaffDetails(Source details, String bar) {
    boolean usual = details.textOf("staff-lines").orElse("5").equals("5");
    details.child("staff-type").ifPresent(Source::took);
    tuning.readStaff(details, bar);
    if (!usual) {
      skipped.add("a staff of other than five lines", bar);
    }
  }

  private void readKey(Source source, boolean atBarLine, String bar) {
    OptionalInt fifths = source.wholeNumberOf("fifths");
    if (fifths.isEmpty()) {
      source.takeAll();
      skipped.add("key signatures that are no row of fifths", bar);
      return;
    }
    key = new Key(fifths.getAsInt());
    if (atBarLine) {
      barKey = key;
    } else {
      skipped.add("key changes inside the bar, taken from the next bar on", bar);
    }
  }

  private void readTime(Source time, boolean atBarLine, String bar) {
    nextMetre = time.has("senza-misura") ? WITHOUT : metre(time);
    if (atBarLine) {
      metre = nextMetre;
    } else if (!nextMetre.equals(metre)) {
      skipped.add("a change of metre inside the bar, taken from the next bar on", bar);
    }
  }

  private static Metre metre(Source time) {
    List<Integer> groups = new ArrayList<>();
    for (Source beats : time.children("beats")) {
      Arrays.stream(figure(beats).split("\\+"))
          .map(String::strip)
          .map(Integer::valueOf)
          .forEach(groups::add);
    }
    List<Integer> units =
        time.children("beat-type").stream()
            .map(BarState::figure)
            .flatMap(f -> Arrays.stream(f.split("\\+")))
            .map(f -> Integer.valueOf(f.strip()))
            .toList();
    if (units.isEmpty() || units.stream().distinct().count() > 1) {
      throw new IllegalArgumentException("its metre mixes different lower figures");
    }
    return new Metre(groups, units.get(0), sign(time.attribute("symbol").orElse("")));
  }

  private static String figure(Source figure) {
    if (!figure.text().matches("\\d{1,3}( *\\+ *\\d{1,3})*")) {
      throw new IllegalArgumentException(
          "its metre has the figure '" + PlainWords.quoted(figure.text()) + "'");
    }
    return figure.text();
  }

  private static Metre.Sign sign(String symbol) {
    return switch (symbol.strip()) {
      case "common" -> Metre.Sign.COMMON;
      case "cut" -> Metre.Sign.CUT;
      default -> Metre.Sign.FIGURES;
    };
  }

  private void readClef(Source source, Fraction cursor, String bar) {
    String name = source.textOf("sign").orElse("");
    if (!name.matches("[GFC]")) {
      source.takeAll();
      skipped.add("the clef '" + PlainWords.quoted(name) + "'", bar);
      return;
    }
    Clef.Sign sign = Clef.Sign.valueOf(name);
    int usualLine = sign == Clef.Sign.G ? 2 : sign == Clef.Sign.F ? 4 : 3;
    clef =
        new Clef(
            sign,
            source.wholeNumberOf("line").orElse(usualLine),
            source.wholeNumberOf("clef-octave-change").orElse(0));
    Fraction at = cursor.compareTo(start) < 0 ? start : cursor;
    clefs.add(new Bar.ClefAt(at, clef));
    // A clef that is written after a backup stands before one that was written earlier.
    clefs.sort(Comparator.comparing(Bar.ClefAt::onset));
    clef = clefs.get(clefs.size() - 1).clef();
  }

  private void readTranspose(Source transpose, String bar) {
    // The letter steps follow from the semitones.
    transpose.child("diatonic");
    int octaves = transpose.wholeNumberOf("octave-change").orElse(0);
    long semitones = transpose.wholeNumberOf("chromatic").orElse(0) + 12L * octaves;
    if (Math.abs(semitones) > WIDEST_TRANSPOSITION) {
      throw new IllegalArgumentException("it transposes by " + semitones + " semitones");
    }
    Transposition read = new Transposition((int) semitones);
    if (transposition.isPresent() && !transposition.get().equals(read)) {
      skipped.add("a change of transposition", bar);
    } else {
      transposition = Optional.of(read);
    }
  }

  void readBarline(Source barline, String bar) {
    if (barline.is("location", "middle")) {
      barline.takeAll();
      skipped.add("a bar line inside a bar", bar);
      return;
    }
    boolean left = barline.is("location", "left");
    Optional<Source> repeat = barline.child("repeat");
    Optional<Source> style = barline.child("bar-style");
    repeat.ifPresent(r -> readRepeat(r, bar));
    barline.child("ending").ifPresent(this::readEnding);
    if (!left && style.isPresent() && repeat.isEmpty()) {
      line = line(style.get().text(), bar);
    }
  }

  private void readRepeat(Source repeat, String bar) {
    if (repeat.is("direction", "forward")) {
      repeatStart = true;
      return;
    }
    String times = repeat.attribute("times").map(String::strip).orElse("2");
    boolean plain = times.matches("[1-9]\\d?");
    repeatTimes = plain ? Integer.parseInt(times) : 2;
    if (!plain) {
      skipped.add("how often a repeat is played", bar);
    }
  }

  private void readEnding(Source ending) {
    if (ending.is("type", "start")) {
      String number = PlainWords.quoted(ending.attribute("number").orElse(""));
      endingStart = Optional.of(number.isEmpty() ? "1" : number);
    } else {
      endingStop = true;
    }
  }

  private Bar.Line line(String style, String bar) {
    return switch (style) {
      case "regular" -> Bar.Line.PLAIN;
      case "light-light" -> Bar.Line.DOUBLE;
      case "light-heavy" -> Bar.Line.FINAL;
      default -> {
        skipped.add("a bar line of another kind, line plain", bar);
        yield Bar.Line.PLAIN;
      }
    };
  }
}
