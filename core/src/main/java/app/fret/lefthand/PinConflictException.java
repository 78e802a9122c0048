package app.fret.lefthand;

import java.util.List;

/** Pins that no fingering can meet together. */
public final class PinConflictException extends Exception {
  private static final long serialVersionUID = 1L;

  private final int note;
  private final transient List<Pin> toBlame;

  PinConflictException(int note, List<Pin> toBlame, String message) {
    super(message);
    this.note = note;
    this.toBlame = List.copyOf(toBlame);
  }

  /** Number of the first note that cannot be met. */
  public int note() {
    return note;
  }

  /** The smallest set of pins that cannot stand together; one pin when it is impossible alone. */
  public List<Pin> toBlame() {
    return toBlame;
  }
}
