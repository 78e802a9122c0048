package app.fret.lefthand.moment;

import app.fret.lefthand.moment.Moment.Sign;
import app.fret.lefthand.moment.Moment.Signs;

/**
 * Some sides of a moment.
 *
 * @param bits one bit a {@link Facet}
 * @param signs those signs whose presence counts
 */
public record Facets(int bits, Signs signs) {
  /** Nothing of the moment. */
  public static final Facets NONE = new Facets(0, Signs.NONE);

  /** What {@link Moment#haste()} is worked out from. */
  public static final Facets HASTE = of(Facet.PREVIOUS, Facet.SILENCE);

  /** These facets. */
  public static Facets of(Facet... facets) {
    int bits = 0;
    for (Facet facet : facets) {
      bits |= 1 << facet.ordinal();
    }
    return new Facets(bits, Signs.NONE);
  }

  /** These signs. */
  public static Facets of(Sign... signs) {
    return NONE.and(signs);
  }

  /** These and more facets. */
  public Facets and(Facet... more) {
    return and(of(more));
  }

  /** These and more signs. */
  public Facets and(Sign... more) {
    Signs all = signs;
    for (Sign sign : more) {
      all = all.with(sign);
    }
    return new Facets(bits, all);
  }

  /** These and those. */
  public Facets and(Facets more) {
    return new Facets(bits | more.bits, new Signs(signs.bits() | more.signs.bits()));
  }

  /** Whether a facet is among them. */
  public boolean contain(Facet facet) {
    return (bits & 1 << facet.ordinal()) != 0;
  }

  /** Whether a sign is among them. */
  public boolean contain(Sign sign) {
    return signs.contain(sign);
  }
}
