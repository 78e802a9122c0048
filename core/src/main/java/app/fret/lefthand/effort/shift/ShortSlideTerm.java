package app.fret.lefthand.effort.shift;

import app.fret.instrument.HandFrame;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import java.util.List;
import java.util.Locale;

/**
 * Short slides: a shift of a few mm onto a note that the hand could have reached where it stood
 * sings no more and is heard. Silent where the profile allows no slides of its own.
 *
 * <p>Unit: share of the least way that is worth a slide (common practice, no source).
 */
public final class ShortSlideTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "short-slide",
          "slides that reach nothing new",
          "share of 35 mm",
          Facets.of(Facet.SILENCE),
          MoveLook.ALL);

  private static final double AT_MOST = 0.50;
  private static final double WORTH_IT_MM = 35;

  private final StringGeometry geometry;

  /** The term as it is for a player. */
  public ShortSlideTerm(Player player) {
    this.geometry = player.instrument().geometry();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return handTravels && !moment.comesAfterRest();
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    boolean slides = from.isSingle() && to.isSingle() && from.usesHand() && to.usesHand();
    if (!slides || from.hand() == to.hand() || moment.comesAfterRest()) {
      return 0;
    }
    double travelMm = geometry.spanMm(from.hand(), to.hand());
    boolean isShort = travelMm < WORTH_IT_MM && to.top().isPressed();
    return isShort && reaches(from, to.top()) ? AT_MOST * (1 - travelMm / WORTH_IT_MM) : 0;
  }

  /** Whether a finger of the hand at rest stands on the note already. */
  private static boolean reaches(Placement hand, Stop note) {
    return hand.frame().reaches().values().stream()
        .flatMap(List::stream)
        .filter(r -> r.use() == HandFrame.Use.ORDINARY)
        .anyMatch(r -> hand.base() + r.offset() == note.place());
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return String.format(
        Locale.ROOT,
        "A slide of %.0f mm to a note that lies under the hand already.",
        geometry.spanMm(from.hand(), to.hand()));
  }
}
