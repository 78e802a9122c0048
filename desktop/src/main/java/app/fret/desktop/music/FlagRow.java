package app.fret.desktop.music;

import app.fret.desktop.music.ink.Fonts;
import app.fret.desktop.music.ink.Palette;
import app.fret.desktop.music.lane.SystemPlan;
import app.fret.engraving.Engraving;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.Group;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/** Tabs over one system, each tied to its note by a hairline and clear of the music. */
final class FlagRow extends Group {
  /** Height that the tabs take over the music, in pixels. */
  static final double HEIGHT = 26;

  private static final double TAB = 18;
  private static final double GAP = 4;

  FlagRow() {
    setManaged(false);
    setMouseTransparent(true);
  }

  /**
   * Shows tabs.
   *
   * @param flags those of this system, in order of their notes
   * @param space pixels to a staff space
   * @param staffTop where the top line of the staff stands
   */
  void show(List<Flag> flags, SystemPlan plan, double space, double staffTop) {
    getChildren().clear();
    double free = 0;
    for (Flag flag : flags) {
      Engraving.NotePlace place = plan.note(flag.note()).place();
      double middle = place.middle() * space;
      double x = Math.max(free, middle - TAB / 2);
      double foot = staffTop + Math.min(place.top(), 0) * space - 3;
      if (!flag.seen()) {
        Line line = new Line(x + TAB / 2, TAB + 1, middle, Math.max(TAB + 2, foot));
        line.setStroke(Palette.ACCENT);
        line.setStrokeWidth(0.8);
        getChildren().add(line);
      }
      addTab(flag, x);
      free = x + TAB + GAP;
    }
  }

  private void addTab(Flag flag, double x) {
    Rectangle tab = new Rectangle(x, 1, TAB, TAB);
    tab.setArcWidth(8);
    tab.setArcHeight(8);
    tab.setFill(flag.seen() ? Palette.PAPER : Palette.ACCENT);
    tab.setStroke(flag.seen() ? Palette.LINE : Palette.ACCENT);
    Text number = new Text(flag.seen() ? "✓" : String.valueOf(flag.number()));
    number.setFont(Fonts.semiBold(12));
    number.setFill(flag.seen() ? Palette.QUIET : Palette.CARD);
    number.setTextOrigin(VPos.CENTER);
    number.setX(x + (TAB - number.getLayoutBounds().getWidth()) / 2);
    number.setY(1 + TAB / 2);
    getChildren().addAll(tab, number);
  }
}
