package app.fret.engraving;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * The table of measures against the metadata published with the font: a sign that is added to
 * {@link Smufl} gets its lines from there, which this test prints where they are missing.
 */
class FontMetricsTest {
  private static JsonNode metadata() throws IOException {
    try (InputStream in = FontMetricsTest.class.getResourceAsStream("bravura-metadata.json")) {
      return new ObjectMapper().readTree(in);
    }
  }

  private static List<Double> numbers(JsonNode... points) {
    List<Double> all = new ArrayList<>();
    for (JsonNode point : points) {
      if (point.isArray()) {
        point.forEach(n -> all.add(n.asDouble()));
      } else {
        all.add(point.asDouble());
      }
    }
    return all;
  }

  private static TreeMap<String, List<Double>> published() throws IOException {
    JsonNode font = metadata();
    TreeMap<String, List<Double>> lines = new TreeMap<>();
    for (Smufl sign : Smufl.values()) {
      String name = sign.fontName();
      JsonNode box = font.get("glyphBBoxes").get(name);
      lines.put("box." + name, numbers(box.get("bBoxSW"), box.get("bBoxNE")));
      JsonNode advance = font.get("glyphAdvanceWidths").path(name);
      if (!advance.isMissingNode()) {
        lines.put("advance." + name, numbers(advance));
      }
      font.get("glyphsWithAnchors")
          .path(name)
          .properties()
          .forEach(a -> lines.put("anchor." + name + "." + a.getKey(), numbers(a.getValue())));
    }
    font.get("engravingDefaults").properties().stream()
        .filter(line -> line.getValue().isNumber())
        .forEach(line -> lines.put("line." + line.getKey(), numbers(line.getValue())));
    return lines;
  }

  @Test
  void theTableHoldsWhatTheFontSaysOfEverySignInUseAndNothingElse() throws IOException {
    Properties table = new Properties();
    try (InputStream in = FontMetrics.class.getResourceAsStream("bravura.properties")) {
      table.load(in);
    }
    TreeMap<String, List<Double>> held = new TreeMap<>();
    table.forEach(
        (key, value) -> {
          List<Double> all = new ArrayList<>();
          for (String number : value.toString().split(" ")) {
            all.add(Double.valueOf(number));
          }
          held.put(key.toString(), all);
        });
    assertThat(held).isEqualTo(published());
  }

  @Test
  void measuresGrowDownwardsAsTheStaffDoes() {
    FontMetrics.Box clef = FontMetrics.BRAVURA.box(Smufl.G_CLEF);
    assertThat(clef.top()).isNegative();
    assertThat(clef.bottom()).isPositive();
    assertThat(FontMetrics.BRAVURA.anchor(Smufl.G_CLEF, "no such anchor"))
        .isEqualTo(new FontMetrics.Point(0, -0.0));
  }
}
