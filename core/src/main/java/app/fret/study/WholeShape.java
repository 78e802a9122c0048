package app.fret.study;

import app.fret.bow.stroke.Stroke;
import app.fret.harmony.Chord;
import app.fret.harmony.Harmony;
import app.fret.lefthand.PinConflictException;
import app.fret.score.NoteRef;
import app.fret.shape.Phrase;
import app.fret.shape.Proposal;
import app.fret.shape.ShapeChoices;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A way to shape a whole page of few marks, with what the bow does then.
 *
 * @param idea what it is built on
 * @param choices the shape as decisions
 * @param study the passage worked out in it
 * @param bow what the bow does, a phrase or two
 */
public record WholeShape(Idea idea, ShapeChoices choices, Study study, String bow) {
  /** Bars with one printed level among them; more marks say enough. */
  private static final int BARS_A_MARK = 6;

  /** Less is no other use of the bow. */
  private static final double LEAST_CM = 1;

  /** What a shape is built on (common practice, no source). */
  public enum Idea {
    TO_THE_TOP("to the top", "Each phrase leads to its highest or longest note."),
    TO_THE_HARMONY("to the harmony", "Each phrase leads to the chord that asks most to go on."),
    BY_THE_BAR("by the bar", "No phrase leads anywhere; the first beat of each bar leans.");

    private final String words;
    private final String sentence;

    Idea(String words, String sentence) {
      this.words = words;
      this.sentence = sentence;
    }

    /** Its name for players. */
    public String words() {
      return words;
    }

    /** What it does, a sentence. */
    public String sentence() {
      return sentence;
    }
  }

  /** Whether a page has so few levels that whole shapes are worth offering. */
  public static boolean hasFewMarks(Study study) {
    int bars = study.passage().bars().size();
    int marks =
        study.passage().directions().dynamics().size()
            + study.passage().directions().hairpins().size();
    return marks * BARS_A_MARK <= bars + BARS_A_MARK;
  }

  /**
   * The shapes that differ from each other in what is heard, each planned whole.
   *
   * @throws PinConflictException when pins cannot be met, which a shape should not bring about
   */
  public static List<WholeShape> of(Study study) throws PinConflictException {
    List<WholeShape> shapes = new ArrayList<>();
    for (Idea idea : Idea.values()) {
      ShapeChoices choices = choices(study, idea);
      Study shaped = study.with(study.choices().with(choices));
      boolean isOther =
          shapes.stream().noneMatch(s -> s.study().levels().soundsAs(shaped.levels()));
      if (isOther) {
        shapes.add(new WholeShape(idea, choices, shaped, bow(study, shaped)));
      }
    }
    return shapes;
  }

  /** Whether a study is shaped so now. */
  public boolean isInForce(Study now) {
    return study.levels().soundsAs(now.levels());
  }

  private static ShapeChoices choices(Study study, Idea idea) {
    ShapeChoices shape = study.choices().shape();
    for (Phrase phrase : study.levels().phrases()) {
      shape = shape.withoutPeak(study.places().top(phrase.firstNote()));
    }
    boolean byTheBar = idea == Idea.BY_THE_BAR;
    shape = shape.with(Proposal.BEATS_LEAN, byTheBar).with(Proposal.RISING_GROWS, !byTheBar);
    if (idea == Idea.TO_THE_HARMONY) {
      List<Harmony> chords = study.harmonies();
      for (Phrase phrase : study.levels().phrases()) {
        OptionalInt peak = tensest(study, phrase, chords);
        if (peak.isPresent()) {
          NoteRef first = study.places().top(phrase.firstNote());
          shape = shape.withPeak(first, Optional.of(study.places().top(peak.getAsInt())));
        }
      }
    }
    return shape;
  }

  /** The highest note of the chord in a phrase that asks most to go on, the later of equals. */
  private static OptionalInt tensest(Study study, Phrase phrase, List<Harmony> chords) {
    double most = 0;
    OptionalInt found = OptionalInt.empty();
    for (Harmony harmony : chords) {
      int first = Math.max(phrase.firstNote(), harmony.firstNote());
      int last = Math.min(phrase.lastNote(), harmony.lastNote());
      double tension = tension(harmony);
      if (first <= last && tension > 0 && tension >= most) {
        most = tension;
        found = OptionalInt.of(highest(study, first, last));
      }
    }
    return found;
  }

  private static double tension(Harmony harmony) {
    Chord.Quality quality = harmony.chord().quality();
    boolean isOutside = harmony.degree().startsWith("♭") || harmony.degree().startsWith("♯");
    boolean isFifth = harmony.degree().equals("V") || harmony.degree().equals("V7");
    double seventh = quality.isDominant() ? 1 : quality.isDiminished() ? 0.8 : 0;
    return seventh + (isFifth ? 0.7 : 0) + (isOutside ? 1 : 0);
  }

  private static int highest(Study study, int first, int last) {
    int highest = first;
    for (int i = first; i <= last; i++) {
      highest = height(study, i) > height(study, highest) ? i : highest;
    }
    return highest;
  }

  private static int height(Study study, int note) {
    var heads = study.notes().get(note).notes();
    return heads.get(heads.size() - 1).written().semitone();
  }

  /** Where the bow changes most against the present plan. */
  private static String bow(Study now, Study shaped) {
    double most = 0;
    String words = "the bow stays as it is";
    for (Stroke stroke : shaped.bow().strokes()) {
      Stroke before = now.bow().strokes().get(now.bow().strokeOf(stroke.firstNote()));
      boolean isSame = before.firstNote() == stroke.firstNote();
      double change = stroke.amountCm() - before.amountCm();
      if (isSame && Math.abs(change) >= LEAST_CM && Math.abs(change) > most) {
        most = Math.abs(change);
        int bar = now.notes().get(stroke.firstNote()).bar();
        words =
            String.format(
                Locale.ROOT,
                "%.0f cm of bow instead of %.0f in bar %s",
                stroke.amountCm(),
                before.amountCm(),
                now.passage().bars().get(bar).label());
      }
    }
    return words;
  }
}
