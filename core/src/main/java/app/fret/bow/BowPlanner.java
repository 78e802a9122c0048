package app.fret.bow;

import app.fret.bow.effort.BowTerm;
import app.fret.bow.effort.BowTerms;
import app.fret.bow.effort.BowWeights;
import app.fret.bow.plane.Planes;
import app.fret.bow.search.BowJoints;
import app.fret.bow.search.BowSearch;
import app.fret.bow.search.BowSearch.Drawn;
import app.fret.bow.search.BowedPath;
import app.fret.bow.search.Candidates;
import app.fret.bow.search.OtherStroke;
import app.fret.bow.search.OtherWays;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.BowedNote;
import app.fret.bow.stroke.Contact;
import app.fret.bow.stroke.Decided;
import app.fret.bow.stroke.DecidedGroups;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.Figures;
import app.fret.bow.stroke.NoteCuts;
import app.fret.bow.stroke.Recipe;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.stroke.Way;
import app.fret.bow.trouble.BowPatterns;
import app.fret.bow.trouble.BowTrouble;
import app.fret.bow.trouble.BowTroubles;
import app.fret.bow.trouble.Hints;
import app.fret.bow.trouble.Mend;
import app.fret.brief.Brief;
import app.fret.score.BowDirection;
import app.fret.score.Span;
import app.fret.search.Lazy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Plans how a passage is bowed: which notes share a stroke, which way each stroke goes, where on
 * the bow it starts and ends, and how much of it each note has.
 *
 * <p>The search is exact on its grid, see {@link BowSearch}; the rules are common practice, said at
 * each term.
 */
public final class BowPlanner {
  private static final double SPEAKS_FROM = 0.05;
  private static final String BEAT = "beat";
  private static final int MOST_REASONS = 3;

  private final int places;

  /** A planner on the usual grid of the bow. */
  public BowPlanner() {
    this(Way.PLACES);
  }

  /**
   * A planner on another grid.
   *
   * @param places places on the bow, the frog and the tip with them
   */
  public BowPlanner(int places) {
    this.places = places;
  }

  /** Plans the printed bowing. See {@link #plan(Brief, BowChoices, List)}. */
  public BowPlan plan(Brief brief, List<List<Integer>> strings) {
    return plan(brief, BowChoices.none(), strings);
  }

  /**
   * Plans the strokes of a passage.
   *
   * @param brief the passage, with the strokes of the part or of the player's decisions, see {@link
   *     DecidedGroups}
   * @param choices what the player decided
   * @param strings strings of each note as the left hand takes it, lowest-pitched first
   */
  public BowPlan plan(Brief brief, BowChoices choices, List<List<Integer>> strings) {
    return new Task(brief, choices, strings, places).plan(Optional.empty());
  }

  /**
   * Plans the strokes of a passage that was planned before and is a little changed: the same plan
   * as from nothing, sooner.
   *
   * @param earlier the plan before, of this planner's grid
   */
  public BowPlan plan(
      Brief brief, BowChoices choices, List<List<Integer>> strings, BowPlan earlier) {
    return new Task(brief, choices, strings, places).plan(Optional.of(earlier.answers().search()));
  }

  /** What a unit of the left hand's effort is worth in units of the bow's. */
  public static double leftHandWeight() {
    return BowWeights.of(BowSchool.PRINTED).price("left-hand");
  }

  /** What belongs to one call. */
  private static final class Task {
    private final BowChoices choices;
    private final BowWeights weights;
    private final BowLine line;
    private final Candidates candidates;
    private final Decided decided;
    private final BowJoints joints;
    private final List<List<Integer>> strings;
    private final int places;

    Task(Brief brief, BowChoices choices, List<List<Integer>> strings, int places) {
      this.places = places;
      this.choices = choices;
      this.strings = strings;
      this.weights = BowWeights.of(choices.school(), choices.own());
      this.decided = new Decided(choices, brief.reading().places());
      BowLine.Cuts cuts = new NoteCuts(brief, choices.school(), decided);
      this.line = new BowLine(brief, strings, cuts);
      this.candidates = new Candidates(line, choices.school(), decided);
      this.joints = new BowJoints(line, choices.school(), decided);
    }

