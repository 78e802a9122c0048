package app.fret.desktop.view.practice;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.log.TappedPass;
import app.fret.practice.log.TappedPass.BarTempo;
import app.fret.score.Tempo;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** How fast each bar of a tapped pass was against the tempo that was meant, in two lines. */
final class TappedStrip extends VBox {
  private static final double NOTABLE = 0.03;
  private static final int MOST_BARS = 16;

  private final PassageDesk desk;
  private final Label mean = Parts.words("", "tapped");
  private final Label bars = Parts.words("", "small");

  TappedStrip(PassageDesk desk) {
    this.desk = desk;
    setId("tapped-strip");
    mean.setId("tapped-mean");
    bars.setId("tapped-bars");
    getChildren().addAll(mean, bars);
    managedProperty().bind(visibleProperty());
    bars.managedProperty().bind(bars.textProperty().isNotEmpty());
    Parts.whileShown(this, desk.practise().taps().tappedProperty(), this::show);
    show();
  }

  private void show() {
    Optional<TappedPass> tapped = desk.practise().taps().tappedProperty().get();
    setVisible(tapped.isPresent());
    tapped.ifPresent(
        pass -> {
          Tempo meant = desk.practise().meant();
          mean.setText(meanWords(pass, meant));
          bars.setText(barWords(pass.bars()));
        });
  }

  static String meanWords(TappedPass pass, Tempo meant) {
    OptionalDouble perMinute = pass.perMinute();
    if (perMinute.isEmpty()) {
      return "Tap on beats or bars from the first downbeat on.";
    }
    double share = perMinute.getAsDouble() / meant.perMinute() - 1;
    String against =
        Math.abs(share) < NOTABLE
            ? "as meant"
            : String.format(
                Locale.ROOT,
                "%.0f %% %s than %s",
                100 * Math.abs(share),
                share > 0 ? "faster" : "slower",
                number(meant.perMinute()));
    return "Tapped: " + number(perMinute.getAsDouble()) + ", " + against + spread(pass.bars());
  }

  private static String spread(List<BarTempo> bars) {
    BarTempo fastest = bars.stream().max(Comparator.comparingDouble(BarTempo::perMinute)).get();
    BarTempo slowest = bars.stream().min(Comparator.comparingDouble(BarTempo::perMinute)).get();
    boolean isSteady = fastest.perMinute() / slowest.perMinute() < 1 + 2 * NOTABLE;
    return isSteady
        ? "; steady. Clean or Miss logs it at this tempo."
        : "; bar "
            + fastest.label()
            + " fastest, bar "
            + slowest.label()
            + " slowest. Clean or Miss logs it at this tempo.";
  }

  private static String barWords(List<BarTempo> all) {
    List<BarTempo> shown = all.subList(Math.max(0, all.size() - MOST_BARS), all.size());
    StringBuilder words = new StringBuilder();
    for (BarTempo bar : shown) {
      words
          .append(words.isEmpty() ? "Bar " : " \u00b7 ")
          .append(bar.label())
          .append(": ")
          .append(number(bar.perMinute()));
    }
    return words.toString();
  }

  private static String number(double perMinute) {
    return String.format(Locale.ROOT, "%.0f", perMinute);
  }
}
