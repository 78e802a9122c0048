package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.book.LogEntry;
import app.fret.desktop.model.Command;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.Notice;
import app.fret.desktop.model.PassageDesk;
import app.fret.desktop.model.Workers;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.music.SheetView;
import app.fret.desktop.view.FretWindow;
import app.fret.engraving.Paper;
import app.fret.files.ScoreRejectedException;
import app.fret.files.musicxml.MusicXmlReader;
import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.score.Finger;
import app.fret.score.Passage;
import app.fret.testing.Music;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.fxmisc.richtext.CodeArea;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** What a player does with the real window, from the first file to finding it all again. */
@ExtendWith(ApplicationExtension.class)
class JourneyTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-20T16:00:00Z"), ZoneOffset.UTC);

  @TempDir private Path folder;
  private final List<Throwable> mistakes = new CopyOnWriteArrayList<>();
  private Stage stage;
  private Book book;
  private Desk desk;
  private FretWindow window;

  @BeforeEach
  void openWindow() throws BookException, TimeoutException {
    stage = FxToolkit.registerPrimaryStage();
    open();
  }

  private void open() throws BookException, TimeoutException {
    book = Book.open(folder.resolve("journey.fretbook"));
    FxToolkit.setupFixture(
        () -> {
          desk = new Desk(book, CLOCK, Workers.threads(Platform::runLater, mistakes::add));
          window = new FretWindow(desk);
          stage.setScene(FretApplication.scene(window));
          stage.show();
        });
  }

  @AfterEach
  void closeWindow() throws TimeoutException {
    FxToolkit.setupFixture(() -> stage.hide());
    desk.close();
    assertThat(mistakes).isEmpty();
  }

  private static void waitFor(Callable<Boolean> condition) {
    try {
      WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, condition);
    } catch (TimeoutException e) {
      throw new AssertionError("it did not happen within 20 s", e);
    }
    WaitForAsyncUtils.waitForFxEvents();
  }

  private Path score(String words) throws IOException {
    Path file = folder.resolve("étude 4.musicxml");
    try (OutputStream out = Files.newOutputStream(file)) {
      new MusicXmlWriter().write(Music.passage(words), out);
    }
    return file;
  }

  private PassageDesk passage() {
    return desk.openProperty().get().orElseThrow();
  }

  private static String text(FxRobot robot, String query) {
    return robot.lookup(query).queryAs(Label.class).getText();
  }

  /** Adds a file as a new player would. */
  private void addScore(FxRobot robot) throws IOException {
    Path file = score("D5/4 E5/4 F5/4 G5/4 | A5/4 B5/4 C6/4 D6/4 | E6/2 D6/2 | C6/1");
    robot.interact(() -> window.add(file));
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.interact(() -> robot.lookup("#add-title").queryAs(TextField.class).setText("Study 4"));
    robot.clickOn("#add-new-player").write("Oda Merrin");
    robot.interact(() -> robot.lookup("#add-per-minute").queryAs(TextField.class).setText("112"));
    robot.clickOn("#add-confirm");
    waitFor(() -> desk.openProperty().get().isPresent());
    waitFor(() -> score().isPresent());
    waitFor(() -> score().get().screenPointOf(0).isPresent());
  }

  /** The engraved score of the left hand, once it is there. */
  private Optional<ScoreView> score() {
    return Optional.ofNullable((ScoreView) window.lookup("#left-hand-score"));
  }

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
  void anEmptyBookOffersThreeWaysOn(FxRobot robot) {
    AtomicBoolean demo = new AtomicBoolean();
    robot.interact(() -> window.setDemoOpener(() -> demo.set(true)));
    for (String way : List.of("#first-write", "#first-open", "#first-demo")) {
      assertThat(robot.lookup(way).tryQuery()).as(way).isPresent();
    }
    robot.clickOn("#first-demo");
    assertThat(demo).isTrue();
    robot.clickOn("#first-write");
    waitFor(() -> robot.lookup("#entry-line").tryQuery().isPresent());
    robot.push(KeyCode.ESCAPE);
  }

  @Test
  void whatIsEasilyMisreadIsTickedOffAndStaysSo(FxRobot robot)
      throws IOException, BookException, TimeoutException {
    Path file = folder.resolve("trap.abc");
    Files.writeString(file, "X:1\nT:Traps\nM:4/4\nL:1/4\nK:G\nd ^c B c|d c Td2|\n");
    robot.interact(() -> window.add(file));
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.clickOn("#add-new-player").write("Oda Merrin");
    robot.clickOn("#add-confirm");
    waitFor(() -> desk.openProperty().get().isPresent());
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    waitFor(() -> robot.lookup("#traps-count").tryQuery().isPresent());
    assertThat(text(robot, "#traps-count")).isEqualTo("4 of 4 places to look at");
    robot.push(KeyCode.ENTER); // nothing at the first note: on to the first place
    assertThat(passage().selection().note()).contains(1);
    robot.push(KeyCode.ENTER);
    waitFor(() -> text(robot, "#traps-count").equals("3 of 4 places to look at"));
    assertThat(passage().selection().note()).contains(3);
    robot.clickOn("#trap-4");
    waitFor(() -> text(robot, "#traps-count").equals("2 of 4 places to look at"));
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    waitFor(() -> text(robot, "#traps-count").equals("3 of 4 places to look at"));
    closeWindow();
    open();
    robot.interact(() -> desk.open(desk.programme().get(0)));
    waitFor(() -> desk.openProperty().get().isPresent());
    assertThat(passage().study().traps()).hasSize(4);
    assertThat(passage().study().traps().stream().filter(passage().study()::hasSeen)).hasSize(1);
  }

  private Node sheet() {
    return ((SheetView) window.lookup("#entry-sheet")).getContent();
  }

  @Test
  void musicIsTypedMendedAndTakenByKeyboardAlone(FxRobot robot)
      throws BookException, TimeoutException {
    robot.push(KeyCode.CONTROL, KeyCode.N);
    waitFor(() -> robot.lookup("#entry-line").tryQuery().isPresent());
    robot.write("d2f2a2f2|[dfa2 g2e4|");
    waitFor(() -> text(robot, "#entry-state").startsWith("1 to mend"));
    waitFor(() -> !sheet().lookupAll("Canvas").isEmpty());
    robot.push(KeyCode.ALT, KeyCode.ENTER);
    waitFor(() -> text(robot, "#entry-state").equals("nothing to mend"));
    assertThat(((CodeArea) window.lookup("#entry-line")).getText()).endsWith("|[dfa]2 g2e4|");
    assertThat(text(robot, "#entry-count")).startsWith("7 notes, ");
    closeWindow(); // in the middle of it
    open();
    robot.push(KeyCode.CONTROL, KeyCode.N);
    waitFor(() -> robot.lookup("#entry-line").tryQuery().isPresent());
    assertThat(((CodeArea) window.lookup("#entry-line")).getText()).endsWith("g2e4|");
    robot.push(KeyCode.CONTROL, KeyCode.ENTER);
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.clickOn("#add-new-player").write("Oda Merrin");
    robot.clickOn("#add-confirm");
    waitFor(() -> desk.openProperty().get().isPresent());
    assertThat(passage().study().notes()).hasSize(7);
    assertThat(desk.draft()).isEmpty();
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
    robot.interact(() -> window.add(file));
    waitFor(() -> robot.lookup("#notice-words").tryQuery().isPresent());
    assertThat(text(robot, "#notice-words")).startsWith("torn.musicxml: it is not well-formed XML");
    robot.clickOn("#notice-close");
    assertThat(robot.lookup("#notice").tryQuery()).isEmpty();
  }

  @Test
  void aPassageTheInstrumentLacksStaysOutOfTheBook(FxRobot robot) throws IOException {
    Path file = score("D5/1 | C3/1");
    robot.interact(() -> window.add(file));
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
    robot.interact(() -> window.add(file));
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
    robot.interact(() -> window.add(file));
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
    robot.interact(() -> window.write(out));
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
    assertThat(text(robot, "#message")).startsWith("Took other way");
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
    robot.interact(() -> window.setFolderOpener(shown::add));
    robot.interact(() -> window.writePdf(file, Paper.A4));
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
          passage().compare(plans -> {});
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
    robot.interact(() -> window.add(file));
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
    robot.interact(() -> window.setRestorer(backup -> chosen.add(backup.day())));
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
