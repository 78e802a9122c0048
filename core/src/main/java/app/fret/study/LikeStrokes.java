package app.fret.study;

import app.fret.bow.stroke.StrokeAt;
import app.fret.lefthand.LikeNotes;
import app.fret.score.NoteRef;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;

/** What is decided for the bow on one note of a figure, for the notes like it elsewhere. */
public final class LikeStrokes {
  private LikeStrokes() {}

  /**
   * The decisions on a note for all notes like it, in figures that are equal or on other degrees,
   * on which nothing of the kind is decided.
   */
  public static List<StrokeAt> elsewhere(Study study, int note) {
    List<StrokeAt> decided =
        study.choices().bow().strokes().stream()
            .filter(s -> study.places().of(note).contains(s.at()))
            .toList();
    List<StrokeAt> more = new ArrayList<>();
    if (decided.isEmpty()) {
      return more;
    }
    for (int like : like(study, note)) {
      NoteRef at = study.places().top(like);
      boolean isFree = study.choices().bow().strokes().stream().noneMatch(s -> s.at().equals(at));
      if (isFree) {
        decided.forEach(s -> more.add(new StrokeAt(at, s.decision())));
      }
    }
    return more;
  }

  private static TreeSet<Integer> like(Study study, int note) {
    LikeNotes like = new LikeNotes(study.brief());
    TreeSet<Integer> notes = new TreeSet<>();
    Stream.concat(like.equalTo(note).stream(), like.transposedFrom(note).stream())
        .forEach(notes::add);
    notes.remove(note);
    return notes;
  }
}
