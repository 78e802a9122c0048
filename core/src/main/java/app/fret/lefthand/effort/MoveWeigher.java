package app.fret.lefthand.effort;

import app.fret.lefthand.effort.LayerLooks.Stance;
import app.fret.lefthand.effort.shift.Crawl;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Moment;
import app.fret.search.Moves;
import app.fret.search.Numbering;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * Weighs all moves between layers of placements.
 *
 * <p>Terms are asked once for all moves that are alike in what they look at ({@link MoveLook}):
 * those that look at hands once for the whole passage, those that look at fingers once for each two
 * layers. Not for use by several threads.
 */
public final class MoveWeigher {
  /** Up, down or not at all, each by a crawl or otherwise. */
  private static final int WAYS_TO_GO = 6;

  private final MoveGroup byFingers;
  private final MoveGroup byHands;
  private final MoveGroup byAll;
  private final Crawl crawl;
  private final Map<List<Placement>, LayerLooks> looks = new IdentityHashMap<>();
  private final Numbering<Stance> stances = new Numbering<>();
  private final Map<Moment, ByHands> handsAt = new HashMap<>();

  MoveWeigher(
      List<List<Placement>> layers,
      Crawl crawl,
      MoveGroup byFingers,
      MoveGroup byHands,
      MoveGroup byAll) {
    this.crawl = crawl;
    this.byFingers = byFingers;
    this.byHands = byHands;
    this.byAll = byAll;
    for (List<Placement> layer : layers) {
      looks.computeIfAbsent(layer, l -> new LayerLooks(l, stances));
    }
  }

  /** What the terms that look at hands say at a moment, worked out when first asked. */
  private final class ByHands {
    private final MoveGroup.Speaking speaking;
    private final double[][] known = new double[stances.size()][];

    ByHands(Moment moment) {
      speaking = byHands.at(moment);
    }

    double[] row(int stance) {
      if (known[stance] == null) {
        known[stance] = new double[2 * known.length];
        Arrays.fill(known[stance], Double.NaN);
      }
      return known[stance];
    }

    double ask(double[] row, int cell, Placement from, Placement to) {
      row[cell] = speaking.effort(from, to, true);
      return row[cell];
    }
  }

  /** Two layers and where each move between them stands in the tables of what was said. */
  private final class Between {
    private final LayerLooks from;
    private final LayerLooks to;
    private final Moves moves;
    private final int[] fingerCells;
    private final int[] handCells;

    Between(LayerLooks from, LayerLooks to, Moves moves) {
      this.from = from;
      this.to = to;
      this.moves = moves;
      this.fingerCells = new int[moves.count()];
      this.handCells = new int[moves.count()];
      for (int source = 0; source < from.size(); source++) {
        sort(source);
      }
    }

    private void sort(int source) {
      Placement one = from.way(source);
      int hand = from.hand(source);
      int row = from.fingers(source) * to.fingerKinds();
      int end = moves.endFrom(source);
      for (int move = moves.firstFrom(source); move < end; move++) {
        int target = moves.target(move);
        int direction = Integer.compare(to.hand(target), hand) + 1;
        int crawls = crawl.joins(one, to.way(target)) ? 1 : 0;
        fingerCells[move] = (row + to.fingers(target)) * WAYS_TO_GO + direction * 2 + crawls;
        handCells[move] = to.stance(target) * 2 + crawls;
      }
    }

    double[] efforts(Moment moment) {
      double[] efforts = new double[fingerCells.length];
      ByHands ofHands = handsAt.computeIfAbsent(moment.only(byHands.facets()), ByHands::new);
      MoveGroup.Speaking ofFingers = byFingers.at(moment);
      MoveGroup.Speaking ofAll = byAll.at(moment);
      double[] byFingers = new double[from.fingerKinds() * to.fingerKinds() * WAYS_TO_GO];
      boolean[] othersSpeak = new boolean[byFingers.length];
      Arrays.fill(byFingers, Double.NaN);
      for (int source = 0; source < from.size(); source++) {
        Placement one = from.way(source);
        double[] byHands = ofHands.row(from.stance(source));
        int end = moves.endFrom(source);
        for (int move = moves.firstFrom(source); move < end; move++) {
          int cell = fingerCells[move];
          if (Double.isNaN(byFingers[cell])) {
            Placement other = to.way(moves.target(move));
            byFingers[cell] = ofFingers.effort(one, other);
            othersSpeak[cell] = ofAll.canSpeakOf(one, other);
          }
          double ofHand = byHands[handCells[move]];
          if (Double.isNaN(ofHand)) {
            ofHand = ofHands.ask(byHands, handCells[move], one, to.way(moves.target(move)));
          }
          efforts[move] = byFingers[cell] + ofHand;
          if (othersSpeak[cell]) {
            efforts[move] += ofAll.effort(one, to.way(moves.target(move)));
          }
        }
      }
      return efforts;
    }
  }

  /** The layer as terms see it. */
  public LayerLooks looks(List<Placement> layer) {
    return looks.get(layer);
  }

  /**
   * Efforts of all moves, finite: by moment, then by move.
   *
   * @param from a layer of the passage
   * @param to the next
   * @param moves the moves between them
   * @param moments moments at which they meet
   */
  public double[][] weigh(
      List<Placement> from, List<Placement> to, Moves moves, List<Moment> moments) {
    boolean nothingToSay = from.get(0).isLeftOut() || to.get(0).isLeftOut();
    double[][] efforts = new double[moments.size()][moves.count()];
    if (!nothingToSay) {
      Between between = new Between(looks(from), looks(to), moves);
      for (int i = 0; i < efforts.length; i++) {
        if (!moments.get(i).is(Moment.Sign.FIRST)) {
          efforts[i] = between.efforts(moments.get(i));
        }
      }
    }
    return efforts;
  }

  /** Whether the hand can go so: while it waits over open strings it stands where it stood. */
  public static boolean canGo(Placement from, Placement to) {
    return to.usesHand() || waitsWhereItStood(from, to);
  }

  private static boolean waitsWhereItStood(Placement from, Placement to) {
    return from.hand() == to.hand() && from.frame().region() == to.frame().region();
  }
}
