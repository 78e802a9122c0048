package app.fret.desktop.view.entry;

import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.midi.MidiScore;
import app.fret.files.midi.MidiSettings;
import app.fret.score.EightBelow;
import app.fret.score.Passage;
import java.util.LinkedHashMap;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;

/**
 * What a file leaves open about its own notes: on which grid played notes are written down, and
 * whether an 8 under the clef of a bass part counts.
 */
final class ReadingQuestions {
  private static final Map<String, String> GRIDS = grids();
  private static final String AS_THE_CLEF_SAYS = "where the clef with the 8 puts it";
  private static final String OCTAVE_LOWER = "an octave lower; the 8 is a reminder";

  private final ComboBox<String> grid = new ComboBox<>();
  private final CheckBox swing = new CheckBox("swung eighths are written even");
  private final CheckBox legato = new CheckBox("short gaps are articulation, not rests");
  private final ComboBox<String> sounds = new ComboBox<>();

  /**
   * The questions.
   *
   * @param onChange runs when played notes are to be written down otherwise
   */
  ReadingQuestions(Runnable onChange) {
    grid.setId("add-grid");
    swing.setId("add-swing");
    legato.setId("add-legato");
    sounds.setId("add-sounds");
    grid.getItems().setAll(GRIDS.keySet());
    grid.getSelectionModel().select(0);
    swing.setSelected(MidiSettings.USUAL.swing());
    legato.setSelected(MidiSettings.USUAL.legato());
    sounds.getItems().setAll(AS_THE_CLEF_SAYS, OCTAVE_LOWER);
    sounds.getSelectionModel().select(0);
    grid.setOnAction(e -> onChange.run());
    swing.setOnAction(e -> onChange.run());
    legato.setOnAction(e -> onChange.run());
  }

  private static Map<String, String> grids() {
    Map<String, String> grids = new LinkedHashMap<>();
    grids.put("the simplest that fits what is heard", "auto");
    grids.put("in eighths", "1/8");
    grids.put("in sixteenths", "1/16");
    grids.put("in thirty-seconds", "1/32");
    grids.put("in eighths and triplets", "1/8,1/8t");
    grids.put("in sixteenths and triplets", "1/16,1/8t");
    return grids;
  }

  /** What is asked of played notes. */
  Node ofPlayedNotes() {
    return new VBox(6, grid, swing, legato);
  }

  /** What is asked of a part with an 8 under the clef. */
  Node ofEightBelow() {
    return sounds;
  }

  /** Forgets what was said of the 8, as it was said for another instrument. */
  void believeTheClef() {
    sounds.getSelectionModel().select(0);
  }

  /** The score with its notes written down as answered. */
  Score asAnswered(Score score) throws ScoreRejectedException {
    return score instanceof MidiScore played ? played.with(settings()) : score;
  }

  private MidiSettings settings() {
    return MidiSettings.USUAL
        .withGrid(GRIDS.get(grid.getValue()))
        .withSwing(swing.isSelected())
        .withLegato(legato.isSelected());
  }

  /** A part of it, sounding as answered. */
  Passage asAnswered(Passage part) {
    return isOctaveLower(part) ? EightBelow.octaveLower(part) : part;
  }

  private boolean isOctaveLower(Passage part) {
    return EightBelow.isOpen(part) && sounds.getSelectionModel().getSelectedIndex() == 1;
  }

  /** Whether the file alone would be read as answered. */
  boolean isUsual(Passage part) {
    return settings().equals(MidiSettings.USUAL) && !isOctaveLower(part);
  }
}
