package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.BookException;
import app.fret.desktop.music.SheetView;
import app.fret.score.Finger;
import app.fret.study.LayeredPage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.scene.Node;
import javafx.scene.control.DatePicker;
import javafx.scene.input.KeyCode;
import org.fxmisc.richtext.CodeArea;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Music that comes in without a file: typed, written on the staff, read and mended. */
class WritingJourneyTest extends Journey {
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
    robot.interact(() -> window.dialogs().add(file));
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

  private Node sheet() {
    return ((SheetView) window.lookup("#entry-sheet")).getContent();
  }

  @Test
  void musicIsWrittenOnTheStaffAndStandsInTheLine(FxRobot robot) throws BookException {
    robot.push(KeyCode.CONTROL, KeyCode.N);
    waitFor(() -> robot.lookup("#entry-line").tryQuery().isPresent());
    robot.push(KeyCode.F6);
    robot.write("1d4efga2bc");
    robot.push(KeyCode.UP);
    robot.write("1deS");
    waitFor(() -> typedLine().getText().endsWith("d2 e/2 f/2 g/2 a/2 b c'' d''2 | e''2 |"));
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    waitFor(() -> typedLine().getText().endsWith("b c'' d''2 |"));
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
    robot.write("mmf").push(KeyCode.ENTER);
    robot.write("z");
    waitFor(() -> typedLine().getText().endsWith("d''2 | !mf!e''2 | !mf!e''2 |"));
    assertThat(text(robot, "#entry-count")).startsWith("10 notes, ");
    robot.push(KeyCode.F6);
    robot.write(" g4");
    waitFor(() -> text(robot, "#entry-count").startsWith("11 notes, "));
    robot.push(KeyCode.F6);
    robot.clickOn("#key-rest");
    waitFor(() -> typedLine().getText().contains("g4 z2"));
    robot.push(KeyCode.CONTROL, KeyCode.ENTER);
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
  }

