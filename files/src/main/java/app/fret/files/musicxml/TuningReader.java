package app.fret.files.musicxml;

import app.fret.instrument.StatedTuning;
import app.fret.score.WrittenPitch;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;

/** Reads what open strings sound: a scordatura sign, or the tuning of a tablature staff. */
final class TuningReader {
  private final Skipped skipped;
  private StatedTuning stated = StatedTuning.NONE;

  TuningReader(Skipped skipped) {
    this.skipped = skipped;
  }

  /** What was stated first; empty when nothing was. */
  StatedTuning stated() {
    return stated;
  }

  /** Reads a sign that names single strings, the highest as 1. */
  void readScordatura(Source sign, String bar) {
    TreeMap<Integer, String> strings = new TreeMap<>();
    for (Source accord : sign.children("accord")) {
      String number = accord.attribute("string").map(String::strip).orElse("");
      if (number.matches("[1-6]")) {
        strings.put(Integer.valueOf(number), pitch(accord));
      } else {
        skipped.add("a retuned string without a number", bar);
      }
    }
    state(new StatedTuning(strings), bar);
  }

  /** Reads the tuning of a staff whose lines are strings, the lowest line as 1. */
  void readStaff(Source details, String bar) {
    List<Source> lines =
        details.children("staff-tuning").stream()
            .filter(t -> t.attribute("line").map(l -> l.strip().matches("[1-6]")).orElse(false))
            .sorted(Comparator.comparing(t -> t.attribute("line").orElseThrow().strip()))
            .toList();
    TreeMap<Integer, String> strings = new TreeMap<>();
    for (int i = 0; i < lines.size(); i++) {
      strings.put(lines.size() - i, pitch(lines.get(i)));
    }
    state(new StatedTuning(strings), bar);
  }

  private static String pitch(Source tuning) {
    int octave =
        tuning
            .wholeNumberOf("tuning-octave")
            .orElseThrow(() -> new IllegalArgumentException("a tuning names no octave"));
    int alter = tuning.wholeNumberOf("tuning-alter").orElse(0);
    return new WrittenPitch(NoteReader.step(tuning.textOf("tuning-step")), alter, octave)
        .toString();
  }

  private void state(StatedTuning next, String bar) {
    if (next.soundingByString().isEmpty()) {
      return;
    }
    if (stated.soundingByString().isEmpty()) {
      stated = next;
    } else if (!stated.equals(next)) {
      skipped.add("a change of tuning", bar);
    }
  }
}
