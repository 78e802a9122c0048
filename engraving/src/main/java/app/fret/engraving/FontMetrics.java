package app.fret.engraving;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Map;

/**
 * Boxes, anchors and line widths of the music font, in staff spaces.
 *
 * <p>Read from the metadata the font ships with. There y grows upwards; here it is turned round, so
 * that it grows downwards as everywhere in this package.
 */
final class FontMetrics {
  /** The metrics of Bravura, read once. */
  static final FontMetrics BRAVURA = load();

  private final Map<Smufl, Box> boxes = new EnumMap<>(Smufl.class);
  private final Map<Smufl, Double> advances = new EnumMap<>(Smufl.class);
  private final JsonNode anchors;
  private final JsonNode defaults;

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

  private FontMetrics(JsonNode metadata) {
    JsonNode glyphBoxes = metadata.get("glyphBBoxes");
    for (Smufl sign : Smufl.values()) {
      JsonNode box = glyphBoxes.get(sign.fontName());
      if (box == null) {
        throw new IllegalStateException("the music font has no sign " + sign.fontName());
      }
      JsonNode southWest = box.get("bBoxSW");
      JsonNode northEast = box.get("bBoxNE");
      boxes.put(
          sign,
          new Box(
              southWest.get(0).asDouble(),
              -northEast.get(1).asDouble(),
              northEast.get(0).asDouble(),
              -southWest.get(1).asDouble()));
      JsonNode advance = metadata.get("glyphAdvanceWidths").get(sign.fontName());
      advances.put(sign, advance == null ? northEast.get(0).asDouble() : advance.asDouble());
    }
    anchors = metadata.get("glyphsWithAnchors");
    defaults = metadata.get("engravingDefaults");
  }

  private static FontMetrics load() {
    try (InputStream in = FontMetrics.class.getResourceAsStream("bravura-metadata.json")) {
      return new FontMetrics(new ObjectMapper().readTree(in));
    } catch (IOException e) {
      throw new UncheckedIOException("the metadata of the music font cannot be read", e);
    }
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
    JsonNode point = anchors.path(sign.fontName()).path(name);
    return new Point(point.path(0).asDouble(), -point.path(1).asDouble());
  }

  /** A thickness the font recommends, such as {@code stemThickness}. */
  double thickness(String name) {
    return defaults.get(name).asDouble();
  }
}
