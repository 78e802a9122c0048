package app.fret.desktop.model.practice;

import app.fret.files.ScoreRejectedException;
import app.fret.instrument.OutOfRangeException;
import app.fret.study.Study;

/** Works out a passage of the programme that does not lie open. */
public interface StudyLoader {
  /** Its study. */
  Study load(ProgrammeEntry entry) throws ScoreRejectedException, OutOfRangeException;
}
