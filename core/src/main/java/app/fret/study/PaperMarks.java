package app.fret.study;

import app.fret.lefthand.Shift;
import app.fret.reading.PlayedNote;
import app.fret.score.Directions;
import app.fret.score.Directions.Dynamic;
import app.fret.score.Directions.Hairpin;
import app.fret.score.Directions.Words;
import app.fret.score.LevelSigns;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.shape.OwnLevel;
import app.fret.shape.OwnMarks;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What stands in a written part beside fingers and bows: where the hand moves to which position,
 * and what the player wrote into it, levels, phrases and notes to bring out.
 */
public final class PaperMarks {
  /** Over the end of a phrase: breathe. */
  private static final String BREATH = "’";

  private final Study study;

  private PaperMarks(Study study) {
    this.study = study;
  }

  /** The marked passage with the player's own marks, as paper shows it. */
  public static Passage own(Study study) {
    PaperMarks marks = new PaperMarks(study);
    Passage marked = MarkedPassage.of(study);
    return study.choices().shape().own().isEmpty()
        ? marked
        : marked.withDirections(marks.withOwn(marked.directions()));
  }

  /** The same with the positions as words, for files that have no brackets. */
  public static Passage withPositions(Study study) {
    Passage marked = own(study);
    return marked.withDirections(new PaperMarks(study).withPositions(marked.directions()));
  }

  /** Number of the note at which the hand starts to move to a position. */
  public static int movesAt(Study study, PositionRun run) {
    return study.leftHand().shifts().stream()
        .filter(s -> s.toNote() == run.firstNote())
        .mapToInt(Shift::markAtNote)
        .findFirst()
        .orElse(run.firstNote());
  }

  private Directions withPositions(Directions before) {
    List<Words> words = new ArrayList<>(before.words());
    for (PositionRun run : PositionRun.of(study.leftHand())) {
      String name = study.player().instrument().positionName(run.held().base(), run.held().frame());
      words.add(new Words(onset(movesAt(study, run)), "pos. " + name, true));
    }
    return with(before, before.dynamics(), before.hairpins(), words);
  }

  private Directions withOwn(Directions before) {
    OwnMarks own = study.choices().shape().own();
    List<Dynamic> dynamics = new ArrayList<>(before.dynamics());
    List<Hairpin> hairpins = new ArrayList<>(before.hairpins());
    List<Words> words = new ArrayList<>(before.words());
    own.levels().forEach(level -> add(level, dynamics, hairpins));
    own.borders().forEach((at, begins) -> find(at).ifPresent(n -> addBorder(n, begins, words)));
    own.broughtOut().forEach(at -> find(at).ifPresent(n -> words.add(below(n))));
    return with(before, dynamics, hairpins, words);
  }

  private static Directions with(
      Directions before, List<Dynamic> dynamics, List<Hairpin> hairpins, List<Words> words) {
    dynamics = new ArrayList<>(dynamics);
    dynamics.sort(Comparator.comparing(Dynamic::onset));
    hairpins = new ArrayList<>(hairpins);
    hairpins.sort(Comparator.comparing(Hairpin::from));
    words.sort(Comparator.comparing(Words::onset));
    return new Directions(
        dynamics, hairpins, words, before.tempos(), before.rehearsals(), before.octaveShifts());
  }

  private Words below(int note) {
    return new Words(onset(note), "bring out", false);
  }

  private void addBorder(int note, boolean begins, List<Words> words) {
    if (begins && note > 0) {
      words.add(new Words(onset(note - 1), BREATH, true));
    }
  }

  /** A level in place of what is printed over its notes; behind it the print holds again. */
  private void add(OwnLevel level, List<Dynamic> dynamics, List<Hairpin> hairpins) {
    Optional<Integer> first = find(level.first());
    Optional<Integer> last = find(level.last());
    if (first.isEmpty() || last.isEmpty()) {
      return;
    }
    Fraction from = onset(first.get());
    Fraction to = onset(last.get());
    dynamics.removeIf(d -> isWithin(d.onset(), from, to));
    hairpins.removeIf(h -> isWithin(h.from(), from, to));
    dynamics.add(new Dynamic(from, LevelSigns.nearest(level.from())));
    if (level.isHairpin() && from.compareTo(to) < 0) {
      hairpins.add(new Hairpin(from, to, level.to() > level.from()));
      dynamics.add(new Dynamic(to, LevelSigns.nearest(level.to())));
    }
    int next = last.get() + 1;
    if (next < study.notes().size()) {
      Fraction behind = onset(next);
      boolean isSaid = dynamics.stream().anyMatch(d -> d.onset().equals(behind));
      if (!isSaid) {
        dynamics.add(new Dynamic(behind, LevelSigns.nearest(study.levels().printed(next))));
      }
    }
  }

  private static boolean isWithin(Fraction onset, Fraction from, Fraction to) {
    return onset.compareTo(from) >= 0 && onset.compareTo(to) <= 0;
  }

  private Optional<Integer> find(NoteRef at) {
    return study.places().find(at).map(h -> h.note());
  }

  private Fraction onset(int note) {
    PlayedNote played = study.notes().get(note);
    return played.onset();
  }
}
