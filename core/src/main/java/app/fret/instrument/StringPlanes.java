package app.fret.instrument;

/**
 * The planes in which the bow plays each string, as angles.
 *
 * <p>The outer strings lie on the arch of the bridge: seen from its centre they are {@code 2
 * asin(spacing / 2R)} apart, and the others divide that evenly. Source: plane geometry; radius and
 * spacing are common practice.
 *
 * @param stringCount strings
 * @param archRadiusMm radius of the bridge's arch, in mm
 * @param outerSpacingMm distance of the outer strings at the bridge, in mm
 */
public record StringPlanes(int stringCount, double archRadiusMm, double outerSpacingMm) {
  /** Margin by which a bow clears a neighbouring string, in degrees. */
  private static final double MARGIN_DEGREES = 2.5;

  /** The planes of an instrument. */
  public static StringPlanes of(Instrument instrument) {
    InstrumentCustoms customs = Instruments.customs(instrument.name());
    return new StringPlanes(
        instrument.stringCount(), customs.archRadiusMm(), customs.outerSpacingMm());
  }

  /** Angle between neighbouring strings, in degrees. */
  public double betweenDegrees() {
    double outer = 2 * Math.asin(outerSpacingMm / (2 * archRadiusMm));
    return Math.toDegrees(outer) / (stringCount - 1);
  }

  /** Angle at which a string is played alone, in degrees from the middle; string I is positive. */
  public double degrees(int string) {
    return ((stringCount + 1) / 2.0 - string) * betweenDegrees();
  }

  /** By how much the bow may lean to either side of that and still clear its neighbours. */
  public double leanDegrees() {
    return Math.max(0, betweenDegrees() / 2 - MARGIN_DEGREES);
  }
}
