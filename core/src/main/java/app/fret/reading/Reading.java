package app.fret.reading;

import app.fret.score.Passage;
import app.fret.score.Span;
import java.util.List;

/**
 * What stands on the page of a passage, worked out once for all who plan from it.
 *
 * <p>Immutable.
 */
public final class Reading {
  private final Passage passage;
  private final List<PlayedNote> notes;
  private final NotePlaces places;
  private final Beats beats;
  private final double[] levels;
  private final List<Technique> techniques;
  private final StrokeGroups strokes;
  private final List<Families.Family> families;
  private final List<Form.Return> returns;
  private final Breaths breaths;
  private final List<Span> phrases;
  private final List<BeatGroups> beatGroups;

  private Reading(Passage passage) {
    this.passage = passage;
    this.notes = PlayedNote.of(passage);
    this.places = NotePlaces.of(passage, notes);
    this.beatGroups = BeatGroups.of(passage, notes);
    this.beats = Beats.of(passage, notes, beatGroups);
    this.levels = PrintedLevels.of(passage, notes);
    this.techniques = List.copyOf(Techniques.of(passage, notes));
    this.strokes = StrokeGroups.printed(passage, notes, techniques);
    this.families = Families.of(notes, beats);
    this.returns = Form.of(passage, notes);
    this.breaths = new Breaths(passage, notes, levels, techniques, beats, returns);
    this.phrases = Phrases.of(passage, notes, breaths);
  }

  /** Reads a passage. */
  public static Reading of(Passage passage) {
    return new Reading(passage);
  }

  /** The passage that was read. */
  public Passage passage() {
    return passage;
  }

  /** Its notes and chords, ties joined, by number. */
  public List<PlayedNote> notes() {
    return notes;
  }

  /** Where its note heads stand, for decisions to hold on to. */
  public NotePlaces places() {
    return places;
  }

  /** Where its notes stand among the beats. */
  public Beats beats() {
    return beats;
  }

  /** Printed level of a note, from 1 (pppp) to 10 (ffff), in between inside a hairpin. */
  public double level(int note) {
    return levels[note];
  }

  /** How a note is made to sound. */
  public Technique technique(int note) {
    return techniques.get(note);
  }

  /** Which notes share a stroke, as printed. */
  public StrokeGroups strokes() {
    return strokes;
  }

  /** Stretches of bars that come back, in order. */
  public List<Form.Return> returns() {
    return returns;
  }

  /** Where the music breathes: runs of notes, every note in one. */
  public List<Span> phrases() {
    return phrases;
  }

  /** What speaks for a breath before a note, the strongest first; of the first note nothing. */
  public List<String> whyBreath(int note) {
    return note == 0 ? List.of() : breaths.of(note).why();
  }

  /** How the beats of each bar are grouped. */
  public List<BeatGroups> beatGroups() {
    return beatGroups;
  }

  /** Figures that the hand meets again: bars, beats and leaps. */
  public List<Families.Family> families() {
    return families;
  }
}
