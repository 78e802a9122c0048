package app.fret.engraving;

import app.fret.score.Bar;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Draws words, tempo and rehearsal marks over the staff, dynamics and hairpins under it, octave
 * lines, ending brackets and bar numbers.
 */
final class DirectionDrawing {
  private static final double WORD_SIZE = 1.9;
  private static final double TEMPO_SIZE = 2.0;
  private static final double BEAT_SCALE = 0.62;
  private static final double ABOVE_GAP = 1.0;
  private static final double NUMBER_SIZE = 1.5;
  private static final double ROW_GAP = 0.6;
  private static final double HAIRPIN_HALF = 0.55;

  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Canvas canvas;
  private final Passage passage;
  private final Directions directions;
  private final TimeAxis axis;
  private final List<Engraving.BarPlace> bars;

  DirectionDrawing(
      Canvas canvas,
      Passage passage,
      DirectionIndex all,
      TimeAxis axis,
      List<Engraving.BarPlace> bars) {
    this.canvas = canvas;
    this.passage = passage;
    this.directions = all.touching(axis.start(), axis.end());
    this.axis = axis;
    this.bars = bars;
  }

  void draw() {
    drawDynamicsRow();
    directions.words().stream()
        .filter(w -> !w.above() && axis.holds(w.onset()))
        .forEach(w -> wordsBelow(axis.x(w.onset()), w.text()));
    directions.octaveShifts().forEach(this::octaveLine);
    drawEndings();
    drawAbove();
    drawBarNumber();
    drawSums();
  }

  /** Dynamics and hairpins of a system share one line, below everything they stand under. */
  private void drawDynamicsRow() {
    List<Directions.Dynamic> dynamics =
        directions.dynamics().stream().filter(d -> axis.holds(d.onset())).toList();
    List<Directions.Hairpin> hairpins =
        directions.hairpins().stream()
            .filter(h -> h.from().compareTo(axis.end()) < 0 && h.to().compareTo(axis.start()) > 0)
            .toList();
    double lowest = 4;
    for (Directions.Dynamic dynamic : dynamics) {
      double x = axis.x(dynamic.onset());
      lowest = Math.max(lowest, canvas.skyline.bottomBetween(x - 1, x + width(dynamic.sign())));
    }
    for (Directions.Hairpin hairpin : hairpins) {
      lowest =
          Math.max(
              lowest, canvas.skyline.bottomBetween(startOf(hairpin), endOf(hairpin, dynamics)));
    }
    double baseline = lowest + 2.4;
    for (Directions.Dynamic dynamic : dynamics) {
      drawDynamic(axis.x(dynamic.onset()), baseline, dynamic.sign());
    }
    for (Directions.Hairpin hairpin : hairpins) {
      drawHairpin(hairpin, startOf(hairpin), endOf(hairpin, dynamics), baseline - 0.45);
    }
  }

  private double startOf(Directions.Hairpin hairpin) {
    if (hairpin.from().compareTo(axis.start()) < 0) {
      return bars.get(0).x() + 0.2;
    }
    double x = axis.x(hairpin.from());
    Optional<Directions.Dynamic> same = dynamicAt(hairpin.from());
    return same.isPresent() ? x + width(same.get().sign()) + 0.5 : x;
  }

  private double endOf(Directions.Hairpin hairpin, List<Directions.Dynamic> dynamics) {
    if (hairpin.to().compareTo(axis.end()) > 0) {
      return bars.get(bars.size() - 1).until() - 0.3;
    }
    boolean atEnd = hairpin.to().equals(axis.end());
    double x = atEnd ? bars.get(bars.size() - 1).until() - 0.6 : axis.x(hairpin.to()) - 0.6;
    boolean meets = dynamics.stream().anyMatch(d -> d.onset().equals(hairpin.to()));
    return Math.max(startOf(hairpin) + 1.5, meets ? x - 0.5 : x);
  }

  private Optional<Directions.Dynamic> dynamicAt(Fraction onset) {
    return directions.dynamics().stream().filter(d -> d.onset().equals(onset)).findFirst();
  }

