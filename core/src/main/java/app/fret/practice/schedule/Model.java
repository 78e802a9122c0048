package app.fret.practice.schedule;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Properties;

/** The figures of the practice model, read from the table beside this class. */
final class Model {
  private static final Properties TABLE = load();

  private Model() {}

  /** The figure of a name. */
  static double figure(String name) {
    String text = TABLE.getProperty(name);
    if (text == null) {
      throw new IllegalArgumentException("the practice model has no figure " + name);
    }
    return Double.parseDouble(text);
  }

  /** The same where it counts something. */
  static int count(String name) {
    return (int) figure(name);
  }

  /** Chance that a pass is clean. Source: the logistic curve; figures fitted. */
  static double cleanChance(double theta, double tempo) {
    return 1 / (1 + Math.exp(-(theta + CHANCE_LEAD - tempo) / CHANCE_WIDTH));
  }

  /** What some minutes on one day are worth, in doses: each minute less than the one before. */
  static double dose(double minutes) {
    return 1 - Math.exp(-minutes / DOSE_MINUTES);
  }

  static final double CHANCE_LEAD = figure("chance.lead");
  static final double CHANCE_WIDTH = figure("chance.width");
  static final double DOSE_MINUTES = figure("dose.minutes");

  private static Properties load() {
    Properties table = new Properties();
    try (InputStream in = Model.class.getResourceAsStream("model.properties")) {
      table.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      return table;
    } catch (IOException e) {
      throw new UncheckedIOException("the table of the practice model cannot be read", e);
    }
  }
}
