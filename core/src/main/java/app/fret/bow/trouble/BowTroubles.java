package app.fret.bow.trouble;

import app.fret.bow.search.BowedPath;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.Decided;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.trouble.BowTrouble.Kind;
import app.fret.score.NoteRef;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Finds where a planned bow gets into trouble, and what may mend it (common practice). */
public final class BowTroubles {
  private final BowedPath path;
  private final Decided decided;

  /** The troubles of a path, under what is decided. */
  public BowTroubles(BowedPath path, Decided decided) {
    this.path = path;
    this.decided = decided;
  }

  /** All troubles in the order of the music. */
  public List<BowTrouble> find() {
    Found found = new Found(path, decided);
    AmountTroubles amounts = new AmountTroubles(path, found);
    PlaceTroubles places = new PlaceTroubles(path, found);
    RangeTroubles ranges = new RangeTroubles(path, found);
    JointTroubles joints = new JointTroubles(path, decided, found);
    for (int i = 0; i < path.size(); i++) {
      amounts.lookAt(i);
      places.lookAt(i);
      ranges.lookAt(i);
      joints.lookAt(i);
    }
    new DriftTroubles(path, found).find();
    new PluckedTroubles(path.line(), decided, found).find();
    return found.inOrder();
  }

  /** What was found so far. */
  static final class Found {
    private static final Set<Act> GIVES_WAY =
        EnumSet.of(Act.AT, Act.AMOUNT, Act.DOWN, Act.UP, Act.HOOK, Act.TWO, Act.RETAKE, Act.KIND);

    private final BowedPath path;
    private final Decided decided;
    private final List<BowTrouble> all = new ArrayList<>();

    Found(BowedPath path, Decided decided) {
      this.path = path;
      this.decided = decided;
    }

    void add(Kind kind, int firstNote, int lastNote, String text, List<Mend> mends) {
      List<Mend> candidates = new ArrayList<>(mends);
      candidates.addAll(freeing(firstNote, lastNote));
      all.add(new BowTrouble(kind, firstNote, lastNote, text, () -> candidates));
    }

    /** Giving up what was decided of direction and place there. */
    private List<Mend> freeing(int firstNote, int lastNote) {
      List<StrokeAt> decisions = new ArrayList<>();
      for (int note = firstNote; note <= lastNote; note++) {
        for (StrokeDecision decision : decided.of(note)) {
          if (GIVES_WAY.contains(decision.act())) {
            decisions.add(on(path.line(), note, decision));
          }
        }
      }
      return decisions.isEmpty()
          ? List.of()
          : List.of(new Mend("Give up what you decided for it.", List.of(), decisions));
    }

    void add(Kind kind, int stroke, String text, List<Mend> mends) {
      add(kind, path.first(stroke).number(), path.last(stroke).number(), text, mends);
    }

    List<BowTrouble> inOrder() {
      all.sort(Comparator.comparingInt(BowTrouble::firstNote));
      return all;
    }
  }

  static String words(String format, Object... figures) {
    return String.format(Locale.ROOT, format, figures);
  }

  /** A decision on a note of a passage. */
  static StrokeAt on(BowLine line, int note, StrokeDecision decision) {
    NoteRef place = line.brief().reading().places().top(note);
    return new StrokeAt(place, decision);
  }
}
