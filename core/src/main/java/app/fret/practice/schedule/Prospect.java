package app.fret.practice.schedule;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * How likely a passage will be ready on its date: a logistic function of what its log shows, fitted
 * on invented students of several kinds; see docs/practice-model.md for what it came to on others.
 */
public final class Prospect {
  /** How many figures {@link #figures} gives. */
  public static final int FIGURES = 11;

  private static final String WEIGHT = "prospect.weight-";

  private Prospect() {}

  /**
   * What the log of a passage shows of its date.
   *
   * @param due its date, not before today
   */
  public static double[] figures(Standing standing, LocalDate today, LocalDate due) {
    double days = ChronoUnit.DAYS.between(today, due);
    int contacts = standing.contacts().size();
    double soFar =
        contacts == 0 ? 1 : ChronoUnit.DAYS.between(standing.contacts().get(0), today) + 1;
    double then = Forecast.theta(standing, days * Math.min(1, contacts / soFar));
    double tries = standing.coldTries();
    double cold = (standing.coldClean() + 1.0) / (tries + 2) - 0.5;
    double ahead = Math.log1p(days);
    return new double[] {
      1,
      then,
      standing.theta(),
      cold,
      tries / Model.count("prospect.cold-tries"),
      standing.hasPassedTheTarget() ? 1 : 0,
      ahead,
      Math.log1p(contacts),
      standing.cleanLately() - 0.5,
      Math.min(3, standing.highestSpotScore()),
      cold * ahead
    };
  }

  /** The chance, 0 to 1. */
  static double of(Standing standing, LocalDate today, LocalDate due) {
    double[] figures = figures(standing, today, due);
    double sum = 0;
    for (int i = 0; i < FIGURES; i++) {
      sum += Model.figure(WEIGHT + i) * figures[i];
    }
    return 1 / (1 + Math.exp(-sum));
  }
}
