package app.fret.lefthand.advice;

import app.fret.instrument.Player;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.lefthand.hand.Refusal;
import app.fret.reading.PlayedNote;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A chord that no hand of this player can hold.
 *
 * @param note number of the chord
 * @param refusal how near the hand comes to it
 * @param words the reason in plain words
 */
public record LeftOut(int note, Refusal refusal, String words) {
  static List<LeftOut> of(
      Player player,
      List<PlayedNote> notes,
      List<List<SoundingPitch>> sounding,
      List<Placement> path) {
    List<LeftOut> all = new ArrayList<>();
    Placements placements = new Placements(player);
    for (int i = 0; i < path.size(); i++) {
      if (path.get(i).isLeftOut()) {
        int note = i;
        placements
            .refusal(sounding.get(i))
            .ifPresent(r -> all.add(new LeftOut(note, r, words(r, notes.get(note)))));
      }
    }
    return all;
  }

  private static String words(Refusal refusal, PlayedNote note) {
    if (refusal.stops().isEmpty()) {
      return "its notes do not lie on neighbouring strings under any shape of the hand";
    }
    WrittenPitch low = pitch(refusal, note, true);
    WrittenPitch high = pitch(refusal, note, false);
    String lower = refusal.lower().finger().sign() + " on " + low.display();
    String upper = refusal.upper().finger().sign() + " on " + high.display();
    if (refusal.greatestMm() == 0) {
      return "fingers " + lower + " and " + upper + " would have to cross or share a finger";
    }
    return String.format(
        Locale.ROOT,
        "fingers %s and %s would stand %.0f mm apart; this hand opens to %.0f mm",
        lower,
        upper,
        refusal.neededMm(),
        refusal.greatestMm());
  }

  private static WrittenPitch pitch(Refusal refusal, PlayedNote note, boolean lower) {
    int index = refusal.stops().indexOf(lower ? refusal.lower() : refusal.upper());
    return note.notes().get(index).written();
  }
}
