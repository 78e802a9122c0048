package app.fret.lefthand.advice;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.shift.Crawl;
import app.fret.lefthand.hand.Placement;
import app.fret.score.Finger;
import java.util.ArrayList;
import java.util.List;

/**
 * A place where the hand opens or closes instead of shifting.
 *
 * @param fromNote number of the note before
 * @param toNote number of the note after
 * @param anchor finger that stays while the hand opens
 * @param spanMm distance between the two fingers, in mm
 */
public record CrawlStep(int fromNote, int toNote, Finger anchor, double spanMm) {
  static List<CrawlStep> of(Player player, List<Placement> path) {
    Crawl crawl = new Crawl(player);
    List<CrawlStep> steps = new ArrayList<>();
    for (int i = 1; i < path.size(); i++) {
      Placement from = path.get(i - 1);
      Placement to = path.get(i);
      if (from.usesHand() && to.usesHand() && crawl.joins(from, to)) {
        steps.add(new CrawlStep(i - 1, i, from.top().finger(), crawl.spanMm(from, to)));
      }
    }
    return steps;
  }
}
