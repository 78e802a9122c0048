package app.fret.practice.trial;

import java.util.ArrayList;
import java.util.List;

/**
 * Passes of two ways, played in the order A B B A so that neither is always the warmer one.
 *
 * <p>Two passes side by side are a pair. A pair tells when one way was clean and the other missed.
 * The trial ends as soon as one way leads by {@link #LEAD} pairs that tell, or after {@link
 * #MOST_PAIRS} pairs. Source: Wald's sequential probability ratio test, 1945, with the bounds of
 * {@link SequentialTest}. It separates, it does not prove: ways that are equal come apart too,
 * about three times of five by the end.
 *
 * @param passes passes in the order they were played
 */
public record Trial(List<Pass> passes) {
  /** Pairs by which a way must lead. */
  public static final int LEAD = 3;

  /** Most pairs that are played. */
  public static final int MOST_PAIRS = 20;

  private static final int ROUND = 4;

  public Trial {
    passes = List.copyOf(passes);
  }

  /** A pass of one of the ways. */
  public record Pass(Way way, boolean clean) {}

  /** Where a trial stands. */
  public enum Verdict {
    /** Neither way leads by enough; go on. */
    OPEN,
    /** The first way leads. */
    A_LEADS,
    /** The second way leads. */
    B_LEADS,
    /** All pairs are played and neither leads by enough: what was done before stays. */
    UNDECIDED
  }

  /** The way that is played next: A B, then B A. */
  public Way next() {
    int place = passes.size() % ROUND;
    return place == 0 || place == ROUND - 1 ? Way.A : Way.B;
  }

  /** Pairs that were played whole. */
  public int pairs() {
    return passes.size() / 2;
  }

  /** By how many pairs the first way leads; below 0 when the second does. */
  public int leadOfA() {
    return leads().isEmpty() ? 0 : leads().get(leads().size() - 1);
  }

  private List<Integer> leads() {
    List<Integer> leads = new ArrayList<>();
    int lead = 0;
    for (int pair = 0; pair < pairs(); pair++) {
      Pass one = passes.get(2 * pair);
      Pass other = passes.get(2 * pair + 1);
      if (one.clean() != other.clean()) {
        Way better = one.clean() ? one.way() : other.way();
        lead += better == Way.A ? 1 : -1;
      }
      leads.add(lead);
    }
    return leads;
  }

  /** Where it stands; what came first decides. */
  public Verdict verdict() {
    for (int lead : leads()) {
      if (Math.abs(lead) >= LEAD) {
        return lead > 0 ? Verdict.A_LEADS : Verdict.B_LEADS;
      }
    }
    return pairs() >= MOST_PAIRS ? Verdict.UNDECIDED : Verdict.OPEN;
  }

  /** How often a way was played. */
  public int played(Way way) {
    return (int) passes.stream().filter(p -> p.way() == way).count();
  }

  /** How often a way was clean. */
  public int clean(Way way) {
    return (int) passes.stream().filter(p -> p.way() == way && p.clean()).count();
  }
}
