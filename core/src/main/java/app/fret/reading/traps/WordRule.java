package app.fret.reading.traps;

import app.fret.reading.Glossary;
import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * Words that no glossary here knows, and words for slowing down where the note values lengthen
 * anyway, so that the line already sounds slower.
 *
 * <p>Limits: an unknown word once; notes lengthen when the four behind the word last at least half
 * as long again as the four before it.
 */
final class WordRule implements TrapRule {
  private static final int NOTES = 4;
  private static final double LENGTHENED = 1.5;

  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    List<String> told = new ArrayList<>();
    for (Glossary.Found word : Glossary.of(page.passage().directions().words())) {
      OptionalInt note = page.firstFrom(word.onset());
      if (note.isEmpty()) {
        continue;
      }
      if (word.entry().isEmpty() && !told.contains(word.text())) {
        told.add(word.text());
        traps.add(
            new Trap(
                Kind.UNKNOWN_WORD,
                note.getAsInt(),
                "“" + word.text() + "” is in no list here: look it up or ask."));
      }
      boolean slower = word.entry().filter(e -> e.way() == Glossary.Way.SLOWER).isPresent();
      if (slower && lengthen(page, note.getAsInt())) {
        traps.add(
            new Trap(
                Kind.SLOWER_WORD,
                note.getAsInt(),
                "“" + word.text() + "”, and the notes lengthen anyway: slow down less."));
      }
    }
    return traps;
  }

  private static boolean lengthen(Page page, int note) {
    List<PlayedNote> notes = page.notes();
    if (note < NOTES || note + NOTES > notes.size()) {
      return false;
    }
    double before = length(notes.subList(note - NOTES, note));
    double after = length(notes.subList(note, note + NOTES));
    return after >= LENGTHENED * before;
  }

  private static double length(List<PlayedNote> notes) {
    return notes.stream().mapToDouble(n -> n.length().doubleValue()).sum();
  }
}
