package app.fret.study;

import app.fret.reading.Asked;
import app.fret.reading.PlayedNote;
import app.fret.reading.PlayingWords;
import app.fret.score.Marks.Articulation;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** What the words of a page did to its plan. */
public final class WordsDone {
  private WordsDone() {}

  /**
   * What a text did, a phrase for each word in it that says how to play: what it asks for, and of a
   * kind of stroke for how many notes, since signs over the notes hold against it.
   *
   * @param onset where it stands
   */
  public static List<String> of(Study study, Fraction onset, String text) {
    return PlayingWords.in(text).stream()
        .map(
            word ->
                word.stroke()
                    .map(s -> word.asks() + ", " + notes(study, onset, s))
                    .orElse(word.asks()))
        .toList();
  }

  private static String notes(Study study, Fraction onset, Asked.Stroke stroke) {
    int notes = 0;
    boolean[] shared = study.brief().strokes().shared();
    for (PlayedNote note : study.notes()) {
      if (note.onset().compareTo(onset) < 0) {
        continue;
      }
      Optional<Asked.Stroke> asked =
          study.brief().reading().technique(note.number()).asked().stroke();
      if (asked.filter(a -> a == stroke).isEmpty()) {
        break;
      }
      boolean isDotted = note.marks().articulations().contains(Articulation.STACCATO);
      notes += isDotted || shared[note.number()] ? 0 : 1;
    }
    if (notes == 0) {
      return "which no note is: the signs over them hold";
    }
    return notes == 1 ? "one note" : notes + " notes";
  }
}
