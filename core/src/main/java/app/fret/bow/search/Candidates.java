package app.fret.bow.search;

import app.fret.bow.effort.BowWeights;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.BowedNote;
import app.fret.bow.stroke.Decided;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.Drafts;
import app.fret.bow.stroke.NoteCuts;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.stroke.StrokeKinds;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;

/**
 * The strokes that may be taken: those of the part or of the player's decisions, and in the free
 * school also pieces of slurs and two notes joined. Plucked notes have none.
 */
public final class Candidates {
  /** Slurs with more notes are cut on beats and accents only, which keeps the search linear. */
  private static final int CUT_ANYWHERE_UP_TO = 8;

  private static final int MOST_CUTS = 8;

  /** Cuts this near the middle of a note count as in its middle. */
  private static final double ABOUT_THE_MIDDLE = 0.1;

  private final BowLine line;
  private final BowSchool school;
  private final BowWeights weights;
  private final Decided decided;
  private final List<Span> groups;
  private final List<StrokeKind> kinds;
  private final StrokeKinds kindsOf;
  private final Drafts drafts;
  private final List<Draft> all = new ArrayList<>();

  /** The strokes of a passage in a school, under what is decided. */
  public Candidates(BowLine line, BowSchool school, Decided decided) {
    this.line = line;
    this.school = school;
    this.weights = BowWeights.of(school);
    this.decided = decided;
    this.groups = line.groups();
    this.kindsOf = new StrokeKinds(line, groups);
    this.kinds = decidedKinds(kindsOf.all());
    this.drafts = new Drafts(line, decided);
  }

  private List<StrokeKind> decidedKinds(List<StrokeKind> found) {
    List<StrokeKind> result = new ArrayList<>();
    for (int i = 0; i < groups.size(); i++) {
      Span notes = notes(groups.get(i));
      StrokeKind asPlayed = found.get(i);
      result.add(
          decided
              .within(notes.first(), notes.last(), Act.KIND)
              .flatMap(StrokeDecision::kind)
              .orElse(asPlayed));
    }
    return result;
  }

  private Span notes(Span pieces) {
    return new Span(line.note(pieces.first()).number(), line.note(pieces.last()).number());
  }

  /** Plucked groups, as runs of pieces. */
  public List<Span> plucked() {
    List<Span> found = new ArrayList<>();
    for (int i = 0; i < groups.size(); i++) {
      if (kinds.get(i) == StrokeKind.PIZZICATO) {
        found.add(groups.get(i));
      }
    }
    return found;
  }

  /** The strokes as the part or the player has them, plucked ones left out. */
  public List<Draft> whole() {
    List<Draft> strokes = new ArrayList<>();
    for (int i = 0; i < groups.size(); i++) {
      if (kinds.get(i) != StrokeKind.PIZZICATO) {
        strokes.add(drafts.of(groups.get(i), kinds.get(i)));
      }
    }
    return strokes;
  }

  /** What works out what strokes ask of the bow. */
  public Drafts drafts() {
    return drafts;
  }

  /** All strokes that may be taken, by their first and then their last note. */
  public List<Draft> all() {
    for (int i = 0; i < groups.size(); i++) {
      if (kinds.get(i) != StrokeKind.PIZZICATO) {
        addPieces(i);
        if (school == BowSchool.FREE && i + 1 < groups.size() && isJoinable(i)) {
          Span both = new Span(groups.get(i).first(), groups.get(i + 1).last());
          all.add(drafts.of(both, StrokeKind.LEGATO).at(weights.price("join")));
        }
      }
    }
    all.sort(
        Comparator.comparingInt((Draft d) -> d.notes().first())
            .thenComparingInt(d -> d.notes().last()));
    return all;
  }

  private void addPieces(int group) {
    Span whole = groups.get(group);
    List<Integer> starts = new ArrayList<>(cuts(group));
    starts.add(0, whole.first());
    starts.add(whole.last() + 1);
    for (int from = 0; from < starts.size() - 1; from++) {
      for (int to = from + 1; to < starts.size(); to++) {
        Span span = new Span(starts.get(from), starts.get(to) - 1);
        boolean isWhole = span.equals(whole);
        if (isWhole || !spansDecidedCut(span)) {
          add(span, isWhole ? kinds.get(group) : kindsOf.ofPiece(span, kinds.get(group)), whole);
        }
      }
    }
  }

