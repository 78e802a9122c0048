package app.fret.desktop.view;

import app.fret.desktop.model.Desk;
import app.fret.desktop.model.Preview;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.StateStyle;
import app.fret.practice.Climb;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.study.Study;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Optional;
import javafx.collections.MapChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Title, tempos, days left, undo and the menu of the open passage. */
final class Header extends HBox {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);

  private final Desk desk;
  private final Label title = Parts.label("Fret", "passage-title");
  private final Label subtitle = Parts.label("Your practice book", "quiet");
  private final HBox figures = new HBox(32);
  private final Button undo =
      Parts.button("undo", "Undo", "flat-action", () -> perform(Command.UNDO));
  private final Button redo =
      Parts.button("redo", "Redo", "flat-action", () -> perform(Command.REDO));
  private final MenuButton menu = new MenuButton();

  Header(Desk desk, Dialogs dialogs) {
    this.desk = desk;
    getStyleClass().add("header");
    setAlignment(Pos.CENTER_LEFT);
    figures.setAlignment(Pos.CENTER_LEFT);
    title.setId("passage-title");
    VBox names = new VBox(title, subtitle);
    names.setPrefWidth(300);
    names.setMinWidth(160);
    names.setAlignment(Pos.CENTER_LEFT);
    makeMenu(dialogs);
    getChildren().addAll(names, figures, Parts.stretch(), undo, redo, menu);
    undo.setDisable(true);
    redo.setDisable(true);
    desk.openProperty().addListener((property, before, now) -> now.ifPresent(this::follow));
    desk.openProperty().get().ifPresent(this::follow);
    desk.previewProperty()
        .addListener(
            (property, before, now) -> now.ifPresentOrElse(this::announce, this::showOpen));
    desk.previewProperty().get().ifPresent(this::announce);
    desk.outlooks().addListener((MapChangeListener<Long, ItemOutlook>) change -> showOpen());
  }

  private void makeMenu(Dialogs dialogs) {
    menu.setId("menu");
    menu.setGraphic(new FontIcon(Feather.MORE_HORIZONTAL));
    menu.setAccessibleText("Menu of the passage");
    menu.getStyleClass().add("menu-dots");
    for (WindowCommand command : WindowCommand.ALL) {
      MenuItem item = new MenuItem(command.line());
      item.setId(command.id());
      item.setOnAction(e -> command.action().accept(dialogs));
      menu.getItems().add(item);
    }
  }

  private void perform(Command command) {
    desk.openProperty().get().ifPresent(passage -> passage.perform(command));
  }

  /** Names music whose figures are not known yet. */
  private void announce(Preview music) {
    title.setText(music.music().title());
    subtitle.setText(music.music().partName());
    figures.getChildren().clear();
  }

  private void follow(PassageDesk passage) {
    undo.disableProperty().bind(passage.canUndoProperty().not());
    redo.disableProperty().bind(passage.canRedoProperty().not());
    passage.passes().climbProperty().addListener((property, before, now) -> show(passage));
    passage.studyProperty().addListener((property, before, now) -> show(passage));
    passage.dueProperty().addListener((property, before, now) -> show(passage));
    show(passage);
  }

  private void showOpen() {
    desk.openProperty().get().ifPresent(this::show);
  }

  /** Shows the open passage; one that was laid aside may still report and is not shown. */
  private void show(PassageDesk passage) {
    if (desk.openProperty().get().filter(open -> open == passage).isEmpty()) {
      return;
    }
    Study study = passage.study();
    Climb climb = passage.passes().climbProperty().get();
    title.setText(study.passage().title());
    subtitle.setText(
        study.passage().partName() + " · " + passage.opened().owner().name() + " · " + bars(study));
    figures
        .getChildren()
        .setAll(
            figure("target", Words.tempo(study.choices().target())),
            figure(
                study.choices().tempo().occasion().id(), Words.tempo(study.practice().audition())),
            figure("clean today", cleanToday(study, climb)));
    ItemOutlook outlook = desk.outlooks().get(passage.opened().entry().id());
    // A round may come before the passage's own date.
    Optional<LocalDate> next =
        Optional.ofNullable(outlook)
            .map(ItemOutlook::item)
            .filter(i -> !i.agreed().rounds().isEmpty())
            .flatMap(Item::due)
            .or(() -> passage.dueProperty().get());
    next.ifPresent(day -> figures.getChildren().add(daysLeft(day)));
    if (outlook != null) {
      figures.getChildren().add(forecast(outlook));
    }
  }

  private static String bars(Study study) {
    String first =
        study.passage().bars().stream()
            .filter(b -> !b.uncounted())
            .findFirst()
            .map(b -> b.label())
            .orElse("1");
    String last = study.passage().bars().get(study.passage().bars().size() - 1).label();
    return "bars " + first + "–" + last;
  }

  private static String cleanToday(Study study, Climb climb) {
    return climb.passed() == 0
        ? "not yet"
        : Words.tempo(study.choices().target().at(climb.cleanPerMinute()));
  }

  private VBox daysLeft(LocalDate day) {
    long days = ChronoUnit.DAYS.between(desk.today(), day);
    String left =
        days > 1 ? days + " days" : days == 1 ? "1 day" : days == 0 ? "today" : "date has passed";
    return figure("to " + DAY.format(day), left);
  }

  private static VBox forecast(ItemOutlook outlook) {
    String when =
        outlook
            .forecast()
            .filter(f -> outlook.state() != ItemOutlook.State.READY)
            .map(f -> " " + DAY.format(f.mid()))
            .orElse("");
    VBox box = figure("forecast" + when, outlook.words());
    ((Label) box.getChildren().get(1)).getStyleClass().add(StateStyle.of(outlook.state()));
    return box;
  }

  private static VBox figure(String name, String value) {
    Label figure = Parts.label(value, "figure");
    figure.setId("header-" + name.split(" ")[0]);
    VBox box = new VBox(Parts.label(name, "figure-name"), figure);
    box.setAlignment(Pos.CENTER_LEFT);
    box.setMinWidth(USE_PREF_SIZE);
    return box;
  }
}
