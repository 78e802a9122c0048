package app.fret.desktop.model.passage;

import app.fret.files.Score;
import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.files.scores.ScoreFiles;
import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.reading.layers.LayerChoices;
import app.fret.reading.layers.LayerMark;
import app.fret.score.Excerpt;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.study.Study;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;

/** Reads the marks that somebody wrote into a file of the same bars. */
final class MarksOfFile {
  private MarksOfFile() {}

  /**
   * The marks of a file at the notes of a study; those at other notes are left.
   *
   * @throws ScoreRejectedException when it cannot be read, or has no mark at any of these notes
   */
  static Map<NoteRef, LayerMark> read(Path file, Study study) throws ScoreRejectedException {
    Score score = new ScoreFiles().open(file);
    int part = score.likelyPart(study.player().instrument().name());
    Passage whole = score.read(part).passage();
    ScorePlace place = ScorePlace.file(String.valueOf(file.getFileName()));
    int first = firstBar(whole, study.passage(), place);
    Passage same = Excerpt.cut(whole, first, first + study.passage().bars().size() - 1);
    var notes = PlayedNote.of(same);
    Map<NoteRef, LayerMark> marks = new HashMap<>();
    LayerChoices.printed(same, notes, NotePlaces.of(same, notes))
        .forEach(
            (at, mark) -> {
              if (study.places().find(at).isPresent()) {
                marks.put(at, mark);
              }
            });
    if (marks.isEmpty()) {
      throw new ScoreRejectedException(
          place, "it has no finger, bow sign or loudness at any note of these bars");
    }
    return marks;
  }

  private static int firstBar(Passage whole, Passage own, ScorePlace place)
      throws ScoreRejectedException {
    String label = own.bars().get(0).label();
    for (int bar = 0; bar + own.bars().size() <= whole.bars().size(); bar++) {
      if (whole.bars().get(bar).label().equals(label)) {
        return bar;
      }
    }
    throw new ScoreRejectedException(
        place, "it does not hold bar " + label + " and those behind it; take a file of these bars");
  }
}