  private void add(Span span, StrokeKind kind, Span whole) {
    double price = span.first() == whole.first() ? 0 : price(span.first());
    if (!(span.equals(whole) && spansDecidedCut(span))) {
      all.add(drafts.of(span, kind).at(price));
    }
  }

  private boolean spansDecidedCut(Span span) {
    for (int piece = span.first() + 1; piece <= span.last(); piece++) {
      if (isDecidedCut(piece)) {
        return true;
      }
    }
    return false;
  }

  /** The player changes the bow inside a note, where {@link NoteCuts} put it. */
  private boolean isDecidedCut(int piece) {
    BowedNote note = line.note(piece);
    return note.isInside() && decided.has(note.number(), Act.CHANGE_INSIDE);
  }

  /** First pieces of the strokes into which a group may be cut. */
  private TreeSet<Integer> cuts(int group) {
    Span whole = groups.get(group);
    TreeSet<Integer> cuts = new TreeSet<>();
    boolean isFree = school == BowSchool.FREE && isDivisible(kinds.get(group));
    int count = whole.last() - whole.first() + 1;
    for (int piece = whole.first() + 1; piece <= whole.last(); piece++) {
      BowedNote note = line.note(piece);
      boolean marked = note.stress() >= BowedNote.BEAT || note.accent() > 0 || note.isInside();
      boolean joined = decided.has(note.number(), Act.JOIN) && !note.isInside();
      boolean allowed = isFree && !joined && (count <= CUT_ANYWHERE_UP_TO || marked);
      if (allowed || isDecidedCut(piece)) {
        cuts.add(piece);
      }
    }
    while (cuts.size() > MOST_CUTS) {
      cuts.remove(leastMarked(cuts));
    }
    return cuts;
  }

  private int leastMarked(TreeSet<Integer> cuts) {
    return cuts.stream()
        .min(Comparator.comparingDouble((Integer c) -> isDecidedCut(c) ? 2 : line.note(c).stress()))
        .orElseThrow();
  }

  private static boolean isDivisible(StrokeKind kind) {
    return kind == StrokeKind.LEGATO || kind == StrokeKind.DISTINCT || kind == StrokeKind.STACCATO;
  }

  private double price(int piece) {
    BowedNote note = line.note(piece);
    if (isDecidedCut(piece)) {
      return 0;
    }
    if (note.isInside()) {
      boolean middle = Math.abs(note.from() - 0.5) <= ABOUT_THE_MIDDLE;
      return weights.price("split-inside")
          * (middle ? 1 : weights.price("split-inside-off-middle"));
    }
    return weights.price(splitPrice(note));
  }

  /** Name of the price of a cut before a whole note. */
  static String splitPrice(BowedNote note) {
    if (note.stress() >= BowedNote.BEAT) {
      return "split-on-beat";
    }
    return note.stress() >= BowedNote.OFF_BEAT ? "split-off-beat" : "split-elsewhere";
  }

  /** Two plain notes beside each other, with nothing that says they are apart. */
  private boolean isJoinable(int group) {
    return isPlain(group) && isPlain(group + 1) && follows(groups.get(group + 1).first());
  }

  private boolean isPlain(int group) {
    Span span = groups.get(group);
    BowedNote note = line.note(span.first());
    boolean single = line.note(span.last()).number() == note.number();
    boolean plain = kinds.get(group) == StrokeKind.DETACHE || kinds.get(group) == StrokeKind.LEGATO;
    return single && plain && note.printed().isEmpty() && !note.isShort();
  }

  private boolean follows(int piece) {
    BowedNote note = line.note(piece);
    int number = note.number();
    boolean asked =
        decided.has(number - 1, Act.SPLIT)
            || decided.within(number, number, Act.HOOK, Act.TWO, Act.RETAKE).isPresent();
    return note.silenceSeconds() == 0 && note.accent() == 0 && !asked;
  }
}