    BowPlan plan(Optional<BowSearch> earlier) {
      Figures figures =
          new Figures(
              line, candidates.whole().stream().map(Draft::notes).toList(), choices.opposite());
      List<Draft> drafts = candidates.all();
      BowSearch search =
          earlier
              .map(e -> e.next(drafts, joints, figures, weights))
              .orElseGet(() -> new BowSearch(drafts, joints, figures, weights, places));
      List<Drawn> path = search.path();
      BowedPath bowed = new BowedPath(line, path, joints, figures);
      List<Stroke> strokes = new ArrayList<>();
      List<List<String>> hints = Hints.of(bowed, choices.accents());
      for (int i = 0; i < path.size(); i++) {
        strokes.add(stroke(bowed, i, hints.get(i)));
      }
      addPlucked(strokes);
      OtherWays others = new OtherWays(line, search, path, joints, weights, candidates.drafts());
      return new BowPlan(
          choices.school(),
          strokes,
          search.least(),
          line.hairCm(),
          new Planes(line, strokes).plan(),
          new BowPatterns(line, strokes).find(),
          tried(new BowTroubles(bowed, decided).find(), search),
          new BowAnswers(
              search, number -> others(others, strokes, number), () -> effortByTerm(bowed)));
    }

    /** What each term costs over the whole passage, those of signs and decisions left out. */
    private Map<String, Double> effortByTerm(BowedPath path) {
      Map<String, Double> efforts = new TreeMap<>();
      for (BowTerm term : BowTerms.all()) {
        if (term.isOfTheHand()) {
          double sum = 0;
          for (int i = 0; i < path.size(); i++) {
            sum += effort(term, path.draft(i), path.way(i));
          }
          efforts.put(term.name(), sum);
        }
      }
      return efforts;
    }

    /** Troubles whose mends were tried on the passage, when somebody asks for them. */
    private List<BowTrouble> tried(List<BowTrouble> troubles, BowSearch search) {
      List<BowTrouble> all = new ArrayList<>();
      for (BowTrouble trouble : troubles) {
        Lazy<List<Mend>> mends = new Lazy<>(() -> thatHelp(trouble, troubles.size(), search));
        all.add(
            new BowTrouble(
                trouble.kind(), trouble.firstNote(), trouble.lastNote(), trouble.text(), mends));
      }
      return all;
    }

    /** The mends that take a trouble away and bring no other in its place. */
    private List<Mend> thatHelp(BowTrouble trouble, int troubles, BowSearch search) {
      List<Mend> helping = new ArrayList<>();
      for (Mend mend : trouble.mends()) {
        BowChoices mended = mend.in(choices);
        Brief brief = line.brief();
        Brief again = brief.bowed(DecidedGroups.of(brief.reading(), mended));
        List<BowTrouble> left =
            new Task(again, mended, strings, places).plan(Optional.of(search)).troubles();
        if (left.size() <= troubles && left.stream().noneMatch(trouble::isLike)) {
          helping.add(mend);
        }
      }
      return helping;
    }

    /** Strokes are counted with those that are plucked, which have no other way. */
    private static List<OtherStroke> others(OtherWays others, List<Stroke> strokes, int number) {
      if (strokes.get(number).kind() == StrokeKind.PIZZICATO) {
        return List.of();
      }
      return others.of(
          (int)
              strokes.subList(0, number).stream()
                  .filter(s -> s.kind() != StrokeKind.PIZZICATO)
                  .count());
    }

    /** Puts what is plucked in its place; the bow waits where the stroke before ended. */
    private void addPlucked(List<Stroke> strokes) {
      for (Span span : candidates.plucked()) {
        int at = 0;
        while (at < strokes.size()
            && strokes.get(at).firstNote() < line.note(span.first()).number()) {
          at++;
        }
        BowDirection direction = at == 0 ? BowDirection.DOWN : strokes.get(at - 1).direction();
        double place = at == 0 ? 0 : strokes.get(at - 1).end();
        strokes.add(at, plucked(span, direction, place));
      }
    }

