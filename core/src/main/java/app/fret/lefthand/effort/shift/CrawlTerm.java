package app.fret.lefthand.effort.shift;

import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import java.util.Locale;

/**
 * Crawl: one finger is the anchor, the hand widens or closes, the rest follows; no shift. Only
 * where the player allows it.
 *
 * <p>Unit: mm between the two fingers (common practice, no source).
 */
public final class CrawlTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader("crawl", "crawling", "mm", Facets.HASTE, MoveLook.FINGERS);

  private static final double AT_ALL = 0.22;
  private static final double PER_MM = 0.003;
  private static final double IN_HASTE = 0.20;

  private final Crawl crawl;

  /** The term as it is for a player. */
  public CrawlTerm(Crawl crawl) {
    this.crawl = crawl;
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return handTravels && !stringChanges;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    return crawl.joins(from, to)
        ? AT_ALL + PER_MM * crawl.spanMm(from, to) + IN_HASTE * moment.haste()
        : 0;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return String.format(
        Locale.ROOT,
        "The hand opens from finger %s to finger %s over %.0f mm and follows, without a shift.",
        from.top().finger().sign(),
        to.top().finger().sign(),
        crawl.spanMm(from, to));
  }
}
