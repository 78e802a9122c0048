package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.book.LogEntry;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.model.work.Workers;
import app.fret.desktop.view.FretWindow;
import app.fret.engraving.Paper;
import app.fret.files.ScoreRejectedException;
import app.fret.files.musicxml.MusicXmlReader;
import app.fret.score.Finger;
import app.fret.score.Passage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DatePicker;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** What a player does with the real window, from the first file to finding it all again. */
class JourneyTest extends Journey {
  @Test
  void importsPinsUndoesLogsAndFindsItAllAgain(FxRobot robot)
      throws IOException, BookException, TimeoutException, InterruptedException {
    addScore(robot);
    assertThat(text(robot, "#passage-title")).isEqualTo("Study 4");
    assertThat(text(robot, "#header-target")).isEqualTo("♩ = 112");

    Point2D third = score().orElseThrow().screenPointOf(2).orElseThrow();
    robot.clickOn(third);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(text(robot, "#why-title")).isEqualTo("F5, bar 1");

    Finger before = passage().selected().orElseThrow().placement().top().finger();
    Finger other = before == Finger.SECOND ? Finger.FOURTH : Finger.SECOND;
    robot.type(KeyCode.getKeyCode(other.sign()));
    waitFor(() -> passage().selected().orElseThrow().placement().top().finger() == other);
    assertThat(passage().study().pinsOn(2)).isNotEmpty();
    assertThat(text(robot, "#message")).startsWith("Pinned finger " + other.sign() + " on F5");

    robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
    waitFor(() -> passage().selected().orElseThrow().placement().top().finger() == before);
    assertThat(passage().study().choices().pins()).isEmpty();

    robot
        .press(KeyCode.CONTROL, KeyCode.SHIFT)
        .type(KeyCode.Z)
        .release(KeyCode.SHIFT, KeyCode.CONTROL);
    waitFor(() -> passage().selected().orElseThrow().placement().top().finger() == other);

    robot.clickOn("#tab-practise");
    assertThat(text(robot, "#rung-tempo")).isEqualTo("♩ = 56");
    robot.clickOn("#clean");
    waitFor(() -> passage().passes().climbProperty().get().cleanInARow() == 1);
    robot.type(KeyCode.C);
    waitFor(() -> passage().passes().climbProperty().get().cleanInARow() == 2);
    assertThat(text(robot, "#rung-left")).startsWith("2 clean in a row. 1 clean pass more");

    FxToolkit.setupFixture(() -> stage.hide());
    desk.close();
    open();
    assertThat(desk.programme()).hasSize(1);
    assertThat(desk.programme().get(0).owner().name()).isEqualTo("Oda Merrin");
    robot.clickOn("#passage-" + desk.programme().get(0).passage().id());
    waitFor(() -> desk.openProperty().get().isPresent());
    assertThat(passage().study().pinsOn(2).get(0).finger()).contains(other);
    assertThat(passage().passes().climbProperty().get().cleanInARow()).isEqualTo(2);
    assertThat(passage().passes().entries()).hasSize(2).allMatch(e -> e.tempo().perMinute() == 56);
  }

  @Test
  void anotherWayIsPinnedByClickingIt(FxRobot robot) throws IOException {
    addScore(robot);
    double effort = passage().study().leftHand().effort();
    double extra = passage().selected().orElseThrow().otherWays().get(0).extraEffort();
    robot.clickOn("#other-way-0");
    waitFor(() -> !passage().study().choices().pins().isEmpty());
    assertThat(passage().study().leftHand().effort())
        .isCloseTo(effort + extra, org.assertj.core.api.Assertions.within(1e-6));
  }

  @Test
  void anImpossiblePinSaysWhyAndLeavesThePlan(FxRobot robot) throws IOException {
    addScore(robot);
    double effort = passage().study().leftHand().effort();
    robot.press(KeyCode.ALT).type(KeyCode.DIGIT1).release(KeyCode.ALT);
    waitFor(() -> text(robot, "#message").contains("cannot be played"));
    assertThat(text(robot, "#message")).startsWith("Bar 1: D5 cannot be played with string I");
    assertThat(passage().study().leftHand().effort()).isEqualTo(effort);
    assertThat(passage().study().choices().pins()).isEmpty();
  }

