package app.fret.desktop.model.entry;

import app.fret.edit.BarClip;
import app.fret.edit.StaffPen;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** A pen over the staff with all that can be taken back, and the bars that were copied last. */
public final class StaffDesk {
  private static final int MOST_UNDONE = 1_000;

  private final ReadOnlyObjectWrapper<StaffPen> pen;
  private final Deque<StaffPen> before = new ArrayDeque<>();
  private final Deque<StaffPen> after = new ArrayDeque<>();
  private Optional<BarClip> clip = Optional.empty();

  /** A desk whose pen lies over some music. */
  public StaffDesk(StaffPen first) {
    this.pen = new ReadOnlyObjectWrapper<>(this, "pen", first);
  }

  /** The pen as it is now. */
  public ReadOnlyObjectProperty<StaffPen> penProperty() {
    return pen.getReadOnlyProperty();
  }

  /** The pen as it is now. */
  public StaffPen pen() {
    return pen.get();
  }

  /** Lays the pen over other music, such as what was typed meanwhile; bars copied stay copied. */
  public void start(StaffPen over) {
    before.clear();
    after.clear();
    clip = clip.map(BarClip::forOtherMusic);
    pen.set(over);
  }

  /** Does something; where it changes the music it can be taken back. */
  public void perform(UnaryOperator<StaffPen> action) {
    StaffPen now = action.apply(pen.get());
    if (now.music() != pen.get().music()) {
      before.push(pen.get());
      after.clear();
      if (before.size() > MOST_UNDONE) {
        before.removeLast();
      }
    }
    pen.set(now);
  }

  /** Takes the last change back. */
  public boolean undo() {
    return go(before, after);
  }

  /** Makes the change again that was taken back last. */
  public boolean redo() {
    return go(after, before);
  }

  private boolean go(Deque<StaffPen> from, Deque<StaffPen> to) {
    if (from.isEmpty()) {
      return false;
    }
    to.push(pen.get());
    pen.set(from.pop());
    return true;
  }

  /** Copies the bars that are selected, or the caret's. */
  public int copy() {
    clip = Optional.of(pen.get().copyBars());
    return clip.get().size();
  }

  /** The pen with the copied bars put in behind the caret's. */
  public StaffPen pasted() {
    return clip.map(pen.get()::paste).orElse(pen.get());
  }
}
