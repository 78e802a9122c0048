package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Key;
import app.fret.score.Marks.Ornament;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;

/**
 * Trills, with the upper note that the key gives, and grace notes.
 *
 * <p>Limits: of grace notes the first in a bar.
 */
final class OrnamentRule implements TrapRule {
  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    int barOfGrace = -1;
    for (PlayedNote note : page.notes()) {
      if (note.marks().ornaments().contains(Ornament.TRILL)) {
        traps.add(trill(page, note));
      }
      if (note.isGrace() && note.bar() != barOfGrace) {
        barOfGrace = note.bar();
        traps.add(
            new Trap(
                Kind.GRACE_OR_TRILL,
                note.number(),
                "Grace note: decide whether it comes before the beat or on it."));
      }
    }
    return traps;
  }

  private static Trap trill(Page page, PlayedNote note) {
    WrittenPitch main = Page.top(note).written();
    Key key = page.key(note);
    int next = main.step().ordinal() + 1;
    Step step = Step.values()[next % 7];
    WrittenPitch upper =
        new WrittenPitch(step, key.alterOf(step), Math.min(9, main.octave() + next / 7));
    int interval = upper.semitone() - main.semitone();
    String far = interval == 1 ? "a half step" : interval == 2 ? "a whole step" : "a wide step";
    return new Trap(
        Kind.GRACE_OR_TRILL,
        note.number(),
        "Trill with " + upper.display() + " by the key, " + far + " above; settle how it ends.");
  }
}
