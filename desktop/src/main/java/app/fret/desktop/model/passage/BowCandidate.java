package app.fret.desktop.model.passage;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.Stroke;
import app.fret.lefthand.PinConflictException;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * A bowing that can be compared with others and taken.
 *
 * @param name what it is called on screen
 * @param study the passage bowed so
 */
public record BowCandidate(String name, Study study) {
  /** The bowing in force, without the player's decisions, and the best of each other school. */
  static List<BowCandidate> of(Study study) {
    List<BowCandidate> candidates = new ArrayList<>();
    BowChoices now = study.choices().bow();
    candidates.add(new BowCandidate("Now: " + now.school().words(), study));
    if (!now.strokes().isEmpty()) {
      add(candidates, "Without your decisions", study, now.withStrokes(List.of()));
    }
    for (BowSchool school : BowSchool.values()) {
      if (school != now.school()) {
        add(candidates, school.words(), study, now.withSchool(school));
      }
    }
    return candidates;
  }

  private static void add(
      List<BowCandidate> candidates, String name, Study study, BowChoices bowing) {
    try {
      candidates.add(new BowCandidate(name, study.with(study.choices().with(bowing))));
    } catch (PinConflictException e) {
      throw new IllegalStateException("pins that were met cannot be met", e);
    }
  }

  /** Numbers of the notes that another bowing takes otherwise: with another stroke or direction. */
  public Set<Integer> differing(BowCandidate other) {
    Set<Integer> differing = new TreeSet<>();
    for (int note = 0; note < study.notes().size(); note++) {
      Stroke one = stroke(study, note);
      Stroke two = stroke(other.study, note);
      boolean same =
          one.direction() == two.direction()
              && (one.firstNote() == note) == (two.firstNote() == note)
              && one.retakeBefore() == two.retakeBefore()
              && one.kind() == two.kind();
      if (!same) {
        differing.add(note);
      }
    }
    return differing;
  }

  private static Stroke stroke(Study study, int note) {
    return study.bow().strokes().get(study.bow().strokeOf(note));
  }
}
