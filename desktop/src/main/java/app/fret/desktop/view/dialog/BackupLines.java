package app.fret.desktop.view.dialog;

import app.fret.book.Backups;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The copies of the book beside it, a line for each day of use with a button that takes it. */
public final class BackupLines extends VBox {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);

  /**
   * Lines for these copies, in their order.
   *
   * @param taking what the button of a line says
   * @param restorer takes a copy
   */
  public BackupLines(
      List<Backups.Backup> backups, String taking, Consumer<Backups.Backup> restorer) {
    super(8);
    backups.forEach(backup -> getChildren().add(line(backup, taking, restorer)));
  }

  private static HBox line(
      Backups.Backup backup, String taking, Consumer<Backups.Backup> restorer) {
    HBox line =
        new HBox(
            12,
            Parts.label(DAY.format(backup.day())),
            Parts.label(Words.bytes(backup.bytes()), "quiet"),
            Parts.stretch(),
            Parts.button(
                "restore-" + backup.day(),
                taking,
                "outline-action",
                () -> restorer.accept(backup)));
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }
}