    private Stroke plucked(Span pieces, BowDirection direction, double place) {
      List<Double> nothing = new ArrayList<>();
      double seconds = 0;
      for (int i = pieces.first(); i <= pieces.last(); i++) {
        nothing.add(0.0);
        seconds += line.note(i).seconds();
      }
      return new Stroke(
          line.note(pieces.first()).number(),
          0,
          line.note(pieces.last()).number(),
          direction,
          StrokeKind.PIZZICATO,
          place,
          place,
          0,
          nothing,
          seconds,
          false,
          0,
          manner(pieces, Recipe.SPEED_LED, 1),
          new Stroke.Workable(0, 0),
          List.of(),
          List.of());
    }

    private Stroke stroke(BowedPath path, int index, List<String> hints) {
      Draft draft = path.draft(index);
      Way way = path.way(index);
      BowedNote first = line.note(draft.notes().first());
      double cm = path.cm(index);
      return new Stroke(
          first.number(),
          first.from(),
          line.note(draft.notes().last()).number(),
          way.direction(),
          draft.kind(),
          way.start(),
          way.end(),
          cm,
          shares(draft, cm),
          draft.seconds(),
          path.isMoved(index),
          index == 0 ? 1 : BowJoints.reach(path.availableSeconds(index)),
          manner(draft.notes(), draft.recipe(), cm / draft.targetCm()),
          workable(draft),
          hints,
          reasons(path, index));
    }

    private Stroke.Manner manner(Span notes, Recipe recipe, double beside) {
      BowedNote first = line.note(notes.first());
      BowedNote last = line.note(notes.last());
      return new Stroke.Manner(
          recipe,
          Contact.of(line.brief(), first, recipe, beside),
          Contact.of(line.brief(), last, recipe, beside),
          Contact.tiltDegrees(first.played()),
          Contact.tiltDegrees(last.played()));
    }

    private static Stroke.Workable workable(Draft draft) {
      double sounding = draft.seconds() * draft.kind().soundingShare();
      return new Stroke.Workable(draft.slowestCm() / sounding, draft.fastestCm() / sounding);
    }

    /** Pieces of one note count together. */
    private List<Double> shares(Draft draft, double cm) {
      List<Double> shares = new ArrayList<>();
      for (int i = 0; i < draft.shares().length; i++) {
        double share = draft.shares()[i] * cm;
        boolean goesOn = i > 0 && line.note(draft.notes().first() + i).isInside();
        if (goesOn) {
          shares.set(shares.size() - 1, shares.get(shares.size() - 1) + share);
        } else {
          shares.add(share);
        }
      }
      return shares;
    }

    /** The weightiest terms in words, and the retake where there is one. */
    private List<String> reasons(BowedPath path, int index) {
      List<String> reasons = new ArrayList<>();
      Draft draft = path.draft(index);
      Way way = path.way(index);
      if (path.isMoved(index)) {
        Way before = path.way(index - 1);
        reasons.add(joints.reason(path.draft(index - 1), draft, before.end(), way.start()));
      }
      if (draft.price() > 0) {
        reasons.add(cutReason(draft));
      }
      BowTerms.all().stream()
          .filter(t -> effort(t, draft, way) >= SPEAKS_FROM)
          .filter(t -> !t.name().equals(BEAT) || !alternates(path, index))
          .sorted(Comparator.comparingDouble(t -> -effort(t, draft, way)))
          .limit(MOST_REASONS)
          .forEach(t -> reasons.add(t.reason(draft.demand(), way)));
      return reasons;
    }

    /** Down and up in turn, a note each: nothing was decided about the direction. */
    private static boolean alternates(BowedPath path, int index) {
      return index > 0
          && !path.isMoved(index)
          && path.way(index).isUp() != path.way(index - 1).isUp()
          && isOneNote(path.draft(index))
          && isOneNote(path.draft(index - 1));
    }

    private static boolean isOneNote(Draft draft) {
      return draft.notes().first() == draft.notes().last();
    }

    private String cutReason(Draft draft) {
      boolean joined =
          line.groups().stream()
              .noneMatch(
                  g -> g.last() >= draft.notes().last() && g.first() <= draft.notes().first());
      return joined
          ? "Slurred to the note behind it: so the strokes come out better."
          : "The slur is split before it: whole, it would be harder to bow.";
    }

    private double effort(BowTerm term, Draft draft, Way way) {
      return weights.term(term) * term.effort(draft.demand(), way);
    }
  }
}
