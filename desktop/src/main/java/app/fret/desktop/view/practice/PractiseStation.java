package app.fret.desktop.view.practice;

import app.fret.book.LogEntry;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.music.chart.DayStrip;
import app.fret.desktop.music.chart.ForecastChart;
import app.fret.desktop.music.chart.ForecastChart.Point;
import app.fret.desktop.music.chart.LadderView;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.schedule.ItemOutlook;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Today's cards, the open one large, the ladder, the forecast and the days to the date. */
public final class PractiseStation extends VBox {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
  private static final double CARDS_WIDTH = 208;
  private static final double LOWER_HEIGHT = 143;
  private static final double LADDER_WIDTH = 234;

  private final PassageDesk desk;
  private final Label today = Parts.label("", "practise-today");
  private final Label counted = Parts.label("", "quiet");
  private final CardList cards = new CardList();
  private final OpenCard openCard;
  private final LadderView ladder = new LadderView();
  private final ForecastChart chart = new ForecastChart();
  private final Label state = Parts.label("", "small");
  private final DayStrip strip = new DayStrip();

  /** Over the open passage. */
  public PractiseStation(PassageDesk desk) {
    this.desk = desk;
    this.openCard = new OpenCard(desk);
    setId("practise-station");
    today.setId("practise-today");
    counted.setId("practise-counted");
    state.setId("practise-state");
    HBox head = new HBox(today, Parts.stretch(), counted);
    head.setAlignment(Pos.BASELINE_LEFT);
    HBox upper = new HBox(12, listPane(), openCard);
    HBox.setHgrow(openCard, Priority.ALWAYS);
    VBox.setVgrow(upper, Priority.ALWAYS);
    upper.setMinHeight(USE_PREF_SIZE);
    VBox content = new VBox(8, head, upper, lower(), dates());
    content.getStyleClass().add("practise");
    // A low window scrolls to ladder and chart; the open card stays in sight.
    ScrollPane all = Parts.scroll(content);
    all.setFitToHeight(true);
    getChildren().add(all);
    Parts.followPractice(this, desk, this::show);
    show();
  }

  private ScrollPane listPane() {
    ScrollPane list = Parts.scroll(cards);
    list.setMinWidth(CARDS_WIDTH);
    list.setPrefWidth(CARDS_WIDTH);
    list.setMaxWidth(CARDS_WIDTH);
    list.setPrefHeight(0);
    return list;
  }

  private HBox lower() {
    VBox climb = new VBox(4, Parts.heading("Ladder"), ladder);
    climb.getStyleClass().addAll("card", "tight-card");
    climb.setMinWidth(LADDER_WIDTH);
    VBox.setVgrow(ladder, Priority.ALWAYS);
    ladder.setMinHeight(0);
    HBox head = new HBox(Parts.heading("Clean tempo and forecast"), Parts.stretch(), state);
    head.setAlignment(Pos.BASELINE_LEFT);
    VBox forecast = new VBox(4, head, chart);
    forecast.getStyleClass().addAll("card", "tight-card");
    VBox.setVgrow(chart, Priority.ALWAYS);
    HBox.setHgrow(forecast, Priority.ALWAYS);
    HBox lower = new HBox(12, climb, forecast);
    lower.setMinHeight(LOWER_HEIGHT);
    lower.setPrefHeight(LOWER_HEIGHT);
    lower.setMaxHeight(LOWER_HEIGHT);
    return lower;
  }

  private HBox dates() {
    Label head = Parts.label("To the date", "small");
    VBox names = new VBox(head, Parts.label("\u2022 rhythm days", "small"));
    names.setMinWidth(USE_PREF_SIZE);
    HBox.setHgrow(strip, Priority.ALWAYS);
    strip.setMinWidth(0);
    HBox row = new HBox(12, names, strip);
    row.setAlignment(Pos.TOP_LEFT);
    return row;
  }

  private void show() {
    LocalDate now = desk.today();
    today.setText("Today, " + DAY.format(now));
    Optional<DayView> seen = desk.day().flatMap(d -> d.seenProperty().get());
    counted.setText(seen.map(this::countedWords).orElse("the day is being planned"));
    desk.day()
        .ifPresent(
            day ->
                cards.show(
                    seen.map(DayView::tasks).orElse(List.of()), day.openProperty().get(), day));
    openCard.show();
    ladder.show(desk.passes().climbProperty().get());
    Optional<ItemOutlook> outlook = seen.flatMap(s -> s.outlook(desk.opened().entry().id()));
    state.setText(outlook.map(PractiseStation::stateWords).orElse(""));
    chart.show(points(), outlook, now);
    strip.show(
        seen.map(s -> s.schedule().days()).orElse(List.of()), outlook.flatMap(o -> o.item().due()));
  }

  private String countedWords(DayView seen) {
    return Words.count(seen.minutes(), "minute", "minutes")
        + " planned \u00b7 "
        + seen.done()
        + " of "
        + Words.count(seen.tasks().size(), "card", "cards")
        + " done";
  }

  private static String stateWords(ItemOutlook outlook) {
    return outlook.words()
        + outlook
            .forecast()
            .filter(f -> outlook.state() != ItemOutlook.State.READY)
            .filter(f -> f.isProvisional())
            .map(f -> ", provisional")
            .orElse("");
  }

  /** The fastest clean pass of each day. */
  private List<Point> points() {
    Map<LocalDate, Double> fastest = new TreeMap<>();
    for (LogEntry entry : desk.passes().entries()) {
      if (entry.clean() && entry.played().card().isWholePass()) {
        LocalDate day = entry.at().atZone(ZoneId.systemDefault()).toLocalDate();
        double perMinute = entry.perMinuteIn(desk.study().choices().target().beat());
        fastest.merge(day, perMinute, Math::max);
      }
    }
    List<Point> points = new ArrayList<>();
    fastest.forEach((day, perMinute) -> points.add(new Point(day, perMinute)));
    return points;
  }
}