  private void drawHairpin(Directions.Hairpin hairpin, double x1, double x2, double y) {
    double thickness = metrics.thickness("hairpinThickness");
    double left = hairpin.growing() ? 0 : HAIRPIN_HALF;
    double right = hairpin.growing() ? HAIRPIN_HALF : 0;
    canvas.line(x1, y - left, x2, y - right, thickness, Mark.Role.EXPRESSION);
    canvas.line(x1, y + left, x2, y + right, thickness, Mark.Role.EXPRESSION);
  }

  private static Optional<Smufl> letter(char sign) {
    return switch (sign) {
      case 'p' -> Optional.of(Smufl.DYNAMIC_P);
      case 'm' -> Optional.of(Smufl.DYNAMIC_M);
      case 'f' -> Optional.of(Smufl.DYNAMIC_F);
      case 'r' -> Optional.of(Smufl.DYNAMIC_R);
      case 's' -> Optional.of(Smufl.DYNAMIC_S);
      case 'z' -> Optional.of(Smufl.DYNAMIC_Z);
      case 'n' -> Optional.of(Smufl.DYNAMIC_N);
      default -> Optional.empty();
    };
  }

  private double width(String dynamic) {
    double width = 0;
    for (int i = 0; i < dynamic.length(); i++) {
      width += letter(dynamic.charAt(i)).map(metrics::advance).orElse(1.0);
    }
    return width;
  }

  private void drawDynamic(double x, double y, String dynamic) {
    boolean inLetters = dynamic.chars().allMatch(c -> letter((char) c).isPresent());
    if (!inLetters) {
      canvas.text(x, y, dynamic, WORD_SIZE, Mark.Face.ITALIC, Mark.Role.EXPRESSION);
      return;
    }
    double at = x - 0.3;
    for (int i = 0; i < dynamic.length(); i++) {
      Smufl sign = letter(dynamic.charAt(i)).orElseThrow();
      canvas.glyph(at, y, sign, 1, Mark.Role.EXPRESSION);
      at += metrics.advance(sign);
    }
  }

  private void wordsBelow(double x, String text) {
    double width = TextWidth.of(text, WORD_SIZE);
    double y = canvas.skyline.bottomBetween(x, x + width) + ROW_GAP + 0.72 * WORD_SIZE;
    canvas.text(x, y, text, WORD_SIZE, Mark.Face.ITALIC, Mark.Role.EXPRESSION);
  }

  private void octaveLine(Directions.OctaveShift shift) {
    if (shift.from().compareTo(axis.end()) >= 0 || shift.to().compareTo(axis.start()) <= 0) {
      return;
    }
    boolean above = shift.octaves() > 0;
    boolean starts = shift.from().compareTo(axis.start()) >= 0;
    double x1 = starts ? axis.x(shift.from()) : bars.get(0).x() + 0.2;
    double x2 =
        shift.to().compareTo(axis.end()) >= 0
            ? bars.get(bars.size() - 1).until() - 0.4
            : axis.x(shift.to()) - 0.8;
    Smufl sign =
        Math.abs(shift.octaves()) == 1
            ? (above ? Smufl.OTTAVA_ABOVE : Smufl.OTTAVA_BELOW)
            : (above ? Smufl.QUINDICESIMA_ABOVE : Smufl.QUINDICESIMA_BELOW);
    double y =
        above
            ? Math.min(0, canvas.skyline.topBetween(x1, x2)) - 0.6
            : canvas.skyline.bottomBetween(x1, x2) + 2.2;
    canvas.glyph(x1, y, sign, 0.8, Mark.Role.NOTE);
    double lineY = above ? y - 0.9 : y - 0.2;
    double from = x1 + metrics.width(sign) * 0.8 + 0.4;
    double thickness = metrics.thickness("octaveLineThickness");
    for (double x = from; x < x2; x += 1.2) {
      canvas.line(x, lineY, Math.min(x2, x + 0.7), lineY, thickness, Mark.Role.NOTE);
    }
    canvas.line(x2, lineY, x2, lineY + (above ? 0.8 : -0.8), thickness, Mark.Role.NOTE);
  }

