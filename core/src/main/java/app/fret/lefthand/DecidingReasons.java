package app.fret.lefthand;

import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.effort.EffortModel.Reason;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The reasons worth saying: at each note the few that decide, each with its sign, and once for the
 * passage what holds for much of it.
 */
public final class DecidingReasons {
  private static final int MOST = 4;
  private static final double SPEAKS_FROM = 0.02;

  /** Beside the weightiest reason of a note, one of so small a share decides nothing. */
  private static final double LEAST_SHARE = 0.08;

  /** What is as true of the next note is said of the passage when it holds for so many. */
  private static final double MUCH_OF_THE_PASSAGE = 0.25;

  /** Terms that speak of a stretch rather than of a note. */
  private static final Set<String> OF_THE_PASSAGE =
      Set.of(
          "neighbours",
          "response",
          "brightness",
          "high-position",
          "landmark",
          "thumb",
          "letter-name",
          "sequence");

  private final LeftHandPlan plan;

  /** The terms that are said of the passage, or of none of its notes. */
  private final Set<String> ofMuch = new HashSet<>();

  /** How many notes each sentence is true of. */
  private final Map<String, Integer> notesOf = new LinkedHashMap<>();

  /** The reasons of a plan. */
  public DecidingReasons(LeftHandPlan plan) {
    this.plan = plan;
    Map<String, Integer> notesOfTerm = new HashMap<>();
    for (NotePlan note : plan.notes()) {
      for (Reason reason : note.reasons()) {
        if (OF_THE_PASSAGE.contains(reason.term()) && speaks(reason)) {
          notesOfTerm.merge(reason.term(), 1, Integer::sum);
          notesOf.merge(reason.text(), 1, Integer::sum);
        }
      }
    }
    notesOfTerm.forEach(
        (term, notes) -> {
          if (isMuch(notes)) {
            ofMuch.add(term);
          }
        });
    notesOf.values().removeIf(notes -> !isMuch(notes));
  }

  private boolean isMuch(int notes) {
    return notes >= MUCH_OF_THE_PASSAGE * plan.notes().size();
  }

  private static boolean speaks(Reason reason) {
    return Math.abs(reason.effort()) >= SPEAKS_FROM;
  }

  /** The reasons that decide at a note, weightiest first. */
  public List<Reason> at(int note) {
    List<Reason> deciding = new ArrayList<>();
    double weightiest = 0;
    for (Reason reason : plan.notes().get(note).reasons()) {
      boolean said = ofMuch.contains(reason.term()) || !speaks(reason);
      if (!said && deciding.size() < MOST) {
        weightiest = Math.max(weightiest, Math.abs(reason.effort()));
        if (Math.abs(reason.effort()) >= LEAST_SHARE * weightiest) {
          deciding.add(reason);
        }
      }
    }
    return List.copyOf(deciding);
  }

  /** What holds for much of the passage: a sentence each, with how many notes it holds for. */
  public List<String> ofPassage() {
    List<String> said = new ArrayList<>();
    notesOf.forEach(
        (text, notes) ->
            said.add("On " + notes + " of " + plan.notes().size() + " notes: " + inside(text)));
    return List.copyOf(said);
  }

  private static String inside(String text) {
    return Character.toLowerCase(text.charAt(0)) + text.substring(1);
  }

  /** A reason with its sign: plus for what speaks for the way taken, minus for what it costs. */
  public static String signed(Reason reason) {
    return (reason.effort() < 0 ? "+ " : "\u2212 ") + reason.text();
  }
}