  @Test
  void aBadFileIsRefusedWithFileBarAndReason(FxRobot robot) throws IOException {
    Path file = folder.resolve("torn.musicxml");
    Files.writeString(file, "<score-partwise><part-list>");
    robot.interact(() -> window.dialogs().add(file));
    waitFor(() -> robot.lookup("#notice-words").tryQuery().isPresent());
    assertThat(text(robot, "#notice-words")).startsWith("torn.musicxml: it is not well-formed XML");
    robot.clickOn("#notice-close");
    assertThat(robot.lookup("#notice").tryQuery()).isEmpty();
  }

  @Test
  void aPassageTheInstrumentLacksStaysOutOfTheBook(FxRobot robot) throws IOException {
    Path file = score("D5/1 | C3/1");
    robot.interact(() -> window.dialogs().add(file));
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.clickOn("#add-new-player").write("Oda Merrin");
    robot.clickOn("#add-confirm");
    waitFor(() -> robot.lookup("#notice-words").tryQuery().isPresent());
    assertThat(text(robot, "#notice-words")).contains("bar 2: C3 lies below the lowest string");
    assertThat(book.players().rows()).isEmpty();
  }

  @Test
  void theFormKeepsWhatWasTypedWhenSomethingIsMissing(FxRobot robot) throws IOException {
    Path file = score("D5/1 | E5/1 | F5/1");
    robot.interact(() -> window.dialogs().add(file));
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.interact(
        () -> {
          robot.lookup("#add-first-bar").queryAs(TextField.class).setText("9");
          robot.lookup("#add-per-minute").queryAs(TextField.class).setText("quick");
        });
    robot.clickOn("#add-confirm");
    assertThat(text(robot, "#add-fault")).isEqualTo("There is no bar 9 in this part.");
    robot.interact(() -> robot.lookup("#add-first-bar").queryAs(TextField.class).setText("2"));
    robot.clickOn("#add-confirm");
    assertThat(text(robot, "#add-fault")).isEqualTo("Give the new player a name.");
    robot.clickOn("#add-new-player").write("Oda Merrin");
    robot.clickOn("#add-confirm");
    assertThat(text(robot, "#add-fault"))
        .isEqualTo("The target tempo must be a number of beats a minute.");
    robot.interact(
        () -> {
          robot.lookup("#add-per-minute").queryAs(TextField.class).setText("72");
          @SuppressWarnings("unchecked")
          ComboBox<String> instrument = robot.lookup("#add-instrument").queryAs(ComboBox.class);
          instrument.getSelectionModel().select("viola");
        });
    robot.clickOn("#add-confirm");
    waitFor(() -> desk.openProperty().get().isPresent());
    assertThat(passage().opened().passage().bars()).hasSize(2);
    assertThat(passage().instrument().name()).isEqualTo("viola");
  }

  @Test
  void aTypedDayIsTakenAndWhatIsNoDayIsSaidBeforeThePassageIsAdded(FxRobot robot)
      throws IOException {
    Path file = score("D5/4 E5/4 F5/4 G5/4");
    robot.interact(() -> window.dialogs().add(file));
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.clickOn("#add-new-player").write("Oda Merrin");
    DatePicker due = robot.lookup("#add-due").queryAs(DatePicker.class);
    robot.interact(() -> due.getEditor().setText("next week"));
    robot.clickOn("#add-confirm");
    waitFor(() -> text(robot, "#add-fault").startsWith("“next week” is no day;"));
    assertThat(desk.openProperty().get()).isEmpty();
    robot.interact(() -> due.getEditor().setText("9 January 2027"));
    robot.clickOn("#add-confirm");
    waitFor(() -> desk.openProperty().get().isPresent());
    assertThat(passage().opened().entry().dueOn()).contains(LocalDate.of(2027, 1, 9));
  }

