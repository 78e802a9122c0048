package app.fret.desktop.music.chart;

import app.fret.desktop.music.ink.Fonts;
import app.fret.desktop.music.ink.Palette;
import app.fret.practice.schedule.Forecast;
import app.fret.practice.schedule.ItemOutlook;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * The fastest clean pass of each day against the target, the day it should be ready and the day it
 * is for, and the band in which it will likely be ready.
 */
public final class ForecastChart extends Region {
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
  private static final double LEFT = 36;
  private static final double RIGHT = 12;
  private static final double TOP = 18;
  private static final double BOTTOM = 22;
  private static final double LEAST_HEIGHT = 90;
  private static final double LEAST_WIDTH = 180;
  private static final int DAYS_WITHOUT_A_DATE = 30;
  private static final double LABEL_ROOM = 46;

  /**
   * A day of the log.
   *
   * @param day the day
   * @param perMinute the fastest clean pass on it
   */
  public record Point(LocalDate day, double perMinute) {}

  private final Canvas canvas = new Canvas();
  private List<Point> points = List.of();
  private Optional<ItemOutlook> outlook = Optional.empty();
  private LocalDate today = LocalDate.EPOCH;

  /** An empty chart. */
  public ForecastChart() {
    setId("forecast-chart");
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    setMinSize(LEAST_WIDTH, LEAST_HEIGHT);
    getChildren().add(canvas);
  }

  /** Shows a passage. */
  public void show(List<Point> newPoints, Optional<ItemOutlook> newOutlook, LocalDate newToday) {
    points = List.copyOf(newPoints);
    outlook = newOutlook;
    today = newToday;
    setAccessibleText(
        outlook.map(o -> "Clean tempo and forecast: " + o.words()).orElse("Clean tempo by day"));
    paint();
  }

  @Override
  protected void layoutChildren() {
    canvas.setWidth(getWidth());
    canvas.setHeight(getHeight());
    paint();
  }

  private LocalDate from() {
    return points.isEmpty() ? today.minusDays(1) : points.get(0).day();
  }

  private LocalDate to() {
    LocalDate due =
        outlook.flatMap(o -> o.item().due()).orElse(today.plusDays(DAYS_WITHOUT_A_DATE));
    LocalDate end = due.isBefore(today) ? today : due;
    return end.plusDays(1);
  }

  private double x(LocalDate day) {
    double all = Math.max(1, ChronoUnit.DAYS.between(from(), to()));
    return LEFT + (getWidth() - LEFT - RIGHT) * ChronoUnit.DAYS.between(from(), day) / all;
  }

  private double y(double perMinute, double slowest, double target) {
    double share = (perMinute - slowest) / Math.max(1, target - slowest);
    return getHeight() - BOTTOM - share * (getHeight() - TOP - BOTTOM);
  }

  private void paint() {
    GraphicsContext graphics = canvas.getGraphicsContext2D();
    graphics.clearRect(0, 0, getWidth(), getHeight());
    if (outlook.isEmpty() || getWidth() < LEAST_WIDTH / 2) {
      return;
    }
    ItemOutlook item = outlook.get();
    double target = item.item().target().perMinute();
    OptionalDouble least = points.stream().mapToDouble(Point::perMinute).min();
    double slowest = Math.min(target / 2, least.orElse(target / 2));
    paintAxes(graphics, slowest, target);
    item.forecast()
        .filter(f -> item.state() != ItemOutlook.State.READY)
        .ifPresent(f -> paintBand(graphics, f, slowest, target));
    item.readyBy().ifPresent(d -> paintDay(graphics, d, "ready by", Palette.CAUTION));
    item.item().due().ifPresent(d -> paintDay(graphics, d, "the date", Palette.INK));
    paintPoints(graphics, slowest, target);
  }

  private void paintAxes(GraphicsContext graphics, double slowest, double target) {
    graphics.setFont(Fonts.regular(12));
    graphics.setTextBaseline(VPos.CENTER);
    graphics.setLineWidth(1);
    for (double perMinute : new double[] {slowest, (slowest + target) / 2, target}) {
      double y = y(perMinute, slowest, target);
      graphics.setStroke(Palette.LINE);
      graphics.strokeLine(LEFT, y, getWidth() - RIGHT, y);
      graphics.setFill(Palette.QUIET);
      graphics.setTextAlign(TextAlignment.RIGHT);
      graphics.fillText(String.valueOf(Math.round(perMinute)), LEFT - 6, y);
    }
    graphics.setTextBaseline(VPos.BOTTOM);
    graphics.setTextAlign(TextAlignment.CENTER);
    double bottom = getHeight() - 2;
    double at = x(today);
    graphics.fillText("today", at, bottom);
    if (at - x(from()) > LABEL_ROOM) {
      graphics.fillText(DAY.format(from()), Math.max(LEFT + 8, x(from())), bottom);
    }
    LocalDate end = to().minusDays(1);
    if (x(end) - at > LABEL_ROOM) {
      graphics.setTextAlign(TextAlignment.RIGHT);
      graphics.fillText(DAY.format(end), getWidth() - 2, bottom);
    }
  }

  private void paintDay(GraphicsContext graphics, LocalDate day, String words, Color colour) {
    double x = x(day);
    graphics.setStroke(colour);
    graphics.setLineWidth(1.4);
    graphics.strokeLine(x, TOP - 2, x, getHeight() - BOTTOM);
    graphics.setFill(colour);
    graphics.setFont(Fonts.regular(12));
    graphics.setTextBaseline(VPos.TOP);
    graphics.setTextAlign(TextAlignment.RIGHT);
    graphics.fillText(words, x + (words.equals("the date") ? 0 : 4), 0);
  }

  private void paintBand(
      GraphicsContext graphics, Forecast forecast, double slowest, double target) {
    double last = points.isEmpty() ? slowest : points.get(points.size() - 1).perMinute();
    double y = y(last, slowest, target);
    double top = y(target, slowest, target);
    // What lies beyond the date is cut off, not pressed into the picture.
    graphics.save();
    graphics.beginPath();
    graphics.rect(LEFT, 0, getWidth() - LEFT - RIGHT, getHeight());
    graphics.clip();
    graphics.setFill(Palette.SELECTION);
    graphics.fillPolygon(
        new double[] {x(today), x(forecast.low()), x(forecast.high())},
        new double[] {y, top, top},
        3);
    graphics.setStroke(Palette.ACCENT);
    graphics.setLineWidth(1.6);
    graphics.setLineDashes(4, 4);
    graphics.strokeLine(x(today), y, x(forecast.mid()), top);
    graphics.restore();
  }

  private void paintPoints(GraphicsContext graphics, double slowest, double target) {
    graphics.setStroke(Palette.ACCENT);
    graphics.setLineWidth(2);
    Point before = null;
    for (Point point : points) {
      if (before != null) {
        graphics.strokeLine(
            x(before.day()),
            y(before.perMinute(), slowest, target),
            x(point.day()),
            y(point.perMinute(), slowest, target));
      }
      before = point;
    }
    graphics.setFill(Palette.ACCENT);
    for (Point point : points) {
      graphics.fillOval(x(point.day()) - 3, y(point.perMinute(), slowest, target) - 3, 6, 6);
    }
  }
}
