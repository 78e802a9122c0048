package app.fret.desktop.music.chart;

import app.fret.desktop.music.ink.Fonts;
import app.fret.desktop.music.ink.Palette;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Day;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * A square for each day up to the date: climbing, upkeep and run-throughs, rhythm days, days off.
 */
public final class DayStrip extends Region {
  private static final double HEIGHT = 30;
  private static final double LEAST = 15;
  private static final double MOST = 24;
  private static final double GAP = 2;

  private final Canvas canvas = new Canvas();
  private List<Day> days = List.of();
  private Optional<LocalDate> due = Optional.empty();

  /** An empty strip. */
  public DayStrip() {
    setId("day-strip");
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    setMinHeight(HEIGHT);
    setPrefHeight(HEIGHT);
    setMaxHeight(HEIGHT);
    getChildren().add(canvas);
  }

  /** Shows the days ahead. */
  public void show(List<Day> newDays, Optional<LocalDate> newDue) {
    days = List.copyOf(newDays);
    due = newDue;
    setAccessibleText(due.map(d -> "The days up to " + d).orElse("The days ahead"));
    paint();
  }

  @Override
  protected void layoutChildren() {
    canvas.setWidth(getWidth());
    canvas.setHeight(HEIGHT);
    paint();
  }

  private void paint() {
    GraphicsContext graphics = canvas.getGraphicsContext2D();
    graphics.clearRect(0, 0, getWidth(), HEIGHT);
    int wanted =
        due.map(d -> (int) days.stream().filter(x -> !x.date().isAfter(d)).count())
            .orElse(days.size());
    int fits = (int) (getWidth() / (LEAST + GAP));
    int count = Math.min(wanted, fits);
    if (count <= 0) {
      return;
    }
    double side = Math.min(MOST, getWidth() / count - GAP);
    for (int i = 0; i < count; i++) {
      paint(graphics, days.get(i), i * (side + GAP), side, i == 0);
    }
  }

  private void paint(GraphicsContext graphics, Day day, double x, double side, boolean isToday) {
    boolean isDue = due.filter(day.date()::equals).isPresent();
    boolean mock = day.cards().stream().anyMatch(c -> c.kind() == CardKind.MOCK);
    boolean climbs = day.cards().stream().anyMatch(c -> c.kind() == CardKind.LADDER);
    boolean rhythm =
        day.cards().stream()
            .anyMatch(c -> c.kind() == CardKind.RHYTHM || c.kind() == CardKind.WHOLE_CLIMB);
    boolean dark = isToday || isDue;
    Color fill =
        isDue
            ? Palette.INK
            : isToday
                ? Palette.ACCENT
                : day.isOff()
                    ? Palette.PAPER
                    : mock
                        ? Color.web("#DCE9DC")
                        : climbs ? Color.web("#D5E5E7") : Color.web("#E6EEE6");
    graphics.setFill(fill);
    graphics.fillRoundRect(x, 0, side, side, 6, 6);
    graphics.setStroke(Palette.LINE);
    graphics.setLineWidth(1);
    graphics.strokeRoundRect(x + 0.5, 0.5, side - 1, side - 1, 6, 6);
    graphics.setFill(dark ? Color.WHITE : Palette.QUIET);
    graphics.setFont(Fonts.regular(11));
    graphics.setTextAlign(TextAlignment.CENTER);
    graphics.setTextBaseline(VPos.CENTER);
    graphics.fillText(String.valueOf(day.date().getDayOfMonth()), x + side / 2, side / 2);
    if (rhythm) {
      graphics.setFill(Palette.CAUTION);
      graphics.fillOval(x + side / 2 - 2, HEIGHT - 5, 4, 4);
    }
  }
}
