package app.fret.study;

import app.fret.lefthand.Shift;
import app.fret.lefthand.effort.shift.PositionWords;
import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap;
import java.util.ArrayList;
import java.util.List;

/**
 * Printed fingers that mean a shift: the figure over the note says so and nothing else does (common
 * practice, no source).
 */
final class FingerShifts {
  private FingerShifts() {}

  static List<Trap> of(Study study) {
    List<Trap> traps = new ArrayList<>();
    for (Shift shift : study.leftHand().shifts()) {
      PlayedNote note = study.notes().get(shift.toNote());
      boolean isPrinted = note.notes().stream().anyMatch(n -> n.finger().isPresent());
      boolean isFollowed =
          note.notes().stream()
              .flatMap(n -> n.finger().stream())
              .anyMatch(f -> shift.landing().stops().stream().anyMatch(s -> s.finger() == f));
      if (isPrinted && isFollowed) {
        String finger = shift.landing().top().finger().sign();
        traps.add(
            new Trap(
                Trap.Kind.FINGER_SHIFT,
                shift.toNote(),
                "The printed "
                    + finger
                    + " means a shift, to "
                    + PositionWords.of(study.player().instrument(), shift.landing())
                    + "."));
      }
    }
    return traps;
  }
}