  @Test
  void theMarkedPartIsWrittenAndReadsBack(FxRobot robot)
      throws IOException, ScoreRejectedException {
    addScore(robot);
    Path out = folder.resolve("marked.musicxml");
    robot.interact(() -> window.dialogs().write(out));
    waitFor(() -> robot.lookup("#notice-words").tryQuery().isPresent());
    assertThat(text(robot, "#notice-words")).isEqualTo("marked.musicxml is written.");
    Passage back = new MusicXmlReader().open(out).read(0).passage();
    assertThat(back.title()).isEqualTo("Study 4");
    assertThat(back.bars()).hasSize(4);
  }

  @Test
  void arrowsWalkThroughTheNotesAndStationsHaveKeys(FxRobot robot) throws IOException {
    addScore(robot);
    robot.type(KeyCode.RIGHT).type(KeyCode.RIGHT).type(KeyCode.LEFT);
    assertThat(passage().selection().note()).contains(1);
    robot.press(KeyCode.CONTROL).type(KeyCode.DIGIT1).release(KeyCode.CONTROL);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(robot.lookup("#read-station").tryQuery()).isPresent();
    robot.type(KeyCode.C);
    assertThat(passage().passes().entries())
        .as("Clean is heard only where the ladder is seen")
        .isEmpty();
    robot.press(KeyCode.CONTROL).type(KeyCode.DIGIT5).release(KeyCode.CONTROL);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(robot.lookup("#practise-station").tryQuery()).isPresent();
    robot.press(KeyCode.CONTROL).type(KeyCode.S).release(KeyCode.CONTROL);
    waitFor(() -> text(robot, "#message").startsWith("Nothing to save"));
  }

  @Test
  void changingTheStationKeepsItsViewsAndOpeningAgainKeepsUndo(FxRobot robot) throws IOException {
    addScore(robot);
    Node panel = robot.lookup("#why-panel").query();
    robot.clickOn("#pin-here");
    waitFor(() -> passage().canUndoProperty().get());
    robot.clickOn("#tab-read").clickOn("#tab-left-hand");
    assertThat(robot.lookup("#why-panel").<Node>query()).isSameAs(panel);
    robot.clickOn("#passage-" + desk.programme().get(0).passage().id());
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(passage().canUndoProperty().get()).isTrue();
  }

  /** Usable from 1100 by 700: nothing of a station runs out of the window. */
  @Test
  void everyStationFitsASmallWindow(FxRobot robot) throws IOException {
    addScore(robot);
    robot.interact(
        () -> {
          stage.setWidth(1100);
          stage.setHeight(700);
        });
    for (String tab : List.of("#tab-read", "#tab-left-hand", "#tab-practise")) {
      robot.clickOn(tab);
      WaitForAsyncUtils.waitForFxEvents();
      assertInside(robot, "#programme");
      assertInside(robot, "#menu");
      assertInside(robot, "#message");
    }
    assertInside(robot, "#practise-station");
    assertInside(robot, "#practise-panel");
    assertInside(robot, "#clean");
    assertInside(robot, "#miss");
  }

  private void assertInside(FxRobot robot, String query) {
    Bounds bounds =
        robot.lookup(query).query().localToScene(robot.lookup(query).query().getBoundsInLocal());
    assertThat(bounds.getMinX()).as(query).isGreaterThanOrEqualTo(-1);
    assertThat(bounds.getMinY()).as(query).isGreaterThanOrEqualTo(-1);
    assertThat(bounds.getMaxX()).as(query).isLessThanOrEqualTo(stage.getScene().getWidth() + 1);
    assertThat(bounds.getMaxY()).as(query).isLessThanOrEqualTo(stage.getScene().getHeight() + 1);
  }

