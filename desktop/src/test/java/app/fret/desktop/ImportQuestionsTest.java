package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.view.station.Station;
import app.fret.files.abc.AbcReader;
import app.fret.files.midi.MidiWriter;
import app.fret.score.Passage;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.Transposition;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/**
 * Files that leave something open are asked about, and bars that are too long mended by a click.
 */
class ImportQuestionsTest extends Journey {
  private static final String UNDER_EIGHT =
      """
      <?xml version="1.0" encoding="UTF-8"?>
      <score-partwise version="4.0"><part-list><score-part id="P1"><part-name>Double Bass</part-name>
      </score-part></part-list><part id="P1"><measure number="1"><attributes><divisions>1</divisions>
      <key><fifths>0</fifths></key><time><beats>4</beats><beat-type>4</beat-type></time>
      <clef><sign>F</sign><line>4</line><clef-octave-change>-1</clef-octave-change></clef></attributes>
      <note><pitch><step>G</step><octave>2</octave></pitch><duration>4</duration><type>whole</type>
      </note></measure></part></score-partwise>
      """;

  private static final String TOO_LONG =
      """
      <?xml version="1.0" encoding="UTF-8"?>
      <score-partwise version="4.0"><part-list><score-part id="P1"><part-name>Violin</part-name>
      </score-part></part-list><part id="P1"><measure number="1"><attributes><divisions>1</divisions>
      <key><fifths>0</fifths></key><time><beats>2</beats><beat-type>4</beat-type></time>
      <clef><sign>G</sign><line>2</line></clef></attributes>
      <note><pitch><step>C</step><octave>5</octave></pitch><duration>1</duration></note>
      <note><pitch><step>D</step><octave>5</octave></pitch><duration>1</duration></note>
      <note><pitch><step>E</step><octave>5</octave></pitch><duration>1</duration></note>
      </measure></part></score-partwise>
      """;

  private void open(FxRobot robot, Path file) {
    robot.interact(() -> window.dialogs().add(file));
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.clickOn("#add-new-player").write("Oda Merrin");
  }

  private void add(FxRobot robot) {
    robot.clickOn("#add-confirm");
    waitFor(() -> desk.openProperty().get().isPresent());
  }

  private Passage music() {
    return passage().study().passage();
  }

  private Path file(String name, String xml) throws IOException {
    return Files.writeString(folder.resolve(name), xml, StandardCharsets.UTF_8);
  }

  @Test
  void shortGapsOfPlayedNotesAreRestsWhereThePlayerSaysSo(FxRobot robot) throws Exception {
    Passage played = AbcReader.read("M:4/4\nL:1/8\nK:C\nC z/ C z/ C z/ C|").passage().orElseThrow();
    Path file = folder.resolve("played.mid");
    try (OutputStream out = Files.newOutputStream(file)) {
      MidiWriter.write(played, out);
    }
    open(robot, file);
    assertThat(robot.lookup("#add-grid").queryAs(ComboBox.class).getValue())
        .isEqualTo("the simplest that fits what is heard");
    CheckBox legato = robot.lookup("#add-legato").queryAs(CheckBox.class);
    assertThat(legato.isSelected()).isTrue();
    robot.clickOn(legato);
    waitFor(() -> !text(robot, "#add-passed-over").startsWith("Reading"));
    add(robot);
    assertThat(music().events()).filteredOn(e -> e instanceof Rest).isNotEmpty();
    assertThat(passage().opened().entry().fileName()).endsWith(".musicxml");
  }

  @Test
  void anEightUnderTheClefOfABassIsAQuestion(FxRobot robot) throws IOException {
    open(robot, file("under eight.musicxml", UNDER_EIGHT));
    assertThat(robot.lookup("#add-sounds").tryQuery()).as("asked of a violin").isEmpty();
    robot.interact(() -> select(robot, "#add-instrument", "bass"));
    waitFor(() -> robot.lookup("#add-sounds").tryQuery().isPresent());
    robot.interact(
        () -> robot.lookup("#add-sounds").queryAs(ComboBox.class).getSelectionModel().select(1));
    add(robot);
    assertThat(music().transposition()).contains(new Transposition(-12));
  }

  @SuppressWarnings("unchecked")
  private static void select(FxRobot robot, String box, String value) {
    robot.lookup(box).queryAs(ComboBox.class).getSelectionModel().select(value);
  }

  @Test
  void aBarThatIsTooLongIsSplitByAClickAndComesBackByUndo(FxRobot robot) throws IOException {
    open(robot, file("too long.musicxml", TOO_LONG));
    add(robot);
    assertThat(music().bars()).singleElement().matches(b -> b.isOverlong());
    robot.interact(() -> window.show(Station.READ));
    waitFor(() -> robot.lookup("#long-bar-0-split").tryQuery().isPresent());
    robot.interact(() -> robot.lookup("#long-bar-0-split").queryButton().fire());
    waitFor(() -> music().bars().size() == 2);
    assertThat(music().bars()).noneMatch(b -> b.isOverlong());
    assertThat(music().events()).filteredOn(e -> e instanceof Sounding).hasSize(3);
    robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
    waitFor(() -> music().bars().size() == 1);
  }
}