  @Test
  void whatIsNoMusicIsNotOverwrittenFromTheStaff(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.N);
    waitFor(() -> robot.lookup("#entry-line").tryQuery().isPresent());
    robot.write("c2 [eg");
    waitFor(() -> text(robot, "#entry-state").startsWith("1 to mend"));
    robot.push(KeyCode.F6);
    robot.write("d");
    waitFor(() -> text(robot, "#entry-state").startsWith("mend bar 1 in the line first"));
    assertThat(typedLine().getText()).endsWith("c2 [eg");
  }

  @Test
  void aNoteIsPutInByTheMouse(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.N);
    waitFor(() -> robot.lookup("#entry-line").tryQuery().isPresent());
    robot.write("c4 g4|");
    waitFor(() -> !sheet().lookupAll("Canvas").isEmpty());
    javafx.geometry.Bounds line =
        sheet().lookup("Canvas").localToScreen(sheet().lookup("Canvas").getBoundsInLocal());
    robot.doubleClickOn(line.getMinX() + 170, line.getCenterY());
    waitFor(() -> text(robot, "#entry-count").startsWith("3 notes"));
  }

  @Test
  void aWrongNoteIsMendedAndItsPinsStayWithTheirNotes(FxRobot robot)
      throws IOException, BookException, TimeoutException {
    addScore(robot);
    robot.interact(() -> passage().select(5));
    robot.push(KeyCode.P);
    waitFor(() -> passage().study().choices().pins().size() == 1);
    robot.interact(() -> passage().select(1));
    robot.push(KeyCode.CONTROL, KeyCode.E);
    waitFor(() -> robot.lookup("#mend-sheet").tryQuery().isPresent());
    robot.write("a"); // behind E5
    robot.push(KeyCode.BACK_SPACE);
    robot.push(KeyCode.SHIFT, KeyCode.D); // E5 becomes D5
    robot.push(KeyCode.CONTROL, KeyCode.LEFT);
    robot.write("z"); // the first bar once more
    robot.push(KeyCode.CONTROL, KeyCode.ENTER);
    waitFor(() -> passage().study().notes().size() == 15);
    assertThat(text(robot, "#message")).isEqualTo("Mended the notes");
    assertThat(passage().study().pins()).hasSize(1);
    assertThat(passage().study().pins().get(0).note()).isEqualTo(9);
    closeWindow();
    open();
    robot.interact(() -> desk.open(desk.programme().get(0)));
    waitFor(() -> desk.openProperty().get().isPresent());
    assertThat(passage().study().notes()).hasSize(15);
    assertThat(passage().study().pins().get(0).note()).isEqualTo(9);
    assertThat(passage().opened().passage().bars()).hasSize(4);
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    waitFor(() -> robot.lookup("#as-imported").tryQuery().isPresent());
    robot.interact(() -> robot.lookup("#as-imported").queryButton().fire());
    waitFor(() -> passage().study().notes().size() == 11);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    waitFor(() -> passage().study().notes().size() == 15);
  }

  @Test
  void whatCannotStayWithItsNoteIsNamed(FxRobot robot) throws IOException {
    addScore(robot);
    robot.push(KeyCode.P);
    waitFor(() -> passage().study().choices().pins().size() == 1);
    robot.push(KeyCode.CONTROL, KeyCode.E);
    waitFor(() -> robot.lookup("#mend-sheet").tryQuery().isPresent());
    robot.push(KeyCode.BACK_SPACE);
    robot.push(KeyCode.CONTROL, KeyCode.ENTER);
    waitFor(() -> passage().study().notes().size() == 10);
    assertThat(text(robot, "#message"))
        .isEqualTo("Mended the notes. Not kept: the pin on D5 in bar 1");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    waitFor(() -> passage().study().notes().size() == 11);
    assertThat(passage().study().pins()).hasSize(1);
  }

  @Test
  void severalFilesComeInWithOneSummary(FxRobot robot) throws IOException {
    Path good = folder.resolve("one.abc");
    Files.writeString(good, "X:1\nT:Grey Ferry\nM:4/4\nL:1/4\nQ:1/4=80\nK:D\nd e f g | a4 |\n");
    Path other = score("D5/4 E5/4 F5/4 G5/4");
    Path bad = folder.resolve("torn.musicxml");
    Files.writeString(bad, "<score-partwise><part-list>");
    robot.interact(() -> window.dialogs().addAll(List.of(good, other, bad)));
    waitFor(() -> text(robot, "#several-summary").equals("2 files can be added, 1 cannot."));
    robot.clickOn("#several-new-player").write("Oda Merrin");
    robot.clickOn("#several-add");
    waitFor(() -> desk.programme().size() == 2);
    waitFor(() -> desk.openProperty().get().isPresent());
    assertThat(text(robot, "#passage-title")).isEqualTo("Grey Ferry");
  }

  @Test
  void aTempoOfItsOwnIsSetForTheSelectedNotes(FxRobot robot) throws IOException {
    addScore(robot);
    robot.interact(() -> passage().select(4));
    robot.push(KeyCode.SHIFT, KeyCode.RIGHT);
    robot.push(KeyCode.CONTROL, KeyCode.T);
    waitFor(() -> robot.lookup("#tempo-pane").tryQuery().isPresent());
    robot.clickOn("#tempo-number").write("60");
    robot.clickOn("#tempo-add");
    waitFor(() -> passage().study().choices().tempo().places().size() == 1);
    assertThat(passage().study().brief().tempos().changes()).hasSize(3);
    robot.clickOn("#take-broadening");
    waitFor(() -> passage().study().choices().tempo().places().size() == 2);
    robot.clickOn("#occasion-recording");
    waitFor(() -> passage().study().choices().tempo().occasion().id().equals("recording"));
    DatePicker due = robot.lookup("#tempo-due").queryAs(DatePicker.class);
    robot.clickOn(due.getEditor());
    robot.interact(() -> due.getEditor().setText("soon"));
    robot.clickOn("#tempo-number");
    waitFor(() -> text(robot, "#tempo-fault").startsWith("“soon” is no day"));
    robot.clickOn(due.getEditor());
    robot.interact(() -> due.getEditor().setText("9 January 2027"));
    robot.clickOn("#tempo-number");
    waitFor(() -> passage().dueProperty().get().isPresent());
    waitFor(() -> robot.lookup("#header-to").tryQuery().isPresent());
    assertThat(desk.programme().get(0).passage().dueOn()).contains(LocalDate.of(2027, 1, 9));
    robot.clickOn("#tempo-close");
    assertThat(text(robot, "#header-recording")).isEqualTo("♩ = 112");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    waitFor(() -> passage().study().choices().tempo().occasion().id().equals("audition"));
    assertThat(text(robot, "#header-audition")).isEqualTo("♩ = 108");
  }

  @Test
  void marksOfACoachStandBesideOnesOwnAndCanBeHidden(FxRobot robot) throws IOException {
    addScore(robot);
    robot.push(KeyCode.P);
    waitFor(() -> passage().study().choices().pins().size() == 1);
    robot.push(KeyCode.CONTROL, KeyCode.M);
    waitFor(() -> robot.lookup("#layer-pane").tryQuery().isPresent());
    robot.clickOn("#pins-as-coach");
    waitFor(() -> passage().study().choices().layers().added().size() == 1);
    robot.clickOn("#layer-close");
    Finger own = passage().selected().orElseThrow().placement().top().finger();
    robot.type(own == Finger.FOURTH ? KeyCode.DIGIT1 : KeyCode.DIGIT4);
    waitFor(() -> LayeredPage.differing(passage().study()).equals(List.of(0)));
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    waitFor(() -> robot.lookup("#origin-coach").tryQuery().isPresent());
    robot.clickOn("#origin-coach");
    waitFor(() -> LayeredPage.differing(passage().study()).isEmpty());
  }

  @Test
  void ofDividedNotesOneIsTaken(FxRobot robot) throws IOException {
    Path file = folder.resolve("div.abc");
    Files.writeString(file, "X:1\nT:Two\nM:4/4\nL:1/2\nQ:1/4=80\nK:C\n\"^div.\"[ce] [df]|[eg]2|\n");
    robot.interact(() -> window.dialogs().add(file));
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.clickOn("#add-new-player").write("Oda Merrin");
    robot.clickOn("#add-confirm");
    waitFor(() -> desk.openProperty().get().isPresent());
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    waitFor(() -> robot.lookup("#divided-bottom").tryQuery().isPresent());
    robot.clickOn("#divided-bottom");
    waitFor(() -> passage().study().notes().get(0).notes().size() == 1);
    assertThat(passage().study().notes().get(0).notes().get(0).written()).hasToString("C5");
    assertThat(passage().isMended()).isTrue();
    robot.push(KeyCode.CONTROL, KeyCode.E);
    waitFor(() -> robot.lookup("#mend-imported").tryQuery().isPresent());
    robot.clickOn("#mend-imported");
    waitFor(() -> text(robot, "#mend-state").startsWith("As imported"));
    assertThat(robot.lookup("#imported-sheet").tryQuery()).isPresent();
    robot.clickOn("#mend-imported");
    waitFor(() -> robot.lookup("#imported-sheet").tryQuery().isEmpty());
  }

  /** Eight bars in the line, eight on the staff, read, planned and written: no mouse is touched. */
  @Test
  void aPlayerWithOnlyPaperComesToAPlannedPassageByKeyboard(FxRobot robot) throws Exception {
    robot.push(KeyCode.CONTROL, KeyCode.N);
    waitFor(() -> robot.lookup("#entry-line").tryQuery().isPresent());
    robot.write("d2^f2a2f2|".repeat(4) + "g2e2c2e2|".repeat(4));
    waitFor(() -> text(robot, "#entry-count").startsWith("32 notes"));
    robot.push(KeyCode.F6);
    robot.write("1defg".repeat(2));
    robot.write("zzzzzz");
    waitFor(() -> text(robot, "#entry-count").startsWith("64 notes"));
    robot.push(KeyCode.CONTROL, KeyCode.ENTER);
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.write("Oda Merrin").push(KeyCode.ENTER);
    waitFor(() -> desk.openProperty().get().isPresent());
    assertThat(passage().study().passage().bars()).hasSize(16);
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    waitFor(() -> robot.lookup("#traps-count").tryQuery().isPresent());
    int traps = passage().study().traps().size();
    assertThat(traps).isPositive();
    for (int i = 0; i <= traps; i++) {
      robot.push(KeyCode.ENTER);
      WaitForAsyncUtils.waitForFxEvents();
    }
    waitFor(() -> passage().study().traps().stream().allMatch(t -> passage().study().hasSeen(t)));
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT2);
    waitFor(() -> score().isPresent());
    assertThat(passage().study().leftHand().notes()).hasSize(64);
    Path pdf = folder.resolve("part.pdf");
    robot.interact(() -> window.dialogs().writePdf(pdf, app.fret.engraving.Paper.A4, true));
    waitFor(() -> Files.exists(pdf));
  }

  @Test
  void aBarThatIsTooLongIsNotKept(FxRobot robot) throws IOException {
    addScore(robot);
    robot.push(KeyCode.CONTROL, KeyCode.E);
    waitFor(() -> robot.lookup("#mend-sheet").tryQuery().isPresent());
    robot.write("1g");
    robot.push(KeyCode.CONTROL, KeyCode.ENTER);
    waitFor(() -> text(robot, "#mend-state").startsWith("Bar 1 is too long"));
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    robot.push(KeyCode.ESCAPE);
    waitFor(() -> robot.lookup("#mend-sheet").tryQuery().isEmpty());
    assertThat(passage().study().notes()).hasSize(11);
  }

  @Test
  void aTempoThatIsNoNumberIsSaidAndNothingChanges(FxRobot robot) throws IOException {
    addScore(robot);
    robot.push(KeyCode.CONTROL, KeyCode.T);
    waitFor(() -> robot.lookup("#tempo-pane").tryQuery().isPresent());
    robot.clickOn("#tempo-number").write("quick").push(KeyCode.ENTER);
    waitFor(() -> text(robot, "#tempo-fault").contains("quick"));
    assertThat(passage().study().choices().tempo().places()).isEmpty();
  }

  private CodeArea typedLine() {
    return (CodeArea) window.lookup("#entry-line");
  }
}
