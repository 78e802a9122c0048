package app.fret.desktop.view.part;

import javafx.geometry.HPos;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;

/** Figures of two plans under each other, a column for each kind of figure. */
public final class FigureTable extends GridPane {
  private static final double GAP = 20;

  /** An empty table. */
  public FigureTable() {
    setHgap(GAP);
  }

  /** Empties the table and names its two rows. */
  public void begin() {
    getChildren().clear();
    getColumnConstraints().clear();
    column("", "left", "right");
  }

  /** Adds a column. */
  public void column(String name, Object one, Object other) {
    int index = getColumnCount();
    boolean names = index == 0;
    ColumnConstraints column = new ColumnConstraints();
    column.setHalignment(names ? HPos.LEFT : HPos.RIGHT);
    getColumnConstraints().add(column);
    add(Parts.label(name, "figure-name"), index, 0);
    add(Parts.label(one.toString(), names ? "quiet" : "figure"), index, 1);
    add(Parts.label(other.toString(), names ? "quiet" : "figure"), index, 2);
  }
}
