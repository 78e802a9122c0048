package app.fret.files.musicxml;

import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Transposition;
import jakarta.xml.bind.JAXBElement;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.BackwardForward;
import org.audiveris.proxymusic.BarStyle;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Ending;
import org.audiveris.proxymusic.Repeat;
import org.audiveris.proxymusic.RightLeftMiddle;
import org.audiveris.proxymusic.StartStopDiscontinue;
import org.audiveris.proxymusic.Time;
import org.audiveris.proxymusic.TimeSymbol;
import org.audiveris.proxymusic.Transpose;

/** What holds from bar to bar while a part is read: divisions, clef, key, metre, bar lines. */
final class BarState {
  /** Until the first time signature nothing says how long a bar is. */
  private static final Metre WITHOUT = new Metre(List.of(4), 4, Metre.Sign.NONE);

  private final Skipped skipped;
  private final int staff;
  private BigDecimal divisionsPerQuarter = BigDecimal.ONE;
  private Clef clef = Clef.TREBLE;
  private Clef clefAtStart = clef;
  private Key key = new Key(0);
  private Metre metre = WITHOUT;

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
      if (change.onset().equals(start)) {
        inBar.set(0, change);
      } else if (change.onset().compareTo(end) < 0) {
        inBar.add(change);
      }
    }
    clefAtStart = clef;
    inBar.sort(java.util.Comparator.comparing(Bar.ClefAt::onset));
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

  void read(Attributes attributes, Fraction cursor, Fraction barStart, ScorePlace place)
      throws ScoreRejectedException {
    if (attributes.getDivisions() != null) {
      if (attributes.getDivisions().signum() <= 0) {
        throw new ScoreRejectedException(place, "its divisions are not above zero");
      }
      divisionsPerQuarter = attributes.getDivisions();
    }
    String bar = place.bar().orElse("?");
    for (org.audiveris.proxymusic.Key source : attributes.getKey()) {
      if (isOurs(source.getNumber())) {
        readKey(source, cursor.equals(barStart), bar);
      }
    }
    for (Time time : attributes.getTime()) {
      if (isOurs(time.getNumber())) {
        readTime(time);
      }
    }
    for (org.audiveris.proxymusic.Clef source : attributes.getClef()) {
      if (isOurs(source.getNumber())) {
        readClef(source, cursor, bar);
      }
    }
    for (Transpose transpose : attributes.getTranspose()) {
      if (isOurs(transpose.getNumber())) {
        readTranspose(transpose, bar);
      }
    }
  }

  private boolean isOurs(java.math.BigInteger number) {
    return number == null || number.intValue() == staff;
  }

  private void readKey(org.audiveris.proxymusic.Key source, boolean atBarLine, String bar) {
    if (source.getFifths() == null) {
      skipped.add("key signatures that are no row of fifths", bar);
      return;
    }
    key = new Key(source.getFifths().intValueExact());
    if (atBarLine) {
      barKey = key;
    } else {
      skipped.add("key changes inside the bar, taken from the next bar on", bar);
    }
  }

  private void readTime(Time time) {
    if (time.getSenzaMisura() != null) {
      metre = WITHOUT;
      return;
    }
    List<Integer> groups = new ArrayList<>();
    List<Integer> units = new ArrayList<>();
    for (JAXBElement<String> figure : time.getTimeSignature()) {
      String value = figure.getValue().strip();
      if (!value.matches("\\d{1,3}( *\\+ *\\d{1,3})*")) {
        throw new IllegalArgumentException("its metre has the figure '" + value + "'");
      }
      if (figure.getName().getLocalPart().equals("beats")) {
        Arrays.stream(value.split("\\+"))
            .map(String::strip)
            .map(Integer::valueOf)
            .forEach(groups::add);
      } else {
        units.add(Integer.valueOf(value));
      }
    }
    if (units.isEmpty() || units.stream().distinct().count() > 1) {
      throw new IllegalArgumentException("its metre mixes different lower figures");
    }
    metre = new Metre(groups, units.get(0), sign(time.getSymbol()));
  }

  private static Metre.Sign sign(TimeSymbol symbol) {
    if (symbol == TimeSymbol.COMMON) {
      return Metre.Sign.COMMON;
    }
    return symbol == TimeSymbol.CUT ? Metre.Sign.CUT : Metre.Sign.FIGURES;
  }

  private void readClef(org.audiveris.proxymusic.Clef source, Fraction cursor, String bar) {
    String name = source.getSign().value();
    if (!name.equals("G") && !name.equals("F") && !name.equals("C")) {
      skipped.add("the clef '" + name + "'", bar);
      return;
    }
    Clef.Sign sign = Clef.Sign.valueOf(name);
    int usualLine = sign == Clef.Sign.G ? 2 : sign == Clef.Sign.F ? 4 : 3;
    int lineOfClef = source.getLine() == null ? usualLine : source.getLine().intValueExact();
    int octaves =
        source.getClefOctaveChange() == null ? 0 : source.getClefOctaveChange().intValueExact();
    clef = new Clef(sign, lineOfClef, octaves);
    clefs.add(new Bar.ClefAt(cursor, clef));
  }

  private void readTranspose(Transpose transpose, String bar) {
    int octaves =
        transpose.getOctaveChange() == null ? 0 : transpose.getOctaveChange().intValueExact();
    Transposition read = new Transposition(transpose.getChromatic().intValueExact() + 12 * octaves);
    if (transposition.isPresent() && !transposition.get().equals(read)) {
      skipped.add("a change of transposition", bar);
    } else {
      transposition = Optional.of(read);
    }
  }

  void readBarline(Barline barline, String bar) {
    boolean left = barline.getLocation() == RightLeftMiddle.LEFT;
    Repeat repeat = barline.getRepeat();
    if (repeat != null && repeat.getDirection() == BackwardForward.FORWARD) {
      repeatStart = true;
    } else if (repeat != null) {
      repeatTimes = repeat.getTimes() == null ? 2 : repeat.getTimes().intValueExact();
    }
    readEnding(barline.getEnding());
    if (!left && barline.getBarStyle() != null && repeat == null) {
      line = line(barline.getBarStyle().getValue(), bar);
    }
    if (barline.getSegno() != null || barline.getCoda() != null) {
      skipped.add("segno and coda signs", bar);
    }
  }

  private void readEnding(Ending ending) {
    if (ending == null) {
      return;
    }
    if (ending.getType() == StartStopDiscontinue.START) {
      endingStart = Optional.of(ending.getNumber());
    } else {
      endingStop = true;
    }
  }

  private Bar.Line line(BarStyle style, String bar) {
    return switch (style) {
      case REGULAR -> Bar.Line.PLAIN;
      case LIGHT_LIGHT -> Bar.Line.DOUBLE;
      case LIGHT_HEAVY -> Bar.Line.FINAL;
      default -> {
        skipped.add("a bar line of another kind, drawn plain", bar);
        yield Bar.Line.PLAIN;
      }
    };
  }
}