  @Test
  void anImpossiblePinOffersTheNearestThatCanBeTaken(FxRobot robot) throws IOException {
    addScore(robot);
    robot.press(KeyCode.ALT).type(KeyCode.DIGIT1).release(KeyCode.ALT);
    waitFor(() -> robot.lookup("#take-offer").queryButton().isVisible());
    robot.clickOn("#take-offer");
    waitFor(() -> !passage().study().pinsOn(0).isEmpty());
    assertThat(robot.lookup("#take-offer").queryButton().isVisible()).isFalse();
  }

  @Test
  void aProfileIsChosenByItsChipAndKept(FxRobot robot) throws IOException {
    addScore(robot);
    robot.clickOn("#profile-still-hand");
    waitFor(() -> passage().study().choices().profile().name().equals("still-hand"));
    assertThat(book.choices(passage().opened().entry().id()).choices().profile().name())
        .isEqualTo("still-hand");
    assertThat(text(robot, "#message")).startsWith("Still hand.");
  }

  @Test
  void plansAreComparedAndOneIsTakenForTheSelectedBars(FxRobot robot) throws IOException {
    addScore(robot);
    robot.clickOn("#compare-plans");
    waitFor(() -> robot.lookup("#compare").tryQuery().isPresent());
    ComboBox<?> right = robot.lookup("#compare-right").queryAs(ComboBox.class);
    robot.interact(() -> right.getSelectionModel().selectLast());
    assertThat(robot.lookup("#take-bars-right").queryButton().getText())
        .isEqualTo("Take it for bar 1");
    robot.clickOn("#take-right");
    waitFor(() -> robot.lookup("#compare").tryQuery().isEmpty());
    waitFor(() -> passage().canUndoProperty().get());
    assertThat(text(robot, "#message")).startsWith("Took fingering 2");
  }

  @Test
  void thePlayerSheetChangesThePlanAndKeepsWhatIsWrong(FxRobot robot) throws IOException {
    addScore(robot);
    robot.clickOn("#show-player");
    TextField span = robot.lookup("#player-span").queryAs(TextField.class);
    robot.interact(() -> span.setText("narrow"));
    robot.clickOn("#player-keep");
    assertThat(text(robot, "#player-fault")).contains("The span must be a number", "narrow");
    assertThat(span.getText()).isEqualTo("narrow");
    robot.clickOn("#hand-small");
    robot.clickOn("#player-keep");
    waitFor(() -> passage().study().player().hand().comfortableMm() < 70);
    assertThat(book.players().rows().get(0).setup().comfortableMm()).isLessThan(70);
    assertThat(robot.lookup("#player-sheet").tryQuery()).isEmpty();
  }

  @Test
  void thePartIsWrittenAsPdfAndItsFolderOffered(FxRobot robot) throws IOException {
    addScore(robot);
    List<Path> shown = new ArrayList<>();
    Path file = folder.resolve("part.pdf");
    robot.interact(() -> window.dialogs().setFolderOpener(shown::add));
    robot.interact(() -> window.dialogs().writePdf(file, Paper.A4, false));
    waitFor(() -> robot.lookup("#open-folder").tryQuery().isPresent());
    assertThat(text(robot, "#notice-words")).isEqualTo("part.pdf is written.");
    robot.clickOn("#open-folder");
    assertThat(shown).containsExactly(file);
    try (PDDocument document = Loader.loadPDF(file.toFile())) {
      assertThat(new PDFTextStripper().getText(document)).contains("Study 4", "quarter = 112");
    }
  }

  @Test
  void withoutAPrinterThePdfIsRecommended(FxRobot robot) throws IOException {
    addScore(robot);
    robot.press(KeyCode.CONTROL).type(KeyCode.P).release(KeyCode.CONTROL);
    waitFor(() -> robot.lookup("#notice-words").tryQuery().isPresent());
    assertThat(text(robot, "#notice-words")).contains("Write the part as PDF instead");
  }