  private void drawEndings() {
    for (Engraving.BarPlace place : bars) {
      Bar bar = passage.bars().get(place.bar());
      if (bar.edges().endingStart().isEmpty()) {
        continue;
      }
      double thickness = metrics.thickness("repeatEndingLineThickness");
      double right = endOfEnding(place);
      double y = Math.min(-2, canvas.skyline.topBetween(place.x(), right) - 2.2);
      canvas.line(place.x() + 0.2, y, right - 0.3, y, thickness, Mark.Role.NOTE);
      canvas.line(place.x() + 0.2, y, place.x() + 0.2, y + 1.8, thickness, Mark.Role.NOTE);
      String number = bar.edges().endingStart().get() + ".";
      canvas.text(
          place.x() + 0.7, y + 1.6, number, NUMBER_SIZE, Mark.Face.SEMI_BOLD, Mark.Role.NOTE);
    }
  }

  private double endOfEnding(Engraving.BarPlace start) {
    for (Engraving.BarPlace place : bars) {
      if (place.bar() >= start.bar() && passage.bars().get(place.bar()).edges().endingStop()) {
        return place.until();
      }
    }
    return bars.get(bars.size() - 1).until();
  }

  /** A run of text and signs that stands over the staff at one place. */
  private record Above(double x, Fraction onset, int order, Object what) {}

  private void drawAbove() {
    List<Above> row = new ArrayList<>();
    directions.rehearsals().stream()
        .filter(r -> axis.holds(r.onset()))
        .forEach(r -> row.add(new Above(atBarStart(r.onset()), r.onset(), 0, r)));
    directions.words().stream()
        .filter(w -> w.above() && axis.holds(w.onset()))
        .forEach(w -> row.add(new Above(atBarStart(w.onset()), w.onset(), 1, w)));
    directions.tempos().stream()
        .filter(t -> axis.holds(t.onset()))
        .forEach(t -> row.add(new Above(atBarStart(t.onset()), t.onset(), 2, t)));
    row.sort(java.util.Comparator.comparing(Above::onset).thenComparingInt(Above::order));
    double[] places = places(row);
    double edge = -1;
    for (int i = 0; i < places.length; i++) {
      double right = places[i] + width(row.get(i));
      edge = Math.min(edge, canvas.skyline.topBetween(places[i], right));
    }
    for (int i = 0; i < places.length; i++) {
      drawAbove(row.get(i), places[i], edge - ABOVE_GAP);
    }
  }

