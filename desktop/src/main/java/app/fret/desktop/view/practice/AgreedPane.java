package app.fret.desktop.view.practice;

import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.ItemOutlook;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What was agreed on with a teacher: cards of the week, rounds, and a list drawn by lot. */
public final class AgreedPane extends VBox {
  private static final double WIDTH = 760;
  private static final double MOST_HEIGHT = 690;

  private final PracticeDay day;
  private final SetWeekRows week;
  private final RoundRows rounds;
  private final DrawnRows drawn;

  /** Of the player of a day. */
  public AgreedPane(PracticeDay day, Runnable onClose) {
    super(10);
    this.day = day;
    setId("agreed-pane");
    getStyleClass().add("dialog-card");
    setMaxSize(WIDTH, MOST_HEIGHT);
    Label fault = Parts.words("", "trouble");
    fault.setId("agreed-fault");
    fault.managedProperty().bind(fault.textProperty().isNotEmpty());
    week = new SetWeekRows(day, fault::setText);
    rounds = new RoundRows(day, fault::setText);
    drawn = new DrawnRows(day);
    VBox content =
        new VBox(
            8,
            Parts.heading("The week your teacher set"),
            Parts.words(
                "These cards stand on their days until you move them. Pain comes first: what hurts is"
                    + " left out all the same.",
                "small"),
            week,
            Parts.heading("Rounds"),
            Parts.words("Each round has its own date and list.", "small"),
            rounds,
            Parts.heading("A list drawn by lot"),
            Parts.words(
                "As a panel would ask it: each passage once, cold, straight one after another,"
                    + " before today's other cards.",
                "small"),
            drawn);
    ScrollPane scroll = Parts.scroll(content);
    HBox foot =
        new HBox(Parts.stretch(), Parts.button("agreed-close", "Done", "main-action", onClose));
    getChildren().addAll(Parts.label("Agreed with your teacher", "why-title"), scroll, fault, foot);
    Parts.whileShown(this, day.seenProperty(), this::show);
    show();
  }

  private void show() {
    Optional<DayView> seen = day.seenProperty().get();
    seen.ifPresent(
        now -> {
          List<Item> items = now.schedule().items().stream().map(ItemOutlook::item).toList();
          week.show(now.learner(), items);
          rounds.show(now.rounds(), items);
          drawn.show(now.rounds(), items);
        });
  }
}