  /** Nothing waits for a queue here: the window closes while all of it is still on its way. */
  @Test
  void whatWasDecidedAndPlayedIsKeptWhenTheWindowClosesAtOnce(FxRobot robot)
      throws IOException, BookException, TimeoutException {
    addScore(robot);
    robot.interact(
        () -> {
          passage().leftHand().compare(plans -> {});
          passage().select(2);
          passage().perform(Command.PIN_FOURTH);
          passage().perform(Command.CLEAN);
          passage().perform(Command.MISS);
          passage().select(4);
          passage().perform(Command.PIN_STRING_2);
          stage.hide();
          desk.close();
        });
    open();
    robot.clickOn("#passage-" + desk.programme().get(0).passage().id());
    waitFor(() -> desk.openProperty().get().isPresent());
    assertThat(passage().study().pinsOn(2)).hasSize(1);
    assertThat(passage().study().pinsOn(4)).hasSize(1);
    assertThat(passage().passes().entries())
        .extracting(LogEntry::clean)
        .containsExactly(true, false);
  }

  @Test
  void aCutOfRestsOpensAndSaysThatThereIsNothingToDecide(FxRobot robot) throws IOException {
    Path file = score("r/1 | r/1 | D5/1");
    robot.interact(() -> window.dialogs().add(file));
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.interact(() -> robot.lookup("#add-last-bar").queryAs(TextField.class).setText("2"));
    robot.clickOn("#add-new-player").write("Oda Merrin");
    robot.clickOn("#add-confirm");
    waitFor(() -> desk.openProperty().get().isPresent());
    assertThat(text(robot, "#why-panel .why-title")).isEqualTo("All rests");
    robot.type(KeyCode.RIGHT).type(KeyCode.DIGIT3).type(KeyCode.DELETE).type(KeyCode.P);
    waitFor(() -> text(robot, "#message").startsWith("This passage is all rests"));
    for (String tab : List.of("#tab-read", "#tab-practise", "#tab-left-hand")) {
      robot.clickOn(tab);
    }
    assertThat(passage().selection().note()).isEmpty();
  }

  @Test
  void aSecondWindowSaysThatItIsForReading(FxRobot robot) throws Exception {
    addScore(robot);
    Book second = Book.open(folder.resolve("journey.fretbook"));
    Desk reading = new Desk(second, CLOCK, Workers.threads(Platform::runLater, mistakes::add));
    FxToolkit.setupFixture(() -> stage.setScene(FretApplication.scene(new FretWindow(reading))));
    assertThat(text(robot, "#read-only"))
        .isEqualTo(
            "For reading only, since it is open in another window of Fret. What you decide or log"
                + " here is not kept.");
    reading.close();
  }

  @Test
  void earlierDaysAreOfferedInTheMenu(FxRobot robot) throws IOException {
    addScore(robot);
    List<LocalDate> chosen = new ArrayList<>();
    robot.interact(() -> window.dialogs().setRestorer(backup -> chosen.add(backup.day())));
    waitFor(() -> !desk.backups().isEmpty());
    robot.clickOn("#menu").clickOn("#menu-backups");
    robot.clickOn("#restore-2026-11-20");
    assertThat(chosen).containsExactly(LocalDate.of(2026, 11, 20));
  }

  @Test
  void aMistakeOfTheProgramIsSaidWithDetailsToCopyAndTheNextPinIsKept(FxRobot robot)
      throws IOException {
    addScore(robot);
    robot.interact(() -> desk.tell(Notice.ofMistake(new IllegalStateException("injected"))));
    assertThat(text(robot, "#notice-words")).startsWith("Fret made a mistake of its own.");
    robot.clickOn("#copy-details");
    robot.interact(
        () ->
            assertThat(Clipboard.getSystemClipboard().getString())
                .contains("IllegalStateException: injected"));
    robot.clickOn("#notice-close");
    robot.clickOn("#pin-here");
    waitFor(() -> !passage().study().pins().isEmpty());
    assertThat(book.choices(passage().opened().entry().id()).choices().pins()).hasSize(1);
  }
}