  /** Each mark at its own place, or after the one before where that is still in the way. */
  private double[] places(List<Above> row) {
    double[] places = new double[row.size()];
    double free = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < places.length; i++) {
      places[i] = Math.max(row.get(i).x(), free);
      free = places[i] + width(row.get(i)) + 1.0;
    }
    return places;
  }

  private double width(Above above) {
    if (above.what() instanceof Directions.Rehearsal rehearsal) {
      return frameWidth(rehearsal.text());
    }
    if (above.what() instanceof Directions.Words words && sign(words).isPresent()) {
      return metrics.width(sign(words).get());
    }
    if (above.what() instanceof Directions.Words words) {
      return TextWidth.of(words.text(), TEMPO_SIZE);
    }
    Tempo tempo = ((Directions.TempoMark) above.what()).tempo();
    return figureAfter(tempo) + TextWidth.of(figure(tempo), TEMPO_SIZE);
  }

  private static double frameWidth(String text) {
    return Math.max(1.8, TextWidth.of(text, TEMPO_SIZE) + 1.0);
  }

  /** Where the figure of a tempo mark stands after its note sign. */
  private double figureAfter(Tempo tempo) {
    double sign = metrics.advance(beatSign(tempo.beat())) * BEAT_SCALE + 0.45;
    return isDotted(tempo) ? sign + 0.5 : sign;
  }

  private static boolean isDotted(Tempo tempo) {
    return tempo.beat().length().getNumerator() == 3;
  }

  private static String figure(Tempo tempo) {
    return "= " + number(tempo.perMinute());
  }

  private double atBarStart(Fraction onset) {
    for (Engraving.BarPlace place : bars) {
      boolean first = passage.bars().get(place.bar()).onset().equals(onset);
      if (first) {
        return place == bars.get(0) ? 0 : place.x() + 0.3;
      }
    }
    return axis.x(onset);
  }

  private void drawAbove(Above above, double x, double y) {
    if (above.what() instanceof Directions.Rehearsal rehearsal) {
      drawRehearsal(x, y, rehearsal.text());
    } else if (above.what() instanceof Directions.Words words && sign(words).isPresent()) {
      canvas.glyph(x, y, sign(words).get(), 1, Mark.Role.NOTE);
    } else if (above.what() instanceof Directions.Words words) {
      canvas.text(x, y, words.text(), TEMPO_SIZE, Mark.Face.SEMI_BOLD, Mark.Role.EXPRESSION);
    } else {
      drawTempo(x, y, ((Directions.TempoMark) above.what()).tempo());
    }
  }

  /** The sign that words stand for, where they are one. */
  private static Optional<Smufl> sign(Directions.Words words) {
    return switch (words.text()) {
      case Directions.Words.SEGNO -> Optional.of(Smufl.SEGNO);
      case Directions.Words.CODA -> Optional.of(Smufl.CODA);
      default -> Optional.empty();
    };
  }

  private void drawRehearsal(double x, double y, String text) {
    double width = frameWidth(text);
    double top = y - 1.75;
    double bottom = y + 0.45;
    canvas.line(x, top, x + width, top, 0.16, Mark.Role.NOTE);
    canvas.line(x, bottom, x + width, bottom, 0.16, Mark.Role.NOTE);
    canvas.line(x, top, x, bottom, 0.16, Mark.Role.NOTE);
    canvas.line(x + width, top, x + width, bottom, 0.16, Mark.Role.NOTE);
    double left = x + (width - TextWidth.of(text, TEMPO_SIZE)) / 2;
    canvas.text(left, y, text, TEMPO_SIZE, Mark.Face.SEMI_BOLD, Mark.Role.NOTE);
  }

  private void drawTempo(double x, double y, Tempo tempo) {
    Smufl sign = beatSign(tempo.beat());
    canvas.glyph(x, y, sign, BEAT_SCALE, Mark.Role.EXPRESSION);
    if (isDotted(tempo)) {
      double dot = x + metrics.advance(sign) * BEAT_SCALE + 0.15;
      canvas.glyph(dot, y, Smufl.BEAT_DOT, BEAT_SCALE, Mark.Role.EXPRESSION);
    }
    canvas.text(
        x + figureAfter(tempo),
        y,
        figure(tempo),
        TEMPO_SIZE,
        Mark.Face.REGULAR,
        Mark.Role.EXPRESSION);
  }

  private static String number(double value) {
    return value == Math.rint(value)
        ? String.valueOf((long) value)
        : String.format(Locale.ROOT, "%.1f", value);
  }

  private static Smufl beatSign(BeatUnit beat) {
    double length = beat.length().doubleValue();
    if (length >= 1) {
      return Smufl.BEAT_WHOLE;
    }
    if (length >= 0.5) {
      return Smufl.BEAT_HALF;
    }
    if (length >= 0.25) {
      return Smufl.BEAT_QUARTER;
    }
    return length >= 0.125 ? Smufl.BEAT_8 : Smufl.BEAT_16;
  }

  /** Over a bar that holds more than its metre: how much, so that it is not taken for a slip. */
  private void drawSums() {
    for (Engraving.BarPlace place : bars) {
      Bar bar = passage.bars().get(place.bar());
      if (bar.isOverlong()) {
        String words = bar.sum() + " in " + bar.metre();
        double x = place.x() + 2.6;
        double right = x + TextWidth.of(words, NUMBER_SIZE);
        double edge = Math.min(-1.4, canvas.skyline.topBetween(x, right) - 0.3);
        canvas.text(x, edge, words, NUMBER_SIZE, Mark.Face.ITALIC, Mark.Role.BAR_NUMBER);
      }
    }
  }

  private void drawBarNumber() {
    Bar first = passage.bars().get(bars.get(0).bar());
    boolean obvious = bars.get(0).bar() == 0 && first.label().equals("1");
    if (first.uncounted() || obvious) {
      return;
    }
    double edge = Math.min(-1.4, canvas.skyline.topBetween(0, 2.4) - 0.3);
    canvas.text(0.1, edge, first.label(), NUMBER_SIZE, Mark.Face.REGULAR, Mark.Role.BAR_NUMBER);
  }
}
