package app.fret.desktop.view;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.StackPane;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The programme, which folds away to a narrow strip and back. */
final class ProgrammePane extends StackPane {
  private final ProgrammeView list;
  private final Button fold = new Button();
  private final FontIcon icon = new FontIcon(Feather.CHEVRON_LEFT);

  /** What the player asked for; empty as long as the window decides. */
  private Optional<Boolean> asked = Optional.empty();

  ProgrammePane(ProgrammeView list) {
    this.list = list;
    setId("programme-pane");
    getStyleClass().add("programme-pane");
    fold.setId("fold-programme");
    fold.setGraphic(icon);
    fold.getStyleClass().add("fold-action");
    fold.setFocusTraversable(false);
    fold.setOnAction(
        e -> {
          asked = Optional.of(list.isVisible());
          fold(list.isVisible());
        });
    list.managedProperty().bind(list.visibleProperty());
    StackPane.setAlignment(fold, Pos.TOP_RIGHT);
    getChildren().addAll(list, fold);
    fold(false);
  }

  /** Folds it, or not, as long as the player did not say which. */
  void foldUnlessAsked(boolean folded) {
    fold(asked.orElse(folded));
  }

  private void fold(boolean folded) {
    list.setVisible(!folded);
    icon.setIconCode(folded ? Feather.CHEVRON_RIGHT : Feather.CHEVRON_LEFT);
    fold.setAccessibleText(folded ? "Show the programme" : "Fold the programme away");
  }
}
