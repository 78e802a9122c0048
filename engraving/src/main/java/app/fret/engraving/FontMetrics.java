package app.fret.engraving;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;

/**
 * Boxes, anchors and line widths of the music font, in staff spaces.
 *
 * <p>Read from a table cut out of the metadata the font ships with: the whole of it costs a start a
 * tenth of a second. There y grows upwards; here it is turned round, so that it grows downwards as
 * everywhere in this package.
 */
final class FontMetrics {
  private static final double[] NOWHERE = {0, 0};

  /** The metrics of Bravura, read once. */
  static final FontMetrics BRAVURA = load();

  private final Map<Smufl, Box> boxes = new EnumMap<>(Smufl.class);
  private final Map<Smufl, Double> advances = new EnumMap<>(Smufl.class);
  private final Properties table;

  /** A box round a sign's origin, y downwards. */
  record Box(double left, double top, double right, double bottom) {
    double width() {
      return right - left;
    }

    double height() {
      return bottom - top;
    }
  }

  /** A point relative to a sign's origin, y downwards. */
  record Point(double x, double y) {}

  private FontMetrics(Properties table) {
    this.table = table;
    for (Smufl sign : Smufl.values()) {
      double[] box =
          numbers("box." + sign.fontName())
              .orElseThrow(
                  () -> new IllegalStateException("no box of the sign " + sign.fontName()));
      boxes.put(sign, new Box(box[0], -box[3], box[2], -box[1]));
      advances.put(sign, numbers("advance." + sign.fontName()).map(a -> a[0]).orElse(box[2]));
    }
  }

  private static FontMetrics load() {
    Properties table = new Properties();
    try (InputStream in = FontMetrics.class.getResourceAsStream("bravura.properties")) {
      table.load(in);
    } catch (IOException e) {
      throw new UncheckedIOException("the measures of the music font cannot be read", e);
    }
    return new FontMetrics(table);
  }

  private Optional<double[]> numbers(String key) {
    return Optional.ofNullable(table.getProperty(key))
        .map(value -> Arrays.stream(value.split(" ")).mapToDouble(Double::parseDouble).toArray());
  }

  Box box(Smufl sign) {
    return boxes.get(sign);
  }

  double width(Smufl sign) {
    return boxes.get(sign).right();
  }

  double advance(Smufl sign) {
    return advances.get(sign);
  }

  /** Where a stem meets a notehead or a flag meets a stem. */
  Point anchor(Smufl sign, String name) {
    double[] point = numbers("anchor." + sign.fontName() + "." + name).orElse(NOWHERE);
    return new Point(point[0], -point[1]);
  }

  /** A thickness the font recommends, such as {@code stemThickness}. */
  double thickness(String name) {
    return numbers("line." + name).orElseThrow()[0];
  }
}
