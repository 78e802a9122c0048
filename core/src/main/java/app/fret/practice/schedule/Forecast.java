package app.fret.practice.schedule;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * The day a passage will be ready, with the band in which it falls eight times of ten on simulated
 * learners; see docs/practice-model.md for how often it really did.
 *
 * @param low first day of the band
 * @param mid the day itself
 * @param high last day of the band
 * @param isProvisional whether it rests on few days
 * @param mayBeNever whether the last day is so far off that it may be not at all
 */
public record Forecast(
    LocalDate low, LocalDate mid, LocalDate high, boolean isProvisional, boolean mayBeNever) {
  private static final int LONGEST_DAYS = 20 * 365;

  /** The forecast for a passage; empty where it cannot be told yet. */
  static Optional<Forecast> of(Standing standing, LocalDate today) {
    int contacts = standing.contacts().size();
    boolean silent =
        standing
            .lastContact()
            .map(last -> ChronoUnit.DAYS.between(last, today) > figure("silence-days"))
            .orElse(true);
    if (contacts < figure("from-days") || silent) {
      return Optional.empty();
    }
    double days = daysLeft(standing, contacts, today);
    boolean early = contacts < figure("sure-from-days");
    String of = early ? "early-" : "";
    LocalDate high = after(today, days, of + "high");
    boolean never =
        standing
            .item()
            .due()
            .map(
                due ->
                    ChronoUnit.DAYS.between(today, high) > 2 * ChronoUnit.DAYS.between(today, due))
            .orElse(false);
    return Optional.of(
        new Forecast(
            after(today, days, of + "low"), after(today, days, of + "mid"), high, early, never));
  }

  /** Whether its band is narrow enough to act on. */
  boolean isOfUse() {
    return ChronoUnit.DAYS.between(low, high) <= figure("widest-days");
  }

  private static double figure(String name) {
    return Model.figure("forecast." + name);
  }

  /** Days until the gap to the ceiling has closed as far as it must, at the pace so far. */
  private static double daysLeft(Standing standing, int contacts, LocalDate today) {
    double gap = gap(standing.theta());
    double goalGap = figure("ceiling") - figure("goal");
    double contactsLeft = Math.max(1, Math.log(gap / goalGap) / pace(standing));
    long soFar = ChronoUnit.DAYS.between(standing.contacts().get(0), today) + 1;
    return contactsLeft * soFar / contacts;
  }

  /** What is missing to the ceiling, at least a little. */
  private static double gap(double theta) {
    return Math.max(figure("least-gap"), figure("ceiling") - theta);
  }

  /** How quickly the gap closes by a day of contact, drawn towards the usual while days are few. */
  private static double pace(Standing standing) {
    int contacts = standing.contacts().size();
    double closed = Math.log(gap(standing.theta0()) / gap(standing.theta()));
    return Math.max(
        figure("least-rate"), (closed + figure("prior-gain")) / (contacts + figure("prior-days")));
  }

  /** The estimate after so many more days of contact at the pace so far. */
  static double theta(Standing standing, double contactsLeft) {
    return figure("ceiling") - gap(standing.theta()) * Math.exp(-pace(standing) * contactsLeft);
  }

  private static LocalDate after(LocalDate today, double days, String share) {
    double offset = figure("offset-days");
    double ahead = (days + offset) * figure(share) - offset;
    return today.plusDays(Math.min(LONGEST_DAYS, Math.max(0, Math.round(ahead))));
  }
}
